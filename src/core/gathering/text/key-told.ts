// How far the lines of a question tell which of its options are right.
import { alike } from '../../shared/normalise';
import { isEmphasised, plainOfPieces, type Draft, type Emphasis } from './draft';
import { placesOfSteps } from './placed-steps';

/** Letters of options and nothing else. */
export const LETTERS =
  /^[([]?\s*[A-Ja-j](?:\s*(?:[,;&+/]|and|und|et|y|en|e)\s*[A-Ja-j])*\s*[)\].]?$/iu;

/** Whether numbers in front of steps put them in order below a title that asks for it. */
export const areOrderedSteps = (draft: Draft): boolean =>
  draft.part?.isOrdered === true && placesOfSteps(draft) !== undefined;

/** How far a question's key is told: by its options' signs, by an answer line, or not at all. */
export function keyShare(draft: Draft, emphasis: Emphasis | undefined): number {
  const { options, answers } = draft;
  const signed = options.filter(
    (option) =>
      option.right === true || option.sign === '+' || (emphasis && isEmphasised(option, emphasis)),
  ).length;
  if (areOrderedSteps(draft) || (signed > 0 && signed < options.length)) {
    return 1;
  }
  if (!answers.length) {
    return 0;
  }
  const said = plainOfPieces(answers);
  const texts = options.map(({ pieces }) => alike(plainOfPieces(pieces)));
  const names =
    LETTERS.test(said) ||
    (options[0]?.style === 'number' && /^\p{L}{1,12}\.?\s?\d{1,2}\b/u.test(said)) ||
    /^[([]?(?:[A-Ja-j]|\d{1,2})\s*[).:–-]/u.test(said) ||
    texts.some((text) => text !== '' && alike(said).includes(text));
  return names ? 1 : 0.3;
}

/** Whether some but not all options of a question are told to be right. */
export const tellsKey = (draft: Draft, emphasis: Emphasis | undefined): boolean =>
  keyShare(draft, emphasis) === 1;

/** Whether answers stand between options: each is that of the question above it. */
export function hasAnswersBetween({ options, answers }: Draft): boolean {
  const lines = answers
    .filter((piece) => plainOfPieces([piece]) !== '')
    .map(({ line }) => line.line);
  const last = options.at(-1)?.pieces[0]?.line.line ?? 0;
  return lines.length > 1 && lines.filter((line) => line < last).length >= lines.length - 1;
}
