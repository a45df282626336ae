import type { APIRoute } from 'astro';
import { fillEndpoint } from '../../server/fill';

export const prerender = false;
export const POST: APIRoute = ({ request }) => fillEndpoint(request);
