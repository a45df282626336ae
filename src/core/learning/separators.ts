// The sign between several values in one cell: shown by samples, named in a heading, or said in a sentence.
import type { Column } from '../model';
import { bareWords } from '../shared/normalise';
import { speaksOf } from '../shared/vocabulary/rule-words';
import { separatorIn } from './key-sentences';

/** The separator of tags or several values that a heading names in brackets. */
export function separatorNamed(text: string): string | undefined {
  const said =
    /(?:with|by|between|using|put|mit|durch|avec|par|con|met)\s+["'“‘]?([|;,/+])/i.exec(
      text,
    )?.[1] ?? /[("'“‘]\s*([|;])/.exec(text)?.[1];
  if (said) {
    return said;
  }
  if (/\bbars?\b|\bpipe/i.test(text)) {
    return '|';
  }
  if (/semicolon|semikolon|strichpunkt/i.test(text)) {
    return ';';
  }
  return /comma|komma|virgule/i.test(text) ? ',' : undefined;
}

/** The sign between several values that a column's samples or its heading show. */
export function separatorOf(
  column: Column,
  sampled: readonly string[],
  words: readonly string[],
): string | undefined {
  const sign = sampled
    .map(
      (text) =>
        /\S\s*(\||;)\s*\S/u.exec(text)?.[1] ??
        (column.role === 'tags' ? /\S(,)/u.exec(text)?.[1] : undefined) ??
        (column.role === 'wrongs' ? /\S\s*(\/|,)\s*\S/u.exec(text)?.[1] : undefined),
    )
    .find(Boolean);
  return sign ?? separatorNamed(column.heading ?? '') ?? separatorSaid(column, words);
}

/** The separator that a sentence about the column names. */
function separatorSaid({ role, heading }: Column, words: readonly string[]): string | undefined {
  const name = bareWords((heading ?? '').replace(/[([].*$/su, ''));
  return words
    .filter((text) => {
      const said = bareWords(text);
      return (
        (name.length > 2 && said.includes(name)) ||
        (role === 'tags' && speaksOf('tags', said)) ||
        (role === 'wrongs' && speaksOf('wrong', said))
      );
    })
    .map(separatorIn)
    .find(Boolean);
}
