// A question on its way out of a package.
import type { Item } from '../../model';
import { defined } from '../../shared/defined';
import type { Content } from './tree';

/** A question that has no id yet. */
export type Loose = Omit<Item, 'id'>;
/** Where a picture is to be had; undefined where it can't be taken along. */
export type PictureOf = (href: string) => string | undefined;

/** The pictures of a content that can be taken along. */
export const picturesOf = ({ pictures }: Content, picture: PictureOf): NonNullable<Item['media']> =>
  pictures.flatMap(({ href, alt }) => {
    const found = picture(href);
    return found ? [defined({ at: 'stem' as const, href: found, alt: alt || undefined })] : [];
  });
