// What stands above several questions: the title of a part, or what is to be done with them and how much each is worth.
import { numberOf } from '../../shared/normalise';
import { kindOfWord } from '../../shared/vocabulary/kinds';
import type { Draft } from './draft';
import { isTitle, speaksOfForms } from './lone';
import { pairOffered } from './offered';
import { asksForOrder } from './order-words';
import type { VerdictPair } from '../../shared/vocabulary/verdict-pairs';
import { WORDS_OF_POINTS } from '../../shared/vocabulary/words-of-points';
import { countsParts, type TypedLine } from './typed-line';

const EACH =
  'each|apiece|per (?:question|item|answer)|pro (?:frage|antwort|aufgabe)|je(?:weils)?|chacune?|par question|por pregunta|cada una?|ciascun[ao]|per (?:vraag|domanda)|elk';
const POINTS_EACH = new RegExp(
  String.raw`(?:\b(?:je|jeweils|each)\s*)?(\d+(?:[.,]\d+)?)\s*(?:${WORDS_OF_POINTS})\.?\s*(?:${EACH})?\b`,
  'iu',
);
const SAYS_EACH = new RegExp(String.raw`\b(?:${EACH})\b`, 'iu');

/** Longer lines name no kind alone. */
const LONGEST_KIND = 40;

/** What a line above questions says of them. */
export type Part = {
  /** Whether it says what to do, and names no matter. */
  isTask: boolean;
  /** Whether the statements below it are to be judged. */
  isJudged: boolean;
  /** Whether what stands below them is to be put in order. */
  isOrdered: boolean;
  /** The two words that it offers for that. */
  pair?: VerdictPair;
  /** Points of each question below it. */
  points?: number;
};

/** 'Round One' says nothing of how many options are right. */
const COUNT_WORD = /(?<!\p{L})(?:one|two|three|four|five|six|\d+)(?!\p{L})/giu;

/** Whether a line holds nothing but the name of a kind: 'Multiple choice', 'Short answers'. */
const namesKind = (text: string): boolean =>
  text.length <= LONGEST_KIND &&
  kindOfWord(text.replace(COUNT_WORD, ' ').replace(/[\s:.]+$/u, '')) !== undefined;

/** What a line above questions says of all of them. */
export function partOf(text: string): Part {
  const pair = pairOffered(text);
  const isJudged = pair !== undefined;
  const isOrdered = asksForOrder(text);
  const each = SAYS_EACH.test(text) ? POINTS_EACH.exec(text)?.[1] : undefined;
  const points = each === undefined ? undefined : numberOf(each);
  return {
    isTask: isJudged || points !== undefined || speaksOfForms(text) || namesKind(text),
    isJudged,
    isOrdered,
    ...(pair ? { pair } : {}),
    ...(points === undefined ? {} : { points }),
  };
}

const AMOUNT = /\s*[([][^()[\]]*\d[^()[\]]*[)\]].*$/su;

/** The title of a part without what it says of points and of what to do: 'Section A (10 marks) Answer all' is Section A. */
export function titleOf(text: string): string {
  const short = text.trim().replace(AMOUNT, '').trim();
  return short || text.trim();
}

/** Where later parts have titles, the line above the first question is its part's. */
export function headFirst({
  drafts,
  aside,
}: {
  drafts: readonly Draft[];
  aside: readonly TypedLine[];
}): void {
  const [first] = drafts;
  const headed = drafts.findIndex(({ category }) => category !== undefined);
  const title = aside.filter((line) => line.line.line < (first?.line ?? 0) && isTitle(line)).at(-1);
  if (headed > 0 && title) {
    drafts.slice(0, headed).forEach((draft) => {
      draft.category = titleOf(title.text);
    });
  }
}

const isInCapitals = (text: string): boolean =>
  /\p{Lu}{3}/u.test(text) && text === text.toUpperCase();

/** Whether a line that stands alone between two questions heads those below it, though the one above has no answer yet. */
export const headsPart = (line: TypedLine): boolean =>
  countsParts(line) || line.isBold || isInCapitals(line.text) || partOf(line.text).isTask;
