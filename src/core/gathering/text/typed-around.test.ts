// What stands in front of questions or behind them: levels, letters to circle, letters behind arrows, answers at the end.
import { describe, expect, it } from 'vitest';
import { gatherSource } from '../../pipeline';
import { counter } from '../../../../tests/make';

const read = (text: string) =>
  gatherSource({ name: 'a.txt', bytes: new TextEncoder().encode(text) }, {}, { id: counter() });
const rightsOf = (items: Awaited<ReturnType<typeof read>>['items']) =>
  items.map(({ options = [] }) => options.find(({ right }) => right)?.text.plain);

describe('around questions', () => {
  it('a level in brackets in front of the number is a property, and no part of the text', async () => {
    const { items } = await read(
      '[Easy] 1. What is worn?\n  a. flip-flops\n  b. boots (correct)\n\n[Hard] 2. What is checked?\n  a. the pawl (correct)\n  b. the clock\n',
    );
    expect(items.map(({ stem }) => stem.plain)).toEqual(['What is worn?', 'What is checked?']);
    expect(items.map(({ tags }) => tags![0]!.value)).toEqual(['Easy', 'Hard']);
    expect(rightsOf(items)).toEqual(['boots', 'the pawl']);
  });

  it('a level in brackets behind the line that counts a question is a property as well', async () => {
    const { items } = await read(
      'Question 1 (easy)\nWhat opens?\nOptions: a wall / a gate\nSolution: a gate\n\nQuestion 2 (hard)\nWhat belongs to a lock?\nOptions: gate / rudder / cill\nSolution: gate, cill\n',
    );
    expect(items.map(({ stem }) => stem.plain)).toEqual(['What opens?', 'What belongs to a lock?']);
    expect(items.map(({ tags }) => tags![0]!.value)).toEqual(['easy', 'hard']);
    // Two parts behind a word for options are options.
    expect(
      items.map(({ options }) => options?.map(({ text, right }) => [text.plain, right])),
    ).toEqual([
      [
        ['a wall', false],
        ['a gate', true],
      ],
      [
        ['gate', true],
        ['rudder', false],
        ['cill', true],
      ],
    ]);
  });

  it('letters in brackets behind questions name the options below', async () => {
    const options = 'A. towpath  B. gates  C. windlass\n';
    const { items } = await read(
      `1. What opens? (B)\n${options}2. What winds? (C)\n${options}3. Where is the horse? (A)\n${options}`,
    );
    expect(items.map(({ stem }) => stem.plain)).toEqual([
      'What opens?',
      'What winds?',
      'Where is the horse?',
    ]);
    expect(rightsOf(items)).toEqual(['gates', 'windlass', 'towpath']);
  });

  it('letters in brackets behind some questions alone are part of these', async () => {
    const { items } = await read(
      '1. Which vitamin is it? (B)\na) one *\nb) two\n\n2. What floats?\na) cork *\nb) iron\n\n3. Which note is it? (C)\na) low\nb) high *\n',
    );
    expect(items[0]!.stem.plain).toBe('Which vitamin is it? (B)');
    expect(rightsOf(items)).toEqual(['one', 'cork', 'high']);
  });

  it.each(['Wahr oder falsch?', 'Entscheide, ob die Aussagen stimmen.'])(
    'statements with verdicts in brackets, below “%s”, are each judged',
    async (above) => {
      const { items } = await read(
        `${above}\n\n1. Eine Schleuse hat Tore. (wahr)\n2. Ein Reiher öffnet sie. (falsch - das tut die Mannschaft)\n3. Der Drempel liegt unten. (wahr)\n`,
      );
      expect(items.map(({ kind, stem }) => [kind, stem.plain])).toEqual([
        ['true-false', 'Eine Schleuse hat Tore.'],
        ['true-false', 'Ein Reiher öffnet sie.'],
        ['true-false', 'Der Drempel liegt unten.'],
      ]);
      expect(rightsOf(items)).toEqual(['wahr', 'falsch', 'wahr']);
      expect(items[1]!.explanation?.plain).toBe('das tut die Mannschaft');
    },
  );

  it('options with such verdicts below a question are options', async () => {
    const { items } = await read(
      '1. Which of these float?\na) cork (true)\nb) iron (false)\nc) wood (true)\n\n2. Which sink?\na) lead (true)\nb) cork (false)\n',
    );
    expect(items.map(({ kind }) => kind)).toEqual(['choice-many', 'choice-one']);
  });

  it('numbers behind those of their parts count the questions, and are no part of these', async () => {
    const { items } = await read(
      'Task 1\n\n1.1 What opens?\n[ ] a wall\n[x] a gate\n\n1.2 What floats?\n[x] cork\n[ ] iron\n\nTask 2\n\n2.1 What is the water between locks called?\nAnswer: pound\n\n2.2 What is the step called?\nAnswer: cill\n',
    );
    expect(items.map(({ stem }) => stem.plain)).toEqual([
      'What opens?',
      'What floats?',
      'What is the water between locks called?',
      'What is the step called?',
    ]);
  });

  it('the answer behind options on one line is none of these', async () => {
    const { items } = await read(
      '1. What opens?\nA) a wall; B) a gate; C) a hill. Correct: B\n\n2. What floats?\nA) cork; B) iron; C) lead. Correct: A\n',
    );
    expect(rightsOf(items)).toEqual(['a gate', 'cork']);
    expect(items[0]!.options!.map(({ text }) => text.plain)).toEqual([
      'a wall',
      'a gate',
      'a hill',
    ]);
  });

  it('pairs by equals signs below a task to match are pairs, however options of other questions stand', async () => {
    const { items } = await read(
      '1) What opens?\n    a wall\n    a gate *\n\n2) What floats?\n    cork *\n    iron\n\n3) Match each part with its work.\ngate = holds water\npaddle = lets it in\nbeam = moves the gate\n',
    );
    expect(items[2]).toMatchObject({
      kind: 'match',
      stem: { plain: 'Match each part with its work.' },
    });
    expect(items[2]!.pairs!.map(({ left, right }) => [left.plain, right.plain])).toEqual([
      ['gate', 'holds water'],
      ['paddle', 'lets it in'],
      ['beam', 'moves the gate'],
    ]);
  });

  it('empty circles are bullets where colour tells the right option', async () => {
    const question = (stem: string, ...options: string[]): string =>
      `<p><b>${stem}</b></p>${options.map((option) => `<p>○ ${option}</p>`).join('')}`;
    const { items } = await gatherSource(
      {
        name: 'a.html',
        bytes: new TextEncoder().encode(
          `<html><body>${question('What opens?', 'a wall', '<mark>a gate</mark>')}${question('What floats?', '<mark>cork</mark>', 'iron', 'lead')}</body></html>`,
        ),
      },
      {},
      { id: counter() },
    );
    expect(rightsOf(items)).toEqual(['a gate', 'cork']);
  });

  it('an option that looks like the title of a part is one where the others begin alike', async () => {
    const { items } = await read(
      '1) Which vitamin does the sun make?\n    Vitamin B\n    Vitamin C\n    Vitamin D *\n2) What floats?\n    cork *\n    iron\n',
    );
    expect(items.map(({ options }) => options!.length)).toEqual([3, 2]);
    expect(items[1]!.category).toBeUndefined();
    expect(rightsOf(items)).toEqual(['Vitamin D', 'cork']);
  });

  it('other words in brackets stay', async () => {
    const { items } = await read(
      '[At night] 1. What is lit?\na) the lamp *\nb) the hut\n\n[By day] 2. What is open?\na) the gate *\nb) the shop\n',
    );
    expect(items[0]!.stem.plain).toContain('[At night]');
  });

  it.each(['T F', 'T/F', 'True / False'])(
    '%s in front of statements is to be circled',
    async (sign) => {
      const { items } = await read(
        `1. ${sign} A lock has two sets of gates.\n2. ${sign} The cill is made of butter.\n3. ${sign} Paddles let water through.\n\nAnswers: 1 T, 2 F, 3 T\n`,
      );
      expect(items.map(({ kind, stem }) => [kind, stem.plain])).toEqual([
        ['true-false', 'A lock has two sets of gates.'],
        ['true-false', 'The cill is made of butter.'],
        ['true-false', 'Paddles let water through.'],
      ]);
      expect(rightsOf(items)).toEqual(['True', 'False', 'True']);
    },
  );

  it.each(['->', '→', '=', '-'])(
    'the letter behind %s says which option is right',
    async (sign) => {
      const { items, reading } = await read(
        `1. What is a pound? (a) money (b) water between locks (c) a dog ${sign} b\n2. What is a cill? (a) a step (b) a bird (c) a ship ${sign} a\n3. Who goes first? (a) the longest (b) the oldest (c) the first ${sign} c\n`,
      );
      expect(reading.as).toBe('questions');
      expect(items.map(({ kind }) => kind)).toEqual(Array(3).fill('choice-one'));
      expect(rightsOf(items)).toEqual(['water between locks', 'a step', 'the first']);
    },
  );

  it('answers at the end that count from one need no word above them', async () => {
    const { items, findings } = await read(
      '1. It was built in:\nA. 1794\nB. 1805\nC. 1850\n2. It is operated by:\nA. steam\nB. wind\nC. hand\n\n1 B\n2 C\n',
    );
    expect(rightsOf(items)).toEqual(['1805', 'hand']);
    expect(items[1]!.options).toHaveLength(3);
    expect(findings.filter(({ level }) => level !== 'note')).toEqual([]);
  });

  it('and a text of nothing else is no list of answers', async () => {
    const { items } = await read('1 B\n2 C\n3 A\n');
    expect(rightsOf(items).filter(Boolean)).toEqual([]);
  });

  const SIDES = ['1) bow', '2) stern', '3) port'];
  const RIGHTS = ['back of the boat', 'left side', 'front of the boat'];
  it.each([
    ['the letters of a key below', ['', '', ''], 'Key: 1-c, 2-a, 3-b\n'],
    ['numbers in the brackets', ['2', '3', '1'], ''],
  ])('lists side by side are paired by %s', async (_, places, key) => {
    const { items, reading } = await read(
      `Match the word with its meaning:\n${SIDES.map((left, n) => `${left}      (${places[n] || ' '}) ${RIGHTS[n]}\n`).join('')}${key}`,
    );
    expect(items.map(({ kind }) => kind)).toEqual(['match']);
    expect(items[0]!.pairs!.map(({ left, right }) => [left.plain, right.plain])).toEqual([
      ['bow', 'front of the boat'],
      ['stern', 'back of the boat'],
      ['port', 'left side'],
    ]);
    expect(reading.as).toBe('questions');
  });
});
