// What a change does to a question: it is written in another way, or something of it is lost.

/** Changes after which a learner still meets all that the question says. */
const KEEP_ALL: ReadonlySet<string> = new Set([
  'own-text',
  'option-chosen',
  'tag-holds-sign',
  'encoding-plain',
  'formatting-as-signs',
  'typed-answer-one-line',
  'cell-one-line',
  'text-one-line',
  'blanks-collapsed',
  'formula-guarded',
  'seconds-asked',
  'layout-default',
  'keys-spread',
  'picture-listed',
  'default-filled',
]);

/**
 * Whether something of the question is lost by a change, so that a person should look at it.
 * A change without a code, as receipts of early editions have them, counts as a loss.
 */
export const losesSomething = ({ code }: { code?: string | undefined }): boolean =>
  code === undefined || !KEEP_ALL.has(code);

/** Whether a question stays out until a person has found shorter words for it. */
export const needsOwnWords = (code: string | undefined): boolean =>
  code === 'needs-words' || code === 'options-alike';

/** How a question stands to a receiver, as the bytes of a column say it. */
export const FIT_STATE = { fits: 0, loses: 1, refused: 2, written: 3 } as const;
export type FitState = (typeof FIT_STATE)[keyof typeof FIT_STATE];
