// What was made of a source, with the reasons; also the form in which a user overrules it.
import { z } from 'zod';
import { ColumnSchema, ENCODINGS, KeySchema, SEPARATORS } from './layout';

/** What a source was read as: cells under columns, questions in running text, terms, a board, blocks of rows, or a package that states them. */
export const READ_AS = ['table', 'questions', 'terms', 'board', 'blocks', 'package'] as const;
export const ReadAsSchema = z.enum(READ_AS);
export type ReadAs = z.infer<typeof ReadAsSchema>;

/** What the title of a part becomes. */
const SECTIONS = ['category', 'tag', 'none'] as const;

/** What a person says a line of a running text is. */
export const LINE_ROLES = [
  'question',
  'option',
  'more',
  'answer',
  'part',
  'answers',
  'none',
] as const;
const SaidLineSchema = z.object({
  /** From 1. */
  line: z.number().int().positive(),
  is: z.enum(LINE_ROLES),
});
export type SaidLine = z.infer<typeof SaidLineSchema>;
export type LineRole = SaidLine['is'];

const SaidSchema = z.object({
  sheet: z.string(),
  range: z.string(),
  headingRow: z.number().int().positive().nullable(),
  columns: z.array(ColumnSchema),
  key: KeySchema,
  /** How a running text is typed, by its name: see `nameOf` of gathering's manners. */
  manner: z.string(),
});
/** The next likely reading of something that is unsure: what it is about, in words, how likely, and what to overrule for it. */
export const OtherReadingSchema = z.object({
  /** 'headingRow', 'columns.B', 'sheet'. */
  path: z.string(),
  label: z.string(),
  /** From 0 to 1. */
  likely: z.number(),
  overrule: SaidSchema.partial(),
});
export type OtherReading = z.infer<typeof OtherReadingSchema>;

export const ReadingSchema = z.object({
  as: ReadAsSchema.optional(),
  sheet: z.string().optional(),
  /** Other sheets with the same headings whose questions were read together with this one's; absent where there are none. */
  alike: z.array(z.string()).optional(),
  /** As typed, 'A1:E10'; the whole sheet where absent. */
  range: z.string().optional(),
  headingRow: z.number().int().positive().nullable(),
  columns: z.array(ColumnSchema),
  key: KeySchema,
  separator: z.enum(SEPARATORS).optional(),
  encoding: z.enum(ENCODINGS).optional(),
  /** For each of the above, and for 'columns.B', one reason in a sentence. */
  because: z.record(z.string(), z.string()),
  /** The names of what the program guessed without being sure. */
  unsure: z.array(z.string()),
  /** What the titles of a running text's parts became for their questions; absent where there are none. */
  sections: z.enum(SECTIONS).optional(),
  /** What else the unsure ones may be, likeliest first. */
  others: z.array(OtherReadingSchema).optional(),
  /** The kept reading by which it was read: what was said of an earlier source with the same headings. */
  recalled: z.object({ id: z.string(), from: z.string(), at: z.string() }).optional(),
});
export type Reading = z.infer<typeof ReadingSchema>;

/** What a user overrules; everything that is absent stays a guess. */
export const OverruleSchema = ReadingSchema.pick({
  sheet: true,
  range: true,
  headingRow: true,
  columns: true,
  key: true,
  separator: true,
  encoding: true,
  as: true,
})
  .partial()
  .extend({
    /** Whether bold, italic, raised and lowered signs and links are kept in the texts. */
    formatting: z.enum(['keep', 'strip']).optional(),
    /** The emphasis that marks right options of a running text; null where none does. */
    emphasis: z.enum(['mark', 'bold', 'underline', 'italic']).nullable().optional(),
    /** How a running text is typed; the likeliest where absent. */
    manner: z.string().optional(),
    sections: z.enum(SECTIONS).optional(),
    /** What single lines of a running text are. */
    lines: z.array(SaidLineSchema).optional(),
  });
export type Overrule = z.infer<typeof OverruleSchema>;
