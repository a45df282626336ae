// More ways of typing that show by the whole text: choices of gaps, boxes below heads, stations, keys with strokes. Common practice, no source.
import { describe, expect, it } from 'vitest';
import { briefsOf, gatherTyped } from '../../../../tests/typed';

describe('gaps with their choices', () => {
  it.each([
    [
      'over several lines',
      'Choose.\n\nThe keeper (1) ____ up early. He\n(2) ____ the gates.\n\n1. a) get b) gets\n2. a) opens b) open\n\nKey: 1b 2a\n',
      'gap: The keeper {{1}} up early. He {{2}} the gates. [gets / opens]',
    ],
    [
      'with their numbers in them',
      'Talk\n\n- __1__ you help me?\n- I __2__.\n\n1 a) Can b) Are\n2 a) am b) can\n\nKey: 1a 2b\n',
      'gap: {{1}} you help me? - I {{2}}. [Can / can]',
    ],
  ])('%s', async (_, text, brief) => {
    const { items } = await gatherTyped(text);
    expect(items).toHaveLength(1);
    expect(items[0]!.gaps?.every(({ options }) => options?.length === 2)).toBe(true);
    expect((await briefsOf(text))[0]).toBe(brief);
  });
  it('in brackets, the right one behind an arrow', async () => {
    expect(
      await briefsOf(
        'Choose the correct word.\n\n1. She (go / goes) to the lock.  -> goes\n2. They (is / are) late.  -> are\n',
      ),
    ).toEqual(['gap: She {{1}} to the lock. [goes]', 'gap: They {{1}} late. [are]']);
  });
  it('their word behind a wide blank', async () => {
    expect(
      await briefsOf(
        'Sums\n\n1.  17 + 8 = ____        25\n2.  40 - 13 = ____       27\n3.  6 x 7 = ____     42\n',
      ),
    ).toEqual(['gap: 17 + 8 = {{1}} [25]', 'gap: 40 - 13 = {{1}} [27]', 'gap: 6 x 7 = {{1}} [42]']);
  });
});

describe('signs and places', () => {
  it('boxes below two heads', async () => {
    expect(
      await briefsOf(
        'Tick the box\n\n                              T    F\n1. The lock fills slowly.    [ ]  [x]\n2. Boats wait at the line.   [x]  [ ]\n',
      ),
    ).toEqual([
      'true-false: The lock fills slowly. [True / *False]',
      'true-false: Boats wait at the line. [*True / False]',
    ]);
  });
  it('a sign that one option has in place of the full stop of all others', async () => {
    expect(
      await briefsOf(
        'The boat is stuck. You\n ! close the paddles\n . open the gates\n . push\n\nThe rope is caught. You\n . pull\n . cut the gear\n ! stop\n',
      ),
    ).toEqual([
      'choice-one: The boat is stuck. You [*close the paddles / open the gates / push]',
      'choice-one: The rope is caught. You [pull / cut the gear / *stop]',
    ]);
  });
  it('a key whose numbers have two signs behind them and strokes between', async () => {
    expect(
      await briefsOf(
        '1.- ¿Qué flota?\nA) plomo   B) corcho\n2.- ¿Qué se hunde?\nA) hierro   B) hielo\n\n1.- B / 2.- A\n',
      ),
    ).toEqual([
      'choice-one: ¿Qué flota? [plomo / *corcho]',
      'choice-one: ¿Qué se hunde? [*hierro / hielo]',
    ]);
  });
  it('titles that count parts, above questions without numbers', async () => {
    const { items } = await gatherTyped(
      'Station 1 - The pump\n   What drove it? (steam)\n   When was it built? (1868)\nStation 2 - The weir\n   Which fish uses the ladder? (salmon)\n',
    );
    expect(items.map(({ stem, accepted, category }) => [stem.plain, accepted, category])).toEqual([
      ['What drove it?', ['steam'], ['The pump']],
      ['When was it built?', ['1868'], ['The pump']],
      ['Which fish uses the ladder?', ['salmon'], ['The weir']],
    ]);
  });
  it('steps that one line lists below a task for their order', async () => {
    expect(
      await briefsOf(
        '1. Kies de juiste volgorde van het wassen:\nvoorspoelen - wassen - drogen\n\n2. Kies de juiste volgorde van het koken:\nwater koken - pasta erin - afgieten\n',
      ),
    ).toEqual([
      'order: Kies de juiste volgorde van het wassen: [voorspoelen > wassen > drogen]',
      'order: Kies de juiste volgorde van het koken: [water koken > pasta erin > afgieten]',
    ]);
  });
});

describe('lists of terms', () => {
  it('have a title apart from them, whatever sign it holds', async () => {
    expect(
      await briefsOf(
        'Vocabulaire : le jardin\n\nla brouette : the wheelbarrow\nle râteau : the rake\ntondre : to mow\nla graine : the seed\n',
      ),
    ).toEqual([
      'card: la brouette [the wheelbarrow]',
      'card: le râteau [the rake]',
      'card: tondre [to mow]',
      'card: la graine [the seed]',
    ]);
  });
  it('are counted by a word that is no part of them', async () => {
    expect(
      await briefsOf(
        'Groups\nGroup 1: mammals - whale, bat\nGroup 2: birds - penguin\nGroup 3: reptiles - snake\n',
      ),
    ).toEqual(['card: mammals [whale, bat]', 'card: birds [penguin]', 'card: reptiles [snake]']);
  });
});
