// Draws headings: a style (well-known, synonym, abbreviation, jargon) in a language, one word for each role.

export const styles = ['known', 'synonym', 'abbreviation', 'jargon', 'other'];

/** The styles of headings that a language has for the questions themselves. */
export const stylesOf = (words, language) =>
  styles.filter((style) => words.languages[language]?.headings[style]?.stem);

/** Languages with headings in any style for all the roles named. */
export const languagesFor = (words, roles) => Object.keys(words.languages).filter((code) =>
  roles.every((role) => styles.some((style) => words.languages[code].headings[style]?.[role])));

/** A pool of words in the first of the languages that has one, else in any language. */
export function poolOf(words, name, ...codes) {
  const pools = [...codes, 'en', ...Object.keys(words.languages)].map((code) => words.languages[code]?.[name]);
  return pools.find((pool) => pool && Object.keys(pool).length);
}

/**
 * A drawer of headings: vocabulary(role) gives a word that no other role of this table has, or null where the
 * language has none for that role. `style` may be 'mixed': then each role draws a style of its own.
 */
export function vocabulary(r, words, language, style) {
  const { headings } = words.languages[language];
  const taken = new Set();
  return (role, fits = () => true) => {
    const first = style === 'mixed' ? r.pick(styles) : style;
    for (const from of [first, ...styles.filter((name) => name !== first)]) {
      const pool = r.shuffle((headings[from]?.[role] ?? []).filter((word) => fits(word) && !taken.has(word.toLowerCase())));
      if (pool.length) {
        taken.add(pool[0].toLowerCase());
        return pool[0];
      }
    }
    return null;
  };
}

/** A numbered heading without its number: 'Answer #' becomes 'Answer'; null where that would read badly. */
export const plainOf = (pattern) =>
  (/^[^#]*[^#\s] #( \([^)]*\))?$/.test(pattern) && !/( on| for| für| zu| of|premise) #/i.test(pattern) ? pattern.replace(' #', '') : null);

export const numbered = (pattern, label) => (pattern.includes('#') ? pattern.replace('#', label) : `${pattern} ${label}`);
