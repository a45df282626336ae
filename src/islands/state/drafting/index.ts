// Drafting on the page: what is asked for, what was made, what of it is kept.
export { draftingState, openDrafting, setDrafting, useDrafting } from './hold';
export { copyRequest, takeReply, writeRequests } from './asking';
export { drawAnew, drawVariants } from './drawing';
export { lockOption, makeFromTerms, swap, swapOthers, termsOfBank } from './from-terms';
export { stopDrafting } from './work';
export { decideDraft, keepable, keepAll, mendDraft, openDraft, takeKept } from './reviewing';
export * from './types';
