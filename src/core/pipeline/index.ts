// The only place that knows every station: what workers and endpoints call.
export { applyMends, applyPatch, checkAll, checkItem, checkTogether } from '../checks';
export { fit, KIND_WORDS, type Decision, type FitOptions } from '../fitting';
export * from './bank-file';
export * from './hand-over';
export * from './layouts';
export * from './receipts';
export * from './sources';
export { CAPS, type SourceFile } from '../readers';
export { nameItems } from '../shared/references';
