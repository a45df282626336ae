// A request's way to a thread and back. Where there are no threads (while developing), the work is done here.
import { CAPS } from '../../core/pipeline';
import { fault, refusal } from '../answers';
import { readBody } from './body';
import { ENDPOINTS } from './endpoints';
import type { JobName } from './jobs';
import { Pool, type Outcome } from './pool';

/** Room for the form around the largest file. */
const MOST_BODY = CAPS.fileBytes + 1_048_576;

/** Headers that the endpoints look at. */
const PASSED = ['content-type', 'accept'];

const RETRY_SECONDS = 5;

let pool: Pool | undefined;
/** The threads, where the server was built with them. */
function thePool(): Pool | undefined {
  const file = process.env['COWSLIP_THREAD'];
  pool ??= file ? new Pool(new URL(file)) : undefined;
  return pool;
}

export function answerOf(outcome: Outcome): Response {
  switch (outcome.is) {
    case 'done': {
      const { body, status, headers } = outcome.done;
      return new Response(body, { status, headers });
    }
    case 'too-long':
      return refusal(
        422,
        'took-too-long',
        `This took more than ${outcome.seconds} seconds of work and was stopped. Split the file and send the parts one by one.`,
      );
    case 'too-much-memory':
      return refusal(
        413,
        'too-much-memory',
        'This needed more memory than one call may have and was stopped. Split the file and send the parts one by one.',
      );
    case 'busy':
      return refusal(
        503,
        'server-busy',
        'Too many calls wait already. Try again in a few seconds.',
        {
          'retry-after': String(RETRY_SECONDS),
        },
      );
    case 'fault':
      return fault(outcome.error);
  }
}

/** Answers a call: its body is read up to the limit, its work is done in a thread. */
export async function inThread(name: JobName, request: Request): Promise<Response> {
  const body = await readBody(request, MOST_BODY);
  if (!body) {
    return refusal(
      413,
      'file-too-large',
      `The request is larger than ${MOST_BODY / 1_048_576} MiB; a file may have ${CAPS.fileBytes / 1_048_576} MiB. Split it and send the parts one by one.`,
      { connection: 'close' },
    );
  }
  const headers = PASSED.flatMap((header): [string, string][] => {
    const value = request.headers.get(header);
    return value === null ? [] : [[header, value]];
  });
  const threads = thePool();
  if (threads) {
    return answerOf(await threads.run(name, headers, body));
  }
  return ENDPOINTS[name](new Request(request.url, { method: 'POST', headers, body }));
}
