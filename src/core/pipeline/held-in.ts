// What is said of a whole set, in signs that its file's encoding holds.
import type { Layout } from '../model';
import { quoted } from '../shared/plain';
import { Problem } from '../shared/problem';
import { transliterate, unheldCharacters } from '../shared/windows-1252';
import { say } from '../shared/say';

type Said = 'title' | 'description';

/** Whether a file of a layout says it of its set. */
function isWritten({ file, columns, marks, pattern }: Layout, what: Said): boolean {
  const role = `set-${what}` as const;
  const hasCell = file.cells?.some((cell) => cell.role === role) === true;
  const inText = what === 'title' && (marks?.setTitle ?? pattern?.title) !== undefined;
  return hasCell || inText || columns.some((column) => column.role === role);
}

/**
 * A set's title or description as its file can hold it: Windows-1252 has 251 signs, others are written plainly. Throws a
 * Problem where one of them has no plain way of writing and the file says it.
 */
export function heldIn(layout: Layout, what: Said, text: string): string {
  const isNarrow = layout.file.encoding === 'windows-1252' && isWritten(layout, what);
  const plain = isNarrow ? transliterate(text) : text;
  if (plain === undefined) {
    const lost = unheldCharacters(text).join(' ');
    throw new Problem(
      say(
        'Files of the kind that this layout describes are written in Windows-1252, which has no sign for {lost} in the {what} {text}. Give the set another {what}.',
        { lost, what, text: quoted(text) },
      ),
    );
  }
  return plain;
}
