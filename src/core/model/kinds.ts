// The kinds of question by name, apart from their schemas, which a page that only lists them need not load.

/** Every kind of question, in the order in which the interface lists them. */
export const KINDS = [
  'choice-one',
  'choice-many',
  'true-false',
  'match',
  'order',
  'short',
  'number',
  'gap',
  'open',
  'upload',
  'card',
] as const;
