import { z } from 'zod';
import { ItemSchema, PlanLineSchema } from '../core/model';
import { drawByPlan } from '../core/sets';
import { answer, json, parse } from './answers';

export const DrawRequestSchema = z.object({
  items: z.array(ItemSchema),
  plan: z.array(PlanLineSchema),
  seed: z.number().int(),
});

/** POST /api/draw: questions drawn by a plan, and what it is short of. */
export const drawEndpoint = (request: Request): Promise<Response> =>
  answer(async () => {
    const { items, plan, seed } = parse(DrawRequestSchema, await request.text(), 'body');
    const { chosen, short } = drawByPlan(items, { lines: plan, seed });
    return json({ chosen, short });
  });
