// Asking the worker from a component: late answers are dropped, how far it is shows, it can be stopped.
import { useEffect, useState, type DependencyList } from 'react';
import { useStore } from 'zustand';
import { createStore, type StoreApi } from 'zustand/vanilla';
import { core, onProgress, stopCore, WorkerLost, type Core } from '../../workers/client';
import { Latest } from '../parts/latest';
import { messageOf } from '../parts/message-of';
import { i18n } from '../../languages';

export type Asked<T> = {
  /** The last answer; it stays in view while the next one is on its way. */
  answer: T | undefined;
  /** Why there is no answer to what was asked last. */
  problem: string | undefined;
  isAsking: boolean;
  progress: { done: number; of: number } | undefined;
};

/** How a worker is asked and stopped; the page's own, but for tests. */
export type AskSurroundings = {
  core: () => Core;
  stop: () => void;
  onProgress: (listener: (done: number, of: number) => void) => () => void;
};

const PAGE: AskSurroundings = { core, stop: stopCore, onProgress };

/** One place that asks one thing after another. */
export class Asker<T> {
  readonly hold: StoreApi<Asked<T>> = createStore(() => ({
    answer: undefined,
    problem: undefined,
    isAsking: false,
    progress: undefined,
  }));
  private readonly latest = new Latest();

  constructor(private readonly surroundings: AskSurroundings = PAGE) {}

  /** Asks; the answer is taken unless something else was asked meanwhile. A worker that is lost is asked once more. */
  async ask(question: (worker: Core) => Promise<T>): Promise<void> {
    const isLatest = this.latest.begin();
    this.hold.setState({ isAsking: true, problem: undefined, progress: undefined });
    const silence = this.surroundings.onProgress((done, of) => {
      if (isLatest()) {
        this.hold.setState({ progress: { done, of } });
      }
    });
    const outcome = await this.tryTwice(question, isLatest);
    silence();
    if (isLatest()) {
      this.hold.setState({ isAsking: false, progress: undefined, ...outcome });
    }
  }

  private async tryTwice(
    question: (worker: Core) => Promise<T>,
    isLatest: () => boolean,
  ): Promise<Pick<Asked<T>, 'answer'> | Pick<Asked<T>, 'problem'>> {
    try {
      return { answer: await question(this.surroundings.core()) };
    } catch (error) {
      if (!(error instanceof WorkerLost) || !isLatest()) {
        return { problem: messageOf(error, i18n._('It could not be worked out.')) };
      }
    }
    try {
      return { answer: await question(this.surroundings.core()) };
    } catch (error) {
      return { problem: messageOf(error, i18n._('It could not be worked out.')) };
    }
  }

  /** Waits for nothing any more; what was answered stays. */
  drop(): void {
    this.latest.drop();
    this.hold.setState({ isAsking: false, progress: undefined });
  }

  /** Ends what the worker is doing. */
  stop(): void {
    this.drop();
    this.surroundings.stop();
  }
}

/**
 * Asks the worker, and again when what `dependencies` hold has changed; asks nothing where `question` is undefined. What
 * is answered after the component has gone, or has asked anew, is dropped.
 */
export function useAsk<T>(
  question: ((worker: Core) => Promise<T>) | undefined,
  dependencies: DependencyList,
): Asked<T> & { stop: () => void } {
  const [asker] = useState(() => new Asker<T>());
  useEffect(() => {
    if (question) {
      void asker.ask(question);
    }
    return () => asker.drop();
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the caller says what the question depends on
  }, dependencies);
  return { ...useStore(asker.hold), stop: () => asker.stop() };
}
