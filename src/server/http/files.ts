// The files of the built page: answered compressed where the browser takes that, and kept by it where their name holds a digest.
import type { IncomingMessage, ServerResponse } from 'node:http';
import sirv from 'sirv';

type Next = () => void;
export type Files = (request: IncomingMessage, response: ServerResponse, next: Next) => void;

/** Its name changes with what is in it. */
const NAMED_BY_DIGEST = '/_astro/';
const FOR_A_YEAR = 'public, max-age=31536000, immutable';
/** Pages have no ending; they are the application's to answer, and so is all that is no file. */
const IS_FILE = /^[^?]*\.[a-z\d]+(?:\?|$)/i;

/** Answers what is asked of the files in a folder, and passes everything else on. */
export function filesIn(folder: string): Files {
  const serve = sirv(folder, {
    brotli: true,
    gzip: true,
    etag: true,
    setHeaders: (response, path) =>
      response.setHeader(
        'Cache-Control',
        path.startsWith(NAMED_BY_DIGEST) ? FOR_A_YEAR : 'no-cache',
      ),
  });
  return (request, response, next) => {
    const isRead = request.method === 'GET' || request.method === 'HEAD';
    if (isRead && IS_FILE.test(request.url ?? '')) {
      serve(request, response, next);
    } else {
      next();
    }
  };
}
