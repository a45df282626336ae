// A column that names the right options: by letter, by number, by their text or by their heading.
import type { Key } from '../../model';
import { alike } from '../../shared/normalise';
import { placeOfLetter } from '../../shared/vocabulary/alphabets';

/** A row's key cell beside its options, empty ones kept. */
export type Named = { key: string; options: readonly string[] };

const JOINING =
  /\s*[,;/|&+\n]\s*|\s+(?:and|und|et|y|e|en|i|och|og|ja|és|ve|și|a|or|oder|ou|и|та|και)\s+|\s+/u;

/** The parts of a cell that names several options. */
export function partsOf(text: string): string[] {
  return text
    .split(JOINING)
    .map((part) => part.replace(/^[([]|[)\].:]+$/g, ''))
    .filter(Boolean);
}

const numberAt = (part: string): number | undefined =>
  /^\d{1,2}$/.test(part) ? Number(part) : undefined;

/** Letters with nothing between, each of them once: 'AC'. */
const areGlued = (part: string): boolean =>
  /^[A-J]{2,5}$|^[a-j]{2,5}$/.test(part) && new Set(part).size === part.length;

const letters = (text: string): (number | undefined)[] => {
  const parts = partsOf(text);
  return parts.flatMap((part) =>
    areGlued(part) ? [...part].map(placeOfLetter) : [placeOfLetter(part)],
  );
};

const WITH_WORDING =
  /^\s*[([]?([A-Ja-j]|\d{1,2})(?:\s*[)\].:–-]+\s*[([]?|\s*[([])\s*(.+?)[)\]]?\s*$/su;

/** The wording behind a letter or number, '56' of 'B (56)'; empty where a text has none. */
export const wordingIn = (text: string): string => WITH_WORDING.exec(text)?.[2] ?? '';

/** A key that says an option's letter or number with its wording, 'B (56)' or 'b) Water', as the letter or number alone. */
export function withoutWording(key: string, options: readonly string[]): string {
  const [, label = '', wording = ''] = WITH_WORDING.exec(key) ?? [];
  const place = placeOfLetter(label) ?? (numberAt(label) ?? 0) - 1;
  const said = options[place];
  return said && wording && alike(said) === alike(wording) && alike(key) !== alike(said)
    ? label
    : key;
}

/** Which style reads the cells of a key column, with the share of rows in which it names an option. */
export type Reading = { style: Key['style']; share: number };

/** Options that are nothing but their own letters stand for any text: what names one names its place. */
const areLetters = ({ options }: Named): boolean =>
  options.length > 1 && options.every((text, index) => placeOfLetter(text) === index);
const LETTERS_NAME_PLACES = 0.5;

const isPlace = (place: number | undefined, { options }: Named): boolean =>
  place !== undefined && Boolean(options[place]);

function namesText({ key, options }: Named): boolean {
  const own = options.filter(Boolean).map(alike);
  if (own.includes(alike(key))) {
    return true;
  }
  return [';', '|', '\n', ' / ', '/', ', '].some((sign) => {
    const parts = key.split(sign).map(alike).filter(Boolean);
    return parts.length > 1 && parts.every((part) => own.includes(part));
  });
}

const LABEL = /(?:^|[\s._-])(\p{L}|\d{1,2})[.):]?$/u;

/** The letters and numbers by which headings tell options apart where they are no A, B, C or 1, 2, 3: '1', 'X', '2'. */
export function labelsOfHeadings(headings: readonly string[]): string[] {
  const labels = headings.map((heading) => alike(LABEL.exec(heading.trim())?.[1] ?? ''));
  const isInTurn = [
    (label: string, index: number) => placeOfLetter(label) === index,
    (label: string, index: number) => numberAt(label) === index + 1,
    (label: string, index: number) => numberAt(label) === index,
  ].some((counted) => labels.every(counted));
  const areApart = new Set(labels).size === labels.length && !labels.includes('');
  return areApart && !isInTurn && labels.length > 1 ? labels : [];
}

/** The places, from 0, that a key names by the labels of headings; undefined where a part of it is none. */
export function placesByLabels(key: string, labels: readonly string[]): number[] | undefined {
  const places = partsOf(key).map((part) => labels.indexOf(alike(part)));
  return places.length && places.every((place) => place >= 0) ? places : undefined;
}

/** What a count from 0 is worth where no key is 0. */
export const UNTOLD = 0.5;

/** How the cells of a key column are to be read, likeliest first; `headings` are those of the options. */
export function readingsOf(rows: readonly Named[], headings: readonly string[]): Reading[] {
  const told = rows
    .filter(({ key }) => key)
    .map(({ key, options }) => ({ options, key: withoutWording(key, options) }));
  if (!told.length) {
    return [];
  }
  const share = (test: (row: Named) => boolean): number => told.filter(test).length / told.length;
  const numbers = (row: Named): (number | undefined)[] => partsOf(row.key).map(numberAt);
  const every = (list: (number | undefined)[], test: (place: number) => boolean): boolean =>
    list.length > 0 && list.every((place) => place !== undefined && test(place));
  const hasZero = told.some((row) => numbers(row).includes(0));
  const names = headings.map(alike);
  const readings: Reading[] = [
    { style: 'text', share: share(namesText) * (told.every(areLetters) ? LETTERS_NAME_PLACES : 1) },
    {
      style: 'letter',
      share: share((row) => every(letters(row.key), (place) => isPlace(place, row))),
    },
    {
      style: 'number',
      share: hasZero ? 0 : share((row) => every(numbers(row), (place) => isPlace(place - 1, row))),
    },
    {
      style: 'number-from-0',
      share:
        share((row) => every(numbers(row), (place) => isPlace(place, row))) *
        (hasZero ? 1 : UNTOLD),
    },
  ];
  // The heading of an option stands for it: its number or letter is what counts then.
  const byHeading = share(({ key }) => names.includes(alike(key)));
  // 'AB' above an option is no 'A and B' in the key.
  const mayBeGlued = names.some(areGlued);
  if (
    byHeading > 0.6 &&
    readings.every(({ share: own }) => own < byHeading || (mayBeGlued && own === byHeading))
  ) {
    readings.unshift({ style: 'text', share: byHeading });
  }
  const labels = labelsOfHeadings(headings);
  const byLabels = share(({ key }) => placesByLabels(key, labels) !== undefined);
  if (byLabels > 0 && readings.every((reading) => reading.share <= byLabels)) {
    readings.unshift({ style: 'text', share: byLabels });
  }
  return readings.sort((a, b) => b.share - a.share);
}
