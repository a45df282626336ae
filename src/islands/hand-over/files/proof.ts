// What the read-back found of a file, as long as the file still is what the questions say.
import { count } from '../../../core/shared/plain';
import type { State } from '../../parts/StateSign';
import type { FilledFile } from '../../state/hand-over';

/** The state of a file and its sentence. */
export function proofOf({ receipt, differences, isStale, isTaken }: FilledFile): {
  state: State;
  words: string;
} {
  if (isStale) {
    return {
      state: 'warn',
      words: 'Filled before your last change to its questions or layout. Fill again.',
    };
  }
  if (differences.length) {
    return { state: 'block', words: `Read back: ${count(differences.length, 'difference')}.` };
  }
  const what = receipt.questions === 1 ? 'its one question' : `all ${receipt.questions}`;
  return {
    state: 'fine',
    words: `Read back by other code: ${what} as meant.${isTaken ? ' Taken.' : ''}`,
  };
}

/** A file that came back as meant and still says what the questions say. */
export const isAsMeant = ({ differences, isStale }: FilledFile): boolean =>
  !differences.length && !isStale;

export function takeWords({ differences, isStale }: FilledFile): string {
  if (differences.length) {
    return 'Take it with its differences';
  }
  return isStale ? 'Take it as it was' : 'Take the file';
}
