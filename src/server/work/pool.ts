// Threads for heavy work: few of them, a short queue before them, and a limit of time and memory for each call.
import { availableParallelism } from 'node:os';
import { Worker } from 'node:worker_threads';
import type { Done, Job, JobName } from './jobs';

export type Limits = {
  /** Threads at once; one core is left to the server itself. */
  threads: number;
  /** Calls that wait for a thread; more are told to come again. */
  waiting: number;
  /** Milliseconds of processor time for a call (a thread's first one is several times slower), and for each MiB that it brings. */
  base: number;
  perMebibyte: number;
  most: number;
  /** MiB of memory for a thread. */
  memory: number;
};

export const LIMITS: Limits = {
  threads: Math.max(1, availableParallelism() - 1),
  waiting: 8,
  base: 6000,
  perMebibyte: 1500,
  most: 20_000,
  memory: 1024,
};

/** What a call ends in: its answer, or why there is none. */
export type Outcome =
  | { is: 'done'; done: Done }
  | { is: 'too-long'; seconds: number }
  | { is: 'too-much-memory' }
  | { is: 'busy' }
  | { is: 'fault'; error: Error };

type Waiting = { job: Job; limit: number; end: (outcome: Outcome) => void };
type Running = Waiting & { active: number; spent: NodeJS.CpuUsage };

/** How often a running call's time is looked at. */
const WATCH_MS = 50;

class Thread {
  private worker: Worker | undefined;
  private running: Running | undefined;
  private watch: ReturnType<typeof setInterval> | undefined;

  constructor(
    private readonly file: URL,
    private readonly memory: number,
    private readonly free: () => void,
  ) {}

  get isFree(): boolean {
    return !this.running;
  }

  /** Starts the worker ahead of its first call. */
  warm(): Worker {
    this.worker ??= this.start();
    return this.worker;
  }

  private start(): Worker {
    const worker = new Worker(this.file, {
      resourceLimits: { maxOldGenerationSizeMb: this.memory },
    });
    worker.unref();
    worker.on('message', (done: Done) => this.finish({ is: 'done', done }));
    worker.on('error', (error: Error & { code?: string }) => {
      this.worker = undefined;
      const isMemory = error.code === 'ERR_WORKER_OUT_OF_MEMORY';
      this.finish(isMemory ? { is: 'too-much-memory' } : { is: 'fault', error });
    });
    return worker;
  }

  private activeOf(worker: Worker): number {
    return worker.performance.eventLoopUtilization().active;
  }

  run(waiting: Waiting): void {
    const worker = this.warm();
    this.running = { ...waiting, active: this.activeOf(worker), spent: process.cpuUsage() };
    this.watch = setInterval(() => this.look(), WATCH_MS);
    worker.postMessage(waiting.job, [waiting.job.body]);
  }

  /** A thread that stands still on a busy machine spends no processor time: both clocks must be over the limit. */
  private look(): void {
    const { running, worker } = this;
    if (!running || !worker) {
      return;
    }
    const { user, system } = process.cpuUsage(running.spent);
    const active = this.activeOf(worker) - running.active;
    if (active > running.limit && (user + system) / 1000 > running.limit) {
      this.worker = undefined;
      void worker.terminate();
      this.finish({ is: 'too-long', seconds: Math.round(running.limit / 1000) });
    }
  }

  private finish(outcome: Outcome): void {
    const { running } = this;
    clearInterval(this.watch);
    this.running = undefined;
    running?.end(outcome);
    this.free();
  }

  async close(): Promise<void> {
    await this.worker?.terminate();
  }
}

export class Pool {
  private readonly threads: Thread[];
  private readonly queue: Waiting[] = [];
  private calls = 0;

  constructor(
    file: URL,
    private readonly limits: Limits = LIMITS,
  ) {
    this.threads = Array.from(
      { length: limits.threads },
      () => new Thread(file, limits.memory, () => this.next()),
    );
    this.threads[0]?.warm();
  }

  /** Runs a call in the next free thread; says `busy` at once where too many wait already. */
  run(name: JobName, headers: [string, string][], body: ArrayBuffer): Promise<Outcome> {
    if (this.queue.length >= this.limits.waiting) {
      return Promise.resolve({ is: 'busy' });
    }
    const { base, perMebibyte, most } = this.limits;
    const limit = Math.min(most, base + (perMebibyte * body.byteLength) / 1_048_576);
    return new Promise((end) => {
      this.queue.push({ job: { id: ++this.calls, name, headers, body }, limit, end });
      this.next();
    });
  }

  private next(): void {
    const thread = this.threads.find(({ isFree }) => isFree);
    const waiting = thread && this.queue.shift();
    if (waiting) {
      thread.run(waiting);
    }
  }

  async close(): Promise<void> {
    await Promise.all(this.threads.map((thread) => thread.close()));
  }
}
