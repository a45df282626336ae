import type { APIRoute } from 'astro';
import { checkEndpoint } from '../../server/check';

export const prerender = false;
export const POST: APIRoute = ({ request }) => checkEndpoint(request);
