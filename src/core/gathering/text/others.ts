// The other ways in which a text may be read, in words, each with what has to be overruled for it.
import type { OtherReading } from '../../model';
import { quoted } from '../../shared/plain';
import { pieceText, type Draft } from './draft';
import { nameOf } from './manner';
import type { TextManner } from './signs';
import { LONE, type Weighed } from './readings';
import { say } from '../../shared/say';

const MOST = 3;
/** Weights differ by so much of the best before one is e times as likely. */
const SPREAD = 0.06;

/** What stands in front of a piece in its line, 'Question 1:'; empty where the word processor set it. */
function signBefore(piece: Draft['stem'][number] | undefined): string {
  const own = piece?.line.text.slice(0, piece.from).trim() ?? '';
  return own || (piece?.line.label ?? '');
}

function stemWords({ stem }: TextManner, drafts: readonly Draft[]): string {
  if (stem.is === 'label') {
    return say('begin with {stem}', { stem: quoted(signBefore(drafts[0]?.stem[0])) });
  }
  const words = {
    bold: say('are bold'),
    gap: say('stand behind a blank line'),
    line: say('are a line each'),
  };
  return words[stem.is];
}

function optionWords({ option }: TextManner, drafts: readonly Draft[]): string {
  const first = drafts.find(({ options }) => options.length)?.options[0];
  if (!first) {
    return say('there are no options');
  }
  if (option.is === 'label') {
    return say('options begin with {pieces}', { pieces: quoted(signBefore(first.pieces[0])) });
  }
  return option.is === 'mark'
    ? say('options have a sign, as {pieces}', { pieces: quoted(pieceText(first.pieces[0]!)) })
    : say('options are lines of their own');
}

const optionsOf = (drafts: readonly Draft[]): number =>
  drafts.reduce((sum, { options }) => sum + options.length, 0);

function wordsOf({ manner, found: { drafts } }: Weighed): string {
  const how = manner
    ? say('questions {manner}, {optionWords}', {
        manner: stemWords(manner, drafts),
        optionWords: optionWords(manner, drafts),
      })
    : say('each line by its neighbours alone');
  return say(
    '{drafts, plural, one {# question} other {# questions}} and {options, plural, one {# option} other {# options}}: {how}',
    { drafts: drafts.length, options: optionsOf(drafts), how },
  );
}

/** What a reading becomes, to tell readings apart that come to the same. */
const shapeOf = ({ found: { drafts } }: Weighed): string =>
  drafts
    .map(
      ({ line, options }) =>
        `${line}:${options.map(({ pieces }) => pieces[0]?.line.line).join(',')}`,
    )
    .join(';');

type Distinct = { one: Weighed; likely: number };

/** The readings that come to different questions, the one that was taken first, with how likely each is by its weight. */
export function distinctReadings(weighed: readonly Weighed[]): Distinct[] {
  const byShape = new Map<string, Weighed>();
  for (const one of weighed) {
    const shape = shapeOf(one);
    if (one.found.drafts.length && !byShape.has(shape)) {
      byShape.set(shape, one);
    }
  }
  const found = [...byShape.values()];
  const best = Math.max(...found.map(({ weight }) => weight));
  const scale = Math.max(1, Math.abs(best) * SPREAD);
  const raw = found.map(({ weight }) => Math.exp((weight - best) / scale));
  const sum = raw.reduce((total, one) => total + one, 0);
  return found.map((one, index) => ({ one, likely: raw[index]! / sum }));
}

/** Readings that come to other questions than the one that was taken, likeliest first. */
export const otherManners = (distinct: readonly Distinct[]): OtherReading[] =>
  distinct.slice(1, 1 + MOST).map(({ one, likely }) => ({
    path: 'as',
    label: wordsOf(one),
    likely,
    overrule: { manner: one.manner ? nameOf(one.manner) : LONE },
  }));
