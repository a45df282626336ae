// The kinds of lines of a sample: what stands around them, how often they come in a question, and what their texts look like.
import { literal } from '../../shared/literal';
import { alike } from '../../shared/normalise';
import type { Blocks, Line } from './blocks';

/** Lines that have the same around their texts. */
export type Class = {
  key: string;
  before: string;
  after: string;
  words: string;
  /** Those that have a text, where any has. */
  lines: readonly Line[];
  /** How many of them each block has, those without a text among them. */
  counts: readonly number[];
  /** The share of blocks with such a line, or with another of its family. */
  everywhere: number;
  /** Whether each of them opens its block. */
  opens: boolean;
  /** The share of them that looks so. */
  share: (test: (text: string) => boolean) => number;
};

/** The kinds of lines of all blocks; lines that say the same everywhere are none. */
export function classesOf({ blocks }: Blocks): Class[] {
  const keys = [
    ...new Set(
      blocks
        .flat()
        .filter(({ fixed }) => !fixed)
        .map(({ key }) => key),
    ),
  ];
  // A category may stand in a block of its own.
  const several = blocks.filter((block) => block.length > 1);
  const whole = several.length ? several : blocks;
  return keys.map((key) => {
    const all = blocks.flat().filter((line) => line.key === key);
    const told = all.filter(({ text }) => text);
    const lines = told.length ? told : all;
    const { before, after, words, code } = lines[0]!;
    const isAlike = (line: Line): boolean =>
      line.key === key || (code !== undefined && line.code?.family === code.family);
    return {
      key,
      before,
      after,
      words,
      lines,
      counts: blocks.map((block) => block.filter((line) => line.key === key).length),
      everywhere: whole.filter((block) => block.some(isAlike)).length / Math.max(1, whole.length),
      opens: blocks.every(
        (block) =>
          !block.some((line) => line.key === key) || block.find(({ fixed }) => !fixed)?.key === key,
      ),
      share: (test) => lines.filter(({ text }) => test(text)).length / lines.length,
    };
  });
}

/** Whether labels in front of lines run from the first on within each block: a, b, c or 1, 2, 3. */
export function countsWithin({ key }: Class, { blocks }: Blocks): boolean {
  const runs = blocks
    .map((block) => block.filter((line) => line.key === key).map(({ counter }) => counter))
    .filter((run) => run.length > 0);
  return (
    runs.some((run) => run.length > 1) &&
    runs.every((run) => run.every((counter, at) => counter === at + 1))
  );
}

/** Whether labels in front of single lines count the blocks, or those of them that have such a line. */
export function countsBlocks({ key, lines }: Class, { blocks }: Blocks): boolean {
  const places = blocks.flatMap((block, at) =>
    block.flatMap((line) => (line.key === key ? [{ at, counter: line.counter ?? -1 }] : [])),
  );
  return (
    (blocks.length > 1 && places.every(({ at, counter }) => counter === at + 1)) ||
    (lines.length > 1 &&
      lines.every(({ counter }, at) => counter === (lines[0]!.counter ?? 0) + at))
  );
}

const SIGN_BETWEEN = /(?<=[^\s|;/])(\s?\||\s?;|\s\/|,)(\s?)(?=\S)/u;

/** The sign that joins several texts in each line of a class; undefined where some hold one alone. */
export function joinIn({ lines }: Class): string | undefined {
  const [, sign = '', blank = ''] = SIGN_BETWEEN.exec(lines[0]?.text ?? '') ?? [];
  const join = sign + blank;
  return join && lines.every(({ text }) => text.split(join).length > 1) ? join : undefined;
}

const HALF =
  /^(?:\S.*?)(\s?(?:::|=>|->|→|\|)\s?|\s[^\p{L}\p{N}\s()"'“”?!.,;:]{1,3}\s|\s?=\s?|\t+|:\s)(?=\S)/u;

/** The sign that parts each line of a class in two; undefined where some have none, or more than one. */
export function halvesIn(lines: readonly Line[]): string | undefined {
  const sign = HALF.exec(lines[0]?.text ?? '')?.[1];
  return sign && lines.every(({ text }) => text.split(sign).length === 2) ? sign : undefined;
}

/** The texts that one line may list. */
export const listedIn = (text: string): string[] => text.split(/\s*[|;/,]\s*/u);

const LABELLED = /^[[(]?(?:[A-Ja-j]|\d{1,2})(?:[\]).:]\s?|\s[-–:=]\s)(?=\S)/u;

/** Whether the texts of a class each say another line of their blocks again, its label in front or not, or one of the texts joined in it. */
export function saysAgain({ key }: Class, { blocks }: Blocks): boolean {
  const own = blocks.flatMap((block) => {
    const others = block.filter((line) => line.key !== key).map(({ text }) => alike(text));
    const pieces = others.flatMap(listedIn);
    return block
      .filter((line) => line.key === key)
      .map(
        ({ text }) =>
          [text, text.replace(LABELLED, '')].some((one) =>
            [...others, ...pieces].includes(alike(one)),
          ) || listedIn(text).every((one) => pieces.includes(alike(one))),
      );
  });
  return own.length > 0 && own.every(Boolean);
}

const GAPS: readonly (readonly [string, string, RegExp])[] = [
  ['{{', '}}', /\{\{[^{}]+\}\}/u],
  ['[[', ']]', /\[\[[^[\]]+\]\]/u],
  ['[', ']', /\[[^[\]]+\]/u],
  ['{', '}', /\{[^{}]+\}/u],
  ['<', '>', /<[^<>]+>/u],
  ['__', '__', /__[^_]+__/u],
  ['**', '**', /\*\*[^*]+\*\*/u],
  ['*', '*', /(?<!\*)\*[^*\s][^*]*\*/u],
];
/** Signs that may stand on both sides of a word within a sentence, close to it and apart from others: '~tail~'. */
const AROUND = ['~~', '~', '##', '#', '$', '%', '@', '^', '|', '//'].map(
  (sign): readonly [string, string, RegExp] => {
    const own = literal(sign);
    const first = literal(sign[0]!);
    return [
      sign,
      sign,
      new RegExp(
        `(?<![\\p{L}\\p{N}${first}])${own}[^\\s${first}](?:[^${first}]*[^\\s${first}])?${own}(?![\\p{L}\\p{N}${first}])`,
        'u',
      ),
    ];
  },
);

const SIGNED_GAPS = [...GAPS, ...AROUND];

/** The signs around words within a text that are gaps with their solutions; undefined where there are none. */
export function gapsIn(text: string): { open: string; close: string } | undefined {
  const found = SIGNED_GAPS.find(([, , pattern]) => pattern.test(text));
  return found && { open: found[0], close: found[1] };
}
