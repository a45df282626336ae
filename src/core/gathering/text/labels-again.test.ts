// Keys and tasks told apart by labels: those of the questions that come again, and those that count steps or sides. Common practice, no source.
import { describe, expect, it } from 'vitest';
import { briefsOf, gatherTyped } from '../../../../tests/typed';

describe('a key that has the labels of the questions', () => {
  const asked =
    'Q1  What is shut first?\n     i)   the paddle\n     ii)  the gate\n     iii) the weir\n\nQ2  What floats?\n     i)   iron\n     ii)  cork\n     iii) brick\n\n';
  const right = [
    'choice-one: What is shut first? [the paddle / *the gate / the weir]',
    'choice-one: What floats? [iron / *cork / brick]',
  ];

  it('is one whatever stands above it, by Roman numbers or by wording', async () => {
    for (const key of [
      'Overleaf:\nQ1 ii (else the boat drifts)\nQ2 ii\n',
      'Erwartungen\nQ1: ii\nQ2: ii\n',
      'Behind the sheet\nQ1 - the gate\nQ2 - cork\n',
      'Q1 ii\nQ2 ii\n',
    ]) {
      expect(await briefsOf(asked + key)).toEqual(right);
    }
    const { items } = await gatherTyped(`${asked}Overleaf:\nQ1 ii (else the boat drifts)\nQ2 ii\n`);
    expect(items[0]!.explanation).toEqual({ plain: 'else the boat drifts' });
  });
  it('tells several right ones, for options that only boxes mark', async () => {
    expect(
      await briefsOf(
        'Aufgabe 1 (1 P.)\nWas schwimmt?\n□ Kork\n□ Eisen\n\nAufgabe 2 (2 P.)\nWas sind Hölzer?\n□ Buche\n□ Blei\n□ Esche\n\nErwartungshorizont\nAufgabe 1: Kork\nAufgabe 2: Buche, Esche (je 1 P.)\n',
      ),
    ).toEqual([
      'choice-one: Was schwimmt? [*Kork / Eisen]',
      'choice-many: Was sind Hölzer? [*Buche / Blei / *Esche]',
    ]);
  });
  it('is none where its lines name nothing that the questions offer', async () => {
    const { items } = await gatherTyped(`${asked}Homework\nQ1 draw a lock\nQ2 build a boat\n`);
    expect(items.slice(0, 2).every(({ options }) => options!.every(({ right }) => !right))).toBe(
      true,
    );
  });
});

describe('sentences that end with the letter of the right option', () => {
  it('answer where they begin alike below the options', async () => {
    const typed = (one: string, several: string) =>
      `Frage 7\nWas schwimmt?\nA  Kork\nB  Eisen\nC  Blei\n${one}\n\nFrage 8\nWas sind Hölzer?\nA  Buche\nB  Blei\nC  Esche\n${several}\n`;
    for (const [one, several] of [
      ['Richtig ist A.', 'Richtig sind A und C.'],
      ['A ist richtig', 'A, C sind richtig'],
    ] as const) {
      expect((await briefsOf(typed(one, several)))[0]).toBe(
        'choice-one: Was schwimmt? [*Kork / Eisen / Blei]',
      );
    }
    expect((await briefsOf(typed('Richtig ist A.', 'Richtig sind A und C.')))[1]).toBe(
      'choice-many: Was sind Hölzer? [*Buche / Blei / *Esche]',
    );
  });
});

describe('labels that count sides and steps', () => {
  const lists =
    '1 bow          a the back\n2 stern        b the right side\n3 port  c the left side\n';
  it('pairs two lists side by side by the key below them', async () => {
    const text = `Match the parts of the boat.\n\n1 bow          a the back\n2 stern        b the front\n3 port  c the left side\n\n(1b 2a 3c)\n`;
    const { items, reading } = await gatherTyped(text);
    expect(items[0]).toMatchObject({
      kind: 'match',
      pairs: [
        { left: { plain: 'bow' }, right: { plain: 'the front' } },
        { left: { plain: 'stern' }, right: { plain: 'the back' } },
        { left: { plain: 'port' }, right: { plain: 'the left side' } },
      ],
    });
    expect(reading.unsure).toEqual([]);
  });
  it('asks for the key where two such lists have none, and takes no side for a definition', async () => {
    const { items, findings } = await gatherTyped(
      `Match the parts.\n\n${lists}\nMatch the knots.\n\n1 bowline      a joins two ropes\n2 sheet bend   b makes a loop\n3 clove hitch  c ties to a post\n`,
    );
    expect(items.map(({ kind }) => kind)).not.toContain('card');
    expect(findings.map(({ rule }) => rule)).toContain('key-missing');
  });
  it('puts steps in order by the numbers in front, below a title that asks for it', async () => {
    expect(
      await briefsOf(
        'Ordne die Schritte in die richtige Reihenfolge.\n\n1. Tee kochen\n   ( 2 ) Wasser aufgießen\n   ( 1 ) Wasser kochen\n   ( 3 ) Beutel herausnehmen\n\n2. Schleuse\n   ( 1 ) einfahren\n   ( 3 ) ausfahren\n   ( 2 ) füllen\n',
      ),
    ).toEqual([
      'order: Tee kochen [Wasser kochen > Wasser aufgießen > Beutel herausnehmen]',
      'order: Schleuse [einfahren > füllen > ausfahren]',
    ]);
  });
});

describe('what stands behind and below questions', () => {
  it('points in round brackets behind all of them, where options answer them', async () => {
    const { items } = await gatherTyped(
      '1. What floats? (1)\nA cork *\nB iron\n\n2. Which are woods? (2)\nA beech *\nB lead\nC ash *\n',
    );
    expect(items.map(({ stem, points }) => [stem.plain, points])).toEqual([
      ['What floats?', 1],
      ['Which are woods?', 2],
    ]);
  });
  it('a task among questions with answers behind a dash, and what is accepted as well', async () => {
    expect(
      await briefsOf(
        '1. Which river runs through Budapest? - the Danube\n2. What is a cill? - a step\n3. Name a sea at Suez. - the Red Sea\n4. Which country has most canals? - the Netherlands (accept Holland)\n',
      ),
    ).toEqual([
      'short: Which river runs through Budapest? [the Danube]',
      'short: What is a cill? [a step]',
      'short: Name a sea at Suez. [the Red Sea]',
      'short: Which country has most canals? [the Netherlands / Holland]',
    ]);
  });
  it('a sentence with semicolons is one answer, and a name in front of all of them is none of it', async () => {
    expect(
      await briefsOf(
        '1. How do you calm a visitor?\n   Look for: listens first; offers a way out of it.\n\n2. What if a child falls in?\n   Look for: throws a line; raises the alarm.\n\n3. Why be a keeper?\n   Look for: a real interest.\n',
      ),
    ).toEqual([
      'short: How do you calm a visitor? [listens first; offers a way out of it.]',
      'short: What if a child falls in? [throws a line; raises the alarm.]',
      'short: Why be a keeper? [a real interest.]',
    ]);
  });
  it('boxes for true and false have the words that the text offers', async () => {
    const { items } = await gatherTyped(
      'Segna se la frase è vera (V) o falsa (F).\n\n1) Le radici bevono.   [X] V  [ ] F\n2) I fiori parlano.   [ ] V  [X] F\n',
    );
    expect(items.map(({ options }) => options!.map(({ text }) => text.plain))).toEqual([
      ['vera', 'falsa'],
      ['vera', 'falsa'],
    ]);
  });
  it('words joined by dots below a title are terms with what they mean', async () => {
    expect(
      await briefsOf(
        'Kaartjes hoofdstuk 4\n\nde sluis ........ le sas\nhet brood ....... le pain\nkopen ........... acheter\n',
      ),
    ).toEqual(['card: de sluis [le sas]', 'card: het brood [le pain]', 'card: kopen [acheter]']);
  });
  it('codes that count rows below a lone title are no points', async () => {
    const { items } = await gatherTyped(
      'BANK - unit 7\n\n7.01 | The unit of resistance is the ___. | ohm\n7.02 | The unit of current is the ___. | ampere\n7.03 | A fuse stops too much ___. | current\n',
    );
    expect(items.map(({ points }) => points)).toEqual([undefined, undefined, undefined]);
  });
});

describe('options and keys on lines of their own kind', () => {
  it('boxes side by side of which some are ticked', async () => {
    expect(
      await briefsOf(
        '1   What floats?\n\n    ☐ iron      ☑ cork      ☐ lead\n\n2   What is a wood?\n\n    ☑ beech      ☐ lead\n',
      ),
    ).toEqual([
      'choice-one: What floats? [iron / *cork / lead]',
      'choice-one: What is a wood? [*beech / lead]',
    ]);
  });
  it('a letter behind an arrow, with what explains it', async () => {
    const { items } = await gatherTyped(
      'What floats?\n(A) iron (B) cork (C) lead\n=> B\n\nWhat is a wood?\n(A) beech (B) lead (C) tin\n=> A (it grows)\n',
    );
    expect(items.map(({ options, explanation }) => [options!.length, explanation?.plain])).toEqual([
      [3, undefined],
      [3, 'it grows'],
    ]);
  });
  it('bare letters between wide gaps, gaps below, and a key by parts whose numbers go on', async () => {
    expect(
      await briefsOf(
        'Part 1   Choose. (1 point each)\n\n1  We ____ to Rome.\n   A go      B went      C gone\n2  She is ____ bed.\n   A in      B on      C at\n\nPart 2   Complete. (2 points each)\n\n3  He ____ (write) letters.\n4  They ____ (live) here.\n\nAnswers\nPart 1   1 B   2 A\nPart 2   3 wrote   4 have lived\n',
      ),
    ).toEqual([
      'choice-one: We ____ to Rome. [go / *went / gone]',
      'choice-one: She is ____ bed. [*in / on / at]',
      'gap: He {{1}} (write) letters. [wrote]',
      'gap: They {{1}} (live) here. [have lived]',
    ]);
  });
  it('letters and words of one key in another language', async () => {
    expect(
      await briefsOf(
        '1. Vad flyter?\na) järn\nb) kork\n\n2. Sant eller falskt: Is flyter.\n\n3. Hur många portar?\n\nFacit: 1b, 2 sant, 3 två\n',
      ),
    ).toEqual([
      'choice-one: Vad flyter? [järn / *kork]',
      'true-false: Is flyter. [*sant / falskt]',
      'short: Hur många portar? [två]',
    ]);
  });
  it('choices in brackets behind a question, where one of them answers it', async () => {
    expect(
      await briefsOf(
        'Q: What floats? (iron / cork / lead)\nA: cork\n\nQ: Who opens the gate?\nA: the keeper\n',
      ),
    ).toEqual([
      'choice-one: What floats? [iron / *cork / lead]',
      'short: Who opens the gate? [the keeper]',
    ]);
  });
  it('an answer below each question, whatever sign the question ends with', async () => {
    expect(
      await briefsOf(
        '1: What is 15% of 80?\n12\n\n2: Simplify 3(x + 2) - x\n2x + 6\n\n3: What is the root of 144?\n12\n\n4: Write 0.35 as a fraction.\n7/20\n\n5: How long is 95 minutes?\n1 h 35 min\n',
      ),
    ).toContain('short: Simplify 3(x + 2) - x [2x + 6]');
  });
  it('a remark that is set off as a whole, without the strokes', async () => {
    const { items } = await gatherTyped(
      '1) **What floats?**\n   a) cork ✔️\n   b) iron\n   _Explanation: it is light._\n\n2) **Who opens?**\n   a) a duck\n   b) the keeper ✔️\n   _Explanation: it is the work._\n',
    );
    expect(items.map(({ explanation }) => explanation?.plain)).toEqual([
      'it is light.',
      'it is the work.',
    ]);
  });
  it('lines beside terms are told', async () => {
    const { findings } = await gatherTyped(
      'Vocabulary, unit 5\n\nabandon - leave for ever\nbarren - where nothing grows\nbrisk - quick\n',
    );
    expect(findings.map(({ rule, where }) => [rule, where?.line])).toEqual([['line-left-out', 1]]);
  });
});
