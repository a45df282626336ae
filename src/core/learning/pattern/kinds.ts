// Which kinds the questions of one form are.
import type { Kind, Part } from '../../model';
import { saysOtherSide } from '../other-side';
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

function choices(blocks: Blocks, parts: readonly Part[], named: Kind | undefined): Kind[] {
  const rights = blocks.map((block) => block.filter(({ role }) => role === 'right').length);
  const keys = blocks.flatMap((block) => block.filter(({ role }) => role === 'key'));
  const areInOrder = keys.length === 0 && rights.every((n) => n === 0);
  const { style, between = '' } = parts.find(({ role }) => role === 'key') ?? {};
  const namesSeveral = ({ text }: Told): boolean =>
    SEVERAL.test(text) || (style === 'text' && between !== '' && text.includes(between));
  const many = rights.some((n) => n > 1) || keys.some(namesSeveral);
  const one = areInOrder || rights.includes(1) || keys.some((key) => !namesSeveral(key));
  const isTruth = areTruth(blocks);
  return [
    ...(isTruth ? (['true-false'] as const) : []),
    ...(one && !isTruth ? (['choice-one'] as const) : []),
    ...(many || named === 'choice-many' ? (['choice-many'] as const) : []),
  ];
}

/** What is answered by lines of its own: a number, the other side of a card, or typed answers. */
function answered(blocks: Blocks, parts: readonly Part[], named: Kind | undefined): Kind[] {
  const all = blocks.flat();
  const own = parts.find(({ role }) => role === 'accepted');
  const answers = all.filter(({ role, text }) => role === 'accepted' && text);
  const says = (role: LineRole): boolean => all.some((line) => line.role === role);
  const areNumbers = named === 'number' || own?.tolerance || says('tolerance') || says('unit');
  if (areNumbers && answers.every(({ text }) => quantityOf(text))) {
    return ['number'];
  }
  if (own && saysOtherSide(own.before)) {
    return ['card'];
  }
  // Several answers are typed; a card has one other side.
  const asks = all.some(({ part, text }) => part === 'stem' && ASKS.test(text));
  return asks || own?.between ? ['short'] : ['card', 'short'];
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
  return has('accepted') ? answered(blocks, parts, named) : [isGapped ? 'gap' : 'open'];
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
  return areChoices ? choices(blocks, parts, named) : others(blocks, parts, named);
}
