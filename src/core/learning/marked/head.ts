// Lines above all questions of a sample: the name of the set, the category of what follows.
import { meaningOf } from './line-fields';
import { signedOf } from './option-signs';

const signsOf = (block: readonly string[]): (string | undefined)[] =>
  block.map((line) => signedOf(line)?.sign);

/** The signs of the lines above all questions, each its own; a category's may come again. None where the first block is no head. */
export function headIn(blocks: readonly string[][], said: readonly string[]): string[] {
  const below = new Set(blocks.slice(1).flatMap(signsOf));
  const isHead = (sign: string | undefined): sign is string =>
    sign !== undefined && (!below.has(sign) || meaningOf(sign, said) === 'category');
  const signs = blocks.length > 1 ? signsOf(blocks[0]!) : [];
  return signs.every(isHead) ? signs : [];
}

/** The sign of the line above all questions with the set's name: the one whose word says so, or a lone one. */
export function setTitleIn(head: readonly string[], said: readonly string[]): string | undefined {
  const [only = '', other] = head;
  const named = head.find((sign) => meaningOf(sign, said) === 'title');
  const isLone = only !== '' && other === undefined && meaningOf(only, said) !== 'category';
  return named ?? (isLone ? only : undefined);
}
