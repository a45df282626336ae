// Files that are understood as blanks and can't be filled themselves.
import type { Layout, Table } from '../model';
import { say, toSay } from '../shared/say';

const UNFILLABLE: Partial<Record<Table['format'], string>> = {
  xls: toSay('an old workbook (.xls)'),
  html: toSay('a page'),
  docx: toSay('a document'),
  json: toSay('a file of JSON'),
};

/** What is said of a blank's format where another is filled instead of it; undefined where the blank itself is filled. */
export function insteadOf(
  format: Table['format'],
  other: Layout['file']['format'],
): string | undefined {
  const unlike = UNFILLABLE[format];
  return (
    unlike &&
    say(
      "{unlike} can't be filled itself; a new .{format} with the same headings is filled instead",
      {
        unlike: say(unlike),
        format: other,
      },
    )
  );
}
