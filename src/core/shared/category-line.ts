// The line of a category in marked text.
import type { Layout } from '../model';

/** A category between its signs. */
export function categoryLine(
  { category = '', categoryClose, tight }: NonNullable<Layout['marks']>,
  text: string,
): string {
  const close = categoryClose ? ` ${categoryClose}` : '';
  return `${category}${tight ? '' : ' '}${text}${close}`;
}
