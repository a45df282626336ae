import type { APIRoute } from 'astro';
import { gatherEndpoint } from '../../server/gather';

export const prerender = false;
export const POST: APIRoute = ({ request }) => gatherEndpoint(request);
