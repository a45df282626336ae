// Blanks of an evening: what was learned wrongly at first sight, and what leaves in them. Common practice, no source.
import { describe, expect, it } from 'vitest';
import { fill, learnBlank } from '../pipeline';
import { counter, item, options, surroundings } from '../../../tests/make';

const bytesOf = (lines: readonly string[]): Uint8Array =>
  new TextEncoder().encode(`${lines.join('\n')}\n`);
const learned = (...lines: string[]) =>
  learnBlank({ name: 'blank.csv', bytes: bytesOf(lines) }, surroundings);

/** The rows of a filled text below its headings. */
async function filled(lines: readonly string[], items: readonly ReturnType<typeof item>[]) {
  const blank = bytesOf(lines);
  const { layout, unsure } = await learnBlank({ name: 'blank.csv', bytes: blank }, surroundings);
  const { bytes, differences } = await fill(
    { items: [...items], layout, blank },
    { ...surroundings, id: counter() },
  );
  const rows = new TextDecoder().decode(bytes).trim().split('\n').slice(1);
  return { rows, unsure, differences };
}
const choice = item({ stem: { plain: 'What floats?' }, options: options('lead', '*cork') });
const short = item({
  kind: 'short',
  stem: { plain: 'Name it.' },
  accepted: ['sluice', 'gate'],
  options: undefined,
});

describe('what leaves', () => {
  it('typed answers stand in the place of options where the samples of their kind leave the key empty', async () => {
    const { rows, unsure, differences } = await filled(
      [
        'type;question;answers;correct;score',
        'MC;Which are fruits?;apple|carrot|pear;1|3;2',
        'SA;Capital of Italy?;Rome|Roma;;1',
      ],
      [choice, short],
    );
    expect(rows).toEqual(['MC;What floats?;lead|cork;2;', 'SA;Name it.;sluice|gate;;']);
    expect([unsure, differences]).toEqual([[], []]);
  });
  it('a row for each option, below a question that stands once', async () => {
    const { rows, unsure } = await filled(
      [
        'Question,Answers,Correct',
        'What colour is the sky?,blue,X',
        ',green,',
        ',red,',
        'Which are even?,2,X',
        ',3,',
        ',4,X',
      ],
      [choice],
    );
    expect(rows).toEqual(['What floats?,lead,', ',cork,X']);
    expect(unsure).toEqual([]);
  });
  it('gaps are drawn as the sample draws them, though it has several answers for one', async () => {
    const gap = item({
      kind: 'gap',
      stem: { plain: 'The {{1}} turns.' },
      gaps: [{ accepted: ['windlass'] }],
      options: undefined,
    });
    const { rows } = await filled(
      [
        'Sentence with *** for the gap,Answer,Other accepted answers (;)',
        'The cat sat on the ***.,mat,rug;carpet',
      ],
      [gap],
    );
    expect(rows).toEqual(['The *** turns.,windlass,']);
  });
});

describe('what is learned', () => {
  it.each(['Word,Clue', 'Answer,Clue', 'Solution word,Hint'])(
    'a clue asks for a word: %s',
    async (heads) => {
      const { layout } = await learned(heads);
      expect(layout.columns.map(({ role }) => role)).toEqual(['accepted', 'stem']);
    },
  );
  it('a question with a hint and nothing else keeps both', async () => {
    const { layout } = await learned('Question,Hint');
    expect(layout.columns.map(({ role }) => role)).toEqual(['stem', 'hint']);
  });
  it('an explanation with a comma in it is one, whatever stands beside it', async () => {
    const { layout } = await learned(
      'Question,Right answer,Wrong answer 1,Wrong answer 2,Explanation,Picture URL',
      'What is H2O?,water,salt,gold,"Two hydrogen, one oxygen",https://example.org/a.png',
    );
    expect(layout.columns[4]!.role).toBe('explanation');
  });
  it('the heads of levels and of both columns of each category are no level', async () => {
    const { layout } = await learned(
      ',Category 1,,Category 2,',
      'Points,Question,Answer,Question,Answer',
      '100,,,,',
      '200,,,,',
      '300,,,,',
    );
    expect(layout.grid).toMatchObject({ levels: ['100', '200', '300'], levelRows: [3, 4, 5] });
  });
  it('a length without its unit goes on with the one before it', async () => {
    const { layout } = await learned(
      'Questions: at most 90 characters. Answers: at most 60.,,,',
      'Question text,Answer A,Answer B,Correct',
    );
    expect(layout.limits).toMatchObject({ stem: 90, option: 60 });
  });
  it('a key that may be the text of an option as well as its place is unsure', async () => {
    const heads = 'Question,Opt1,Opt2,Opt3,Key';
    expect((await learned(heads, 'What is 1 + 1?,1,2,3,2')).unsure).toContain('key');
    expect((await learned(heads, 'What floats?,lead,cork,iron,2')).unsure).toEqual([]);
  });
});
