// Keys as people type them in an evening, with no word above them or in parts. Common practice, no source.
import { describe, expect, it } from 'vitest';
import { briefsOf, gatherTyped } from '../../../../tests/typed';

describe('keys with no word above them', () => {
  it('initials of each question’s lines: the one that comes once is right, else what both stand for says it', async () => {
    const typed = ([asks, right, wrong]: readonly [string, string, string]) =>
      `${asks} Which is red?\n${right} Mars\n${wrong} Venus\n${wrong} Jupiter\n\n${asks} Which has rings?\n${wrong} Earth\n${right} Saturn\n${wrong} Mercury\n`;
    for (const signs of [
      ['Q:', 'A:', 'W:'],
      ['[Q]', '[A]', '[W]'],
      ['(F)', '(R)', '(X)'],
    ] as const) {
      expect(await briefsOf(typed(signs))).toEqual([
        'choice-one: Which is red? [*Mars / Venus / Jupiter]',
        'choice-one: Which has rings? [Earth / *Saturn / Mercury]',
      ]);
    }
    expect(
      await briefsOf(
        '[Q] Which are planets?\n[R] Mars\n[R] Venus\n[F] Sun\n[F] Moon\n\n[Q] Which are stars?\n[R] Sun\n[R] Vega\n[F] Mars\n',
      ),
    ).toEqual([
      'choice-many: Which are planets? [*Mars / *Venus / Sun / Moon]',
      'choice-many: Which are stars? [*Sun / *Vega / Mars]',
    ]);
  });
  it('two lists that count alike: the second answers the first, unless it asks or is shorter', async () => {
    const asked =
      '1 What is a pound?\n2 Which part is lowest?\n3 Who opens the gates?\n4 What floats?\n';
    expect(await briefsOf(`${asked}\n1 a reach\n2 the cill\n3 the keeper\n4 cork\n`)).toEqual([
      'short: What is a pound? [a reach]',
      'short: Which part is lowest? [the cill]',
      'short: Who opens the gates? [the keeper]',
      'short: What floats? [cork]',
    ]);
    const shorter = await gatherTyped(`${asked}\n1 a reach\n2 the cill\n`);
    expect(shorter.items[0]).toMatchObject({ kind: 'open' });
  });
  it('numbers with letters on the last line alone, for each question', async () => {
    const typed = (key: string) =>
      `1. The keeper ___ the gate.\n   a) opens   b) eats\n2. The boat ___ on the canal.\n   a) flies   b) floats\n\n${key}\n`;
    for (const key of ['1a 2b', '1 a, 2 b', '(1) a; (2) b']) {
      expect(await briefsOf(typed(key))).toEqual([
        'choice-one: The keeper ___ the gate. [*opens / eats]',
        'choice-one: The boat ___ on the canal. [flies / *floats]',
      ]);
    }
  });
  it('choices within a sentence are those of its gap, where one of them is the answer', async () => {
    const { items } = await gatherTyped(
      '1. She (go / goes / going) to school.\n2. They (is / are) my friends.\n\nKey: 1 goes, 2 are\n',
    );
    expect(items).toMatchObject([
      {
        kind: 'gap',
        stem: { plain: 'She {{1}} to school.' },
        gaps: [{ accepted: ['goes'], options: ['go', 'goes', 'going'] }],
      },
      { kind: 'gap', gaps: [{ accepted: ['are'] }] },
    ]);
  });
  it('times in brackets behind tasks are no answers', async () => {
    const { items } = await gatherTyped(
      'Card 1: Describe your best friend. (2 minutes)\nCard 2: Talk about your holiday. (2 minutes)\nCard 3: What would you change? (3 minutes)\n',
    );
    expect(items.filter(({ kind }) => kind === 'short')).toEqual([]);
  });
  it('letters alone on the last line, as many as questions have options', async () => {
    const asked =
      'Which is spelled right?\nA) recieve\nB) receive\n\nWhich is spelled so?\nA) separate\nB) seperate\n\n';
    expect(await briefsOf(`${asked}B, A\n`)).toEqual([
      'choice-one: Which is spelled right? [recieve / *receive]',
      'choice-one: Which is spelled so? [*separate / seperate]',
    ]);
    const fewer = await gatherTyped(`${asked}B, A, A\n`);
    expect(fewer.reading.unsure).toContain('key');
  });
  it('of parts by Roman numbers, with words behind a hyphen', async () => {
    expect(
      await briefsOf(
        'PART I. Multiple choice (2 pts each)\n1. Which is a noun?\na. run  b. dog  c. blue\n2. Which is a verb?\na. jump  b. cat  c. green\n\nPART II. Fill in (1 pt each)\n3. The cat sat ___ the mat.\n4. She is taller ___ me.\n\nPART III. True/False (1 pt each)\n5. "Quickly" is an adverb.\n6. "House" is a verb.\n\nKEY\nI. 1-b 2-a\nII. 3-on 4-than\nIII. 5-T 6-F\n',
      ),
    ).toEqual([
      'choice-one: Which is a noun? [run / *dog / blue]',
      'choice-one: Which is a verb? [*jump / cat / green]',
      'gap: The cat sat {{1}} the mat. [on]',
      'gap: She is taller {{1}} me. [than]',
      'true-false: "Quickly" is an adverb. [*True / False]',
      'true-false: "House" is a verb. [True / *False]',
    ]);
  });
  it('counted by letters, for options that Roman numbers count', async () => {
    expect(
      await briefsOf(
        'A boat drifts towards a weir.\n\na) What is done first?\n   i. drop the anchor\n   ii. call for lunch\nb) Which signal shows distress?\n   i. one short blast\n   ii. waving both arms\n\nAnswers: a) i  b) ii\n',
      ),
    ).toEqual([
      'choice-one: What is done first? [*drop the anchor / call for lunch]',
      'choice-one: Which signal shows distress? [one short blast / *waving both arms]',
    ]);
  });
  it('of verdicts with their reasons, below statements with room for a letter', async () => {
    const { items } = await gatherTyped(
      'True or False? Write T or F.\n\n___ 1. Ice floats.\n___ 2. The Amazon is in Africa.\n___ 3. Bats are birds.\n\n1. T\n2. F (it is in South America)\n3. F (they are mammals)\n',
    );
    expect(items.map(({ options = [] }) => options.map(({ right }) => right))).toEqual([
      [true, false],
      [false, true],
      [false, true],
    ]);
    expect(items[1]).toMatchObject({ explanation: { plain: 'it is in South America' } });
  });
  it('numbers in brackets behind questions, where they are too many to be points', async () => {
    const { items } = await gatherTyped(
      '1. Was ist 3/4 als Dezimalzahl? [0,75]\n2. Was ist 20 % von 50? [10]\n3. Wie viele Grad hat ein rechter Winkel? [90]\n',
    );
    expect(items.map(({ accepted }) => accepted)).toEqual([['0,75'], ['10'], ['90']]);
  });
});

describe('what stands in front of questions and below them', () => {
  it('kinds are taken off, and a short one has its answer in the list below', async () => {
    expect(
      await briefsOf(
        'Multiple Choice: What is the capital?\n- Mombasa\n- Nairobi ✔\n\nTrue/False: It lies on the equator.\n- True ✔\n- False\n\nShort answer: What is the currency?\n- shilling ✔\n',
      ),
    ).toEqual([
      'choice-one: What is the capital? [Mombasa / *Nairobi]',
      'true-false: It lies on the equator. [*True / False]',
      'short: What is the currency? [shilling]',
    ]);
  });
  it('a letter that all questions have besides their number is no part of them; points below options are points', async () => {
    const { items } = await gatherTyped(
      'Number 1\nQ. Who painted it?\n1 Michelangelo\n2 Leonardo\nAns. 2\n(1 point)\n\nNumber 2\nQ. Where is it?\n1 Paris\n2 London\nAns. 1\n(2 points)\n',
    );
    expect(items).toMatchObject([
      { stem: { plain: 'Who painted it?' }, points: 1 },
      { stem: { plain: 'Where is it?' }, points: 2 },
    ]);
  });
  it('a part that counts on ends an open task above it, though no empty line parts them', async () => {
    const { items } = await gatherTyped(
      'Part A: Bread\n1. What lifts the dough?\na) yeast *\nb) salt\n2. Explain why the dough has to rest.\nPart B: The body\n3. What pumps the blood?\na) the lung\nb) the heart *\n',
    );
    expect(items.map(({ stem, category }) => [stem.plain, category?.[0]])).toEqual([
      ['What lifts the dough?', 'Part A: Bread'],
      ['Explain why the dough has to rest.', 'Part A: Bread'],
      ['What pumps the blood?', 'Part B: The body'],
    ]);
  });
  it('questions beside a table in a reply are told of', async () => {
    const table =
      '| Term | Definition |\n|---|---|\n| pound | a reach of water |\n| cill | a step |\n';
    const { findings } = await gatherTyped(
      `Here are your cards:\n\n${table}\nAnd a question:\n\n1. What is a pound?\nA) a reach\nB) a boat\nAnswer: A\n`,
      'a.md',
    );
    expect(findings).toMatchObject([{ rule: 'questions-beside-table', where: { line: 10 } }]);
    const alone = await gatherTyped(
      `Here are your cards:\n\n${table}\nShall I make more?\n`,
      'a.md',
    );
    expect(alone.findings).toEqual([]);
  });
});
