import type { APIRoute } from 'astro';
import { readBackEndpoint } from '../../server/read-back';

export const prerender = false;
export const POST: APIRoute = ({ request }) => readBackEndpoint(request);
