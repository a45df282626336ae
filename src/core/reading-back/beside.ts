// What a place says beside question and answers: tags, contributor, and fields of two ways.
import type { Item, Tag } from '../model';
import { defined } from '../shared/defined';
import { tagPartOf, tagsOnce } from '../shared/tags';
import { useBy, waySaid, type TwoWay } from '../shared/two-ways';
import type { Said } from './said';
import type { ReadItem } from './unread';

/** "name: value" as a tag of that name, any other text as a tag without one. */
function tagOf(text: string): Tag {
  const pair = /^([^:]+): (.+)$/s.exec(text);
  return pair ? { name: pair[1]!, value: pair[2]! } : { value: text };
}

/** The tags that columns of their own hold. */
function tagsApart(said: Said): Tag[] {
  const cells = said.all('tag');
  let name: string | undefined;
  return said.columns('tag').flatMap((column, place): Tag[] => {
    const text = cells[place] ?? '';
    const part = tagPartOf(column);
    if (part === 'name') {
      name = text || undefined;
      return [];
    }
    if (!text) {
      return [];
    }
    if (part === 'named') {
      return text.split(', ').map((value) => defined({ name: column.tag, value }));
    }
    return [part === 'value' ? defined({ name, value: text }) : tagOf(text)];
  });
}

/** The tags of a question: those that one cell holds together, else those of columns of their own. */
function tagsOf(said: Said): Pick<ReadItem, 'tags' | 'tagsApart'> {
  const text = said.get('tags');
  const joined = text ? text.split(said.separator('tags') ?? ', ').map(tagOf) : [];
  const apart = tagsApart(said);
  const tags = said.has('tags') ? joined : tagsOnce(apart);
  return {
    ...(tags.length ? { tags } : {}),
    ...(said.has('tag') ? { tagsApart: apart } : {}),
  };
}

/** Which of two ways a place says, in the receiver's words. */
const wayOf = (role: TwoWay, said: Said): boolean | undefined =>
  waySaid(role, said.get(role), said.columns(role)[0]);

function originOf(said: Said): Item['origin'] {
  const origin = defined({ by: said.get('by') || undefined, at: said.get('at') || undefined });
  return Object.keys(origin).length ? origin : undefined;
}

/** The fields that a question has from these places; those that say nothing are undefined. */
export const saidBeside = (said: Said) => ({
  ...tagsOf(said),
  shuffle: wayOf('shuffle', said),
  across: wayOf('across', said),
  use: useBy(wayOf('use', said)),
  origin: originOf(said),
});
