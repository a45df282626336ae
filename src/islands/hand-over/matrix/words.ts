// A cell of the matrix in a sign and a word or two; the whole sentence is its title.
import { FIT_STATE, type FitState } from '../../../core/shared/change-grades';
import { listed } from '../../../core/shared/plain';
import type { FitColumn } from '../../../workers/protocol';
import { i18n } from '../../../languages';
import { say } from '../../../core/shared/say';

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
  'kind-not-taken': i18n._('kind'),
  'options-too-few': i18n._('options'),
  'right-options-over': i18n._('options'),
  'room-too-small': i18n._('options'),
  'key-names-one': i18n._('several right'),
  'left-out': i18n._('left out'),
  'needs-words': i18n._('your words'),
  'options-alike': i18n._('your words'),
  'stem-empty': i18n._('unfinished'),
  'key-missing': i18n._('unfinished'),
  'option-empty': i18n._('unfinished'),
  'answer-missing': i18n._('unfinished'),
  'pairs-too-few': i18n._('unfinished'),
  'steps-too-few': i18n._('unfinished'),
  'gap-unanswered': i18n._('unfinished'),
  'number-missing': i18n._('unfinished'),
  'encoding-lacks': i18n._('signs'),
  'separator-in-text': i18n._('signs'),
  'sign-in-text': i18n._('signs'),
  'marker-on-wrong-option': i18n._('signs'),
  'board-full': i18n._('board full'),
  'board-column-missing': i18n._('board full'),
  'field-missing': i18n._('field missing'),
  'word-not-listed': i18n._('not on a list'),
  'cell-too-long': i18n._('too long'),
};

/** What stands in a row of a receiver's column. */
export function wordsOf(column: FitColumn, row: number): CellWords {
  const tone = TONES[(column.states[row] ?? FIT_STATE.refused) as FitState];
  if (tone === 'fits') {
    return { tone, sign: '✓', text: i18n._('fits'), title: i18n._('fits as it is') };
  }
  const changes = column.changes[row] ?? 0;
  if (tone === 'written') {
    const title = i18n._(
      'fits; {changes, plural, one {# thing} other {# things}} written differently, nothing lost',
      { changes },
    );
    return { tone, sign: '≈', text: i18n._('written so'), title };
  }
  if (tone === 'changes') {
    const text = i18n._('{changes, plural, one {# change} other {# changes}}', { changes });
    return { tone, sign: '!', text, title: i18n._('fits with {text}', { text }) };
  }
  const reason = column.reasons[row] ?? 0;
  const text = BRIEF[column.codes[reason] ?? ''] ?? i18n._('does not fit');
  return { tone, sign: '✕', text, title: column.words[reason] ?? '' };
}

/** How a receiver's column stands as a whole: how many go in, are changed, stay out, and how many they become. */
export function countWords({ counts: [fits, loses, out, written], total }: FitColumn): string {
  const going = fits + written + loses;
  const become =
    total > going ? i18n._('; {going, number} become {total, number}', { going, total }) : '';
  return i18n._('{fits, number} fit, {loses, number} change, {out, number} out{become}', {
    fits: fits + written,
    loses,
    out,
    become,
  });
}

/** So many of the things that stay behind are named at the head of a narrow column. */
const NAMED = 2;

/** What a receiver has no place for, in a word or two and in a whole sentence; undefined where it has one for all. */
export function behindWords({ behind }: FitColumn): { brief: string; whole: string } | undefined {
  if (!behind.length) {
    return undefined;
  }
  const more = behind.length > NAMED ? ' …' : '';
  return {
    brief: i18n._('no place for {behind}{more}', {
      behind: behind
        .slice(0, NAMED)
        .map(({ many }) => say(many))
        .join(', '),
      more,
    }),
    whole: i18n._('This receiver has no place for {named}. They stay in the bank.', {
      named: listed(behind.map(({ n, counted }) => say(counted, { n }))),
    }),
  };
}
