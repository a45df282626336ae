import { describe, expect, it } from 'vitest';
import type { Finding, Item } from '../../../core/model';
import { fakeCore } from '../../../../tests/fake-core';
import { item } from '../../../../tests/make';
import { Checking } from './checking';

const question = (id: string, plain: string): Item => item({ id, stem: { plain } });
const bank = (plain: string): Item[] =>
  Array.from({ length: 900 }, (_, n) => question(`q${n}`, plain));

function checking(delay?: () => Promise<void>) {
  const worker = fakeCore(delay);
  const told: ReadonlyMap<string, readonly Finding[]>[] = [];
  const one = new Checking(
    () => worker.core,
    () => [],
    () => [],
    (findings) => told.push(findings),
  );
  const stem = (id: string): string | undefined => worker.mirrored.get(id)?.stem.plain;
  return { checking: one, worker, told, stem };
}

describe('the worker is told', () => {
  it('of an edit behind the bank that it is being handed', async () => {
    const { checking: page, stem } = checking();
    void page.anew(() => bank('old'));
    void page.after([question('q899', 'new')], ['q0'], false, 900);
    await page.inStep();
    expect(stem('q899')).toBe('new');
    expect(stem('q898')).toBe('old');
    expect(stem('q0')).toBeUndefined();
  });

  it('no more of a bank once another is opened', async () => {
    const { checking: page, worker, stem } = checking();
    const first = page.mirror(bank('first'));
    await page.clear();
    void page.mirror([question('other', 'second')]);
    await Promise.all([first, page.inStep()]);
    expect(stem('other')).toBe('second');
    // What the first had under way before it was left may have arrived; the rest of it was dropped.
    expect(worker.mirrored.size).toBeLessThan(bank('first').length);
  });

  it('again after it was lost, though a telling failed', async () => {
    const { checking: page, worker, stem } = checking();
    const { mirror } = worker.core;
    worker.core.mirror = () => Promise.reject(new Error('lost'));
    await expect(page.mirror([question('a', 'one')])).rejects.toThrow('lost');
    worker.core.mirror = mirror;
    await page.anew(() => [question('a', 'one')]);
    expect(stem('a')).toBe('one');
  });
});

it('what a question lacks is told anew when it was asked about since', async () => {
  const { checking: page, told } = checking();
  await page.after([question('a', '')], [], false, 1);
  expect(told.at(-1)!.get('a')?.length).toBeGreaterThan(0);
  await page.after([question('a', 'What is a lock?')], [], false, 1);
  expect(told.at(-1)!.get('a') ?? []).toEqual([]);
});
