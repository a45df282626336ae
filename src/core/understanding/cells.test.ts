// The figures of a column's cells, one kind of look after the other: what passes it, and what nearly does.
import { describe, expect, it } from 'vitest';
import { CELL_FIGURES, cellFigures } from './cells';

/** Where the looks at single texts begin. */
const LOOKS = 10;
const LEANING = 0.5;

const LOOKED_AT: readonly (readonly [what: string, passes: string[], fails: string[]])[] = [
  ['asks', ['Who?', 'Who ?  ', '谁？', 'من؟'], ['Who? Me', 'Who']],
  ['has a gap', ['A __ opens', 'A ....', 'A …… opens'], ['A _ opens', 'A ...', 'A …']],
  ['has brackets', ['a [gate] opens', 'a {gate}'], ['a (gate)', `a [${'x'.repeat(41)}]`]],
  ['is a letter', ['A', 'j', '(b)', 'c.', 'D)'], ['k', 'AB', '1']],
  [
    'is letters',
    ['A, B', 'a;c', 'A/B/C', 'ABC', 'a and c', 'B und D'],
    ['A', 'ABCDEF', 'abc', 'A or'],
  ],
  ['is numbers', ['1, 3', '1;2'], ['1', 'one, two']],
  ['is a small number', ['0', '6', '3'], ['7', '1.5', 'six']],
  ['is a middling number', ['7', '12'], ['6', '13']],
  ['is a large number', ['13', '1802'], ['12', 'many']],
  ['is nought', ['0'], ['00.5', '1', '10']],
  ['is a broken number', ['1.5', '0,25'], ['2', 'a half']],
  ['goes up in fives', ['5', '30', '100'], ['0', '7', '12']],
  ['is a share', ['50%', '12 %'], ['%', '50 % of it']],
  ['is below nought', ['-5', '- 3'], ['5', '1-5']],
  ['has a tolerance', ['5 ± 1', '3 +/- 0.5'], ['5 + 1', '3-1']],
  ['has a unit', ['5 m', '12kg', '+3 cm'], ['5', '5-3', 'm 5']],
  ['is a time', ['0:30', '2 min', '45 s'], ['30', 'soon']],
  ['is a verdict', ['true', 'wahr', 'right'], ['a gate', 'true of all boats that pass']],
  ['is a tick', ['x', '✓', '•', '[x]', '+'], ['xx', 'a', '1']],
  ['is true or false', ['TRUE', 'falsch', '0'], ['yes', '10']],
  ['is a link', ['https://a.example/b', 'www.a.example'], ['see https://a.example', 'a.example']],
  [
    'is a file',
    ['gate.png', 'pictures/lock gate.JPG', './a.mp3'],
    ['gate', 'gate.exe', 'a gate: x.png'],
  ],
  ['is a date', ['2024-05-01', '1.5.2024', '12/31/24'], ['2024', '5-1']],
  ['is a code', ['Q1', 'LK-204', 'ab/12'], ['A1', 'gate', '12', 'locker-1']],
  ['is a list', ['gate; sill; beam', 'a | b | c'], ['a gate', 'a gate, or two']],
  [
    'is words by commas',
    ['gate, sill', 'oak, elm, ash'],
    ['gate', 'He waits, then goes.', `${'oak, '.repeat(20)}elm`],
  ],
  ['is a pair', ['gate = oak', 'gate → oak', 'a => b'], ['gate oak', '= oak', 'gate =']],
  ['is a word for a kind', ['multiple choice', 'true/false'], ['gate', 'a lock keeper']],
  ['is a path', ['Boats > Hulls', 'Boats / Hulls', 'Boats :: Hulls'], ['Boats/Hulls', '> Boats']],
  [
    'is a name',
    ['Ada Brook', 'Jan-Peter'],
    ['ada brook', 'Ada', 'Ada of the Long Harrowmere Canal'],
  ],
  ['is starred', ['* gate', '✓gate', 'gate *', '[x] gate', '→ gate'], ['gate', '- gate', '*']],
  ['begins with a sign', ['- gate', '#gate', '— gate'], ['gate', '12 gates', '(((( gate']],
  [
    'ends with a sign',
    ['gate (oak)', 'gate+', 'gate >'],
    ['gate', 'gate.', 'gate?', `gate (${'x'.repeat(15)})`],
  ],
  ['is a sentence', ['It opens slowly.', 'It opens at once!'], ['It opens.', 'It opens slowly']],
  ['begins large', ['Gate', 'Élan'], ['gate', '1 Gate']],
  ['has a colon', ['gate: oak', 'a:b'], ['gate', ': oak', 'https://a.example']],
  ['has lines', ['a\nb'], ['a b']],
  ['is one sign', ['a', '7'], ['ab', '10']],
  ['is a few signs', ['ab', 'lock'], ['a', 'locks']],
  ['is long', ['x'.repeat(41)], ['x'.repeat(40)]],
  ['is very long', ['x'.repeat(91)], ['x'.repeat(90)]],
  ['is one word', ['gate', 'Tür'], ['a gate', 'g', 'gate2']],
];

const looked = (texts: readonly string[], look: number): number =>
  Math.round(cellFigures(texts)[LOOKS + look]! * (texts.length + LEANING));

describe('a text', () => {
  it('is looked at in as many ways as are held here', () => {
    expect(LOOKED_AT).toHaveLength(CELL_FIGURES - LOOKS);
  });
  it.each(LOOKED_AT.map(([what, passes, fails], look) => ({ what, passes, fails, look })))(
    '$what',
    ({ passes, fails, look }) => {
      expect(passes.filter((text) => looked([text], look) === 0)).toEqual([]);
      expect(fails.filter((text) => looked([text], look) === 1)).toEqual([]);
    },
  );
});

describe('a column', () => {
  const figures = (...texts: string[]): number[] => cellFigures(texts).slice(0, LOOKS);
  it('shows how much is filled, how long texts are and how far their lengths spread, and how many are alike', () => {
    const [filled, none, length, spread, distinct] = figures('gate', '', 'gates', 'Gate');
    expect(filled).toBe(0.75);
    expect(none).toBe(0);
    expect(length).toBeCloseTo(Math.log1p(13 / 3) / 6, 10);
    expect(spread).toBeCloseTo(Math.sqrt(2 / 9) / (13 / 3 + 1), 10);
    expect(distinct).toBeCloseTo(2 / 3, 10);
  });
  it('shows a constant, two words and a few words that come again', () => {
    expect(figures('a', 'a', 'a').slice(5, 8)).toEqual([1, 0, 0]);
    expect(figures('a', 'a').slice(5, 8)).toEqual([0, 0, 0]);
    expect(figures('a', 'b', 'a').slice(5, 8)).toEqual([0, 1, 0]);
    expect(figures('a', 'b', 'c', 'a', 'b').slice(5, 8)).toEqual([0, 0, 1]);
    expect(figures('a', 'b', 'c', 'a').slice(5, 8)).toEqual([0, 0, 0]);
    expect(figures('a', 'b', 'c', 'd', 'e', 'f').slice(5, 8)).toEqual([0, 0, 0]);
  });
  it('shows numbers that count up, and how many words a text has', () => {
    expect(figures('3', '4', '5')[8]).toBe(1);
    expect(figures('3.', '4.', '5.')[8]).toBe(1);
    expect(figures('3', '4')[8]).toBe(0);
    expect(figures('3', '4', 'five')[8]).toBe(0);
    expect(figures('3', '5', '6')[8]).toBe(0);
    expect(figures('a gate opens', 'a gate')[9]).toBeCloseTo(2.5 / 12, 10);
    expect(figures('word '.repeat(20))[9]).toBe(1);
  });
  it('without a cell is its drop-down list, and says that it is none of its own', () => {
    const listed = cellFigures(['', ''], ['yes', 'no']);
    expect(listed[0]).toBe(0);
    expect(listed[1]).toBe(1);
    expect(listed.slice(2)).toEqual(cellFigures(['yes', 'no']).slice(2));
    expect(cellFigures(['yes'], ['a', 'b'])).toEqual(cellFigures(['yes']));
  });
});
