// Reasons below all questions, in lists of their own or behind the letters of the key. The habits are common practice, no source.
import { describe, expect, it } from 'vitest';
import { gatherTyped, rightOnes } from '../../../../tests/typed';

const QUESTIONS = [
  '1. Which gas do plants take in?',
  'a) oxygen',
  'b) carbon dioxide',
  'c) nitrogen',
  '',
  '2. What is the largest organ?',
  'a) the skin',
  'b) the liver',
  'c) the heart',
  '',
];
const REASONS = ['Plants use it for photosynthesis.', 'It covers the whole body.'];
const MARKED = QUESTIONS.map((line) => (/dioxide|skin/.test(line) ? `${line} *` : line));

/** What is right and why, question by question. */
async function read(...lines: string[]): Promise<unknown[]> {
  const { items } = await gatherTyped(lines.join('\n'));
  return items.map((item) => [rightOnes(item).join(), item.explanation?.plain]);
}
const BOTH = [
  ['carbon dioxide', REASONS[0]],
  ['the skin', REASONS[1]],
];

describe('reasons below all questions', () => {
  it.each<[string, string[]]>([
    ['Explanations', ['1. %1', '2. %2']],
    ['Begründungen:', ['zu 1: %1', 'zu 2: %2']],
    ['Explications', ['1) %1', '', '2) %2']],
    ['Why', ['Question 1: %1', 'Question 2: %2']],
  ])('have their numbers below “%s”', async (heading, list) => {
    const filled = list.map((line) => line.replace('%1', REASONS[0]!).replace('%2', REASONS[1]!));
    expect(await read(...MARKED, heading, ...filled)).toEqual(BOTH);
  });

  it('may stand on one line, and below a key under any heading', async () => {
    expect(await read(...MARKED, `Why: 1 ${REASONS[0]} 2 ${REASONS[1]}`)).toEqual(BOTH);
    const key = ['Answers', '1. b', '2. a', '', 'Notes'];
    expect(await read(...QUESTIONS, ...key, `1. ${REASONS[0]}`, `2. ${REASONS[1]}`)).toEqual(BOTH);
  });

  it.each<[string, string[]]>([
    ['behind a dash', ['Answers', '1. b – %1', '2. a – %2']],
    ['in brackets', ['Answers:', '1. b (%1)', '2. a (%2)']],
    [
      'behind the option',
      ['Answers and explanations', '1. b) carbon dioxide. %1', '2. a) the skin. %2'],
    ],
    ['behind a colon', ['Lösungen mit Erklärung', '1 b: %1', '2 a: %2']],
    ['on the next line', ['ANSWERS', '1. b', '%1', '2. a', '%2']],
    ['behind their name', ['Answer key', '1. B', 'Explanation: %1', '2. A', 'Explanation: %2']],
  ])('stand %s in the key', async (_, list) => {
    const filled = list.map((line) => line.replace('%1', REASONS[0]!).replace('%2', REASONS[1]!));
    expect(await read(...QUESTIONS, ...filled)).toEqual(BOTH);
  });

  it('end where something else stands behind a gap, and no tasks are taken for them', async () => {
    const list = ['Explanations', `1. ${REASONS[0]}`, `2. ${REASONS[1]}`, '', 'Good luck!'];
    expect(await read(...MARKED, ...list)).toEqual(BOTH);
    const tasks = ['1. Name a gas.', '2. Name an organ.', '3. Draw a lung.'];
    const more = await gatherTyped(
      [...MARKED, 'Answers', '1. b', '2. a', '', 'Bonus', ...tasks].join('\n'),
    );
    expect(more.items.every(({ explanation }) => explanation === undefined)).toBe(true);
  });

  it('are none where more questions stand there, or numbers of none', async () => {
    const rounds = await gatherTyped(
      [
        ...['Round 1', '1. Who waits?', '2. What floats?', '', 'Answers', '1. a boat', '2. a hull'],
        ...[
          '',
          'Round 2',
          '1. Who steers?',
          '2. What opens?',
          '',
          'Answers',
          '1. the crew',
          '2. a gate',
        ],
      ].join('\n'),
    );
    expect(rounds.items.map(({ accepted }) => accepted?.[0])).toEqual([
      'a boat',
      'a hull',
      'the crew',
      'a gate',
    ]);
    expect(rounds.items.every(({ explanation }) => explanation === undefined)).toBe(true);
    const past = await read(...MARKED, 'Explanations', `1. ${REASONS[0]}`, '7. Of no question.');
    expect(past.slice(0, 2)).toEqual([
      ['carbon dioxide', undefined],
      ['the skin', undefined],
    ]);
  });
});

describe('statements below an offer to judge them', () => {
  it.each([
    ['True or false?', 'Key: 1 T, 2 F, 3 F'],
    ['True or false?', 'Key: 1T 2F 3F'],
    ['Juist of onjuist?', 'Antwoorden: 1J, 2O, 3O.'],
  ])('%s %s', async (offer, key) => {
    const { items } = await gatherTyped(
      [
        offer,
        '1. The skin is an organ.',
        '2. The femur is in the arm.',
        '3. Ice is hot.',
        '',
        key,
      ].join('\n'),
    );
    expect(items.map(({ kind, options }) => [kind, options?.[0]?.right])).toEqual([
      ['true-false', true],
      ['true-false', false],
      ['true-false', false],
    ]);
  });

  it('is a question itself above the two words', async () => {
    const { items } = await gatherTyped('1. Ice is hot. True or false?\na) True\nb) False *\n');
    expect(items).toHaveLength(1);
    expect(rightOnes(items[0]!)).toEqual(['False']);
  });
});
