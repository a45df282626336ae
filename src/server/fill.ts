import { z } from 'zod';
import {
  DecisionSchema,
  ItemSchema,
  LayoutSchema,
  SetSectionSchema,
  SettingsSchema,
} from '../core/model';
import { fill } from '../core/pipeline';
import { answer, disposition, fileIn, formOf, json, parse, textIn, unusable } from './answers';
import { surroundings } from './surroundings';
import { defined } from '../core/shared/defined';

export const FillJobSchema = z.object({
  items: z.array(ItemSchema),
  layout: LayoutSchema,
  setTitle: z.string().optional(),
  setDescription: z.string().optional(),
  accept: z.enum(['all', 'none']).optional(),
  /** Own texts and questions left out, by the question's id. */
  decisions: z.record(z.string(), DecisionSchema).optional(),
  /** The seed by which right answers are spread over the places. */
  spread: z.number().int().nonnegative().optional(),
  /** How many questions a package draws at each attempt. */
  draw: z.number().int().positive().optional(),
  /** The sections of the set, fixed or pools. */
  sections: z.array(SetSectionSchema).optional(),
  /** What is set for all questions of the file, where its form has cells for it. */
  settings: SettingsSchema.optional(),
});

/** POST /api/fill: the filled file, or with `Accept: application/json` the file in base64 with its receipt. */
export const fillEndpoint = (request: Request): Promise<Response> =>
  answer(async () => {
    const form = await formOf(request);
    const job = textIn(form, 'job');
    if (!job) {
      throw unusable('Send the job as "job".');
    }
    const blank = await fileIn(form, 'blank');
    const { name, bytes, receipt, notes } = await fill(
      defined({ ...parse(FillJobSchema, job, 'job'), blank: blank ? blank.bytes : undefined }),
      surroundings,
    );
    if (request.headers.get('accept')?.includes('application/json')) {
      return json({ name, base64: Buffer.from(bytes).toString('base64'), receipt, notes });
    }
    return new Response(new Uint8Array(bytes), {
      headers: {
        'content-type': 'application/octet-stream',
        'content-disposition': disposition(name),
      },
    });
  });
