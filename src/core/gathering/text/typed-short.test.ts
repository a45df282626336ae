// What people write short in typed questions: names, kinds, verdicts, degrees. The habits are common practice, no source.
import { describe, expect, it } from 'vitest';
import { gatherSource } from '../../pipeline';
import { counter } from '../../../../tests/make';
import { brief } from '../../../../tests/say';

const read = (lines: readonly string[]) =>
  gatherSource(
    { name: 'typed.txt', bytes: new TextEncoder().encode(`${lines.join('\n')}\n`) },
    {},
    { id: counter() },
  );

describe('short forms', () => {
  it('of names, with a full stop, beside options on one line and letters that look like them', async () => {
    const { items } = await read([
      'Q. Which saw cuts curves?',
      '   A. hand saw   B. jigsaw   C. hacksaw',
      '   Ans. B',
      '   Exp. Its blade is narrow.',
      '',
      'Q. Which two are fasteners?',
      '   A. screw   B. plank   C. nail',
      '   Ans. A, C',
    ]);
    expect(items.map(brief)).toEqual([
      'choice-one: Which saw cuts curves? [hand saw / *jigsaw / hacksaw]',
      'choice-many: Which two are fasteners? [*screw / plank / *nail]',
    ]);
    expect(items[0]!.explanation?.plain).toBe('Its blade is narrow.');
  });
  it('of kinds, in brackets behind the number of a question', async () => {
    const { items } = await read([
      'Question 1 of 3',
      'Which tool cuts wire?',
      '- hammer',
      '- pliers ✔',
      '',
      'Question 2 of 3 (true/false)',
      'A hammer drives screws.',
      'Answer: false',
      '',
      'Question 3 of 3 (short answer)',
      'What is the unit of current?',
      'Answer: ampere / amp',
    ]);
    expect(items.map(brief)).toEqual([
      'choice-one: Which tool cuts wire? [hammer / *pliers]',
      'true-false: A hammer drives screws. [true / *false]',
      'short: What is the unit of current? [ampere / amp]',
    ]);
  });
  it('of verdicts, behind statements that letters count: each asks by itself, in the words above them', async () => {
    const { items } = await read([
      'Partie A : Vrai ou faux',
      '',
      'a) Le marteau sert à visser. F',
      'b) La scie coupe le bois. V',
      '',
      'Partie B : Choix multiple',
      '',
      '1. Quel outil perce ?',
      'a) la perceuse *',
      'b) la lime',
    ]);
    expect(items.map(brief)).toEqual([
      'true-false: Le marteau sert à visser. [Vrai / *Faux]',
      'true-false: La scie coupe le bois. [*Vrai / Faux]',
      'choice-one: Quel outil perce ? [*la perceuse / la lime]',
    ]);
    // Below a question with a number they say which of its options are right.
    const asked = await read([
      '1. Which of these are true?',
      'a) Birds fly. True',
      'b) Fish walk. False',
      '',
      '2. Which of these are false?',
      'a) Birds swim. False',
      'b) Fish run. True',
    ]);
    expect(asked.items.map(brief)).toEqual([
      'choice-one: Which of these are true? [*Birds fly. / Fish walk.]',
      'choice-one: Which of these are false? [Birds swim. / *Fish run.]',
    ]);
  });
  it('of degrees, behind the question that asks for them', async () => {
    const { items } = await read([
      '1. How many volts has a car battery? 12 V',
      '2. At what temperature does water boil? 100 °C',
      '3. How many sides has a hexagon? 6',
    ]);
    expect(items.map(brief)).toEqual([
      'short: How many volts has a car battery? [12 V]',
      'short: At what temperature does water boil? [100 °C]',
      'short: How many sides has a hexagon? [6]',
    ]);
  });
});
