// How a receiver writes each kind of question on lines of text: what stands in front of each part and behind it, line by line.
import { z } from 'zod';
import { KindSchema } from './item';
import { LINE_FIELDS } from './marks';

/** What a line of a question says. `card` is a whole card on one line; `options` are all of them on one line, `feedbacks` lines that name each its option. */
export const PART_ROLES = [
  'stem',
  'option',
  'options',
  'key',
  'accepted',
  'pair',
  'step',
  'card',
  'explanation',
  'feedbacks',
  'tags',
  'image',
  'tolerance',
  'unit',
  ...LINE_FIELDS,
] as const;
export type PartRole = (typeof PART_ROLES)[number];

/** How a line that names the right options does so, or says true or false. */
export const PATTERN_KEYS = [
  'letter',
  'small-letter',
  'number',
  'number-from-0',
  'text',
  'word',
] as const;

/**
 * A line of a question, or several alike. In `before`, `{n}` stands for the number of the question, `{a}`, `{A}` and `{1}` for
 * the letter or number of an option; blanks and signs stand as the receiver has them.
 */
export const PartSchema = z.object({
  role: z.enum(PART_ROLES),
  /** Whether the first option is the right one, as nothing else says which is. */
  first: z.boolean().optional(),
  /** Lines above that say the same in every question; they go where the part has nothing to say. */
  above: z.array(z.string()).optional(),
  before: z.string(),
  after: z.string().optional(),
  /** Around a wrong option, where it differs from a right one. */
  wrong: z.object({ before: z.string(), after: z.string().optional() }).optional(),
  /** Between the parts of a line that holds several: options, keys, the halves of a pair or of a card. */
  between: z.string().optional(),
  /** In front of each of several in one line, or of the right one that a key says in full: '{a}) '. */
  each: z.string().optional(),
  /** Between an option and its feedback. */
  feedback: z.string().optional(),
  /** Around the feedback of an option, on a line below it. */
  feedbackLine: z.object({ before: z.string(), after: z.string().optional() }).optional(),
  /** Around a title of its own in front of the question's text. */
  title: z.object({ open: z.string(), close: z.string() }).optional(),
  /** Around a category beside the question's text, behind it or in front of it. */
  category: z
    .object({ open: z.string(), close: z.string(), isInFront: z.boolean().optional() })
    .optional(),
  /** Around the word that fills a gap in the question's text, and between several that do. */
  gap: z.object({ open: z.string(), close: z.string(), between: z.string().optional() }).optional(),
  /** Around what answers the question, behind its text on the same line: one of `words`, the word for its gap, or a short answer. */
  answer: z.object({ open: z.string(), close: z.string() }).optional(),
  /** What stands in the question's text for a gap whose word is said behind it. */
  blank: z.string().optional(),
  /** Around the points beside the question's text, behind it or in front of it; `one` is the end behind a single point. */
  points: z
    .object({
      open: z.string(),
      close: z.string(),
      one: z.string().optional(),
      isInFront: z.boolean().optional(),
    })
    .optional(),
  /** Behind a number that is 1, where it is another word: ' point)'. */
  one: z.string().optional(),
  /** Between the number that answers and how far off it may be, on the same line; behind the unit where there is one. */
  tolerance: z.object({ sign: z.string(), isBehindUnit: z.boolean().optional() }).optional(),
  style: z.enum(PATTERN_KEYS).optional(),
  /** The words for true and false. */
  words: z.tuple([z.string(), z.string()]).optional(),
  /** Whether the line stands there without a text too, where a question has nothing for it. */
  isKept: z.boolean().optional(),
  /** Whether a category stands once above all questions that it holds for. */
  isShared: z.boolean().optional(),
});
export type Part = z.infer<typeof PartSchema>;

/** How questions of some kinds are written, with the lines that end each of them. */
export const FormSchema = z.object({
  kinds: z.array(KindSchema).min(1),
  parts: z.array(PartSchema).min(1),
  below: z.array(z.string()).optional(),
});
export type Form = z.infer<typeof FormSchema>;

/** A whole file: lines above all questions, and lines between two. */
export const PatternSchema = z.object({
  forms: z.array(FormSchema).min(1),
  /** The sign between the parts of a question that stands on one line; left out where each part has lines of its own. */
  joint: z.string().optional(),
  between: z.array(z.string()),
  head: z.array(z.string()).optional(),
  /** Around the set's name, on a line of its own below `head`. */
  title: z
    .object({
      before: z.string(),
      after: z.string().optional(),
      /** The lines below it, above all questions. */
      below: z.array(z.string()).optional(),
    })
    .optional(),
});
export type Pattern = z.infer<typeof PatternSchema>;
