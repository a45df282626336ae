import { describe, expect, it } from 'vitest';
import { CAPS } from '../../core/pipeline';
import { answerOf, inThread } from './in-thread';
import { readBody } from './body';

const read = async (response: Response) => ({
  status: response.status,
  text: await response.text(),
  headers: response.headers,
});

describe('what became of a call', () => {
  it('is its answer where the work was done', async () => {
    const { buffer } = new TextEncoder().encode('{"a":1}');
    const done = {
      id: 1,
      status: 201,
      headers: [['x-a', 'b']] as [string, string][],
      body: buffer,
    };
    const { status, text, headers } = await read(answerOf({ is: 'done', done }));
    expect([status, text, headers.get('x-a')]).toEqual([201, '{"a":1}', 'b']);
  });

  it.each([
    [{ is: 'too-long' as const, seconds: 20 }, 422, 'more than 20 seconds'],
    [{ is: 'too-much-memory' as const }, 413, 'more memory than one call may have'],
    [{ is: 'busy' as const }, 503, 'Try again in a few seconds'],
  ])('is a sentence for %o', async (outcome, status, words) => {
    const answer = await read(answerOf(outcome));
    expect(answer.status).toBe(status);
    expect(answer.text).toContain(words);
  });

  it('says when to come again where too many wait', () => {
    expect(answerOf({ is: 'busy' }).headers.get('retry-after')).toBe('5');
  });

  it('of a fault of ours leaks nothing of it', async () => {
    const fault = { is: 'fault' as const, error: new Error('/home/somebody/secret') };
    const { status, text } = await read(answerOf(fault));
    expect(status).toBe(500);
    expect(text).not.toContain('somebody');
  });
});

describe('a body', () => {
  const request = (size: number): Request =>
    new Request('http://127.0.0.1/api/gather', { method: 'POST', body: new Uint8Array(size) });

  it('is read up to the limit, and no further', async () => {
    expect((await readBody(request(100), 100))?.byteLength).toBe(100);
    expect(await readBody(request(101), 100)).toBeUndefined();
  });

  it('that is too large is refused before any work is done', async () => {
    const response = await inThread('gather', request(CAPS.fileBytes + 1_048_577));
    expect(response.status).toBe(413);
    expect(await response.text()).toContain('33 MiB; a file may have 32 MiB');
  });

  it('that is no form is bad input, not a fault', async () => {
    const response = await inThread('gather', request(3));
    expect(response.status).toBeGreaterThanOrEqual(400);
    expect(response.status).toBeLessThan(500);
  });
});
