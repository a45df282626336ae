import type { APIRoute } from 'astro';
import { refusal } from '../../server/answers';

export const prerender = false;
/** What no endpoint answers to; the list of those there are is at /api/schema. */
export const ALL: APIRoute = () =>
  refusal(404, 'no-such-call', 'There is no such call. GET /api/schema lists those there are.');
