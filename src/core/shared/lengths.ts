// How long a text is, as a receiver counts it.
import type { Limits } from '../model';

const segmenter = new Intl.Segmenter('en', { granularity: 'grapheme' });
const simple = /^[\x20-\x7e]*$/;

/** So much is segmented at a time: the segmenter's time grows with the square of what it is given. */
const WINDOW = 512;

/** What a length is counted in, in words. */
export const unitOf = (count: Limits['count']): string =>
  count === 'bytes' ? 'bytes' : 'characters';

/** The perceived characters of a text, in time that grows with its length. */
function* graphemes(text: string): Generator<string> {
  let from = 0;
  let window = WINDOW;
  while (from < text.length) {
    const segments = [...segmenter.segment(text.slice(from, from + window))];
    const reachesEnd = from + window >= text.length;
    // The last one of a window may go on behind it; it is begun again with the next.
    const whole = reachesEnd ? segments : segments.slice(0, -1);
    for (const { segment } of whole) {
      yield segment;
    }
    if (reachesEnd) {
      return;
    }
    from += whole.reduce((sum, { segment }) => sum + segment.length, 0);
    window = whole.length ? WINDOW : window * 2;
  }
}

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
  for (const _ of graphemes(text.normalize('NFC'))) {
    length++;
  }
  return length;
}

/** The longest beginning of a text that keeps within `most`, never cutting a perceived character. */
function beginning(text: string, most: number, count: Limits['count']): string {
  let kept = '';
  let used = 0;
  for (const segment of graphemes(text.normalize('NFC'))) {
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
  const lastBlank = cut.search(/\s\S*$/u);
  const atWord = lastBlank < 0 ? cut : cut.slice(0, lastBlank).trimEnd();
  // A cut inside the first word leaves no word's end to go back to.
  return `${(atWord.length >= cut.length / 2 ? atWord : cut).replace(/[\s,;:–-]{1,20}$/u, '')}…`;
}

const SENTENCES = /[^.!?？؟]+(?:[.!?？؟]+["'”’»)]*|$)\s*/gu;
const ASKS = /[?？؟]["'”’»)]*\s*$/u;

/** Whether a text ends with a question. */
export const asks = (text: string): boolean => ASKS.test(text);

/** What stands aside in a sentence: in brackets, or between two commas or dashes. What counts (a figure, a negation, a gap) is no aside. */
const ASIDES = [
  /(?<!\s)\s*\([^()\d{}]*\)/u,
  /(?<!\s)\s+–\s[^–\d{}]{3,120}\s–(?=\s)/u,
  /,\s[^,\d{}?]{3,120},(?=\s)/u,
];
const NEGATES =
  /\b(?:not|no|never|except|without|nicht|kein\w*|ohne|außer|ne|pas|sans|sauf|no|non|sin|senza|niet|geen|inte|ikke)\b/iu;

/** A sentence without so many of its asides that it keeps within `most`; undefined where they are not enough. */
function withoutAsides(sentence: string, most: number, count: Limits['count']): string | undefined {
  let text = sentence;
  for (const aside of ASIDES) {
    for (let found = aside.exec(text); found; found = aside.exec(text)) {
      if (NEGATES.test(found[0])) {
        break;
      }
      text = text.slice(0, found.index) + text.slice(found.index + found[0].length);
      if (lengthOf(text, count) <= most) {
        return text;
      }
    }
  }
  return undefined;
}

/** Whether a text is begun for its answer to end: "Before the paddles are drawn …", "The keeper first closes". */
const isBegun = (text: string): boolean =>
  !/[.!。]["'”’»)]*\s*$/u.test(text) || /(?:…|\.{3})\s*$/u.test(text);

/** Sentences from a text's end, as many as keep within `most`. */
function lastSentences(text: string, most: number, count: Limits['count']): string {
  let kept = '';
  for (const sentence of (text.match(SENTENCES) ?? []).toReversed()) {
    const longer = `${sentence}${kept}`;
    if (lengthOf(longer.trim(), count) > most) {
      break;
    }
    kept = longer;
  }
  return kept.trim();
}

/**
 * What a question asks, in at most `most`: whole sentences from its end, where that is a question or is begun for the answer
 * to end; else the text without what stands aside in it. Undefined where neither will do: an end cut off is what was asked.
 */
export function askingPart(
  text: string,
  most: number,
  count: Limits['count'] = 'graphemes',
): string | undefined {
  if (!asks(text) && !isBegun(text)) {
    return withoutAsides(text.trim(), most, count);
  }
  const last = (text.match(SENTENCES) ?? []).at(-1) ?? text;
  return lastSentences(text, most, count) || withoutAsides(last.trim(), most, count);
}

/** Where the text goes over a limit: the index of the first UTF-16 unit past it, or -1 where it fits. */
export function overFrom(text: string, most: number, count: Limits['count'] = 'graphemes'): number {
  return lengthOf(text, count) <= most ? -1 : beginning(text, most, count).length;
}
