// How rows tell their right options, whatever the sign, the word or the language.
import { describe, expect, it } from 'vitest';
import { findMarks, marksOf, withoutMark, withoutSign } from './marks';
import { partsOf, readingsOf } from './named';
import { findVerdicts } from './verdicts';

const rowsOf = (...rows: string[]): string[][] => rows.map((row) => row.split('|'));

describe('a sign at the right options', () => {
  it.each([
    ['a star in front', ['*Boats|Water', 'Boats|*Water', '*Boats|Walkers'], '*', 'before'],
    ['a hash behind', ['Boats #|Water', 'Boats|Water #', 'Gate #|Wall'], '#', 'behind'],
    ['a box in front', ['[x] Boats|Water', 'Boats|[x] Water', '[x] A|B'], '[x]', 'before'],
    ['a letter with a blank', ['x Boats|Water', 'Boats|x Water', 'x A1|B1'], 'x', 'before'],
    ['an arrow', ['-> Boats|Water', 'Boats|-> Water', '-> C|D'], '->', 'before'],
    ['a word in brackets', ['Boats (ok)|Water', 'Boats|Water (ok)', 'C (ok)|D'], '(ok)', 'behind'],
  ])('%s', (_, rows, sign, side) => {
    const found = findMarks(rowsOf(...rows));
    expect(found?.right).toEqual({ sign, side });
    expect(found?.wrong).toBeUndefined();
    expect([found?.rows, found?.of]).toEqual([3, 3]);
  });

  it('is told from the one at the wrong options', () => {
    expect(findMarks(rowsOf('+ A|- B|- C', '- A|+ B|- C', '+ A|- B|- C'))).toMatchObject({
      right: { sign: '+' },
      wrong: { sign: '-' },
    });
    expect(findMarks(rowsOf('✗ A|✓ B|✗ C', '✓ A|✗ B|✗ C'))).toMatchObject({
      right: { sign: '✓' },
      wrong: { sign: '✗' },
    });
    // Of two signs that say nothing by themselves the rarer one is at the right options.
    expect(findMarks(rowsOf('§ A|@ B|@ C', '@ A|§ B|@ C'))).toMatchObject({
      right: { sign: '§' },
      wrong: { sign: '@' },
    });
  });

  it('is none where all options have it, or where hardly any row does', () => {
    expect(findMarks(rowsOf('"A"|"B"', '"C"|"D"'))).toBeUndefined();
    expect(findMarks(rowsOf('- A|- B', '- C|- D', '- E|- F'))).toBeUndefined();
    expect(findMarks(rowsOf('A|B*', 'C|D', 'E|F', 'G|H', 'I|J'))).toBeUndefined();
    expect(findMarks(rowsOf('A dog|The cat', 'A cow|The hen', 'The pig|A rat'))).toBeUndefined();
  });

  it('is no minus before numbers, where only some rows have one', () => {
    expect(findMarks(rowsOf('-5|7', '4|6', '-2|3', '8|9'))).toBeUndefined();
    expect(findMarks(rowsOf('-A|B', 'C|-D', '-E|F', '-G|H'))?.right.sign).toBe('-');
  });

  it('is taken off a text, and a letter only with its blank', () => {
    expect(withoutSign('* Gate', '*')).toBe('Gate');
    expect(withoutSign('Gate*', '*')).toBe('Gate');
    expect(withoutSign('Gate', '*')).toBeUndefined();
    expect(withoutMark('xylem', { sign: 'x', side: 'before' })).toBeUndefined();
    expect(withoutMark('x ylem', { sign: 'x', side: 'before' })).toBe('ylem');
    expect(withoutMark('ylem x', { sign: 'x', side: 'behind' })).toBe('ylem');
    expect(withoutMark('*', { sign: '*', side: 'before' })).toBeUndefined();
  });

  it('is a box, however many blanks were typed in it', () => {
    const found = findMarks(
      rowsOf('[ ] a|[x] b|[  ] c', '[ x ] a|[ ] b|[] c', '[ ] a|[ ] b|[x] c'),
    );
    expect(found).toMatchObject({ right: { sign: '[x]' }, wrong: { sign: '[ ]' } });
    expect(withoutMark('[  ] c', found!.wrong!)).toBe('c');
    expect(withoutMark('[ x ] a', found!.right)).toBe('a');
  });

  it('is looked for at the ends alone, however long the text', () => {
    const long = `* ${'a '.repeat(5000)}`;
    expect(marksOf(long)).toContainEqual({ sign: '*', side: 'before' });
    expect(marksOf('Is it (really) so?')).toEqual([]);
    expect(marksOf('90 °C')).toEqual([]);
  });
});

describe('a verdict beside each option', () => {
  it('is known in several languages, and by short forms only as a pair', () => {
    expect(findVerdicts(rowsOf('right|wrong', 'wrong|right'))).toEqual({
      right: 'right',
      wrong: 'wrong',
    });
    expect(findVerdicts(rowsOf('F|G|F', 'G|F|F'))).toEqual({ right: 'G', wrong: 'F' });
    expect(findVerdicts(rowsOf('W|R', 'R|W'))).toEqual({ right: 'R', wrong: 'W' });
    expect(findVerdicts(rowsOf('W|F', 'F|W'))).toEqual({ right: 'W', wrong: 'F' });
    expect(findVerdicts(rowsOf('1|0', '0|1'))).toEqual({ right: '1', wrong: '0' });
  });

  it('is the word without what denies it', () => {
    expect(findVerdicts(rowsOf('korrekt|inkorrekt', 'korrekt|korrekt'))).toEqual({
      right: 'korrekt',
      wrong: 'inkorrekt',
    });
  });

  it('is a tick where it stands alone', () => {
    expect(findVerdicts(rowsOf('x||', '||x'))).toEqual({ right: 'x' });
  });

  it('is the rarer of two unknown words', () => {
    expect(findVerdicts(rowsOf('zug|zag|zag', 'zag|zug|zag'))).toEqual({
      right: 'zug',
      wrong: 'zag',
    });
  });

  it('is none where there are many words', () => {
    expect(findVerdicts(rowsOf('one|two|three', 'four|five|six'))).toBeUndefined();
    expect(findVerdicts([])).toBeUndefined();
  });
});

describe('a column that names the right options', () => {
  const options = ['Gate', 'Wall', 'Weir', ''];
  const rows = (...keys: string[]) => keys.map((key) => ({ key, options }));
  const best = (...keys: string[]) => readingsOf(rows(...keys), ['', '', '', ''])[0];

  it.each([
    [['A', 'C', 'B'], 'letter'],
    [['a)', '(b)', 'c.'], 'letter'],
    [['AC', 'B', 'ABC'], 'letter'],
    [['A und C', 'B', 'A'], 'letter'],
    [['1', '3', '2'], 'number'],
    [['0', '2', '1'], 'number-from-0'],
    [['1; 3', '2', '1 & 2'], 'number'],
    [['Gate', 'weir', 'Wall '], 'text'],
    [['Gate; Weir', 'Wall', 'Gate'], 'text'],
  ])('%j by %s', (keys, style) => {
    expect(best(...keys)).toEqual({ style, share: 1 });
  });

  it('names none past the last option', () => {
    expect(best('D', 'D', 'D')?.share).toBe(0);
    expect(best('A', 'D', 'B')).toEqual({ style: 'letter', share: 2 / 3 });
    expect(best('4', '4')?.share).toBe(0);
  });

  it('may name the heading of an option', () => {
    expect(
      readingsOf(rows('Option 2', 'Option 1'), ['Option 1', 'Option 2', 'Option 3'])[0],
    ).toEqual({
      style: 'text',
      share: 1,
    });
  });

  it('may name headings that look like several letters: AB is no A and B', () => {
    const headings = ['AA', 'AB', 'AC'];
    expect(readingsOf(rows('AB', 'AA', 'AC'), headings)[0]).toEqual({ style: 'text', share: 1 });
    expect(readingsOf(rows('AB', 'AC'), headings)[0]?.style).toBe('text');
    expect(readingsOf(rows('AB', 'AC'), ['A', 'B', 'C'])[0]?.style).toBe('letter');
    // No letter stands twice in a key.
    expect(best('AA', 'BB')?.share).toBe(0);
  });

  it('says nothing where no cell is filled', () => {
    expect(readingsOf(rows('', ''), [])).toEqual([]);
  });

  it('is taken apart at signs and words', () => {
    expect(partsOf('A, C')).toEqual(['A', 'C']);
    expect(partsOf('1 och 3')).toEqual(['1', '3']);
    expect(partsOf('(b)')).toEqual(['b']);
  });
});
