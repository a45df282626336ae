// Layouts for all places: taught, built, changed, shown and handed over.
export { blankOf, exportLayout, sheetsOf, takeBlank } from './blanks';
export {
  changeColumn,
  changeLayout,
  choose,
  learnMarks,
  removeLayout,
  setColumns,
} from './changing';
export { addStarter, duplicateLayout, newLayout, starters } from './keeping';
export {
  blankWords,
  forgetTaught,
  takeOutBlanks,
  teachBlanks,
  useTaught,
  type Taught,
} from './teaching';
