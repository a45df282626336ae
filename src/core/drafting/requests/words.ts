// A request in words that any writing assistant follows, and a second one for what its reply lacked.
import type { Asked, Kind } from '../../model';
import { count, listed, optionLetter } from '../../shared/plain';

const KIND_WORDS: Partial<Record<Kind, [one: string, many: string]>> = {
  'choice-one': ['question with one right option', 'questions with one right option'],
  'choice-many': [
    'question with one or more right options',
    'questions with one or more right options',
  ],
  'true-false': [
    'statement that is true or false',
    'statements, about half of them true and half false',
  ],
  short: ['question with a short answer', 'questions with a short answer'],
  card: ['card', 'cards'],
};

const kindWords = (kinds: readonly Kind[], n: number): string =>
  listed(kinds.flatMap((kind) => KIND_WORDS[kind]?.[n === 1 ? 0 : 1] ?? []));

function aboutWords({ topic, text, terms, count: wanted, kinds, category }: Asked): string[] {
  const each = terms.length && terms.length === wanted ? ', one for each of these words' : '';
  const words = !each && terms.length ? ` on these ${terms.length} words` : '';
  const on = topic ? ` on ${topic}` : '';
  const within = category ? `, all of the category ${category}` : '';
  return [
    `Write ${wanted} ${kindWords(kinds, wanted)}${on}${within}${each}${words}${terms.length ? ':' : '.'}`,
    ...(terms.length ? [terms.join('; ')] : []),
    ...(text ? ['Use nothing but this text:', '"""', text.trim(), '"""'] : []),
  ];
}

function keyWords({ key, options }: Asked): string {
  const last = optionLetter(options - 1);
  const words: Record<Asked['key']['style'], string> = {
    letter: `The right option is told by its letter, A to ${last}.`,
    number: `The right option is told by its number, 1 to ${options}.`,
    'number-from-0': `The right option is told by its number, counted from 0 to ${options - 1}.`,
    text: 'The right option is told by its text, exactly as it stands in its place.',
    word: 'Write True or False.',
    none: '',
  };
  return words[key.style];
}

function limitWords({ limits: { stem, option }, options }: Asked): string {
  const parts = [
    stem ? `the first part at most ${stem} characters` : '',
    option ? `${options ? 'each option' : 'the answer'} at most ${option} characters` : '',
  ].filter(Boolean);
  return parts.length ? `Lengths: ${parts.join(', ')}, blanks counted.` : '';
}

const choiceWords = ({ options, kinds }: Asked): string =>
  options
    ? `${kinds.includes('choice-many') ? '' : 'Only one option is right. '}The options of a question are of the same form and about as long as each other, and the right ones stand at all places about equally often.`
    : '';

/** How the reply is to look; the same in every request. */
function formWords(asked: Asked): string[] {
  const parts = asked.columns.map(({ heading }) => heading).join(' | ');
  return [
    `One line for each ${asked.kinds[0] === 'card' ? 'card' : 'question'}, its parts in this order with | between them:`,
    parts,
    keyWords(asked),
    choiceWords(asked),
    limitWords(asked),
    asked.level ? `Level: ${asked.level}.` : '',
    asked.language ? `Language: ${asked.language}.` : '',
    asked.avoid ? `Avoid: ${asked.avoid}.` : '',
    'No heading line, no numbers or letters in front, no bold, nothing before or after the lines, no text cut short. Put all lines into one code block.',
  ].filter(Boolean);
}

/** A request for nothing but categories: what is asked for of each comes in requests of its own. */
function categoryWords({ count: wanted, topic, text, language, avoid }: Asked): string {
  const lines = [
    `Name ${wanted} categories${topic ? ` of ${topic}` : ''}: together they cover it, none overlaps another, each has one to four words.`,
    ...(text ? ['Use nothing but this text:', '"""', text.trim(), '"""'] : []),
    '',
    ...(language ? [`Language: ${language}.`] : []),
    ...(avoid ? [`Avoid: ${avoid}.`] : []),
    'One category on each line, no numbers or signs in front, nothing before or after the lines. Put all lines into one code block.',
  ];
  return lines.join('\n');
}

/** The request for one batch. */
export const requestWords = (asked: Asked): string =>
  asked.isForCategories ? categoryWords(asked) : questionWords(asked);

const questionWords = (asked: Asked): string =>
  [...aboutWords(asked), '', ...formWords(asked)].join('\n');

/** What was wrong with questions of a reply: the reason, and the questions' first words. */
export type Wrong = { why: string; texts: readonly string[] };

/** The second request, for only what is missing or wrong, with the reasons. */
export function secondRequestWords(
  asked: Asked,
  missing: readonly string[],
  wrong: readonly Wrong[],
): string {
  const lines = [
    `Your reply was not complete. Write ${count(asked.count, asked.kinds[0] === 'card' ? 'card' : 'question')} more, for only what is named here.`,
    ...(missing.length ? [`Words still without a good question: ${missing.join('; ')}.`] : []),
    ...wrong.map(
      ({ why, texts }) =>
        `${why}: ${texts.join('; ')}. Write ${texts.length === 1 ? 'it' : 'them'} anew.`,
    ),
  ];
  return [...lines, '', ...formWords(asked)].join('\n');
}
