// What is set for a whole file, in words.
import type { FileSetting } from '../../core/model';

export const SETTING_WORDS: Record<FileSetting['setting'], string> = {
  shuffle: 'shuffling',
  across: 'options across',
  attempts: 'attempts',
  points: 'points',
  seconds: 'seconds',
  use: 'practice or scored',
};
