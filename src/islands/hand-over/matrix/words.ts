// A cell of the matrix in a sign and a word or two; the whole sentence is its title.
import { count } from '../../../core/shared/plain';
import type { FitColumn } from '../../../workers/protocol';

export type Tone = 'fits' | 'changes' | 'refused';
export type CellWords = { tone: Tone; sign: string; text: string; title: string };

const TONES: readonly Tone[] = ['fits', 'changes', 'refused'];
const REFUSED = TONES.indexOf('refused');

/** Refusals in a word or two. */
const BRIEF: Readonly<Record<string, string>> = {
  'kind-not-taken': 'kind',
  'options-too-few': 'options',
  'right-options-over': 'options',
  'room-too-small': 'options',
  'key-names-one': 'several right',
  'left-out': 'left out',
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
  const tone = TONES[column.states[row] ?? REFUSED]!;
  if (tone === 'fits') {
    return { tone, sign: '✓', text: 'fits', title: 'fits as it is' };
  }
  if (tone === 'changes') {
    const changes = count(column.changes[row] ?? 0, 'change');
    return { tone, sign: '!', text: changes, title: `fits with ${changes}` };
  }
  const reason = column.reasons[row] ?? 0;
  const text = BRIEF[column.codes[reason] ?? ''] ?? 'does not fit';
  return { tone, sign: '✕', text, title: column.words[reason] ?? '' };
}
