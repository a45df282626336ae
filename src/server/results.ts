import { z } from 'zod';
import { ItemSchema } from '../core/model';
import { resultsOf } from '../core/pipeline/results';
import { answer, fileIn, formOf, json, parse, textIn, unusable, Unusable } from './answers';

/** POST /api/results: the figures of a file of answers. */
export const resultsEndpoint = (request: Request): Promise<Response> =>
  answer(async () => {
    const form = await formOf(request);
    const file = await fileIn(form, 'file');
    const items = textIn(form, 'items');
    if (!file) {
      throw unusable('The form has no file.');
    }
    const known = items === undefined ? [] : parse(z.array(ItemSchema), items, 'items');
    const { results } = await resultsOf(file, known);
    if (!results.items.length) {
      throw new Unusable(results.findings);
    }
    return json(results);
  });
