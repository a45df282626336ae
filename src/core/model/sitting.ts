// A sitting: the answers of some learners to some questions, as figures of each question and of the whole.
import { z } from 'zod';
import { FindingSchema } from './finding';

/** One option of a question: who chose it, of all, of the upper and of the lower group. */
export const OptionFiguresSchema = z.object({
  /** The option's place, from 0. */
  n: z.number().int(),
  chosen: z.number(),
  share: z.number(),
  upper: z.number(),
  lower: z.number(),
  correlation: z.number().nullable(),
});
export type OptionFigures = z.infer<typeof OptionFiguresSchema>;

/** The figures of one question; null where they are not defined, as where everybody was right. */
export const ItemFiguresSchema = z.object({
  /** The question's id in the bank, where its column was matched. */
  item: z.string().optional(),
  ref: z.string(),
  answered: z.number(),
  right: z.number(),
  difficulty: z.number().nullable(),
  /** The 95 % interval of the difficulty (Wilson 1927). */
  interval: z.tuple([z.number(), z.number()]),
  discrimination: z.number().nullable(),
  upperLower: z.number().nullable(),
  alphaWithout: z.number().nullable(),
  options: z.array(OptionFiguresSchema).optional(),
});
export type ItemFigures = z.infer<typeof ItemFiguresSchema>;

export const TestFiguresSchema = z.object({
  items: z.number().int(),
  learners: z.number().int(),
  mean: z.number().nullable(),
  sd: z.number().nullable(),
  alpha: z.number().nullable(),
  kr20: z.number().nullable(),
  sem: z.number().nullable(),
});
export type TestFigures = z.infer<typeof TestFiguresSchema>;

export const ResultsSchema = z.object({
  learners: z.number().int(),
  items: z.array(ItemFiguresSchema),
  test: TestFiguresSchema,
  findings: z.array(FindingSchema),
});
export type Results = z.infer<typeof ResultsSchema>;

/**
 * What a file of results says, and who answered how: `marks` has a text for each question of `results.items` with a sign for
 * each learner: 1 right, 0 wrong, ~ partly right, - no answer. Both lists are empty where a file holds counts alone.
 */
export const ResultsReadSchema = z.object({
  results: ResultsSchema,
  learners: z.array(z.string()),
  marks: z.array(z.string()),
});
export type ResultsRead = z.infer<typeof ResultsReadSchema>;

/** A sitting as the bank keeps it. */
export const SittingSchema = ResultsReadSchema.extend({
  id: z.string(),
  name: z.string(),
  at: z.string(),
  /** The file that the results came from. */
  file: z.string().optional(),
  /** Whether its learners are simulated. */
  simulated: z.boolean().optional(),
});
export type Sitting = z.infer<typeof SittingSchema>;
