// Rows of headings told by their contrast to what stands below, without knowing a word of them.
import { describe, expect, it } from 'vitest';
import { lines } from '../../../tests/tables';
import { contrastOf, kindOfCell, type CellKind } from './contrast';

describe('the kind of a cell', () => {
  it.each<[CellKind, string[]]>([
    ['link', ['https://a.example/b', 'http://a.example', 'www.a.example/c']],
    ['number', ['12', '-3', '+4', '2.5', '2,5', '50 %', '30 s', '5 min', '2 pts', '1 pt.', '3 p']],
    ['time', ['2026-05-01', '1/2/2026', '10:30', '1.5.26 10:30']],
    ['letter', ['A', 'b)', '(c)', '[d]', 'A, C', 'a;b', 'b/d', 'A + B', 'c & d', 'e:']],
    ['verdict', ['true', 'false', 'yes', 'wahr', 'falsch']],
    ['sentence', ['Who waits?', 'Stop!', 'and so on…', 'A ___ floats', 'It opens the gate.']],
    ['words', ['Option A', 'Def.', 'Antw. A.', 'Question', 'k', '12 gates', 'wwwater']],
  ])('is %s', (kind, texts) => {
    expect(texts.map((text) => [text, kindOfCell(text)])).toEqual(
      texts.map((text) => [text, kind]),
    );
  });

  it('is a sentence where it is long, whatever it ends with', () => {
    expect(kindOfCell('a'.repeat(49))).toBe('sentence');
    expect(kindOfCell('a'.repeat(48))).toBe('words');
  });
});

const BODY = [
  'Who waits at the gate?|a boat|12|A',
  'What opens for a boat?|a gate|8|B',
  'What floats on a pound?|a hull|20|A',
];
const weightOf = (head: string, ...body: string[]): number =>
  contrastOf(lines(head, ...body), 0, 0)!.weight;

describe('a row of headings', () => {
  it('is of another kind than the rows below it, most of all above numbers and letters', () => {
    const region = lines('Stem|Choice|Worth|Right', ...BODY);
    const [head, body] = [contrastOf(region, 0, 0)!, contrastOf(region, 1, 0)!];
    expect(head.weight).toBeGreaterThan(2);
    expect(body.weight).toBeLessThan(-2);
    expect(head).toMatchObject({ row: 0, cells: 4 });
    expect(head.because).toBe('3 of its 4 cells are of another kind than those below');
    expect(weightOf('Worth|Number', '1|2', '3|4')).toBeGreaterThan(
      weightOf('Worth|Number', 'Who goes?|Who stays?', 'What opens?|What shuts?'),
    );
  });

  it('weighs more with each cell whose words are known', () => {
    const region = lines('Stem|Choice', ...BODY);
    expect(contrastOf(region, 0, 2)!.weight - contrastOf(region, 0, 0)!.weight).toBeCloseTo(
      2 * (contrastOf(region, 0, 1)!.weight - contrastOf(region, 0, 0)!.weight),
    );
    expect(contrastOf(region, 0, 1)!.weight).toBeGreaterThan(contrastOf(region, 0, 0)!.weight);
  });

  it('says nothing again that stands below', () => {
    expect(weightOf('gate|pound', 'weir|sluice', 'cill|chamber', 'lock|beam')).toBeGreaterThan(
      weightOf('gate|pound', 'weir|sluice', 'gate|chamber', 'lock|beam'),
    );
  });

  it('is short above long words', () => {
    const short = weightOf('Word|Use', 'balance beams|paddle gears', 'chamber walls|gate recesses');
    const long = weightOf(
      'Words of keepers|Uses of them all',
      'balance beams|paddle gears',
      'chamber walls|gate recesses',
    );
    expect(short).toBeGreaterThan(long);
  });

  it('asks nothing itself', () => {
    expect(weightOf('Who goes?|Choice', 'a gate|12', 'a boat|8')).toBeLessThan(
      weightOf('Who goes|Choice', 'a gate|12', 'a boat|8'),
    );
  });

  it('counts on across the row, by numbers, ordinals or letters behind the same word', () => {
    const body = ['a|b|c|d', 'e|f|g|h'];
    const plain = weightOf('P|Q|R|S', ...body);
    for (const head of ['1|2|3|4', '1st|2nd|3rd|4th', 'W 1|W 2|W 3|W 4', 'P a|P b|P c|P d']) {
      const broken = head.replace(/\|[^|]*\|([^|]*)$/u, '|x|$1');
      expect(weightOf(head, ...body), head).toBeGreaterThan(weightOf(broken, ...body));
    }
    // Two that follow one another are chance, unless every column has a name and a number.
    expect(weightOf('P|Q|1|2', ...body)).toBeLessThan(plain + 0.4);
    expect(weightOf('Left 1|Right 2', 'a|b', 'c|d')).toBeLessThan(
      weightOf('Left 1|Left 2', 'a|b', 'c|d'),
    );
    expect(weightOf('1|2|3|5', ...body)).toBeLessThan(weightOf('1|2|3|4', ...body));
    expect(weightOf('P a|Q b|R c|S d', ...body)).toBeLessThan(weightOf('P a|P b|P c|P d', ...body));
  });

  it('may say one word over three columns, side by side or with others between, and hardly over two', () => {
    const body = ['u|v|w|x|y|z', 'k|l|m|n|o|p'];
    const plain = weightOf('Stem|Why|Way|Where|Who|When', ...body);
    expect(weightOf('Stem|Way|Way|Way|Who|When', ...body)).toBeGreaterThan(plain);
    expect(weightOf('Stem|Way|Mark|way|Mark|Way', ...body)).toBeGreaterThan(plain);
    expect(weightOf('Stem|Way|Way|Where|Who|When', ...body)).toBeLessThan(plain);
  });

  it('is none with a single cell, or with too little below it', () => {
    expect(contrastOf(lines('Stem', 'Who?', 'What?'), 0, 0)).toBeUndefined();
    expect(contrastOf(lines('Stem|Right', 'Who?|A', 'What?|B'), 1, 0)).toBeUndefined();
    expect(contrastOf(lines('Stem|Right', 'Who?|A', 'What?|B'), 0, 0)).toBeDefined();
    expect(contrastOf(lines('|Right', 'Who?|A', 'What?|B', 'Why?|A'), 0, 0)).toBeUndefined();
  });

  it('is held against the first rows below it alone', () => {
    const many = Array.from({ length: 14 }, (_, n) => `${n}|${n}`);
    expect(weightOf('Stem|Right', ...many, 'Stem|Right')).toBe(
      weightOf('Stem|Right', ...many, 'x|y'),
    );
  });
});
