// Answers that nothing names: by an arrow, by boxes behind, by capitals, by their line. The habits are common practice, no source.
import { describe, expect, it } from 'vitest';
import { gatherSource } from '../../pipeline';
import { counter } from '../../../../tests/make';
import { brief } from '../../../../tests/say';
import { gatherTyped } from '../../../../tests/typed';

const briefs = async (...lines: string[]) => {
  const bytes = new TextEncoder().encode(`${lines.join('\n')}\n`);
  const { items, reading } = await gatherSource({ name: 'a.txt', bytes }, {}, { id: counter() });
  expect(reading.unsure).toEqual([]);
  return items.map(brief);
};

describe('the right answer', () => {
  it('is named by a letter behind an arrow below its options', async () => {
    expect(
      await briefs(
        '1. How many teeth has an adult?',
        'A: 28',
        'B: 32',
        'C: 34',
        '-> B',
        '',
        '2. Which two cut?',
        'A: canines',
        'B: incisors',
        'C: molars',
        '-> A, B',
      ),
    ).toEqual([
      'choice-one: How many teeth has an adult? [28 / *32 / 34]',
      'choice-many: Which two cut? [*canines / *incisors / molars]',
    ]);
  });

  it('has its box behind it', async () => {
    expect(
      await briefs(
        '[1] Which sense uses the nose?',
        'smell [x]',
        'taste [ ]',
        '',
        '[2] Which senses use the skin?',
        'touch [x]',
        'hearing [ ]',
        'pain [x]',
      ),
    ).toEqual([
      'choice-one: Which sense uses the nose? [*smell / taste]',
      'choice-many: Which senses use the skin? [*touch / hearing / *pain]',
    ]);
  });

  it('is the one in capitals among options behind their question', async () => {
    expect(
      await briefs(
        '1. Which bone is in the thigh? FEMUR / tibia / radius',
        '2. Which bone is in the arm? fibula / HUMERUS / patella',
      ),
    ).toEqual([
      'choice-one: Which bone is in the thigh? [*FEMUR / tibia / radius]',
      'choice-one: Which bone is in the arm? [fibula / *HUMERUS / patella]',
    ]);
    // All of one kind are answers that count.
    expect(
      await briefs(
        '1. What is short for the brain? CNS / BR',
        '2. What is it made of? nerves / cells',
        '3. What guards it? the skull / bone',
      ),
    ).toEqual([
      'short: What is short for the brain? [CNS / BR]',
      'short: What is it made of? [nerves / cells]',
      'short: What guards it? [the skull / bone]',
    ]);
  });

  it('stands on the line below, where lines ask and answer by turns', async () => {
    expect(
      await briefs(
        'How many bones has an adult?',
        '206',
        'What is the largest bone?',
        'the femur',
        'What colour is blood?',
        'red',
      ),
    ).toEqual([
      'short: How many bones has an adult? [206]',
      'short: What is the largest bone? [the femur]',
      'short: What colour is blood? [red]',
    ]);
  });

  it('stands on the line below, under titles of rounds as well, in a text and down a column', async () => {
    const lines = [
      'Round 1: Bodies',
      'How many bones has an adult?',
      '206',
      'What is the largest bone?',
      'the femur',
      'Round 2: Water',
      'What is ice?',
      'frozen water',
      '“Who” is asked what?',
      '£5',
    ];
    const short = [
      'short: How many bones has an adult? [206]',
      'short: What is the largest bone? [the femur]',
      'short: What is ice? [frozen water]',
      'short: “Who” is asked what? [£5]',
    ];
    for (const name of ['quiz.txt', 'quiz.csv']) {
      const { items } = await gatherTyped(lines.join('\n'), name);
      expect(items.map(brief), name).toEqual(short);
      expect(items.map(({ category }) => category?.[0])).toEqual([
        'Round 1: Bodies',
        'Round 1: Bodies',
        'Round 2: Water',
        'Round 2: Water',
      ]);
    }
  });

  it('is none where lines that answer nothing stand between', async () => {
    const { items } = await gatherTyped(
      ['What is ice?', 'frozen water', 'and what else?', 'snow', 'more of it', 'Is it?'].join('\n'),
    );
    expect(items.map(({ accepted }) => accepted)).not.toContainEqual(['snow']);
  });
});

describe('two lists below a task without a number', () => {
  it('are joined by the line that says what belongs together', async () => {
    const bytes = new TextEncoder().encode(
      'Match the parts.\n1. femur\n2. humerus\n3. cranium\n\na. head\nb. leg\nc. arm\n\nAnswers: 1-b, 2-c, 3-a\n\nMatch the senses.\n1) eye\n2) ear\nA) hearing\nB) sight\n1B 2A\n',
    );
    const { items } = await gatherSource({ name: 'a.txt', bytes }, {}, { id: counter() });
    expect(items.map(brief)).toEqual([
      'match: Match the parts. [femur=leg / humerus=arm / cranium=head]',
      'match: Match the senses. [eye=sight / ear=hearing]',
    ]);
  });
});

describe('signs that single one out', () => {
  it('stand on both sides of the right option', async () => {
    const right = [
      'choice-one: What cuts? [saw / *axe / file]',
      'choice-one: What joins? [*glue / oil]',
    ];
    expect(
      await briefs(
        '1. What cuts?',
        'a) saw',
        'b) {axe}',
        'c) file',
        '2. What joins?',
        'a) {glue}',
        'b) oil',
      ),
    ).toEqual(right);
    expect(
      await briefs(
        '#1 What cuts?',
        '  saw',
        '  > axe <',
        '  file',
        '#2 What joins?',
        '  > glue <',
        '  oil',
      ),
    ).toEqual(right);
  });

  it('are nothing of the kind at every option', async () => {
    const bytes = new TextEncoder().encode(
      '1. What cuts?\na) (saw)\nb) (axe)\n2. What joins?\na) (glue)\nb) (oil)\n',
    );
    const { items } = await gatherSource({ name: 'a.txt', bytes }, {}, { id: counter() });
    expect(items.map(brief)).toEqual([
      'choice-one: What cuts? [(saw) / (axe)]',
      'choice-one: What joins? [(glue) / (oil)]',
    ]);
  });

  it('cross out the right box among empty ones, whatever the boxes are', async () => {
    expect(
      await briefs(
        '1. What cuts?',
        '□ oil',
        '☒ axe',
        '□ glue',
        '2. What joins?',
        '☒ glue',
        '□ oil',
      ),
    ).toEqual([
      'choice-one: What cuts? [oil / *axe / glue]',
      'choice-one: What joins? [*glue / oil]',
    ]);
  });
});

it('a list of answers takes T beside F', async () => {
  expect(
    await briefs(
      '1. Otters sleep all night.   T / F',
      '2. A hen swan is a pen.   T / F',
      '3. Herons eat fish.   T / F',
      '',
      'Answers',
      '1 F, 2 T, 3 T',
    ),
  ).toEqual([
    'true-false: Otters sleep all night. [True / *False]',
    'true-false: A hen swan is a pen. [*True / False]',
    'true-false: Herons eat fish. [*True / False]',
  ]);
});

it('a column of terms so long that hardly a gap is left', async () => {
  expect(
    await briefs(
      'UNIT 4',
      '',
      'to moor        festmachen',
      'the bollard    der Poller',
      'the lock gate  das Tor',
      'upstream       bergwärts',
    ),
  ).toEqual([
    'card: to moor [festmachen]',
    'card: the bollard [der Poller]',
    'card: the lock gate [das Tor]',
    'card: upstream [bergwärts]',
  ]);
});
