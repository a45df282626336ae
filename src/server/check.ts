import { z } from 'zod';
import { ItemSchema, LayoutSchema } from '../core/model';
import { checkAll } from '../core/pipeline';
import { answer, json, parse } from './answers';

export const CheckRequestSchema = z.object({
  items: z.array(ItemSchema),
  layouts: z.array(LayoutSchema).optional(),
});

/** POST /api/check: what the checks notice about questions, for layouts where some are given. */
export const checkEndpoint = (request: Request): Promise<Response> =>
  answer(async () => {
    const { items, layouts } = parse(CheckRequestSchema, await request.text(), 'body');
    return json({ findings: checkAll(items, layouts) });
  });
