// Two lists to match, side by side, with a place for the number in between or with labels of their own: '1) bow   ( ) back of the boat',
// '1 bow     a back of the boat'.
import { optionLetter } from '../../shared/plain';
import { placeOfLetter } from '../../shared/vocabulary/alphabets';
import { isLine, retyped, type Lines } from './retyping';

const FEWEST = 3;
/** The key stands at most so many filled lines below. */
const BELOW = 2;
const SIDES = /^\s*\(?(\d{1,2})[.):]\s*(\S.*?)\s{2,}[([]\s*(\d{1,2}|_*)\s*[)\]]\s*(\S.*?)\s*$/u;
/** Labels without a sign behind the number or the letter; with signs behind both they tell by themselves. */
const LISTS =
  /^\s*(?!\(?\d{1,2}[.):].*?\s{2,}[([]?[A-Ja-j][.):\]])\(?(\d{1,2})[.):]?\s+(\S.*?)(?:\s{2,}|\t+\s*)[([]?([A-Ja-j])[.):\]]?\s+(\S.*?)\s*$/u;
const PAIR = /(\d{1,2})\s*[-–:=.)→>]*\s*([A-Ja-j])(?!\p{L})/gu;

type Row = { at: number; n: number; left: string; place: string; right: string; letter?: number };

function placedRow(text: string, at: number): Row | undefined {
  const [, n = '', left = '', place = '', right = ''] = SIDES.exec(text) ?? [];
  return n ? { at, n: Number(n), left, place: place.replace(/_/g, ''), right } : undefined;
}

/** A row of two lists that both count, the second by letters. */
const counted =
  (pattern: RegExp) =>
  (text: string, at: number): Row | undefined => {
    const [, n = '', left = '', letter = '', right = ''] = pattern.exec(text) ?? [];
    return n
      ? { at, n: Number(n), left, place: '', right, letter: placeOfLetter(letter)! }
      : undefined;
  };

/** Whether a row counts on from those above it, by its number and by its letter where it has one. */
const goesOn = (run: readonly Row[], row: Row): boolean =>
  run.at(-1)!.at === row.at - 1 &&
  row.n === run[0]!.n + run.length &&
  (row.letter ?? run.length) === run.length;
/** Whether a row may be the first: by the first letter beside any number, or by number one. */
const begins = ({ letter, n }: Row): boolean => (letter ?? n - 1) === 0;

/** Runs of lines with two sides that count on, from one or from where the lists above ended; letters beside numbers begin anew. */
function runsOf(lines: Lines, rowOf: (text: string, at: number) => Row | undefined): Row[][] {
  const runs: Row[][] = [];
  lines.forEach((line, at) => {
    const row = isLine(line) ? rowOf(line.source ?? line.text, at) : undefined;
    const last = runs.at(-1);
    if (row && last && goesOn(last, row)) {
      last.push(row);
    } else if (row && begins(row)) {
      runs.push([row]);
    }
  });
  return runs.filter(({ length }) => length >= FEWEST);
}

/** The right side of each row: by the numbers in the brackets, else by the letters of a key below; the key's line goes with it. */
function pairedBy(
  lines: Lines,
  run: readonly Row[],
): { rights: string[]; key?: number } | undefined {
  const byNumber = run.map(({ n }) => run.find(({ place }) => Number(place) === n)?.right);
  if (byNumber.every((right) => right !== undefined)) {
    return { rights: byNumber };
  }
  const below = lines
    .map(({ text }, at) => ({ text, at }))
    .filter(({ text, at }) => at > run.at(-1)!.at && text.trim());
  for (const { text, at } of below.slice(0, BELOW)) {
    const said = new Map(
      [...text.matchAll(PAIR)].map(([, n, letter]) => [Number(n), placeOfLetter(letter!)!]),
    );
    const rights = run.map(({ n }) => run[said.get(n) ?? -1]?.right);
    if (said.size === run.length && rights.every((right) => right !== undefined)) {
      return { rights, key: at };
    }
  }
  return undefined;
}

/** The same with signs behind both labels, which tell by themselves that these are lists: only a key makes them pairs here. */
const SIGNED =
  /^\s*\(?(\d{1,2})[.):]\s*(\S.*?)(?:\s{2,}|\t+\s*)[([]?([A-Ja-j])[.):\]]\s*(\S.*?)\s*$/u;
/** What heads such lists: the same word twice with a letter or number each, 'Column A   Column B'. */
const HEADS = /^\s*(\p{L}{3,12})\s+[A-Z\d]\s{2,}\1\s+[A-Z\d]\s*$/u;

/** Where a line heads two lists, by the place of the line below it. */
const headsOf = (lines: Lines): Map<number, number> =>
  new Map(
    lines.flatMap((line, at) => (isLine(line) && HEADS.test(line.text) ? [[at + 1, at]] : [])),
  );

const LETTERED = /^\s*[([]?([A-Ja-j])[.):\]]?\s+\S/u;
/** The lines right below two lists with which the second goes on alone. */
function extraBelow(lines: Lines, run: readonly Row[]): number[] {
  const found: number[] = [];
  for (let at = run.at(-1)!.at + 1; at < lines.length; at++) {
    const letter = LETTERED.exec(lines[at]!.text)?.[1];
    if (letter === undefined || placeOfLetter(letter) !== run.length + found.length) {
      break;
    }
    found.push(at);
  }
  return found;
}

/** Lists side by side whose pairs are told, as pairs joined by an arrow; counted lists without a key, with signs behind their labels. */
export function pairsSideBySide(lines: Lines): Lines {
  const texts = new Map<number, string>();
  const bare = runsOf(lines, counted(LISTS));
  for (const run of bare) {
    for (const { at, n, left, right } of run) {
      texts.set(at, `${n}. ${left}    ${optionLetter(n - run[0]!.n)}. ${right}`);
    }
  }
  const heads = headsOf(lines);
  const signed = runsOf(lines, counted(SIGNED)).filter(
    ([first]) => heads.has(first!.at) || first!.n > 1,
  );
  for (const run of [...runsOf(lines, placedRow), ...bare, ...signed]) {
    const paired = pairedBy(lines, run);
    const head = heads.get(run[0]!.at);
    if (paired && head !== undefined) {
      texts.set(head, '');
    }
    paired?.rights.forEach((right, index) => {
      texts.set(run[index]!.at, `${run[index]!.left} → ${right}`);
    });
    if (paired?.key !== undefined) {
      const extra = extraBelow(lines, run);
      // What belongs to nothing is left out, and told, in the place of the key.
      texts.set(paired.key, extra.map((at) => lines[at]!.text.trim()).join('; '));
      extra.forEach((at) => texts.set(at, ''));
    }
  }
  return texts.size ? retyped(lines, (at) => texts.get(at)) : lines;
}
