/** Thrown inside a parser to stop it past a cap; the reader turns it into a finding. */
export class OverCap extends Error {
  constructor(
    readonly rule: string,
    message: string,
  ) {
    super(message);
  }
}
