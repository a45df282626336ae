// How a question asks on paper: boxes to tick, lines to write on, lists to match.
import type { Item, Kind } from '../../model';
import { seeded, shuffled } from '../../shared/chance';
import { escapeMarkup } from '../../shared/markup';
import { optionLetter } from '../../shared/plain';
import { marked } from './marks';

const BOX = '<span class="box"></span>';
const ROOM = '<div class="room"></div>';
const DEFAULT_LINES = 4;

const choice = ({ options = [], across }: Item): string => {
  const lines = options.map(
    ({ text }, at) =>
      `<li>${BOX}<span class="letter">${optionLetter(at)}</span>${marked(text)}</li>`,
  );
  return `<ol class="${across ? 'across' : ''}">${lines.join('')}</ol>`;
};

const trueFalse = ({ options = [] }: Item): string =>
  `<ol class="across">${options.map(({ text }) => `<li>${BOX}${marked(text)}</li>`).join('')}</ol>`;

/** A number of its own for each question, from its letters, so that the same question is mixed the same way. */
const seedOf = ({ id, stem }: Item): number =>
  [...(id + stem.plain)].reduce((sum, sign) => (sum * 31 + sign.codePointAt(0)!) >>> 0, 7);

/** The right-hand side of pairs, or the steps, as they are mixed on paper: places in the question's own order. */
export function mixed(item: Item): number[] {
  const many = item.pairs?.length ?? item.steps?.length ?? 0;
  return shuffled(
    Array.from({ length: many }, (_, at) => at),
    seeded(seedOf(item)),
  );
}

function pairs(item: Item): string {
  const all = item.pairs ?? [];
  const left = all.map(
    ({ left: text }, at) =>
      `<li>${at + 1} <span class="blank" style="min-width:9mm"></span> ${marked(text)}</li>`,
  );
  const right = mixed(item).map(
    (at, place) =>
      `<li><span class="letter">${optionLetter(place)}</span>${marked(all[at]!.right)}</li>`,
  );
  return `<div class="pairs"><ol>${left.join('')}</ol><ol>${right.join('')}</ol></div>`;
}

function steps(item: Item): string {
  const all = item.steps ?? [];
  const lines = mixed(item).map((at) => `<li><span class="box"></span>${marked(all[at]!)}</li>`);
  return `<p class="small">Number them in the right order.</p><ol>${lines.join('')}</ol>`;
}

/** Words to choose from, where gaps have options. */
function gapWords({ gaps = [] }: Item): string {
  const words = [...new Set(gaps.flatMap(({ options = [] }) => options))];
  return words.length ? `<p class="small">${words.map(escapeMarkup).join(' · ')}</p>` : '';
}

const lines = (n: number): string => ROOM.repeat(Math.min(40, Math.max(1, n)));

const BY_KIND: Record<Kind, (item: Item) => string> = {
  'choice-one': choice,
  'choice-many': (item) => `<p class="small">Several may be right.</p>${choice(item)}`,
  'true-false': trueFalse,
  match: pairs,
  order: steps,
  short: () => lines(1),
  number: ({ number }) => `<p><span class="blank"></span> ${escapeMarkup(number?.unit ?? '')}</p>`,
  gap: gapWords,
  open: ({ lines: wanted }) => lines(wanted ?? DEFAULT_LINES),
  upload: ({ endings = [] }) =>
    `<p class="small">To be handed in as a file${endings.length ? ` (${escapeMarkup(endings.join(', '))})` : ''}.</p>`,
  card: () => lines(1),
};

/** What stands below the text of a question. */
export const askOf = (item: Item): string => BY_KIND[item.kind](item);
