// Tables as teachers keep them: tasks above pairs, rounds side by side, lists with examples, steps of a taxonomy, gaps of any sign. Common practice, no source.
import { describe, expect, it } from 'vitest';
import { gatherColumns } from '../../../tests/typed';
import { brief } from '../../../tests/say';

const briefs = async (...lines: string[]): Promise<string[]> =>
  (await gatherColumns(lines)).items.map(brief);

describe('tables of an evening', () => {
  it('a task stands in front of its pairs, whatever its column is called', async () => {
    expect(
      await briefs(
        'Exercise,Instruction,Left,Right',
        '1,Match animal and young,cow,calf',
        ',,sheep,lamb',
        ',,horse,foal',
        '2,Match tool and use,saw,to cut',
        ',,drill,to make holes',
      ),
    ).toEqual([
      'match: Match animal and young [cow=calf / sheep=lamb / horse=foal]',
      'match: Match tool and use [saw=to cut / drill=to make holes]',
    ]);
  });
  it('rounds beside one another keep their titles, and numbers in front are no points', async () => {
    const rows = ['red', 'blue', 'grey'].map(
      (word, n) => `${n + 1},Which bird is ${word}?,bird ${n},Which song is ${word}?,song ${n}`,
    );
    for (const titles of ['Nature,,Music', 'Round 1: Nature,,Round 2: Music']) {
      const { items } = await gatherColumns([
        `,${titles},`,
        ',Question,Answer,Question,Answer',
        ...rows,
      ]);
      const [first, , third] = titles.split(',');
      expect(items.slice(0, 2).map(({ category, points }) => [category, points])).toEqual([
        [[first], undefined],
        [[third], undefined],
      ]);
    }
  });
  it('a word, a sentence with it and its meaning are a card with an example', async () => {
    const { items } = await gatherColumns([
      'Word,Sentence,Meaning',
      'necessary,It is necessary to wear a jacket.,needed',
      'separate,Keep the ropes separate.,apart',
      'rhythm,Row in rhythm with the others.,regular beat',
    ]);
    expect(
      items.map(({ kind, stem, accepted, explanation }) => [
        kind,
        stem.plain,
        accepted,
        explanation?.plain,
      ]),
    ).toEqual([
      ['card', 'necessary', ['needed'], 'It is necessary to wear a jacket.'],
      ['card', 'separate', ['apart'], 'Keep the ropes separate.'],
      ['card', 'rhythm', ['regular beat'], 'Row in rhythm with the others.'],
    ]);
  });
  it('what a question asks of the mind is a property and no category', async () => {
    const { items } = await gatherColumns([
      'Question text,Option 1 (correct),Option 2,Bloom',
      'What lifts boats?,lock,bridge,Remember',
      'Which floats?,cork,lead,Apply',
      'What is green?,grass,snow,Remember',
    ]);
    expect(items.map(({ tags, category }) => [tags, category])).toEqual([
      [[{ name: 'bloom', value: 'Remember' }], undefined],
      [[{ name: 'bloom', value: 'Apply' }], undefined],
      [[{ name: 'bloom', value: 'Remember' }], undefined],
    ]);
  });
  it.each([
    ['##', 'Die Schleuse ## Boote und ## Wasser.'],
    ['***', 'Die Schleuse *** Boote und *** Wasser.'],
    ['[gap]', 'Die Schleuse [gap] Boote und [gap] Wasser.'],
  ])('gaps are drawn as %s', async (_, sentence) => {
    expect(
      await briefs(
        'Lückentext,Lösung',
        `${sentence},hebt; hält`,
        `${sentence.replace('Die', 'Eine')},holt; fasst`,
      ),
    ).toEqual([
      'gap: Die Schleuse {{1}} Boote und {{2}} Wasser. [hebt / hält]',
      'gap: Eine Schleuse {{1}} Boote und {{2}} Wasser. [holt / fasst]',
    ]);
  });
  it('the same signs at the beginning of a text or in a formula draw none', async () => {
    expect(
      await briefs('Question,Answer', '## What floats?,cork', 'What does a === b say?,the same'),
    ).toEqual(['short: ## What floats? [cork]', 'short: What does a === b say? [the same]']);
  });
});
