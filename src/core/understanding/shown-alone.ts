// What the cells of a column show by themselves, whatever is said of it: lists of wrong answers, words to choose from, words for
// kinds, the right answer beside wrong ones, the wording of another cell behind a letter.
import { alike, bareWords } from '../shared/normalise';
import { kindOfWord } from '../shared/vocabulary/kinds';
import { stepsIn } from '../shared/table/separators';
import { saysLeaveEmpty } from '../shared/vocabulary/rule-words';
import { verdictOf } from '../shared/vocabulary/verdicts';
import { areLists, filledOf, isCalled, isRepeated, says } from './column-words';
import type { ColumnView, Meaning, TableView } from './contract';
import { wordingIn } from './keys/named';
import { areMeasured } from './measured';

/** Fewer rows show nothing. */
const LEAST_ROWS = 2;
const MOSTLY = 0.8;
const NAMED = 0.5;
const SAID = 0.8;

const PLACE = /^[A-Ja-j\d]$/u;

const GAP = /_{2,}|\.{3,}|…/u;
/** Whether most texts have a gap to fill. */
const haveGaps = (texts: readonly string[]): boolean =>
  texts.filter((text) => GAP.test(text)).length > texts.length * MOSTLY;

/** Whether a column of a table holds sentences with gaps. */
const hasGaps = ({ columns }: TableView): boolean =>
  columns.some((column) => haveGaps(filledOf(column)));

/** Whether a heading names the right answer beside others that name the wrong ones, and cells hold more than letters. */
function isRightBesideWrongs(view: TableView, column: number): boolean {
  const own = view.columns[column]!;
  const isNamed =
    says(own, 'key', 'right', 'accepted') > NAMED &&
    says(own, 'key', 'right', 'accepted', 'option') > SAID;
  return (
    isNamed &&
    // A word for a gap fills it, whatever stands beside it; elsewhere "Answer" beside wrong ones is no typed answer.
    (says(own, 'key', 'right') > SAID || !hasGaps(view)) &&
    !filledOf(own).every((text) => PLACE.test(text)) &&
    view.columns.some((other) => other !== own && says(other, 'wrong', 'wrongs') > SAID)
  );
}
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

/** Signs between the words of a list, of which there are so many at least. */
const BETWEEN = /\s*[,;|/\n]\s*/u;
const FEWEST_WORDS = 3;
const listed = (text: string): string[] => text.split(BETWEEN).filter(Boolean).map(alike);

/** Whether most words of lists are what the columns called answers say in one row or another. */
function answerElsewhere(lists: readonly string[][], answers: readonly ColumnView[]): boolean {
  const all = new Set(answers.flatMap(({ texts }) => texts.map(alike)));
  const words = lists.flat();
  return words.filter((word) => all.has(word)).length >= words.length * MOSTLY;
}

/** Whether a heading names what is wrong, in whatever words besides: 'Wrong suggestions'. */
const namesWrong = (own: ColumnView): boolean =>
  says(own, 'wrongs') > NAMED ||
  (!isCalled(own) &&
    bareWords(own.heading)
      .split(' ')
      .some((word) => verdictOf(word) === false));

/** Whether cells list wrong answers: as programs write lists, or parted by a sign beside a word for a gap. */
function areWrongs(view: TableView, own: ColumnView): boolean {
  if (areLists(own)) {
    return says(own, 'wrongs') > NAMED;
  }
  const filled = filledOf(own);
  if (!filled.length || !namesWrong(own)) {
    return false;
  }
  const lists = filled.filter((text) => text.split(BETWEEN).filter(Boolean).length > 1);
  return lists.length >= filled.length * MOSTLY && hasGaps(view);
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
  const lists = own.texts.map(listed);
  // Words that are called so may be tags, which hold no answers of other rows.
  if (says(own, 'tags') > NAMED && !answerElsewhere(lists, answers)) {
    return false;
  }
  const offered = lists.filter((words, row) => {
    const said = answers.map(({ texts }) => texts[row] ?? '').filter(Boolean);
    // A gap each has its word, where several are said in one cell.
    const isOffered = (text: string): boolean =>
      words.includes(alike(text)) || listed(text).every((word) => words.includes(word));
    return said.length > 0 && said.every(isOffered);
  });
  const areMany = lists.filter(({ length }) => length >= FEWEST_WORDS).length >= rows / 2;
  return areMany && offered.length >= rows * MOSTLY;
}

const LONGEST_KIND = 40;
/** Whether cells hold nothing but words for kinds, several of them, under a heading that names nothing else but an option. */
function areKinds(column: ColumnView): boolean {
  const filled = filledOf(column);
  const kinds = filled.map((text) =>
    text.length <= LONGEST_KIND && verdictOf(text) === undefined ? kindOfWord(text) : undefined,
  );
  return (
    (!isCalled(column) || says(column, 'option') > SAID) &&
    isRepeated(column) &&
    filled.length >= column.texts.length * MOSTLY &&
    kinds.every((kind) => kind !== undefined) &&
    new Set(kinds).size > 1
  );
}

const REPEATED_SIGN = /^([^\p{L}\p{N}\s])\1{0,5}$/u;

/** Whether cells count by one sign, '*' and '***': how hard a question is or how much it weighs. */
function areRanks(column: ColumnView): boolean {
  const filled = filledOf(column);
  return (
    new Set(filled.map(({ length }) => length)).size > 1 &&
    new Set(filled.map(([sign]) => sign)).size === 1 &&
    filled.every((text) => REPEATED_SIGN.test(text))
  );
}

const CLOCK = /^(\d{1,2})[:.h](\d{2})$/u;
/** Earlier in the day times say how long something takes. */
const EARLIEST = 5;
/** Whether cells hold times of the day, one after the other: when something is asked, and not for how long. */
const areClockTimes = (column: ColumnView): boolean => {
  const minutes = filledOf(column).map((text) => {
    const [, hour, minute] = CLOCK.exec(text) ?? [];
    return hour !== undefined && Number(hour) >= EARLIEST
      ? Number(hour) * 60 + Number(minute)
      : NaN;
  });
  return (
    minutes.length > LEAST_ROWS &&
    minutes.every((at, row) => (row === 0 ? at > 0 : at > minutes[row - 1]!))
  );
};

const COUNTING = /^(?:#\s*\p{L}{0,12}|\p{L}{1,12}\.?\s*#)$/u;
/** Whether a heading is the sign for a number with a word beside it, 'Q#', and cells count or are empty: it numbers the questions. */
function numbersQuestions({ blank }: TableView, own: ColumnView): boolean {
  const filled = filledOf(own);
  return (
    COUNTING.test(own.heading.trim()) &&
    (filled.length > 0 || blank) &&
    filled.every((text, at) => /^\d{1,5}$/u.test(text) && Number(text) === Number(filled[0]) + at)
  );
}

/** Whether cells of a source list several steps each, under a heading that calls them so. */
function listSteps({ blank }: TableView, own: ColumnView): boolean {
  const filled = filledOf(own);
  return (
    !blank &&
    says(own, 'step') > SAID &&
    filled.length > 0 &&
    filled.every((text) => stepsIn(text).length > 1)
  );
}

const isLeftEmpty = (_: TableView, own: ColumnView): boolean =>
  saysLeaveEmpty(bareWords(own.heading)) && !filledOf(own).length;

type Shows = (view: TableView, own: ColumnView, column: number) => boolean;

/** What cells show, in the order in which it is looked for. */
const SHOWN: readonly (readonly [Meaning, Shows])[] = [
  ['ignore', isLeftEmpty],
  ['ignore', (view, own) => areClockTimes(own) || areMeasured(view, own)],
  ['number-in-file', numbersQuestions],
  ['step', listSteps],
  ['wrongs', areWrongs],
  ['right', (view, _, column) => isRightBesideWrongs(view, column)],
  ['options', offersAnswers],
  ['kind', (_, own) => areKinds(own)],
  ['tag', (_, own) => areRanks(own)],
  ['key', (view, _, column) => repeatsOthers(view, column)],
];

/** What the cells of a column show by themselves. */
export function shownAlone(view: TableView, column: number): Meaning | undefined {
  const own = view.columns[column]!;
  return SHOWN.find(([, shows]) => shows(view, own, column))?.[0];
}
