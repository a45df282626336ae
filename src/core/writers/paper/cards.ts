// Cards to cut: eight to a sheet, the backs mirrored so that they meet their fronts when both sides are printed.
import { encode } from 'uqr';
import type { Item, PaperJob } from '../../model';
import { escapeMarkup } from '../../shared/markup';
import { quoted } from '../../shared/plain';
import { Problem } from '../../shared/problem';
import { answerWords } from './answers';
import { marked, stemOf } from './marks';
import { say } from '../../shared/say';

const TO_A_SHEET = 8;
const ACROSS = 2;

const sheets = (cards: readonly string[]): string[][] =>
  Array.from({ length: Math.ceil(cards.length / TO_A_SHEET) }, (_, n) =>
    cards.slice(n * TO_A_SHEET, (n + 1) * TO_A_SHEET),
  );

const cardOf = (n: number, body: string): string =>
  `<div class="card">${body}<p class="small">${n}</p></div>`;
const EMPTY = '<div class="card"></div>';

/** A sheet filled up to eight; its rows turned round where it is a back. */
function sheetOf(cards: readonly string[], isBack: boolean): string {
  const full = [...cards, ...Array.from({ length: TO_A_SHEET - cards.length }, () => EMPTY)];
  const rows = Array.from({ length: TO_A_SHEET / ACROSS }, (_, row) =>
    full.slice(row * ACROSS, (row + 1) * ACROSS),
  );
  const turned = isBack ? rows.map((row) => [...row].reverse()) : rows;
  return `<section class="sheet">${turned.flat().join('')}</section>`;
}

const backOf = (item: Item): string =>
  item.kind === 'card' && item.accepted
    ? marked({ plain: item.accepted.join(' / ') })
    : escapeMarkup(answerWords(item));

/** Fronts and backs, sheet by sheet. */
export function cardSheets(items: readonly Item[]): string {
  const fronts = sheets(items.map((item, at) => cardOf(at + 1, `<div>${stemOf(item)}</div>`)));
  const backs = sheets(items.map((item, at) => cardOf(at + 1, `<div>${backOf(item)}</div>`)));
  return fronts.map((front, at) => sheetOf(front, false) + sheetOf(backs[at]!, true)).join('');
}

/** The QR code (ISO/IEC 18004) as paths. */
function qrSvg(text: string, level: 'L' | 'M' | 'Q' | 'H'): string {
  const { data, size } = encode(text, { ecc: level, border: 4 });
  const path = data
    .map((row, y) => row.map((isDark, x) => (isDark ? `M${x} ${y}h1v1h-1z` : '')).join(''))
    .join('');
  return `<svg viewBox="0 0 ${size} ${size}" role="img" aria-label="QR code"><rect width="${size}" height="${size}" fill="#fff"/><path d="${path}" fill="#000"/></svg>`;
}

/** What a QR code of this level holds at most, in bytes (ISO/IEC 18004, version 40). */
const MOST_BYTES = { L: 2953, M: 2331, Q: 1663, H: 1273 };

/** What the code of a question says. */
function qrText(
  item: Item,
  n: number,
  { holds, address = '' }: NonNullable<PaperJob['qr']>,
): string {
  if (holds === 'number') {
    return `${address}${n}`;
  }
  return address ? `${address}${encodeURIComponent(item.stem.plain)}` : item.stem.plain;
}

/**
 * A card with a QR code for each question.
 * @throws {Problem} naming the question whose text no code can hold
 */
export function qrSheets(items: readonly Item[], qr: NonNullable<PaperJob['qr']>): string {
  const level = qr.level ?? 'M';
  const cards = items.map((item, at) => {
    const text = qrText(item, at + 1, qr);
    const bytes = new TextEncoder().encode(text).length;
    if (bytes > MOST_BYTES[level]) {
      throw new Problem(
        say(
          'Question {at}, {stem}, is too long for a QR code: {bytes, plural, one {# byte} other {# bytes}}, and {most, number} fit at level {level}. Let the codes hold the questions’ numbers, or take a lower level.',
          {
            at: at + 1,
            stem: quoted(item.stem.plain, 40),
            bytes,
            most: MOST_BYTES[level],
            level,
          },
        ),
      );
    }
    const words = qr.holds === 'number' ? '' : `<p class="small">${escapeMarkup(item.ref)}</p>`;
    return cardOf(at + 1, `${qrSvg(text, level)}${words}`);
  });
  return sheets(cards)
    .map((sheet) => sheetOf(sheet, false))
    .join('');
}
