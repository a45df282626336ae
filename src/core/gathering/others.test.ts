// What is unsure comes with the next readings, and what a person says holds while all else is thought through again.
import { describe, expect, it } from 'vitest';
import { gathered } from '../../../tests/make';

const UNSURE = 'Zug\tBlick\nWall\tgrey stone\nGate\tred wood\nRoof\told tiles\n';
const ROWS =
  'Vrigl\tSnok\tPlomb\tTarf\nWhat opens a lock?\tGate\tWall\tA\nWhat floats on it?\tStone\tCork\tB\nWho keeps it?\tKeeper\tCrew\tA\nWhat holds water?\tSieve\tPound\tB\n';

describe('other readings', () => {
  it('are offered for what is unsure, each with what to overrule', () => {
    const { reading } = gathered(UNSURE);
    for (const { path, label, likely, overrule } of reading.others ?? []) {
      expect(reading.unsure).toContain(path);
      expect(label.length).toBeGreaterThan(5);
      expect(likely).toBeGreaterThan(0);
      expect(Object.keys(overrule).length).toBeGreaterThan(0);
    }
  });

  it('one that is taken holds, and is unsure no longer', () => {
    const first = gathered(UNSURE).reading;
    const other = first.others?.find(({ path }) => path.startsWith('columns.'));
    if (other) {
      const again = gathered(UNSURE, other.overrule).reading;
      expect(again.unsure).not.toContain(other.path);
      expect(again.because[other.path]).toBe('you chose it');
    }
  });

  it('saying one column makes the others something else', () => {
    const said = gathered(ROWS, { columns: [{ column: 'A', role: 'hint' }] });
    expect(said.reading.columns.find(({ column }) => column === 'A')?.role).toBe('hint');
    expect(said.reading.columns.filter(({ role }) => role === 'stem').length).toBeLessThanOrEqual(
      1,
    );
    const plain = gathered(ROWS);
    expect(plain.reading.columns.find(({ column }) => column === 'A')?.role).toBe('stem');
    expect(plain.items.map(({ options }) => options?.findIndex(({ right }) => right))).toEqual([
      0, 1, 0, 1,
    ]);
  });

  it('what only words could tell is unsure where they tell nothing', () => {
    const rows = [
      'A gate|A wall|3|B',
      'The crew|The keeper|1|A',
      'A rope|A rudder|2|A',
      'Left|Right|1|B',
    ];
    const text = (heading: string): string =>
      [
        `Question|Answer 1|Answer 2|${heading}|Right answer`,
        ...rows.map((row, index) => `What is part ${index} of it?|${row}`),
      ]
        .join('\n')
        .replaceAll('|', '\t');
    expect(gathered(text('Points')).reading.unsure).toEqual([]);
    const { columns, unsure } = gathered(text('Tarf')).reading;
    const own = columns.find(({ column }) => column === 'D')!;
    expect(own.role === 'ignore' || unsure.includes('columns.D')).toBe(true);
  });
});
