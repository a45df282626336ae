// Understanding: what a block of cells means, asked by Gather for a source and by Layouts for a blank alike.
export { MEANINGS, roleOfMeaning, type Meaning } from './contract';
export { SURE, understandColumns, type ColumnUnderstood } from './columns';
export {
  firstRowBelow,
  looksLikeHeadings,
  understandHeadings,
  type HeadingUnderstood,
} from './headings';
export { headingGroup as wordsOfHeading } from './heading-words';
export { findMarks, withoutSign, type Marks } from './keys/marks';
export {
  labelsOfHeadings,
  placesByLabels,
  readingsOf,
  UNTOLD,
  withoutWording,
  type Named,
  type Reading as KeyReading,
} from './keys/named';
export { findVerdicts } from './keys/verdicts';
export { understandSheets } from './sheets';
export { findBlocks, type Blocks } from './shapes/blocks';
export { findBoard, findFilledBoard, partedCell, type FilledBoard } from './shapes/board';
export type { Board } from './shapes/crossing';
export { findSideways } from './shapes/sideways';
export { tablesIn, type TableRange } from './shapes/tables';
export { explanationsOf, lastHeading } from './said';
export { likelihoodOf, meaningOfWords } from './saying';
export { headingAt } from './headings-at';
