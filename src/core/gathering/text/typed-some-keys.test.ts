// Keys of some questions, instructions between them, and lists of terms in a reply. Common practice, no source.
import { describe, expect, it } from 'vitest';
import { briefsOf, gatherTyped } from '../../../../tests/typed';

const TEXT =
  'Explain the following:\n1. Why are paddles opened slowly? (3 marks)\n2. What does a keeper check? (2 marks)\nChoose:\n3. Which is the upper gate?\na) the one nearer the hill *\nb) the one nearer the sea\n4. The step under water is called the ________.\n5. Water flows downhill. True / False\n';

describe('a test with several instructions', () => {
  it.each(['Answers: 4 cill 5 True', 'Answers: 4) cill; 5) True'])('%s', async (key) => {
    const { items, findings } = await gatherTyped(`${TEXT}${key}\n`);
    expect(items.map(({ kind, stem, points }) => [kind, stem.plain, points])).toEqual([
      ['open', 'Why are paddles opened slowly?', 3],
      ['open', 'What does a keeper check?', 2],
      ['choice-one', 'Which is the upper gate?', undefined],
      ['gap', 'The step under water is called the {{1}}.', undefined],
      ['true-false', 'Water flows downhill.', undefined],
    ]);
    expect(items[3]!.gaps).toEqual([{ accepted: ['cill'] }]);
    expect(findings.filter(({ level }) => level !== 'note')).toEqual([]);
  });
  it('options that numbers count stay options', async () => {
    expect(
      await briefsOf(
        'Which floats?\nOptions:\n1. cork\n2. lead\nAnswer: 1\n\nWhich sinks?\nOptions:\n1. ice\n2. iron\nAnswer: 2\n',
      ),
    ).toEqual([
      'choice-one: Which floats? [*cork / lead]',
      'choice-one: Which sinks? [ice / *iron]',
    ]);
  });
});

it('numbered terms of a reply are cards, whatever it says around them', async () => {
  expect(
    await briefsOf(
      'Flashcards for you:\n\n1. **Windlass** – A crank used to open paddles.\n2. **Pound** – The water between two locks.\n3. **Cill** – The step below the upper gates.\n\nWould you like more?\n',
    ),
  ).toEqual([
    'card: Windlass [A crank used to open paddles.]',
    'card: Pound [The water between two locks.]',
    'card: Cill [The step below the upper gates.]',
  ]);
});
