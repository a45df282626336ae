// Texts within a receiver's lengths and signs.
import type { Decision, Item, Limits, Option } from '../model';
import { isPictureAddress } from '../shared/addresses';
import { defined } from '../shared/defined';
import { lengthOf, unitOf } from '../shared/lengths';
import { alike } from '../shared/normalise';
import { refusal, type Draft } from './changes';
import type { Context } from './context';
import { held, throughFor, type Through } from './text-rules';
import { listedValue, type ListedPicture } from '../shared/picture-list';
import { because } from './words';

const JOINED_BY = '; ';

/** Answers joined into one text, as many of the first ones as a typed answer has room for; one at least. */
function joinedWithin(
  accepted: readonly string[],
  most: number | undefined,
  count: Limits['count'],
): string {
  const [first = '', ...more] = accepted;
  return more.reduce((text, next) => {
    const longer = `${text}${JOINED_BY}${next}`;
    return most && lengthOf(longer, count) > most ? text : longer;
  }, first);
}

/** The answers that a learner can type whole; where none is short enough they stay, and the question says so. */
function typable(field: string, answers: string[], draft: Draft, { layout }: Context): string[] {
  const { option: most, count } = layout.limits;
  if (!most || draft.item.kind === 'card' || answers.length < 2) {
    return answers;
  }
  const short = answers.filter((answer) => lengthOf(answer, count) <= most);
  if (!short.length || short.length === answers.length) {
    return answers;
  }
  const longest = Math.max(...answers.map((answer) => lengthOf(answer, count)));
  const reason = because('answer-left-out', { has: longest, most, unit: unitOf(count) });
  draft.note(field, answers.join(' | '), short.join(' | '), reason);
  return short;
}

/** Several accepted answers for a receiver with room for one: joined into one text, and named. */
function joinedAnswers(draft: Draft, context: Context): string | undefined {
  const column = context.having('accepted')[0];
  const { accepted = [] } = draft.item;
  const { limits } = context.layout;
  if (accepted.length < 2) {
    return undefined;
  }
  if (column && (column.separator || context.having('accepted').length > 1)) {
    return undefined;
  }
  if (!column && context.layout.shape !== 'grid' && draft.item.kind !== 'card') {
    return undefined;
  }
  const text = joinedWithin(
    accepted,
    draft.item.kind === 'card' ? undefined : limits.option,
    limits.count,
  );
  const reason = because('answers-joined', { n: accepted.length });
  draft.note('accepted', accepted.join(' | '), text, reason);
  return text;
}

/** A list with changed members, or the very same list where none has changed. */
function mapped<T>(list: T[], change: (member: T, index: number) => T): T[] {
  const next = list.map(change);
  return next.every((member, index) => member === list[index]) ? list : next;
}

const NO_VARIANTS: Record<string, string> = {};

function fitOptions(options: Option[], context: Context, through: Through): Option[] {
  const { limits } = context.layout;
  const carriesFeedback = context.carries('feedback');
  return mapped(options, (option, index) => {
    const text = through('options', option.text, limits.option, index);
    const feedback =
      carriesFeedback && option.feedback
        ? through('options', option.feedback, limits.explanation, `${index}.feedback`)
        : option.feedback;
    return text === option.text && feedback === option.feedback
      ? option
      : defined({ ...option, text, feedback });
  });
}

/** Options that differ in the bank must differ in the file: of two that are the same nobody can choose the right one. */
function differ(fitted: readonly Option[], given: readonly Option[]): void {
  const texts = new Map<string, number>();
  for (const [index, { text }] of fitted.entries()) {
    const like = alike(text.plain);
    const other = texts.get(like);
    if (
      other !== undefined &&
      alike(given[other]!.text.plain) !== alike(given[index]!.text.plain)
    ) {
      throw refusal('options-alike', { text: text.plain });
    }
    texts.set(like, index);
  }
}

/** The answers of a question, each through the same rules as an option; those that have changed are put into `fields`. */
function fitAnswers(fields: Partial<Item>, draft: Draft, context: Context, through: Through): void {
  const { item } = draft;
  if (item.options) {
    const options = fitOptions(item.options, context, through);
    if (options !== item.options) {
      differ(options, item.options);
      fields.options = options;
    }
  } else if (item.accepted) {
    const inOne = joinedAnswers(draft, context);
    const given = inOne ? [inOne] : typable('accepted', item.accepted, draft, context);
    const accepted = fitList('accepted', given, context, through);
    if (accepted !== item.accepted) {
      fields.accepted = accepted;
    }
  } else {
    fitParts(fields, draft, context, through);
  }
}

const fitList = (field: string, texts: string[], { layout }: Context, through: Through): string[] =>
  mapped(
    texts,
    (text, index) => through(field, { plain: text }, layout.limits.option, index).plain,
  );

/** Answers of several parts: pairs, steps, gaps. */
function fitParts(fields: Partial<Item>, draft: Draft, context: Context, through: Through): void {
  const { item } = draft;
  const most = context.layout.limits.option;
  if (item.pairs) {
    fields.pairs = item.pairs.map(({ left, right }, index) => ({
      left: through('pairs', left, most, `${index}.left`),
      right: through('pairs', right, most, `${index}.right`),
    }));
  }
  if (item.steps) {
    fields.steps = item.steps.map((step, index) => through('steps', step, most, index));
  }
  if (item.gaps) {
    fields.gaps = item.gaps.map((gap, index) => ({
      ...gap,
      accepted: fitList(
        `gaps.${index}`,
        typable(`gaps.${index}`, gap.accepted, draft, context),
        context,
        through,
      ),
    }));
  }
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

/** Pictures as the receiver's list has them; one that is not on it is named and left out. */
function listedMedia(draft: Draft, list: readonly ListedPicture[]): Item['media'] {
  const listed = (draft.item.media ?? []).flatMap((media) => {
    const value = listedValue(media.href, list);
    if (value === undefined) {
      draft.note('media', media.href, '', because('picture-not-listed', { name: media.href }));
      return [];
    }
    draft.note('media', media.href, value, because('picture-listed'));
    return [{ ...media, href: value }];
  });
  return listed.length ? listed : undefined;
}

/** Pictures as the receiver takes them: by its list, or by addresses that may travel. */
function fitMedia(fields: Partial<Item>, draft: Draft, context: Context): void {
  const { pictures } = context.layout;
  if (pictures && context.carries('image')) {
    fields.media = listedMedia(draft, pictures);
  } else if (
    context.keepsFormatting &&
    draft.item.media?.some(({ href }) => !isPictureAddress(href))
  ) {
    fields.media = safeMedia(draft);
  }
}

/** The texts beside question and answers, where the layout has a place for them. */
function fitBeside(fields: Partial<Item>, item: Item, context: Context, through: Through): void {
  const { limits } = context.layout;
  // What the layout has no place for is not even looked at.
  const hint = context.carries('hint') ? item.hint : undefined;
  const explanation = context.carries('explanation') ? item.explanation : undefined;
  const title = context.carries('title') ? item.title : undefined;
  if (hint) {
    fields.hint = through('hint', hint, limits.hint);
  }
  if (explanation) {
    fields.explanation = through('explanation', explanation, limits.explanation);
  }
  if (title) {
    fields.title = through('title', { plain: title }, limits.title).plain;
  }
}

/** Takes every text that the layout carries through its limits. Most questions come through untouched. */
export function fitTexts(draft: Draft, context: Context, decision: Decision): void {
  const { item } = draft;
  const through = throughFor(draft, context, decision.own ?? NO_VARIANTS);
  const fields: Partial<Item> = {};
  const stem = through('stem', item.stem, context.layout.limits.stem);
  if (stem !== item.stem) {
    fields.stem = stem;
  }
  fitAnswers(fields, draft, context, through);
  fitBeside(fields, item, context, through);
  if (context.narrow && context.carries('category') && item.category) {
    fields.category = item.category.map((part) => held(draft, 'category', part));
  }
  if (item.media?.length) {
    fitMedia(fields, draft, context);
  }
  for (const name in fields) {
    if (fields[name as keyof Item] !== item[name as keyof Item]) {
      draft.set(fields);
      return;
    }
  }
}
