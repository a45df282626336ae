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
