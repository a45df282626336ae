// Drafting: questions from terms, from templates with quantities, and from a writing assistant's replies.
export { draftFromTerms } from './terms';
