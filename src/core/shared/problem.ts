// Bad input that stops a piece of work, with the sentence that the user is told. Anything else that is thrown is a fault
// of the program's own.

/** Thrown where an input can't be used; its message says what was found and what to do. */
export class Problem extends Error {
  override name = 'Problem';
}
