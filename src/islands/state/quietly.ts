// Work beside the user's own, whose failure is no reason to disturb them.

/** Lets work go on by itself: what it keeps aside is still in the page, or where it came from. */
export function quietly(work: Promise<unknown>): void {
  work.catch(() => undefined);
}
