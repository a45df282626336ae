// The signs of marked plain text, as a layout holds them.
import { z } from 'zod';

/** Labels in front of options and of questions, each named by the first one. */
export const OPTION_LABELS = [
  'a)',
  'a.',
  'a:',
  '(a)',
  'a-',
  'A)',
  'A.',
  'A:',
  '(A)',
  'A-',
  '1)',
  '1.',
  '1:',
  '(1)',
  '[a]',
  '[A]',
  'a]',
  'A]',
  'a/',
  'A/',
] as const;
export const STEM_LABELS = [
  '1.',
  '1)',
  '1:',
  '(1)',
  '1-',
  '#1',
  '[1]',
  '1]',
  '1/',
  'Q1.',
  'Q1:',
  'Q1)',
] as const;

/** What a line of its own in a question of marked text can hold, besides its text and its answers. */
export const LINE_FIELDS = ['ref', 'points', 'seconds', 'hint', 'title', 'category'] as const;
export type LineField = (typeof LINE_FIELDS)[number];

export const MarksSchema = z.object({
  right: z.string(),
  wrong: z.string().optional(),
  /** Whether the sign of a right or wrong option stands behind its text. */
  rightAt: z.enum(['front', 'behind']).optional(),
  optionLabel: z.enum(['none', ...OPTION_LABELS]).optional(),
  stemLabel: z.enum(['none', ...STEM_LABELS]).optional(),
  /** A line above each question that counts it, with {n} where the number stands. */
  numberLine: z.string().optional(),
  between: z.enum(['blank-line', 'none']).optional(),
  open: z.string().optional(),
  close: z.string().optional(),
  /** Where `open` and `close` stand: around the options (where absent), around the whole question, or `open` before its text. */
  openAt: z.enum(['options', 'question', 'stem']).optional(),
  titleOpen: z.string().optional(),
  titleClose: z.string().optional(),
  category: z.string().optional(),
  /** What closes a category's line, where something does. */
  categoryClose: z.string().optional(),
  /** Whether a category stands in each question, above its text, and not once above those that it holds for. */
  categoryAt: z.enum(['question', 'part']).optional(),
  feedback: z.string().optional(),
  /** Whether feedback stands behind an option (where absent) or below all of them, for the question. */
  feedbackAt: z.enum(['option', 'question']).optional(),
  /** Blanks in front of every line of a question but its text's own. */
  indent: z.string().optional(),
  /** Whether `indent` stands in front of the answers alone, and not of the key and other lines below them. */
  indentAt: z.enum(['below', 'answers']).optional(),
  /** Whether the line that names the right options goes on without a blank behind its sign, whatever the others do. */
  keyTight: z.boolean().optional(),
  /** Whether a blank stands between an option's sign and its label. */
  labelApart: z.boolean().optional(),
  /** Whether texts follow their signs without a blank. */
  tight: z.boolean().optional(),
  pair: z.string().optional(),
  keyLine: z.string().optional(),
  /** How the line that names the right options does so; by their letters where absent. */
  keyStyle: z.enum(['letter', 'small-letter', 'number', 'number-from-0', 'text']).optional(),
  /** In front of every option, where a line names the right ones. */
  option: z.string().optional(),
  /** In front of an answer that is accepted, where a question has no options. */
  accepted: z.string().optional(),
  /** In front of a question's text, where `open` stands around the whole question. */
  stem: z.string().optional(),
  /** Behind a question's text. */
  stemClose: z.string().optional(),
  /** Whether a question's text follows the sign in front of it without a blank, whatever the others do. */
  stemTight: z.boolean().optional(),
  /** In front of the set's name, on a line above the questions. */
  setTitle: z.string().optional(),
  /** Lines of a question with a field of their own, in their order; above its text, or below its answers. */
  fields: z
    .array(
      z.object({
        sign: z.string(),
        field: z.enum(LINE_FIELDS),
        at: z.enum(['above', 'below']),
      }),
    )
    .optional(),
  comment: z.string().optional(),
  escape: z.string().optional(),
  escaped: z.string().optional(),
});
