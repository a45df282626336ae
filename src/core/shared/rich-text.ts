// Formatted text as runs, and from runs to the little HTML that an item keeps. Nothing else becomes HTML here,
// so that what comes in can never run.
import type { Run, Text } from '../model';
import { escapeMarkup } from './markup';
import { defined } from './defined';

type Flag = 'bold' | 'italic' | 'underline' | 'mark' | 'sub' | 'sup';
const TAGS: readonly (readonly [Flag, string])[] = [
  ['bold', 'b'],
  ['italic', 'i'],
  ['underline', 'u'],
  ['sub', 'sub'],
  ['sup', 'sup'],
];

/** Whether a link leads where links may lead. */
export const isSafeLink = (href: string): boolean => /^(?:https?:|mailto:)/i.test(href.trim());

/** The plain text of runs. */
export const plainOf = (runs: readonly Run[]): string => runs.map((run) => run.text).join('');

/** The runs between two places of the plain text, in UTF-16 units. */
export function sliceRuns(runs: readonly Run[], from: number, to = Infinity): Run[] {
  const cut: Run[] = [];
  let at = 0;
  for (const run of runs) {
    const text = run.text.slice(Math.max(0, from - at), Math.max(0, to - at));
    if (text) {
      cut.push({ ...run, text });
    }
    at += run.text.length;
  }
  return cut;
}

/** The share of the letters and digits that a test holds for, 0 to 1. */
export function shareOf(runs: readonly Run[], test: (run: Run) => boolean): number {
  const letters = (text: string): number => text.replace(/[^\p{L}\p{N}]/gu, '').length;
  const all = runs.reduce((sum, run) => sum + letters(run.text), 0);
  return all ? runs.filter(test).reduce((sum, run) => sum + letters(run.text), 0) / all : 0;
}

/** Runs as HTML, every formatting kept. */
export function runsAsHtml(runs: readonly Run[]): string {
  return runs
    .map((run) => {
      const inner = TAGS.reduce(
        (html, [flag, tag]) => (run[flag] ? `<${tag}>${html}</${tag}>` : html),
        escapeMarkup(run.text).replace(/\n/g, '<br>'),
      );
      return run.href && isSafeLink(run.href)
        ? `<a href="${escapeMarkup(run.href)}">${inner}</a>`
        : inner;
    })
    .join('');
}

/**
 * A text from runs, with HTML only where formatting says something: what holds for the whole text is the look of its
 * cell or line and is left out; a raised two, a link or one word in bold is kept.
 */
export function textOf(runs: readonly Run[], keep = true): Text {
  const plain = plainOf(runs);
  const start = plain.length - plain.trimStart().length;
  const inner = sliceRuns(runs, start, plain.trimEnd().length);
  const filled = inner.filter((run) => run.text.trim());
  const whole = (flag: Flag): boolean => filled.every((run) => run[flag]);
  const told = inner.map((run): Run =>
    defined({
      text: run.text,
      href: run.href || undefined,
      sub: run.sub ? true : undefined,
      sup: run.sup ? true : undefined,
      bold: run.bold && !whole('bold') ? true : undefined,
      italic: run.italic && !whole('italic') ? true : undefined,
      underline: run.underline && !run.href && !whole('underline') ? true : undefined,
    }),
  );
  const formatted = told.some(
    (run) =>
      run.bold ||
      run.italic ||
      run.underline ||
      run.sub ||
      run.sup ||
      (run.href && isSafeLink(run.href)),
  );
  return keep && formatted
    ? { plain: plain.trim(), html: runsAsHtml(told) }
    : { plain: plain.trim() };
}

/** Runs of the same look joined, so that word processors' splinters become words again. */
export function joinRuns(runs: readonly Run[]): Run[] {
  const joined: Run[] = [];
  const look = ({ text: _text, ...rest }: Run): string => JSON.stringify(rest);
  for (const run of runs) {
    const last = joined.at(-1);
    if (last && look(last) === look(run)) {
      last.text += run.text;
    } else if (run.text) {
      joined.push({ ...run });
    }
  }
  return joined;
}

/** Whether any of it is formatted at all. */
export const isFormatted = (runs: readonly Run[]): boolean =>
  runs.some(
    (run) => run.bold || run.italic || run.underline || run.mark || run.sub || run.sup || run.href,
  );

const RAISED: Record<string, string> = {
  0: '⁰',
  1: '¹',
  2: '²',
  3: '³',
  4: '⁴',
  5: '⁵',
  6: '⁶',
  7: '⁷',
  8: '⁸',
  9: '⁹',
  '+': '⁺',
  '-': '⁻',
  '=': '⁼',
  '(': '⁽',
  ')': '⁾',
  n: 'ⁿ',
  i: 'ⁱ',
};
const LOWERED: Record<string, string> = {
  0: '₀',
  1: '₁',
  2: '₂',
  3: '₃',
  4: '₄',
  5: '₅',
  6: '₆',
  7: '₇',
  8: '₈',
  9: '₉',
  '+': '₊',
  '-': '₋',
  '=': '₌',
  '(': '₍',
  ')': '₎',
};
const ENTITIES: Record<string, string> = { '&lt;': '<', '&gt;': '>', '&quot;': '"', '&amp;': '&' };

/**
 * A text for a place that keeps no formatting: raised and lowered signs become Unicode's own where all of them have one
 * (m², H₂O), everything else its plain text.
 */
export function flattenText(text: Text): string {
  if (!text.html || !/<su[bp]>/.test(text.html)) {
    return text.plain;
  }
  const signs = (inner: string, table: Record<string, string>): string => {
    const plain = inner.replace(/<[^>]*>/g, '');
    return [...plain].every((sign) => table[sign])
      ? [...plain].map((sign) => table[sign]).join('')
      : plain;
  };
  return text.html
    .replace(/<sup>(.*?)<\/sup>/gs, (_, inner: string) => signs(inner, RAISED))
    .replace(/<sub>(.*?)<\/sub>/gs, (_, inner: string) => signs(inner, LOWERED))
    .replace(/<br>/g, '\n')
    .replace(/<[^>]*>/g, '')
    .replace(/&(?:lt|gt|quot|amp);/g, (entity) => ENTITIES[entity]!);
}
