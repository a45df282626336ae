// What a pattern says of answers and points that nothing in its sample does: a guess, and told as one.
import type { Pattern } from '../model';
import { bareWords } from '../shared/normalise';
import { fieldOfLine } from '../shared/vocabulary/answer-lines';
import { saysFirst } from '../shared/vocabulary/key-words';
import { saysPoints } from '../shared/vocabulary/words-of-points';
import { saysOther } from './sign-words';

/** Whether the right options are told by their place alone. */
export const toldByPlace = ({ forms }: Pattern): boolean =>
  forms.some(({ parts }) => parts.some(({ first }) => first));
/** Whether the sentences of a sample say that the first option is the right one. */
export const sayFirst = (said: readonly string[]): boolean =>
  said.some((text) => saysFirst(bareWords(text)));

/** Whether numbers beside the questions are taken for points that no word in the sample calls so. */
function guessesPoints({ forms }: Pattern, said: readonly string[]): boolean {
  const guessed = forms
    .flatMap(({ parts }) => parts)
    .some(({ points }) => points && !/\p{L}/u.test(points.open + points.close));
  return guessed && !said.some((text) => text.split(/[^\p{L}]+/u).some(saysPoints));
}

/** Whether what words call an answer is taken for what counts the questions. */
const countsAnswers = ({ forms }: Pattern): boolean =>
  forms
    .flatMap(({ parts }) => parts)
    .some(
      ({ role, before }) =>
        role === 'ref' &&
        fieldOfLine(`${bareWords(before.replace(/\{.*?\}/g, ''))}: x`)?.role === 'answer',
    );

/** Whether right options have a sign whose word says something else, as where a sample shows no key at all. */
const marksByOther = ({ forms }: Pattern): boolean =>
  forms
    .flatMap(({ parts }) => parts)
    .some(
      ({ role, before, wrong }) =>
        role === 'option' && wrong && wrong.before !== before && saysOther(before),
    );

/** Whether a pattern says something of answers or points that neither words nor sentences of its sample say. */
export const isGuessed = (pattern: Pattern, said: readonly string[]): boolean =>
  guessesPoints(pattern, said) ||
  countsAnswers(pattern) ||
  marksByOther(pattern) ||
  (toldByPlace(pattern) && !sayFirst(said));
