import type { APIRoute } from 'astro';
import { takeEndpoint } from '../../../../server/stand-ins';

export const prerender = false;
export const POST: APIRoute = ({ params, request }) => takeEndpoint(params['name'] ?? '', request);
