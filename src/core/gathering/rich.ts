// Formatting and pictures of a row's cells, given to the texts of its question.
import type { Item, Run, Text } from '../model';
import { cleanText } from '../shared/normalise';
import { say, toSay } from '../shared/say';
import { plainOf, shareOf, textOf } from '../shared/rich-text';
import { withoutCount } from './option-texts';
import type { Row } from './row';
import { withoutPoints } from './text/points';

export const EMPHASES = ['mark', 'bold', 'underline', 'italic'] as const;
export type Emphasis = (typeof EMPHASES)[number];
const EMPHASIS_WORDS: Readonly<Record<Emphasis, string>> = {
  mark: toSay('colour'),
  bold: toSay('bold'),
  underline: toSay('underline'),
  italic: toSay('italic'),
};
/** A way of setting text off, in words. */
export const emphasisWords = (emphasis: Emphasis): string => say(EMPHASIS_WORDS[emphasis]);

/** Whether a marker is a way of setting text off rather than a sign. */
export const isEmphasis = (marker: string | undefined): marker is Emphasis =>
  EMPHASES.includes(marker as Emphasis);

/** Whether the cell as a whole is set off by an emphasis. */
export function isSetOff(row: Row, column: number, emphasis: Emphasis): boolean {
  const runs = row.region.sheet.rich?.[`${row.row}:${column}`];
  return runs !== undefined && shareOf(runs, (run) => Boolean(run[emphasis])) > 0.85;
}

const ROLES = ['stem', 'option', 'right', 'wrong', 'hint', 'explanation', 'step'] as const;

/** A cell's text as it may have become one of the question's, each with its mark-up: whole, without its number, without its points. */
function formattedOf(runs: readonly Run[]): [plain: string, html: string][] {
  const { html } = textOf([...runs]);
  if (!html) {
    return [];
  }
  const plain = cleanText(plainOf([...runs]));
  const [own, marked] = [withoutCount(plain), withoutCount(html)];
  const bare = withoutPoints(marked).text;
  // Points that are set off stand within the mark-up, which is left out then.
  return [
    [plain, html],
    [own, marked],
    ...(bare.length < marked.length
      ? [[withoutPoints(own).text.trim(), bare.trim()] as [string, string]]
      : []),
  ];
}

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
        formattedOf(runs).forEach(([plain, html]) => formatted.set(plain, html));
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
