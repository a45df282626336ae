import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { newFolder } from '../../../tests/folder';
import { afterEach, describe, expect, it } from 'vitest';
import { readBody } from './body';
import { answerOf } from './in-thread';
import { Pool, type Limits } from './pool';

/** A thread that answers, turns in circles, fills its memory or fails, as the first letters of the body say. */
const THREAD = `
import { parentPort } from 'node:worker_threads';
parentPort.on('message', ({ id, body }) => {
  const text = new TextDecoder().decode(body);
  if (text.startsWith('spin')) for (;;) Math.sqrt(2);
  if (text.startsWith('fill')) { const kept = []; for (;;) kept.push(new Array(1e5).fill(Math.random())); }
  if (text.startsWith('fail')) throw new Error('/secret/path');
  const answer = new TextEncoder().encode(text).buffer;
  parentPort.postMessage({ id, status: 200, headers: [], body: answer }, [answer]);
});`;
const file = join(newFolder(), 'thread.mjs');
writeFileSync(file, THREAD);

const limits: Limits = { threads: 1, waiting: 2, base: 300, perMebibyte: 0, most: 300, memory: 64 };
let pool: Pool;
const open = (change: Partial<Limits> = {}): Pool =>
  (pool = new Pool(pathToFileURL(file), { ...limits, ...change }));
const run = (text: string) => pool.run('check', [], new TextEncoder().encode(text).buffer);

afterEach(() => pool.close());

describe('the threads of the server', () => {
  it('answer calls, one after the other', async () => {
    open();
    const answers = await Promise.all(
      [run('one'), run('two')].map(async (call) => answerOf(await call).text()),
    );
    expect(answers).toEqual(['one', 'two']);
  });
  it('stop a call that takes too long, say so, and go on with the next', async () => {
    open();
    const [long, next] = [run('spin'), run('next')];
    const response = answerOf(await long);
    expect(response.status).toBe(422);
    expect(await response.text()).toContain('was stopped');
    expect(await answerOf(await next).text()).toBe('next');
  });
  it('stop a call that fills the memory', async () => {
    open({ base: 60_000, most: 60_000 });
    expect(answerOf(await run('fill')).status).toBe(413);
    expect(await answerOf(await run('next')).text()).toBe('next');
  });
  it('tell more calls than may wait to come again', async () => {
    open();
    const calls = ['spin', 'a', 'b', 'c', 'd'].map((text) => run(text));
    const statuses = (await Promise.all(calls)).map((outcome) => answerOf(outcome));
    expect(statuses.map(({ status }) => status)).toEqual([422, 200, 200, 503, 503]);
    expect(statuses[3]!.headers.get('retry-after')).toBe('5');
  });
  it('answer a fault of ours with an id, and with nothing of how the program is made', async () => {
    open();
    const response = answerOf(await run('fail'));
    expect(response.status).toBe(500);
    expect(await response.text()).not.toContain('secret');
  });
});

describe('a body', () => {
  const stream = (chunks: number, asked: () => void): Request => {
    let left = chunks;
    const body = new ReadableStream({
      pull(controller) {
        asked();
        if (left-- > 0) {
          controller.enqueue(new Uint8Array(1000));
        } else {
          controller.close();
        }
      },
    });
    return new Request('http://localhost/', {
      method: 'POST',
      body,
      duplex: 'half',
    } as RequestInit);
  };
  it('is read whole', async () => {
    open();
    expect(
      (
        await readBody(
          stream(5, () => undefined),
          6000,
        )
      )?.byteLength,
    ).toBe(5000);
  });
  it('without a length is cut off as soon as it is too large', async () => {
    open();
    let asked = 0;
    expect(
      await readBody(
        stream(1_000_000, () => asked++),
        5000,
      ),
    ).toBeUndefined();
    expect(asked).toBeLessThan(20);
  });
});
