// How long a text is, as a receiver counts it.
import type { Limits } from '../model';

const segmenter = new Intl.Segmenter('en', { granularity: 'grapheme' });
const simple = /^[\x20-\x7e]*$/;

/**
 * The length of a text: user-perceived characters of its composed form (UAX #29) unless the layout counts
 * UTF-16 units or UTF-8 bytes.
 */
export function lengthOf(text: string, count: Limits['count'] = 'graphemes'): number {
  if (simple.test(text)) {
    return text.length;
  }
  if (count === 'utf16') {
    return text.length;
  }
  if (count === 'bytes') {
    return new TextEncoder().encode(text).length;
  }
  let length = 0;
  for (const _ of segmenter.segment(text.normalize('NFC'))) {
    length++;
  }
  return length;
}

/** The longest beginning of a text that keeps within `most`, never cutting a perceived character. */
function beginning(text: string, most: number, count: Limits['count']): string {
  let kept = '';
  let used = 0;
  for (const { segment } of segmenter.segment(text.normalize('NFC'))) {
    used += count === 'graphemes' || !count ? 1 : lengthOf(segment, count);
    if (used > most) {
      break;
    }
    kept += segment;
  }
  return kept;
}

/**
 * A suggestion of at most `most` units that ends at a word's end and says by an ellipsis that words are missing.
 * Text that fits comes back unchanged.
 */
export function shorten(text: string, most: number, count: Limits['count'] = 'graphemes'): string {
  if (lengthOf(text, count) <= most) {
    return text;
  }
  const room = Math.max(0, most - lengthOf('…', count));
  const cut = beginning(text, room, count);
  const atWord = cut.replace(/\s+\S*$/u, '');
  // A cut inside the first word leaves no word's end to go back to.
  return `${(atWord.length >= cut.length / 2 ? atWord : cut).replace(/[\s,;:–-]+$/u, '')}…`;
}

/** Where the text goes over a limit: the index of the first UTF-16 unit past it, or -1 where it fits. */
export function overFrom(text: string, most: number, count: Limits['count'] = 'graphemes'): number {
  return lengthOf(text, count) <= most ? -1 : beginning(text, most, count).length;
}
