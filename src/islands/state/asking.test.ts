import { describe, expect, it } from 'vitest';
import { WorkerLost, type Core } from '../../workers/client';
import { Asker } from './asking';

type Listener = (done: number, of: number) => void;

/** A worker whose answers are given by hand. */
function surroundings() {
  const listeners = new Set<Listener>();
  let stops = 0;
  return {
    core: () => ({}) as Core,
    stop: () => {
      stops++;
    },
    onProgress: (listener: Listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    tell: (done: number, of: number) => listeners.forEach((listener) => listener(done, of)),
    listeners,
    stops: () => stops,
  };
}
function later<T>() {
  let give: (value: T) => void = () => undefined;
  let fail: (error: unknown) => void = () => undefined;
  const answer = new Promise<T>((resolve, reject) => {
    [give, fail] = [resolve, reject];
  });
  return { answer, give, fail };
}

describe('asking the worker', () => {
  it('shows that it asks, how far it is, and the answer', async () => {
    const page = surroundings();
    const asker = new Asker<string>(page);
    const { answer, give } = later<string>();
    const asked = asker.ask(() => answer);
    page.tell(3, 10);
    expect(asker.hold.getState()).toMatchObject({ isAsking: true, progress: { done: 3, of: 10 } });
    give('there');
    await asked;
    expect(asker.hold.getState()).toEqual({
      answer: 'there',
      problem: undefined,
      isAsking: false,
      progress: undefined,
    });
    expect(page.listeners.size).toBe(0);
  });

  it('drops an answer that comes late, and progress with it', async () => {
    const page = surroundings();
    const asker = new Asker<string>(page);
    const [first, second] = [later<string>(), later<string>()];
    const asked = [asker.ask(() => first.answer), asker.ask(() => second.answer)];
    second.give('new');
    first.give('old');
    await Promise.all(asked);
    expect(asker.hold.getState().answer).toBe('new');
  });

  it('keeps the last answer in view while it asks again', async () => {
    const asker = new Asker<string>(surroundings());
    await asker.ask(() => Promise.resolve('one'));
    const { answer, give } = later<string>();
    const asked = asker.ask(() => answer);
    expect(asker.hold.getState()).toMatchObject({ answer: 'one', isAsking: true });
    give('two');
    await asked;
    expect(asker.hold.getState().answer).toBe('two');
  });

  it('says what went wrong', async () => {
    const asker = new Asker<string>(surroundings());
    await asker.ask(() => Promise.reject(new Error('No layout is open.')));
    expect(asker.hold.getState()).toMatchObject({
      problem: 'No layout is open.',
      isAsking: false,
    });
  });

  it('asks a fresh worker once more where the first was lost, and not for ever', async () => {
    const asker = new Asker<string>(surroundings());
    let tries = 0;
    await asker.ask(() =>
      ++tries === 1 ? Promise.reject(new WorkerLost('lost')) : Promise.resolve('second time'),
    );
    expect(asker.hold.getState()).toMatchObject({ answer: 'second time', problem: undefined });
    tries = 0;
    await asker.ask(() => {
      tries++;
      return Promise.reject(new WorkerLost('lost again'));
    });
    expect(tries).toBe(2);
    expect(asker.hold.getState().problem).toBe('lost again');
  });

  it('waits no more when it is stopped', async () => {
    const page = surroundings();
    const asker = new Asker<string>(page);
    const { answer, fail } = later<string>();
    const asked = asker.ask(() => answer);
    asker.stop();
    expect(page.stops()).toBe(1);
    expect(asker.hold.getState().isAsking).toBe(false);
    fail(new WorkerLost('stopped'));
    await asked;
    expect(asker.hold.getState().problem).toBeUndefined();
  });
});
