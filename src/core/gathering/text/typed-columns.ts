// Options that stand beside one another: in columns that are read downwards, "a. joule    c. watt" above "b. newton    d. pascal", and with
// empty boxes between them.
import { trueFalseInitials, verdictPair } from '../../shared/vocabulary/verdicts';
import { letterPlace } from '../../shared/plain';
import { anew, isLine, whereOften, type Lines } from './retyping';

const CELL = /^\s*[([]?([A-Ja-j])[.):\]]\s*\S/u;
const GAP = /(?:\t+|[ \u00a0]{2,})(?=[([]?[A-Ja-j][.):\]])/u;
const LEAST_ROWS = 2;

const BOX = String.raw`(?:[Oo○◯☐□▢☑☒■]\s+|[([]\s?[xX✓✔*]?\s?[)\]]\s*)`;
const BOXED = new RegExp(String.raw`^\s*${BOX}\S`, 'u');
const WORD_BEHIND_BOX = new RegExp(String.raw`^\s*${BOX}(\p{L}+)`, 'u');
const BOX_GAP = new RegExp(String.raw`(?:\t+|[ \u00a0]{2,})(?=${BOX}\S)`, 'u');
/** Whether two boxes are those for true and false, which belong to the statement behind them. */
function areVerdicts(cells: readonly string[]): boolean {
  const words = cells.map((cell) => WORD_BEHIND_BOX.exec(cell)?.[1] ?? '');
  return (trueFalseInitials(words[0]!, words[1]!) ?? verdictPair(words)) !== undefined;
}

/** Texts with a box or a ring in front of each, side by side on a line, as bullets on a line each; undefined of another line. */
function boxesSideBySide(text: string): string[] | undefined {
  const cells = text.trim().split(BOX_GAP);
  const areBoxed = cells.length > 1 && cells.every((cell) => BOXED.test(cell));
  return areBoxed && !areVerdicts(cells)
    ? cells.map((cell) => cell.trim().replace(/^[^☑☒■([]\s+/u, '○ '))
    : undefined;
}
/** Such boxes, where they stand so on several lines. */
export const boxesApart = whereOften(boxesSideBySide);

const SIGN = /(?<=\S\s+)(?=[□☐▢☑☒■]\s*\S)/u;
const EMPTY_SIGN = /^[□☐▢]\s*/u;
/** A task with its boxes behind it, some of them filled, 'We bake in: ■ the oven □ the cellar': a line each; undefined of another line. */
function boxesBehind(text: string): string[] | undefined {
  const [task = '', ...cells] = text.trim().split(SIGN);
  const empty = cells.filter((cell) => EMPTY_SIGN.test(cell)).length;
  const areChoices = cells.length > 1 && empty > 0 && empty < cells.length;
  return areChoices && !BOXED.test(task) && !areVerdicts(cells)
    ? [task, ...cells.map((cell) => cell.trim().replace(EMPTY_SIGN, '○ '))]
    : undefined;
}
/** Such tasks, where they stand so on several lines. */
export const boxesBelow = whereOften(boxesBehind);

const BARE_GAP = /\t+|[ \u00a0]{2,}/u;
const BARE = /^([A-J])\s([^\s–—.):>=-].*)$/su;
/** Texts that wide gaps part behind letters alone which count up, 'A go      B went', with a sign behind each letter; undefined of another line. */
function bareLetters(text: string): string[] | undefined {
  const cells = text
    .trim()
    .split(BARE_GAP)
    .map((cell) => BARE.exec(cell));
  const areCounted = cells.every((cell, n) => cell !== null && letterPlace(cell[1]!) === n);
  return cells.length > 1 && areCounted
    ? [cells.map((cell) => `${cell![1]!}) ${cell![2]!}`).join('    ')]
    : undefined;
}
/** Such letters, where they stand so on several lines. */
export const lettersSigned = whereOften(bareLetters);

/** The labelled texts of a line that wide gaps part; none where any has no label. */
function cellsIn(text: string): string[] {
  const cells = text.trim().split(GAP);
  return cells.length > 1 && cells.every((cell) => CELL.test(cell)) ? cells : [];
}

/** The cells of rows in the order of columns; undefined where their letters do not run on so. */
function downwards(rows: readonly string[][]): string[] | undefined {
  const width = rows[0]?.length ?? 0;
  const cells = Array.from({ length: width }, (_, column) =>
    rows.flatMap((row) => row[column] ?? []),
  ).flat();
  const isEven = rows.length >= LEAST_ROWS && rows.every(({ length }) => length <= width);
  const runsOn = cells.every((cell, n) => letterPlace(CELL.exec(cell)?.[1] ?? '') === n);
  return isEven && runsOn ? cells : undefined;
}

/** Such options on a line each, in the order of their letters. */
export function columnsDownwards(lines: Lines): Lines {
  const found: Lines[number][] = [];
  for (let at = 0; at < lines.length;) {
    const rows: string[][] = [];
    while (isLine(lines[at + rows.length] ?? { line: 0, text: '' })) {
      const cells = cellsIn(lines[at + rows.length]?.text ?? '');
      if (!cells.length) {
        break;
      }
      rows.push(cells);
    }
    const options = downwards(rows);
    if (options) {
      const last = rows.length - 1;
      found.push(...options.map((text, n) => anew(lines[at + Math.min(n, last)]!, text)));
      at += rows.length;
    } else {
      found.push(lines[at]!);
      at++;
    }
  }
  return found;
}
