// What a person said of single lines, and how far a manner agrees with it by itself.
import type { LineRole } from '../../model';
import type { TextManner } from './signs';
import type { SaidLines } from './said-lines';
import type { Segmented } from './segment';
import type { TypedLine } from './typed-line';

/** What each line of a text was taken for, by line from 1. */
function rolesOfLines({ drafts, keyLines, aside }: Segmented): Map<number, LineRole> {
  const roles = new Map<number, LineRole>();
  const tell = (is: LineRole, pieces: readonly { line: { line: number } }[]): void =>
    pieces.forEach(({ line }) => {
      if (!roles.has(line.line)) {
        roles.set(line.line, is);
      }
    });
  for (const { stem, options, answers, fields } of drafts) {
    tell('question', stem.slice(0, 1));
    tell(
      'option',
      options.flatMap(({ pieces }) => pieces.slice(0, 1)),
    );
    tell('more', [...stem, ...options.flatMap(({ pieces }) => pieces)]);
    tell('answer', answers);
    tell(
      'more',
      fields.map(({ piece }) => piece),
    );
  }
  tell('answers', keyLines);
  tell('none', aside);
  return roles;
}

/** Whether a line begins as questions or options do in a manner. */
function hasSign({ labels }: TypedLine, said: LineRole, { stem, option }: TextManner): boolean {
  const sign = said === 'question' ? stem : option;
  const mayBegin = said === 'question' || said === 'option';
  return mayBegin && sign.is === 'label' && labels.some(({ family }) => family === sign.family);
}

/** The share of what was said with which a manner agrees by itself; a part's title belongs to no question either. */
export function agreement(
  found: Segmented,
  said: SaidLines,
  { lines, manner }: { lines: readonly TypedLine[]; manner: TextManner },
): number {
  const roles = rolesOfLines(found);
  const agrees = ({ line }: TypedLine, is: LineRole): boolean =>
    roles.get(line.line) === is || (roles.get(line.line) === 'none' && is === 'part');
  const spoken = lines.filter(({ line }) => said.has(line.line));
  const agreeing = spoken.filter((one) => {
    const is = said.get(one.line.line)!;
    return agrees(one, is) || hasSign(one, is, manner);
  });
  return agreeing.length / Math.max(1, spoken.length);
}
