// Questions laid out by boxes, columns and counts of their own. Common practice, no source.
import { describe, expect, it } from 'vitest';
import { briefsOf, gatherTyped } from '../../../../tests/typed';

describe('boxes and columns', () => {
  it('boxes of brackets side by side below their question', async () => {
    expect(
      await briefsOf(
        'Test: Verkehr\n\n1. Bei welcher Farbe hält man?\n( ) grün   (x) rot   ( ) blau\n2. Was gilt bei Nebel?\n( ) schneller   (x) langsamer\n',
      ),
    ).toEqual([
      'choice-one: Bei welcher Farbe hält man? [grün / *rot / blau]',
      'choice-one: Was gilt bei Nebel? [schneller / *langsamer]',
    ]);
  });
  it('ticks below the two words that head their columns', async () => {
    expect(
      await briefsOf(
        'Kreuze an.\n                             richtig   falsch\n1. Eis schwimmt.               x\n2. Blei schwimmt.                        x\n3. Kork schwimmt.              x\n',
      ),
    ).toEqual([
      'true-false: Eis schwimmt. [*richtig / falsch]',
      'true-false: Blei schwimmt. [richtig / *falsch]',
      'true-false: Kork schwimmt. [*richtig / falsch]',
    ]);
  });
  it('two lists below their heads, with one side longer than the other', async () => {
    const { items, findings } = await gatherTyped(
      'Matching\n\nColumn A           Column B\n1. Cill            A. keeps the boat steady\n2. Mooring line    B. step below the gate\n3. Windlass        C. opens the paddles\n                   D. steers the boat\n\nAnswers: 1. B  2. A  3. C\n',
    );
    expect(items).toMatchObject([
      {
        kind: 'match',
        pairs: [
          { left: { plain: 'Cill' }, right: { plain: 'step below the gate' } },
          { left: { plain: 'Mooring line' }, right: { plain: 'keeps the boat steady' } },
          { left: { plain: 'Windlass' }, right: { plain: 'opens the paddles' } },
        ],
      },
    ]);
    expect(findings.some(({ message }) => message.includes('steers the boat'))).toBe(true);
  });
});

describe('counts, names and keys', () => {
  it('an option that begins with a number behind its own', async () => {
    expect(
      await briefsOf(
        'Q1 How high are the forks?\nOption 1: at eye level\nOption 2: 10 to 15 cm (CORRECT)\n\nQ2 What comes first?\nOption 1: the check (CORRECT)\nOption 2: the horn\n',
      ),
    ).toEqual([
      'choice-one: How high are the forks? [at eye level / *10 to 15 cm]',
      'choice-one: What comes first? [*the check / the horn]',
    ]);
  });
  it('questions that say how many there are', async () => {
    expect(
      await briefsOf(
        '1/10 What floats?\n  cork ✔\n  iron ✘\n2/10 What grows?\n  tin ✘\n  beech ✔\n',
      ),
    ).toEqual([
      'choice-one: What floats? [*cork / iron]',
      'choice-one: What grows? [tin / *beech]',
    ]);
  });
  it('a source is kept as what it is called, and is no explanation', async () => {
    const { items } = await gatherTyped(
      'Q1.\nWhat floats?\na. iron\nb. cork\nCorrect answer: b. cork\nSource: chapter 4\n\nQ2.\nWhat grows?\na. beech\nb. tin\nCorrect answer: a. beech\nSource: chapter 5\n',
    );
    expect(items.map(({ tags, explanation }) => [tags, explanation])).toEqual([
      [[{ name: 'Source', value: 'chapter 4' }], undefined],
      [[{ name: 'Source', value: 'chapter 5' }], undefined],
    ]);
  });
  it('the same short name in front of all answers is none of them', async () => {
    expect(
      await briefsOf(
        '1 - ¿En qué año se inauguró?\n    R/ 1914\n\n2 - ¿Qué une?\n    R/ dos océanos\n\n3 - ¿Verdadero o falso? Tiene esclusas.\n    R/ Verdadero\n',
      ),
    ).toEqual([
      'short: ¿En qué año se inauguró? [1914]',
      'short: ¿Qué une? [dos océanos]',
      expect.stringMatching(/^true-false: .*\[\*Verdadero/),
    ]);
  });
  it('words that letters count as their gaps', async () => {
    const { items } = await gatherTyped(
      'Complete with the past.\n\na) Yesterday I ............ (see) a heron.\nb) We ............ (take) the boat.\nc) They ............ (not/open) the gates.\n\nKey: a) saw  b) took  c) didn’t open\n',
    );
    expect(items.map(({ gaps }) => gaps?.[0]?.accepted)).toEqual([
      ['saw'],
      ['took'],
      ['didn’t open'],
    ]);
  });
  it('a section of answers in parts, each with its name in front', async () => {
    expect(
      await briefsOf(
        'Quiz 5\n\nTrue/False\n____ 1. Ice floats.\n____ 2. Lead floats.\n\nMultiple Choice\n____ 3. A cill is\n        a. a gate      b. a step\n____ 4. A pound is\n        a. a reach    b. a boat\n\nAnswer Section\nTRUE/FALSE\n1. ANS: T\n2. ANS: F\nMULTIPLE CHOICE\n3. ANS: B\n4. ANS: A\n',
      ),
    ).toEqual([
      'true-false: Ice floats. [*True / False]',
      'true-false: Lead floats. [True / *False]',
      'choice-one: A cill is [a gate / *a step]',
      'choice-one: A pound is [*a reach / a boat]',
    ]);
  });
});
