import type { APIRoute } from 'astro';
import { inThread } from '../../server/work/in-thread';

export const prerender = false;
export const POST: APIRoute = ({ request }) => inThread('sheets', request);
