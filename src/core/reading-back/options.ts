// The options of a question, and which of them are right, by the layout's notation.
import { tickedPair, type TickedPair } from '../shared/ticked-pair';
import type { Layout, Option } from '../model';
import { defined } from '../shared/defined';
import { numberOf } from '../shared/normalise';
import { rightByWeights } from '../shared/weights';
import type { Said } from './said';
import { letterPlace } from '../shared/plain';

type Key = Layout['key'];

/** Where a text stands among the options, from 0; -1 where it is none of them. */
function indexesOfTexts(text: string, separator: string, options: readonly string[]): number[] {
  const whole = options.indexOf(text);
  return whole >= 0 ? [whole] : text.split(separator).map((part) => options.indexOf(part));
}

const letterIndex = (part: string): number => (/^[A-Za-z]$/.test(part) ? letterPlace(part) : -1);

const numberIndex =
  (first: number) =>
  (part: string): number =>
    /^\d+$/.test(part) ? Number(part) - first : -1;

/** What each part of a key says in the notations of places. */
const PLACES: Partial<Record<Key['style'], (part: string) => number>> = {
  letter: letterIndex,
  number: numberIndex(1),
  'number-from-0': numberIndex(0),
};

/** The places of the right options, from 0. */
export function keyIndexes(text: string, key: Key, options: readonly string[]): number[] {
  const place = PLACES[key.style];
  if (!place) {
    return indexesOfTexts(text, key.separator ?? '; ', options);
  }
  return text
    .split(key.separator ?? ',')
    .map((part) => part.trim())
    .filter(Boolean)
    .map(place);
}

const inOneCell = (role: 'options' | 'wrongs', said: Said): string[] =>
  said.get(role) ? said.get(role).split(said.separator(role) ?? ';') : [];

/** The texts of the options, in the order of their places. */
export function optionTexts(layout: Layout, said: Said): string[] {
  if (layout.key.style === 'right-column') {
    const wrongs = [...said.all('wrong'), ...inOneCell('wrongs', said)];
    return [said.get('right'), ...wrongs].filter((text) => text !== '');
  }
  const joined = inOneCell('options', said);
  return joined.length ? joined : said.all('option').filter((text) => text !== '');
}

/** An option as its cells say it. */
type Read = Pick<Option, 'right'> & { plain?: string; weight?: number };
/** What tells one option: its text, its place from 0. */
type ReadOption = (text: string, index: number) => Read;

/** How each notation tells which options are right, from what stands in the places of the question. */
const READERS: Partial<Record<Key['style'], (said: Said, key: Key) => ReadOption>> = {
  marker: (_said, { marker = '*' }) => {
    return (text) => {
      const right = text.startsWith(marker);
      return { right, plain: right ? text.slice(marker.length) : text };
    };
  },
  verdict: (said, key) => {
    const verdicts = said.all('verdict');
    return (_text, index) => ({ right: verdicts[index] === (key.right ?? 'correct') });
  },
  weight: (said) => {
    const weights = said.all('weight').map((text) => numberOf(text) ?? 0);
    const right = rightByWeights(weights);
    return (_text, index) => ({ right: right[index] ?? false, weight: weights[index] ?? 0 });
  },
  first: () => (_text, index) => ({ right: index === 0 }),
  'right-column': () => (_text, index) => ({ right: index === 0 }),
};

/** Notations that name places or texts of options in a cell of the key. */
function byKeyCell(said: Said, key: Key, texts: readonly string[]): ReadOption {
  const right = new Set(keyIndexes(said.get('key'), key, texts));
  return (_text, index) => ({ right: right.has(index) });
}

/** True and false, of which a word names the right one. */
function twoWords(said: Said, { right = 'true', wrong = 'false' }: Key): Option[] {
  // Where the key has no column of its own, the word stands in the place of the first option.
  const word = said.has('key') ? said.get('key') : said.get('option');
  return [right, wrong].map((plain) => ({ text: { plain }, right: word === plain }));
}

/** True and false, of which a tick in one of two columns says which it is; neither where none or both are ticked. */
function tickedWords(said: Said, { trueAt, tick }: TickedPair): Option[] {
  const ticks = said.all('verdict').map((text) => text === tick);
  const isOne = ticks.filter(Boolean).length === 1;
  return ['True', 'False'].map((plain, index) => ({
    text: { plain },
    right: isOne && ticks[index === 0 ? trueAt : 1 - trueAt] === true,
  }));
}

/** The options that the places say. */
export function readOptions(layout: Layout, said: Said): Option[] {
  const { key } = layout;
  if (key.style === 'word') {
    return twoWords(said, key);
  }
  const ticked = tickedPair(layout);
  if (ticked) {
    return tickedWords(said, ticked);
  }
  const texts = optionTexts(layout, said);
  const feedback = said.all('feedback');
  const read = READERS[key.style]?.(said, key) ?? byKeyCell(said, key, texts);
  return texts.map((text, index) => {
    const { right, plain = text, weight } = read(text, index);
    return defined({
      text: { plain },
      right,
      feedback: feedback[index] ? { plain: feedback[index] } : undefined,
      weight,
    });
  });
}
