// Several rows for each question, with the field's name in front of each.
import { describe, expect, it } from 'vitest';
import { lines } from '../../../../tests/tables';
import { findBlocks } from '../index';

describe('questions in blocks of rows', () => {
  const BLOCKS = [
    'Question|What floats?|',
    'Answer|a hull|right',
    'Answer|a stone|wrong',
    'Points|2|',
    '||',
    'Question|What opens?|',
    'Answer|a gate|right',
    'Answer|a wall|wrong',
    'Points|1|',
  ];

  it('say right and wrong by letters', () => {
    const rolesOf = (...labels: string[]): unknown =>
      findBlocks(
        lines(...[...labels, ...labels].map((label, n) => `${label}|text ${n}`)),
      )?.lines.map(({ label, role }) => [label, role]);
    expect(rolesOf('Q', 'W', 'R', 'W')).toEqual([
      ['Q', 'stem'],
      ['W', 'wrong'],
      ['R', 'right'],
    ]);
    expect(rolesOf('Q', 'A', 'B', 'C')).toEqual([
      ['Q', 'stem'],
      ['A', 'option'],
      ['B', 'option'],
      ['C', 'option'],
    ]);
  });
  it('have the field’s name in front of each row', () => {
    const blocks = findBlocks(lines(...BLOCKS))!;
    expect(blocks.labelColumn).toBe(0);
    expect(blocks.starts).toEqual([0, 5]);
    expect(blocks.heading).toBeUndefined();
    expect(blocks.template).toBe(5);
    expect(blocks.lines).toEqual([
      {
        label: 'Question',
        role: 'stem',
        cells: [{ column: 1, role: 'stem' }],
        opens: true,
        offset: 0,
        times: 1,
      },
      {
        label: 'Answer',
        role: 'option',
        cells: [
          { column: 1, role: 'option' },
          { column: 2, role: 'verdict' },
        ],
        opens: false,
        offset: 1,
        times: 2,
      },
      {
        label: 'Points',
        role: 'points',
        cells: [{ column: 1, role: 'points' }],
        opens: false,
        offset: 3,
        times: 1,
      },
    ]);
  });

  it.each([
    ['a weight', ['50', '-25', '100', '0%'], 'weight'],
    ['a remark', ['yes, it floats', 'no, it sinks', 'yes', 'it does not move'], 'feedback'],
    ['a verdict', ['right', 'wrong', 'right', 'wrong'], 'verdict'],
  ])('have %s beside the answers, by what the cells hold', (_, [a, b, c, d], role) => {
    const blocks = findBlocks(
      lines(
        'Question|What floats?|',
        `Answer|a hull|${a}`,
        `Answer|a stone|${b}`,
        'Question|What opens?|',
        `Answer|a gate|${c}`,
        `Answer|a wall|${d}`,
      ),
    );
    expect(blocks?.lines[1]?.cells[1]).toEqual({ column: 2, role });
  });

  it('have it by the headings above them', () => {
    const headed = findBlocks(lines('|Text|Feedback', ...BLOCKS))!;
    expect(headed.heading).toBe(0);
    expect(headed.starts).toEqual([1, 6]);
    expect(headed.lines[1]!.cells[1]).toEqual({ column: 2, role: 'feedback' });
  });

  it('have an empty block as the one to fill, and count its answers', () => {
    const blank = findBlocks(
      lines(
        'Question|What floats?',
        'Answer|a hull',
        'Answer|a stone',
        'Question|',
        'Answer|',
        'Answer|',
        'Answer|',
        'Question|',
        'Answer|',
        'Answer|',
        'Answer|',
      ),
    )!;
    expect(blank.template).toBe(3);
    expect(blank.lines.map(({ label, offset, times }) => [label, offset, times])).toEqual([
      ['Question', 0, 1],
      ['Answer', 1, 3],
    ]);
  });

  it('have letters for options where they count up, and lines for right and wrong answers', () => {
    const lettered = findBlocks(
      lines(
        'Question|What floats?',
        'A|a hull',
        'B|a stone',
        'Key|A',
        'Question|What opens?',
        'A|a gate',
        'B|a wall',
        'Key|A',
      ),
    )!;
    expect(lettered.lines.map(({ label, role }) => [label, role])).toEqual([
      ['Question', 'stem'],
      ['A', 'option'],
      ['B', 'option'],
      ['Key', 'key'],
    ]);
    const apart = findBlocks(
      lines(
        'Question|What floats?',
        'Correct answer|a hull',
        'Wrong answer|a stone',
        'Question|What opens?',
        'Correct answer|a gate',
        'Wrong answer|a wall',
      ),
    )!;
    expect(apart.lines.map(({ role, cells }) => [role, cells[0]!.role])).toEqual([
      ['stem', 'stem'],
      ['right', 'right'],
      ['wrong', 'wrong'],
    ]);
  });

  it('are none where the first column only says true and false', () => {
    const rows = ['F|2024|Zero is more than one.|1', 'T|2023|A square has four sides.|3'];
    expect(findBlocks(lines(...rows, ...rows, ...rows))).toBeUndefined();
    const heading = 'Truth value|Made in|Statement|Attempts';
    expect(findBlocks(lines(heading, ...rows, ...rows, ...rows))).toBeUndefined();
  });

  it('are counted by titles above them, which name no field', () => {
    const titled = findBlocks(
      lines(
        'Question 1|',
        'Text|What floats?',
        'Answer|a hull',
        'Answer|a stone',
        'Question 2|',
        'Text|What opens?',
        'Answer|a gate',
        'Answer|a wall',
      ),
    )!;
    expect(titled.starts).toEqual([1, 5]);
    expect(titled.lines.map(({ label, role }) => [label, role])).toEqual([
      ['Text', 'stem'],
      ['Answer', 'option'],
    ]);
  });

  it('are counted by the labels that open them, whose name stands for all', () => {
    const counted = findBlocks(
      lines(
        'Question 1|What floats?',
        'Answer|a hull',
        'Answer|a stone',
        'Question 2|What opens?',
        'Answer|a gate',
        'Answer|a wall',
      ),
    )!;
    expect(counted.starts).toEqual([0, 3]);
    expect(counted.lines.map(({ role }) => role)).toEqual(['stem', 'option']);
    expect(counted.lines[0]!.label).toMatch(/^Question .*n/);
  });

  it.each<[string, string[]]>([
    [
      'the rows of a table',
      [
        'Question|Answer',
        'What floats on a pound?|a hull',
        'What opens for a boat?|a gate',
        'Who waits below it?|the second',
        'Who steers it home?|the crew',
      ],
    ],
    ['one block alone', BLOCKS.slice(0, 4)],
    [
      'labels without anything below the opening one',
      ['Question|What floats?', 'Question|What opens?', 'Question|Who waits?'],
    ],
    [
      'sentences',
      [
        'Question the keeper about the rules.|a',
        'Answer the telephone when it rings.|b',
        'Question the crew on the way.|c',
        'Answer in one word.|d',
      ],
    ],
    [
      'references of questions that stand in several rows',
      [
        'Ref|Question|Option',
        'Q1|What floats?|cork',
        'Q1||lead',
        'Q2|What opens?|a gate',
        'Q2||a wall',
      ],
    ],
    [
      'words for no fields among them',
      [
        'Question|What floats?',
        'Harrowmere|a',
        'Fenwick|b',
        'Oldham|c',
        'Question|What opens?',
        'Answer|a gate',
        'Quay|d',
      ],
    ],
  ])('are not %s', (_, rows) => {
    expect(findBlocks(lines(...rows))).toBeUndefined();
  });
});
