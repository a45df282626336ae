// Headings without a known word, told by their contrast to the rows below.
import { describe, expect, it } from 'vitest';
import { table } from '../../../../tests/make';
import { headingByContrast, kindOfCell } from './contrast';
import { findHeadingRow } from './heading-row';
import { regionOf } from './region';

const region = (...lines: string[]) => regionOf(table(lines.join('\n')).sheets[0]!);
const byContrast = (...lines: string[]): number | undefined =>
  headingByContrast(region(...lines), () => 0)?.row;

const BODY = [
  'Which gate opens first at dawn?\tThe upper\tThe lower\tBoth\tA\t30',
  'Who holds the windlass on the day?\tThe keeper\tThe boater\tNobody\tB\t25',
  'What is a cill made of here?\tStone\tOak\tCork\tC\t40',
];

describe('a cell at a glance', () => {
  it.each([
    ['12', 'number'],
    ['2,5 %', 'number'],
    ['B', 'letter'],
    ['A, C', 'letter'],
    ['2026-11-01', 'time'],
    ['https://media.example/a.png', 'link'],
    ['false', 'verdict'],
    ['Which gate opens first?', 'sentence'],
    ['The upper gate is shut.', 'sentence'],
    ['Def.', 'words'],
    ['Upper gate', 'words'],
  ])('“%s” is %s', (text, kind) => {
    expect(kindOfCell(text)).toBe(kind);
  });
});

describe('a row of headings that says nothing known', () => {
  it('is told by what stands below it', () => {
    expect(byContrast('Qua\tZib\tZob\tZub\tMir\tTol', ...BODY)).toBe(0);
  });
  it('is found below titles and empty rows', () => {
    expect(byContrast('Evening round', '', 'Qua\tZib\tZob\tZub\tMir\tTol', ...BODY)).toBe(2);
  });
  it('is told by one word over several columns, and by a name with a number over each', () => {
    expect(byContrast('Qua\tZib\tZib\tZib\tMir\tTol', ...BODY)).toBe(0);
    expect(
      byContrast(
        'Zop 1\tZop 2',
        'lens\ta curved piece of glass',
        'prism\ta block of glass',
        'pupil\ta hole in the eye',
      ),
    ).toBe(0);
  });
  it('is none where the first row is a question like the others', () => {
    expect(byContrast(...BODY)).toBeUndefined();
    expect(byContrast(BODY[2]!, ...BODY)).toBeUndefined();
  });
  it('is not looked for behind rows of content', () => {
    expect(byContrast(...BODY, 'Qua\tZib\tZob\tZub\tMir\tTol', ...BODY)).toBeUndefined();
  });
  it('stands back behind words that are known, and says what made it stand out', () => {
    const known = 'Question\tA\tB\tC\tRight\tSeconds';
    expect(findHeadingRow(region(known, ...BODY))).toMatchObject({ row: 0, known: 3 });
    const unknown = findHeadingRow(region('Qua\tZib\tZob\tZub\tMir\tTol', ...BODY))!;
    expect(unknown).toMatchObject({ row: 0, known: 0 });
    expect(unknown.because).toMatch(/^\d of its 6 cells are of another kind than those below$/);
  });
});
