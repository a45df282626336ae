// What leaves for people without a receiver: paper, and one file that plays.
import { ActivitySchema, PaperJobSchema } from '../core/model';
import { playAnywhere } from '../core/pipeline/activity';
import { paperFile, printPaper } from '../core/pipeline/paper';
import { DOCUMENT_TYPES } from '../core/shared/media-types';
import { safeName } from '../core/shared/plain';
import { answer, disposition, parse } from './answers';
import { surroundings } from './surroundings';

const page = (html: string): Response =>
  new Response(html, { headers: { 'content-type': 'text/html; charset=utf-8' } });

/** POST /api/paper: one printable page without scripts, or the same as a document. */
export const paperEndpoint = (request: Request): Promise<Response> =>
  answer(async () => {
    const job = parse(PaperJobSchema, await request.text(), 'body');
    const { format = 'html', title } = job;
    if (format === 'html') {
      return page(printPaper(job));
    }
    const bytes = await paperFile(job, format);
    const name = `${safeName(title ?? '', job.what)}.${format}`;
    return new Response(bytes as Uint8Array<ArrayBuffer>, {
      headers: { 'content-type': DOCUMENT_TYPES[format], 'content-disposition': disposition(name) },
    });
  });

/** POST /api/activity: one file that plays with no network. */
export const activityEndpoint = (request: Request): Promise<Response> =>
  answer(async () => {
    const activity = parse(ActivitySchema, await request.text(), 'body');
    return page(await playAnywhere(activity, surroundings));
  });
