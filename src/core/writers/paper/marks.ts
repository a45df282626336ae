// Texts of questions as they stand on paper.
import type { Item, Text } from '../../model';
import { sanitiseText } from '../../shared/html/sanitise';
import { escapeMarkup } from '../../shared/markup';

/** A text with its formatting, and nothing in it that runs or fetches; links are words on paper. */
export function marked(text: Text): string {
  const { html } = sanitiseText(text);
  const body = html ?? escapeMarkup(text.plain).replace(/\n/g, '<br>');
  return body.replace(/<\/?a\b[^>]*>/g, '');
}

const BLANK = '<span class="blank"></span>';
/** A stem with a blank for each gap. */
export const stemOf = (item: Item): string => marked(item.stem).replace(/\{\{\d+\}\}/g, BLANK);

/** Pictures that are inside the question; one that would have to be fetched is named. */
export const picturesOf = ({ media = [] }: Item): string =>
  media
    .filter(({ at }) => at === 'stem')
    .map(({ href, alt }) =>
      /^data:image\/(?:png|jpeg|gif|webp);base64,[A-Za-z0-9+/=\s]+$/.test(href)
        ? `<img src="${escapeMarkup(href)}" alt="${escapeMarkup(alt ?? '')}">`
        : `<p class="small">Picture: ${escapeMarkup(alt || href)}</p>`,
    )
    .join('');
