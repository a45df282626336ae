import { z } from 'zod';
import { DecisionSchema, ItemSchema, LayoutSchema } from '../core/model';
import { fits } from '../core/pipeline';
import { answer, json, parse } from './answers';

export const FitRequestSchema = z.object({
  items: z.array(ItemSchema),
  layout: LayoutSchema,
  decisions: z.record(z.string(), DecisionSchema).optional(),
});

/** POST /api/fit: how each question stands to a layout. */
export const fitEndpoint = (request: Request): Promise<Response> =>
  answer(async () => {
    const { items, layout, decisions } = parse(FitRequestSchema, await request.text(), 'body');
    return json({ fits: fits(items, layout, decisions) });
  });
