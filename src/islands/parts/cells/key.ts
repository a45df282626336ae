// Which options are right, as letters.
import type { Item } from '../../../core/model';
import { kindName } from '../../../core/shared/kind-names';
import { letterPlace, optionLetter } from '../../../core/shared/plain';
import { hasChoices, type CellResult } from './fields';
import { i18n } from '../../../languages';

/** The key as letters: 'B' or 'A, C'; empty where the kind has none. */
export const keyLetters = ({ options = [] }: Item): string =>
  options.flatMap(({ right }, index) => (right ? [optionLetter(index)] : [])).join(', ');

/** The place that a letter or a number names, from 0; -1 where it names none. */
function placeOf(sign: string): number {
  if (/^[A-Z]$/.test(sign)) {
    return letterPlace(sign);
  }
  return /^\d+$/.test(sign) ? Number(sign) - 1 : -1;
}

/** The places that a text names: 'b, C', 'AC' or '3'. */
const placesIn = (text: string): number[] =>
  text
    .toUpperCase()
    .split(/[\s,;/|+]+/)
    .filter(Boolean)
    .flatMap((part) => (/^[A-Z]{2,}$/.test(part) ? [...part] : [part]))
    .map(placeOf);

export function setKey({ kind, options = [] }: Item, text: string): CellResult {
  if (!hasChoices(kind)) {
    return text.trim()
      ? {
          refused: i18n._('Questions of the kind {kindName} have no key.', {
            kindName: kindName(kind),
          }),
        }
      : {};
  }
  const right = new Set(placesIn(text));
  if ([...right].some((place) => place < 0 || place >= options.length)) {
    const letters = options.length
      ? i18n._('A to {optionLetter}', { optionLetter: optionLetter(options.length - 1) })
      : i18n._('none');
    return {
      refused: i18n._('“{text}” names no option; there are {options, number} ({letters}).', {
        text,
        options: options.length,
        letters,
      }),
    };
  }
  return { options: options.map((option, index) => ({ ...option, right: right.has(index) })) };
}
