// Drafting on the page: what is asked for, what was made, what of it is kept.
export { draftingState, openDrafting, setDrafting, useDrafting } from './hold';
export {
  copyRequest,
  drawAnew,
  drawVariants,
  makeFromTerms,
  stopDrafting,
  swap,
  takeReply,
  termsOfBank,
  writeRequests,
} from './making';
export { decideDraft, keepable, keepAll, mendDraft, openDraft, takeKept } from './reviewing';
export * from './types';
