// Titles that count the blocks of a sheet, 'Question 1', 'Question 2', above the fields of each.
import type { Role } from '../../model';
import { countedLabel } from '../../shared/block-labels';
import { alike } from '../../shared/normalise';
import type { Region } from '../../shared/table/region';
import { labelOf } from '../heading-words';

/** A cell of the first column that names a field; rows count from 0. */
export type Labelled = { row: number; label: string; role: Role };
/** The cells that name fields, and how many of their column are filled. */
export type LabelsDown = {
  labelled: Labelled[];
  filled: number;
  /** The title that counts the blocks, 'Question {n}', where it stands right above each. */
  title?: string;
};

const COUNTED = /^(\p{L}[\p{L} ]*?)\s*(\d{1,3})\s*[.:]?$/u;

/** Whether a row holds a counting title and nothing beside it, 'Question 2'. */
const countsAlone = (region: Region, row: number): boolean =>
  COUNTED.test(region.cell(row, region.left)) && region.cell(row, region.left + 1) === '';

/** Whether the rows below one name the first and the second option, so that it is the question's own row, filled or not. */
const standsAboveOptions = (region: Region, { labelled }: LabelsDown, row: number): boolean =>
  [1, 2].every((n) =>
    labelled.some(
      (one) =>
        one.row === row + n &&
        one.role === 'option' &&
        labelOf(region.cell(one.row, region.left)) === n,
    ),
  );

/** The rows that count the questions, each with nothing beside it; in an empty form options count so as well, by another word. */
function titlesIn(region: Region): number[] {
  const titles: number[] = [];
  let name: string | undefined;
  for (let row = region.top; row <= region.bottom; row++) {
    const [, words = '', count] = COUNTED.exec(region.cell(row, region.left)) ?? [];
    const isOwn = name === undefined || alike(words) === name;
    if (isOwn && countsAlone(region, row) && Number(count) === titles.length + 1) {
      name = alike(words);
      titles.push(row);
    }
  }
  return titles;
}

/**
 * Labels below titles that count the questions, 'Question 1', 'Question 2': the titles name no field, and the first label below
 * each is the question's text.
 */
export function withTitles(region: Region, found: LabelsDown | undefined): LabelsDown | undefined {
  if (!found) {
    return undefined;
  }
  const titles = titlesIn(region);
  const first = titles.map((row) => alike(region.cell(row + 1, region.left)));
  const isTitled = titles.length > 1 && first[0] && first.every((label) => label === first[0]);
  if (!isTitled || standsAboveOptions(region, found, titles[0]!)) {
    return found;
  }
  const isTitle = new Set(titles);
  const labelled = found.labelled
    .filter(({ row }) => !isTitle.has(row))
    .map((one): Labelled => {
      const other = one.role === 'stem' ? 'option' : one.role;
      return { ...one, role: alike(one.label) === first[0] ? 'stem' : other };
    });
  const missing = titles
    .filter((row) => !labelled.some((one) => one.row === row + 1))
    .map((row) => ({
      row: row + 1,
      label: region.cell(row + 1, region.left),
      role: 'stem' as const,
    }));
  return {
    labelled: [...labelled, ...missing].sort((a, b) => a.row - b.row),
    filled: found.filled - titles.length,
    title: counted(region.cell(titles[0]!, region.left))!,
  };
}

/** A label that counts with its number left open, 'Question {n}'; undefined of any other. */
function counted(label: string): string | undefined {
  const words = COUNTED.exec(label)?.[1];
  return words === undefined
    ? undefined
    : countedLabel(words, /^\d/u.test(label.slice(words.length)));
}

/** What the label of a field is called, where the labels that open the blocks count them: 'Question 2' is 'Question {n}'. */
export function nameOfLabel(label: string, opening: string | undefined): string {
  const words = opening === undefined ? undefined : COUNTED.exec(label)?.[1];
  return words !== undefined && alike(words) === opening ? counted(label)! : label;
}

/** The comparable words of labels that name the question and count from 1, each with its text beside it or its options below it; undefined of others. */
export function countedOpening(region: Region, found: LabelsDown): string | undefined {
  const stems = found.labelled.filter(({ role }) => role === 'stem');
  const names = stems.map(({ label }) => COUNTED.exec(label));
  const [first] = names;
  const counts = names.every(
    (name, index) => name && Number(name[2]) === index + 1 && alike(name[1]!) === alike(first![1]!),
  );
  const [top] = stems;
  const isQuestion =
    top &&
    (region.cell(top.row, region.left + 1) !== '' || standsAboveOptions(region, found, top.row));
  return stems.length > 1 && counts && isQuestion ? alike(first![1]!) : undefined;
}
