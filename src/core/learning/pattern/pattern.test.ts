// The pieces by which lines of a sample are understood: what stands around texts, what is fixed, what lines become together.
import { describe, expect, it } from 'vitest';
import { likelyPatterns } from '.';
import { blocksIn } from './blocks';
import { classesOf, gapsIn, halvesIn } from './classes';
import { fixedIn } from './fixed';
import { frontsOf } from './fronts';
import { wholeness, BROKEN } from './wholeness';
import { oddsBySentences, oddsByWords, type LineRole } from './words';

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
    expect(isFixed(line)).toBe(said);
  });
  it('counts from one on', () => {
    expect(fixedIn([['Question 3'], ['Question 1']])('Question 3')).toBeUndefined();
  });
});

describe('a word behind a sign', () => {
  it('is a text where the sign stands before other texts as well', () => {
    const isFixed = fixedIn([
      ['+ Jupiter', '## Options'],
      ['+ Jupiter', '## Options'],
      ['+ Venus', '## Options'],
    ]);
    expect([isFixed('+ Jupiter'), isFixed('## Options')]).toEqual([undefined, '## Options']);
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

describe('words in front of lines', () => {
  const best = (words: string): LineRole | undefined =>
    [...oddsByWords({ words, lines: [{}] as never })].sort((a, b) => b[1] - a[1])[0]?.[0];
  it.each([
    ['Question', 'stem'],
    ['Frage', 'stem'],
    ['RIGHT', 'right'],
    ['antwort falsch', 'wrong'],
    ['Correct', 'right'],
    ['Why', 'explanation'],
    ['Topic', 'category'],
    ['Points', 'points'],
    ['Q', 'stem'],
    ['H', 'hint'],
    ['Vrigl', undefined],
  ])('%s', (words, role) => {
    expect(best(words)).toBe(role);
  });
  it('are explained by sentences, sign by sign', () => {
    const said = [
      'A line with ! is the right answer, a line with . is a wrong one.',
      '@ gives the category.',
    ];
    const roles = (sign: string): LineRole[] => [...oddsBySentences(said, sign).keys()];
    expect([roles('!'), roles('.'), roles('@'), roles('?')]).toEqual([
      ['right'],
      ['wrong'],
      ['category'],
      [],
    ]);
  });
});

describe('what lines become together', () => {
  it.each<[string, LineRole[], boolean]>([
    ['right and wrong options', ['stem', 'right', 'wrong'], true],
    ['options and a line that names the right one', ['stem', 'option', 'option', 'key'], true],
    ['options of which nothing says what is right', ['stem', 'option', 'option'], false],
    ['a right one alone', ['stem', 'right'], false],
    ['both signs and a key', ['stem', 'right', 'wrong', 'key'], false],
    ['answers above the question', ['right', 'stem', 'wrong'], false],
    ['two questions', ['stem', 'stem', 'right', 'wrong'], false],
    ['feedback below an option', ['stem', 'right', 'feedback', 'wrong'], true],
    ['feedback below nothing', ['stem', 'feedback', 'right', 'wrong'], false],
    ['options and typed answers', ['stem', 'right', 'wrong', 'accepted'], false],
    ['a typed answer', ['stem', 'accepted'], true],
    ['steps', ['stem', 'step', 'step'], true],
    ['a category alone', ['category'], true],
    ['no question', ['right', 'wrong'], false],
    ['a whole card', ['card'], true],
    ['a card and something else', ['card', 'stem'], false],
  ])('%s', (_, roles, isWhole) => {
    const texts = roles.map((role) => `a ${role}`);
    expect(wholeness(roles, texts) > BROKEN / 2).toBe(isWhole);
  });
  it('true or false by one line', () => {
    expect(wholeness(['stem', 'right'], ['It floats.', 'true'])).toBeGreaterThan(1);
    expect(wholeness(['stem', 'key'], ['It floats.', 'false'])).toBeGreaterThan(1);
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
