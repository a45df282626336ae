// Drafting: questions from terms, from templates with quantities, and from a writing assistant's replies.
export { compareReplies, type Compared } from './compare';
export { categoriesOfReply, type Categories } from './compare/categories';
export { writeRequests } from './requests';
export { draftFromTerms } from './terms';
export { swapOption, withLocked, type Exchange, type WithLent } from './terms/exchange';
export { termsOfText } from './terms/lines';
export { makeVariants } from './variants';
