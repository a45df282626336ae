// What is set for a whole file, in words.
import type { FileSetting } from '../../core/model';
import { i18n } from '../../languages';

export const SETTING_WORDS: Record<FileSetting['setting'], string> = {
  shuffle: i18n._('shuffling'),
  across: i18n._('options across'),
  attempts: i18n._('attempts'),
  points: i18n._('points'),
  seconds: i18n._('seconds'),
  use: i18n._('practice or scored'),
};
