// Texts and pictures of a question as the body of an item.
import type { Item, Text } from '../../model';
import { fromBase64 } from '../../shared/base64';
import { escapeXml } from '../../shared/markup';
import { el, type Node } from './xml';

/** Files that go into the package beside the items, by their path. */
export type Media = { paths: Map<string, string>; bytes: Map<string, Uint8Array> };

const TYPES: Record<string, string> = {
  'image/png': 'png',
  'image/jpeg': 'jpg',
  'image/gif': 'gif',
  'image/webp': 'webp',
};

/** Where a picture lies: a data address becomes a file of the package, a link stays one. */
export function pictureHref(href: string, media: Media): string {
  const match = /^data:([\w/+.-]+);base64,(.*)$/s.exec(href);
  const ending = match && TYPES[match[1]!];
  if (!match || !ending) {
    return href;
  }
  let path = media.paths.get(href);
  if (!path) {
    path = `media/picture-${media.paths.size + 1}.${ending}`;
    media.paths.set(href, path);
    media.bytes.set(path, fromBase64(match[2]!));
  }
  return path;
}

/** A text as the XML of inline content; formatting comes along, and lines are kept. */
export const inlineXml = ({ plain, html }: Text): string =>
  html ? html.replace(/<br>/g, '<br/>') : plain.split('\n').map(escapeXml).join('<br/>');

/** A text as inline content. */
export const inline = (text: Text): Node => ({ raw: inlineXml(text) });

/** A place of a question that pictures belong to. */
type Place = { at: 'stem' | 'explanation' } | { at: 'option'; option: number };

/** The pictures of one place of a question; `from` is the way from the item's folder to the package's root. */
export const picturesAt = (
  item: Item,
  place: Place,
  { media, from }: { media: Media; from: string },
): Node[] =>
  (item.media ?? [])
    .filter(
      ({ at, option }) => at === place.at && (place.at !== 'option' || option === place.option),
    )
    .map(({ href, alt = '' }) => {
      const path = pictureHref(href, media);
      return el('img', { src: /^media\//.test(path) ? from + path : path, alt });
    });
