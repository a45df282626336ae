// Questions that show by themselves how they are typed: by turns, by capitals, by stars between commas. Common practice, no source.
import { describe, expect, it } from 'vitest';
import { briefsOf, gatherTyped } from '../../../../tests/typed';

describe('what stands in turn', () => {
  it('letters with the same numbers ask and answer, whatever stands between them', async () => {
    const typed = (asks: string, answers: string) =>
      `${asks}1: What floats?\n${answers}1: cork\nIt is light.\n\n${asks}2: Who opens the gate?\n${answers}2: the keeper\n`;
    for (const [asks, answers] of [
      ['D', 'R'],
      ['V', 'A'],
    ] as const) {
      const { items } = await gatherTyped(typed(asks, answers));
      expect(
        items.map(({ stem, accepted }) => [stem.plain, accepted?.[0]?.split(' It')[0]]),
      ).toEqual([
        ['What floats?', expect.stringMatching(/^cork/)],
        ['Who opens the gate?', 'the keeper'],
      ]);
    }
  });
  it('a name in front of what asks, below a label, is no remark', async () => {
    expect(
      await briefsOf(
        'Slide 5\nCheck: Which gate opens first?\n- top gate\n- bottom gate (right)\n\nSlide 6\nCheck: How many people work a lock?\n- one\n- two (right)\n',
      ),
    ).toEqual([
      'choice-one: Which gate opens first? [top gate / *bottom gate]',
      'choice-one: How many people work a lock? [one / *two]',
    ]);
  });
  it('a number of a lesson promises no questions', async () => {
    const { findings } = await gatherTyped(
      'Lesson 5 – Questions to go over\n\n1. What floats?\nAnswer: cork\n\n2. What sinks?\nAnswer: iron\n',
    );
    expect(findings.map(({ rule }) => rule)).not.toContain('fewer-than-promised');
  });
});

describe('options on one line', () => {
  it('one in capitals on the line below the question', async () => {
    expect(
      await briefsOf(
        '1   What is the back of a boat?\n    bow / STERN / port\n\n2   What is the left side?\n    PORT / starboard / keel\n',
      ),
    ).toEqual([
      'choice-one: What is the back of a boat? [bow / *STERN / port]',
      'choice-one: What is the left side? [*PORT / starboard / keel]',
    ]);
  });
  it('stars between commas behind the question', async () => {
    expect(
      await briefsOf(
        '1) Which says "moo"?  cow*, dog, cat\n2) Which lays eggs?  horse, hen*, pig\n3) Which give milk?  goat*, cow*, duck\n',
      ),
    ).toEqual([
      'choice-one: Which says "moo"? [*cow / dog / cat]',
      'choice-one: Which lays eggs? [horse / *hen / pig]',
      'choice-many: Which give milk? [*goat / *cow / duck]',
    ]);
  });
});

describe('answers below all questions or in words', () => {
  it('counted in brackets on the last line, for gaps with a bank of words', async () => {
    const { items } = await gatherTyped(
      'Complete with the words in the box.\n\n[ gate - paddle - pound ]\n\n1. The water between two locks is a ______.\n2. You open the ______ first.\n3. The keeper shuts the ______ behind you.\n\n(1 pound, 2 paddle, 3 gate)\n',
    );
    expect(items.map(({ gaps }) => gaps?.[0]?.accepted)).toEqual([['pound'], ['paddle'], ['gate']]);
  });
  it('pairs in words below two lists that lines are to be drawn between', async () => {
    const { items } = await gatherTyped(
      '1) Relie chaque roi à son siècle. (3 pts)\nClovis • • XVIIe siècle\nCharlemagne • • Ve siècle\nRéponse : Clovis - Ve siècle ; Charlemagne - VIIIe siècle\n\n2) En quelle année ?\nRéponse : 1789\n',
    );
    expect(items[0]).toMatchObject({
      kind: 'match',
      stem: { plain: 'Relie chaque roi à son siècle.' },
      pairs: [
        { left: { plain: 'Clovis' }, right: { plain: 'Ve siècle' } },
        { left: { plain: 'Charlemagne' }, right: { plain: 'VIIIe siècle' } },
      ],
    });
  });
  it('a list of words below its title loses no pair to headings', async () => {
    const pairs = [
      'card: der Hammer [the hammer]',
      'card: die Säge [the saw]',
      'card: der Nagel [the nail]',
      'card: die Zange [the pliers]',
    ];
    for (const sign of [' | ', '\t']) {
      const lines = ['der Hammer', 'die Säge', 'der Nagel', 'die Zange'].map(
        (word, at) => `${word}${sign}${pairs[at]!.split('[')[1]!.replace(']', '')}`,
      );
      expect(await briefsOf(`Vokabeltest 7b\n${lines.join('\n')}\n`)).toEqual(pairs);
    }
  });
});
