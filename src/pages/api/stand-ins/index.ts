import type { APIRoute } from 'astro';
import { standInsEndpoint } from '../../../server/stand-ins';

export const prerender = false;
export const GET: APIRoute = () => standInsEndpoint();
