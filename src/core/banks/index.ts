// A bank as a whole: searched, kept in order.
export { DoublesIndex, nearlyAlikeIn, type Double } from './doubles';
export { changedBy, changeWords, TEXT_FIELDS, type ManyChange, type TextField } from './many';
export {
  categoryTree,
  isWithin,
  splitTag,
  tagCounts,
  type CategoryNode,
  type TagCount,
} from './tidy-order';
export { queryWith, searchFor, termsOf, valueAsked, type Lookup } from './search';
export { markOf, saying } from './saying';
export {
  matchFiles,
  picturesIn,
  withPictures,
  type BankPicture,
  type PictureChange,
} from './pictures';
