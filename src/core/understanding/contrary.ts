// What the cells of a column speak for or against, whatever its heading says: references that stand again and again, addresses for
// names, sentences for numbers, lists for single options, and the wording of another cell behind a letter.
import { alike } from '../shared/normalise';
import { kindOfWord } from '../shared/vocabulary/kinds';
import { verdictOf, verdictPair } from '../shared/vocabulary/verdicts';
import { isListed } from '../shared/table/separators';
import { ONE } from './assign';
import {
  MEANINGS,
  roleOfMeaning,
  SAYINGS,
  type ColumnView,
  type Meaning,
  type TableView,
} from './contract';
import { filledOf, isRepeated, says, TICK } from './column-words';
import { piecesOf } from './heading-words';
import { wordingIn } from './keys/named';
import { saying } from './saying';
import { scaled } from './scaled';
import { shownTogether } from './shown-together';

/** What stays of the odds of a meaning that cells speak against. */
const HARDLY = 1e-4;
/** Fewer rows show nothing. */
const LEAST_ROWS = 2;
const ADDRESS = /^[^\s@]+@[^\s@]+\.[^\s@]+$/u;
const COUNTED = /^[^\p{L}\d]{0,3}\d[\d.,:\s]*[^\d\s]{0,12}\.?$/u;
const NUMBERS: readonly Meaning[] = ['points', 'attempts', 'lines', 'tolerance'];
const MOSTLY = 0.8;
const NAMED = 0.5;
const SAID = 0.8;

const share = (texts: readonly string[], test: (text: string) => boolean): number =>
  texts.length < LEAST_ROWS ? 0 : texts.filter(test).length / texts.length;

const areAddresses = (column: ColumnView): boolean =>
  share(filledOf(column), (text) => ADDRESS.test(text)) >= MOSTLY;
const areNoNumbers = (column: ColumnView): boolean =>
  share(filledOf(column), (text) => !COUNTED.test(text)) > MOSTLY;
/** Whether cells hold one sign and nothing else, and some are empty. */
function areTicks(column: ColumnView): boolean {
  const filled = filledOf(column);
  const [first] = filled;
  return (
    filled.length >= LEAST_ROWS &&
    filled.length < column.texts.length &&
    TICK.test(first!) &&
    filled.every((text) => text === first)
  );
}
/** Whether cells hold lists as programs write them; a form shows one at most. */
const areLists = (column: ColumnView): boolean =>
  filledOf(column).length > 0 &&
  filledOf(column).filter(isListed).length >= filledOf(column).length * MOSTLY;

/** Whether what stands in a column is no word for a kind, and its heading says nothing of kinds. */
const areNoKinds = (column: ColumnView): boolean => {
  const words = [...filledOf(column), ...(column.list ?? [])];
  return (
    words.length > 0 &&
    says(column, 'kind') <= NAMED &&
    words.every((text) => kindOfWord(text) === undefined && /\s\S+\s/u.test(text))
  );
};

const PICTURE = /\.\p{L}{2,5}$|:\/\/|[\\/]/u;
const SENTENCE = /\s\S+\s|[.!?。！？]$/u;
/** Whether cells hold sentences, as no names, addresses or ids of pictures are. */
const areNoPictures = (column: ColumnView): boolean =>
  share(filledOf(column), (text) => SENTENCE.test(text) && !PICTURE.test(text)) >= MOSTLY;

/** A use is one of two words that come again; texts that are all different are what something is used for. */
const areNoUses = (column: ColumnView): boolean => {
  const filled = filledOf(column);
  return filled.length > 2 && new Set(filled.map(alike)).size === filled.length;
};

const PLACE = /^[A-Ja-j\d]$/u;

/** Whether a heading names the right answer beside others that name the wrong ones, and cells hold more than letters. */
function isRightBesideWrongs(view: TableView, column: number): boolean {
  const own = view.columns[column]!;
  return (
    says(own, 'key', 'right') > SAID &&
    !filledOf(own).every((text) => PLACE.test(text)) &&
    view.columns.some((other) => other !== own && says(other, 'wrong', 'wrongs') > SAID)
  );
}
const saysWho = (column: ColumnView): boolean => says(column, 'by') > NAMED;

/** Whether cells say a letter or number with the text of another cell of their row behind it, 'B (56)'. */
function repeatsOthers(view: TableView, column: number): boolean {
  const named = view.columns[column]!.texts.flatMap((text, row) => {
    const wording = alike(wordingIn(text));
    return text
      ? [
          wording !== '' &&
            view.columns.some(
              ({ texts }, at) => at !== column && alike(texts[row] ?? '') === wording,
            ),
        ]
      : [];
  });
  return named.length >= LEAST_ROWS && named.filter(Boolean).length >= named.length * MOSTLY;
}

/** What a heading says so little of that it is not called so. */
const UNSAID = 0.02;

/** Whether a heading's words name one thing beyond doubt; a letter or two are no word. */
const isCalled = ({ heading }: ColumnView): boolean =>
  /\p{L}{3}/u.test(heading) && Math.max(...saying(heading).slice(0, MEANINGS.length)) > SAID;

/**
 * What another column is called and this one, though it has words, is not: where only one column can be that, or where
 * this one is called something else beyond doubt.
 */
function calledElsewhere(view: TableView, column: ColumnView): Meaning[] {
  if (!piecesOf(column.heading).length) {
    return [];
  }
  const hasName = isCalled(column);
  return MEANINGS.filter(
    (meaning) =>
      (hasName || ONE.has(roleOfMeaning(meaning))) &&
      SAYINGS.includes(meaning) &&
      says(column, meaning) < UNSAID &&
      view.columns.some((other) => other !== column && says(other, meaning) > SAID),
  );
}

const ANSWERING: readonly Meaning[] = ['accepted', 'key', 'right', 'value'];

/** The answers, where another column is called the answer and this one, though it has words, is not at all. */
function answeredElsewhere(view: TableView, column: ColumnView): readonly Meaning[] {
  const isElsewhere = view.columns.some(
    (other) => other !== column && says(other, ...ANSWERING) > SAID,
  );
  const isWorded = /\p{L}{3}/u.test(column.heading);
  return isElsewhere && isWorded && says(column, ...ANSWERING) < UNSAID ? ['accepted'] : [];
}

/** What the cells of a column speak against. */
function against(column: ColumnView): readonly Meaning[] {
  return [
    ...(isRepeated(column) ? (['ref', 'term'] as const) : []),
    ...(areTicks(column) ? (['option', 'options', 'key'] as const) : []),
    ...(verdictPair(column.list ?? []) ? (['kind'] as const) : []),
    ...(areNoNumbers(column) ? NUMBERS : []),
    ...(areLists(column) ? (['option'] as const) : []),
    ...(areNoUses(column) ? (['use'] as const) : []),
    ...(areNoKinds(column) ? (['kind'] as const) : []),
    ...(areNoPictures(column) ? (['image'] as const) : []),
  ];
}

/**
 * Who wrote a question: beside addresses a form's names are. A name tells it better than an address does, which then is nothing.
 */
function writer(
  own: ColumnView,
  people: { addresses: boolean; names: boolean },
): Meaning | undefined {
  if (areAddresses(own)) {
    return people.names ? 'ignore' : 'by';
  }
  return people.addresses && saysWho(own) ? 'by' : undefined;
}

/** Signs between the words of a list, of which there are so many at least. */
const BETWEEN = /\s*[,;|/\n]\s*/u;
const FEWEST_WORDS = 3;

/** Whether most words of lists are what the columns called answers say in one row or another. */
function answerElsewhere(lists: readonly string[][], answers: readonly ColumnView[]): boolean {
  const all = new Set(answers.flatMap(({ texts }) => texts.map(alike)));
  const words = lists.flat();
  return words.filter((word) => all.has(word)).length >= words.length * MOSTLY;
}

/** Whether cells list words to choose from, which hold what the columns called answers say in their rows. */
function offersAnswers({ columns, rows }: TableView, own: ColumnView): boolean {
  const answers = columns.filter(
    (column) => column !== own && says(column, 'accepted', 'key') > NAMED,
  );
  const isCalled = says(own, 'accepted', 'key', 'category', 'wrongs') > NAMED;
  if (isCalled || !answers.length || rows < LEAST_ROWS) {
    return false;
  }
  const lists = own.texts.map((text) => text.split(BETWEEN).filter(Boolean).map(alike));
  // Words that are called so may be tags, which hold no answers of other rows.
  if (says(own, 'tags') > NAMED && !answerElsewhere(lists, answers)) {
    return false;
  }
  const offered = lists.filter((words, row) => {
    const said = answers.map(({ texts }) => alike(texts[row] ?? '')).filter(Boolean);
    return said.length > 0 && said.every((word) => words.includes(word));
  });
  const areMany = lists.filter(({ length }) => length >= FEWEST_WORDS).length >= rows / 2;
  return areMany && offered.length >= rows * MOSTLY;
}

const LONGEST_KIND = 40;
/** Whether cells hold nothing but words for kinds, several of them, under a heading that names nothing else. */
function areKinds(column: ColumnView): boolean {
  const filled = filledOf(column);
  const kinds = filled.map((text) =>
    text.length <= LONGEST_KIND && verdictOf(text) === undefined ? kindOfWord(text) : undefined,
  );
  return (
    !isCalled(column) &&
    isRepeated(column) &&
    filled.length >= column.texts.length * MOSTLY &&
    kinds.every((kind) => kind !== undefined) &&
    new Set(kinds).size > 1
  );
}

/** What the cells of a column show by themselves. */
function shownBy(view: TableView, column: number): Meaning | undefined {
  const own = view.columns[column]!;
  if (areLists(own) && says(own, 'wrongs') > NAMED) {
    return 'wrongs';
  }
  if (isRightBesideWrongs(view, column)) {
    return 'right';
  }
  if (offersAnswers(view, own)) {
    return 'options';
  }
  if (areKinds(own)) {
    return 'kind';
  }
  return repeatsOthers(view, column) ? 'key' : undefined;
}

/** The odds of each column with what its cells speak against taken down, and what they alone show taken up. */
export function withoutContrary(
  view: TableView,
  odds: readonly (readonly number[])[],
): (readonly number[])[] {
  const together = shownTogether(view);
  const people = {
    addresses: view.columns.some(areAddresses),
    names: view.columns.some((column) => saysWho(column) && !areAddresses(column)),
  };
  return odds.map((own, index) => {
    const shown =
      together.get(view.columns[index]!) ??
      writer(view.columns[index]!, people) ??
      shownBy(view, index);
    if (shown) {
      return scaled(own.map((p, n) => (MEANINGS[n] === shown ? 1 : p * HARDLY)));
    }
    const column = view.columns[index]!;
    const out = [
      ...against(column),
      ...calledElsewhere(view, column),
      ...answeredElsewhere(view, column),
    ];
    return out.length
      ? scaled(own.map((p, n) => (out.includes(MEANINGS[n]!) ? p * HARDLY : p)))
      : own;
  });
}
