// What a bank keeps besides its questions, and the steps that change it.
import { z } from 'zod';
import { ItemSchema, type Item } from './item';
import { LayoutSchema } from './layout';
import { DecisionSchema, type ReceiptSchema } from './fit';
import type { QuestionSet } from './question-set';
import type { Sitting } from './sitting';

/** A layout as the bank keeps it: with the reasons of its guesses, and whether it is in view at hand-over. */
export const KeptLayoutSchema = z.object({
  id: z.string(),
  layout: LayoutSchema,
  because: z.record(z.string(), z.string()),
  unsure: z.array(z.string()),
  chosen: z.boolean(),
  /** The user's own texts and decisions for this receiver alone, by the question's id. */
  variants: z.record(z.string(), DecisionSchema).optional(),
  /** Earlier editions, the newest last, to go back to. */
  earlier: z
    .array(
      z.object({
        edition: z.number().int(),
        at: z.string(),
        why: z.string(),
        layout: LayoutSchema,
      }),
    )
    .optional(),
});
export type KeptLayout = z.infer<typeof KeptLayoutSchema>;

/** A source that was agreed to; taking it back removes what it brought. */
export const KeptSourceSchema = z.object({
  id: z.string(),
  name: z.string(),
  at: z.string(),
  items: z.array(z.string()),
  /** A mark of what the source said of each question, by its id, so that a later edition of it can be told from a mend. */
  said: z.record(z.string(), z.string()).optional(),
});
export type KeptSource = z.infer<typeof KeptSourceSchema>;

export type BankInfo = { id: string; name: string; madeAt: string };

/** A question with its place in the bank; `rev` counts its changes, so that two tabs notice each other. */
export const StoredItemSchema = z.object({
  id: z.string(),
  order: z.number(),
  rev: z.number().int(),
  item: ItemSchema,
});
export type StoredItem = z.infer<typeof StoredItemSchema>;

/** Small records besides the questions, by kind. */
export type Records = {
  layouts: KeptLayout;
  sources: KeptSource;
  receipts: z.infer<typeof ReceiptSchema>;
  sets: QuestionSet;
  sittings: Sitting;
};
export type RecordKind = keyof Records;

/**
 * One field of a question or record before and after a step; an absent side means that the field was not there. `path`
 * is the field's name, with the place behind a point where one of a list was changed ('stem', 'options.2').
 */
export const FieldChangeSchema = z.object({
  path: z.string(),
  before: z.unknown().optional(),
  after: z.unknown().optional(),
});
export type FieldChange = z.infer<typeof FieldChangeSchema>;

/** What a step does to one question. Its fields alone are held, so that two tabs can change the same question. */
export type ItemStep =
  | { id: string; is: 'added'; order: number; item: Item }
  | { id: string; is: 'removed'; order: number; item: Item }
  | { id: string; is: 'changed'; fields: FieldChange[] };

export type RecordStep = {
  [K in RecordKind]:
    | { kind: K; id: string; is: 'added' | 'removed'; value: Records[K] }
    | { kind: K; id: string; is: 'changed'; fields: FieldChange[] };
}[RecordKind];

/** A step that one undo takes back. */
export type Step = { label: string; items: ItemStep[]; records: RecordStep[] };
