// A fitted question as a paragraph of marked text. Its number and its category line are the writer's, who knows its place.
import type { Item, Layout, Option } from '../model';
import { literal } from '../shared/literal';
import { optionLetter } from '../shared/plain';
import { refusal, type Draft } from './changes';

type Marks = NonNullable<Layout['marks']>;
type SignName = {
  [Name in keyof Marks]-?: string extends Marks[Name] ? Name : never;
}[keyof Marks];

/** The signs that count wherever they stand, and those that count at the beginning of a word or line. */
function signsOf(marks: Marks): { anywhere: string[]; leading: string[] } {
  const list = (...names: SignName[]): string[] =>
    names.flatMap((name) => (marks[name] ? [marks[name]] : []));
  return {
    anywhere: list('open', 'close', 'titleClose', 'feedback', 'pair', 'escape'),
    leading: list('right', 'wrong', 'titleOpen', 'category', 'comment', 'keyLine'),
  };
}

/** Makes texts safe for a form: signs of the form get its escape in front, or the question is refused where it has none. */
export function escaperOf(marks: Marks): (text: string) => string {
  const { anywhere, leading } = signsOf(marks);
  const byLength = (signs: string[]): string =>
    [...new Set(signs)]
      .sort((a, b) => b.length - a.length)
      .map(literal)
      .join('|');
  const free = byLength(anywhere);
  const begin = byLength(leading);
  const pattern = new RegExp(
    [...(free ? [free] : []), ...(begin ? [`(?<=^|\\s)(?:${begin})`] : [])].join('|') || '(?!)',
    'gu',
  );
  const label =
    marks.optionLabel && marks.optionLabel !== 'none' ? /^[A-Za-z\d]{1,2}[.)]\s/ : undefined;
  return (text) => {
    if (!marks.escape) {
      const sign =
        new RegExp(pattern.source, 'u').exec(text)?.[0] ?? label?.exec(text)?.[0] ?? undefined;
      if (sign !== undefined) {
        throw refusal('sign-in-text', { text, sign: sign.trim() });
      }
      return text;
    }
    const escaped = text.replace(pattern, (sign) => marks.escape! + sign);
    return marks.escaped
      ? escaped.replace(
          new RegExp(
            `(?<!${literal(marks.escape)})[${literal(marks.escaped).replace(/[\]^-]/g, '\\$&')}]`,
            'gu',
          ),
          (sign) => marks.escape! + sign,
        )
      : escaped;
  };
}

/** 'b) ' for the second option, in the form's own manner. */
export function labelOf(label: Marks['optionLabel'], index: number): string {
  if (!label || label === 'none') {
    return '';
  }
  const sign = label.slice(-1);
  if (label.startsWith('1')) {
    return `${index + 1}${sign} `;
  }
  const letter = optionLetter(index);
  return `${label.startsWith('a') ? letter.toLowerCase() : letter}${sign} `;
}

/** What stands between a sign and its text. */
const afterSign = ({ tight }: Marks): string => (tight ? '' : ' ');

/** The sign of a right or wrong option; none where a line below names the right ones. */
function verdictSign(right: boolean, marks: Marks): string {
  if (marks.keyLine) {
    return '';
  }
  return right ? marks.right : (marks.wrong ?? '');
}

/** The sign in front of an option or of its label; a lone sign stands apart from the text. */
function optionLine(
  { text, right, feedback }: Option,
  index: number,
  marks: Marks,
  safe: (text: string) => string,
): string {
  const sign = verdictSign(right, marks);
  const label = labelOf(marks.optionLabel, index);
  const told =
    feedback?.plain && marks.feedback && marks.feedbackAt !== 'question'
      ? ` ${marks.feedback} ${safe(feedback.plain)}`
      : '';
  return `${sign}${label || (sign ? afterSign(marks) : '')}${safe(text.plain)}${told}`;
}

const acceptedAsOptions = (item: Item): Option[] =>
  item.options ?? (item.accepted ?? []).map((plain) => ({ text: { plain }, right: true }));

/** A line that a sign begins; none where there is no sign or nothing to say. */
const signed = (marks: Marks, sign: string | undefined, text: string | undefined): string[] =>
  sign && text ? [`${sign}${afterSign(marks)}${text}`] : [];

/** The question's own line, with the sign that opens it or the group of its options. */
function stemLine(stem: string, hasOptions: boolean, marks: Marks): string {
  const { open, openAt = 'options' } = marks;
  if (!open || openAt === 'question') {
    return stem;
  }
  if (openAt === 'stem') {
    return `${open}${afterSign(marks)}${stem}`;
  }
  return hasOptions ? `${stem} ${open}` : stem;
}

/** The lines of a question's answers: pairs, or options. */
function answerLines(item: Item, marks: Marks, safe: (text: string) => string): string[] {
  return item.pairs
    ? item.pairs.map(
        ({ left, right }) => `${safe(left.plain)} ${marks.pair ?? '='} ${safe(right.plain)}`,
      )
    : acceptedAsOptions(item).map((option, index) => optionLine(option, index, marks, safe));
}

/** The line that names the right options, where the form has one. */
function keyLines({ options }: Item, marks: Marks): string[] {
  const letters = options?.flatMap(({ right }, index) => (right ? [optionLetter(index)] : []));
  return signed(marks, marks.keyLine, letters?.join(', '));
}

/** What stands in each question besides its text and its options: its category above, feedback below. */
function ownLines(item: Item, marks: Marks, safe: (text: string) => string) {
  const category = marks.categoryAt === 'question' ? item.category?.join(' > ') : undefined;
  const feedback = marks.feedbackAt === 'question' ? item.explanation?.plain : undefined;
  return {
    above: signed(marks, marks.category, category && safe(category)),
    below: signed(marks, marks.feedback, feedback && safe(feedback)),
  };
}

const given = (sign: string | undefined): string[] => (sign ? [sign] : []);

/** The paragraph, without its number, and without a category that stands above several. May throw a Refusal. */
export function paragraphOf({ item }: Draft, marks: Marks): string {
  const safe = escaperOf(marks);
  const title =
    item.title && marks.titleOpen
      ? `${marks.titleOpen}${safe(item.title)}${marks.titleClose ?? ''} `
      : '';
  const answers = answerLines(item, marks, safe);
  const { above, below } = ownLines(item, marks, safe);
  const { openAt = 'options' } = marks;
  const [around, behind] = [openAt === 'question', openAt === 'options' && answers.length > 0];
  return [
    ...(around ? given(marks.open) : []),
    ...above,
    stemLine(`${title}${safe(item.stem.plain)}`, answers.length > 0, marks),
    ...answers,
    ...(behind ? given(marks.close) : []),
    ...keyLines(item, marks),
    ...below,
    ...(around ? given(marks.close) : []),
  ].join('\n');
}
