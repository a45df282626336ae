// Texts within a receiver's lengths and signs.
import type { Decision, Item, Limits, Text } from '../model';
import { isPictureAddress } from '../shared/addresses';
import { guardFormula } from '../shared/formula-like';
import { lengthOf, shorten } from '../shared/lengths';
import { oneLine } from '../shared/normalise';
import { flattenText } from '../shared/rich-text';
import { transliterate, unheldCharacters } from '../shared/windows-1252';
import { refusal, type Draft } from './changes';
import type { Context } from './context';
import { because, type ChangeCode } from './words';
import { defined } from '../shared/defined';

/** One text through every rule; `at` is its place in a list of the field. The same object comes back where nothing changes. */
type Through = (field: string, text: Text, limit: number | undefined, at?: number | string) => Text;

/** Words of ASCII with single blanks that no rule of any file touches, as long as they are not over a limit. */
const HARMLESS = /^[A-Za-z0-9](?: ?[!-~])*$/;

/** How many lost signs a sentence names. */
const SHOWN_SIGNS = 5;

/** Signs that the file's encoding can't hold, written plainly; refused where a sign has no plain way of writing. */
function held(draft: Draft, field: string, text: string): string {
  const lost = unheldCharacters(text);
  // A letter and its accent as one sign are the same to every reader, and all that the encoding knows.
  if (!lost.length) {
    return text.normalize('NFC');
  }
  const what = lost.slice(0, SHOWN_SIGNS).join(' ');
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

/** One text through every rule; what alters it is noted. */
function throughFor(draft: Draft, context: Context, own: Record<string, string>): Through {
  const { limits } = context.layout;
  const hasOwn = Object.keys(own).length > 0;
  return (name, original, limit, at) => {
    if (
      !hasOwn &&
      !original.html &&
      (!limit || original.plain.length <= limit) &&
      HARMLESS.test(original.plain)
    ) {
      return original;
    }
    const field = at === undefined ? name : `${name}.${at}`;
    const variant = own[draft.prefix + field];
    const isOwn = variant !== undefined && variant !== original.plain;
    if (isOwn) {
      draft.note(field, original.plain, variant, because('own-text'));
    }
    let text = isOwn
      ? variant
      : context.keepsFormatting
        ? original.plain
        : flat(draft, field, original);
    if (limit && lengthOf(text, limits.count) > limit) {
      const length = lengthOf(text, limits.count);
      const short = shorten(text, limit, limits.count);
      draft.note(
        field,
        text,
        short,
        because('shortened', {
          has: length,
          most: limit,
          unit: limits.count === 'bytes' ? 'bytes' : 'characters',
        }),
      );
      text = short;
    }
    const isTyped = context.keepsFormatting && /^(?:accepted|gaps)/.test(field);
    if ((breaksLines(context) || isTyped) && /[\n\t]/.test(text)) {
      const line = oneLine(text);
      draft.note(field, text, line, because(oneLineCode(isTyped, context)));
      text = line;
    }
    if (context.keepsFormatting && /[ \t\u00a0]{2,}|\t/.test(text) && !original.html) {
      const single = text.replace(/[ \t\u00a0]{2,}|\t/g, ' ');
      draft.note(field, text, single, because('blanks-collapsed'));
      text = single;
    }
    if (context.narrow) {
      text = held(draft, field, text);
    }
    // The apostrophe is noted, but the writer sets it and the read-back takes it away, so the question keeps its text.
    if (context.plainText) {
      draft.note(field, text, guardFormula(text), because('formula-guarded'));
    }
    if (text === original.plain && (!original.html || context.keepsFormatting)) {
      return original.html ? kept(draft, field, original, context) : original;
    }
    return { plain: text };
  };
}

/** Several accepted answers for a receiver with room for one: joined into one text, and named. */
function joinedAnswers(draft: Draft, context: Context): string | undefined {
  const column = context.having('accepted')[0];
  const { accepted = [] } = draft.item;
  if (accepted.length < 2) {
    return undefined;
  }
  if (column && (column.separator || context.having('accepted').length > 1)) {
    return undefined;
  }
  if (!column && context.layout.shape !== 'grid' && draft.item.kind !== 'card') {
    return undefined;
  }
  const one = accepted.join('; ');
  draft.note(
    'accepted',
    accepted.join(' | '),
    one,
    because('answers-joined', { n: accepted.length }),
  );
  return one;
}

/** A list with changed members, or the very same list where none has changed. */
function changed<T>(list: T[], change: (one: T, index: number) => T): T[] {
  const next = list.map(change);
  return next.every((one, index) => one === list[index]) ? list : next;
}

/** The answers of a question, each through the same rules as an option. */
function fitAnswers(draft: Draft, context: Context, through: Through): Partial<Item> {
  const { item } = draft;
  const {
    limits: { option: most, explanation },
  } = context.layout;
  const feedback = context.carries('feedback');
  const list = (name: string, texts: string[]): string[] =>
    changed(texts, (text, index) => through(name, { plain: text }, most, index).plain);
  const fields: Partial<Item> = {};
  if (item.options) {
    fields.options = changed(item.options, (option, index) => {
      const text = through('options', option.text, most, index);
      const told =
        feedback && option.feedback
          ? through('options', option.feedback, explanation, `${index}.feedback`)
          : option.feedback;
      return text === option.text && told === option.feedback
        ? option
        : defined({ ...option, text, feedback: told });
    });
    return fields;
  }
  if (item.accepted) {
    const several = joinedAnswers(draft, context);
    fields.accepted = list('accepted', several ? [several] : item.accepted);
    return fields;
  }
  if (item.pairs) {
    fields.pairs = item.pairs.map((pair, index) => ({
      left: through('pairs', pair.left, most, `${index}.left`),
      right: through('pairs', pair.right, most, `${index}.right`),
    }));
  }
  if (item.steps) {
    fields.steps = item.steps.map((step, index) => through('steps', step, most, index));
  }
  if (item.gaps) {
    fields.gaps = item.gaps.map((gap, index) => ({
      ...gap,
      accepted: list(`gaps.${index}`, gap.accepted),
    }));
  }
  return fields;
}

/** The pictures whose addresses may travel in a package; each other one is named. */
function safeMedia(draft: Draft): Item['media'] {
  const { media = [] } = draft.item;
  const safe = media.filter(({ href }) => isPictureAddress(href));
  for (const { href } of media) {
    if (!isPictureAddress(href)) {
      draft.note('media', href, '', because('address-dropped'));
    }
  }
  return safe.length ? safe : undefined;
}

/** Takes every text that the layout carries through its limits. */
export function fitTexts(draft: Draft, context: Context, decision: Decision): void {
  const { item } = draft;
  const { limits } = context.layout;
  const through = throughFor(draft, context, decision.own ?? {});
  const stem = through('stem', item.stem, limits.stem);
  const fields: Partial<Item> = fitAnswers(draft, context, through);
  fields.stem = stem;
  if (context.carries('hint') && item.hint) {
    fields.hint = through('hint', item.hint, limits.hint);
  }
  if (context.carries('explanation') && item.explanation) {
    fields.explanation = through('explanation', item.explanation, limits.explanation);
  }
  if (context.carries('title') && item.title) {
    fields.title = through('title', { plain: item.title }, limits.title).plain;
  }
  if (context.narrow && context.carries('category') && item.category) {
    fields.category = item.category.map((part) => held(draft, 'category', part));
  }
  if (context.keepsFormatting && item.media?.some(({ href }) => !isPictureAddress(href))) {
    fields.media = safeMedia(draft);
  }
  // Most questions come through untouched, and are then the very same object.
  for (const name in fields) {
    if (fields[name as keyof Item] !== item[name as keyof Item]) {
      draft.set(fields);
      return;
    }
  }
}

/** The nearest of the allowed seconds; of two as near, the longer, since nobody minds more time. */
export function nearestSeconds(seconds: number, allowed: Limits['seconds']): number {
  return (
    [...(allowed ?? [])].sort(
      (a, b) => Math.abs(a - seconds) - Math.abs(b - seconds) || b - a,
    )[0] ?? seconds
  );
}

/** The time limit as one of the receiver's list. */
export function fitSeconds(draft: Draft, context: Context, decision: Decision): void {
  const allowed = context.layout.limits.seconds;
  if (!context.carries('seconds')) {
    return;
  }
  const column = context.having('seconds')[0];
  const { seconds } = draft.item;
  if (seconds === undefined) {
    const fallback = column?.default
      ? Number(column.default)
      : column?.required
        ? allowed?.[0]
        : undefined;
    if (fallback !== undefined && Number.isFinite(fallback)) {
      draft.note(
        'seconds',
        '',
        String(fallback),
        because(column?.required ? 'seconds-asked' : 'layout-default'),
      );
      draft.set({ seconds: fallback });
    }
    return;
  }
  if (!allowed?.length || allowed.includes(seconds)) {
    return;
  }
  const chosen = decision.own?.[`${draft.prefix}seconds`]
    ? Number(decision.own[`${draft.prefix}seconds`])
    : nearestSeconds(seconds, allowed);
  draft.note(
    'seconds',
    String(seconds),
    String(chosen),
    because('seconds-nearest', { seconds, allowed: allowed.join(', ') }),
  );
  draft.set({ seconds: chosen });
}
