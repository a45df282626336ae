// The program goes on where the server is gone: its files are kept at the first visit (Workbox), and a page that is asked for
// comes from the server where it answers, so that nothing old is mixed with new.
import {
  cleanupOutdatedCaches,
  matchPrecache,
  precacheAndRoute,
  type PrecacheEntry,
} from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

declare const self: ServiceWorkerGlobalScope;
/** The files of this build, put in when it is built (astro.config.mjs). */
declare const FILES: PrecacheEntry[];

/** The shell that every place opens in. */
const SHELL = '/gather';
/** A server that does not answer for so long is gone, in milliseconds. */
const PATIENCE = 4000;

precacheAndRoute(FILES);
cleanupOutdatedCaches();

async function page(request: Request): Promise<Response> {
  try {
    return await fetch(request, { signal: AbortSignal.timeout(PATIENCE) });
  } catch {
    return (await matchPrecache(SHELL)) ?? Response.error();
  }
}

registerRoute(
  new NavigationRoute(({ request }) => page(request), { denylist: [/^\/api\//, /\.[a-z0-9]+$/i] }),
);

self.addEventListener('message', ({ data }) => {
  if (data === 'load the new version') {
    void self.skipWaiting();
  }
});
