// A set for one use: questions in sections, fixed or drawn from at each attempt, what holds for all of them, and the plan they were drawn by.
import { z } from 'zod';
import { KindSchema, TagSchema } from './item';
import { SettingsSchema } from './layout';

export const SetSectionSchema = z.object({
  title: z.string().optional(),
  /** Questions by their ids, in order. */
  items: z.array(z.string()),
  /** A pool: so many of them at each attempt; all where absent. */
  draw: z.number().int().positive().optional(),
});
export type SetSection = z.infer<typeof SetSectionSchema>;

/** Which questions a line of a plan draws from; what is absent does not matter. */
export const PlanWhereSchema = z.object({
  /** The path as it is shown, 'Safety > Gates'; questions below it count too. */
  category: z.string().optional(),
  tag: TagSchema.optional(),
  kind: KindSchema.optional(),
});
export type PlanWhere = z.infer<typeof PlanWhereSchema>;
export const PlanLineSchema = z.object({ where: PlanWhereSchema, take: z.number().int().min(0) });
export type PlanLine = z.infer<typeof PlanLineSchema>;

/** What all questions of a plan may come to at most. */
export const PlanMostSchema = z.object({
  points: z.number().positive().optional(),
  minutes: z.number().positive().optional(),
});
export type PlanMost = z.infer<typeof PlanMostSchema>;

export const PlanSchema = z.object({
  lines: z.array(PlanLineSchema),
  seed: z.number().int(),
  most: PlanMostSchema.optional(),
});
export type Plan = z.infer<typeof PlanSchema>;

export const QuestionSetSchema = z.object({
  id: z.string(),
  name: z.string(),
  description: z.string().optional(),
  at: z.string(),
  sections: z.array(SetSectionSchema),
  settings: SettingsSchema.optional(),
  plan: PlanSchema.optional(),
  /** Questions that a fresh draw leaves where they are. */
  held: z.array(z.string()).optional(),
});
export type QuestionSet = z.infer<typeof QuestionSetSchema>;
