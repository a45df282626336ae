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

/** A text as inline content; formatting comes along, and lines are kept. */
export const inline = ({ plain, html }: Text): Node => ({
  raw: html ? html.replace(/<br>/g, '<br/>') : plain.split('\n').map(escapeXml).join('<br/>'),
});

/** The pictures of one place of a question. */
export const picturesAt = (
  item: Item,
  at: 'stem' | 'option' | 'explanation',
  media: Media,
  from: string,
  option?: number,
): Node[] =>
  (item.media ?? [])
    .filter((one) => one.at === at && (at !== 'option' || one.option === option))
    .map((one) => {
      const href = pictureHref(one.href, media);
      return el('img', { src: /^media\//.test(href) ? from + href : href, alt: one.alt ?? '' });
    });
