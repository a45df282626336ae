// What a person said of how a source is read, kept with its headings for the next source that has them.
import { z } from 'zod';
import { KeySchema, RoleSchema } from './layout';
import { ReadAsSchema } from './reading';

export const KeptReadingSchema = z.object({
  id: z.string(),
  /** The name of the source at which it was said, and when. */
  from: z.string(),
  at: z.string(),
  /** The texts of the row of headings, from the left; none where the table has no headings. */
  headings: z.array(z.string()),
  /** Where there are no headings: how many columns the table has. */
  width: z.number().int().optional(),
  as: ReadAsSchema.optional(),
  /** What columns were said to be: by heading, the nth of the same one counted from 0, or by place from 0. */
  columns: z.array(
    z.object({
      heading: z.string(),
      nth: z.number().int().nonnegative(),
      role: RoleSchema,
      n: z.number().int().positive().optional(),
      tag: z.string().optional(),
    }),
  ),
  key: KeySchema.optional(),
});
export type KeptReading = z.infer<typeof KeptReadingSchema>;
