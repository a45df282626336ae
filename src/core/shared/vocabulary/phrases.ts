// Words and phrases of several languages as one pattern. They stand in tables, a row for each language, so that a word
// can be added by anyone who speaks it.

/** The phrases of one language; a phrase may hold what a pattern holds, such as 'answers?'. */
export type Phrases = Readonly<Record<string, readonly string[]>>;

const alternatives = (phrases: Phrases): string =>
  Object.values(phrases)
    .flat()
    // The longest first, since the first alternative that fits is taken.
    .sort((a, b) => b.length - a.length)
    .join('|');

/** Matches a text that is one of the phrases and nothing else. */
export const wholly = (phrases: Phrases): RegExp => new RegExp(`^(?:${alternatives(phrases)})$`);

/** Matches a text in which one of the phrases stands between other words. */
export const among = (phrases: Phrases): RegExp => new RegExp(`\\b(?:${alternatives(phrases)})\\b`);
