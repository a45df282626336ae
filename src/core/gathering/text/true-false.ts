// A statement with its verdict, behind it or on a line of its own.
import type { Option, Text } from '../../model';
import { alike } from '../../shared/normalise';
import type { VerdictPair } from '../../shared/vocabulary/verdict-pairs';
import { styledLike, trueFalseWords, verdictOf } from '../../shared/vocabulary/verdicts';
import { asksOutright } from './typed-line';

const TRAILING =
  /\s*(?:[([{]\s*(\p{L}{1,10}(?: \p{L}{2,10})?)\s*[)\]}]|(?:[–—-]{1,2}>?|→|=>)\s+(\p{L}{4,10})|(?<=[.!?])\s+(\p{L}|\p{L}{4,10}))\s*[.]?$/u;

/** The word behind a statement, and where it begins; undefined where none stands there. */
function wordBehind(stem: string): { word: string; at: number } | undefined {
  const match = TRAILING.exec(stem);
  const word = match?.slice(1).find((group) => group !== undefined);
  return match && word ? { word, at: match.index } : undefined;
}

/** Letters that stand for words: vrai, verdadero, vero, verdadeiro; juist; onjuist, onwaar. */
const LETTERS: ReadonlyMap<string, boolean> = new Map([
  ['v', true],
  ['j', true],
  ['o', false],
]);
const isTrueWord = (word: string): boolean | undefined =>
  trueFalseWords(word)?.isTrue ?? LETTERS.get(word.toLowerCase()) ?? verdictOf(word);

/** Longer answers are no verdict. */
const LONGEST_VERDICT = 12;
const trueOrFalse = (word: string, isTrue: boolean, pair: VerdictPair | undefined): Option[] => {
  const [yes, no] = pair
    ? [styledLike(word, pair.right.toLowerCase()), styledLike(word, pair.wrong.toLowerCase())]
    : (trueFalseWords(word)?.words ?? ['True', 'False']);
  return [
    { text: { plain: yes }, right: isTrue },
    { text: { plain: no }, right: !isTrue },
  ];
};

/** The two words that are offered above, where a verdict is one of them or begins one. */
const ofWord = (pair: VerdictPair | undefined, word: string): VerdictPair | undefined =>
  pair &&
  [pair.right, pair.wrong].some((own) => own.length > 1 && alike(own).startsWith(alike(word)))
    ? pair
    : undefined;

/** Verdicts that answer a question in another sense as well: 'Which side is starboard? Right.' */
const OF_TWO_SENSES =
  /^(?:right|wrong|good|goed|fout|bon|bonne|juste|bien|mal|exact|rett|fact|fiction|mauvais|mauvaise)$/u;

/**
 * Whether an answer on its line is a verdict. Where nothing offers a choice, a question is answered by so much that a letter or a
 * number is rather the answer itself, and a number is no verdict on anything.
 */
function isVerdict(stem: string, said: string): boolean {
  const word = alike(said);
  return asksOutright(stem)
    ? trueFalseWords(word) !== undefined && !OF_TWO_SENSES.test(word)
    : !/^\d+$/u.test(word);
}

/** Whether a word is a verdict: behind a statement it may stand for something else; on an answer line it hardly does. */
function isKnownVerdict(
  stem: string,
  word: string,
  { isBehind, isOffered }: { isBehind: boolean; isOffered: boolean },
): boolean {
  return isBehind
    ? trueFalseWords(word) !== undefined || /^[TFRWVJO]$/i.test(word)
    : isOffered || isVerdict(stem, word);
}

/** A statement with its verdict behind it or on a line of its own; `isOffered` where the text says that there is a choice of two. */
export function asTrueFalse(
  stem: Text,
  said: string,
  { isOffered, pair }: { isOffered: boolean; pair: VerdictPair | undefined },
): { stem: Text; options: Option[] } | undefined {
  const behind = said ? undefined : wordBehind(stem.plain);
  const word = (said || (behind?.word ?? '')).replace(/[.!]$/, '');
  if (!word || said.length > LONGEST_VERDICT) {
    return undefined;
  }
  const isBehind = behind !== undefined;
  const isTrue = isKnownVerdict(stem.plain, word, { isBehind, isOffered })
    ? isTrueWord(word)
    : undefined;
  return isTrue === undefined
    ? undefined
    : {
        stem: behind ? { plain: stem.plain.slice(0, behind.at).trim() } : stem,
        options: trueOrFalse(word, isTrue, ofWord(pair, word)),
      };
}

const WITH_REASON = /^(\p{L}{1,12})\s*(?:[([]\s*(.{4,}?)\s*[)\]]|[.,;:–-]\s+(.{4,}))\s*$/su;
/** A verdict and the reason behind it, 'F (it is in South America)'; the whole of another text. */
export function verdictApart(said: string): { word: string; reason: string | undefined } {
  const [, word = '', bracketed, behind] = WITH_REASON.exec(said) ?? [];
  const reason = bracketed ?? behind;
  const isVerdict = reason !== undefined && isTrueWord(word) !== undefined;
  return isVerdict ? { word, reason } : { word: said, reason: undefined };
}
