// Drafting: questions from terms, from templates with quantities, and from a writing assistant's replies.
export { compareReplies, type Compared } from './compare';
export { writeRequests } from './requests';
export { draftFromTerms, swapOption } from './terms';
export { termsOfText } from './terms/lines';
export { makeVariants } from './variants';
