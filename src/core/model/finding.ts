// What a check, a reader or a station noticed. Plain data: it crosses workers and files as it is.
import { z } from 'zod';

export const LEVELS = ['note', 'warn', 'block'] as const;
export type Level = (typeof LEVELS)[number];

/** A place in a source. Rows, lines and columns count from 1; cells are named as in a sheet. */
export const PlaceSchema = z.object({
  file: z.string().optional(),
  sheet: z.string().optional(),
  cell: z.string().optional(),
  line: z.number().int().optional(),
  column: z.number().int().optional(),
});

/** A change that a finding offers: fields to set on the item; `null` takes a field away. */
export const MendSchema = z.object({
  label: z.string(),
  patch: z.unknown(),
  /** A sure mend may be taken together with others of its kind; a suggestion wants a person's look. */
  sure: z.boolean().optional(),
});
export type Mend = z.infer<typeof MendSchema>;

export const FindingSchema = z.object({
  rule: z.string(),
  level: z.enum(LEVELS),
  item: z.string().optional(),
  field: z.string().optional(),
  where: PlaceSchema.optional(),
  layout: z.string().optional(),
  message: z.string(),
  /** How many rows it tells of, where they are several. */
  count: z.number().int().optional(),
  mend: MendSchema.optional(),
});
export type Finding = z.infer<typeof FindingSchema>;
