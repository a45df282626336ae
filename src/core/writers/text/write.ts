// Marked plain text: the blank's comments stay, its samples give way to the questions.
import type { Layout } from '../../model';
import { categoryLine } from '../../shared/category-line';
import { labelText } from '../../shared/labels';
import type { Job, Placed, Written } from '../contract';
import { encode, lineEnd, textOf } from './encode';
import { patternLines } from './pattern';

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

/** A paragraph with its number in front of the question's own text, below a frame's sign or a category of its own. */
function numbered(paragraph: string, marks: Marks, n: number): string {
  const label = labelText(marks.stemLabel, n - 1);
  const above = marks.numberLine?.replace('{n}', String(n));
  if (!label && above === undefined) {
    return paragraph;
  }
  const lines = paragraph.split('\n');
  const frame = marks.openAt === 'question' && marks.open ? 1 : 0;
  if (above !== undefined) {
    lines.splice(frame, 0, above);
    return lines.join('\n');
  }
  const hasCategory =
    marks.categoryAt === 'question' && marks.category && lines[frame]?.startsWith(marks.category);
  const at = frame + (hasCategory ? 1 : 0);
  return lines.map((line, index) => (index === at ? label + line : line)).join('\n');
}

/** Writes the questions one behind the other, each category's sign in front of its first question. */
export function writeMarkedText({ layout, questions, blank, setTitle }: Job): Written {
  if (layout.pattern) {
    const text = `${patternLines(layout.pattern, { questions, setTitle }).join('\n')}\n`;
    return {
      bytes: encode(text.replace(/\n/g, lineEnd(layout.file)), layout.file.encoding),
      notes: [],
    };
  }
  const marks = layout.marks ?? { right: '*' };
  const head = blank ? headOf(textOf(blank, layout.file.encoding), marks) : [];
  const title =
    marks.setTitle && setTitle ? [`${marks.setTitle}${marks.tight ? '' : ' '}${setTitle}`] : [];
  const paragraphs: string[] = [];
  let category = '';
  let n = 0;
  const place = ({ text = '', as }: Placed): void => {
    const own = as[0]?.category?.join(' > ') ?? '';
    if (marks.category && marks.categoryAt !== 'question' && own && own !== category) {
      paragraphs.push(categoryLine(marks, own));
      category = own;
    }
    for (const paragraph of text.split('\n\n')) {
      paragraphs.push(numbered(paragraph, marks, ++n));
    }
  };
  questions.forEach(place);
  const between = marks.between === 'none' ? '\n' : '\n\n';
  const parts = [...(head.length ? [head.join('\n')] : []), ...title, paragraphs.join(between)];
  const text = `${parts.join('\n\n')}\n`;
  return {
    bytes: encode(text.replace(/\n/g, lineEnd(layout.file)), layout.file.encoding),
    notes: [],
  };
}
