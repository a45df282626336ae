import { learnBlank } from '../core/pipeline';
import { answer, fileIn, formOf, json, stopIfUnreadable, unusable } from './answers';
import { surroundings } from './surroundings';

/** POST /api/learn: a receiver's blank, as a layout with reasons. */
export const learnEndpoint = (request: Request): Promise<Response> =>
  answer(async () => {
    const file = await fileIn(await formOf(request), 'file');
    if (!file) {
      throw unusable('Send the blank as "file".');
    }
    const { layout, because, unsure, findings, table } = await learnBlank(file, surroundings);
    stopIfUnreadable(findings, table.sheets.length > 0);
    return json({ layout, because, unsure, findings });
  });
