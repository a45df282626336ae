// Tables whose headings say nothing known: the rows tell what each column is.
import { describe, expect, it } from 'vitest';
import { gathered } from '../../../tests/make';

const HEAD = 'Zap\tQua\tZib\tZob\tZub\tMir\tTol';
const row = (n: number, key: string): string =>
  `${n}\tWhich gate opens first at lock number ${n}?\tThe upper ${n}\tThe lower ${n}\tBoth of them\t${key}\tautumn`;
const rolesOf = (...lines: string[]): Record<string, string> =>
  Object.fromEntries(
    gathered(lines.join('\n')).reading.columns.map(({ column, role }) => [column, role]),
  );

describe('columns under headings that nobody knows', () => {
  it('are the question, the options and the key, where letters name an option in every row', () => {
    const { items, reading } = gathered([HEAD, row(1, 'A'), row(2, 'C'), row(3, 'B')].join('\n'));
    expect(reading.headingRow).toBe(1);
    expect(items.map(({ options }) => options!.findIndex(({ right }) => right))).toEqual([0, 2, 1]);
    expect(items[0]!.stem.plain).toBe('Which gate opens first at lock number 1?');
    expect(reading.because['columns.F']).toBe('100 % of its cells name an option in their row');
  });

  it('are so where numbers, several letters or the texts of options are the key', () => {
    const keyed = { B: 'stem', C: 'option', D: 'option', E: 'option', F: 'key' };
    expect(rolesOf(HEAD, row(1, '1'), row(2, '3'), row(3, '2'))).toMatchObject(keyed);
    expect(rolesOf(HEAD, row(1, 'A+B'), row(2, 'C'), row(3, 'B'))).toMatchObject(keyed);
    expect(
      rolesOf(HEAD, row(1, 'The upper 1'), row(2, 'Both of them'), row(3, 'The lower 3')),
    ).toMatchObject(keyed);
  });

  it('stay aside, and the question unsure, where no column names an option', () => {
    const { reading } = gathered(
      [HEAD, row(1, 'north'), row(2, 'south'), row(3, 'east')].join('\n'),
    );
    expect(reading.columns.filter(({ role }) => role === 'key')).toEqual([]);
    expect(reading.unsure).toContain('columns.B');
  });

  it('are options with a mark for each, beside it or behind all of them', () => {
    const beside = [
      'Zib\tQua\tMir\tQua\tMir\tQua\tMir',
      'Who holds the key of the lock?\tkeeper\tx\tboater\t\tnobody\t',
      'Which gate opens first here?\tlower\t\tupper\tx\tboth\t',
      'What is a cill made of here?\tcork\t\tiron\t\toak\tx',
    ];
    expect(rolesOf(...beside)).toMatchObject({
      B: 'option',
      C: 'verdict',
      F: 'option',
      G: 'verdict',
    });
    const behind = beside.map((line) => {
      const [stem, a, x, b, y, c, z] = line.split('\t');
      return [stem, a, b, c, x, y, z].join('\t');
    });
    expect(rolesOf(...behind)).toMatchObject({
      B: 'option',
      D: 'option',
      E: 'verdict',
      G: 'verdict',
    });
    const { items } = gathered(behind.join('\n'));
    expect(items.map(({ options }) => options!.findIndex(({ right }) => right))).toEqual([0, 1, 2]);
  });

  it('are not shifted by a kind beside the question', () => {
    const lines = [
      'Zap\tQua\tZib\tZob\tZub\tMir',
      'select all that apply\tWhich gate opens first at dawn?\tThe upper\tThe lower\tBoth of them\tA+B',
      'choose one\tWho holds the windlass on the day?\tThe keeper\tThe boater\tNobody here\tC',
      'choose one\tWhat is a cill made of here?\tStone\tOak\tCork\tB',
    ];
    expect(rolesOf(...lines)).toMatchObject({ B: 'stem', C: 'option', E: 'option', F: 'key' });
    expect(rolesOf(...lines)['A']).not.toBe('option');
  });

  it('that stand apart from the question or the key are options, but unsure', () => {
    const lines = [
      'Qua\tZuz\tZib\tZob\tZub\tMir',
      'Which gate opens first at dawn?\t30\tThe upper\tThe lower\tBoth of them\tA',
      'Who holds the windlass on the day?\t25\tThe keeper\tThe boater\tNobody here\tC',
      'What is a cill made of here?\t40\tStone\tOak\tCork\tB',
    ];
    const { reading } = gathered(lines.join('\n'));
    expect(reading.columns.map(({ role }) => role).slice(2)).toEqual([
      'option',
      'option',
      'option',
      'key',
    ]);
    expect(reading.unsure).toContain('columns.C');
  });

  it('are the key of options that are known already', () => {
    const head = 'Question\tA\tB\tC\tZoz';
    const lines = [
      head,
      'Who?\tone\ttwo\tthree\tB',
      'What?\tfour\tfive\tsix\tA',
      'Where?\tx\ty\tz\tC',
    ];
    expect(rolesOf(...lines)).toMatchObject({ E: 'key' });
  });
});
