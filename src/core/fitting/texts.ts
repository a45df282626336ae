// Texts within a receiver's lengths and signs.
import type { Decision, Item, Option } from '../model';
import { isPictureAddress } from '../shared/addresses';
import { defined } from '../shared/defined';
import type { Draft } from './changes';
import type { Context } from './context';
import { held, throughFor, type Through } from './text-rules';
import { because } from './words';

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
  const text = accepted.join('; ');
  const reason = because('answers-joined', { n: accepted.length });
  draft.note('accepted', accepted.join(' | '), text, reason);
  return text;
}

/** A list with changed members, or the very same list where none has changed. */
function changed<T>(list: T[], change: (member: T, index: number) => T): T[] {
  const next = list.map(change);
  return next.every((member, index) => member === list[index]) ? list : next;
}

/** Fields of answers that a rule has touched, or every field of answers. */
type Answers = Pick<Item, 'options' | 'accepted' | 'pairs' | 'steps' | 'gaps'>;

function fitOptions(options: Option[], context: Context, through: Through): Option[] {
  const { limits } = context.layout;
  const carriesFeedback = context.carries('feedback');
  return changed(options, (option, index) => {
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

/** The answers of a question, each through the same rules as an option. */
function fitAnswers(draft: Draft, context: Context, through: Through): Answers {
  const { item } = draft;
  const most = context.layout.limits.option;
  const list = (field: string, texts: string[]): string[] =>
    changed(texts, (text, index) => through(field, { plain: text }, most, index).plain);
  if (item.options) {
    return { options: fitOptions(item.options, context, through) };
  }
  if (item.accepted) {
    const inOne = joinedAnswers(draft, context);
    return { accepted: list('accepted', inOne ? [inOne] : item.accepted) };
  }
  return defined({
    pairs: item.pairs?.map(({ left, right }, index) => ({
      left: through('pairs', left, most, `${index}.left`),
      right: through('pairs', right, most, `${index}.right`),
    })),
    steps: item.steps?.map((step, index) => through('steps', step, most, index)),
    gaps: item.gaps?.map((gap, index) => ({
      ...gap,
      accepted: list(`gaps.${index}`, gap.accepted),
    })),
  });
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

/** The texts beside question and answers, where the layout has a place for them. */
function fitBeside(item: Item, context: Context, through: Through): Partial<Item> {
  const { limits } = context.layout;
  const { hint, explanation, title } = item;
  return defined({
    hint: hint && context.carries('hint') ? through('hint', hint, limits.hint) : undefined,
    explanation:
      explanation && context.carries('explanation')
        ? through('explanation', explanation, limits.explanation)
        : undefined,
    title:
      title && context.carries('title')
        ? through('title', { plain: title }, limits.title).plain
        : undefined,
  });
}

/** Takes every text that the layout carries through its limits. */
export function fitTexts(draft: Draft, context: Context, decision: Decision): void {
  const { item } = draft;
  const through = throughFor(draft, context, decision.own ?? {});
  const stem = through('stem', item.stem, context.layout.limits.stem);
  const fields: Partial<Item> = {
    ...fitAnswers(draft, context, through),
    stem,
    ...fitBeside(item, context, through),
  };
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
