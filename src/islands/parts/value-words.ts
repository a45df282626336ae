// Values of questions and layouts in words, for two texts side by side.
import { i18n } from '../../languages';
const NOTHING = 'nothing';
/** Where a value's own text stands, the first that there is. */
const TEXT_FIELDS = ['plain', 'stem', 'text', 'value', 'name'] as const;

function objectWords(value: Readonly<Record<string, unknown>>): string {
  const field = TEXT_FIELDS.find((name) => value[name] !== undefined && value[name] !== null);
  const words = field ? plainWords(value[field]) : JSON.stringify(value);
  return value['right'] === true ? i18n._('{words} (right)', { words }) : words;
}

function plainWords(value: unknown): string {
  if (Array.isArray(value)) {
    return value.map(plainWords).join('; ') || NOTHING;
  }
  if (typeof value === 'object' && value !== null) {
    return objectWords(value as Readonly<Record<string, unknown>>);
  }
  if (value === undefined || value === null || value === '') {
    return NOTHING;
  }
  return typeof value === 'string' ? value : JSON.stringify(value);
}

/** A value as people read it, cut after `most` characters. */
export function valueWords(value: unknown, most: number): string {
  const words = plainWords(value);
  return words.length > most ? `${words.slice(0, most - 1)}…` : words;
}
