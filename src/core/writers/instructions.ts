// How to fill a form, in sentences for the person who does.
import type { Column, Layout } from '../model';

const KEY_SENTENCES: Partial<Record<Layout['key']['style'], (key: Layout['key']) => string>> = {
  letter: ({ separator }) =>
    `Write the letter of the right option, A for the first${separator ? `; several like this: A${separator}C` : ''}.`,
  number: ({ separator }) =>
    `Write the number of the right option, 1 for the first${separator ? `; several like this: 1${separator}3` : ''}.`,
  'number-from-0': () => 'Write the number of the right option, counted from 0.',
  text: () => 'Repeat the text of the right option exactly.',
  marker: ({ marker = '*' }) => `Put the sign (${marker}) in front of each right option.`,
  verdict: ({ right = 'right', wrong = 'wrong' }) =>
    `Write “${right}” or “${wrong}” behind each option.`,
  weight: () =>
    'Write behind each option how many per cent of the points it earns; the right ones add up to 100.',
  first: () => 'The first answer is always the right one.',
  'right-column': () => 'The right answer has a column of its own.',
  word: ({ right = 'true', wrong = 'false' }) => `Write “${right}” or “${wrong}”.`,
};

const KIND_SENTENCES: Partial<Record<Layout['kinds'][number]['kind'], string>> = {
  'choice-one': 'one right option',
  'choice-many': 'several right options',
  'true-false': 'true or false',
  match: 'matching pairs',
  order: 'steps in order',
  short: 'short typed answer',
  number: 'a number',
  gap: 'text with gaps',
  open: 'open answer',
  upload: 'file upload',
  card: 'card',
};

/** A sentence for a limit; none where the layout has no such limit. */
const upTo = (thing: string, most: number | undefined): string =>
  most ? `${thing} may have up to ${most} characters.` : '';

function limitSentences({ limits }: Layout): string[] {
  const { optionsMin, optionsMax, perFile, seconds } = limits;
  return [
    upTo('A question', limits.stem),
    upTo('An answer', limits.option),
    upTo('A hint', limits.hint),
    upTo('An explanation', limits.explanation),
    optionsMin && optionsMax ? `Each question has ${optionsMin} to ${optionsMax} options.` : '',
    perFile ? `At most ${perFile} questions per file.` : '',
    seconds?.length ? `Seconds to choose from: ${seconds.join(', ')}.` : '',
  ];
}

/** The instructions that go with an empty form of this layout. */
export function instructionsFor(layout: Layout): string[] {
  const { key, columns, kinds, shape } = layout;
  const has = (...roles: Column['role'][]): boolean =>
    columns.some((column) => roles.includes(column.role));
  return [
    shape === 'grid'
      ? 'Write the question in the row of its level and its answer in the row below, marked “answer”.'
      : 'Fill in one row for each question and leave the headings as they are.',
    ...limitSentences(layout),
    has('option', 'options', 'right', 'key') ? (KEY_SENTENCES[key.style]?.(key) ?? '') : '',
    ...kinds.map(({ kind, code }) =>
      code && has('kind') ? `${code}: ${KIND_SENTENCES[kind] ?? kind}` : '',
    ),
  ].filter(Boolean);
}
