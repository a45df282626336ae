// The rules that one text goes through on its way into a file: own words, length, lines, blanks, encoding, formulas.
import type { Text } from '../model';
import { guardFormula } from '../shared/formula-like';
import { askingPart, lengthOf, shorten, unitOf } from '../shared/lengths';
import { oneLine } from '../shared/normalise';
import { flattenText } from '../shared/rich-text';
import { transliterate, unheldCharacters } from '../shared/windows-1252';
import { refusal, type Draft } from './changes';
import type { Context } from './context';
import { because, type ChangeCode } from './words';

/** One text through every rule; `place` is its place in a list of the field. The same object comes back where nothing changes. */
export type Through = (
  field: string,
  text: Text,
  limit: number | undefined,
  place?: number | string,
) => Text;

/** Words of ASCII with single blanks that no rule of any file touches, as long as they are not over a limit. */
const HARMLESS = /^[A-Za-z0-9](?: ?[!-~])*$/;

/** How many lost signs a sentence names. */
const SHOWN_SIGNS = 5;
const signsOf = (lost: readonly string[]): string => lost.slice(0, SHOWN_SIGNS).join(' ');

/** Refuses a question whose lines have signs of the receiver's own, such as a word for true, that its encoding can't hold. */
export function holdSigns(text: string): void {
  const lost = unheldCharacters(text);
  if (lost.length) {
    throw refusal('encoding-lacks', { what: signsOf(lost) });
  }
}

/** Signs that the file's encoding can't hold, written plainly; refused where a sign has no plain way of writing. */
export function held(draft: Draft, field: string, text: string): string {
  const lost = unheldCharacters(text);
  // A letter and its accent as one sign are the same to every reader, and all that the encoding knows.
  if (!lost.length) {
    return text.normalize('NFC');
  }
  const what = signsOf(lost);
  const plain = transliterate(text);
  if (plain === undefined) {
    throw refusal('encoding-lacks', { what });
  }
  draft.note(field, text, plain, because('encoding-plain', { what }));
  return plain;
}

/** Where a line break in a text would begin another row or question. */
const breaksLines = ({ layout, plainText }: Context): boolean =>
  (plainText && layout.file.quote === 'none') || layout.shape === 'marked-text';

const oneLineCode = (
  isTyped: boolean,
  { plainText }: Context,
): Extract<ChangeCode, `${string}-one-line`> => {
  if (isTyped) {
    return 'typed-answer-one-line';
  }
  return plainText ? 'cell-one-line' : 'text-one-line';
};

/** The text without its formatting, which no cell of a file keeps; named, since it may have said something. */
function flat(draft: Draft, field: string, text: Text): string {
  if (!text.html) {
    return text.plain;
  }
  const plain = flattenText(text);
  draft.note(
    field,
    text.html,
    plain,
    because(plain === text.plain ? 'formatting-dropped' : 'formatting-as-signs'),
  );
  return plain;
}

/** Formatting as the package's standard can say it: QTI 2 knows no underlining. */
function kept(draft: Draft, field: string, text: Text, { layout }: Context): Text {
  if (layout.file.standard !== 'qti-2.1' || !/<\/?u>/.test(text.html ?? '')) {
    return text;
  }
  const html = text.html!.replace(/<\/?u>/g, '');
  draft.note(field, text.html!, html, because('underlining-dropped'));
  return /</.test(html) ? { plain: text.plain, html } : { plain: text.plain };
}

/** A text on its way through the rules. */
type Passing = {
  draft: Draft;
  context: Context;
  field: string;
  original: Text;
  limit: number | undefined;
  /** Whether a reader types this text, so that it has one line. */
  isTyped: boolean;
};
/** A rule takes the text as it has become and gives what it makes of it; what it alters, it notes. */
type Rule = (text: string, passing: Passing) => string;

/** Whether a shorter text lacks a gap of the whole one. */
const losesGap = (whole: string, short: string): boolean =>
  (whole.match(/\{\{\d+\}\}/g) ?? []).some((gap) => !short.includes(gap));

/** Texts whose end can't go: what a question asks, and what a learner has to type. A card's two sides are read alone. */
const keepsItsEnd = (field: string, { item }: Draft): boolean =>
  item.kind !== 'card' && /^(?:stem$|accepted|gaps)/.test(field);

/** A text without what can go; undefined where its end would be missed. */
function cutTo(
  text: string,
  limit: number,
  { draft, context, field }: Passing,
): string | undefined {
  const { count } = context.layout.limits;
  if (!keepsItsEnd(field, draft)) {
    return shorten(text, limit, count);
  }
  const asked = field === 'stem' ? askingPart(text, limit, count) : undefined;
  return asked !== undefined && losesGap(text, asked) ? undefined : asked;
}

const shortened: Rule = (text, passing) => {
  const { draft, context, field, limit } = passing;
  const { count } = context.layout.limits;
  const length = limit ? lengthOf(text, count) : 0;
  if (!limit || length <= limit) {
    return text;
  }
  const short = cutTo(text, limit, passing);
  const unit = unitOf(count);
  if (short === undefined) {
    const what = field === 'stem' ? 'text' : 'answer';
    throw refusal('needs-words', { what, has: length, most: limit, unit });
  }
  draft.note(field, text, short, because('shortened', { has: length, most: limit, unit }));
  return short;
};

const onOneLine: Rule = (text, { draft, context, field, isTyped }) => {
  if (!(isTyped || breaksLines(context)) || !/[\n\t]/.test(text)) {
    return text;
  }
  const line = oneLine(text);
  draft.note(field, text, line, because(oneLineCode(isTyped, context)));
  return line;
};

/** Blanks that a package's XHTML would make one. */
const BLANKS = /[ \t\u00a0]{2,}|\t/g;

const collapsed: Rule = (text, { draft, context, field, original }) => {
  if (!context.keepsFormatting || original.html) {
    return text;
  }
  const single = text.replace(BLANKS, ' ');
  draft.note(field, text, single, because('blanks-collapsed'));
  return single;
};

const inEncoding: Rule = (text, { draft, context, field }) =>
  context.narrow ? held(draft, field, text) : text;

/** The apostrophe is noted, but the writer sets it and the read-back takes it away, so the question keeps its text. */
const guarded: Rule = (text, { draft, context, field }) => {
  if (context.plainText) {
    draft.note(field, text, guardFormula(text), because('formula-guarded'));
  }
  return text;
};

/** The order matters: a text is shortened before its signs are put into the file's manner. */
const RULES: readonly Rule[] = [shortened, onOneLine, collapsed, inEncoding, guarded];

/** What the text begins as: your own words for this receiver, or the question's, flat where the file keeps no formatting. */
function beginning(passing: Passing, variant: string | undefined): string {
  const { draft, context, field, original } = passing;
  if (variant !== undefined && variant !== original.plain) {
    draft.note(field, original.plain, variant, because('own-text'));
    return variant;
  }
  return context.keepsFormatting ? original.plain : flat(draft, field, original);
}

/** Whether no rule of any file touches a text: most are such, and cost no more than this look. */
const isHarmless = ({ plain, html }: Text, limit: number | undefined): boolean =>
  !html && (!limit || plain.length <= limit) && HARMLESS.test(plain);

/** Every text of one question through the rules; `variants` are your own texts for this receiver, by field. */
export function throughFor(
  draft: Draft,
  context: Context,
  variants: Record<string, string>,
): Through {
  const hasVariants = Object.keys(variants).length > 0;
  return (name, original, limit, place) => {
    if (!hasVariants && isHarmless(original, limit)) {
      return original;
    }
    const field = place === undefined ? name : `${name}.${place}`;
    const isTyped = context.keepsFormatting && /^(?:accepted|gaps)/.test(field);
    const passing = { draft, context, field, original, limit, isTyped };
    let text = beginning(passing, variants[draft.prefix + field]);
    for (const rule of RULES) {
      text = rule(text, passing);
    }
    if (text !== original.plain || (original.html && !context.keepsFormatting)) {
      return { plain: text };
    }
    return original.html ? kept(draft, field, original, context) : original;
  };
}
