// Lets the page draw and hear between two pieces of work.

/** Resolves after so many milliseconds, or as soon as the page has had its turn. */
export const pause = (milliseconds?: number): Promise<void> =>
  new Promise((resolve) => {
    setTimeout(resolve, milliseconds);
  });
