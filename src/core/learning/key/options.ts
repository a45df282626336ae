// The key at the options: by a sign, by standing first, by a verdict or a tick beside each.
import type { Column } from '../../model';
import { defined } from '../../shared/defined';
import { alike, bareWords } from '../../shared/normalise';
import { saysRightAnswer } from '../../shared/vocabulary/key-words';
import { verdictPair } from '../../shared/vocabulary/verdicts';
import { findMarks, findVerdicts } from '../../understanding';
import { saysRightFirst, signIn, speaksOfKey, verdictsIn } from '../key-sentences';
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

/** A blank whose options carry the key: by a sign, or by standing first. */
export function withoutColumn(evidence: KeyEvidence): KeyLearned {
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
      because: say('the samples have the sign at some of their options'),
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
      because: say('the instructions name the sign'),
    };
  }
  if (first) {
    return {
      key: { style: 'first' },
      sure: true,
      because: isHeaded
        ? say('the first option alone is called the right one')
        : say('a note says that the right answer comes first'),
    };
  }
  return untold(evidence, options);
}

/** A blank in which nothing tells the right option. */
function untold(evidence: KeyEvidence, options: readonly Column[]): KeyLearned {
  if (options.length) {
    return {
      key: { style: 'first' },
      sure: false,
      because: say('nothing says which option is right'),
    };
  }
  // Options in one cell are there to choose from as well.
  const isListed = having(evidence, 'options').length > 0;
  return {
    key: { style: 'text' },
    sure: !isListed,
    because: isListed
      ? say('nothing says which option is right')
      : say('there are no options to choose from'),
  };
}

/** The words for right and wrong that sentences and notes say, those first that speak of the options. */
function verdictsSaid(evidence: KeyEvidence, columns: readonly Column[]) {
  // A sentence that says what to write is clearer than a heading that only abbreviates it, or than one that lists the kinds.
  const about = evidence.words
    .flatMap(sentencesOf)
    .filter((text) => isAboutOptions(text) && !isAboutKinds(text) && !names(text, columns[0]!));
  const notes = columns.map((column) => evidence.note(column.column));
  return [...about, ...notes, ...evidence.words].map(verdictsIn).find(Boolean);
}

/** A column after each option that says right or wrong, in the words that samples, lists or sentences give. */
export function fromVerdicts(evidence: KeyEvidence): KeyLearned {
  const columns = having(evidence, 'verdict');
  const list = columns.find(({ values }) => values?.length === 2)?.values;
  const listed = list && (verdictPair(list) ?? { right: list[0]!, wrong: list[1]! });
  const said = verdictsSaid(evidence, columns);
  const found: { right?: string; wrong?: string } =
    findVerdicts(sampleRows(evidence, columns)) ?? listed ?? said ?? {};
  // Words for other right ones, or for another column, are no pair with the one that is shown.
  const pair = [listed, said].find(
    (one) => one !== undefined && alike(one.right) === alike(found.right ?? ''),
  );
  const wrong = found.wrong ?? pair?.wrong;
  // Where ticks tell the right ones, nothing stands at the others.
  const isTick = /^[^\p{L}\p{N}]$|^x$/iu.test(found.right ?? '');
  return {
    key: { style: 'verdict', ...defined({ right: found.right, wrong }) },
    sure: Boolean(found.right && (wrong ?? isTick)),
    because: say('a column after each option says right or wrong'),
  };
}

/** Two columns of which one is ticked: the sign as the samples or the drop-down list have it. */
export function fromTicks(evidence: KeyEvidence, columns: readonly Column[]): KeyLearned {
  const sampled = sampleRows(evidence, columns).flat().find(Boolean);
  const tick = sampled ?? columns[0]!.values?.[0];
  return {
    key: { style: 'verdict', ...(tick ? { right: tick } : {}) },
    sure: tick !== undefined,
    because: say('one of two columns is ticked in each row'),
  };
}
