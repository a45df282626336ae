// How marked text tells its right options, by its signs.
import type { Layout, Option } from '../model';
import { optionLetter } from './plain';

/** The key that signs make: letters where a line names the right options, else a sign in front of them. */
export const keyOfMarks = ({
  keyLine,
  keyStyle = 'letter',
  right,
}: NonNullable<Layout['marks']>): Layout['key'] =>
  keyLine
    ? { style: keyStyle === 'small-letter' ? 'letter' : keyStyle }
    : { style: 'marker', marker: right };

/** The right options as a line names them: letters, numbers or texts, a comma between several. */
export function saidKey(
  options: readonly Option[],
  { keyStyle = 'letter' }: NonNullable<Layout['marks']>,
): string {
  const said = options.flatMap(({ text, right }, at) => {
    const letter = optionLetter(at);
    const words = {
      letter,
      'small-letter': letter.toLowerCase(),
      number: `${at + 1}`,
      'number-from-0': `${at}`,
    };
    return right ? [keyStyle === 'text' ? text.plain : words[keyStyle]] : [];
  });
  return said.join(keyStyle === 'text' ? '; ' : ', ');
}

/** The places of the options that a line names, from 0; -1 for what names none. */
export function namedKey(
  line: string,
  options: readonly Option[],
  { keyStyle = 'letter' }: NonNullable<Layout['marks']>,
): number[] {
  if (keyStyle === 'text') {
    const whole = options.findIndex(({ text }) => text.plain === line);
    return whole >= 0
      ? [whole]
      : line.split('; ').map((one) => options.findIndex(({ text }) => text.plain === one));
  }
  return line
    .split(/\s*[,;&]\s*/)
    .map((one) =>
      keyStyle.endsWith('letter')
        ? one.toUpperCase().charCodeAt(0) - 'A'.charCodeAt(0)
        : Number(one) - (keyStyle === 'number' ? 1 : 0),
    );
}
