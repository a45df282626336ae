// HTML of whatever origin as the little HTML that a text may keep: parsed apart into runs and written anew.
import type { Item, Text } from '../../model';
import { runsAsHtml } from '../rich-text';
import { inlineOf } from './inline';
import { parseHtml } from './tree';

/** A text whose HTML holds nothing but emphasis, raised and lowered signs, line breaks and links. */
export function sanitiseText(text: Text): Text {
  if (text.html === undefined) {
    return text;
  }
  const html = runsAsHtml(inlineOf(parseHtml(`<div>${text.html}</div>`)).runs);
  return { plain: text.plain, html };
}

/** A question with every text of it sanitised. */
export function sanitiseItem(item: Item): Item {
  const walk = (value: unknown): unknown => {
    if (Array.isArray(value)) {
      return value.map(walk);
    }
    if (typeof value !== 'object' || value === null) {
      return value;
    }
    const copy = Object.fromEntries(
      Object.entries(value).map(([key, inner]) => [key, walk(inner)]),
    );
    return typeof copy['plain'] === 'string' && typeof copy['html'] === 'string'
      ? sanitiseText(copy as Text)
      : copy;
  };
  return JSON.stringify(item).includes('"html"') ? (walk(item) as Item) : item;
}
