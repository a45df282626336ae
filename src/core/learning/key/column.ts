// The key in a column of its own: as samples, a drop-down list or sentences show it.
import type { Column } from '../../model';
import { bareWords, wordsApart } from '../../shared/normalise';
import { quoted } from '../../shared/plain';
import { findInnerSeparator, splitCell, splitLabelled } from '../../shared/table/separators';
import { letterInLatin } from '../../shared/vocabulary/alphabets';
import { saysFromZero } from '../../shared/vocabulary/key-words';
import { trueFalseWords, verdictOf, verdictPair } from '../../shared/vocabulary/verdicts';
import { findVerdicts, readingsOf, type Named } from '../../understanding';
import { speaksOfKey, styleInWords, verdictsIn, verdictsWritten } from '../key-sentences';
import { separatorOf } from './separator';
import {
  having,
  isAboutKinds,
  isAboutOptions,
  names,
  sampleRows,
  sentencesOf,
  type KeyEvidence,
  type KeyLearned,
} from './evidence';
import { say } from '../../shared/say';

const JOINED_TEXTS = /\S\s*([;|])\s*\S/u;

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
  const rows = keys.map((key, row) => ({ key, options: texts[row]! }));
  // Beside samples that offer something, one without options says its answer itself.
  const offering = rows.filter((row) => row.options.filter(Boolean).length > 1);
  if (!options.length) {
    return undefined;
  }
  return offering.length ? offering : rows;
}

/** Whether a key's list of values holds nought, or a sentence says that options are counted from it. */
const countsFromZero = ({ values = [] }: Column, about: readonly string[]): boolean =>
  values.includes('0') || about.some((text) => saysFromZero(bareWords(wordsApart(text))));

/** Whether options that are numbers or letters may be named by their texts as well as by their places. */
const isEither = (best: Reading, others: readonly Reading[]): boolean =>
  best.style === 'text' && others.some(({ share }) => share === best.share);
type Reading = ReturnType<typeof readingsOf>[number];

/** The sign between several texts of options in a key. */
const joinedBy = (values: readonly string[]): string | undefined =>
  values.map((value) => JOINED_TEXTS.exec(value)?.[1]).find(Boolean);

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
    return withBothWords(fromTruth(values), evidence.note(key.column));
  }
  const [best, ...others] = readingsOf(
    rows,
    options.map(({ heading }) => heading ?? ''),
  );
  if (!best || best.share < 0.6) {
    return undefined;
  }
  const about = [evidence.note(key.column), ...evidence.words.filter(isAboutOptions)];
  const isZero = best.style === 'number' && countsFromZero(key, about);
  const separator = separatorOf(evidence, key, best.style === 'text' ? [] : values);
  const sign = (best.style === 'text' ? joinedBy(values) : undefined) ?? separator;
  return {
    key: {
      style: isZero ? 'number-from-0' : best.style,
      ...(sign !== undefined ? { separator: sign } : {}),
    },
    sure: !isEither(best, others),
    because: say('the samples in column {column} name their options so', { column: key.column }),
  };
}

/** A word for true that samples show alone, with the one for false as the heading names it; without that one it is a guess. */
function withBothWords(learned: KeyLearned | undefined, heading: string): KeyLearned | undefined {
  if (learned?.key.style !== 'word' || learned.key.wrong !== undefined) {
    return learned;
  }
  const both = verdictsIn(heading);
  return both && (learned.key.right ?? both.right) === both.right
    ? { ...learned, key: { style: 'word', ...both } }
    : { ...learned, sure: false };
}

/** A key that is a word for true or false; undefined where its values are not two that mean it. */
function fromTruth(values: readonly string[]): KeyLearned | undefined {
  const distinct = [...new Set(values)];
  const known = distinct.length === 1 ? trueFalseWords(distinct[0]!)?.words : undefined;
  if (known) {
    return {
      key: { style: 'word', right: known[0], wrong: known[1] },
      sure: true,
      because: say('the samples say true or false as a word'),
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
    because: say('the samples say true or false as a word'),
  };
}

function fromList(key: Column, options: readonly Column[]): KeyLearned | undefined {
  const values = key.values ?? [];
  const pair = values.length === 2 ? verdictPair(values) : undefined;
  if (pair && (!options.length || values.some((value) => value.length > 1))) {
    return {
      key: { style: 'word', right: pair.right, wrong: pair.wrong },
      sure: true,
      because: say('its drop-down list says true or false'),
    };
  }
  if (values.length && values.every((value) => /^[A-J]$/i.test(value))) {
    return {
      key: { style: 'letter' },
      sure: true,
      because: say('its drop-down list holds letters'),
    };
  }
  if (values.length && values.every((value) => /^\d{1,2}$/.test(value))) {
    return {
      key: { style: values.includes('0') ? 'number-from-0' : 'number' },
      sure: true,
      because: say('its drop-down list holds numbers'),
    };
  }
  return undefined;
}

/** 'Right answer' and 'number' are names of kinds as well; so many of them are a list of kinds, which says nothing of the key. */
const A_LIST = 3;

/** What the column's own heading and notes say, then every sentence that speaks of the right answer. */
function fromWords(evidence: KeyEvidence, key: Column): KeyLearned | undefined {
  const texts = [
    ...evidence.note(key.column).split('\n'),
    ...evidence.words.filter((text) =>
      sentencesOf(text).some(
        (sentence) =>
          (speaksOfKey(sentence) || names(sentence, key)) && !isAboutKinds(sentence, A_LIST),
      ),
    ),
  ];
  for (const text of texts) {
    const style = text ? styleInWords(text) : undefined;
    if (style) {
      return {
        key: { style },
        sure: true,
        because: say('it is said: {text}', { text: quoted(text.trim(), 60) }),
      };
    }
  }
  return undefined;
}

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
        because: say('letters such as {other} are not written here, but A, B, C in their place', {
          other: quoted(other),
        }),
      }
    : learned;
}

/** How the right answer is written in a column of its own. */
export function fromKeyColumn(evidence: KeyEvidence, key: Column): KeyLearned {
  return withOwnLetters(learnedFrom(evidence, key), evidence, key);
}

function learnedFrom(evidence: KeyEvidence, key: Column): KeyLearned {
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
  const samples = sampleRows(evidence, [key]).map(([text]) => text!);
  const both = options.length
    ? undefined
    : verdictsWritten(evidence.note(key.column), samples.filter(Boolean));
  if (both) {
    return {
      key: { style: 'word', ...both },
      sure: true,
      because: say('its heading names both words'),
    };
  }
  return {
    key: options.length ? { style: 'letter' } : { style: 'text' },
    sure: false,
    because: say('nothing says how column {column} is written', { column: key.column }),
  };
}
