import { describe, expect, it } from 'vitest';
import { allowedHosts, policy, refusedBy } from './guard';

const hosts = allowedHosts('questions.example, ');
const status = (method: string, headers: Record<string, string>): number =>
  refusedBy({ method, headers }, hosts)?.status ?? 200;

describe('who may ask', () => {
  it.each([
    ['a page of our own', 'GET', { host: 'localhost:4321' }, 200],
    ['a page under an allowed name', 'GET', { host: 'Questions.example' }, 200],
    ['a page under a foreign name', 'GET', { host: 'evil.example' }, 421],
    ['a request without a name', 'GET', {}, 421],
    ['a script without an Origin', 'POST', { host: '127.0.0.1:1' }, 200],
    ['our own page', 'POST', { host: '127.0.0.1:1', origin: 'http://127.0.0.1:1' }, 200],
    [
      'a page of another site',
      'POST',
      { host: '127.0.0.1:1', origin: 'https://evil.example' },
      403,
    ],
    ['a page without a site', 'POST', { host: '127.0.0.1:1', origin: 'null' }, 403],
    ['cookies without an Origin', 'POST', { host: '127.0.0.1:1', cookie: 'a=b' }, 403],
    ['an echo', 'TRACE', { host: 'localhost' }, 405],
  ])('%s', (_, method, headers, expected) => {
    expect(status(method, headers as Record<string, string>)).toBe(expected);
  });
  it('scripts of our own alone may run', () => {
    const text = policy(['abc=']);
    expect(text).toContain("script-src 'self' 'sha256-abc='");
    expect(/script-src[^;]*unsafe/.test(text)).toBe(false);
    expect(text).toContain("default-src 'none'");
  });
});
