// The name of the one tag that a column stands for, from its heading.
import { bareWords } from './normalise';

const TAG =
  /^(?:tags?|labels?|key ?words?|schlagwort|stichwort|etiquettes?|mots? cles?|etiquetas?|etichett[ae]|trefwoord|steekwoord|nyckelord|nogleord)(?: \d+)?$/;

/** `Tag: Season` names the tag as it is written, `Difficulty` by its word in lower case; `Tag 2` names none. */
export function tagNameOf(heading: string): string | undefined {
  const bare = heading.replace(/[([][^)\]]*[)\]]/gu, ' ').trim();
  const [, head = '', behind = ''] = /^([^:–-]+?)\s*[:–-]\s*(\S.*)$/u.exec(bare) ?? [];
  if (behind && TAG.test(bareWords(head))) {
    return behind.trim();
  }
  return !bare || TAG.test(bareWords(bare)) ? undefined : bare.toLowerCase();
}
