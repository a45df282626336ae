import { OverruleSchema } from '../core/model';
import { gatherOpened, isReadable, openSource, problemsOf } from '../core/pipeline';
import { answer, fileIn, formOf, json, parse, stopIfUnreadable, textIn, unusable } from './answers';
import { surroundings } from './surroundings';
import { defined } from '../core/shared/defined';

/** POST /api/gather: a file or text, as questions with findings and the reading. */
export const gatherEndpoint = (request: Request): Promise<Response> =>
  answer(async () => {
    const form = await formOf(request);
    const file = await fileIn(form, 'file');
    const text = textIn(form, 'text');
    if (!file && text === undefined) {
      throw unusable('Send a file as "file" or text as "text".');
    }
    const sheet = textIn(form, 'sheet');
    const range = textIn(form, 'range');
    const reading = textIn(form, 'reading');
    const overrule = defined({
      ...(reading ? parse(OverruleSchema, reading, 'reading') : {}),
      sheet: sheet || undefined,
      range: range || undefined,
    });
    const html = textIn(form, 'html');
    const opened = await openSource(
      file ?? defined({ name: 'pasted', text: text!, html: html || undefined }),
      overrule,
    );
    stopIfUnreadable(problemsOf(opened), isReadable(opened));
    return json(gatherOpened(opened, overrule, surroundings));
  });
