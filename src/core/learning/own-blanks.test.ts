// Blanks by hands of their own: what is said to whoever answered right or wrong, signs that head the columns they tick. Common
// practice, no source.
import { describe, expect, it } from 'vitest';
import { learnBlank } from '../pipeline';
import { surroundings } from '../../../tests/make';
import { gatherColumns } from '../../../tests/typed';
import { brief } from '../../../tests/say';

const learnt = (lines: readonly string[]) =>
  learnBlank(
    { name: 'a.csv', bytes: new TextEncoder().encode(`${lines.join('\r\n')}\r\n`) },
    surroundings,
  );

describe('columns that are called alike but for right and wrong', () => {
  it.each([
    ['fb_correct', 'fb_incorrect'],
    ['Msg if right', 'Msg if wrong'],
    ['Kommentar richtig', 'Kommentar falsch'],
  ])('%s and %s answer nothing beside options and a key', async (right, wrong) => {
    const { layout } = await learnt([`q_text,opt_a,opt_b,opt_c,correct,${right},${wrong}`]);
    expect(layout.columns.map(({ role }) => role)).toEqual([
      'stem',
      'option',
      'option',
      'option',
      'key',
      'explanation',
      'explanation',
    ]);
    expect(layout.key.style).not.toBe('right-column');
  });
  it('are the answers where nothing else tells them', async () => {
    const { layout } = await learnt(['Question,Answer correct,Answer wrong,Answer wrong 2']);
    expect(layout.columns.map(({ role }) => role)).toEqual(['stem', 'right', 'wrong', 'wrong']);
  });
});

describe('signs that head columns', () => {
  const TICKED = [
    'Nr.;Frage;x;Antwort A;x;Antwort B;x;Antwort C;Joker (ja/nein)',
    '1;Wie heißt der Fluss?;;Tane;x;Mere;;Oll;nein',
  ];
  it('tick the options behind them, with nothing at the wrong ones', async () => {
    const { layout, unsure } = await learnt(TICKED);
    expect(layout.columns.map(({ role, n }) => `${role}${n ?? ''}`).slice(2, 8)).toEqual([
      'verdict1',
      'option1',
      'verdict2',
      'option2',
      'verdict3',
      'option3',
    ]);
    expect(layout.key).toEqual({ style: 'verdict', right: 'x' });
    expect(unsure).not.toContain('key');
  });
  it('do so in a source as well', async () => {
    const { items } = await gatherColumns([
      ...TICKED,
      '2;Was schwimmt?;x;Kork;;Blei;;Stein;ja',
      '3;Was sinkt?;;Kork;x;Blei;x;Stein;nein',
    ]);
    expect(items.map(brief)).toEqual([
      'choice-one: Wie heißt der Fluss? [Tane / *Mere / Oll]',
      'choice-one: Was schwimmt? [*Kork / Blei / Stein]',
      'choice-many: Was sinkt? [Kork / *Blei / *Stein]',
    ]);
  });
});

describe('an empty form in blocks', () => {
  it('has titles that count its questions, beside options that count as well', async () => {
    const block = (n: number): string[] =>
      [
        `Question ${n}`,
        'Text',
        'Option 1',
        'Option 2',
        'Option 3',
        'Correct option (1-3)',
        'Time (s)',
      ].map((label) => `${label},${label.startsWith('Time') ? 30 : ''}`);
    const { layout, unsure } = await learnt([...block(1), ...block(2)]);
    expect(layout.shape).toBe('blocks');
    expect(layout.lines?.map(({ role }) => role)).toEqual([
      'ignore',
      'stem',
      'option',
      'option',
      'option',
      'key',
      'seconds',
    ]);
    expect([layout.file.block, unsure]).toEqual([{ template: 1, every: 7 }, []]);
  });
});

describe('columns of a form', () => {
  it.each(['correctIndex', 'answer_index', 'Index of the right option'])(
    '%s counts the options from nought',
    async (heading) => {
      const { layout } = await learnt([
        `question,answers,${heading},explanation`,
        'Which is a bird?,cod|wren|newt,1,The wren sings.',
      ]);
      expect(layout.key.style).toBe('number-from-0');
    },
  );
  it('a name that stands in its question is the question’s title, and no writer', async () => {
    const { layout } = await learnt([
      'ID,Category,Name,Question text,Answer 1,Answer 2,Right',
      'ex1,Samples,Capital,What is the capital of Lowmere?,Tolby,Wick,1',
      'ex2,Samples,Rivers,Which are rivers?,Ouse,Fell,1',
    ]);
    expect(layout.columns[2]!.role).toBe('title');
  });
  it('the only column that is called a picture holds it', async () => {
    const { layout } = await learnt(['Question,Choice A,Choice B,Right answer,Tip,Picture']);
    expect(layout.columns.at(-1)!.role).toBe('image');
  });
  it('numbers under a heading for answers are options with a row each', async () => {
    const { layout } = await learnt([
      'QuestionID,QuestionText,AnswerText,IsCorrect',
      '1,What is 2+2?,3,FALSE',
      '1,What is 2+2?,4,TRUE',
      '1,What is 2+2?,5,FALSE',
      '2,Which are even?,2,TRUE',
      '2,Which are even?,3,FALSE',
      '2,Which are even?,4,TRUE',
    ]);
    expect([layout.rowForEach?.part, layout.columns.map(({ role }) => role).slice(1)]).toEqual([
      'option',
      ['stem', 'option', 'verdict'],
    ]);
  });
});
