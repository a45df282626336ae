// Columns beside texts with gaps: the words that go in, and those that are only offered.
import { takenFor, type Assigned } from './assign';
import { filledOf } from './column-words';
import type { Meaning, TableView } from './contract';

const GAP = /_{2,}|\.{4,}|…{2,}/gu;
const gapsIn = (text: string): number => text.match(GAP)?.length ?? 0;
const BETWEEN_WORDS = /\s*[,;|/\n]\s*/u;
const FEWEST_GAPPED = 3;
/** How sure it is that what has a word for each gap fills them. */
const FILLS = 0.9;
const ANSWERS_GAPS: ReadonlySet<Meaning> = new Set<Meaning>([
  'accepted',
  'definition',
  'key',
  'option',
  'options',
  'right',
  'value',
]);

/** A table of texts with gaps that nothing answers: a column that has as many words in each row as its text has gaps fills them. */
export function withGapWords(
  { columns, rows, blank }: TableView,
  assigned: readonly Assigned[],
  said: ReadonlyMap<number, Meaning>,
): Assigned[] {
  const stem = assigned.findIndex(({ meaning }) => meaning === 'stem');
  const isAnswered = assigned.some(({ meaning }) => ANSWERS_GAPS.has(meaning));
  const gaps = (columns[stem]?.texts ?? []).map(gapsIn);
  const hasSeveral = gaps.some((count) => count > 1) && gaps.every((count) => count > 0);
  if (blank || rows < FEWEST_GAPPED || isAnswered || !hasSeveral) {
    return [...assigned];
  }
  const words = columns.findIndex(
    ({ texts }, column) =>
      column !== stem &&
      !said.has(column) &&
      texts.every((text, row) => text.split(BETWEEN_WORDS).filter(Boolean).length === gaps[row]),
  );
  return assigned.map((one, column) => (column === words ? takenFor(one, 'accepted', FILLS) : one));
}

/** How sure it is that what is left when every gap has its column is offered besides. */
const OFFERED = 0.9;

/** Texts with gaps and more columns of answers than any of them has gaps: the last one, which lists words, offers them besides. */
export function withExtraWords(
  { columns, blank }: TableView,
  assigned: readonly Assigned[],
  said: ReadonlyMap<number, Meaning>,
): Assigned[] {
  const stem = assigned.findIndex(({ meaning }) => meaning === 'stem');
  const most = Math.max(0, ...(columns[stem]?.texts ?? []).map(gapsIn));
  const answers = assigned.flatMap(({ meaning }, at) => (meaning === 'accepted' ? [at] : []));
  const last = answers.at(-1);
  const listsWords =
    last !== undefined &&
    filledOf(columns[last]!).some((text) => text.split(BETWEEN_WORDS).filter(Boolean).length > 1);
  if (blank || most < 1 || answers.length !== most + 1 || !listsWords || said.has(last)) {
    return [...assigned];
  }
  return assigned.map((one, at) => (at === last ? takenFor(one, 'wrongs', OFFERED) : one));
}
