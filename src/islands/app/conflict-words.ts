// Fields and values of questions and layouts in words, for two tabs' texts side by side.
import { optionLetter } from '../../core/shared/plain';

const FIELDS: Readonly<Record<string, string>> = {
  stem: 'question',
  accepted: 'accepted answers',
  number: 'number',
  ref: 'reference',
  tags: 'tags',
  media: 'pictures',
  seconds: 'time limit',
  layout: 'what it says of the file',
  variants: 'own texts for it',
  chosen: 'whether it is in view',
};

/** 'option B' for 'options.1'. */
export function fieldWords(path: string): string {
  const [name = '', place] = path.split('.');
  if (place === undefined) {
    return FIELDS[name] ?? name;
  }
  const index = Number(place);
  return name === 'options'
    ? `option ${optionLetter(index)}`
    : `${FIELDS[name] ?? name} ${index + 1}`;
}

type Shown = Record<string, unknown>;

function plainWords(value: unknown): string {
  if (value === undefined || value === null || value === '') {
    return 'nothing';
  }
  if (Array.isArray(value)) {
    return value.map(plainWords).join('; ') || 'nothing';
  }
  if (typeof value !== 'object') {
    return String(value);
  }
  const { plain, text, right, stem, value: own, name } = value as Shown;
  const known = plain ?? stem ?? text ?? own ?? name;
  const words = known === undefined ? JSON.stringify(value) : plainWords(known);
  return right === true ? `${words} (right)` : words;
}

/** A value as people read it, cut after `most` characters. */
export function valueWords(value: unknown, most: number): string {
  const words = plainWords(value);
  return words.length > most ? `${words.slice(0, most - 1)}…` : words;
}
