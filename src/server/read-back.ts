import { z } from 'zod';
import { ItemSchema, LayoutSchema } from '../core/model';
import { readBackFile } from '../core/pipeline';
import { answer, fileIn, formOf, json, parse, stopIfUnreadable, textIn, unusable } from './answers';

/** POST /api/read-back: what a finished file says by its layout, compared with questions where some are given. */
export const readBackEndpoint = (request: Request): Promise<Response> =>
  answer(async () => {
    const form = await formOf(request);
    const file = await fileIn(form, 'file');
    const layout = textIn(form, 'layout');
    if (!file || !layout) {
      throw unusable('Send the file as "file" and its layout as "layout".');
    }
    const items = textIn(form, 'items');
    const {
      items: found,
      differences,
      findings,
    } = await readBackFile(
      file,
      parse(LayoutSchema, layout, 'layout'),
      items ? parse(z.array(ItemSchema), items, 'items') : undefined,
    );
    stopIfUnreadable(findings, found.length > 0);
    return json({ items: found, differences, findings });
  });
