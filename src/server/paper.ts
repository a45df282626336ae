// What leaves for people without a receiver: paper, and one file that plays.
import { ActivitySchema, PaperJobSchema } from '../core/model';
import { playAnywhere } from '../core/pipeline/activity';
import { printPaper } from '../core/pipeline/paper';
import { answer, parse } from './answers';
import { surroundings } from './surroundings';

const page = (html: string): Response =>
  new Response(html, { headers: { 'content-type': 'text/html; charset=utf-8' } });

/** POST /api/paper: one printable page without scripts. */
export const paperEndpoint = (request: Request): Promise<Response> =>
  answer(async () => {
    const job = parse(PaperJobSchema, await request.text(), 'body');
    return page(printPaper(job));
  });

/** POST /api/activity: one file that plays with no network. */
export const activityEndpoint = (request: Request): Promise<Response> =>
  answer(async () => {
    const activity = parse(ActivitySchema, await request.text(), 'body');
    return page(await playAnywhere(activity, surroundings));
  });
