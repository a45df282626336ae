// Which sign stands between several values in one cell.
import { literal } from '../literal';
import { letterPlace } from '../plain';

const SIGNS = ['||', '|', ';', '\n', ' / ', '/'] as const;
/** Signs that seldom part texts, and may be part of one: 'C#, Java'. */
const SELDOM = ['##', '#', '~', '^', '¦', '§', '•', '·'] as const;
/** Such a sign between texts, close to both or apart from both. */
const BETWEEN = SELDOM.map(
  (sign) =>
    [
      sign,
      new RegExp(`[\\p{L}\\p{N})]${literal(sign)}[\\p{L}\\p{N}(]|\\s${literal(sign)}\\s`, 'u'),
    ] as const,
);

/** The sign that splits most of the texts into two or more parts, commas last since sentences hold them; undefined where none does. */
export function findInnerSeparator(texts: readonly string[]): string | undefined {
  const filled = texts.filter(Boolean);
  if (!filled.length) {
    return undefined;
  }
  const parts = (sign: string): boolean =>
    filled.filter((text) => text.split(sign).filter((part) => part.trim()).length > 1).length >=
    filled.length * HALF;
  const isBetween = ([, between]: (typeof BETWEEN)[number]): boolean =>
    filled.filter((text) => between.test(text)).length >= filled.length * HALF;
  return SIGNS.find(parts) ?? BETWEEN.find(isBetween)?.[0] ?? [','].find(parts);
}
const HALF = 0.5;

const STRONG = ['||', '|', ';', '\n'] as const;

/** A sign that stands in no text by itself and parts any of some lists: a list of one has no sign. */
export const strongSeparator = (texts: readonly string[]): string | undefined =>
  STRONG.find((sign) =>
    texts.some((text) => text.split(sign).filter((part) => part.trim()).length > 1),
  );

const LISTED = /^\s*\[\s*(["']).*\1\s*\]\s*$/su;

/** Whether a cell holds a list as programs write them. */
export const isListed = (text: string): boolean => LISTED.test(text);

/** The texts of a cell that holds a list as programs write them, `["a", "b"]`; undefined where it is none. */
function listedIn(text: string): string[] | undefined {
  const [, quote] = LISTED.exec(text) ?? [];
  if (!quote) {
    return undefined;
  }
  const parts = [
    ...text.matchAll(quote === '"' ? /"((?:[^"\\]|\\.)*)"/gu : /'((?:[^'\\]|\\.)*)'/gu),
  ];
  return parts.map(([, part]) => part!.replace(/\\(["'\\])/gu, '$1'));
}

/** The parts of a cell, clean and without empty ones. */
export const splitCell = (text: string, separator: string | undefined): string[] =>
  (listedIn(text) ?? (separator ? text.split(separator) : [text]))
    .map((part) => part.trim())
    .filter(Boolean);

/** The parts of a cell, clean, empty ones kept: what is said of the first, the second, and so on. */
export const placesIn = (text: string, separator: string): string[] =>
  text.split(separator).map((part) => part.trim());

const LABEL = /(?:^|\s)\(?([A-Ja-j]|\d{1,2})(?:[).:]|\s:)\s+/gu;

/** The options that one cell labels by itself, `A) Gate B) Wall`; undefined where its labels do not follow one another. */
export function splitLabelled(text: string): string[] | undefined {
  const labels = [...text.matchAll(LABEL)];
  if (labels.length < 2 || labels[0]!.index !== 0) {
    return undefined;
  }
  const order = labels.map((match) =>
    /\d/.test(match[1]!) ? Number(match[1]) - 1 : letterPlace(match[1]!),
  );
  if (!order.every((n, index) => n === index)) {
    return undefined;
  }
  return labels.map((match, index) =>
    text
      .slice(match.index + match[0].length, labels[index + 1]?.index ?? text.length)
      .replace(/[\s,;|/]+$/u, '')
      .trim(),
  );
}

/** Whether a cell holds several texts. */
export const isList = (text: string): boolean =>
  splitLabelled(text) !== undefined ||
  text.split(/\n|\||;|\s\/\s/).filter((part) => part.trim()).length > 1;

const ARROWS = [' > ', ' → ', ' -> ', '>', '→'] as const;

/** The steps that one cell holds in their order: labelled, behind arrows, or parted like any list. */
export const stepsIn = (text: string): string[] =>
  splitLabelled(text) ??
  splitCell(text, ARROWS.find((sign) => text.includes(sign)) ?? findInnerSeparator([text]));
