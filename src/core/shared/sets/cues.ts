// Questions of a set that give away the answer to another one of it.
import type { Item } from '../../model';
import { alike } from '../normalise';

/** The question `told` says in its text the `answer` that is asked for in `asked`; both are ids. */
export type Cue = { told: string; asked: string; answer: string };

/** Shorter answers stand in many texts by chance. */
const SHORTEST = 6;
const LONGEST_WORD = 5;
/** A word that so many texts say is what the set is about, and gives nothing away. */
const MOST_SAYING = 3;

const wordsOf = (text: string): string[] =>
  alike(text)
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean);
const phraseOf = (text: string): string => ` ${wordsOf(text).join(' ')} `;
/** Articles in front of an answer; common practice, no source. */
const ARTICLE =
  /^ (?:the|an?|der|die|das|den|eine?|le|la|les|une?|el|los|las|una|il|lo|gli|uno|de|het|een|os?|as?) (?=\S)/u;
const answerPhrase = (text: string): string => phraseOf(text).replace(ARTICLE, ' ');

/** The answers that another text could tell: what is right of a choice, and what a typed question takes. */
function answersOf({ kind, options = [], accepted = [] }: Item): string[] {
  if (kind === 'true-false') {
    return [];
  }
  return [...options.filter(({ right }) => right).map(({ text }) => text.plain), ...accepted];
}

const isTelling = (answer: string): boolean =>
  answer.trim().length >= SHORTEST &&
  answer.split(' ').some((word) => word.length >= LONGEST_WORD && /\p{L}/u.test(word));

/**
 * The cues from one question to another (Haladyna, Downing and Rodriguez 2002, from memory: avoid clues to the right answer).
 * Answers that the question itself says, or that many say, are none.
 */
export function cuesIn(items: readonly Item[]): Cue[] {
  const stems = items.map(({ id, stem }) => ({ id, phrase: phraseOf(stem.plain) }));
  const byWord = new Map<string, number[]>();
  stems.forEach(({ phrase }, at) => {
    for (const word of new Set(phrase.trim().split(' '))) {
      byWord.set(word, [...(byWord.get(word) ?? []), at]);
    }
  });
  return items.flatMap((item, own) => {
    const answers = [...new Set(answersOf(item).map(answerPhrase))].filter(isTelling);
    return answers.flatMap((answer): Cue[] => {
      const rarest = answer
        .trim()
        .split(' ')
        .map((word) => byWord.get(word) ?? [])
        .reduce((few, one) => (one.length < few.length ? one : few));
      const saying = rarest.filter((at) => stems[at]!.phrase.includes(answer));
      return saying.includes(own) || saying.length > MOST_SAYING
        ? []
        : saying.map((at) => ({ told: stems[at]!.id, asked: item.id, answer: answer.trim() }));
    });
  });
}
