import type { APIRoute } from 'astro';
import { fitEndpoint } from '../../server/fit';

export const prerender = false;
export const POST: APIRoute = ({ request }) => fitEndpoint(request);
