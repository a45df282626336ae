import { describe, expect, it } from 'vitest';
import { Latest } from './latest';

describe('of things asked for one after the other', () => {
  it('only the last one counts', () => {
    const latest = new Latest();
    const first = latest.begin();
    expect(first()).toBe(true);
    const second = latest.begin();
    expect([first(), second()]).toEqual([false, true]);
  });

  it('who watches is overtaken by the next turn, and not by another watcher', () => {
    const latest = new Latest();
    latest.begin();
    const [one, two] = [latest.watch(), latest.watch()];
    expect([one(), two()]).toEqual([true, true]);
    latest.begin();
    expect([one(), two()]).toEqual([false, false]);
  });

  it('none counts once all are dropped, and each turn has a number of its own', () => {
    const latest = new Latest();
    const first = latest.begin();
    const before = latest.number;
    latest.drop();
    expect(first()).toBe(false);
    latest.begin();
    expect(latest.number).toBeGreaterThan(before);
  });
});
