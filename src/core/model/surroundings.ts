// What the core may not reach for itself and is handed instead: the clock, fresh names, a digest.
export type Surroundings = {
  /** The present moment as ISO 8601 text. */
  now(): string;
  /** A fresh name that no other call has returned. */
  id(): string;
  /** The SHA-256 of the bytes in lower-case hexadecimal digits. */
  digest(bytes: Uint8Array): Promise<string>;
};
