// Words beside what helps to find them, and nothing else that asks or answers: the clue asks, and the word is what it asks for.
import { roleOfMeaning, type Meaning, type TableView } from './contract';
import { takenFor, type Assigned } from './assign';
import { filledOf, says } from './column-words';

const SURE = 0.92;
const NAMED = 0.5;
const MOST_WORDS = 3;
/** What asks or answers beside a question. */
const ASKED: ReadonlySet<string> = new Set([
  'accepted',
  'option',
  'options',
  'right',
  'wrong',
  'wrongs',
  'key',
  'left',
  'right-side',
  'pair',
  'step',
  'value',
  'verdict',
  'weight',
]);

const isWord = (text: string): boolean =>
  text.split(/\s+/u).length <= MOST_WORDS && !/[?？؟]/u.test(text);

/** Such a table with its clues as the questions; as it is where a column is called a question or something else answers. */
export function withClues(
  { columns }: TableView,
  assigned: readonly Assigned[],
  said: ReadonlyMap<number, Meaning>,
): Assigned[] {
  const roles = assigned.map(({ meaning }) => roleOfMeaning(meaning));
  const word = roles.indexOf('stem');
  const clue = roles.indexOf('hint');
  const own = columns[word];
  const isLone = roles.filter((role) => role === 'stem' || role === 'hint').length === 2;
  const isOne =
    own !== undefined &&
    clue >= 0 &&
    isLone &&
    !said.has(word) &&
    !said.has(clue) &&
    !roles.some((role) => ASKED.has(role)) &&
    says(own, 'stem') < NAMED &&
    filledOf(own).every(isWord);
  return isOne
    ? assigned.map((one, at) => {
        const meanings: Partial<Record<number, Meaning>> = { [word]: 'accepted', [clue]: 'stem' };
        const meaning = meanings[at];
        return meaning ? takenFor(one, meaning, SURE) : one;
      })
    : [...assigned];
}
