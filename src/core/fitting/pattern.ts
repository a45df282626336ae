// A fitted question as the lines of a receiver's pattern. Its number and a category above several are the writer's.
import type { Form, Item, Option, Part, Pattern } from '../model';
import { defined } from '../shared/defined';
import { namesOfRight } from '../shared/marked-key';
import {
  fixedText,
  isBare,
  lineAround,
  quotedAs,
  quotingOf,
  type Around,
} from '../shared/pattern-line';
import { refusal, type Draft } from './changes';
import { rightFirst } from './choices';
import { signInFront, signOfAnother, signWithin } from './pattern-signs';
import { because } from './words';

type Piece = Around & { text: string; n?: number };

/** The right options as a line names them. */
function keyOf(
  options: readonly Option[],
  { style = 'letter', between = ', ', words, each }: Part,
): string {
  if (style === 'word') {
    return words?.[options[0]?.right ? 0 : 1] ?? '';
  }
  const names =
    style === 'text' && each !== undefined
      ? options.flatMap(({ text, right }, n) =>
          right ? [lineAround({ before: each }, text.plain, n)] : [],
        )
      : namesOfRight(options, style);
  return names.join(between);
}

/** An option's line, with its feedback behind it where the receiver has a sign for that. */
function optionPiece({ text, right, feedback }: Option, n: number, part: Part): Piece {
  const { before, after } = (!right && part.wrong) || part;
  const told = part.feedback && feedback?.plain ? part.feedback + feedback.plain : '';
  return { before, after, text: text.plain + told, n };
}

const aroundOf = ({ before, after }: Part): Around => ({ before, after });
const given = (text: string | number | undefined): string[] =>
  text === undefined || text === '' ? [] : [String(text)];

/** A text with its question's points beside it. */
function withPoints(text: string, n: number | undefined, around: Part['points']): string {
  if (!around || n === undefined) {
    return text;
  }
  const { open, close, one = close, isInFront } = around;
  const said = open + String(n) + (n === 1 ? one : close);
  return isInFront ? said + text : text + said;
}

/** A text with its question's category beside it. */
function withCategory(text: string, category: Item['category'], around: Part['category']): string {
  if (!around || !category?.length) {
    return text;
  }
  const said = around.open + category.join(' > ') + around.close;
  return around.isInFront ? said + text : text + said;
}

/** The words that fill a gap between their signs; the gap's place where none do. */
function wordsIn(words: readonly string[], gap: NonNullable<Part['gap']>, place: string): string {
  const said = gap.between === undefined ? words.slice(0, 1) : words;
  return words.length ? gap.open + said.join(gap.between) + gap.close : place;
}

/** What answers a question behind its text. */
function answerOf({ options = [], accepted = [], gaps = [] }: Item, { words }: Part): string {
  return words ? words[options[0]?.right ? 0 : 1] : (accepted[0] ?? gaps[0]?.accepted[0] ?? '');
}

/** The question's text with its title in front and the words in its gaps, where the receiver has signs around them. */
function stemText(item: Item, part: Part): string {
  const { stem, title = '', gaps = [], points } = item;
  const { gap, blank, answer } = part;
  const named = part.title && title ? `${part.title.open}${title}${part.title.close} ` : '';
  const plain =
    gap || blank
      ? stem.plain.replace(/\{\{(\d+)\}\}/gu, (place, n: string) =>
          gap ? wordsIn(gaps[Number(n) - 1]?.accepted ?? [], gap, place) : blank!,
        )
      : stem.plain;
  const said = answer ? answer.open + answerOf(item, part) + answer.close : '';
  const whole = withCategory(named + plain + said, item.category, part.category);
  return withPoints(whole, points, part.points);
}

/** A number with how far off it may be, where the receiver has a sign for that, and its unit. */
function numberText(
  { value, tolerance, unit }: NonNullable<Item['number']>,
  around: Part['tolerance'],
): string {
  const told = around && tolerance ? around.sign + String(tolerance) : '';
  const measured = unit === undefined ? '' : ` ${unit}`;
  return String(value) + (around?.isBehindUnit ? measured + told : told + measured);
}

/** A question whose number says nothing that has a line of its own. */
function withoutTold(item: Item, { parts }: Form): Item {
  const has = (role: Part['role']): boolean => parts.some((part) => part.role === role);
  const { value, tolerance, unit } = item.number ?? {};
  return value === undefined
    ? item
    : {
        ...item,
        number: defined({
          value,
          tolerance: has('tolerance') ? 0 : tolerance!,
          unit: has('unit') ? undefined : unit,
        }),
      };
}

/** The texts of a part that says something in each question; none where this one has nothing to say. */
const TEXTS: { [Role in Part['role']]: (item: Item, part: Part) => string[] } = {
  stem: (item, part) => [stemText(item, part)],
  option: () => [],
  options: ({ options = [] }, { between = ' | ', each = '' }) =>
    given(options.map(({ text }, n) => lineAround({ before: each }, text.plain, n)).join(between)),
  key: ({ options = [] }, part) => given(keyOf(options, part)),
  accepted: ({ accepted = [], number }, { between, tolerance }) => {
    if (number) {
      return given(numberText(number, tolerance));
    }
    return between === undefined ? accepted : given(accepted.join(between));
  },
  pair: ({ pairs = [] }, { between = ' = ' }) =>
    pairs.map(({ left, right }) => left.plain + between + right.plain),
  step: ({ steps = [] }) => steps.map(({ plain }) => plain),
  card: ({ stem, accepted = [], points }, { between = ' = ', points: around }) => [
    withPoints(stem.plain + between + accepted.join('; '), points, around),
  ],
  feedbacks: () => [],
  explanation: ({ explanation }) => given(explanation?.plain),
  tags: ({ tags = [] }, { between = ', ' }) => given(tags.map(({ value }) => value).join(between)),
  image: ({ media }) => given(media?.[0]?.href),
  ref: ({ ref }) => given(ref),
  points: ({ points }) => given(points),
  seconds: ({ seconds }) => given(seconds),
  hint: ({ hint }) => given(hint?.plain),
  title: ({ title }) => given(title),
  tolerance: ({ number }) => given(number?.tolerance),
  unit: ({ number }) => given(number?.unit),
  category: ({ category }, { isShared }) => (isShared ? [] : given(category?.join(' > '))),
};

function piecesOf(whole: Item, part: Part, form: Form): Piece[] {
  const item = part.role === 'accepted' ? withoutTold(whole, form) : whole;
  if (part.role === 'option') {
    const own = item.options ?? [];
    const options = part.first ? rightFirst(own) : own;
    return options.flatMap((option, n) => [
      optionPiece(option, n, part),
      ...(part.feedbackLine && option.feedback?.plain
        ? [{ ...part.feedbackLine, text: option.feedback.plain }]
        : []),
    ]);
  }
  if (part.role === 'feedbacks') {
    return (item.options ?? []).flatMap(({ feedback }, n) =>
      feedback?.plain ? [{ ...aroundOf(part), text: feedback.plain, n }] : [],
    );
  }
  const { before, after, one = after } = part;
  return TEXTS[part.role](item, part).map((text, n) => ({
    before,
    after: text === '1' ? one : after,
    text,
    n,
  }));
}

/**
 * Whether a line that counts the questions says their points: it is written for each of them, with one point where a question
 * says none. Common practice, no source.
 */
const saysPointsOfEach = ({ role, before }: Part): boolean =>
  role === 'points' && before.includes('{n}');

const saysTolerance = (part: Part): boolean =>
  part.role === 'tolerance' || part.tolerance !== undefined;

/** A question's lines. May throw a Refusal: a text that begins or goes on as another line does would be read as that. */
export function patternText(draft: Draft, pattern: Pattern): string {
  const { forms } = pattern;
  const form = forms.find(({ kinds }) => kinds.includes(draft.item.kind)) ?? forms[0]!;
  if (form.parts.some(saysPointsOfEach) && draft.item.points === undefined) {
    draft.set({ points: 1 });
  }
  const { item } = draft;
  const { value, tolerance } = item.number ?? {};
  if (tolerance && !form.parts.some(saysTolerance)) {
    draft.note('number', `${value} ± ${tolerance}`, String(value), because('tolerance-dropped'));
  }
  const joint = pattern.joint?.trim() ? pattern.joint.trim() : pattern.joint;
  const lines = form.parts.flatMap((part) => {
    const own = piecesOf(item, part, form).map(({ text, n, ...around }) => {
      const line = lineAround(around, quotedAs(text, quotingOf(around, form.parts)), n);
      const sign =
        (joint && text.includes(joint) ? joint : undefined) ??
        signWithin(text, part, item) ??
        (isBare(around) ? signOfAnother(line, part, pattern) : signInFront(text, part, pattern));
      if (sign !== undefined) {
        throw refusal('sign-in-text', { text, sign: sign.trim() });
      }
      return line;
    });
    const kept = part.isKept ? [lineAround(part, '').trimEnd()] : [];
    const shown = own.length ? own : kept;
    return shown.length ? [...(part.above ?? []).map(fixedText), ...shown] : [];
  });
  return [...lines, ...(form.below ?? []).map(fixedText)].join(pattern.joint ?? '\n');
}
