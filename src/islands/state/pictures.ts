// Pictures that come as files, held inside the questions that show them.
import { fromByteArray } from 'base64-js';
import type { Item } from '../../core/model';
import { changeItems, itemById } from './bank';
import { i18n } from '../../languages';

const TYPES: ReadonlySet<string> = new Set(['image/png', 'image/jpeg', 'image/gif', 'image/webp']);
/** The kinds of pictures that are taken, as a field for files names them. */
export const PICTURE_TYPES = [...TYPES].join(',');
/** A larger picture makes every file that it goes into slow to open. */
const MOST_BYTES = 5_000_000;

/** Whether files are pictures and nothing else. */
export const arePictures = (files: readonly File[]): boolean =>
  files.length > 0 && files.every(({ type }) => type.startsWith('image/'));

/** A file as an address that holds the picture itself, or why it is none in a sentence. */
export async function addressOf(file: File): Promise<{ href: string } | { refused: string }> {
  if (!TYPES.has(file.type)) {
    return {
      refused: i18n._('{name} is no picture of the kinds PNG, JPEG, GIF or WebP.', {
        name: file.name,
      }),
    };
  }
  if (file.size > MOST_BYTES) {
    const size = (file.size / 1_000_000).toFixed(1);
    return {
      refused: i18n._('{name} has {size} MB; a picture may have 5 MB at most.', {
        name: file.name,
        size,
      }),
    };
  }
  const bytes = new Uint8Array(await file.arrayBuffer());
  return { href: `data:${file.type};base64,${fromByteArray(bytes)}` };
}

type Media = NonNullable<Item['media']>;

/** Changes the pictures of a question in one step that undo takes back; nothing where it is gone. */
export async function changePictures(
  id: string,
  label: (ref: string) => string,
  change: (media: Media) => Media,
): Promise<void> {
  const item = itemById(id);
  if (item) {
    await changeItems(label(item.ref), [{ ...item, media: change(item.media ?? []) }]);
  }
}

/** Adds files to a question as pictures. Gives how many came, and a sentence for each that did not. */
export async function addPictures(
  id: string,
  files: readonly File[],
): Promise<{ added: number; refused: string[] }> {
  const found = await Promise.all(files.map(addressOf));
  const hrefs = found.flatMap((one) => ('href' in one ? [one.href] : []));
  if (hrefs.length) {
    await changePictures(
      id,
      (ref) =>
        i18n._('Add {hrefs, plural, one {# picture} other {# pictures}} to {ref}', {
          hrefs: hrefs.length,
          ref,
        }),
      (media) => [...media, ...hrefs.map((href) => ({ at: 'stem' as const, href }))],
    );
  }
  return {
    added: hrefs.length,
    refused: found.flatMap((one) => ('refused' in one ? [one.refused] : [])),
  };
}
