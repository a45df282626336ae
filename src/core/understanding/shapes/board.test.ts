// Boards: categories across, levels down, answers below, beside, inside the cells or nowhere.
import { describe, expect, it } from 'vitest';
import { lines } from '../../../../tests/tables';
import { findBoard, findFilledBoard, partedCell } from './board';
import { saysAnswer } from './crossing';

const BELOW = [
  'Level|Boats|Locks|Rules',
  '100|What floats?|What opens?|Who waits?',
  '|a hull|a gate|the second',
  '200|What steers?|What fills?|Who steers?',
  '|a rudder|a chamber|the crew',
];

describe('a board', () => {
  it('has its answers below the questions, though a title stands above it', () => {
    expect(findBoard(lines('Canal evening', '', ...BELOW))).toEqual({
      categoryRow: 2,
      levelColumn: 0,
      columns: [1, 2, 3],
      categories: ['Boats', 'Locks', 'Rules'],
      lastColumn: 3,
      levelRows: [3, 5],
      levels: ['100', '200'],
      answer: 'below',
    });
  });

  it('is none where a heading over the answers stands before the questions', () => {
    const group = lines(
      '|Answers|Extras',
      '1|no|Iron oxide, a kind of rust, colours it.',
      '2|yes|Often mixed up, so learn it by heart.',
    );
    expect(findBoard(group)).toBeUndefined();
    const beside = lines(
      '|Boats|Answer',
      '1|Which boat came first of all?|a raft',
      '2|Which boat came second of all?|a canoe',
    );
    expect(findBoard(beside)).toMatchObject({ columns: [1], answer: 'beside' });
  });

  it('has them below where the level column says so', () => {
    const board = lines(
      'Points|Boats|Locks',
      '100|What floats?|What opens?',
      'Answer|a hull|a gate',
      '200|What steers?|What fills?',
      'Answer|a rudder|a chamber',
    );
    expect(findBoard(board)).toMatchObject({
      answer: 'below',
      levels: ['100', '200'],
      levelRows: [1, 3],
    });
  });

  it('has them beside, in columns called answer or in every second column', () => {
    const named = lines(
      'Points|Boats|Answer|Locks|Answer',
      '100|What floats?|a hull|What opens?|a gate',
      '200|What steers?|a rudder|What fills?|a chamber',
    );
    expect(findBoard(named)).toMatchObject({ answer: 'beside', columns: [1, 3], lastColumn: 4 });
    const second = lines(
      'Points|Boats||Locks|',
      '100|What floats?|a hull|What opens?|a gate',
      '200|What steers?|a rudder|What fills?|a chamber',
    );
    expect(findBoard(second)).toMatchObject({ answer: 'beside', columns: [1, 3], lastColumn: 4 });
  });

  it('waits to be filled with levels in words that share all but their number', () => {
    const blank = lines(
      '|Category 1|Category 2',
      'Level one||',
      '|Answer|Answer',
      'Level two||',
      '|Answer|Answer',
    );
    expect(findBoard(blank)).toMatchObject({ levels: ['Level one', 'Level two'], answer: 'below' });
  });

  it('waits to be filled where its places all say the same', () => {
    const places = (n: string) =>
      lines(
        '|Boats|Locks',
        `100|Question${n}|Question${n}`,
        '|Answer|Answer',
        `200|Question|Question`,
        '|Answer|Answer',
      );
    expect(findBoard(places(''))).toMatchObject({ levelRows: [1, 3], answer: 'below' });
    expect(findBoard(places(' 7'))).toMatchObject({ levelRows: [1, 3], answer: 'below' });
    expect(findBoard(places(' of yours'))).toBeUndefined();
  });

  it('ends where a level comes again', () => {
    const twice = lines(...BELOW, '100|What binds?|What lifts?|Who pays?', '|a rope|a beam|nobody');
    expect(findBoard(twice)).toMatchObject({ levels: ['100', '200'], levelRows: [1, 3] });
  });

  it.each<[string, string[]]>([
    [
      'one category',
      ['Level|Boats', '100|What floats?', '|a hull', '200|What steers?', '|a rudder'],
    ],
    ['one level', ['Level|Boats|Locks', '100|What floats?|What opens?', '|a hull|a gate']],
    [
      'a category twice',
      [
        'Level|Boats|Boats',
        '100|What floats?|What opens?',
        '|a hull|a gate',
        '200|What steers?|What fills?',
        '|a rudder|a chamber',
      ],
    ],
    [
      'places that wait above the questions',
      [
        'Level|Boats …|Locks',
        '100|What floats?|What opens?',
        '|a hull|a gate',
        '200|What steers?|What fills?',
        '|a rudder|a chamber',
      ],
    ],
    [
      'letters for categories',
      [
        'Level|A|B',
        '100|What floats?|What opens?',
        '|a hull|a gate',
        '200|What steers?|What fills?',
        '|a rudder|a chamber',
      ],
    ],
    [
      'numbers for categories',
      [
        'Level|1|2',
        '100|What floats?|What opens?',
        '|a hull|a gate',
        '200|What steers?|What fills?',
        '|a rudder|a chamber',
      ],
    ],
    [
      'questions for categories',
      [
        'Level|Which boats?|Locks',
        '100|What floats?|What opens?',
        '|a hull|a gate',
        '200|What steers?|What fills?',
        '|a rudder|a chamber',
      ],
    ],
    [
      'a head that is no level',
      [
        'Keeper|Boats|Locks',
        '100|What floats?|What opens?',
        '|a hull|a gate',
        '200|What steers?|What fills?',
        '|a rudder|a chamber',
      ],
    ],
    [
      'fields for categories',
      [
        'Points|Question|Right answer',
        '100|What floats?|a hull',
        '|see page 2|',
        '200|What steers?|a rudder',
        '|see page 4|',
      ],
    ],
    [
      'words that ask nothing',
      ['Level|Boats|Locks', '100|hull|gate', '|blue|red', '200|rudder|chamber', '|green|grey'],
    ],
    [
      'no places for answers',
      [
        'Level|Boats|Locks|Rules',
        '100|What floats?|What opens?|Who waits?',
        '200|What steers?|What fills?|Who steers?',
      ],
    ],
  ])('is none with %s', (_, rows) => {
    expect(findBoard(lines(...rows))).toBeUndefined();
  });
});

describe('no board', () => {
  it('is a table of questions whose options are called so, whatever its first column holds', () => {
    const table = lines(
      'Category|Kind|Question|Option 1|Option 2|Option 3|Option 4|Right option|Tags|Why',
      'Locks|pick one|What holds the water back?|a gate|a rope|a boat|a bird|a gate|parts|See page 4.',
      'Rules|pick one|Who goes in first of two boats?|the first|the last|both|none|the first|rules|See page 5.',
      'Boats|pick one|What is steered by a tiller at its end?|a boat|a gate|a lock|a weir|a boat|parts|See page 6.',
    );
    expect(findBoard(table)).toBeUndefined();
  });

  it('has the same word at its left row after row', () => {
    const head = 'Level|Boats||Locks|';
    const rows = [
      'easy|What floats on the canal?|a hull|What opens?|a gate',
      'hard|What steers the boat along?|a rudder|What fills?|a chamber',
    ];
    expect(findBoard(lines(head, ...rows))).toMatchObject({ answer: 'beside' });
    const again = 'hard|What is thrown to the bank?|a rope|What leaks?|a cill';
    expect(findBoard(lines(head, ...rows, again))).toBeUndefined();
  });

  it('stands below a row of headings that its first row explains', () => {
    const table = lines(
      'Ref|Gap text|Missing words|Why',
      '…|200 characters at most||if you like',
      'A-018|The _____ is twice as long as the _____.|boat, lock|See page 14.',
      'A-019|A _____ keeps the water of a pound back.|gate|See page 14.',
    );
    expect(findBoard(table)).toBeUndefined();
  });
});

describe('a board without places for answers', () => {
  it('holds them behind its questions', () => {
    const inside = lines(
      'Points|Boats|Locks',
      '100|What floats? (a hull)|What opens? - a gate',
      '200|What steers? → a rudder|Q: What fills? A: a chamber',
    );
    expect(findFilledBoard(inside)).toMatchObject({
      levelColumn: 0,
      columns: [1, 2],
      categories: ['Boats', 'Locks'],
      lastColumn: 2,
      levelRows: [1, 2],
      levels: ['100', '200'],
      answer: 'inside',
    });
  });
  it('holds none', () => {
    const nowhere = lines(
      'Points|Boats|Locks',
      '100|What floats?|What opens?',
      '200|A ___ steers|What fills …',
    );
    expect(findFilledBoard(nowhere)).toMatchObject({ answer: 'nowhere', levels: ['100', '200'] });
  });
  it.each<[string, string[]]>([
    [
      'levels are words',
      ['Level|Boats|Locks', 'easy|What floats?|What opens?', 'hard|What steers?|What fills?'],
    ],
    [
      'few cells are filled',
      ['Points|Boats|Locks', '100|What floats?|', '200|What steers?|What fills?'],
    ],
    ['cells ask nothing', ['Points|Boats|Locks', '100|a hull|a gate', '200|a rudder|a chamber']],
    ['answers have rows', BELOW],
  ])('is none where %s', (_, rows) => {
    expect(findFilledBoard(lines(...rows))).toBeUndefined();
  });
});

describe('a cell', () => {
  it.each([
    ['What floats? (a hull)', 'What floats?', 'a hull'],
    ['What floats? – a hull', 'What floats?', 'a hull'],
    ['“What floats?” = a hull', '“What floats?', 'a hull'],
    ['What floats?\nIt is big.\na hull', 'What floats?\nIt is big.', 'a hull'],
    ['Q: What floats A: a hull', 'What floats', 'a hull'],
    ['Frage: Was schwimmt? Antwort: ein Rumpf', 'Was schwimmt?', 'ein Rumpf'],
    ['Clue: It floats [a hull]', undefined, undefined],
    ['Front of a boat – the bow', 'Front of a boat', 'the bow'],
    ['Paddle, lever – what – none', undefined, undefined],
    ['What floats?', undefined, undefined],
    ['a hull', undefined, undefined],
  ])('%j is parted into what asks and what answers', (text, question, answer) => {
    expect(partedCell(text)).toEqual(question === undefined ? undefined : { question, answer });
  });

  it.each([
    ['Answer', true],
    ['answer 2', true],
    ['3. Antwort', true],
    ['Réponse :', true],
    ['A:', true],
    ['Question', false],
    ['Boats', false],
    ['', false],
  ])('%j says that an answer stands there: %s', (text, does) => {
    expect(saysAnswer(text)).toBe(does);
  });
});
