// Tables that are no single list of rows: several tables, boards, blocks.
import { describe, expect, it } from 'vitest';
import { sheetWith } from '../../shared/sheet';
import { regionOf, type Region } from '../../shared/table/region';
import { findBlocks, findBoard, tablesIn } from '../index';

const region = (text: string): Region =>
  regionOf(sheetWith({ name: 'Sheet1', rows: text.split('\n').map((line) => line.split('|')) }));

const QUESTIONS = [
  'What does a paddle let through a lock gate?|Boats|Water|Walkers|Water',
  'Which side does a boat pass another on?|Left|Right|Either side|Right',
  'What is a pound between two locks?|A coin|A level stretch|A weight|A level stretch',
  'Who works a swing bridge?|The crew|The keeper|Nobody|The crew',
  'What holds a boat to the bank?|A rope|A rudder|A sail|A rope',
].join('\n');

describe('shapes', () => {
  it('several tables below one another, each with headings of its own', () => {
    const text = `Question|Answer 1|Answer 2|Answer 3|Right answer\n${QUESTIONS}\n\nTerm|Definition\nweir|a low dam across a river\nsill|the stone step of a lock\nlock|a chamber with gates`;
    const found = tablesIn(region(text));
    expect(found.map(({ top }) => top)).toEqual([0, 7]);
  });

  it('one table stays one, though a part of it follows an empty row', () => {
    const text = `Question|Answer 1|Answer 2|Answer 3|Right answer\n${QUESTIONS}\n\n${QUESTIONS}`;
    expect(tablesIn(region(text))).toHaveLength(1);
    expect(tablesIn(region(QUESTIONS))).toHaveLength(1);
  });

  it('a board has categories across and levels down; a table of questions is none', () => {
    const board = region(
      'Level|Boats|Locks|Rules\n100|What floats?|What opens?|Who waits?\n|a hull|a gate|the second\n200|What steers?|What fills?|Who steers?\n|a rudder|a chamber|the crew',
    );
    expect(findBoard(board)).toMatchObject({
      answer: 'below',
      levels: ['100', '200'],
      columns: [1, 2, 3],
    });
    expect(
      findBoard(region(`Points|Question|Answer\n3|What floats?|a hull\n2|What opens?|a gate`)),
    ).toBeUndefined();
  });

  it('blocks have the field’s name in front of each row', () => {
    const blocks = findBlocks(
      region(
        'Question|What floats?|\nAnswer|a hull|right\nAnswer|a stone|wrong\nPoints|2|\n||\nQuestion|What opens?|\nAnswer|a gate|right\nAnswer|a wall|wrong\nPoints|1|',
      ),
    );
    expect(blocks?.lines.map(({ role }) => role)).toEqual(['stem', 'option', 'points']);
    expect(blocks?.starts).toEqual([0, 5]);
    expect(findBlocks(region(`Question|Answer\n${QUESTIONS}`))).toBeUndefined();
  });
});
