// Cells that say something which the layout has no meaning for: a strict receiver would refuse their row.
import type { Item, Layout, Role, Tag } from '../model';
import { numberOf, secondsOf } from '../shared/normalise';
import { TWO_WAYS, waySaid } from '../shared/two-ways';
import { keyIndexes, optionTexts } from './options';
import type { Said } from './said';

/**
 * A question as a file says it, with what of it could not be read, by the place's name, and the tags that stand in
 * columns of their own.
 */
export type ReadItem = Item & {
  unread?: Readonly<Record<string, string>>;
  tagsApart?: readonly Tag[];
};

type Unread = Record<string, string>;

const NUMBERS: readonly Role[] = ['points', 'attempts', 'lines', 'value', 'tolerance', 'weight'];

/** Words for the kind that the receiver has none of. */
function unreadKind({ kinds }: Layout, said: Said, unread: Unread): void {
  const code = said.get('kind');
  const hasCodes = kinds.some((kind) => kind.code !== '');
  if (code && hasCodes && !kinds.some((kind) => kind.code === code)) {
    unread['kind'] = code;
  }
}

/** Words beside options that say neither right nor wrong, and keys that name no option. */
function unreadKey(layout: Layout, said: Said, unread: Unread): void {
  const { key } = layout;
  const texts = optionTexts(layout, said);
  if (key.style === 'verdict') {
    const known = [key.right ?? 'correct', key.wrong ?? 'incorrect'];
    said.all('verdict').forEach((verdict, index) => {
      if (index < texts.length && !known.includes(verdict)) {
        unread[`verdict.${index}`] = verdict;
      }
    });
  }
  const names = said.has('key') && key.style !== 'word' && texts.length > 0;
  const places = names ? keyIndexes(said.get('key'), key, texts) : [];
  if (places.some((place) => place < 0 || place >= texts.length)) {
    unread['key'] = said.get('key');
  }
}

function unreadNumbers(said: Said, unread: Unread): void {
  for (const role of NUMBERS) {
    said.all(role).forEach((text, index) => {
      if (text && numberOf(text) === undefined) {
        unread[`${role}.${index}`] = text;
      }
    });
  }
  const seconds = said.get('seconds');
  if (seconds && secondsOf(seconds) === undefined) {
    unread['seconds'] = seconds;
  }
}

/** Words for neither of two ways. */
function unreadWays(said: Said, unread: Unread): void {
  for (const role of TWO_WAYS) {
    const text = said.get(role);
    if (text && waySaid(role, text, said.columns(role)[0]) === undefined) {
      unread[role] = text;
    }
  }
}

/** What of a question's places could not be read; `hasOptions` says whether its key is one of options. */
export function unreadOf(layout: Layout, said: Said, hasOptions: boolean): Unread {
  const unread: Unread = {};
  unreadKind(layout, said, unread);
  if (hasOptions) {
    unreadKey(layout, said, unread);
  }
  unreadNumbers(said, unread);
  unreadWays(said, unread);
  return unread;
}
