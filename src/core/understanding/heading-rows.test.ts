// What tells a row of headings: the kind of its cells beside those below, and what its words say.
import { describe, expect, it } from 'vitest';
import { lines, region } from '../../../tests/tables';
import { contrastOf, kindOfCell } from './contrast';
import {
  candidateRows,
  countsColumns,
  countsLettersUp,
  headingFigures,
  headingShare,
} from './heading-rows';
import { understandHeadings, type HeadingUnderstood } from './headings';
import { looksLikeHeadings } from './question-rows';
import { saying } from './saying';

describe('the kind of a cell', () => {
  it.each([
    ['12', 'number'],
    ['-3.5', 'number'],
    ['40 %', 'number'],
    ['30 s', 'number'],
    ['5 pts', 'number'],
    ['12:30', 'time'],
    ['2024-05-01', 'time'],
    ['1/2', 'time'],
    ['B', 'letter'],
    ['(c)', 'letter'],
    ['A, C', 'letter'],
    ['true', 'verdict'],
    ['wahr', 'verdict'],
    ['https://a.example/b', 'link'],
    ['www.a.example', 'link'],
    ['Who?', 'sentence'],
    ['It opens.', 'words'],
    ['It opens up.', 'sentence'],
    ['A ___', 'sentence'],
    ['x'.repeat(49), 'sentence'],
    ['x'.repeat(48), 'words'],
    ['gate', 'words'],
    ['Def.', 'words'],
    ['k', 'words'],
  ])('%s is %s', (text, kind) => {
    expect(kindOfCell(text)).toBe(kind);
  });
});

describe('a row of headings differs from the rows below', () => {
  const weight = (known: number, ...rows: string[]): number =>
    contrastOf(lines(...rows), 0, known)?.weight ?? NaN;
  it('by words above numbers, and not by numbers above numbers', () => {
    expect(weight(0, 'Points|Timer', '3|30', '2|20', '1|10')).toBeCloseTo(2 * (1.3 + 0.1), 6);
    expect(weight(0, '4|25', '3|30', '2|20', '1|10')).toBeCloseTo(2 * (-1.1 + 0.1), 6);
  });
  it('by short words above sentences, not by sentences', () => {
    expect(
      weight(
        0,
        'Ask|Say',
        'Who waits at the gate?|It is the boat there.',
        'What opens for it?|It is the gate there.',
      ),
    ).toBeCloseTo(2 * (0.7 + 0.1 + 0.5), 6);
    expect(
      weight(
        0,
        'Who asks here?|Who says it?',
        'Who waits at the gate?|It is the boat there.',
        'What opens for it?|It is the gate there.',
      ),
    ).toBeCloseTo(2 * (-1.1 - 1.2 + 0.1), 6);
  });
  it('less where a text comes again below, more by each word that is known', () => {
    expect(weight(0, 'Points|one', '3|one', '2|two', '1|six')).toBeCloseTo(1.4 - 0.15 - 0.8, 6);
    expect(weight(2, 'Points|Timer', '3|30', '2|20', '1|10')).toBeCloseTo(2.8 + 1.6, 6);
  });
  it('by counting on, best behind a word', () => {
    const below = ['a gate|a sill|a beam', 'a boat|a lock|a weir'];
    const plain = weight(0, 'oak|elm|ash', ...below);
    expect(weight(0, 'Opt 1|Opt 2|Opt 3', ...below)).toBeCloseTo(plain + 3.6, 6);
    expect(weight(0, '1st x|2nd x|3rd x', ...below)).toBeCloseTo(plain, 6);
    expect(weight(0, 'o a|o b|o c', ...below)).toBeCloseTo(plain + 1.2, 6);
  });
  it('by one word over three columns or more, not over two', () => {
    const below = ['a gate|a sill|a beam', 'a boat|a lock|a weir'];
    const plain = weight(0, 'oak|elm|ash', ...below);
    expect(weight(0, 'oak|oak|oak', ...below)).toBeCloseTo(plain + 1.5, 6);
    expect(weight(0, 'oak|oak|ash', ...below)).toBeCloseTo(plain - 0.8, 6);
    const wide = ['a gate|yes|a sill|no|a beam|no', 'a boat|no|a lock|yes|a weir|no'];
    expect(weight(0, 'oak|p|oak|q|oak|r', ...wide)).toBeCloseTo(
      weight(0, 'oak|p|elm|q|ash|r', ...wide) + 1.5,
      6,
    );
  });
  it('by its cells alone, where too few stand below them: a sentence speaks against it', () => {
    const few = ['a|b', '||'];
    expect(weight(0, 'Who waits at the gate?|Answer', 'x|', '|y')).toBeCloseTo(-0.6, 6);
    expect(weight(0, 'Question|Answer', 'x|', '|y', ...few.slice(1))).toBeCloseTo(0, 6);
  });
  it('by no more than the fourteen cells below', () => {
    const numbers = Array.from({ length: 14 }, (_, n) => `${n}|${n}`);
    const words = Array.from({ length: 40 }, () => 'a gate of oak|a sill of stone');
    expect(weight(0, 'Points|Timer', ...numbers, ...words)).toBeCloseTo(2.8, 6);
  });
  it('only where it has two cells and two rows below', () => {
    expect(contrastOf(lines('Points', '3', '2'), 0, 0)).toBeUndefined();
    expect(contrastOf(lines('Points|Timer', '3|30'), 0, 0)).toBeUndefined();
    expect(contrastOf(lines('Points|Timer', '3|30', '2|20'), 0, 0)).toMatchObject({
      row: 0,
      cells: 2,
      because: '2 of its 2 cells are of another kind than those below',
    });
  });
});

describe('which row holds the headings', () => {
  const QUESTIONS = [
    'Who waits at the gate?|a boat|a lock|A',
    'What opens for a boat?|a gate|a sill|A',
    'What floats on a pound?|a hull|a stone|A',
  ];
  const sum = ({ p, others }: HeadingUnderstood): number =>
    others.reduce((total, other) => total + other.p, p);

  it('is said with the next likely rows, which share what is left', () => {
    const known = understandHeadings(lines('Question|Answer A|Answer B|Key', ...QUESTIONS));
    expect(known.row).toBe(0);
    expect(known.p).toBeGreaterThan(0.95);
    expect(known.others.length).toBeLessThanOrEqual(3);
    expect(sum(known)).toBeCloseTo(1, 1);
  });
  it('is none where the likeliest asks itself: what it loses is gained by none', () => {
    const none = understandHeadings(lines(...QUESTIONS));
    expect(none.row).toBeNull();
    expect(none.p).toBeGreaterThan(0.5);
    expect(none.others.every(({ p }) => p >= 0 && p < none.p)).toBe(true);
    expect(sum(none)).toBeLessThanOrEqual(1.0001);
  });
  it('names what a list of pairs is of, though no word of it is known', () => {
    const pairs = understandHeadings(
      lines('Country|Capital', 'France|Paris', 'Spain|Madrid', 'Italy|Rome', 'Peru|Lima'),
    );
    expect(pairs.row).toBe(0);
    expect(pairs.p).toBeGreaterThanOrEqual(0.5);
    expect(sum(pairs)).toBeLessThanOrEqual(1.0001);
  });
  it('is the last thing that a form lacks, and never the last row of a source', () => {
    const form = lines('Vrigl|Snok|Plomb', '||');
    expect(understandHeadings(form, true).row).toBe(0);
    expect(
      understandHeadings(lines(...QUESTIONS, 'Question|Answer A|Answer B|Key')).row,
    ).toBeNull();
  });
});

describe('rows that may hold headings', () => {
  it('are the first that hold anything, a dozen of them', () => {
    expect(candidateRows(lines('a', '', 'b', 'c'))).toEqual([0, 2, 3]);
    expect(
      candidateRows(region(Array.from({ length: 30 }, (_, n) => `r${n}`).join('\n'))),
    ).toHaveLength(12);
  });
  it('show what is in them, above and below', () => {
    const own = lines(
      'Canal quiz|||',
      'Question|Answer A|Answer B|Key',
      'Who waits?|a boat|a lock|A',
      'What opens?|a gate|a sill|A',
    );
    const rows = candidateRows(own);
    const [title, headings, first, last] = rows.map((_, index) =>
      headingFigures(own, rows, index, saying),
    );
    expect(title).toHaveLength(26);
    // One cell alone, the first row, and nothing above.
    expect(title!.slice(12, 18)).toEqual([1, 1, 1, 0, 0, 0]);
    expect(title![10]).toBe(0.25);
    expect(headings![0]).toBeGreaterThan(0.8);
    expect(headings![1]).toBe(1);
    expect(headings![2]).toBe(1);
    expect(headings!.slice(5, 7)).toEqual([1, 1]);
    expect(headings!.slice(10, 18)).toEqual([1, 1, 0, 1, 0, 1, 0, 1 / 6]);
    expect(headings!.slice(18, 23)).toEqual([0, 0, 0, 0, 1]);
    expect(headings![23]).toBeCloseTo((8 + 8 + 8 + 3) / 4 / 40, 10);
    expect(headings!.slice(24)).toEqual([0, 0]);
    expect(first![4]).toBeLessThan(-0.4);
    expect(first!.slice(16, 21)).toEqual([1, 2 / 6, 0, 0.25, 0.25]);
    expect(first![25]).toBe(0.25);
    expect(last!.slice(24)).toEqual([1, 0.25]);
    expect(last![9]).toBe(1);
  });
  it('say headings by a share of their cells, none by a single one', () => {
    expect(headingShare(lines('Question|Answer|Vrigl', 'a|b|c'), 0, saying)).toBeCloseTo(2 / 3, 6);
    expect(headingShare(lines('Question', 'a'), 0, saying)).toBe(0);
    expect(looksLikeHeadings(lines('Question|Answer', 'a|b'), 0)).toBe(1);
  });
  it('are a word for the questions alone, where the columns of the options have none', () => {
    const timed = [
      'How long do you wait at a gate?|5 minutes|20 minutes|2 hours',
      'What may be left on the bank?|A rope|A pole|A hat',
      'When is the paddle closed again?|Before leaving|After the boat|Never',
      'What comes first of all?|The rope|The gate|The lamp',
    ];
    expect(understandHeadings(lines('Our locks|||', 'Question|||', ...timed)).row).toBe(1);
    expect(understandHeadings(lines('Question|||', ...timed)).row).toBe(0);
    // A title above headings is none of them.
    expect(understandHeadings(lines('Questions|||', 'Question|A|B|C', ...timed)).row).toBe(1);
  });
  it('are a row that says nothing but headings, however few of the columns it heads', () => {
    const told = [
      'Muziek|kies er één|Waarmee wordt een cello bespeeld?|Met een vork|FOUT|Met een strijkstok|GOED',
      'Water|kies er één|Wat sluit een kolk af?|Een deur|GOED|Een boot|FOUT',
      'Water|kies er één|Wat drijft er op het water?|Een steen|FOUT|Een schip|GOED',
    ];
    const few = 'Rubriek|Vraagvorm|Wat wordt gevraagd?||||';
    expect(understandHeadings(lines('', few, ...told)).row).toBe(1);
    expect(understandHeadings(lines(...told)).row).toBeNull();
  });
  it.each([
    ['Q|A|B|C', true],
    ['Q|(a)|(b)|(c)', true],
    ['Q|A.|B.|C:', true],
    ['Q|A|B', false],
    ['Q|B|C|D', false],
    ['Q|A|B|D', false],
    ['Q|A||B|C', false],
    ['Q|A|A|B|C', true],
  ])('%s counts up from A: %s', (row, counts) => {
    expect(countsLettersUp(lines(row), 0)).toBe(counts);
  });

  it.each([
    ['Column 1|Column 2|Column 3', true],
    ['F1|F2', true],
    ['Feld 4|Feld 5', true],
    ['Column 1', false],
    ['Column 1|Column 3', false],
    ['Column 1|Field 2', false],
    ['Column 1|Answer', false],
    ['1|2|3', false],
  ])('%s counts the columns: %s', (row, counts) => {
    expect(countsColumns(lines(row), 0)).toBe(counts);
  });
});
