// A whole bank as one file: a zip with this JSON, the pictures and the receivers' blanks.
import { z } from 'zod';
import { KeptLayoutSchema, KeptSourceSchema } from './bank';
import { ReceiptSchema } from './fit';
import { ItemSchema } from './item';
import { KeptReadingSchema } from './kept-reading';
import { QuestionSetSchema } from './question-set';
import { SittingSchema } from './sitting';

export const BANK_FILE_VERSION = 1;
/** `pictures` and `blanks` name the parts of the zip by digest; an item's picture is then 'picture:<digest>'. */
export const BankFileSchema = z.object({
  format: z.literal('question-bank'),
  version: z.number().int().positive(),
  name: z.string().trim().min(1),
  items: z.array(ItemSchema),
  layouts: z.array(KeptLayoutSchema),
  sources: z.array(KeptSourceSchema),
  receipts: z.array(ReceiptSchema),
  /** What was said of how sources are read, which travels with the bank. */
  readings: z.array(KeptReadingSchema).optional(),
  sets: z.array(QuestionSetSchema).optional(),
  sittings: z.array(SittingSchema).optional(),
  pictures: z.record(z.string(), z.string()),
  blanks: z.array(z.string()),
});
export type BankFile = z.infer<typeof BankFileSchema>;
/** A bank file unpacked: pictures are back in their questions, blanks by their digest. */
export type BankContents = Pick<
  BankFile,
  'name' | 'items' | 'layouts' | 'sources' | 'receipts' | 'readings' | 'sets' | 'sittings'
> & {
  blanks: Map<string, Uint8Array>;
};
