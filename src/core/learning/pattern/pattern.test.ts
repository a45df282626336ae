// The pieces by which lines of a sample are understood: what stands around texts, what is fixed, what lines become together.
import { describe, expect, it } from 'vitest';
import { likelyPatterns } from '.';
import { blocksIn } from './blocks';
import { classesOf, gapsIn, halvesIn } from './classes';
import { fixedIn } from './fixed';
import { frontsOf } from './fronts';

const fronts = (...lines: string[]): string[][] =>
  frontsOf(lines).map(({ before, text, after }) => [before, text, ...(after ? [after] : [])]);

describe('what stands around texts', () => {
  it.each<[string, string[], string[][]]>([
    [
      'a tag',
      ['<q>One?</q>', '<q>Two?</q>'],
      [
        ['<q>', 'One?', '</q>'],
        ['<q>', 'Two?', '</q>'],
      ],
    ],
    [
      'the same sign on both sides',
      ['== One ==', '[[Two]]'],
      [
        ['', '== One =='],
        ['', '[[Two]]'],
      ],
    ],
    [
      'a word with its sign',
      ['Front: bow', 'Front: stern'],
      [
        ['Front: ', 'bow'],
        ['Front: ', 'stern'],
      ],
    ],
    [
      'a word that counts',
      ['Q1. One?', 'Q2. Two?'],
      [
        ['Q{#}. ', 'One?'],
        ['Q{#}. ', 'Two?'],
      ],
    ],
    [
      'letters that run',
      ['a) wall', '*b) gate'],
      [
        ['{a}) ', 'wall'],
        ['*{a}) ', 'gate'],
      ],
    ],
    [
      'letters that do not',
      ['Q: One?', 'Q: Two?'],
      [
        ['Q: ', 'One?'],
        ['Q: ', 'Two?'],
      ],
    ],
    [
      'a word with a letter',
      ['Choice A: x', 'Choice B: y'],
      [
        ['Choice {A}: ', 'x'],
        ['Choice {A}: ', 'y'],
      ],
    ],
    [
      'a code',
      ['O|0|x', 'O|1|y'],
      [
        ['O|0|', 'x'],
        ['O|1|', 'y'],
      ],
    ],
    [
      'a box',
      ['[x] one', '[x] two'],
      [
        ['[x] ', 'one'],
        ['[x] ', 'two'],
      ],
    ],
    [
      'a box with a sign',
      ['[C]one', '[C]*two', '[C]three', '[C]*four'],
      [
        ['[C]', 'one'],
        ['[C]*', 'two'],
        ['[C]', 'three'],
        ['[C]*', 'four'],
      ],
    ],
    [
      'a word behind a sign',
      ['@ask One?', '@ask Two?'],
      [
        ['@ask ', 'One?'],
        ['@ask ', 'Two?'],
      ],
    ],
    [
      'a cross',
      ['  x one', '  x two', '  o three', '  o four'],
      [
        ['  x ', 'one'],
        ['  x ', 'two'],
        ['  o ', 'three'],
        ['  o ', 'four'],
      ],
    ],
    [
      'quotes',
      ['+ "one"', '+ "two"'],
      [
        ['+ "', 'one', '"'],
        ['+ "', 'two', '"'],
      ],
    ],
    [
      'a sign behind some',
      ['- one *', '- two', '- three *', '- four'],
      [
        ['- ', 'one', ' *'],
        ['- ', 'two'],
        ['- ', 'three', ' *'],
        ['- ', 'four'],
      ],
    ],
    [
      'a word in brackets behind some',
      ['- one (correct)', '- two', '- three (correct)', '- four'],
      [
        ['- ', 'one', ' (correct)'],
        ['- ', 'two'],
        ['- ', 'three', ' (correct)'],
        ['- ', 'four'],
      ],
    ],
    [
      'statements, of which each says whether it is true',
      ['- one (true)', '- two (false)', '- three (true)'],
      [
        ['- ', 'one (true)'],
        ['- ', 'two (false)'],
        ['- ', 'three (true)'],
      ],
    ],
    [
      'brackets that say nothing',
      ['- one (big)', '- two', '- three (big)'],
      [
        ['- ', 'one (big)'],
        ['- ', 'two'],
        ['- ', 'three (big)'],
      ],
    ],
    [
      'nothing but sentences',
      ['What opens?', 'What floats?'],
      [
        ['', 'What opens?'],
        ['', 'What floats?'],
      ],
    ],
  ])('%s', (_, lines, parts) => {
    expect(fronts(...lines)).toEqual(parts);
  });
});

describe('a line that says the same in most questions', () => {
  const isFixed = fixedIn([
    ['Question 1', '### Answers', 'Yes', 'Key: 1', 'end'],
    ['Question 2', '### Answers', 'Yes', 'Key: 2', 'end'],
  ]);
  it.each([
    ['### Answers', '### Answers'],
    ['end', 'end'],
    ['Key: 2', undefined],
    ['Question 2', 'Question {n}'],
    ['Yes', undefined],
    ['', ''],
  ])('%j is written %j', (line, said) => {
    expect(isFixed(line, line.startsWith('Question'))).toBe(said);
  });
  it('counts from one on', () => {
    expect(fixedIn([['Question 3'], ['Question 1']])('Question 3', true)).toBeUndefined();
  });
});

describe('a word behind a sign', () => {
  it('is a text where the sign stands before other texts as well', () => {
    const isFixed = fixedIn([
      ['+ Jupiter', '## Options'],
      ['+ Jupiter', '## Options'],
      ['+ Venus', '## Options'],
    ]);
    expect([isFixed('+ Jupiter', true), isFixed('## Options', false)]).toEqual([
      undefined,
      '## Options',
    ]);
  });
});

describe('the questions of a sample', () => {
  const sizes = (text: string): number[][] =>
    blocksIn(text.split('\n')).map(({ blocks }) => blocks.map((block) => block.length));
  it('stand between empty lines, or from one opening line to the next', () => {
    expect(sizes('Q: a\nA: b\n\nQ: c\nA: d')[0]).toEqual([2, 2]);
    expect(sizes('Q: a\nA: b\nQ: c\nA: d')).toContainEqual([2, 2]);
  });
  it('take along a line that heads several of them', () => {
    expect(sizes('# One\n? a\n! b\n? c\n! d\n# Two\n? e\n! f')).toContainEqual([3, 2, 3]);
  });
});

describe('texts of two parts', () => {
  const parted = (...texts: string[]): string | undefined =>
    halvesIn(texts.map((text) => ({ text })) as never);
  it('have one sign between them', () => {
    expect(parted('bow :: front', 'stern :: back')).toBe(' :: ');
    expect(parted('bow -> front', 'stern')).toBeUndefined();
    expect(parted('a = b = c', 'd = e')).toBeUndefined();
  });
  it('may be gaps with their words', () => {
    expect(gapsIn('A [[lock]] fills.')).toEqual({ open: '[[', close: ']]' });
    expect(gapsIn('A lock fills.')).toBeUndefined();
  });
});

describe('a pattern', () => {
  it('is none for running text, for lines of any length, and for nothing', () => {
    const all = (text: string) =>
      likelyPatterns(text.split('\n')).filter(({ score }) => score >= 2);
    expect(all('The keeper opens the gate.\nThen the boat goes in.\n\nThe gate is shut.')).toEqual(
      [],
    );
    expect(all(`Q: ${'a'.repeat(2000)}\nA: b\n\nQ: c\nA: d`)).toEqual([]);
    expect(all('')).toEqual([]);
  });
  it('counts the lines of each kind in each question', () => {
    const [first] = blocksIn(['Q: a?', '+ b', '- c', '- d', '', 'Q: e?', '+ f', '- g']);
    expect(classesOf(first!).map(({ before, counts }) => [before, counts])).toEqual([
      ['Q: ', [1, 1]],
      ['+ ', [1, 1]],
      ['- ', [2, 1]],
    ]);
  });
});
