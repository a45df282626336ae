import type { APIRoute } from 'astro';
import { learnEndpoint } from '../../server/learn';

export const prerender = false;
export const POST: APIRoute = ({ request }) => learnEndpoint(request);
