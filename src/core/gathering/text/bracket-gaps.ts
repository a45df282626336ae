// Sentences whose gaps hold what goes in, in square or curly brackets: 'The [cill] is the step below the upper gates.'
import { verdictOf } from '../../shared/vocabulary/verdicts';
import { plainOfPieces, type Draft } from './draft';
import { asksOutright } from './typed-line';

/** One sentence with a word in brackets may speak of it; several that all do have gaps. */
const LEAST = 2;
const MOSTLY = 0.8;
/** Longer texts are paragraphs. */
const LONGEST = 400;
const BRACKETS = /\[([^\][]*)\]|\{([^{}]*)\}/gu;
const WORDS = /^\s*\p{L}[\p{L}\p{M}\d .,'’/|-]{0,59}$/u;

/** Whether brackets in a statement hold words, with other words beside them. */
export function holdsWords(text: string): boolean {
  if (text.length > LONGEST) {
    return false;
  }
  const within = [...text.matchAll(BRACKETS)].map(([, square, curly]) => square ?? curly ?? '');
  const beside = text.replace(BRACKETS, ' ');
  return (
    within.length > 0 &&
    within.every((words) => WORDS.test(words)) &&
    within.some((words) => verdictOf(words) === undefined) &&
    /\p{L}{2}.*\s\S*\p{L}{2}/su.test(beside) &&
    !asksOutright(text)
  );
}

const ALTERNATIVES = /\[[^\][|]+\|[^\][]+\]|\{[^{}|]+\|[^{}]+\}/u;

/** 'Complete: The coin of Japan is the [yen].': a word for what to do, and a sentence that ends with the word in brackets. */
const LEAD =
  /^\s*\p{Lu}\p{L}{2,}(?: \p{L}+){0,3}\s?:\s+\S.*\s(?:\[[^\][]+\]|\{[^{}]+\})[.!…]?\s*$/su;

/** Notes which sentences have their gaps in brackets: those with alternatives there or a word for what to do in front, and all where most of those without options or an answer are typed so. */
export function takeBracketGaps(drafts: readonly Draft[]): void {
  const bare = drafts.filter(({ options, answers }) => !options.length && !answers.length);
  const own = bare.filter(({ stem }) => holdsWords(plainOfPieces(stem)));
  const areMost = own.length >= LEAST && own.length >= bare.length * MOSTLY;
  for (const draft of own) {
    const text = plainOfPieces(draft.stem);
    if (areMost || ALTERNATIVES.test(text) || LEAD.test(text)) {
      draft.holdsGaps = true;
    }
  }
}
