// The core off the page's thread.
import { expose } from 'comlink';
import type { Surroundings } from '../core/model';
import { coreApi } from './core-api';

const surroundings: Surroundings = {
  now: () => new Date().toISOString(),
  id: () => crypto.randomUUID(),
  digest: async (bytes) =>
    [...new Uint8Array(await crypto.subtle.digest('SHA-256', new Uint8Array(bytes)))]
      .map((byte) => byte.toString(16).padStart(2, '0'))
      .join(''),
};

expose(coreApi(surroundings, (done, of) => self.postMessage({ progress: [done, of] })));
