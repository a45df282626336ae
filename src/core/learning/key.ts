// How the receiver wants the right answer written: from its samples, its words, its lists.
import type { Column, Key } from '../model';
import { tickedColumns } from '../shared/ticked-pair';
import { columnIndex } from '../shared/cells';
import { bareWords } from '../shared/normalise';
import { quoted } from '../shared/plain';
import type { Region } from '../shared/table/region';
import { findInnerSeparator, splitCell, splitLabelled } from '../shared/table/separators';
import { letterInLatin } from '../shared/vocabulary/alphabets';
import { saysFromZero, saysRightAnswer } from '../shared/vocabulary/key-words';
import { speaksOf } from '../shared/vocabulary/rule-words';
import { kindOfWord } from '../shared/vocabulary/kinds';
import { trueFalseWords, verdictOf, verdictPair } from '../shared/vocabulary/verdicts';
import { findMarks, findVerdicts, readingsOf, type Named } from '../understanding';
import {
  saysRightFirst,
  separatorIn,
  signIn,
  speaksOfKey,
  styleInWords,
  verdictsIn,
} from './key-sentences';

export type KeyLearned = { key: Key; because: string; sure: boolean };
/** What is known when the key is looked for: samples from `first` to `last` (empty where last < first), and all words of the blank. */
export type KeyEvidence = {
  region: Region;
  columns: readonly Column[];
  first: number;
  last: number;
  words: readonly string[];
  note: (column: string) => string;
};

const having = ({ columns }: KeyEvidence, role: Column['role']): Column[] =>
  columns.filter((column) => column.role === role);

/** The sample rows of some columns, empty cells kept. */
function sampleRows({ region, first, last }: KeyEvidence, columns: readonly Column[]): string[][] {
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, row) =>
    columns.map((column) => region.cell(first + row, columnIndex(column.column))),
  );
}

const SEVERAL = /^[\p{L}\p{N}]{1,2}\s?([,;|/+&])\s?[\p{L}\p{N}]{1,2}(?![\p{L}\p{N}])/u;
/** Two keys joined, as an example shows them. */
const EXAMPLE = /(?<![\p{L}\p{N}])(?:[A-J]\s?[,;|/+]\s?[A-J]|\d\s?[,;|/+]\s?\d)(?![\p{L}\p{N}])/u;
const JOINED_TEXTS = /\S\s*([;|])\s*\S/u;

/** The sign between several keys: as a sample shows it, else as the notes about the column or the sentences about several say. */
function separatorOf(
  evidence: KeyEvidence,
  key: Column,
  values: readonly string[],
): string | undefined {
  const shown = values.map((value) => SEVERAL.exec(value)?.[1]).find(Boolean);
  if (shown) {
    return shown;
  }
  const said = separatorIn(evidence.note(key.column));
  if (said) {
    return said;
  }
  // Other columns join things as well: a sentence about those names them.
  const others = evidence.columns
    .filter((column) => ['tags', 'wrongs', 'accepted', 'category'].includes(column.role))
    .map((column) => bareWords(column.heading ?? ''))
    .filter(Boolean);
  return evidence.words
    .flatMap(sentencesOf)
    .filter(
      (text) =>
        (speaksOfKey(text) || EXAMPLE.test(text)) &&
        !others.some((name) => bareWords(text).includes(name)),
    )
    .filter((text) => !isAboutWrong(text))
    .map(separatorIn)
    .find(Boolean);
}

const sentencesOf = (text: string): string[] => text.split(/(?<=[.!?])\s+(?=["'“„«(]?\p{Lu})/u);

/** Whether a sentence speaks of the options or of the right answer. */
const isAboutOptions = (text: string): boolean =>
  speaksOf('options', bareWords(text)) || speaksOfKey(text);

const FEWEST_KINDS = 2;
/** Whether a sentence lists kinds of questions, of which two are called by words for right and wrong as well. */
const isAboutKinds = (text: string): boolean =>
  text.split(/[:,;]/u).filter((part) => kindOfWord(part.trim()) !== undefined).length >=
  FEWEST_KINDS;

const isAboutWrong = (text: string): boolean => speaksOf('wrong', bareWords(text));

const optionsIn = (text: string, separator: string | undefined): string[] =>
  splitLabelled(text) ?? splitCell(text, separator ?? findInnerSeparator([text]));

/** The keys beside the options of their rows, which may stand in one cell; undefined where the blank has none. */
function namedRows(
  evidence: KeyEvidence,
  keys: readonly string[],
  options: readonly Column[],
): Named[] | undefined {
  const [inOneCell] = having(evidence, 'options');
  if (inOneCell) {
    // A question without options says its answer there; it names none.
    return sampleRows(evidence, [inOneCell])
      .map(([text], row) => ({
        key: keys[row]!,
        options: optionsIn(text!, inOneCell.separator),
      }))
      .filter((row) => row.options.length > 1);
  }
  const texts = sampleRows(evidence, options);
  return options.length ? keys.map((key, row) => ({ key, options: texts[row]! })) : undefined;
}

/** Whether a key's list of values holds nought, or a sentence says that options are counted from it. */
const countsFromZero = ({ values = [] }: Column, about: readonly string[]): boolean =>
  values.includes('0') || about.some((text) => saysFromZero(bareWords(text)));

function fromSamples(
  evidence: KeyEvidence,
  key: Column,
  options: Column[],
): KeyLearned | undefined {
  const keys = sampleRows(evidence, [key]).map(([text]) => text!);
  const values = keys.filter(Boolean);
  if (!values.length) {
    return undefined;
  }
  const rows = namedRows(evidence, keys, options);
  if (!rows) {
    return fromTruth(values);
  }
  const [best] = readingsOf(
    rows,
    options.map(({ heading }) => heading ?? ''),
  );
  if (!best || best.share < 0.6) {
    return undefined;
  }
  const about = [evidence.note(key.column), ...evidence.words.filter(isAboutOptions)];
  const isZero = best.style === 'number' && countsFromZero(key, about);
  const separator = separatorOf(evidence, key, best.style === 'text' ? [] : values);
  const joined =
    best.style === 'text'
      ? values.map((value) => JOINED_TEXTS.exec(value)?.[1]).find(Boolean)
      : undefined;
  const sign = joined ?? separator;
  return {
    key: { style: isZero ? 'number-from-0' : best.style, ...(sign ? { separator: sign } : {}) },
    sure: true,
    because: `the samples in column ${key.column} name their options so`,
  };
}

/** A key that is a word for true or false; undefined where its values are not two that mean it. */
function fromTruth(values: readonly string[]): KeyLearned | undefined {
  const distinct = [...new Set(values)];
  const known = distinct.length === 1 ? trueFalseWords(distinct[0]!)?.words : undefined;
  if (known) {
    return {
      key: { style: 'word', right: known[0], wrong: known[1] },
      sure: true,
      because: 'the samples say true or false as a word',
    };
  }
  const found = findVerdicts(values.map((value) => [value]));
  const isKnown = distinct.every((value) => verdictOf(value) !== undefined);
  if (distinct.length === 2 ? !verdictPair(distinct) && !isKnown : !isKnown) {
    return undefined;
  }
  return {
    key: {
      style: 'word',
      ...(found ? { right: found.right } : {}),
      ...(found?.wrong ? { wrong: found.wrong } : {}),
    },
    sure: true,
    because: 'the samples say true or false as a word',
  };
}

function fromList(key: Column, options: readonly Column[]): KeyLearned | undefined {
  const values = key.values ?? [];
  const pair = values.length === 2 ? verdictPair(values) : undefined;
  if (pair && (!options.length || values.some((value) => value.length > 1))) {
    return {
      key: { style: 'word', right: pair.right, wrong: pair.wrong },
      sure: true,
      because: 'its drop-down list says true or false',
    };
  }
  if (values.length && values.every((value) => /^[A-J]$/i.test(value))) {
    return { key: { style: 'letter' }, sure: true, because: 'its drop-down list holds letters' };
  }
  if (values.length && values.every((value) => /^\d{1,2}$/.test(value))) {
    return {
      key: { style: values.includes('0') ? 'number-from-0' : 'number' },
      sure: true,
      because: 'its drop-down list holds numbers',
    };
  }
  return undefined;
}

/** What the column's own heading and notes say, then every sentence that speaks of the right answer. */
function fromWords(evidence: KeyEvidence, key: Column): KeyLearned | undefined {
  const texts = [
    ...evidence.note(key.column).split('\n'),
    ...evidence.words.filter((text) => speaksOfKey(text) || names(text, key)),
  ];
  for (const text of texts) {
    const style = text ? styleInWords(text) : undefined;
    if (style) {
      return { key: { style }, sure: true, because: `it is said: ${quoted(text.trim(), 60)}` };
    }
  }
  return undefined;
}

const names = (text: string, key: Column): boolean =>
  Boolean(key.heading) && ` ${bareWords(text)} `.includes(` ${bareWords(key.heading!)} `);

/** Letters of another alphabet, as headings, samples or a list show them, are none that a file is filled with. */
function withOwnLetters(learned: KeyLearned, evidence: KeyEvidence, key: Column): KeyLearned {
  const shown = [
    ...having(evidence, 'option').map(({ heading = '' }) => heading.trim()),
    ...sampleRows(evidence, [key]).map(([text]) => text!),
    ...(key.values ?? []),
  ];
  const other = shown.find((text) => letterInLatin(text) !== undefined);
  return learned.key.style === 'letter' && other
    ? {
        ...learned,
        sure: false,
        because: `letters such as ${quoted(other)} are not written here, but A, B, C in their place`,
      }
    : learned;
}

function fromKeyColumn(evidence: KeyEvidence, key: Column): KeyLearned {
  const options = having(evidence, 'option');
  const found =
    fromSamples(evidence, key, options) ??
    fromList(key, options) ??
    (options.length || having(evidence, 'options').length ? fromWords(evidence, key) : undefined);
  if (found) {
    const separator = found.key.separator ?? separatorOf(evidence, key, []);
    const takesSeveral = found.key.style !== 'word' && separator !== undefined;
    return takesSeveral ? { ...found, key: { ...found.key, separator } } : found;
  }
  const both = options.length ? undefined : verdictsIn(evidence.note(key.column));
  if (both) {
    return { key: { style: 'word', ...both }, sure: true, because: 'its heading names both words' };
  }
  return {
    key: options.length ? { style: 'letter' } : { style: 'text' },
    sure: false,
    because: `nothing says how column ${key.column} is written`,
  };
}

/** A blank whose options carry the key: by a sign, or by standing first. */
function withoutColumn(evidence: KeyEvidence): KeyLearned {
  const options = having(evidence, 'option');
  const marks = findMarks(sampleRows(evidence, options));
  if (marks) {
    return {
      key: {
        style: 'marker',
        marker: marks.right.sign,
        ...(marks.wrong ? { wrong: marks.wrong.sign } : {}),
      },
      sure: true,
      because: 'the samples have the sign at some of their options',
    };
  }
  const about = [...options.map((column) => evidence.note(column.column)), ...evidence.words];
  const [own, ...others] = options.map(({ heading }) => saysRightAnswer(bareWords(heading ?? '')));
  const isHeaded = own === true && others.length > 0 && !others.includes(true);
  const first = isHeaded ? options[0]!.heading : about.find(saysRightFirst);
  const sign = about.filter(speaksOfKey).map(signIn).find(Boolean);
  if (sign && options.length) {
    return {
      key: { style: 'marker', marker: sign },
      sure: true,
      because: 'the instructions name the sign',
    };
  }
  if (first) {
    return {
      key: { style: 'first' },
      sure: true,
      because: isHeaded
        ? 'the first option alone is called the right one'
        : 'a note says that the right answer comes first',
    };
  }
  return {
    key: options.length ? { style: 'first' } : { style: 'text' },
    sure: options.length === 0,
    because: options.length
      ? 'nothing says which option is right'
      : 'there are no options to choose from',
  };
}

function fromVerdicts(evidence: KeyEvidence): KeyLearned {
  const columns = having(evidence, 'verdict');
  const sampled = findVerdicts(sampleRows(evidence, columns));
  const list = columns.find(({ values }) => values?.length === 2)?.values;
  const listed = list && (verdictPair(list) ?? { right: list[0]!, wrong: list[1]! });
  // A sentence that says what to write is clearer than a heading that only abbreviates it, or than one that lists the kinds.
  const said = [
    ...evidence.words
      .flatMap(sentencesOf)
      .filter((text) => isAboutOptions(text) && !isAboutKinds(text) && !names(text, columns[0]!)),
    ...columns.map((column) => evidence.note(column.column)),
    ...evidence.words,
  ]
    .map(verdictsIn)
    .find(Boolean);
  const found = { ...(sampled ?? listed ?? said) };
  const wrong = found.wrong ?? listed?.wrong ?? said?.wrong;
  return {
    key: {
      style: 'verdict',
      ...(found.right ? { right: found.right } : {}),
      ...(wrong ? { wrong } : {}),
    },
    sure: Boolean(found.right && wrong),
    because: 'a column after each option says right or wrong',
  };
}

/** Two columns of which one is ticked: the sign as the samples or the drop-down list have it. */
function fromTicks(evidence: KeyEvidence, columns: readonly Column[]): KeyLearned {
  const sampled = sampleRows(evidence, columns).flat().find(Boolean);
  const tick = sampled ?? columns[0]!.values?.[0];
  return {
    key: { style: 'verdict', ...(tick ? { right: tick } : {}) },
    sure: tick !== undefined,
    because: 'one of two columns is ticked in each row',
  };
}

/** The key style of a blank's rows, with the reason. */
export function learnKey(evidence: KeyEvidence): KeyLearned {
  if (having(evidence, 'weight').length) {
    return {
      key: { style: 'weight' },
      sure: true,
      because: 'a column after each option holds per cent',
    };
  }
  if (having(evidence, 'verdict').length && having(evidence, 'option').length) {
    return fromVerdicts(evidence);
  }
  const ticked = tickedColumns(evidence.columns);
  if (ticked) {
    return fromTicks(evidence, ticked);
  }
  if (having(evidence, 'right').length) {
    return {
      key: { style: 'right-column' },
      sure: true,
      because: 'the right answer has a column of its own',
    };
  }
  const [key] = having(evidence, 'key');
  return key
    ? withOwnLetters(fromKeyColumn(evidence, key), evidence, key)
    : withoutColumn(evidence);
}
