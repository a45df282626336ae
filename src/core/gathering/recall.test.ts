// Memory: a correction is said once, and the next source with the same headings comes in by it.
import { describe, expect, it } from 'vitest';
import { counter, table } from '../../../tests/make';
import type { KeptReading, Opened, Overrule } from '../model';
import { gather, readingToKeep } from './index';

const AT = '2026-11-20T10:00:00.000Z';
const opened = (text: string, file: string): Opened => ({ is: 'table', table: table(text, file) });
const read = (source: Opened, overrule: Overrule = {}, kept: KeptReading[] = []) =>
  gather((source as Extract<Opened, { is: 'table' }>).table, { overrule, kept, newId: counter() });
const keep = (source: Opened, overrule: Overrule, kept: KeptReading[] = []): KeptReading =>
  readingToKeep(source, read(source, overrule, kept).reading, { now: overrule, kept, at: AT })!;

const FIRST = opened(
  'Zam\tKel\tOn\tTo\tUp\nWhat floats?\tA cork\tA stone\tA nail\tIt is light\nWhat sinks?\tA stone\tA cork\tA leaf\tIt is heavy\n',
  'week 1.txt',
);
/** The same headings in another order, one of them with a number, one new, below a title. */
const NEXT = opened(
  'Evening at the lock\nUp\tOn\tKel\tTo\tZam\tWho\nIt is dry\tA rope\tA gate\tA mast\tWhat opens?\tAda\nIt is wet\tA beam\tA paddle\tA bow\tWhat lets water in?\tBo\n',
  'week 2.txt',
);
const SAID: Overrule = { columns: [{ column: 'E', role: 'hint' }] };

describe('what was said of one source', () => {
  it('holds for the next with the same headings, whatever their order and whatever stands above', () => {
    const kept = keep(FIRST, SAID);
    const { reading, items } = read(NEXT, {}, [kept]);
    expect(reading.headingRow).toBe(2);
    expect(reading.columns.find(({ column }) => column === 'A')?.role).toBe('hint');
    expect(reading.because['columns.A']).toBe('you said so for week 1.txt');
    expect(reading.unsure).not.toContain('columns.A');
    expect(reading.recalled).toEqual({ id: kept.id, from: 'week 1.txt', at: AT });
    expect(items.map(({ hint }) => hint?.plain)).toEqual(['It is dry', 'It is wet']);
  });

  it('knows headings that are written a little otherwise', () => {
    const kept = keep(
      opened('Question 1\tMy remark\nWhat floats?\tcork\nWhat sinks?\tstone\n', 'a.txt'),
      { columns: [{ column: 'B', role: 'explanation' }] },
    );
    const next = opened(
      'question 2:\tMy remarks\nWhat floats?\tcork\nWhat sinks?\tstone\n',
      'b.txt',
    );
    expect(read(next, {}, [kept]).reading.columns[1]?.role).toBe('explanation');
  });

  it('says nothing of a source with other headings', () => {
    const other = opened('Frage\tLösung\nWas schwimmt?\tKork\nWas sinkt?\tStein\n', 'week 2.txt');
    expect(read(other, {}, [keep(FIRST, SAID)]).reading.recalled).toBeUndefined();
  });

  it('gives way to what is said now, and adds to it', () => {
    const kept = keep(FIRST, SAID);
    const now: Overrule = { columns: [{ column: 'A', role: 'explanation' }] };
    expect(read(NEXT, now, [kept]).reading.columns[0]?.role).toBe('explanation');
    const other: Overrule = { columns: [{ column: 'F', role: 'by' }] };
    const { reading } = read(NEXT, other, [kept]);
    expect(reading.columns.map(({ column, role }) => [column, role])).toEqual(
      expect.arrayContaining([
        ['A', 'hint'],
        ['F', 'by'],
      ]),
    );
    expect(keep(NEXT, other, [kept]).columns.map(({ heading }) => heading)).toEqual(['Up', 'Who']);
  });

  it('is kept for the key as well, and for a table without headings by its name and width', () => {
    const key = { style: 'number-from-0' } as const;
    expect(keep(FIRST, { key }).key).toEqual(key);
    const bare = opened('What floats?\tcork\tstone\nWhat sinks?\tstone\tcork\n', 'list 1.txt');
    const kept = keep(bare, { headingRow: null, columns: [{ column: 'C', role: 'hint' }] });
    const next = opened('What burns?\twood\twater\nWhat melts?\tice\tiron\n', 'list 2.txt');
    const { reading } = read(next, {}, [kept]);
    expect([reading.headingRow, reading.columns[2]?.role]).toEqual([null, 'hint']);
    const wider = opened(
      'What burns?\twood\twater\tair\nWhat melts?\tice\tiron\tair\n',
      'list 3.txt',
    );
    expect(read(wider, {}, [kept]).reading.recalled).toBeUndefined();
  });

  it('is nothing where nothing was said, or only of a range of this very sheet', () => {
    const { reading } = read(FIRST);
    const kept: KeptReading[] = [];
    expect(readingToKeep(FIRST, reading, { now: {}, kept, at: AT })).toBeUndefined();
    const now = { ...SAID, range: 'A1:E2' };
    expect(readingToKeep(FIRST, reading, { now, kept, at: AT })).toBeUndefined();
  });
});
