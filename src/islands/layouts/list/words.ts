// Layouts in a few words, as a list shows them.
import type { Layout } from '../../../core/model';
import { KEY_WORDS } from '../../parts/roles';
import { i18n } from '../../../languages';

export const SHAPES: Record<Layout['shape'], string> = {
  rows: i18n._('a row per question'),
  blocks: i18n._('blocks of rows'),
  grid: i18n._('a board'),
  'marked-text': i18n._('marked text'),
  package: i18n._('a package'),
};

/** What it takes at most; 'none named' where it says nothing of it. */
export function limitsInWords({ columns, limits }: Layout): string {
  const { stem, option, optionsMax, perFile, seconds } = limits;
  const isOption = columns.some(({ role }) => role === 'option');
  const words = [
    stem ? i18n._('question {stem, number}', { stem }) : '',
    option
      ? i18n._('{isOption, select, true {option} other {answer}} {option, number}', {
          isOption,
          option,
        })
      : '',
    optionsMax ? i18n._('{optionsMax, number} options', { optionsMax }) : '',
    perFile ? i18n._('{perFile, number} per file', { perFile }) : '',
    seconds ? `${seconds.join(', ')} s` : '',
  ];
  return words.filter(Boolean).join(' · ') || i18n._('none named');
}

const CHOSEN_FROM = new Set(['option', 'options', 'right']);

/** How it says which answer is right; undefined where there is nothing to choose from. */
export function keyInWords({ shape, columns, key, file }: Layout): string | undefined {
  switch (shape) {
    case 'marked-text':
      return i18n._('a sign at the option');
    case 'package':
      return file.standard;
    case 'blocks':
      return KEY_WORDS[key.style];
    default:
      return columns.some(({ role }) => CHOSEN_FROM.has(role)) || key.style === 'word'
        ? KEY_WORDS[key.style]
        : undefined;
  }
}
