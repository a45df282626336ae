// A receiver's list of pictures: each picture's name with the number or link by which the receiver knows it.
import { alike } from './normalise';

/** A picture's name, and what the receiver wants in its place. */
export type ListedPicture = { name: string; value: string };

const ADDRESS = /^(?:https?:\/\/|data:)/i;
const NUMBER = /^\d+$/;
const ENDING = /\.[a-z]{2,5}$/i;

/** Whether an address holds the picture itself. */
export const holdsPicture = (href: string): boolean => href.startsWith('data:');

/** A picture's name as lists are looked up: the last part of its address, without its ending, in any case. */
export function pictureName(address: string): string {
  const path = address.replace(/[?#].*$/, '').replace(/\/+$/, '');
  const last = path.split(/[\\/]/).at(-1) ?? path;
  let name = last;
  try {
    name = decodeURIComponent(last);
  } catch {
    // A name with a lone per cent sign is taken as it stands.
  }
  return alike(name.replace(ENDING, ''));
}

/** How many cells of a column are such as a receiver knows pictures by. */
const count = (cells: readonly string[], isSo: (cell: string) => boolean): number =>
  cells.filter((cell) => cell && isSo(cell)).length;

const isCode = (cell: string): boolean => ADDRESS.test(cell) || NUMBER.test(cell);

/**
 * The pictures of a table: one column names them, another has their numbers or links. A first row whose cells are none of
 * these holds the headings. Empty where no column has numbers or links for most of its rows.
 */
export function picturesIn(rows: readonly (readonly string[])[]): ListedPicture[] {
  const filled = rows.filter((row) => row.some((cell) => cell.trim()));
  const width = Math.max(0, ...filled.map((row) => row.length));
  const columns = Array.from({ length: width }, (_, at) =>
    filled.map((row) => (row[at] ?? '').trim()),
  );
  const codes = columns.map((cells) => count(cells, isCode));
  const value = codes.indexOf(Math.max(...codes, 1));
  const names = columns.map((cells, at) =>
    at === value ? 0 : new Set(cells.filter((cell) => cell && !NUMBER.test(cell))).size,
  );
  const name = names.indexOf(Math.max(...names, 1));
  if (value < 0 || name < 0 || codes[value]! < filled.length / 2) {
    return [];
  }
  return filled.flatMap((row) => {
    const [own, code] = [(row[name] ?? '').trim(), (row[value] ?? '').trim()];
    return own && isCode(code) ? [{ name: own, value: code }] : [];
  });
}

/** A list by its names and by its own values, made once. */
const looked = new WeakMap<readonly ListedPicture[], ReadonlyMap<string, string>>();
function lookUp(list: readonly ListedPicture[]): ReadonlyMap<string, string> {
  const known = looked.get(list);
  if (known) {
    return known;
  }
  const made = new Map<string, string>();
  for (const { name, value } of list) {
    const key = pictureName(name);
    made.set(key, made.get(key) ?? value);
    made.set(value, value);
  }
  looked.set(list, made);
  return made;
}

/** What a list says of a picture; undefined where it is not on it. A picture that already has the list's value keeps it. */
export function listedValue(address: string, list: readonly ListedPicture[]): string | undefined {
  const byName = lookUp(list);
  return byName.get(address) ?? byName.get(pictureName(address));
}
