import { PaperJobSchema } from '../core/model';
import { printPaper } from '../core/pipeline/paper';
import { answer, parse } from './answers';

/** POST /api/paper: one printable page without scripts. */
export const paperEndpoint = (request: Request): Promise<Response> =>
  answer(async () => {
    const job = parse(PaperJobSchema, await request.text(), 'body');
    return new Response(printPaper(job), {
      headers: { 'content-type': 'text/html; charset=utf-8' },
    });
  });
