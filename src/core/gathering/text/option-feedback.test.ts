// What is said of single options of a typed question.
import { describe, expect, it } from 'vitest';
import { gatherTyped } from '../../../../tests/typed';

const SAID = ['It is light.', 'It is heavy.', 'It rusts.'];
const OPTIONS = ['cork', 'lead', 'iron'];
const question = (n: number, lines: readonly string[]): string[] => [
  `${n}. What floats, number ${n}?`,
  ...lines,
  '',
];
const both = (lines: readonly string[]): string =>
  [1, 2].flatMap((n) => question(n, lines)).join('\n');

const feedbackIn = async (text: string) =>
  (await gatherTyped(text)).items.map(({ options = [], explanation }) => [
    options.map(({ text: { plain }, feedback }) => [plain, feedback?.plain]),
    explanation?.plain,
  ]);
const asSaid = (explanation?: string) => {
  const one = [OPTIONS.map((option, n) => [option, SAID[n]]), explanation];
  return [one, one];
};

describe('feedback of single options', () => {
  const listed = OPTIONS.map((option, n) => `${'abc'[n]}) ${option}`);
  it.each([
    ['Feedback (a): ', ['a', 'b', 'c']],
    ['Feedback A: ', ['A', 'B', 'C']],
    ['Rationale b: ', ['a', 'b', 'c']],
    ['Feedback 1: ', ['1', '2', '3']],
  ])('is named by its letter or number, as in "%s"', async (name, labels) => {
    const lines = [
      ...listed,
      'Answer: a',
      ...SAID.map((said, n) => name.replace(/[aAb1](?=\)?: )/u, labels[n]!) + said),
    ];
    expect(await feedbackIn(both(lines))).toEqual(asSaid());
  });
  it('stands below each of them', async () => {
    const lines = [
      ...listed.flatMap((option, n) => [option, `   Feedback: ${SAID[n]!}`]),
      'Answer: a',
    ];
    expect(await feedbackIn(both(lines))).toEqual(asSaid());
  });
  it('leaves what explains the whole question to it', async () => {
    const lines = [
      ...listed,
      'Answer: a',
      ...SAID.map((said, n) => `Feedback ${'abc'[n]!}: ${said}`),
      'Explanation: Weight decides.',
    ];
    expect(await feedbackIn(both(lines))).toEqual(asSaid('Weight decides.'));
  });
  it('is that of the whole question where one stands below all', async () => {
    const [first] = await feedbackIn(both([...listed, 'Answer: a', 'Feedback: Weight decides.']));
    expect(first).toEqual([OPTIONS.map((option) => [option, undefined]), 'Weight decides.']);
  });
});

it('what names letters below a statement stays an explanation', async () => {
  const text = [
    '1. Cork floats. True or false?',
    'Answer: true',
    'Feedback A: It is light.',
    'Feedback B: It is not heavy.',
    '',
    '2. What sinks?',
    'a) wood',
    'b) lead',
    'Answer: b',
  ];
  const { items } = await gatherTyped(text.join('\n'));
  expect(items[0]).toMatchObject({
    kind: 'true-false',
    explanation: { plain: 'It is light. It is not heavy.' },
  });
});
