// A document that holds questions in its running text and in tables among it: both are read, where each is understood by itself.
import { gather, gatherText, type Gathered } from '../gathering';
import type { Apart, Finding, Item, Opened, Overrule, Surroundings, Table } from '../model';
import { defined } from '../shared/defined';
import { quoted } from '../shared/plain';
import { say } from '../shared/say';

type Asked = Pick<Surroundings, 'id'>;

/** Whether questions were understood without a doubt and nothing stops them: a few lines beside a table are no text of questions. */
const isSure = ({ items, findings, reading }: Gathered): boolean =>
  items.length > 0 &&
  reading.unsure.length === 0 &&
  findings.every(({ level }) => level !== 'block') &&
  items.some(({ kind }) => kind !== 'open');

const WORD = /\p{L}{2}/u;
/** Whether all questions of a table ask in words and most are answered in words: a table of numbers and points is none of them. */
function areWorded({ items }: Gathered): boolean {
  const answers = items.map(({ accepted = [], options = [], pairs = [] }) =>
    [
      ...accepted,
      ...options.map(({ text }) => text.plain),
      ...pairs.map(({ right }) => right.plain),
    ].join(' '),
  );
  return (
    items.every(({ stem }) => WORD.test(stem.plain)) &&
    answers.filter((text) => WORD.test(text)).length * 2 > items.length
  );
}

const bothRead = (file: string): Finding => ({
  rule: 'text-and-tables',
  level: 'note',
  where: { file },
  message: say('{file} holds questions in its text and in tables among it; both were read.', {
    file,
  }),
});

const leftOut = ({ file, sheets }: Table): Finding => ({
  rule: 'table-left-out',
  level: 'note',
  where: { file },
  message: say(
    'The table that begins with {first} was left out as no part of the questions in the text.',
    { first: quoted(sheets[0]?.rows.flat().find(Boolean) ?? '') },
  ),
});

/** The questions of the text without its tables, where these hold none, and the text is understood as well without them. */
function withoutTables(gathered: Gathered, text: Gathered, apart: Apart): Gathered {
  const isAsGood = isSure(text) && text.items.length >= gathered.items.length;
  return isAsGood ? { ...text, findings: [...text.findings, leftOut(apart.table)] } : gathered;
}

type Placed = { item: Item; from: number; to: number };

/** The last line of each row of a table by its first: a line for each filled cell where no row follows. */
const lastLines = ({ sheets }: Table): ReadonlyMap<number, number> =>
  new Map(
    sheets.flatMap(({ rows, lines = [] }) =>
      lines.map((line, at) => [
        line,
        (lines[at + 1] ?? line + Math.max(1, rows[at]!.filter(Boolean).length)) - 1,
      ]),
    ),
  );

/** The questions of both in the order of their lines. */
function inOrder(
  text: Gathered,
  rows: Gathered,
  { table }: Apart,
): Pick<Gathered, 'items' | 'blocks'> {
  const lasts = lastLines(table);
  const typed = text.items.map((item, at): Placed => ({ item, ...text.blocks![at]! }));
  const listed = rows.items.map((item): Placed => {
    const line = item.origin?.row ?? 1;
    const origin = defined({ file: item.origin?.file, row: line });
    return { item: { ...item, origin }, from: line, to: lasts.get(line) ?? line };
  });
  const all = [...typed, ...listed].sort((a, b) => a.from - b.from);
  return {
    items: all.map(({ item }) => item),
    blocks: all.map(({ from, to }) => ({ from, to })),
  };
}

/** What is gathered from a text with what its tables hold; the `whole` as it stands where these are not understood, or a person said what to read. */
export function withTables(
  opened: Opened,
  whole: () => Gathered,
  overrule: Overrule,
  { id }: Asked,
): Gathered {
  if (opened.is !== 'document' || !opened.apart || overrule.as || overrule.lines) {
    return whole();
  }
  const { apart } = opened;
  const text = gatherText(apart.document, { overrule, newId: id });
  const rows = gather(apart.table, { overrule: {}, newId: id });
  if (!isSure(text) || !isSure(rows) || !areWorded(rows)) {
    return withoutTables(whole(), text, apart);
  }
  return {
    ...text,
    ...inOrder(text, rows, apart),
    findings: [bothRead(apart.document.file), ...text.findings, ...rows.findings],
  };
}
