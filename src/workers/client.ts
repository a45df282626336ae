// The page's end of the worker: started when first asked, replaced when it dies, and said so.
import { wrap, type Remote } from 'comlink';
import type { CoreWorker } from './protocol';

let remote: Remote<CoreWorker> | undefined;
const listeners = new Set<(message: string) => void>();

/** Tells when the worker died and was replaced; its mirror of the bank is then empty. */
export function onWorkerLost(listener: (message: string) => void): () => void {
  listeners.add(listener);
  return () => { listeners.delete(listener); };
}

/** The worker, started when first asked for. */
export function core(): Remote<CoreWorker> {
  if (remote) return remote;
  const worker = new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' });
  worker.addEventListener('error', (event) => {
    event.preventDefault();
    worker.terminate();
    remote = undefined;
    listeners.forEach((listener) => listener('The part that reads and checks stopped and was started again. Nothing in the bank is lost; please try once more.'));
  });
  remote = wrap<CoreWorker>(worker);
  return remote;
}

