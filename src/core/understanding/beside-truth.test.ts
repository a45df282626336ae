// What stands beside false statements alone puts them right.
import { describe, expect, it } from 'vitest';
import { column, meaningsOf, takenAs, view } from '../../../tests/tables';
import { withCorrections } from './beside-truth';
import type { Meaning } from './contract';

const NONE = new Map<number, Meaning>();
const statement = column('Statement', 'Cork floats.', 'Lead floats.', 'Oak sinks.', 'Wax burns.');
const mended = column('Berichtigung', '', 'Lead sinks fast.', 'Oak floats well.', '');
const truth = column('Truth', 'yes', 'no', 'no', 'yes');
const read = (columns: ReturnType<typeof column>[], ...meanings: Meaning[]) =>
  meaningsOf(withCorrections(view(columns), takenAs(...meanings), NONE));

describe('texts beside false statements alone', () => {
  it('explain, by a word or by a tick under false', () => {
    expect(read([statement, truth, mended], 'stem', 'key', 'hint')).toEqual([
      'stem',
      'key',
      'explanation',
    ]);
    const ticks = [column('True', 'x', '', '', 'x'), column('False', '', 'x', 'x', '')];
    expect(read([statement, ...ticks, mended], 'stem', 'verdict', 'verdict', 'ignore').at(-1)).toBe(
      'explanation',
    );
  });
  it.each<[string, ReturnType<typeof column>[], Meaning[]]>([
    [
      'a true statement has one too',
      [statement, truth, column('Note', 'Cork does.', 'Lead sinks.', '', '')],
      ['stem', 'key', 'hint'],
    ],
    [
      'they are single words',
      [statement, truth, column('Note', '', 'lead', 'oak', '')],
      ['stem', 'key', 'hint'],
    ],
    ['nothing says what is true', [statement, mended, mended], ['stem', 'title', 'hint']],
    [
      'a word calls them hints',
      [statement, truth, { ...mended, heading: 'Hint' }],
      ['stem', 'key', 'hint'],
    ],
    ['there are options', [statement, truth, mended, statement], ['stem', 'key', 'hint', 'option']],
  ])('do not where %s', (_, columns, meanings) => {
    expect(read(columns, ...meanings)).toEqual(meanings);
  });
});
