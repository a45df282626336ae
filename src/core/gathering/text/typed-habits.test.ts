// Further habits of typed texts: what stands in front of questions, where answers stand, records.
import { describe, expect, it } from 'vitest';
import { counter } from '../../../../tests/make';
import { brief } from '../../../../tests/say';
import type { Item } from '../../model';
import { gatherSource } from '../../pipeline';

const read = async (...lines: string[]): Promise<Item[]> => {
  const bytes = new TextEncoder().encode(lines.join('\n'));
  const { items } = await gatherSource({ name: 'a.txt', bytes }, {}, { id: counter() });
  return items;
};
const briefs = async (...lines: string[]): Promise<string[]> => (await read(...lines)).map(brief);

it('a line that counts questions of all stands above its question', async () => {
  const lines = [1, 2, 3].flatMap((n) => [
    `Question ${n} of 3`,
    `What is part ${n}?`,
    'A beam',
    'A sill',
    '',
    'Answer: A sill',
    '',
  ]);
  expect((await briefs(...lines))[1]).toBe('choice-one: What is part 2? [A beam / *A sill]');
});

it('letters for every question are the key, whatever word stands in front', async () => {
  const lines = [
    '1) Co?',
    'a) tak',
    'b) most',
    '2) Kto?',
    'a) pies',
    'b) kot',
    '',
    'Odpowiedzi: 1b, 2a',
  ];
  expect(await briefs(...lines)).toEqual([
    'choice-one: Co? [tak / *most]',
    'choice-one: Kto? [*pies / kot]',
  ]);
});

it('options on one line below a question are told by its answer', async () => {
  const lines = ['rope | pole | oar', 'gate | sill | beam'].flatMap((options, n) => [
    `${n + 1} What is tool ${n + 1}?`,
    options,
    `Antwoord: ${options.split(' | ')[n]}`,
    '',
  ]);
  expect(await briefs(...lines)).toEqual([
    'choice-one: What is tool 1? [*rope / pole / oar]',
    'choice-one: What is tool 2? [gate / *sill / beam]',
  ]);
});

it('a sign that one line of each group has alone singles out the right option', async () => {
  const lines = [
    'What floats?',
    '! cork',
    '% iron',
    '% lead',
    '',
    'What sinks?',
    '% cork',
    '! iron',
    '% wood',
  ];
  expect(await briefs(...lines)).toEqual([
    'choice-one: What floats? [*cork / iron / lead]',
    'choice-one: What sinks? [cork / *iron / wood]',
  ]);
});

it('a key that moves every option puts steps in order', async () => {
  const lines = [
    '1. Put the steps in order.',
    'a) leave',
    'b) enter',
    'c) fill',
    'Answer: b, c, a',
  ];
  expect(await briefs(...lines)).toEqual(['order: Put the steps in order. [enter > fill > leave]']);
});

it('records whose names the running text would leave in its questions are rows of a table', async () => {
  const lines = ['014', '015'].flatMap((n, index) => [
    `ID: MC-${n}`,
    `Stem: What is part ${index + 1}?`,
    `Key: sill ${index + 1}`,
    'Distractors: rope, pole, oar',
    'Bloom: Remember',
    '',
  ]);
  const items = await read(...lines);
  expect(items.map(brief)).toEqual([
    'choice-one: What is part 1? [*sill 1 / rope / pole / oar]',
    'choice-one: What is part 2? [*sill 2 / rope / pole / oar]',
  ]);
  expect(items.map(({ ref, origin }) => [ref, origin?.row])).toEqual([
    ['MC-014', 1],
    ['MC-015', 7],
  ]);
});

it('titles between lines with their answers behind them are categories', async () => {
  const items = await read(
    'Trivia',
    '',
    'Boats',
    'What holds a boat? - a rope',
    'What steers it? - a rudder',
    'What keeps it off the wall? - a fender',
    '',
    'Locks',
    'What is under the gate? - the sill',
    'What lets water through? - the paddle',
  );
  expect(items.map(({ category, accepted }) => [category?.[0], accepted?.[0]])).toEqual([
    ['Boats', 'a rope'],
    ['Boats', 'a rudder'],
    ['Boats', 'a fender'],
    ['Locks', 'the sill'],
    ['Locks', 'the paddle'],
  ]);
});

describe('a paper of an examination', () => {
  const PAPER = [
    'UNIT TEST 3           Total: 10 marks',
    '',
    'Section A (4 marks) Answer ALL questions.',
    '',
    '1   A boat is held by',
    '    A   a weir',
    '    B   a rope',
    '    C   a gate                              [1]',
    '',
    '2   Water passes through',
    '    A   a paddle',
    '    B   a beam',
    '    C   a bollard                           [1]',
    '',
    'Section B (6 marks)',
    '',
    '3   Who opens the gates?                    [2]',
    '',
  ];
  it('has the marks of each question in brackets, and the key below whatever heading', async () => {
    const items = await read(...PAPER, 'MARK SCHEME', '1  B', '2  A', '3  the crew');
    expect(items.map(brief)).toEqual([
      'choice-one: A boat is held by [a weir / *a rope / a gate]',
      'choice-one: Water passes through [*a paddle / a beam / a bollard]',
      'short: Who opens the gates? [the crew]',
    ]);
    expect(items.map(({ points, category }) => [points, category?.[0]])).toEqual([
      [1, 'Section A'],
      [1, 'Section A'],
      [2, 'Section B'],
    ]);
  });
});

it('a blank to write on stands in front of numbers, and the key names its answers', async () => {
  const lines = [
    '____ 1. A boat is held by',
    'a. ropes',
    'b. gates',
    '',
    '____ 2. The stern is',
    'a. the front',
    'b. the back',
    '',
    'ANSWER SECTION',
    '',
    '1. ANS: A',
    '2. ANS: B',
  ];
  expect(await briefs(...lines)).toEqual([
    'choice-one: A boat is held by [*ropes / gates]',
    'choice-one: The stern is [the front / *the back]',
  ]);
});

it('one line below each question is its answer', async () => {
  const lines = [
    '1. What holds a boat?',
    '   a rope',
    '',
    '2. What is wound?',
    '   the windlass',
    '',
    '3. Who waits?',
    '   the crew / the boat',
  ];
  expect(await briefs(...lines)).toEqual([
    'short: What holds a boat? [a rope]',
    'short: What is wound? [the windlass]',
    'short: Who waits? [the crew / the boat]',
  ]);
});

it('names that stand in turn ask and answer, in any language', async () => {
  const lines = [
    'Tema: Esclusas',
    '',
    'P1: ¿Qué sujeta un barco?',
    'R: una cuerda',
    '',
    'P2: ¿Quién espera?',
    'R: la tripulación',
    '',
    'P3: ¿Qué flota?',
    'R: el corcho',
  ];
  expect(await briefs(...lines)).toEqual([
    'short: ¿Qué sujeta un barco? [una cuerda]',
    'short: ¿Quién espera? [la tripulación]',
    'short: ¿Qué flota? [el corcho]',
  ]);
});

it('an answer may be led in on the line of its statement', async () => {
  const lines = [
    'Statement: A gate opens against the water. Answer: false.',
    'Statement: A sill is under water. Answer: true.',
    'Statement: A rope floats. Answer: true.',
  ];
  expect(await briefs(...lines)).toEqual([
    'true-false: A gate opens against the water. [true / *false]',
    'true-false: A sill is under water. [*true / false]',
    'true-false: A rope floats. [*true / false]',
  ]);
});

it('an arrow behind an option points at it; letters that a blank alone parts may stand in front of numbers', async () => {
  const lines = ['1 <--', '2', '3'].flatMap((mark, n) => [
    `Q${n + 1} How deep is pound ${n + 1}?`,
    `   A 1${n} m   ${mark.slice(1).trim()}`.trimEnd(),
    `   B 2${n} m`,
    `   C 3${n} m${n ? '   <==' : ''}`,
  ]);
  expect(await briefs(...lines)).toEqual([
    'choice-one: How deep is pound 1? [*10 m / 20 m / 30 m]',
    'choice-one: How deep is pound 2? [11 m / 21 m / *31 m]',
    'choice-one: How deep is pound 3? [12 m / 22 m / *32 m]',
  ]);
});

it('a cross among rings singles an option out, and other letters do not', async () => {
  expect(
    await briefs(
      '1) What floats?',
      'o lead',
      'x cork',
      'o iron',
      '',
      '2) What sinks?',
      'x lead',
      'o cork',
      'o oak',
    ),
  ).toEqual([
    'choice-one: What floats? [lead / *cork / iron]',
    'choice-one: What sinks? [*lead / cork / oak]',
  ]);
});
