// Blanks of kinds that are seldom met: names in brackets below the headings, rules without a word for one, a column for a text
// that several questions share.
import { describe, expect, it } from 'vitest';
import { learnBlank } from '../pipeline';
import { surroundings } from '../../../tests/make';

const learnt = (lines: readonly string[]) =>
  learnBlank(
    { name: 'a.csv', bytes: new TextEncoder().encode(`${lines.join('\r\n')}\r\n`) },
    surroundings,
  );
const rolesOf = ({ columns }: { columns: readonly { heading?: string; role: string }[] }) =>
  Object.fromEntries(columns.map(({ heading = '', role }) => [heading, role]));

describe('blanks that are seldom met', () => {
  it('a row of names in brackets is no sample, and cards offer nothing to choose from', async () => {
    const { layout, unsure } = await learnt([
      'Front,Back,Example,Audio,Tags',
      '(word),(translation),(optional),(leave empty),(separated by spaces)',
    ]);
    expect(layout.file).toMatchObject({ headingRow: 1, firstRow: 3 });
    expect(layout.file.sample).toBeUndefined();
    expect(rolesOf(layout)).toMatchObject({ Front: 'stem', Back: 'accepted', Tags: 'tags' });
    expect(Object.values(rolesOf(layout))).not.toContain('option');
    expect(unsure).toContain('columns.D');
  });

  it('a row that says when to tick is no sample', async () => {
    const { layout } = await learnt([
      'Item text,True,False,Level',
      '(max 200 characters),x if true,x if false,1-3',
    ]);
    expect(layout.file).toMatchObject({ headingRow: 1, firstRow: 3 });
    expect(layout.columns[0]).toMatchObject({ role: 'stem', max: 200 });
  });

  it('a text that questions share has no place of its own, is no kind, and is doubted', async () => {
    const { layout, unsure } = await learnt([
      'Group ID,Stimulus,Question,Option 1,Option 2,Option 3,Correct (1-3)',
      'G1,Read the text ...,What does it say?,a,b,c,2',
    ]);
    expect(rolesOf(layout)).toMatchObject({ Stimulus: 'ignore', Question: 'stem' });
    expect(layout.kinds).toEqual([]);
    expect(unsure).toContain('columns.B');
  });

  it('a list as programs write it holds all options, though a form shows a single one', async () => {
    const { layout } = await learnt([
      'id,question_text,choices,correct_answer',
      'ex-1,Which is a prime?,"[""2"",""4"",""6""]",2',
    ]);
    expect(rolesOf(layout)).toMatchObject({ choices: 'options' });
  });
});
