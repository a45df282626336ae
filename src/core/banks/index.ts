// A bank as a whole: searched, kept in order.
export { DoublesIndex, groupsOf, NEARLY_ALIKE, type Double } from './doubles';
export {
  changedBy,
  changeWords,
  isAddress,
  TEXT_FIELDS,
  type ManyChange,
  type TextField,
} from './many';
export { searchFor, termsOf, type Known, type Lookup } from './search';
