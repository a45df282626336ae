// A cell of the matrix in a sign and a word or two; the whole sentence is its title.
import { FIT_STATE, type FitState } from '../../../core/shared/change-grades';
import { count, listed } from '../../../core/shared/plain';
import type { FitColumn } from '../../../workers/protocol';

export type Tone = 'fits' | 'changes' | 'refused' | 'written';
export type CellWords = { tone: Tone; sign: string; text: string; title: string };

/** The tones by the states of a column. */
const TONES: Readonly<Record<FitState, Tone>> = {
  [FIT_STATE.fits]: 'fits',
  [FIT_STATE.loses]: 'changes',
  [FIT_STATE.refused]: 'refused',
  [FIT_STATE.written]: 'written',
};

/** Refusals in a word or two. */
const BRIEF: Readonly<Record<string, string>> = {
  'kind-not-taken': 'kind',
  'options-too-few': 'options',
  'right-options-over': 'options',
  'room-too-small': 'options',
  'key-names-one': 'several right',
  'left-out': 'left out',
  'needs-words': 'your words',
  'options-alike': 'your words',
  'stem-empty': 'unfinished',
  'key-missing': 'unfinished',
  'option-empty': 'unfinished',
  'answer-missing': 'unfinished',
  'pairs-too-few': 'unfinished',
  'steps-too-few': 'unfinished',
  'gap-unanswered': 'unfinished',
  'number-missing': 'unfinished',
  'encoding-lacks': 'signs',
  'separator-in-text': 'signs',
  'sign-in-text': 'signs',
  'marker-on-wrong-option': 'signs',
  'board-full': 'board full',
  'board-column-missing': 'board full',
  'field-missing': 'field missing',
  'word-not-listed': 'not on a list',
  'cell-too-long': 'too long',
};

/** What stands in a row of a receiver's column. */
export function wordsOf(column: FitColumn, row: number): CellWords {
  const tone = TONES[(column.states[row] ?? FIT_STATE.refused) as FitState];
  if (tone === 'fits') {
    return { tone, sign: '✓', text: 'fits', title: 'fits as it is' };
  }
  const changes = column.changes[row] ?? 0;
  if (tone === 'written') {
    const title = `fits; ${count(changes, 'thing')} written differently, nothing lost`;
    return { tone, sign: '≈', text: 'written so', title };
  }
  if (tone === 'changes') {
    const text = count(changes, 'change');
    return { tone, sign: '!', text, title: `fits with ${text}` };
  }
  const reason = column.reasons[row] ?? 0;
  const text = BRIEF[column.codes[reason] ?? ''] ?? 'does not fit';
  return { tone, sign: '✕', text, title: column.words[reason] ?? '' };
}

/** How a receiver's column stands as a whole: how many go in, are changed, stay out, and how many they become. */
export function countWords({ counts: [fits, loses, out, written], total }: FitColumn): string {
  const going = fits + written + loses;
  const become = total > going ? `; ${going} become ${total}` : '';
  return `${fits + written} fit, ${loses} change, ${out} out${become}`;
}

/** So many of the things that stay behind are named at the head of a narrow column. */
const NAMED = 2;

/** What a receiver has no place for, in a word or two and in a whole sentence; undefined where it has one for all. */
export function behindWords({ behind }: FitColumn): { brief: string; whole: string } | undefined {
  if (!behind.length) {
    return undefined;
  }
  const named = behind.map(({ n, one, many }) => (n === 1 ? `1 ${one}` : `${n} ${many}`));
  const more = behind.length > NAMED ? ' …' : '';
  return {
    brief: `no place for ${behind
      .slice(0, NAMED)
      .map(({ many }) => many.replace('questions’ ', ''))
      .join(', ')}${more}`,
    whole: `This receiver has no place for ${listed(named)}. They stay in the bank.`,
  };
}
