// What is played, whichever file it came from: a text, options or a typed answer, and what is shown afterwards.
import type { Item } from '../../core/model';
import { alike } from '../../core/shared/normalise';
import { numberWords } from '../../core/shared/plain';
import type { HostQuestion } from '../../stand-ins/live-host/take';
import { i18n } from '../../languages';

export type PlayQuestion = {
  stem: string;
  /** Empty where the answer is typed or thought. */
  answers: readonly string[];
  /** The right ones, from 1. */
  right: readonly number[];
  many: boolean;
  /** What stands above it: points, time. */
  facts: string;
  /** Typed answers that count; none where it is only shown. */
  accepted: readonly string[];
  /** What is right, where no option says so. */
  solution?: string;
  hint?: string;
  after?: string;
};

const NO_TYPING = { accepted: [] };

export const ofHost = ({ stem, answers, right, many, seconds }: HostQuestion): PlayQuestion => ({
  stem,
  answers,
  right,
  many,
  facts: i18n._('{seconds, number} s to think', { seconds }),
  ...NO_TYPING,
});

/** What is right, for a question without options. */
function solutionOf({ pairs, steps, gaps, number, accepted }: Item): string {
  if (pairs) {
    return pairs.map(({ left, right }) => `${left.plain} – ${right.plain}`).join('; ');
  }
  if (steps) {
    return steps.map(({ plain }, at) => `${at + 1} ${plain}`).join(', ');
  }
  if (gaps) {
    return gaps.map((gap) => gap.accepted.join(' / ')).join('; ');
  }
  return number ? numberWords(number) : (accepted ?? []).join(' / ');
}

function factsOf({ points, seconds }: Item): string {
  const facts = [
    points === undefined
      ? ''
      : i18n._('{points, plural, one {# point} other {# points}}', { points }),
    seconds ? i18n._('{seconds, number} s to think', { seconds }) : '',
  ];
  return facts.filter(Boolean).join(' · ');
}

/** What can be typed: one text that is compared with what is accepted. */
function typedOf({ accepted, gaps, number }: Item): readonly string[] {
  const inOneGap = gaps?.length === 1 ? gaps[0]!.accepted : undefined;
  return accepted ?? inOneGap ?? (number ? [String(number.value)] : []);
}

/** A question as a filled file says it. */
export function ofItem(item: Item): PlayQuestion {
  const { options = [], stem, hint, explanation } = item;
  const right = options.flatMap((option, at) => (option.right ? [at + 1] : []));
  const solution = options.length ? '' : solutionOf(item);
  return {
    stem: stem.plain.replace(/\{\{\d+\}\}/g, '______'),
    answers: options.map(({ text }) => text.plain),
    right,
    many: item.kind === 'choice-many',
    facts: factsOf(item),
    accepted: options.length ? [] : typedOf(item),
    ...(solution ? { solution } : {}),
    ...(hint ? { hint: hint.plain } : {}),
    ...(explanation ? { after: explanation.plain } : {}),
  };
}

export type Answered = { picked: ReadonlySet<number>; typed: string };

/** Whether just the right ones are picked, from whatever number both count. */
export const isExactly = (picked: ReadonlySet<number>, right: readonly number[]): boolean =>
  picked.size === right.length && right.every((n) => picked.has(n));

/** Whether an answer is right; undefined where nobody but the learner can say. */
export function isRight(question: PlayQuestion, { picked, typed }: Answered): boolean | undefined {
  const { answers, right, accepted } = question;
  if (answers.length) {
    return isExactly(picked, right);
  }
  return accepted.length ? accepted.some((text) => alike(text) === alike(typed)) : undefined;
}
