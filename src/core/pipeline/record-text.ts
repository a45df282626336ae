// A text in records, 'Stem: …', 'Key: …', read as a table where the running text leaves names of theirs in its questions.
import { gather, gatherText, type Gathered } from '../gathering';
import type { Item, Opened } from '../model';
import { asTable, readRecords } from '../readers';
import { sheetWith } from '../shared/sheet';

/** Longer texts are looked at in one way alone. */
const MOST_LINES = 5000;

const textsOf = ({ stem, options = [], explanation }: Item): string[] =>
  [stem, ...options.map(({ text }) => text), explanation].flatMap((text) => text?.plain ?? []);

/** Questions that nothing stops, and that say something besides their text. */
function wholeOnes({ items, findings }: Gathered): Item[] {
  const faulty = new Set(findings.filter(({ level }) => level === 'block').map(({ item }) => item));
  return items.filter(({ id, kind }) => !faulty.has(id) && kind !== 'open');
}

/** How many questions hold a name of the records in one of their texts. */
const leftIn = (items: readonly Item[], names: readonly string[]): number =>
  items.filter((item) =>
    textsOf(item).some((text) => names.some((name) => text.includes(`${name}:`))),
  ).length;

/** The source as records, where it is a text of such and is understood better so; else as it is. */
export function asRecords(opened: Opened): Opened {
  if (opened.is !== 'document' || opened.document.lines.length > MOST_LINES) {
    return opened;
  }
  const { file, lines } = opened.document;
  const records = readRecords(
    file,
    lines.map(({ text }) => text),
  );
  if (!records) {
    return opened;
  }
  let n = 0;
  const options = { overrule: {}, newId: (): string => `try-${++n}` };
  const table = { file, format: 'txt' as const, sheets: [sheetWith(records)], findings: [] };
  const typed = wholeOnes(gatherText(opened.document, options));
  const parted = wholeOnes(gather(table, options));
  const isLeft = leftIn(typed, records.rows[0]!) > 0;
  const isBetter = parted.length > typed.length || (isLeft && parted.length >= typed.length);
  return isBetter ? asTable(table) : opened;
}
