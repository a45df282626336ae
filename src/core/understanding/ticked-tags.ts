// Columns that tick what a question belongs to, 'Year 7' or 'Exam', beside one that names the right answer.
import { alike } from '../shared/normalise';
import { filledOf, isTicked, optionsCalled, says } from './column-words';
import type { ColumnView, Meaning, TableView } from './contract';
import { labelOf } from './heading-words';
import { partsOf, readingsOf } from './keys/named';

/** Fewer rows show nothing. */
const LEAST_ROWS = 2;
const NAMED = 0.5;
const SAID = 0.8;
const MOSTLY = 0.8;

/** What a column that is ticked may be called, and then is. */
const CALLED: readonly Meaning[] = [
  'verdict',
  'key',
  'right',
  'pick',
  'shuffle',
  'across',
  'use',
  'number-in-file',
];

/** A letter or number alone says which option it is for, and no more. */
const WORD = /\p{L}{2}/u;

/** Whether the cells of a headed column hold one sign and nothing else, some are empty, and its heading does not say why. */
const ticksSomething = (column: ColumnView): boolean =>
  column.heading !== '' &&
  isTicked(column, 1) &&
  (!WORD.test(column.heading) || says(column, ...CALLED) <= SAID);

/** How much of the rows a column names an option in. */
function named(column: ColumnView, options: readonly ColumnView[]): number {
  const rows = column.texts.map((key, row) => ({
    key,
    options: options.map(({ texts }) => texts[row] ?? ''),
  }));
  const [best] = readingsOf(
    rows,
    options.map(({ heading }) => heading),
  );
  return filledOf(column).length >= rows.length * MOSTLY ? (best?.share ?? 0) : 0;
}

/** Whether ticks, one for each option, say what another column says: a single place in most rows, and that one. */
function saySame(
  column: ColumnView,
  ticked: readonly ColumnView[],
  options: readonly ColumnView[],
): boolean {
  const isSaid = (key: string, row: number): boolean => {
    const places = ticked.flatMap(({ texts }, place) => (texts[row] ? [place] : []));
    const names = partsOf(key).map(alike);
    return (
      [alike(key), ...names].includes(alike(options[places[0]!]?.texts[row] ?? '')) ||
      (places.length === names.length &&
        places.every((place) =>
          [String(place + 1), String(place), String.fromCharCode(97 + place)].some((name) =>
            names.includes(name),
          ),
        ))
    );
  };
  const told = column.texts.filter((key, row) => key !== '' && isSaid(key, row)).length;
  const areWords = ticked.every(
    ({ heading }) => WORD.test(heading) && labelOf(heading) === undefined,
  );
  return !areWords && ticked.length === options.length && told >= filledOf(column).length * MOSTLY;
}

/** What a column that names the right options may be called; words that are not known say nothing against it. */
const TELLING = ['key', 'right', 'verdict', 'accepted', 'unknown', 'content'] as const;

/**
 * What columns are that are ticked beside options of which another column names the right ones: verdicts where they say
 * the same as that one, else what questions belong to. `key` is the other column.
 */
export function tickedBesideKey({
  columns,
  rows,
}: TableView):
  { ticked: readonly ColumnView[]; as: 'tag' | 'verdict'; key: ColumnView } | undefined {
  const ticked = columns.filter(ticksSomething);
  const options = optionsCalled(columns).filter((column) => !ticked.includes(column));
  if (!ticked.length || rows <= LEAST_ROWS || options.length < 2) {
    return undefined;
  }
  const key = columns.find(
    (column) =>
      !ticked.includes(column) &&
      !options.includes(column) &&
      says(column, ...TELLING) > NAMED &&
      named(column, options) >= MOSTLY,
  );
  return key && { ticked, key, as: saySame(key, ticked, options) ? 'verdict' : 'tag' };
}
