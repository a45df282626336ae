// The question, as the bank keeps it and every station passes it on.
import { z } from 'zod';
import { KINDS } from './kinds';

export const KindSchema = z.enum(KINDS);
export type Kind = z.infer<typeof KindSchema>;

/** Text as people see it (`plain`), and its formatting only where that matters (`html`, sanitised). */
export const TextSchema = z.object({ plain: z.string(), html: z.string().optional() });
export type Text = z.infer<typeof TextSchema>;

export const OptionSchema = z.object({
  text: TextSchema,
  right: z.boolean(),
  /** Per cent of the points, may be negative. */
  weight: z.number().optional(),
  feedback: TextSchema.optional(),
});
export type Option = z.infer<typeof OptionSchema>;

/** One drawing of a calculated question: of which, its number, and the values that were drawn. */
const VariantSchema = z.object({
  of: z.string(),
  n: z.number().int(),
  values: z.array(z.object({ name: z.string(), value: z.number(), unit: z.string().optional() })),
});

export const TagSchema = z.object({ name: z.string().optional(), value: z.string() });
export type Tag = z.infer<typeof TagSchema>;

export const OriginSchema = z.object({
  file: z.string().optional(),
  sheet: z.string().optional(),
  /** Counted from 1: the row of the sheet or the line of the text where the question starts. */
  row: z.number().int().optional(),
  cell: z.string().optional(),
  by: z.string().optional(),
  at: z.string().optional(),
  /** The kept source that brought it, by its id. */
  source: z.string().optional(),
});

export const MediaSchema = z.object({
  at: z.enum(['stem', 'option', 'explanation']),
  option: z.number().int().optional(),
  href: z.string(),
  alt: z.string().optional(),
});

/** A question. `seconds` is the time limit; `lines` are offered for an open answer. */
export const ItemSchema = z.object({
  id: z.string(),
  ref: z.string(),
  kind: KindSchema,
  title: z.string().optional(),
  stem: TextSchema,
  options: z.array(OptionSchema).optional(),
  pairs: z.array(z.object({ left: TextSchema, right: TextSchema })).optional(),
  steps: z.array(TextSchema).optional(),
  accepted: z.array(z.string()).optional(),
  number: z
    .object({ value: z.number(), tolerance: z.number(), unit: z.string().optional() })
    .optional(),
  gaps: z
    .array(z.object({ accepted: z.array(z.string()), options: z.array(z.string()).optional() }))
    .optional(),
  lines: z.number().optional(),
  endings: z.array(z.string()).optional(),
  hint: TextSchema.optional(),
  explanation: TextSchema.optional(),
  points: z.number().optional(),
  seconds: z.number().optional(),
  attempts: z.number().optional(),
  use: z.enum(['practice', 'scored']).optional(),
  shuffle: z.boolean().optional(),
  across: z.boolean().optional(),
  category: z.array(z.string()).optional(),
  tags: z.array(TagSchema).optional(),
  media: z.array(MediaSchema).optional(),
  origin: OriginSchema.optional(),
  variant: VariantSchema.optional(),
});
export type Item = z.infer<typeof ItemSchema>;
