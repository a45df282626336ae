// The only place that knows every station: what workers and endpoints call.
export { checkAll, checkItem, checkTogether } from '../checks';
export { fit, leftBehind, type LeftBehind } from '../fitting';
export * from './bank-file';
export { fillAgain } from './fill-again';
export * from './filling';
export * from './key-places';
export * from './paste-block';
export { readBackFile } from './proof';
export * from './layouts';
export * from './receipts';
export * from './sources';
export { CAPS } from '../readers';
