// Words for numbers of things, as the messages of every station use them.

/** '1 question', '2 questions'. */
export const count = (n: number, thing: string, many = `${thing}s`): string =>
  `${n} ${n === 1 ? thing : many}`;

/** A text as it stands in a message: in quotes, cut where it is long. */
export function quoted(text: string, most = 60): string {
  const flat = text.replace(/\s+/gu, ' ').trim();
  return `“${flat.length > most ? `${flat.slice(0, most - 1).trimEnd()}…` : flat}”`;
}

/** 'a, b and c'. */
export function listed(words: readonly string[]): string {
  return words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
}

/** The letter of an option, A for the first. */
export const optionLetter = (index: number): string => String.fromCharCode(65 + index);

/** A name that a file may bear on every system: signs that some forbid become blanks; `otherwise` where nothing is left. */
export const safeName = (name: string, otherwise: string): string =>
  name
    .replace(/[\u0000-\u001f<>:"/\\|?*]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim() || otherwise;

/** A tag as people write it: 'level: beginner', or the plain word. */
export const tagText = (tag: { name?: string; value: string }): string =>
  tag.name ? `${tag.name}: ${tag.value}` : tag.value;
