// A seed for another draw.

const MOST_SEED = 1_000_000;

/** Another seed by chance, short enough to be read out. */
export const freshSeed = (): number => Math.floor(Math.random() * MOST_SEED);
