// Answers told by words and letters of their own: behind options, below them, between the lines of a talk. Common practice, no source.
import { describe, expect, it } from 'vitest';
import { briefsOf, gatherTyped } from '../../../../tests/typed';

describe('words that tell the right option', () => {
  const typed = (mark: (text: string) => string) =>
    `1. Co pływa?\na) żelazo\nb) ${mark('korek')}\nc) ołów\n\n2. Co rośnie?\na) ${mark('buk')}\nb) cyna\n`;
  const right = [
    'choice-one: Co pływa? [żelazo / *korek / ołów]',
    'choice-one: Co rośnie? [*buk / cyna]',
  ];

  it('single one out behind it in each question, in whatever language', async () => {
    expect(await briefsOf(typed((text) => `${text} (poprawna)`))).toEqual(right);
    expect(await briefsOf(typed((text) => `${text} – zgadza`))).toEqual(right);
  });
  it('are none where they stand at all options, or in one question alone', async () => {
    const all = await gatherTyped(
      '1. What floats?\na) iron (metal)\nb) tin (metal)\n\n2. What grows?\na) lead (metal)\nb) zinc (metal)\n',
    );
    expect(all.items.flatMap(({ options }) => options!).some(({ right: is }) => is)).toBe(false);
    const one = await gatherTyped(
      '1. What floats?\na) iron (metal)\nb) cork\n\n2. What grows?\na) beech\nb) lead\n\n3. What rusts?\na) gold\nb) glass\n',
    );
    expect(one.items[0]!.options![0]!.text.plain).toBe('iron (metal)');
  });
  it('an option’s whole wording with the reason behind it', async () => {
    const { items } = await gatherTyped(
      '1. Où est l’Etna ?\n☐ en Islande\n☐ en Sicile\nRéponse : en Sicile. C’est le plus actif.\n\n2. Dort-il ?\n☐ oui\n☐ non\nRéponse : non, mais il se repose.\n',
    );
    expect(
      items.map(({ options, explanation }) => [
        options!.map(({ right: is }) => is),
        explanation?.plain,
      ]),
    ).toEqual([
      [[false, true], 'C’est le plus actif'],
      [[false, true], 'mais il se repose'],
    ]);
  });
  it('a bare arrow head behind a wide gap', async () => {
    expect(
      await briefsOf(
        '1. What floats?\n     iron\n     cork  <\n     lead\n\n2. What grows?\n     beech  <\n     tin\n',
      ),
    ).toEqual([
      'choice-one: What floats? [iron / *cork / lead]',
      'choice-one: What grows? [*beech / tin]',
    ]);
  });
});

describe('keys and answers in their own ways', () => {
  it('Roman numbers of questions', async () => {
    expect(
      await briefsOf(
        'I. Was schwimmt?\n   a) Eisen\n   b) Kork\n\nII. Was wächst?\n   a) Buche\n   b) Zinn\n\nLösungen: I-b, II-a\n',
      ),
    ).toEqual([
      'choice-one: Was schwimmt? [Eisen / *Kork]',
      'choice-one: Was wächst? [*Buche / Zinn]',
    ]);
  });
  it('a talk in which one asks and one answers', async () => {
    expect(
      await briefsOf(
        'Portuguese\n\n— Como se diz "ponte"?\n— bridge\n— Como se diz "margem"?\n— bank\n',
      ),
    ).toEqual(['short: Como se diz "ponte"? [bridge]', 'short: Como se diz "margem"? [bank]']);
  });
  it('choices for each counted gap of a text', async () => {
    const { items } = await gatherTyped(
      'Choose for each gap.\n\nThe keeper (1) ____ up early. He (2) ____ the gates.\n\n1   A get     B gets     C getting\n2   A opens   B open     C opened\n\nKey: 1B 2A\n',
    );
    expect(items).toMatchObject([
      {
        kind: 'gap',
        stem: { plain: 'The keeper {{1}} up early. He {{2}} the gates.' },
        gaps: [
          { accepted: ['gets'], options: ['get', 'gets', 'getting'] },
          { accepted: ['opens'], options: ['opens', 'open', 'opened'] },
        ],
      },
    ]);
  });
  it('letters to circle in front of statements, and a key of such letters', async () => {
    expect(
      await briefsOf(
        'Circle T or F.\n\nT  F   1. A boat floats.\nT  F   2. Iron floats.\nT  F   3. Cork sinks.\n\nKEY: T, F, F\n',
      ),
    ).toEqual([
      'true-false: A boat floats. [*True / False]',
      'true-false: Iron floats. [True / *False]',
      'true-false: Cork sinks. [True / *False]',
    ]);
  });
  it('a number behind a task is what it is worth, and no answer', async () => {
    const { items } = await gatherTyped(
      '1. A river begins at its ______.   [source]\n2. It ends at its ______.   [mouth]\n3. Explain how a lock works. (4)\n   ____________________\n',
    );
    expect(items[2]).toMatchObject({
      kind: 'open',
      points: 4,
      stem: { plain: 'Explain how a lock works.' },
    });
  });
  it('names with nothing behind them say nothing', async () => {
    const { items } = await gatherTyped(
      'QUESTION 1\nWhat floats?\n\nA. iron\nB. cork\n\nCorrect Answer: B\nSection: (none)\nExplanation\n\nExplanation/Reference:\nIt is light.\n\nQUESTION 2\nWhat grows?\n\nA. beech\nB. tin\n\nCorrect Answer: A\nSection: (none)\nExplanation\n\nExplanation/Reference:\nIt is wood.\n',
    );
    expect(items.map(({ category, explanation }) => [category, explanation?.plain])).toEqual([
      [undefined, 'It is light.'],
      [undefined, 'It is wood.'],
    ]);
  });
  it('a long instruction above terms that have labels is none of them', async () => {
    expect(
      await briefsOf(
        'Physics drill: give the value and the unit of each.\n\n1. Standard gravity: 9.81 m/s² (± 0.01)\n2. Nitrogen boils at: 77 K (± 1 K)\n3. Density of water: 1000 kg/m³ (± 5)\n',
      ),
    ).toHaveLength(3);
  });
});
