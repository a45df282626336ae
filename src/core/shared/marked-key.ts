// How marked text tells its right options, by its signs.
import type { Layout, Option } from '../model';
import { letterPlace, optionLetter } from './plain';

/** The key that signs make: letters where a line names the right options, else a sign in front of them. */
export const keyOfMarks = ({
  keyLine,
  keyStyle = 'letter',
  right,
}: NonNullable<Layout['marks']>): Layout['key'] =>
  keyLine
    ? { style: keyStyle === 'small-letter' ? 'letter' : keyStyle }
    : { style: 'marker', marker: right };

/** How a line names a right option. */
export type NameStyle = NonNullable<NonNullable<Layout['marks']>['keyStyle']>;

/** The right options as a line names each of them. */
export const namesOfRight = (options: readonly Option[], style: NameStyle): string[] =>
  options.flatMap(({ text, right }, at) => {
    const letter = optionLetter(at);
    const names = {
      letter,
      'small-letter': letter.toLowerCase(),
      number: `${at + 1}`,
      'number-from-0': `${at}`,
      text: text.plain,
    };
    return right ? [names[style]] : [];
  });

/** The place, from 0, that a letter or number names; below 0 or none at all where it names none. */
export const placeNamed = (name: string, style: Exclude<NameStyle, 'text'>): number =>
  style.endsWith('letter') ? letterPlace(name) : Number(name) - (style === 'number' ? 1 : 0);

/** The right options as a line names them: letters, numbers or texts, a comma between several. */
export const saidKey = (
  options: readonly Option[],
  { keyStyle = 'letter' }: NonNullable<Layout['marks']>,
): string => namesOfRight(options, keyStyle).join(keyStyle === 'text' ? '; ' : ', ');

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
  return line.split(/\s*[,;&]\s*/).map((one) => placeNamed(one, keyStyle));
}
