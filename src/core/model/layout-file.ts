// A layout as a file of its own, with its blank.
import { z } from 'zod';
import { LayoutSchema } from './layout';

export const LayoutFileSchema = z.object({
  format: z.literal('receiver-layout'),
  version: z.literal(1),
  layout: LayoutSchema,
  because: z.record(z.string(), z.string()),
  unsure: z.array(z.string()),
  /** The receiver's own file, in base64. */
  blank: z.object({ name: z.string(), base64: z.string() }).optional(),
  /** The layout as CSV on the Web metadata and as a Table Schema, where it has rows. */
  csvw: z.record(z.string(), z.unknown()).optional(),
  tableSchema: z.record(z.string(), z.unknown()).optional(),
});
export type LayoutFile = z.infer<typeof LayoutFileSchema>;
