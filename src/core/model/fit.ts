// How a question stands to a layout, the cells it becomes, and the record of an export.
import { z } from 'zod';
import type { ItemSchema } from './item';

export const ChangeSchema = z.object({
  field: z.string(),
  from: z.string(),
  to: z.string(),
  why: z.string(),
});
export type Change = z.infer<typeof ChangeSchema>;

export const FitSchema = z.object({
  item: z.string(),
  state: z.enum(['fits', 'changes', 'refused']),
  changes: z.array(ChangeSchema),
  reason: z.string().optional(),
});
export type Fit = z.infer<typeof FitSchema>;

/** One cell to be written: text, or a number where the receiver counts with it. */
export type CellValue = string | number;

/** A question as it will stand in the file: `item` as changed, `cells` by column letters. */
export type Fitted = Fit & { as?: z.infer<typeof ItemSchema>; cells?: Record<string, CellValue> };

/** A field that came back other than it was meant. */
export const DifferenceSchema = z.object({
  /** The question's place in the file, from 1. */
  n: z.number().int(),
  ref: z.string().optional(),
  field: z.string(),
  meant: z.string(),
  found: z.string(),
});
export type Difference = z.infer<typeof DifferenceSchema>;

export const ReceiptSchema = z.object({
  id: z.string(),
  at: z.string(),
  set: z.string(),
  layout: z.object({ id: z.string(), name: z.string() }),
  file: z.object({ name: z.string(), size: z.number().int(), sha256: z.string() }),
  questions: z.number().int(),
  points: z.number(),
  /** What went into the file, by reference, and what was changed on the way. */
  items: z.array(z.object({ id: z.string(), ref: z.string(), changes: z.array(ChangeSchema) })),
  leftOut: z.array(z.object({ id: z.string(), ref: z.string(), reason: z.string() })),
  readBack: z.object({ questions: z.number().int(), differences: z.array(DifferenceSchema) }),
});
export type Receipt = z.infer<typeof ReceiptSchema>;
