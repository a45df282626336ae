// The server's clock, names and digest, handed to the core.
import { createHash, randomUUID } from 'node:crypto';
import type { Surroundings } from '../core/model';

export const surroundings: Surroundings = {
  now: () => new Date().toISOString(),
  id: () => randomUUID(),
  digest: (bytes) => Promise.resolve(createHash('sha256').update(bytes).digest('hex')),
};
