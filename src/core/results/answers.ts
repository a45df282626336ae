// How an answer scores, and which option it chose.
import type { Item } from '../model';
import { alike } from '../shared/normalise';
import { placeOfLetter } from '../shared/vocabulary/alphabets';

const SCORE = /^[01](?:[.,]0+)?$/;
const NUMBER = /^-?\d+(?:[.,]\d+)?$/;
const EPSILON = 1e-12;
/** Letters and numbers of several options: "A, C", "1;3", "B+D". */
const SEVERAL = /[,;+|]/;

const numberIn = (text: string): number => Number(text.trim().replace(',', '.'));

/** Which option an answer names: by its text, its letter with or without the wording, or its number. */
export function placeOf(answer: string, { options = [] }: Item): number | undefined {
  const like = alike(answer);
  const byText = options.findIndex(({ text }) => alike(text.plain) === like);
  if (byText >= 0) {
    return byText;
  }
  const [, letter = '', wording] = /^[(]?(\p{L})[).:]?(?:\s+(.+))?$/u.exec(answer.trim()) ?? [];
  const at = placeOfLetter(letter);
  if (at !== undefined) {
    const says = options[at] && (!wording || alike(options[at].text.plain) === alike(wording));
    return says ? at : undefined;
  }
  const place = /^\d{1,2}$/.test(answer.trim()) ? Number(answer) - 1 : -1;
  return place >= 0 && place < options.length ? place : undefined;
}

function scoreOfOptions(answer: string, item: Item): number {
  const whole = placeOf(answer, item);
  const places =
    whole === undefined ? answer.split(SEVERAL).map((part) => placeOf(part, item)) : [whole];
  const rights = item.options!.flatMap(({ right }, at) => (right ? [at] : []));
  return Number(
    places.length === rights.length &&
      places.every((at) => at !== undefined && rights.includes(at)),
  );
}

/** What an answer is worth: 1 right, 0 wrong; undefined where the question's kind can't be scored from its answer. */
function scoreOfAnswer(answer: string, item: Item): number | undefined {
  if (item.options) {
    return scoreOfOptions(answer, item);
  }
  if (item.number) {
    const isNear =
      Math.abs(numberIn(answer) - item.number.value) <= item.number.tolerance + EPSILON;
    return Number(NUMBER.test(answer.trim()) && isNear);
  }
  const accepted = item.accepted ?? item.gaps?.[0]?.accepted;
  return accepted ? Number(accepted.some((text) => alike(text) === alike(answer))) : undefined;
}

type Scored = { score: number | undefined; place: number | undefined };
const NOT_GIVEN: Scored = { score: undefined, place: undefined };

/** The answers that say anything. */
export const given = (answers: readonly string[]): string[] =>
  answers.filter((answer) => answer.trim());

/** Whether a column holds nothing but 0 and 1. */
export const isScored = (answers: readonly string[]): boolean => {
  let isAny = false;
  for (const answer of answers) {
    const text = answer.trim();
    if (text && !SCORE.test(text)) {
      return false;
    }
    isAny ||= text !== '';
  }
  return isAny;
};

/** The most points that a column of points can hold: the question's, or the most that anybody got. */
function mostPoints(answers: readonly string[], item: Item | undefined): number | undefined {
  const all = given(answers).map((answer) => answer.split('/')[0]!);
  if (!all.length || !all.every((answer) => NUMBER.test(answer.trim()))) {
    return undefined;
  }
  const best = Math.max(...all.map(numberIn));
  return Math.max(item?.points ?? 0, best) || 1;
}

/** The answers of a column, scored as what the column holds, and which option (from 0) each chose. */
export function scoresOf(
  answers: readonly string[],
  item: Item | undefined,
  isPoints: boolean,
): { scores: Scored['score'][]; chosen: Scored['place'][] } {
  const most = isPoints ? mostPoints(answers, item) : undefined;
  const zeroOne = !most && isScored(answers);
  const scored = (answer: string): Scored => {
    if (!answer.trim()) {
      return NOT_GIVEN;
    }
    if (most !== undefined || zeroOne) {
      return { score: numberIn(answer.split('/')[0]!) / (most ?? 1), place: undefined };
    }
    return item
      ? { score: scoreOfAnswer(answer, item), place: item.options && placeOf(answer, item) }
      : NOT_GIVEN;
  };
  // Ten thousand learners give a handful of different answers.
  const known = new Map<string, Scored>();
  const scores = new Array<Scored['score']>(answers.length);
  const chosen = new Array<Scored['place']>(answers.length);
  answers.forEach((answer, at) => {
    let one = known.get(answer);
    if (!one) {
      one = scored(answer);
      known.set(answer, one);
    }
    scores[at] = one.score;
    chosen[at] = one.place;
  });
  return { scores, chosen };
}

/** Whether an answer names several options at once. */
export const namesSeveral = (answer: string): boolean => SEVERAL.test(answer);
