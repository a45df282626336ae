import { expose } from 'comlink';
import { describe, expect, it } from 'vitest';
import { spoken } from '../core/shared/say';
import { CoreClient, WorkerLost, type Thread } from './client';

/** A worker in the test's own thread that answers, hangs or dies as told. */
function threads(api: object) {
  const deaths: (() => void)[] = [];
  const started: Thread[] = [];
  const start = (): Thread => {
    const { port1, port2 } = new MessageChannel();
    expose(api, port1);
    port1.start();
    port2.start();
    const thread: Thread = {
      endpoint: port2,
      end: () => {
        port1.close();
        port2.close();
      },
      onDeath: (listener) => deaths.push(listener),
    };
    started.push(thread);
    return thread;
  };
  const kill = (): void => deaths.at(-1)!();
  const end = (): void => started.forEach((thread) => thread.end());
  return { start, kill, end, started };
}

const api = {
  starters: () => ['a layout'],
  learn: () => new Promise(() => undefined),
  mirror: () => undefined,
};

describe('the worker’s client', () => {
  it('answers calls, and starts the worker only when first asked', async () => {
    const { start, end, started } = threads(api);
    const client = new CoreClient(start);
    expect(started).toHaveLength(0);
    expect(await client.core.starters()).toEqual(['a layout']);
    expect(await client.core.starters()).toEqual(['a layout']);
    expect(started).toHaveLength(1);
    end();
  });
  it('leaves nobody waiting when the worker dies, tells it, and goes on with a fresh one that has the bank', async () => {
    const { start, kill, end, started } = threads(api);
    const client = new CoreClient(start);
    const order: string[] = [];
    client.onLost(async (message) => {
      order.push(message);
      await client.core.mirror([], [], true);
      order.push('mirrored');
    });
    const hanging = client.core.learn('x', new Uint8Array());
    await new Promise((resolve) => setTimeout(resolve, 10));
    kill();
    await expect(hanging).rejects.toBeInstanceOf(WorkerLost);
    await client.core.starters().then(() => order.push('answered'));
    expect(order[0]).toContain('Nothing in the bank is lost');
    expect(order.slice(1)).toEqual(['mirrored', 'answered']);
    expect(started).toHaveLength(2);
    end();
  });
  it('has every fresh worker speak the page’s language before it is asked anything', async () => {
    const heard: unknown[] = [];
    const { start, kill, end } = threads({
      ...api,
      speak: (language: unknown) => void heard.push(language),
      starters: () => heard.length,
    });
    const client = new CoreClient(start);
    expect(await client.core.starters()).toBe(1);
    kill();
    expect(await client.core.starters()).toBe(2);
    expect(heard).toEqual([spoken(), spoken()]);
    end();
  });
  it('stops a call under way', async () => {
    const { start, end } = threads(api);
    const client = new CoreClient(start);
    const hanging = client.core.learn('x', new Uint8Array());
    await new Promise((resolve) => setTimeout(resolve, 10));
    client.stop();
    await expect(hanging).rejects.toThrow('stopped');
    expect(await client.core.starters()).toEqual(['a layout']);
    end();
  });
  it('gives up on a worker that can’t be loaded, and says so to every caller', async () => {
    const dead = (): Thread => {
      const { port1, port2 } = new MessageChannel();
      return {
        endpoint: port2,
        end: () => {
          port1.close();
          port2.close();
        },
        onDeath: (listener) => setTimeout(listener),
      };
    };
    const client = new CoreClient(dead);
    const told: boolean[] = [];
    client.onLost((_, willReturn) => {
      told.push(willReturn);
    });
    for (let call = 0; call < 5; call++) {
      await expect(client.core.starters()).rejects.toBeInstanceOf(WorkerLost);
    }
    expect(told).toEqual([true, true, false]);
    await expect(client.core.starters()).rejects.toThrow('could not be loaded');
  });
});
