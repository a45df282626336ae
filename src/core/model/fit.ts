// How a question stands to a layout, the cells it becomes, and the record of an export.
import { z } from 'zod';
import { SetSectionSchema } from './question-set';
import { ItemSchema } from './item';
import { LayoutSchema, SettingsSchema } from './layout';

export const ChangeSchema = z.object({
  field: z.string(),
  from: z.string(),
  to: z.string(),
  /** What kind of change it is; receipts from before changes had codes lack it. */
  code: z.string().optional(),
  why: z.string(),
});
export type Change = z.infer<typeof ChangeSchema>;

export const FitSchema = z.object({
  item: z.string(),
  state: z.enum(['fits', 'changes', 'refused']),
  changes: z.array(ChangeSchema),
  /** What kind of refusal it is, and the same in a sentence. */
  code: z.string().optional(),
  reason: z.string().optional(),
});
export type Fit = z.infer<typeof FitSchema>;

/** One cell to be written: text, or a number where the receiver counts with it. */
export type CellValue = string | number;

/** Cells by column letters, or by whole addresses ('C4') where the file is a board. */
export type CellRow = Record<string, CellValue>;

/**
 * A question as it will stand in the file. `as` are the questions that it becomes there: itself as changed, or several
 * where the receiver takes it only in parts. `cells` are its rows (one for each of `as`; in blocks one for each line),
 * `text` its paragraph where the file is marked text.
 */
export type Fitted = Fit & { as?: z.infer<typeof ItemSchema>[]; cells?: CellRow[]; text?: string };

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

/** What the user decided for one question and one layout: leave it out, or own texts for some fields. */
export const DecisionSchema = z.object({
  leaveOut: z.boolean().optional(),
  own: z.record(z.string(), z.string()).optional(),
});
export type Decision = z.infer<typeof DecisionSchema>;
/** Decisions by the question's id. */
export type Decisions = Record<string, Decision>;

/** Everything that made a file, so that it can be made again to the byte; the blank is named by its digest. */
export const AgainSchema = z.object({
  items: z.array(ItemSchema),
  layout: LayoutSchema,
  accept: z.enum(['all', 'none']).optional(),
  decisions: z.record(z.string(), DecisionSchema).optional(),
  /** The cards that lent distractors, where other than the questions' own. */
  deck: z.array(ItemSchema).optional(),
  spread: z.number().optional(),
  draw: z.number().int().optional(),
  sections: z.array(SetSectionSchema).optional(),
  description: z.string().optional(),
  settings: SettingsSchema.optional(),
});

export const ReceiptSchema = z.object({
  id: z.string(),
  at: z.string(),
  set: z.string(),
  layout: z.object({
    id: z.string(),
    name: z.string(),
    /** The SHA-256 of the blank that was filled. */ blank: z.string().optional(),
  }),
  file: z.object({ name: z.string(), size: z.number().int(), sha256: z.string() }),
  questions: z.number().int(),
  points: z.number(),
  /** What went into the file, by reference, and what was changed on the way. */
  items: z.array(z.object({ id: z.string(), ref: z.string(), changes: z.array(ChangeSchema) })),
  leftOut: z.array(z.object({ id: z.string(), ref: z.string(), reason: z.string() })),
  readBack: z.object({ questions: z.number().int(), differences: z.array(DifferenceSchema) }),
  /** Which of several numbered files this is. */
  batch: z.object({ n: z.number().int(), of: z.number().int() }).optional(),
  /** What was told about the file when it was written. */
  notes: z.array(z.string()).optional(),
  again: AgainSchema.optional(),
  /** The same, deflated and in base64, where it is long. */
  folded: z.string().optional(),
});
export type Receipt = z.infer<typeof ReceiptSchema>;
export type Again = z.infer<typeof AgainSchema>;
