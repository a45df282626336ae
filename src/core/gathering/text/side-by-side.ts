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

type Row = { at: number; n: number; left: string; place: string; right: string };

function placedRow(text: string, at: number): Row | undefined {
  const [, n = '', left = '', place = '', right = ''] = SIDES.exec(text) ?? [];
  return n ? { at, n: Number(n), left, place: place.replace(/_/g, ''), right } : undefined;
}

/** A row of two lists that both count, the second by letters. */
function countedRow(text: string, at: number): Row | undefined {
  const [, n = '', left = '', letter = '', right = ''] = LISTS.exec(text) ?? [];
  const isEven = n !== '' && placeOfLetter(letter) === Number(n) - 1;
  return isEven ? { at, n: Number(n), left, place: '', right } : undefined;
}

/** Runs of lines with two sides that count on from one. */
function runsOf(lines: Lines, rowOf: (text: string, at: number) => Row | undefined): Row[][] {
  const runs: Row[][] = [];
  lines.forEach((line, at) => {
    const row = isLine(line) ? rowOf(line.source ?? line.text, at) : undefined;
    const last = runs.at(-1);
    if (row && last && last.at(-1)!.at === at - 1 && row.n === last.length + 1) {
      last.push(row);
    } else if (row?.n === 1) {
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

/** Lists side by side whose pairs are told, as pairs joined by an arrow; counted lists without a key, with signs behind their labels. */
export function pairsSideBySide(lines: Lines): Lines {
  const texts = new Map<number, string>();
  for (const run of runsOf(lines, countedRow)) {
    for (const { at, n, left, right } of run) {
      texts.set(at, `${n}. ${left}    ${optionLetter(n - 1)}. ${right}`);
    }
  }
  for (const run of [...runsOf(lines, placedRow), ...runsOf(lines, countedRow)]) {
    const paired = pairedBy(lines, run);
    paired?.rights.forEach((right, index) => {
      texts.set(run[index]!.at, `${run[index]!.left} → ${right}`);
    });
    if (paired?.key !== undefined) {
      texts.set(paired.key, '');
    }
  }
  return texts.size ? retyped(lines, (at) => texts.get(at)) : lines;
}
