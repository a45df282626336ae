import { z } from 'zod';
import { ItemSchema, LayoutSchema } from '../core/model';
import { fits } from '../core/pipeline';
import { answer, json, parse } from './answers';

export const FitRequestSchema = z.object({ items: z.array(ItemSchema), layout: LayoutSchema });

/** POST /api/fit: how each question stands to a layout. */
export const fitEndpoint = (request: Request): Promise<Response> => answer(request, async () => {
  const { items, layout } = parse(FitRequestSchema, await request.text(), 'body');
  return json({ fits: fits(items, layout) });
});
