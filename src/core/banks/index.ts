// A bank as a whole: searched, kept in order.
export { DoublesIndex, groupsOf, NEARLY_ALIKE, type Double } from './doubles';
export { searchFor, termsOf, type Known, type Lookup } from './search';
