// An empty form of marked text: its signs explained in comments.
import type { Layout } from '../../model';
import { encode, lineEnd } from './encode';

type Marks = NonNullable<Layout['marks']>;

function explained(marks: Marks): [string, string][] {
  const rows: [string | undefined, string][] = [
    [marks.category, 'at the beginning of a line: the name of a category, for all questions below it'],
    [marks.titleOpen && `${marks.titleOpen} ${marks.titleClose ?? ''}`.trim(), 'around the title of a question'],
    [marks.open && `${marks.open} ${marks.close ?? ''}`.trim(), 'around the group of options'],
    [marks.right, 'in front of a right option'], [marks.wrong, 'in front of a wrong option'], [marks.feedback, 'behind an option, in front of its feedback'],
    [marks.pair, 'between the two halves of a pair'], [marks.escape, 'in front of any of these signs: it is taken as ordinary text'],
  ];
  return rows.flatMap(([sign, words]) => (sign ? [[sign, words] as [string, string]] : []));
}

/** The comments of a form; without a sign for comments there is nothing to say. */
export function blankText({ marks = { right: '*' }, limits, file }: Layout): Uint8Array {
  const { comment } = marks;
  if (!comment) return encode('', file.encoding);
  const signs = explained(marks);
  const wide = Math.max(...signs.map(([sign]) => sign.length)) + 3;
  const words = [
    `A line that begins with ${comment} is not read.`,
    ...signs.map(([sign, text]) => sign.padEnd(wide) + text),
    ...(marks.between === 'none' ? [] : ['Leave a blank line between two questions.']),
    ...(limits.stem ? [`A question may have up to ${limits.stem} characters.`] : []), ...(limits.option ? [`An option may have up to ${limits.option} characters.`] : []),
    ...(limits.optionsMax ? [`A question has ${limits.optionsMin ?? 2} to ${limits.optionsMax} options.`] : []),
  ];
  return encode(`${words.map((line) => `${comment} ${line}`).join('\n')}\n`.replace(/\n/g, lineEnd(file)), file.encoding);
}
