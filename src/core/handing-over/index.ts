// What leaves: which questions, in which order, in how many files, and the same rows as a block to paste.
export { batches } from './batches';
export { blockOf, htmlTable, tabText, type Block } from './block';
export { tallyOfKeys } from './key-places';
export { inFileOrder, meantBy } from './order';
export { inSectionOrder, sectionOfEach, sectionsFor } from './sections';
export { settingsFor } from './settings';
export { choose, type LeftOut, type Taken } from './taken';
