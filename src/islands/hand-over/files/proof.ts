// What the read-back found of a file, as long as the file still is what the questions say.
import type { State } from '../../parts/StateSign';
import type { FilledFile } from '../../state/hand-over';
import { i18n } from '../../../languages';

/** The state of a file and its sentence. */
export function proofOf({ receipt, differences, isStale, isTaken }: FilledFile): {
  state: State;
  words: string;
} {
  if (isStale) {
    return {
      state: 'warn',
      words: i18n._('Filled before your last change to its questions or layout. Fill again.'),
    };
  }
  if (differences.length) {
    return {
      state: 'block',
      words: i18n._('Read back: {differences, plural, one {# difference} other {# differences}}.', {
        differences: differences.length,
      }),
    };
  }
  const what =
    receipt.questions === 1
      ? i18n._('its one question')
      : i18n._('all {questions, number}', { questions: receipt.questions });
  return {
    state: 'fine',
    words: i18n._(
      'Read back by other code: {what} as meant.{isTaken, select, true { Taken.} other {}}',
      { what, isTaken },
    ),
  };
}

/** A file that came back as meant and still says what the questions say. */
export const isAsMeant = ({ differences, isStale }: FilledFile): boolean =>
  !differences.length && !isStale;

export function takeWords({ differences, isStale }: FilledFile): string {
  if (differences.length) {
    return i18n._('Take it with its differences');
  }
  return isStale ? i18n._('Take it as it was') : i18n._('Take the file');
}
