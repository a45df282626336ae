// Layouts in a few words, as a list shows them.
import type { Layout } from '../../../core/model';
import { KEY_WORDS } from '../../parts/roles';

export const SHAPES: Record<Layout['shape'], string> = {
  rows: 'a row per question',
  blocks: 'blocks of rows',
  grid: 'a board',
  'marked-text': 'marked text',
  package: 'a package',
};

/** What it takes at most; 'none named' where it says nothing of it. */
export function limitsInWords({ columns, limits }: Layout): string {
  const { stem, option, optionsMax, perFile, seconds } = limits;
  const answer = columns.some(({ role }) => role === 'option') ? 'option' : 'answer';
  const words = [
    stem ? `question ${stem}` : '',
    option ? `${answer} ${option}` : '',
    optionsMax ? `${optionsMax} options` : '',
    perFile ? `${perFile} per file` : '',
    seconds ? `${seconds.join(', ')} s` : '',
  ];
  return words.filter(Boolean).join(' · ') || 'none named';
}

const CHOSEN_FROM = new Set(['option', 'options', 'right']);

/** How it says which answer is right; undefined where there is nothing to choose from. */
export function keyInWords({ shape, columns, key, file }: Layout): string | undefined {
  switch (shape) {
    case 'marked-text':
      return 'a sign at the option';
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
