// The first half of the road: from a source to questions, findings and the reading.
import type {
  Finding,
  Item,
  KeptReading,
  Opened,
  Overrule,
  ReadAs,
  Surroundings,
  Table,
} from '../model';
import { checkItem, checkTogether } from '../checks';
import { gather, gatherStated, gatherText, type Gathered } from '../gathering';
import { fileOf, openFile, openHtml, openText, readableAs } from '../readers';

export { findingsOf as problemsOf } from '../readers';
import { asContributed } from './contributed';
import { defined } from '../shared/defined';
import { promiseUnmet } from './promises';
import { signsLeft } from './left-signs';
import { asRecords } from './record-text';
import { withTables } from './text-and-tables';
import { asSheetOfLines, mayHoldLines } from './typed-sheet';
import { asTyped } from './typed-text';
import { say } from '../shared/say';

export { readingToKeep, type Gathered } from '../gathering';
export { editDocument, looksOfDocument, textOfDocument, type ShownLook } from '../readers';

/** A source: a file's bytes, or text from the clipboard, where the same copy may be there as HTML too. */
export type Source =
  { name: string; bytes: Uint8Array } | { name: string; text: string; html?: string };

/** Reads a source by its contents; what the user overruled is held to. */
export async function openSource(source: Source, overrule: Overrule = {}): Promise<Opened> {
  const options = defined({
    encoding: overrule.encoding,
    separator: overrule.separator,
    as: overrule.as,
  });
  const said = overrule.as !== undefined || overrule.separator !== undefined;
  if ('bytes' in source) {
    return openBytes(source, { options, said, as: overrule.as });
  }
  const text = openText(source.name, source.text, options);
  const opened = said
    ? text
    : asRecords(await asTyped(text, () => openText(source.name, source.text, AS_TEXT)));
  return source.html && !said ? betterOf(openHtml(source.name, source.html), opened) : opened;
}

type Said = {
  options: Parameters<typeof openFile>[1];
  /** Whether a person said how it is to be read. */
  said: boolean;
  as: ReadAs | undefined;
};

/** Reads a file: a text by its lines or columns, whatever has cells as the table or the text in them. */
async function openBytes(
  source: Extract<Source, { bytes: Uint8Array }>,
  { options, said, as }: Said,
): Promise<Opened> {
  const opened = await openFile(source, options);
  if (/\.(?:txt|md)$/i.test(source.name)) {
    return said
      ? opened
      : asRecords(await asTyped(opened, () => openFile(source, { ...options, ...AS_TEXT })));
  }
  // The lines of a text with columns are those of its cells, also where a person says that they are questions.
  const isText = opened.is === 'document' && /\.(?:csv|tsv)$/i.test(source.name);
  const inCells = isText ? await openFile(source, { ...options, as: 'table' }) : opened;
  return asSheetOfLines(inCells, as) ?? opened;
}

const AS_TEXT = { as: 'questions' } as const;

/** Of the same copy as HTML and as text, the one of which more is understood; HTML where both serve and it says more. */
function betterOf(html: Opened, text: Opened): Opened {
  let n = 0;
  const understood = (opened: Opened): number => {
    const { items, findings } = gatherOpened(opened, {}, { id: () => `try-${++n}` });
    const faulty = new Set(
      findings
        .filter((finding) => finding.level === 'block' || finding.rule === 'key-missing')
        .map((finding) => finding.item),
    );
    return (
      items.filter((item) => !faulty.has(item.id) && item.kind !== 'open').length +
      items.length / 1000
    );
  };
  const [marked, plain] = [understood(html), understood(text)];
  if (marked !== plain) {
    return marked > plain ? html : text;
  }
  return html.is === 'table' ? html : text;
}

/** The sheets of a source; none where it is running text or a package. */
export const sheetsOf = (opened: Opened): Table['sheets'] =>
  opened.is === 'table' ? opened.table.sheets : [];
/** Whether anything could be read at all. */
export function isReadable(opened: Opened): boolean {
  switch (opened.is) {
    case 'table':
      return opened.table.sheets.length > 0;
    case 'document':
      return opened.document.lines.length > 0;
    case 'stated':
      return opened.stated.items.length > 0;
  }
}

/** What the source may be read as instead. */
export function otherReadings(opened: Opened): ReadAs[] {
  const known = readableAs(opened);
  return !known.length && mayHoldLines(opened) ? ['table', 'questions'] : known;
}

const ELLIPSIS = /(?:…|\.\.\.)\s*$/u;
/** So many questions, and so much of those with options, that end in an ellipsis are begun sentences and not cut ones. */
const BEGUN = 2;
const BEGUN_SHARE = 0.3;

/** Whether questions end in an ellipsis as their neighbours do. */
function beginsSentences(items: readonly Item[]): boolean {
  const choices = items.filter(({ options }) => options);
  const begun = choices.filter(({ stem }) => ELLIPSIS.test(stem.plain));
  return begun.length >= BEGUN && begun.length >= choices.length * BEGUN_SHARE;
}

/** What the checks of single questions and of all together add to what gathering found; a field is spoken of once. */
function withChecks(gathered: Gathered): Finding[] {
  const shifted = new Set(
    gathered.findings
      .filter((finding) => finding.rule === 'columns-shifted')
      .map((finding) => finding.item),
  );
  const found: Finding[] = [];
  const begun = beginsSentences(gathered.items);
  const isCried = ({ rule, field }: Finding): boolean =>
    begun && rule === 'text-cut' && field === 'stem';
  for (const item of gathered.items.filter(({ id }) => !shifted.has(id))) {
    for (const finding of checkItem(item).filter((one) => !isCried(one))) {
      found.push(finding);
    }
  }
  for (const finding of checkTogether(gathered.items)) {
    found.push(finding);
  }
  if (!found.length) {
    return found;
  }
  const spoken = new Set(gathered.findings.map((finding) => `${finding.item} ${finding.field}`));
  const places = new Map(gathered.items.map((item) => [item.id, item.origin]));
  return found
    .filter(
      (finding) => !spoken.has(`${finding.item} ${finding.field}`) || finding.field === 'stem',
    )
    .map((finding) => ({
      ...finding,
      where: whereOf(finding.item ? places.get(finding.item) : undefined),
    }));
}

/** The place of a question in its source: its cell where it has one, else its line. */
function whereOf(origin: Item['origin']): NonNullable<Finding['where']> {
  return defined({
    file: origin?.file || undefined,
    sheet: origin?.sheet || undefined,
    cell: origin?.cell || undefined,
    line: origin?.cell ? undefined : origin?.row || undefined,
  });
}

type Asked = Pick<Surroundings, 'id'> & {
  progress?: (done: number, of: number) => void;
  /** What was said of earlier sources. */
  kept?: readonly KeptReading[];
};

/** The questions of whatever was opened, before any check. */
function gatherAny(opened: Opened, overrule: Overrule, { id, progress, kept }: Asked): Gathered {
  const options = defined({ overrule, newId: id, progress, kept });
  switch (opened.is) {
    case 'table':
      return gather(opened.table, options);
    case 'document':
      return gatherText(opened.document, options);
    case 'stated':
      return gatherStated(opened.stated, options);
  }
}

const noQuestions = (file: string): Finding => ({
  rule: 'no-questions',
  level: 'warn',
  where: { file },
  message: say(
    'No question was found in {file}: it could be read, but nothing in it is filled. Bring another sheet or file.',
    { file },
  ),
});

/** A reading of which it is not sure what it is read as, unless a person said so. */
const withDoubt = (reading: Gathered['reading'], overrule: Overrule): Gathered['reading'] =>
  overrule.as || overrule.manner || reading.unsure.includes('as')
    ? reading
    : { ...reading, unsure: ['as', ...reading.unsure] };

/** Understands a source that is open already; used again after each overruling. */
export function gatherOpened(opened: Opened, overrule: Overrule, surroundings: Asked): Gathered {
  const any = withTables(
    opened,
    () => gatherAny(opened, overrule, surroundings),
    overrule,
    surroundings,
  );
  const gathered = opened.is === 'table' ? asContributed(opened.table, any) : any;
  const isSilent = gathered.findings.every(({ level }) => level === 'note');
  const more =
    !gathered.items.length && isSilent ? [noQuestions(fileOf(opened))] : withChecks(gathered);
  const unmet = promiseUnmet(opened, gathered.items.length, fileOf(opened));
  const left = opened.is === 'stated' ? [] : signsLeft(gathered.items, fileOf(opened));
  return {
    ...gathered,
    findings: [...gathered.findings, ...unmet, ...left, ...more],
    reading: left.length ? withDoubt(gathered.reading, overrule) : gathered.reading,
  };
}

/** Understands a table. */
export const gatherTable = (
  table: Table,
  overrule: Overrule,
  surroundings: Pick<Surroundings, 'id'>,
): Gathered => gatherOpened({ is: 'table', table }, overrule, surroundings);

/** From a source to questions, findings and the reading. */
export async function gatherSource(
  source: Source,
  overrule: Overrule,
  surroundings: Pick<Surroundings, 'id'>,
): Promise<Gathered> {
  return gatherOpened(await openSource(source, overrule), overrule, surroundings);
}
