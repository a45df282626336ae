// A right answer that two columns tell, by its place and by its text: they agree, or it is said. The habit is common practice, no
// source.
import { describe, expect, it } from 'vitest';
import type { Item } from '../model';
import { brief } from '../../../tests/say';
import { gatherColumns } from '../../../tests/typed';

const told = async (...lines: string[]) => {
  const { items, findings, reading } = await gatherColumns(lines);
  return {
    right: items.map((item) =>
      (item.options ?? []).flatMap(({ right, text }) => (right ? [text.plain] : [])).join(),
    ),
    items,
    said: findings.filter(({ rule }) => rule === 'key-told-otherwise'),
    key: reading.key,
    unsure: reading.unsure,
  };
};

describe('a right answer that is told twice', () => {
  it.each<[string, string]>([
    ['Option 1;Option 2;Option 3;Correct no.;Correct text', '%;%;%;#;@'],
    ['A;B;C;Lösung;Lösungsbuchstabe', '%;%;%;@;$'],
    ['choice_1;choice_2;choice_3;answer;answer_text', '%;%;%;$;@'],
  ])('is sure where both agree: %s', async (headings, form) => {
    const row = (options: string[], right: number): string => {
      const places = [...options];
      return form
        .replace(/%/g, () => places.shift()!)
        .replace('#', String(right + 1))
        .replace('$', 'ABC'[right]!)
        .replace('@', options[right]!);
    };
    const { right, said, unsure, items } = await told(
      `Question;${headings}`,
      `What floats?;${row(['a sill', 'a hull', 'a stone'], 1)}`,
      `What opens?;${row(['a pound', 'a bank', 'a gate'], 2)}`,
      `Who waits?;${row(['the crew', 'the weir', 'the reed'], 0)}`,
      `What steers?;${row(['the mast', 'the tiller', 'the rope'], 1)}`,
    );
    expect(right).toEqual(['a hull', 'a gate', 'the crew', 'the tiller']);
    expect(items.every(({ options }) => options?.length === 3)).toBe(true);
    expect(said).toEqual([]);
    expect(unsure).toEqual([]);
  });

  it('is said where the two differ, with the other one to take', async () => {
    const { right, said, items } = await told(
      'Question;A;B;C;Key;Right answer',
      'What floats?;a sill;a hull;a stone;B;a hull',
      'What opens?;a pound;a bank;a gate;B;a gate',
      'Who waits?;the crew;the weir;the reed;A;the krew',
      'What steers?;the mast;the tiller;the rope;B;the tiller',
    );
    expect(right).toEqual(['a hull', 'a bank', 'the crew', 'the tiller']);
    expect(said.map(({ message, level }) => `${level}: ${message}`)).toEqual([
      'warn: F3 says “a gate”, option C, but by E3 the right one is option B. Look which of them is meant.',
      'warn: F4 says “the krew”, which is none of the 3 options; the right one was taken from E4.',
    ]);
    expect(said[0]!.mend!.label).toBe('Take option C');
    expect(brief({ ...items[1]!, ...(said[0]!.mend!.patch as Partial<Item>) })).toBe(
      'choice-one: What opens? [a pound / a bank / *a gate]',
    );
  });

  it('tells whether numbers count from 0 or from 1', async () => {
    const rows = (first: number): string[] => [
      'question,opt1,opt2,opt3,correct_index,correct_answer',
      `What floats?,a sill,a hull,a stone,${first + 1},a hull`,
      `What opens?,a bank,a gate,a pound,${first + 1},a gate`,
      `Who waits?,the weir,the crew,the reed,${first + 1},the crew`,
    ];
    for (const first of [0, 1]) {
      const { right, said, key } = await told(...rows(first));
      expect(right).toEqual(['a hull', 'a gate', 'the crew']);
      expect(said).toEqual([]);
      expect(key.style).toBe(first ? 'number' : 'number-from-0');
    }
  });

  it('says nothing of rows with fewer options where nothing is told twice', async () => {
    const { right, key } = await told(
      'question,opt1,opt2,opt3,answer',
      'What floats?,a sill,a hull,,2',
      'What opens?,a bank,a gate,,2',
      'Who waits?,the weir,the crew,,2',
    );
    expect(right).toEqual(['a hull', 'a gate', 'the crew']);
    expect(key.style).toBe('number');
  });

  it('explains the question where it says more than the option', async () => {
    const { right, said, items } = await told(
      'Question;A;B;C;Answer;Model answer',
      'What floats?;a sill;a hull;a stone;B;A hull, since it is hollow',
      'What opens?;a pound;a bank;a gate;C;A gate, by its beam',
      'Who waits?;the crew;the weir;the reed;A;The crew, at the landing',
    );
    expect(right).toEqual(['a hull', 'a gate', 'the crew']);
    expect(said).toEqual([]);
    expect(items.map(({ explanation }) => explanation?.plain)).toEqual([
      'A hull, since it is hollow',
      'A gate, by its beam',
      'The crew, at the landing',
    ]);
  });
});
