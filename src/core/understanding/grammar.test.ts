// Each rule of what makes a table, by itself: a table that keeps it and one that breaks it.
import { describe, expect, it } from 'vitest';
import { namesItsOption, allName, mayName, saysAgain } from './asks';
import type { Meaning } from './contract';
import { grammar } from './grammar';
import { explanationsOf, lastHeading } from './said';
import { sheetWith } from '../shared/sheet';
import { regionOf } from '../shared/table/region';

const region = (text: string) =>
  regionOf(sheetWith({ name: 'Sheet1', rows: text.split('\n').map((line) => line.split('|')) }));

describe('rules of a table', () => {
  it.each<[string, Meaning[], Meaning[]]>([
    ['a question', ['stem', 'accepted'], ['hint', 'accepted']],
    ['right beside wrong', ['stem', 'right', 'wrong'], ['stem', 'key', 'wrong']],
    ['wrong beside right', ['stem', 'right', 'wrongs'], ['stem', 'right', 'hint']],
    ['two options at least', ['stem', 'option', 'option', 'key'], ['stem', 'option', 'key']],
    [
      'as many verdicts as options',
      ['stem', 'option', 'verdict', 'option', 'verdict'],
      ['stem', 'option', 'verdict', 'option'],
    ],
    ['verdicts of options', ['stem', 'verdict', 'verdict'], ['stem', 'verdict']],
    [
      'as many weights as options',
      ['stem', 'option', 'weight', 'option', 'weight'],
      ['stem', 'option', 'weight', 'option'],
    ],
    [
      'weights behind their options',
      ['stem', 'option', 'weight', 'option', 'weight', 'option', 'weight', 'points'],
      ['stem', 'option', 'weight', 'option', 'weight', 'option', 'weight', 'weight'],
    ],
    ['a right side for each left one', ['stem', 'left', 'right-side'], ['stem', 'left']],
    [
      'feedback on options',
      ['stem', 'option', 'feedback', 'option', 'feedback'],
      ['stem', 'feedback', 'feedback'],
    ],
    ['a picture that is described', ['stem', 'image', 'image-alt'], ['stem', 'image-alt']],
    ['a tolerance of a value', ['stem', 'value', 'tolerance'], ['stem', 'tolerance']],
    [
      'a key or a right one',
      ['stem', 'option', 'option', 'key'],
      ['stem', 'right', 'wrong', 'key'],
    ],
    [
      'options together or apart',
      ['stem', 'options', 'key'],
      ['stem', 'options', 'option', 'option', 'key'],
    ],
  ])('%s', (_, kept, broken) => {
    expect(grammar(kept)).toBe(0);
    expect(grammar(broken)).toBeLessThan(0);
  });

  it('a table breaks more than one', () => {
    expect(grammar(['hint', 'option'])).toBeLessThan(grammar(['hint']));
  });
});

describe('a row that asks', () => {
  const columns = [
    { at: 0, role: 'stem' },
    { at: 1, role: 'option' },
    { at: 2, role: 'option' },
    { at: 3, role: 'key' },
    { at: 4, role: 'kind' },
  ];
  const table = region(
    'Question|A|B|Right|Kind\nWhat?|gate|lock|B|one\nWho?|crew|keeper|A|one\nWhy?|so|not|A|one',
  );

  it('names its option by a letter, and headings do not', () => {
    expect(namesItsOption(table, 1, columns)).toBe(true);
    expect(namesItsOption(table, 0, columns)).toBe(false);
    expect(mayName(table, 1)).toBe(true);
    expect(mayName(region('Question|Answer'), 0)).toBe(false);
  });

  it('is one of several that all do', () => {
    expect(allName(table, 1, columns)).toBe(true);
    expect(allName(table, 0, columns)).toBe(false);
    expect(allName(region('What?|gate|lock|B|one'), 0, columns)).toBe(false);
  });

  it('says the kind that others say again', () => {
    expect(saysAgain(table, 1, columns)).toBe(true);
    expect(saysAgain(table, 0, columns)).toBe(false);
  });

  it('headings that stand twice say nothing again', () => {
    const twice = region('Q|Kind\nWhat?|one\nQ|Kind\nWho?|two');
    expect(saysAgain(twice, 0, [{ at: 1, role: 'kind' }])).toBe(false);
  });
});

describe('what is said of columns elsewhere', () => {
  const form = region('Question|Theme|||Legend\n|||||Theme: keywords, several by comma\n');

  it('in a legend beside the table', () => {
    expect(lastHeading(form, 0)).toBe(1);
    expect(lastHeading(form, null)).toBe(form.right);
    expect(explanationsOf(form, 0, []).get('theme')).toBe('keywords, several by comma');
  });

  it('in the rows of another sheet', () => {
    const guide = sheetWith({
      name: 'Guide',
      rows: [['remark', 'an explanation, shown afterwards']],
    });
    expect(explanationsOf(form, 0, [guide]).get('remark')).toBe('an explanation, shown afterwards');
  });
});
