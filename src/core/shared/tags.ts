// Tags compared and put together.
import type { Column, Tag } from '../model';

/** Whether two tags say the same. */
export const isSameTag = (a: Tag, b: Tag): boolean => a.name === b.name && a.value === b.value;

/** Tags in their order, each once. */
export const tagsOnce = (tags: readonly Tag[]): Tag[] =>
  tags.filter((tag, at) => tags.findIndex((other) => isSameTag(tag, other)) === at);

/** Headings of a tag's two halves, where a file keeps its name and its value apart. */
const VALUE = /\bvalue\b/i;
const NAME = /\bname\b/i;

/** What a column for one tag holds: the values of one name, a name, a value, or a tag as it comes. */
export function tagPartOf({ tag, heading = '' }: Column): 'named' | 'name' | 'value' | 'any' {
  if (NAME.test(heading)) {
    return 'name';
  }
  if (VALUE.test(heading)) {
    return 'value';
  }
  return tag === undefined ? 'any' : 'named';
}
