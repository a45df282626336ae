// The page's end of the worker: started when first asked, replaced when it dies, with no caller left waiting.
import { wrap, type Endpoint, type Remote } from 'comlink';
import { say, spoken, toSay } from '../core/shared/say';
import type { CoreWorker } from './protocol';

type Answer<T> = T extends Promise<infer Inner> ? Inner : T;
/** The worker's calls, all of them answered later. */
export type Core = {
  [Name in keyof CoreWorker]: CoreWorker[Name] extends (...given: infer Given) => infer Result
    ? (...given: Given) => Promise<Answer<Result>>
    : never;
};

/** A running worker: where to talk to it, how to end it, and how it tells of its death. */
export type Thread = {
  endpoint: Endpoint;
  end: () => void;
  onDeath: (listener: () => void) => void;
};

/** What a call is answered with when the worker ended before it answered. */
export class WorkerLost extends Error {
  override name = 'WorkerLost';
}

const DIED = toSay(
  'The part that reads and checks stopped and was started again. Nothing in the bank is lost; please try once more.',
);
const STOPPED = toSay('It was stopped.');
const NOT_THERE = toSay(
  'The part that reads and checks could not be loaded. Nothing in the bank is lost; load the page again when the program can be reached.',
);

/** So often in a row a worker may end without having answered anything before it is given up. */
const TRIES = 3;

/** Told how far a long call has come. */
export type ProgressListener = (done: number, of: number) => void;

/** Told when a worker was lost; what it returns is waited for before other calls reach the fresh worker. */
export type LostListener = (message: string, willReturn: boolean) => Promise<void> | void;

type Running = {
  thread: Thread;
  remote: Remote<CoreWorker>;
  lost: Promise<never>;
  lose: (message: string) => void;
};

export class CoreClient {
  private running: Running | undefined;
  private readonly listeners = new Set<LostListener>();
  private readonly progressListeners = new Set<ProgressListener>();
  /** What must be done before calls reach a fresh worker: its mirror of the bank. */
  private ready: Promise<unknown> = Promise.resolve();
  private fruitless = 0;

  /** The worker's calls. A call whose worker ends is answered with WorkerLost. */
  readonly core: Core = new Proxy({} as Core, {
    get: (_, name: keyof CoreWorker) => this.caller(name),
  });

  constructor(private readonly start: () => Thread) {}

  private caller(name: keyof CoreWorker) {
    return async (...given: unknown[]): Promise<unknown> => {
      if (name !== 'mirror') {
        await this.ready;
      }
      const { remote, lost } = this.run();
      const call = remote[name] as unknown as (...given: unknown[]) => Promise<unknown>;
      const answer = await Promise.race([call(...given), lost]);
      this.fruitless = 0;
      return answer;
    };
  }

  private run(): Running {
    if (this.fruitless >= TRIES) {
      throw new WorkerLost(say(NOT_THERE));
    }
    this.running ??= this.begin();
    return this.running;
  }

  /** Loads the worker ahead of the first call. */
  startAhead(): void {
    this.run();
  }

  private begin(): Running {
    const thread = this.start();
    let lose: (message: string) => void = () => undefined;
    const lost = new Promise<never>((_, reject) => {
      lose = (message) => reject(new WorkerLost(message));
    });
    // Nobody may be waiting when it is lost.
    lost.catch(() => undefined);
    thread.endpoint.addEventListener('message', (event) => {
      const { data } = event as MessageEvent<{ progress?: [number, number] } | undefined>;
      if (data?.progress) {
        const [done, of] = data.progress;
        this.progressListeners.forEach((listener) => listener(done, of));
      }
    });
    const remote = wrap<CoreWorker>(thread.endpoint);
    // Calls are answered in their order, so whatever is said later is said in the page's language.
    remote.speak(spoken()).catch(() => undefined);
    const running = { thread, remote, lost, lose };
    thread.onDeath(() => {
      if (this.running === running) {
        this.fruitless++;
        this.replace(say(this.fruitless >= TRIES ? NOT_THERE : DIED));
      }
    });
    return running;
  }

  private replace(message: string): void {
    const old = this.running;
    this.running = undefined;
    old?.thread.end();
    old?.lose(message);
    const willReturn = this.fruitless < TRIES;
    const told = [...this.listeners].map((listener) => listener(message, willReturn));
    this.ready = Promise.allSettled(told.map((wait) => Promise.resolve(wait)));
  }

  /** Ends what the worker is doing by replacing it; calls under way are answered with WorkerLost. */
  stop(): void {
    if (this.running) {
      this.replace(say(STOPPED));
    }
  }

  /** Tells how far a long call has come; gives back how to stop listening. */
  onProgress(listener: ProgressListener): () => void {
    this.progressListeners.add(listener);
    return () => {
      this.progressListeners.delete(listener);
    };
  }

  /** Tells when a worker was lost; gives back how to stop listening. */
  onLost(listener: LostListener): () => void {
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
    };
  }
}

function startWorker(): Thread {
  const worker = new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' });
  return {
    endpoint: worker,
    end: () => worker.terminate(),
    onDeath: (listener) =>
      worker.addEventListener('error', (event) => {
        event.preventDefault();
        listener();
      }),
  };
}

const client = new CoreClient(startWorker);

/** The worker, started when first asked for. */
export const core = (): Core => client.core;
/** Loads the worker while the page still opens, so that the first call need not wait for it. */
export const startCore = (): void => client.startAhead();
export const stopCore = (): void => client.stop();
export const onProgress = (listener: ProgressListener): (() => void) => client.onProgress(listener);
export const onWorkerLost = (listener: LostListener): (() => void) => client.onLost(listener);
