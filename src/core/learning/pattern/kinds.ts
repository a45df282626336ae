// Which kinds the questions of one form are.
import type { Kind, Part } from '../../model';
import { quantityOf } from '../../shared/normalise';
import { kindOfWord } from '../../shared/vocabulary/kinds';
import { verdictPair } from '../../shared/vocabulary/verdicts';
import { ASKS, SEVERAL } from './shapes';
import type { LineRole } from './words';
import type { Told } from './told';

type Blocks = readonly (readonly Told[])[];

/** Kinds that one line alone tells. */
const BY_LINE: readonly (readonly [LineRole, Kind])[] = [
  ['card', 'card'],
  ['pair', 'match'],
  ['step', 'order'],
];

/** Whether each question has two options that say true and false. */
const areTruth = (blocks: Blocks): boolean =>
  blocks.every((block) => {
    const options = block.filter(({ part }) => part === 'option').map(({ text }) => text);
    return options.length === 2 && verdictPair(options) !== undefined;
  });

function choices(blocks: Blocks, named: Kind | undefined): Kind[] {
  const rights = blocks.map((block) => block.filter(({ role }) => role === 'right').length);
  const keys = blocks.flatMap((block) => block.filter(({ role }) => role === 'key'));
  const areInOrder = keys.length === 0 && rights.every((n) => n === 0);
  const many = rights.some((n) => n > 1) || keys.some(({ text }) => SEVERAL.test(text));
  const one = areInOrder || rights.includes(1) || keys.some(({ text }) => !SEVERAL.test(text));
  const isTruth = areTruth(blocks);
  return [
    ...(isTruth ? (['true-false'] as const) : []),
    ...(one && !isTruth ? (['choice-one'] as const) : []),
    ...(many || named === 'choice-many' ? (['choice-many'] as const) : []),
  ];
}

/** Without options: true or false by a word, typed answers, gaps with their words, or a task. */
function others(blocks: Blocks, parts: readonly Part[], named: Kind | undefined): Kind[] {
  const isGapped = parts.some(({ gap, blank }) => gap ?? blank);
  const behind = parts.find(({ answer }) => answer);
  const has = (role: LineRole): boolean =>
    blocks.some((block) => block.some((line) => line.role === role));
  if (has('key') || behind?.words) {
    return ['true-false'];
  }
  if (behind && !isGapped) {
    return ['short'];
  }
  if (!has('accepted')) {
    return [isGapped ? 'gap' : 'open'];
  }
  const answers = blocks.flat().filter(({ role, text }) => role === 'accepted' && text);
  if (named === 'number' && answers.every(({ text }) => quantityOf(text))) {
    return ['number'];
  }
  const asks = blocks.flat().some(({ part, text }) => part === 'stem' && ASKS.test(text));
  // Several answers are typed; a card has one other side.
  const areSeveral = parts.some(({ role, between }) => role === 'accepted' && between);
  return asks || areSeveral ? ['short'] : ['card', 'short'];
}

/** The kinds that questions of one form show; `word` is their own word for it, `parts` are their lines. */
export function kindsOf(
  blocks: Blocks,
  { word, parts }: { word: string | undefined; parts: readonly Part[] },
): Kind[] {
  const roles = new Set(blocks.flat().map(({ role }) => role));
  const byLine = BY_LINE.find(([role]) => roles.has(role));
  if (byLine) {
    return [byLine[1]];
  }
  const named = word === undefined ? undefined : kindOfWord(word);
  const areChoices = (['option', 'right', 'options'] as const).some((role) => roles.has(role));
  return areChoices ? choices(blocks, named) : others(blocks, parts, named);
}
