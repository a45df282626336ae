// Sheets as they are handed out and as they are kept: keys by parts, ranges, rings around numbers, records of fields. Common
// practice, no source.
import { describe, expect, it } from 'vitest';
import { briefsOf, gatherColumns, gatherTyped } from '../../../../tests/typed';
import { brief } from '../../../../tests/say';

describe('a closing key', () => {
  it.each([
    ['Ex. 1 :', 'Ex. 2 :', 'Ex. 3 :'],
    ['Part A:', 'Part B:', 'Part C:'],
    ['Teil I:', 'Teil II:', 'Teil III:'],
  ])('names the parts of the sheet, %s …, each with its answers', async (one, two, three) => {
    const sheet = [
      '1) What floats?\n a. cork   b. stone   c. lead',
      '2) What sinks?\n a. cork   b. stone   c. wood\n',
      '3) Water is wet.',
      '4) Ice is warm.\n',
      '5) The step below the gates is the ______.\n',
      `Answers\n${one} 1a, 2b\n${two} 3 true, 4 false\n${three} 5 cill\n`,
    ].join('\n');
    expect(await briefsOf(sheet)).toEqual([
      'choice-one: What floats? [*cork / stone / lead]',
      'choice-one: What sinks? [cork / *stone / wood]',
      'true-false: Water is wet. [*true / false]',
      'true-false: Ice is warm. [true / *false]',
      'gap: The step below the gates is the {{1}}. [cill]',
    ]);
  });
});

describe('what a typed answer says', () => {
  it.each([
    ['220 (accept 210 to 230)', '220±10'],
    ['3.5 m (3.4–3.6)', '3.5±0.1m'],
    ['between 10 and 14 °C', '12±2°C'],
    ['zwischen 4 und 6 km', '5±1km'],
    // What does not stand in the middle, and years from one to another, stay as they are.
    ['220 (accept 215 to 230)', '220 / 215 to 230'],
    ['1914-1918', '1914-1918'],
  ])('%s is %s', async (said, meant) => {
    expect(
      await briefsOf(`1. How much is it?\nAnswer: ${said}\n\n2. What floats?\nAnswer: cork\n`),
    ).toEqual([expect.stringContaining(`[${meant}]`), 'short: What floats? [cork]']);
  });
  it('is an order, whatever parts the steps in the task and in the answer', async () => {
    expect(
      await briefsOf(
        '1. Put in order: enter / leave / fill (2 marks)\nAnswer: enter, fill, leave\n\n2. What floats?\nAnswer: cork\n',
      ),
    ).toEqual(['order: Put in order: [enter > fill > leave]', 'short: What floats? [cork]']);
  });
  it('stands behind the choice that its line offers, with the reason', async () => {
    const { items } = await gatherTyped(
      '1. Ice sinks.\n   T / F     Ans: F    Because: it is lighter\n\n2. Cork floats.\n   T / F     Ans: T    Because: it is light\n',
    );
    expect(items.map((item) => [brief(item), item.explanation?.plain])).toEqual([
      ['true-false: Ice sinks. [True / *False]', 'it is lighter'],
      ['true-false: Cork floats. [*True / False]', 'it is light'],
    ]);
  });
});

describe('signs of a sheet', () => {
  it('rings around numbers that count once through it number its questions', async () => {
    expect(
      await briefsOf(
        'Tick what is right.\n\n① What floats?\n ☒ cork\n ☐ stone\n\n② What sinks?\n ☐ cork\n ☒ lead\n',
      ),
    ).toEqual([
      'choice-one: What floats? [*cork / stone]',
      'choice-one: What sinks? [cork / *lead]',
    ]);
  });
  it('alternatives in brackets fill a gap, though no other sentence has one', async () => {
    expect(
      await briefsOf(
        '1. What floats?\n*a. cork\nb. stone\n\n2. The step is called a [cill|sill] here.\n\n3. Describe a lock. (5 lines)\n',
      ),
    ).toEqual([
      'choice-one: What floats? [*cork / stone]',
      'gap: The step is called a {{1}} here. [cill|sill]',
      'open: Describe a lock. []',
    ]);
  });
  it('two lists side by side go on counting where those above ended', async () => {
    const lists = (from: number, key: string) =>
      `Match them.\n\n${from}. bow       A. back\n${from + 1}. stern     B. front\n${from + 2}. fender    C. side\n\nKey: ${key}\n\n`;
    expect(await briefsOf(lists(1, '1-B 2-A 3-C') + lists(4, '4-B 5-A 6-C'))).toEqual([
      'match: Match them. [bow=front / stern=back / fender=side]',
      'match: Match them. [bow=front / stern=back / fender=side]',
    ]);
  });
  it('a quoted remark that names itself is named once', async () => {
    const { items } = await gatherTyped(
      [1, 2, 3]
        .map(
          (n) =>
            `### Question ${n}\nWhat is ${n} + ${n}?\n\nA) ${2 * n} ✅\nB) 0\n\n> *Explanation: twice ${n}.*\n`,
        )
        .join('\n'),
      'a.md',
    );
    expect(items.map(({ explanation }) => explanation?.plain)).toEqual([
      'twice 1.',
      'twice 2.',
      'twice 3.',
    ]);
  });
});

describe('records of fields', () => {
  const RECORDS = [
    'QUESTION: How deep is the lock?\nTYPE: number\nANSWER: 4\nTOLERANCE: 0.5\nUNIT: m',
    'QUESTION: What floats?\nTYPE: single\nOPTIONS: cork; stone; lead\nANSWER: cork',
    'QUESTION: Ice sinks.\nTYPE: true/false\nANSWER: false',
    'QUESTION: Order them.\nTYPE: ordering\nITEMS: enter; fill; leave',
  ];
  const MEANT = [
    'number: How deep is the lock? [4±0.5m]',
    'choice-one: What floats? [*cork / stone / lead]',
    'true-false: Ice sinks. [true / *false]',
    'order: Order them. [enter > fill > leave]',
  ];
  it.each([
    ['rules', '\n---\n'],
    ['blank lines', '\n\n'],
    ['nothing', '\n'],
  ])('parted by %s are the rows of a table', async (_, between) => {
    const { items, reading } = await gatherTyped(`${RECORDS.join(between)}\n`);
    expect(items.map(brief)).toEqual(MEANT);
    expect(reading.as).toBe('table');
    expect(items[1]!.origin?.row).toBe((RECORDS[0]! + between).split('\n').length);
  });
  it('whose fields a text says as well are read as one', async () => {
    const { reading } = await gatherTyped(
      'Question: What floats?\nRight: cork\nWrong: stone\nHint: It is light.\n\nQuestion: What sinks?\nRight: lead\nWrong: cork\nHint: It is heavy.\n',
    );
    expect(reading.as).toBe('questions');
  });
});

describe('a table of several kinds', () => {
  it('has the steps of those that ask for an order in the column that they alone fill, and answers that are no numbers beside a tolerance', async () => {
    const { items } = await gatherColumns([
      'Question;Type;Answer;Tolerance;Unit;Options;Items',
      'How deep is the lock?;number;4;0.5;m;;',
      'What floats?;single;cork;;;cork | stone | lead;',
      'Ice sinks.;true/false;false;;;;',
      'Order them.;ordering;;;;;enter | fill | leave',
    ]);
    expect(items.map(brief)).toEqual([
      'number: How deep is the lock? [4±0.5m]',
      'choice-one: What floats? [*cork / stone / lead]',
      'true-false: Ice sinks. [true / *false]',
      'order: Order them. [enter > fill > leave]',
    ]);
  });
  it('of two languages whose words are their own is read in the first', async () => {
    const { items } = await gatherColumns([
      'Question (EN);Frage (DE);A (EN);A (DE);B (EN);B (DE);Right',
      'What is a lock?;Was ist eine Schleuse?;A chamber;Eine Kammer;A bridge;Eine Brücke;A',
      'What is a weir?;Was ist ein Wehr?;A gate;Ein Tor;A low dam;Ein Damm;B',
      'What is a quay?;Was ist ein Kai?;A rope;Ein Seil;A landing place;Ein Anlegeplatz;B',
    ]);
    expect(items.map(brief)).toEqual([
      'choice-one: What is a lock? [*A chamber / A bridge]',
      'choice-one: What is a weir? [A gate / *A low dam]',
      'choice-one: What is a quay? [A rope / *A landing place]',
    ]);
  });
});

describe('what a maker types in a way of their own', () => {
  it.each(['o', '•', '#'])('boxes that (%s) fills are ticked', async (sign) => {
    expect(
      await briefsOf(
        `Question 1\nWhat floats?\n( ) stone\n(${sign}) cork\n( ) lead\n\nQuestion 2\nWhat sinks?\n(${sign}) lead\n( ) cork\n( ) wood\n`,
      ),
    ).toEqual([
      'choice-one: What floats? [stone / *cork / lead]',
      'choice-one: What sinks? [*lead / cork / wood]',
    ]);
  });
  it.each([
    ['{', '}'],
    ['[', ']'],
    ['(', ')'],
  ])('solutions behind questions without numbers, in %s%s', async (open, close) => {
    const { items } = await gatherTyped(
      `[Easy]\nWhat floats? ${open}cork|wood${close}\nWho waits? ${open}the keeper${close}\n\n[Hard]\nWhat is a pound? ${open}a stretch of water${close}\n`,
    );
    expect(items.map((item) => [item.category?.[0], brief(item)])).toEqual([
      ['Easy', 'short: What floats? [cork / wood]'],
      ['Easy', 'short: Who waits? [the keeper]'],
      ['Hard', 'short: What is a pound? [a stretch of water]'],
    ]);
  });
  it('numbers that say how many there are say nothing of their questions', async () => {
    expect(
      await briefsOf(
        'Question 1/2: What floats?\na) cork *\nb) lead\n\nQuestion 2/2: What sinks?\na) cork\nb) lead *\n',
      ),
    ).toEqual([
      'choice-one: What floats? [*cork / lead]',
      'choice-one: What sinks? [cork / *lead]',
    ]);
  });
  it.each([
    ['True or False? Correct the false ones.', 'a)', 'b)', 'F', 'T'],
    ['Vrai ou faux ?', '1.', '2.', 'F', 'V'],
    ['Richtig oder falsch?', '1.', '2.', 'falsch', 'richtig'],
  ])('%s: statements with their verdict and the reason', async (offer, one, two, wrong, right) => {
    const { items } = await gatherTyped(
      `${offer}\n\n${one} Ice sinks. ${wrong} – it is lighter\n${two} Cork floats. ${right}\n`,
    );
    expect(
      items.map(({ kind, stem, options, explanation }) => [
        kind,
        stem.plain,
        options?.map((option) => option.right),
        explanation?.plain,
      ]),
    ).toEqual([
      ['true-false', 'Ice sinks.', [false, true], 'it is lighter'],
      ['true-false', 'Cork floats.', [true, false], undefined],
    ]);
  });
  it('a number with its tolerance answers one question, though others wait for theirs', async () => {
    expect(
      await briefsOf(
        'Question 1\nThe water runs through the {paddle|sluice} here.\n\nQuestion 2\nHow high is it?\n= 3,5 (+/- 0,1)\n',
      ),
    ).toEqual([
      'gap: The water runs through the {{1}} here. [paddle|sluice]',
      'number: How high is it? [3.5±0.1]',
    ]);
  });
});
