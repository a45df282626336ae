// Help by job: every picture and place there is, and jobs found by the words people use.
import { existsSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { PLACES } from '../places';
import { finds, JOBS } from './jobs';

const found = (query: string): string[] =>
  JOBS.filter((job) => finds(query, job)).map(({ id }) => id);

describe('help by job', () => {
  it.each(JOBS)('$title has a place, steps, and a picture that is there', (job) => {
    expect(PLACES.map(({ to }) => to)).toContain(job.place);
    expect(job.steps.length).toBeGreaterThan(1);
    expect(job.picture === undefined || existsSync(`docs/screenshots/${job.picture}.png`)).toBe(
      true,
    );
  });

  it('stands in the order of the work', () => {
    const order = PLACES.map(({ to }) => to);
    const first = [...new Set(JOBS.map(({ place }) => place))].map((to) => order.indexOf(to));
    expect(first).toEqual([...first].sort((a, b) => a - b));
  });

  it.each([
    ['print', ['print']],
    ['wrong answers', ['put-right', 'results']],
    ['backup', ['save']],
    ['QR', ['print']],
    ['duplicates', ['check']],
    ['export', ['hand-over']],
    ['merge', ['keep', 'check', 'many-hands']],
    ['', JOBS.map(({ id }) => id)],
    ['nothing of the kind', []],
  ])('is found by %s', (query, ids) => {
    expect(found(query)).toEqual(ids);
  });
});
