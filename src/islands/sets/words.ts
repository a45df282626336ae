// Words of sets that stand in several of their parts.
const MINUTE = 60;

/** A time in minutes and seconds: '4 min 30 s'. */
export const timeWords = (seconds: number): string =>
  [
    seconds >= MINUTE ? `${Math.floor(seconds / MINUTE)} min` : '',
    seconds % MINUTE ? `${seconds % MINUTE} s` : '',
  ]
    .filter(Boolean)
    .join(' ');
