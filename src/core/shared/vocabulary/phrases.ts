// Words and phrases of several languages as one pattern. They stand in tables, a row for each language, so that a word
// can be added by anyone who speaks it.

/** The phrases of one language; a phrase may hold what a pattern holds, such as 'answers?'. */
export type Phrases = Readonly<Record<string, readonly string[]>>;

/** The phrases as the alternatives of a pattern. */
export const anyOf = (phrases: Phrases): string =>
  Object.values(phrases)
    .flat()
    // The longest first, since the first alternative that fits is taken.
    .sort((a, b) => b.length - a.length)
    .join('|');

/** Matches a text that is one of the phrases and nothing else. */
export const wholly = (phrases: Phrases): RegExp => new RegExp(`^(?:${anyOf(phrases)})$`);

/** Matches a text in which one of the phrases stands between other words. */
export const among = (phrases: Phrases): RegExp => new RegExp(`\\b(?:${anyOf(phrases)})\\b`);

/** The same, where a word ends wherever no letter follows; \\b knows the letters of ASCII alone. */
export const amongWords = (phrases: Phrases): RegExp =>
  new RegExp(`(?<![\\p{L}\\p{N}])(?:${anyOf(phrases)})(?![\\p{L}\\p{N}])`, 'u');
