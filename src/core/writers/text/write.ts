// Marked plain text: the blank's comments stay, its samples give way to the questions.
import type { Layout } from '../../model';
import type { Job, Placed, Written } from '../contract';
import { encode, lineEnd, textOf } from './encode';

type Marks = NonNullable<Layout['marks']>;

/** The blank's comments down to the first line that is none; comments among the samples go with them. */
function headOf(blank: string, marks: Marks): string[] {
  if (!marks.comment) {
    return [];
  }
  const lines = blank.split(/\r\n?|\n/);
  const end = lines.findIndex((line) => line.trim() && !line.startsWith(marks.comment!));
  const head = lines.slice(0, end < 0 ? lines.length : end);
  while (head.length && !head.at(-1)!.trim()) {
    head.pop();
  }
  return head;
}

const stemLabel = ({ stemLabel: label }: Marks, n: number): string =>
  !label || label === 'none' ? '' : `${n}${label.slice(-1)} `;

/** Writes the questions one behind the other, each category's sign in front of its first question. */
export function writeMarkedText({ layout, questions, blank }: Job): Written {
  const marks = layout.marks ?? { right: '*' };
  const head = blank ? headOf(textOf(blank, layout.file.encoding), marks) : [];
  const paragraphs: string[] = [];
  let category = '';
  let n = 0;
  const place = ({ text = '', as }: Placed): void => {
    const own = as[0]?.category?.join(' > ') ?? '';
    if (marks.category && own && own !== category) {
      paragraphs.push(`${marks.category} ${own}`);
      category = own;
    }
    for (const paragraph of text.split('\n\n')) {
      paragraphs.push(stemLabel(marks, ++n) + paragraph);
    }
  };
  questions.forEach(place);
  const between = marks.between === 'none' ? '\n' : '\n\n';
  const text = `${[...(head.length ? [head.join('\n')] : []), paragraphs.join(between)].join('\n\n')}\n`;
  return {
    bytes: encode(text.replace(/\n/g, lineEnd(layout.file)), layout.file.encoding),
    notes: [],
  };
}
