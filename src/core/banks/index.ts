// A bank as a whole: searched, kept in order.
export { searchFor, termsOf, type Known, type Lookup } from './search';
