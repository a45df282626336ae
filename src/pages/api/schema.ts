import type { APIRoute } from 'astro';
import { schemaEndpoint } from '../../server/schema';

export const prerender = false;
export const GET: APIRoute = () => schemaEndpoint();
