// Tables that are no single list of rows: several tables, and questions beside one another.
import { describe, expect, it } from 'vitest';
import { lines, region } from '../../../../tests/tables';
import { findBlocks, findBoard, findSideways, tablesIn } from '../index';

const QUESTIONS = [
  'What does a paddle let through a lock gate?|Boats|Water|Walkers|Water',
  'Which side does a boat pass another on?|Left|Right|Either side|Right',
  'What is a pound between two locks?|A coin|A level stretch|A weight|A level stretch',
  'Who works a swing bridge?|The crew|The keeper|Nobody|The crew',
  'What holds a boat to the bank?|A rope|A rudder|A sail|A rope',
].join('\n');
const HEADINGS = 'Question|Answer 1|Answer 2|Answer 3|Right answer';
const CARDS =
  'Term|Definition\nweir|a low dam across a river\nsill|the stone step of a lock\nlock|a chamber with gates';

describe('several tables on a sheet', () => {
  it('stand below one another, each with headings of its own', () => {
    const found = tablesIn(lines(HEADINGS, QUESTIONS, '', CARDS));
    expect(found).toEqual([
      { top: 0, bottom: 6, left: 0, right: 4 },
      { top: 7, bottom: 10, left: 0, right: 4 },
    ]);
  });

  it('keep the title that stands right above the headings of the second', () => {
    const found = tablesIn(lines(HEADINGS, QUESTIONS, '', 'Words to know', CARDS));
    expect(found.map(({ top, bottom }) => [top, bottom])).toEqual([
      [0, 6],
      [7, 11],
    ]);
  });

  it('are one where a part of it follows an empty row, says its headings again, or heads nothing', () => {
    expect(tablesIn(lines(HEADINGS, QUESTIONS, '', QUESTIONS))).toHaveLength(1);
    expect(tablesIn(lines(HEADINGS, QUESTIONS, '', HEADINGS, QUESTIONS))).toHaveLength(1);
    expect(tablesIn(lines(HEADINGS, QUESTIONS, '', 'Term|Definition'))).toHaveLength(1);
    expect(tablesIn(lines(HEADINGS, QUESTIONS, CARDS))).toHaveLength(1);
    expect(tablesIn(region(QUESTIONS))).toHaveLength(1);
  });

  it('stand side by side behind an empty column', () => {
    const beside = lines(
      'Question|Answer||Term|Definition',
      'What floats?|a hull||weir|a low dam across a river',
      'What opens?|a gate||sill|the stone step of a lock',
      'Who waits?|the second||lock|a chamber with gates',
    );
    expect(tablesIn(beside)).toEqual([
      { top: 0, bottom: 3, left: 0, right: 1 },
      { top: 0, bottom: 3, left: 3, right: 4 },
    ]);
  });

  it('are one beside a list that asks nothing', () => {
    const beside = lines(
      'Question|Answer||Place|Year',
      'What floats?|a hull||Harrowmere|1802',
      'What opens?|a gate||Fenwick|1811',
      'Who waits?|the second||Oldham Quay|1820',
    );
    expect(tablesIn(beside)).toHaveLength(1);
  });
});

describe('questions beside one another', () => {
  const SIDEWAYS = [
    'Question|What floats?|What opens?|Who waits?',
    'Answer A|a hull|a gate|a boat',
    'Answer B|a stone|a wall|a lock',
    'Correct|A|A|A',
  ];

  it('have a column each behind the names of the fields', () => {
    expect(findSideways(lines(...SIDEWAYS))).toEqual({ columns: [1, 2, 3], stem: 0 });
    expect(findSideways(lines(...SIDEWAYS.slice(1), SIDEWAYS[0]!))).toEqual({
      columns: [1, 2, 3],
      stem: 3,
    });
  });

  it('leave out a column without a question', () => {
    const gap = SIDEWAYS.map((row, at) => row.replace('|', at ? '|x|' : '||'));
    expect(findSideways(lines(...gap))).toEqual({ columns: [2, 3, 4], stem: 0 });
  });

  it('have a row that asks, where no label says which', () => {
    const unsaid = [SIDEWAYS[0]!.replace('Question', 'Vrigl'), ...SIDEWAYS.slice(1)];
    expect(findSideways(lines(...unsaid))).toEqual({ columns: [1, 2, 3], stem: 0 });
    const statements = unsaid.map((row) => row.replaceAll('?', ''));
    expect(findSideways(lines(...statements))).toEqual({ columns: [1, 2, 3], stem: 0 });
  });

  it.each<[string, string[]]>([
    ['rows are', [HEADINGS, QUESTIONS]],
    ['there is one question', SIDEWAYS.map((row) => row.split('|').slice(0, 2).join('|'))],
    ['two rows name fields', ['Question|What floats?|What opens?', 'Answer|a hull|a gate']],
    ['a name stands twice', [...SIDEWAYS, SIDEWAYS[1]!]],
    ['two rows are called the question', [...SIDEWAYS, 'Question text|a|b|c']],
    [
      'nothing answers',
      ['Question|What floats?|What opens?', 'Points|1|2', 'Hint|wood|iron', 'Category|boats|locks'],
    ],
    [
      'most names are no fields',
      [...SIDEWAYS, 'Harrowmere|1|2|3', 'Fenwick|4|5|6', 'Oldham|7|8|9', 'Quay|1|1|1'],
    ],
  ])('are none where %s', (_, rows) => {
    expect(findSideways(lines(...rows))).toBeUndefined();
  });
});

describe('what stands beside', () => {
  it.each(['', '|page 3||page 4|'])(
    'the questions of a board is its answers where headings say so, with “%s” between the levels',
    (between) => {
      const rows = [
        '100|What floats in the cut?|a hull|What opens at the lock?|a gate',
        '200|What steers the boat here?|a rudder|What fills up with water?|a chamber',
        '300|What pulls from the path?|a horse|What lies below the gate?|a cill',
      ];
      const board = findBoard(
        lines(
          'Level|Boats question|Boats answer|Locks question|Locks answer',
          ...rows.flatMap((row) => (between ? [row, between] : [row])),
        ),
      );
      expect(board).toMatchObject({
        answer: 'beside',
        columns: [1, 3],
        categories: ['Boats', 'Locks'],
      });
    },
  );

  it('the questions of blocks are their points, where these are numbers', () => {
    const cellsOf = (...beside: [string, string]): unknown =>
      findBlocks(
        lines(
          `Q|What floats?|${beside[0]}`,
          'A|a hull|1',
          'A|a stone|0',
          `Q|What opens?|${beside[1]}`,
          'A|a gate|1',
          'A|a wall|0',
        ),
      )?.lines[0]!.cells;
    expect(cellsOf('10', '20')).toEqual([
      { column: 1, role: 'stem' },
      { column: 2, role: 'points' },
    ]);
    expect(cellsOf('see page 3', '')).toEqual([{ column: 1, role: 'stem' }]);
  });
});
