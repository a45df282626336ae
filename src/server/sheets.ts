// Many hands: sheets that go out, and what comes back in them.
import { z } from 'zod';
import { ItemSchema, SheetsJobSchema } from '../core/model';
import { CAPS } from '../core/pipeline';
import { mergeSheets } from '../core/pipeline/merge';
import { contributorSheets } from '../core/pipeline/sheets';
import { answer, formOf, json, parse, textIn, unusable, Unusable } from './answers';
import { surroundings } from './surroundings';

/** POST /api/sheets: one locked workbook for each group, in a zip. */
export const sheetsEndpoint = (request: Request): Promise<Response> =>
  answer(async () => {
    const job = parse(SheetsJobSchema, await request.text(), 'body');
    return new Response(contributorSheets(job) as Uint8Array<ArrayBuffer>, {
      headers: {
        'content-type': 'application/zip',
        'content-disposition': 'attachment; filename="sheets.zip"',
      },
    });
  });

/** POST /api/merge: sheets that came back, merged. */
export const mergeEndpoint = (request: Request): Promise<Response> =>
  answer(async () => {
    const form = await formOf(request);
    const sent = form.getAll('file').filter((one): one is File => one instanceof File);
    if (!sent.length) {
      throw unusable('The form has no file.');
    }
    const large = sent.find(({ size }) => size > CAPS.fileBytes);
    if (large) {
      throw unusable(
        `${large.name} is larger than ${CAPS.fileBytes / 1_048_576} MiB.`,
        'file-too-large',
      );
    }
    const items = textIn(form, 'items');
    const known = items === undefined ? [] : parse(z.array(ItemSchema), items, 'items');
    const files = await Promise.all(
      sent.map(async (file) => ({
        name: file.name,
        bytes: new Uint8Array(await file.arrayBuffer()),
      })),
    );
    const merged = await mergeSheets(files, known, surroundings);
    if (!merged.items.length) {
      throw new Unusable(merged.findings);
    }
    return json(merged);
  });
