// Tags compared and put together.
import type { Tag } from '../model';

/** Whether two tags say the same. */
export const isSameTag = (a: Tag, b: Tag): boolean => a.name === b.name && a.value === b.value;

/** Tags in their order, each once. */
export const tagsOnce = (tags: readonly Tag[]): Tag[] =>
  tags.filter((tag, at) => tags.findIndex((other) => isSameTag(tag, other)) === at);
