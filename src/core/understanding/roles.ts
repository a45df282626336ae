// How likely each column has each meaning: by its words, its cells and its neighbours first, then by what the others are.
import { CELL_FIGURES, cellFigures } from './cells';
import { MEANINGS, SAYINGS, type Meaning, type TableView } from './contract';
import { headingSigns, HEADING_SIGNS, piecesOf } from './heading-words';
import type { Model } from './model';
import { networkSums, softmax } from './network';
import { STRUCTURE_FIGURES, structureFigures } from './structure';
import { sayingOf } from './words';

const zeros = (count: number): readonly number[] => Array.from({ length: count }, () => 0);
const NO_WORDS = zeros(SAYINGS.length);
const NO_CELLS = zeros(CELL_FIGURES);
const NO_MEANING = zeros(MEANINGS.length);

/** What is looked at of each column, before any network. */
export type Looked = {
  words: readonly (readonly number[])[];
  /** What the heading above several of them says. */
  groups: readonly (readonly number[])[];
  signs: readonly (readonly number[])[];
  cells: readonly (readonly number[])[];
  structure: readonly (readonly number[])[];
};

/** A heading without a word of its own, such as a lone letter, speaks by that of its group. */
const spoken = (heading: string, group: string): string =>
  group && !piecesOf(heading).length ? group : heading;

/** The figures of all columns of a table. */
export function lookAt(view: TableView, saying: (heading: string) => readonly number[]): Looked {
  const cells = view.columns.map((column) => cellFigures(column.texts, column.list));
  return {
    words: view.columns.map(({ heading, group }) => saying(spoken(heading, group))),
    groups: view.columns.map(({ group }) => (group ? saying(group) : NO_WORDS)),
    signs: view.columns.map(({ heading }) => headingSigns(heading)),
    cells,
    structure: structureFigures(view, cells),
  };
}

export const FIRST_INPUT =
  4 * SAYINGS.length + 3 * CELL_FIGURES + HEADING_SIGNS + STRUCTURE_FIGURES;
/** What the first network is given for a column. */
export const firstInput = (looked: Looked, column: number): number[] => [
  ...looked.words[column]!,
  ...looked.groups[column]!,
  ...looked.cells[column]!,
  ...(looked.words[column - 1] ?? NO_WORDS),
  ...(looked.cells[column - 1] ?? NO_CELLS),
  ...(looked.words[column + 1] ?? NO_WORDS),
  ...(looked.cells[column + 1] ?? NO_CELLS),
  ...looked.signs[column]!,
  ...looked.structure[column]!,
];

const NEAR = [0, -1, 1, -2, 2];
export const SECOND_INPUT =
  (NEAR.length + 2) * MEANINGS.length + HEADING_SIGNS + CELL_FIGURES + STRUCTURE_FIGURES;
/** A sum of probabilities past this tells no more: there are many of them. */
const MANY = 4;

function sumOf(meanings: readonly (readonly number[])[]): number[] {
  const sum = MEANINGS.map(() => 0);
  for (const one of meanings) {
    one.forEach((p, index) => {
      sum[index] = sum[index]! + p;
    });
  }
  return sum.map((value) => Math.min(1, value / MANY) + Math.min(1, value) / 2);
}

/** What the second network is given for each column. */
export function secondInputs(looked: Looked, meanings: readonly (readonly number[])[]): number[][] {
  const all = sumOf(meanings);
  return meanings.map((_, column) => [
    ...NEAR.flatMap((step) => meanings[column + step] ?? NO_MEANING),
    ...all,
    ...sumOf(meanings.slice(0, column)),
    ...looked.signs[column]!,
    ...looked.cells[column]!,
    ...looked.structure[column]!,
  ]);
}

/** Columns whose meaning a person has said, by their place in the view. */
export type Said = ReadonlyMap<number, Meaning>;

const certain = (meaning: Meaning): number[] => MEANINGS.map((name) => (name === meaning ? 1 : 0));

/** How likely each column of a table has each of `MEANINGS`, in their order. What is said is certain, and all else follows it. */
export function meaningsOf(model: Model, view: TableView, said: Said = new Map()): number[][] {
  const looked = lookAt(view, (heading) => sayingOf(model.words, heading));
  const held = (column: number, p: number[]): number[] => {
    const meaning = said.get(column);
    return meaning ? certain(meaning) : p;
  };
  const first = view.columns.map((_, column) =>
    held(column, softmax(networkSums(model.first, firstInput(looked, column)))),
  );
  return secondInputs(looked, first).map((input, column) =>
    held(column, softmax(networkSums(model.second, input).map((sum) => sum / model.temperature))),
  );
}
