// What the cells of a column speak against, whatever its heading says: references that stand again and again, addresses for names,
// sentences for numbers, lists for single options.
import { alike, bareWords } from '../shared/normalise';
import { kindOfWord } from '../shared/vocabulary/kinds';
import { speaksOf } from '../shared/vocabulary/rule-words';
import { verdictPair } from '../shared/vocabulary/verdicts';
import { ONE } from './assign';
import {
  MEANINGS,
  roleOfMeaning,
  SAYINGS,
  type ColumnView,
  type Meaning,
  type TableView,
} from './contract';
import { areLists, filledOf, isCalled, isRepeated, isTicked, says } from './column-words';
import { piecesOf } from './heading-words';
import { saying } from './saying';
import { scaled } from './scaled';
import { shownAlone } from './shown-alone';
import { shownTogether } from './shown-together';

/** What stays of the odds of a meaning that cells speak against. */
const HARDLY = 1e-4;
/** Fewer rows show nothing. */
const LEAST_ROWS = 2;
const ADDRESS = /^[^\s@]+@[^\s@]+\.[^\s@]+$/u;
const COUNTED = /^[^\p{L}\d]{0,3}\d[\d.,:\s]*[^\d\s\p{No}]{0,12}\.?$/u;
const NUMBERS: readonly Meaning[] = ['points', 'attempts', 'lines', 'tolerance'];
const MOSTLY = 0.8;
const NAMED = 0.5;
const SAID = 0.8;
/** So many letters of a word stay as they are in the plural. */
const ROOT = 3;

const share = (texts: readonly string[], test: (text: string) => boolean): number =>
  texts.length < LEAST_ROWS ? 0 : texts.filter(test).length / texts.length;

const areAddresses = (column: ColumnView): boolean =>
  share(filledOf(column), (text) => ADDRESS.test(text)) >= MOSTLY;
const WORD_BEHIND = /^\d[\d.,]*\s+(\p{L}{3,})$/u;
/** Whether cells hold no numbers: texts, or words of several things that are counted, '1 Nature' and '2 Sport'. */
const areNoNumbers = (column: ColumnView): boolean => {
  const filled = filledOf(column);
  const words = filled.flatMap((text) => WORD_BEHIND.exec(text)?.[1] ?? []);
  // Points and minutes are of one word, in the singular and the plural.
  const areThings =
    words.length >= filled.length * MOSTLY &&
    new Set(words.map((word) => alike(word).slice(0, ROOT))).size > 1;
  return areThings || share(filled, (text) => !COUNTED.test(text)) > MOSTLY;
};
/** Whether half of what stands in a column has no figure in it: answers of several kinds, and no column of numbers. */
const areHalfTexts = (column: ColumnView): boolean =>
  share(filledOf(column), (text) => !/\d/.test(text)) >= HALF;
const HALF = 0.5;

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

const CODE = /^\p{L}{0,4}[-_./ ]?\d{1,8}$/u;
/** Whether cells hold nothing but codes, as no names of people and no titles are. */
const areCodes = (column: ColumnView): boolean =>
  filledOf(column).length > 0 && filledOf(column).every((text) => CODE.test(text));

/** A use is one of two words that come again; texts that are all different are what something is used for, and numbers count it. */
const areNoUses = (column: ColumnView): boolean => {
  const filled = filledOf(column);
  const areDifferent = filled.length > 2 && new Set(filled.map(alike)).size === filled.length;
  return areDifferent || share(filled, (text) => /\d/.test(text)) >= MOSTLY;
};

/** Whether names stand in longer texts of their rows, as what a question is about does and who wrote it does not. */
function namesMatter({ columns }: TableView, column: ColumnView): boolean {
  const filled = column.texts.flatMap((text, row) => (text ? [{ name: alike(text), row }] : []));
  const named = filled.filter(({ name, row }) =>
    columns.some(
      ({ texts }) => (texts[row]?.length ?? 0) > name.length && alike(texts[row]!).includes(name),
    ),
  );
  return named.length > 0 && named.length >= filled.length * MOSTLY;
}

/** A heading that may mean a picture, where nothing else is called one: what is seen on it has a picture beside it. */
const isLonePicture = ({ columns }: TableView, column: ColumnView): boolean =>
  says(column, 'image') > PERHAPS &&
  !columns.some((other) => other !== column && says(other, 'image', 'image-alt') > NAMED);
const PERHAPS = 0.05;

const saysWho = (column: ColumnView): boolean => says(column, 'by') > NAMED;

/** What a heading says so little of that it is not called so. */
const UNSAID = 0.02;

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

const BESIDE: readonly Meaning[] = ['explanation', 'hint', 'feedback', 'category', 'title'];
/** Whether a column that is filled is called beyond doubt what says more of its question: then it says something, however short. */
const saysMore = (column: ColumnView): boolean =>
  filledOf(column).length >= LEAST_ROWS && says(column, ...BESIDE) > SAID;

/** What the cells of a column speak against. */
function against(column: ColumnView): readonly Meaning[] {
  return [
    ...(isRepeated(column) ? (['ref', 'term'] as const) : []),
    ...(isTicked(column, LEAST_ROWS) ? (['option', 'options', 'key'] as const) : []),
    ...(verdictPair(column.list ?? []) ? (['kind'] as const) : []),
    ...(areNoNumbers(column) ? NUMBERS : []),
    ...(areLists(column) ? (['option'] as const) : []),
    ...(areNoUses(column) ? (['use'] as const) : []),
    ...(areNoKinds(column) ? (['kind'] as const) : []),
    ...(areNoPictures(column) ? (['image'] as const) : []),
    ...(saysMore(column) ? (['ignore'] as const) : []),
    ...(areCodes(column) ? (['by', 'title'] as const) : []),
  ];
}

const COUNTED_OFF: readonly Meaning[] = ['ignore', ...NUMBERS];

/** How long a text may be, in a heading and in no sentence that stands beside the table. */
const saysLength = (heading: string): boolean =>
  /\d/.test(heading) && !/[.!]\s*$/.test(heading) && speaksOf('characters', bareWords(heading));

/** What a column of a receiver's form is not whose heading says how long its text may be: nobody limits what is not written. */
const againstLimited = ({ blank }: TableView, { heading }: ColumnView): readonly Meaning[] =>
  blank && saysLength(heading) ? COUNTED_OFF : [];

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

/** The odds of a column without some meanings. */
const without = (own: readonly number[], out: readonly Meaning[]): readonly number[] =>
  scaled(own.map((p, n) => (out.includes(MEANINGS[n]!) ? p * HARDLY : p)));

/**
 * The odds of a column; where those beside it make it one of numbers, and half of it is none, what the words of its heading say
 * besides is heard instead.
 */
function heard(own: readonly number[], column: ColumnView): readonly number[] {
  const isValue = MEANINGS[own.indexOf(Math.max(...own))] === 'value';
  return isValue && areHalfTexts(column) && piecesOf(column.heading).length
    ? without(saying(column.heading).slice(0, MEANINGS.length), ['value'])
    : own;
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
      shownAlone(view, index);
    if (shown) {
      return scaled(own.map((p, n) => (MEANINGS[n] === shown ? 1 : p * HARDLY)));
    }
    const column = view.columns[index]!;
    const out = [
      ...against(column),
      ...againstLimited(view, column),
      ...calledElsewhere(view, column),
      ...answeredElsewhere(view, column),
      ...(isLonePicture(view, column) ? (['image-alt'] as const) : []),
      ...(saysWho(column) && namesMatter(view, column) ? (['by'] as const) : []),
    ];
    return heard(out.length ? without(own, out) : own, column);
  });
}
