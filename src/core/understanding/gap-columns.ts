// Columns beside texts with gaps: the words that go in, and those that are only offered.
import { takenFor, type Assigned } from './assign';
import { filledOf, says } from './column-words';
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

const OFFERS_WRONG: readonly Meaning[] = ['wrong', 'wrongs'];
const NAMED = 0.5;

/** What each column is where texts have as many gaps as there are filled columns taken for options: those are what goes in. */
function filling({ columns }: TableView, assigned: readonly Assigned[]): Map<number, Meaning> {
  const found = new Map<number, Meaning>();
  const stem = assigned.findIndex(({ meaning }) => meaning === 'stem');
  const own = assigned.flatMap(({ meaning }, at) => (meaning === 'option' ? [at] : []));
  const texts = columns[stem]?.texts ?? [];
  const isFilled = texts.every(
    (text, row) =>
      !text || gapsIn(text) === own.filter((at) => columns[at]!.texts[row] !== '').length,
  );
  const hasGaps = texts.some(Boolean) && texts.every((text) => !text || gapsIn(text) > 0);
  if (own.length > 1 && hasGaps && isFilled) {
    own.forEach((at) => found.set(at, 'accepted'));
    columns.forEach((column, at) => {
      if (!own.includes(at) && says(column, ...OFFERS_WRONG) > NAMED) {
        found.set(at, 'wrongs');
      }
    });
  }
  return found;
}

/** A form or table of texts with gaps, and for each gap a column that was taken for an option: what goes in, and what is offered besides. */
export function withGapAnswers(
  view: TableView,
  assigned: readonly Assigned[],
  said: ReadonlyMap<number, Meaning>,
): Assigned[] {
  const found = filling(view, assigned);
  const isTold = view.columns.some(
    (column, at) => !found.has(at) && says(column, 'key', 'verdict', 'right') > NAMED,
  );
  return assigned.map((one, at) => {
    const meaning = isTold || said.has(at) ? undefined : found.get(at);
    return meaning ? takenFor(one, meaning, FILLS) : one;
  });
}
