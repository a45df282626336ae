// Formatting and pictures of a row's cells, given to the texts of its question.
import type { Item, Text } from '../model';
import { cleanText } from '../shared/normalise';
import { plainOf, shareOf, textOf } from '../shared/rich-text';
import { withoutCount } from './option-texts';
import type { Row } from './row';

export const EMPHASES = ['mark', 'bold', 'underline', 'italic'] as const;
export type Emphasis = (typeof EMPHASES)[number];
/** Whether a marker is a way of setting text off rather than a sign. */
export const isEmphasis = (marker: string | undefined): marker is Emphasis =>
  EMPHASES.includes(marker as Emphasis);

/** Whether the cell as a whole is set off by an emphasis. */
export function isSetOff(row: Row, column: number, emphasis: Emphasis): boolean {
  const runs = row.region.sheet.rich?.[`${row.row}:${column}`];
  return runs !== undefined && shareOf(runs, (run) => Boolean(run[emphasis])) > 0.85;
}

const ROLES = ['stem', 'option', 'right', 'wrong', 'hint', 'explanation', 'step'] as const;

/** The question with formatted texts and with the pictures of its cells; unchanged where the row has neither. */
export function withRich(item: Item, row: Row, keep: boolean): Item {
  const { rich, pictures } = row.region.sheet;
  if (!rich && !pictures) {
    return item;
  }
  const formatted = new Map<string, string>();
  const media = [...(item.media ?? [])];
  for (const [role, slots] of row.slots) {
    for (const { index } of slots) {
      const runs = rich?.[`${row.row}:${index}`];
      if (runs && keep && (ROLES as readonly string[]).includes(role)) {
        const text = textOf(runs);
        if (text.html) {
          const plain = cleanText(plainOf(runs));
          formatted.set(plain, text.html);
          formatted.set(withoutCount(plain), withoutCount(text.html));
        }
      }
      for (const { href, alt } of pictures?.[`${row.row}:${index}`] ?? []) {
        const cell = row.region.cell(row.row, index);
        const option =
          role === 'option'
            ? (item.options?.findIndex(({ text: { plain } }) =>
                [cell, withoutCount(cell)].includes(plain),
              ) ?? -1)
            : -1;
        media.push({
          at: option >= 0 ? 'option' : role === 'explanation' ? 'explanation' : 'stem',
          ...(option >= 0 ? { option } : {}),
          href,
          ...(alt ? { alt } : {}),
        });
      }
    }
  }
  const dress = (text: Text): Text =>
    formatted.has(text.plain) ? { plain: text.plain, html: formatted.get(text.plain)! } : text;
  return {
    ...item,
    stem: dress(item.stem),
    ...(item.options
      ? { options: item.options.map((option) => ({ ...option, text: dress(option.text) })) }
      : {}),
    ...(item.steps ? { steps: item.steps.map(dress) } : {}),
    ...(item.hint ? { hint: dress(item.hint) } : {}),
    ...(item.explanation ? { explanation: dress(item.explanation) } : {}),
    ...(media.length ? { media } : {}),
  };
}
