// The parts of a word processor's document: paragraphs with their runs, labels and pictures, and tables of them.
import type { Picture, Run } from '../../model';

export type Paragraph = {
  runs: Run[];
  /** The number or letter that is set in front by itself. */
  label?: string;
  level?: number;
  heading?: number;
  pictures: Picture[];
};
export type TablePart = { table: Paragraph[][][] };
export type BodyPart = Paragraph | TablePart;

/** Whether a part of the body is a table rather than a paragraph. */
export const isTablePart = (part: BodyPart): part is TablePart => 'table' in part;
