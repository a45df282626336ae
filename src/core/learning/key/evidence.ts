// What is known of a blank when its key is looked for, and of what its sentences speak.
import type { Column, Key } from '../../model';
import { columnIndex } from '../../shared/cells';
import { bareWords } from '../../shared/normalise';
import type { Region } from '../../shared/table/region';
import { kindOfWord } from '../../shared/vocabulary/kinds';
import { speaksOf } from '../../shared/vocabulary/rule-words';
import { speaksOfKey } from '../key-sentences';

export type KeyLearned = { key: Key; because: string; sure: boolean };
/** What is known when the key is looked for: samples from `first` to `last` (empty where last < first), and all words of the blank. */
export type KeyEvidence = {
  region: Region;
  columns: readonly Column[];
  first: number;
  last: number;
  words: readonly string[];
  note: (column: string) => string;
};

/** The columns of a role. */
export const having = ({ columns }: KeyEvidence, role: Column['role']): Column[] =>
  columns.filter((column) => column.role === role);

/** The sample rows of some columns, empty cells kept. */
export function sampleRows(
  { region, first, last }: KeyEvidence,
  columns: readonly Column[],
): string[][] {
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, row) =>
    columns.map((column) => region.cell(first + row, columnIndex(column.column))),
  );
}

/** The sentences of a text: another begins with a capital. */
export const sentencesOf = (text: string): string[] =>
  text.split(/(?<=[.!?])\s+(?=["'“„«(]?\p{Lu})/u);

/** Whether a sentence speaks of the options or of the right answer. */
export const isAboutOptions = (text: string): boolean =>
  speaksOf('options', bareWords(text)) || speaksOfKey(text);

const FEWEST_KINDS = 2;
/** Whether a sentence lists kinds of questions, so many at least, or gives one its code; one kind is called by words for right and wrong as well. */
export function isAboutKinds(text: string, fewest = FEWEST_KINDS): boolean {
  const areKinds = (parts: readonly string[]): number =>
    parts.filter((part) => kindOfWord(part.trim()) !== undefined).length;
  return areKinds(text.split(/[:,;]/u)) >= fewest || areKinds(text.split('=').slice(1)) > 0;
}

/** Whether a sentence speaks of wrong answers. */
export const isAboutWrong = (text: string): boolean => speaksOf('wrong', bareWords(text));

/** Whether a sentence names a column by its heading. */
export const names = (text: string, key: Column): boolean =>
  Boolean(key.heading) && ` ${bareWords(text)} `.includes(` ${bareWords(key.heading!)} `);
