// What no table of questions is without: a column that asks, and more than one option where there are any.
import type { Role } from '../model';
import { stepsIn } from '../shared/table/separators';
import { takenFor, type Assigned } from './assign';
import { filledOf, isRepeated, says } from './column-words';
import { roleOfMeaning, type Meaning, type TableView } from './contract';
import { labelOf } from './heading-words';
import { listedBesideOptions } from './listed-beside';
import { MAY_TELL } from './passages';

/** A single row shows nothing. */
const LEAST_ROWS = 2;

/** What a column of questions may be taken for by its heading, where the words are the maker's own: 'Clue'. */
const MAY_ASK: ReadonlySet<Meaning> = new Set(['hint', 'title', 'explanation', 'ignore', 'tag']);
const ASKS = 0.6;
const LONG = 8;

/** A table of rows in which no column asks, with the longest of those that may ask taken for the questions. */
export function withStem(
  { columns, rows, blank }: TableView,
  assigned: readonly Assigned[],
  said: ReadonlyMap<number, Meaning>,
): Assigned[] {
  const isAsked = assigned.some(({ meaning }) => roleOfMeaning(meaning) === 'stem');
  const length = (column: number): number =>
    columns[column]!.texts.reduce((sum, text) => sum + text.length, 0) / Math.max(1, rows);
  const longestOf = (mayAsk: (meaning: Meaning, column: number) => boolean): number | undefined =>
    assigned
      .flatMap(({ meaning }, column) =>
        mayAsk(meaning, column) && !said.has(column) && length(column) >= LONG ? [column] : [],
      )
      .sort((a, b) => length(b) - length(a))[0];
  // What is different in each row groups none of them.
  const longest =
    longestOf((meaning) => MAY_ASK.has(meaning)) ??
    longestOf((meaning, column) => meaning === 'category' && !isRepeated(columns[column]!));
  if (isAsked || blank || rows < LEAST_ROWS || longest === undefined) {
    return [...assigned];
  }
  return assigned.map((one, column) => (column === longest ? takenFor(one, 'stem', ASKS) : one));
}

const OFFERING: ReadonlySet<Meaning> = new Set(['options', 'right', 'wrong', 'wrongs']);
/** How sure it is that a lone column of what looks like options is the answer. */
const ANSWERS = 0.7;

/** One option alone offers no choice: it is the answer, whatever its texts look like. */
export function withoutLoneOption(
  assigned: readonly Assigned[],
  said: ReadonlyMap<number, Meaning>,
): Assigned[] {
  const options = assigned.filter(({ meaning }) => meaning === 'option');
  const isLone = options.length === 1 && !assigned.some(({ meaning }) => OFFERING.has(meaning));
  return assigned.map((one, column) => {
    if (!isLone || one.meaning !== 'option' || said.has(column)) {
      return one;
    }
    const p = one.others.find(({ meaning }) => meaning === 'accepted')?.p ?? 0;
    return takenFor(one, 'accepted', Math.max(p, ANSWERS));
  });
}

/** What is beside an answer, and answers nothing by itself. */
const BESIDE: ReadonlySet<Role> = new Set<Role>([
  'stem',
  'ignore',
  'number-in-file',
  'ref',
  'kind',
  'category',
  'tags',
  'points',
  'seconds',
  'explanation',
  'hint',
  'lines',
  'image',
  'by',
  'at',
]);
/** So likely a column is an option by its cells before it is taken for the answer. */
const OFFERS = 0.5;

/** Questions beside which nothing answers: the one column left aside that looks like options holds their answers. */
export function withAnswer(
  { blank, rows }: TableView,
  assigned: readonly Assigned[],
  said: ReadonlyMap<number, Meaning>,
): Assigned[] {
  const roles = assigned.map(({ meaning }) => roleOfMeaning(meaning));
  const isOpen = roles.includes('stem') && roles.every((role) => BESIDE.has(role));
  const left = assigned.flatMap(({ meaning, others }, column) =>
    meaning === 'ignore' &&
    !said.has(column) &&
    others.some((other) => other.meaning === 'option' && other.p > OFFERS)
      ? [column]
      : [],
  );
  return blank || rows < LEAST_ROWS || !isOpen || left.length !== 1
    ? [...assigned]
    : assigned.map((one, column) =>
        column === left[0] ? takenFor(one, 'accepted', ANSWERS) : one,
      );
}

/** One step alone is in no order: it is what answers, unless its cells list several. */
export function withoutLoneStep(
  { columns, rows, blank }: TableView,
  assigned: readonly Assigned[],
  said: ReadonlyMap<number, Meaning>,
): Assigned[] {
  const steps = assigned.flatMap(({ meaning }, column) => (meaning === 'step' ? [column] : []));
  const [lone] = steps;
  const hasSeveral = (column: number): boolean =>
    columns[column]!.texts.some((text) => stepsIn(text).length > 1);
  if (blank || rows < LEAST_ROWS || steps.length !== 1 || said.has(lone!) || hasSeveral(lone!)) {
    return [...assigned];
  }
  return assigned.map((one, column) =>
    column === lone ? takenFor(one, 'accepted', ANSWERS) : one,
  );
}

/** What explains the whole question, or one option of it alone. */
const EXPLAINING: ReadonlySet<Meaning> = new Set(['feedback', 'explanation']);

/** Whether a column is called feedback, and by no number or letter that of one option. */
const isOfNone = ({ columns }: TableView, column: number): boolean =>
  labelOf(columns[column]!.heading) === undefined;

/**
 * One column of feedback alone is that of the whole question: nobody explains a single option. It is kept where options stand on
 * both sides of it, since others may be without.
 */
export function withoutLoneFeedback(
  view: TableView,
  assigned: readonly Assigned[],
  said: ReadonlyMap<number, Meaning>,
): Assigned[] {
  const explaining = assigned.flatMap(({ meaning }, column) =>
    EXPLAINING.has(meaning) ? [column] : [],
  );
  const [lone] = explaining;
  // Asked last, since it looks at every cell.
  const isListed = (): boolean =>
    listedBesideOptions(view).some(([column]) => column === view.columns[lone!]);
  const isAmongOptions = assigned[lone! + 1]?.meaning === 'option';
  const isOther = explaining.length !== 1 || said.has(lone!) || isAmongOptions;
  if (isOther || !isOfNone(view, lone!) || isListed()) {
    return [...assigned];
  }
  return assigned.map((one, column) => {
    if (column !== lone) {
      return one;
    }
    const other = one.meaning === 'feedback' ? 'explanation' : 'feedback';
    const p = one.p + (one.others.find(({ meaning }) => meaning === other)?.p ?? 0);
    const others = one.others.filter(({ meaning }) => meaning !== other);
    return { meaning: 'explanation', p, others };
  });
}

const MOSTLY = 0.8;
const PAIR = 2;
/** How sure it is that two columns without headings are terms and what belongs to them. */
const BELONGS = 0.9;
const BELONGS_PERHAPS = 0.7;
/** What the other column of a pair may be told to be by its cells, as long as no heading says so. */
const UNTOLD: ReadonlySet<Meaning> = new Set([
  ...MAY_TELL,
  'stem',
  'term',
  'category',
  'tags',
  'ref',
  'number-in-file',
  'by',
  'at',
]);
const HEADED = 0.5;
const NUMBERED = /^\(?\d{1,3}[.):]?$/u;

/** Whether a column holds texts or numbers that belong to the other one's: filled, hardly repeated, and no count of rows. */
function mayBelong(column: TableView['columns'][number]): boolean {
  const filled = filledOf(column);
  const isCount = filled.every(
    (text, index) => NUMBERED.test(text) && parseInt(text.replace('(', ''), 10) === index + 1,
  );
  return filled.length >= column.texts.length * MOSTLY && !isRepeated(column) && !isCount;
}

/** Whether a heading names what its column is for; of two columns none is there to be left out. */
const isNamed = (column: TableView['columns'][number], meaning: Meaning): boolean =>
  meaning !== 'ignore' && says(column, meaning) >= HEADED;

const ENDS_AS_SENTENCE = /[?？؟!.:;]\s*$|_{2}/u;
const FEW_WORDS = 4;

/** Whether texts are words and short phrases that ask nothing. */
const areTerms = (column: TableView['columns'][number]): boolean =>
  filledOf(column).every(
    (text) => !ENDS_AS_SENTENCE.test(text) && text.split(/\s+/u).length <= FEW_WORDS,
  );

const ASKING: ReadonlySet<Role> = new Set(['stem', 'left']);
/** Whether the cells of a column are words or texts, and no numbers. */
const holdsWords = (column: TableView['columns'][number]): boolean =>
  column.texts.filter((text) => /\p{L}{2}/u.test(text)).length >= column.texts.length * MOSTLY;

/** What a pair is taken for: where nothing answers, or where unheaded words stand beside words, the two sides of cards. */
function pairOdds(
  columns: TableView['columns'],
  assigned: readonly Assigned[],
): readonly [number, number] | undefined {
  const meanings = assigned.map(({ meaning }) => meaning);
  const isHeaded = columns.some(({ heading }) => heading !== '');
  const asks = meanings.some((meaning) => ASKING.has(roleOfMeaning(meaning)));
  const isUntold =
    meanings.every((meaning) => UNTOLD.has(meaning)) &&
    columns.every((column, at) => mayBelong(column) && !isNamed(column, meanings[at]!));
  if (isUntold || (!asks && columns.every(holdsWords))) {
    const p = isHeaded || !asks ? BELONGS_PERHAPS : BELONGS;
    return [p, p];
  }
  const areWords = !isHeaded && meanings.join() === 'stem,accepted' && columns.every(areTerms);
  return areWords ? [assigned[0]!.p, assigned[1]!.p] : undefined;
}

/** Two columns and no heading that says what they are: terms and definitions, unless the one asks and the other answers. */
export function withPair(
  { columns, rows, blank }: TableView,
  assigned: readonly Assigned[],
  said: ReadonlyMap<number, Meaning>,
): Assigned[] {
  const isPair = columns.length === PAIR && !blank && rows >= LEAST_ROWS && said.size === 0;
  const odds = isPair ? pairOdds(columns, assigned) : undefined;
  return odds
    ? [takenFor(assigned[0]!, 'term', odds[0]), takenFor(assigned[1]!, 'definition', odds[1])]
    : [...assigned];
}
