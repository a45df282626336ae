// The page's end of the worker: started when first asked, replaced when it dies, and said so.
import { wrap, type Remote } from 'comlink';
import type { CoreWorker } from './protocol';

const listeners = new Set<(message: string) => void>();
let remote: Remote<CoreWorker> | undefined;
let running: Worker | undefined;
let tellProgress: (done: number, of: number) => void = () => undefined;

/** Sets who is told how far a long reading has come. */
export const onProgress = (listener: (done: number, of: number) => void): void => {
  tellProgress = listener;
};

/** Ends what the worker is doing by replacing it; its mirror of the bank is filled again by those who listen. */
export function stopCore(): void {
  running?.terminate();
  running = undefined;
  remote = undefined;
  listeners.forEach((listener) => listener('The reading was stopped.'));
}

/** Tells when the worker died and was replaced; its mirror of the bank is then empty. */
export function onWorkerLost(listener: (message: string) => void): () => void {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
}

/** The worker, started when first asked for. */
export function core(): Remote<CoreWorker> {
  if (remote) {
    return remote;
  }
  const worker = new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' });
  worker.addEventListener('error', (event) => {
    event.preventDefault();
    worker.terminate();
    remote = undefined;
    listeners.forEach((listener) =>
      listener(
        'The part that reads and checks stopped and was started again. Nothing in the bank is lost; please try once more.',
      ),
    );
  });
  worker.addEventListener('message', (event: MessageEvent<{ progress?: [number, number] }>) => {
    if (event.data?.progress) {
      tellProgress(...event.data.progress);
    }
  });
  running = worker;
  remote = wrap<CoreWorker>(worker);
  return remote;
}
