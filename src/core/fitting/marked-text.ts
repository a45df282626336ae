// A fitted question as a paragraph of marked text. Its number and its category line are the writer's, who knows its place.
import type { Item, Layout, LineField, Option } from '../model';
import { literal } from '../shared/literal';
import { categoryLine } from '../shared/category-line';
import { labelPattern, labelText } from '../shared/labels';
import { saidKey } from '../shared/marked-key';
import { refusal, type Draft } from './changes';

type Marks = NonNullable<Layout['marks']>;
type Safe = (text: string) => string;
type SignName = {
  [Name in keyof Marks]-?: string extends Marks[Name] ? Name : never;
}[keyof Marks];

/** The signs that count wherever they stand, and those that count at the beginning of a word or line. */
function signsOf(marks: Marks): { anywhere: string[]; leading: string[] } {
  const list = (...names: SignName[]): string[] =>
    names.flatMap((name) => (marks[name] ? [marks[name]] : []));
  const isAround = (marks.openAt ?? 'options') === 'options';
  const isBehind = marks.feedbackAt !== 'question';
  return {
    anywhere: [
      ...(isAround ? list('open', 'close') : []),
      ...(isBehind ? list('feedback') : []),
      ...list('titleClose', 'stemClose', 'pair', 'escape'),
      ...(marks.rightAt === 'behind' ? list('right', 'wrong') : []),
    ],
    leading: [
      ...list('right', 'wrong', 'titleOpen', 'category', 'comment', 'keyLine'),
      ...list('option', 'accepted', 'setTitle', 'stem'),
      ...(isAround ? [] : list('open', 'close')),
      ...(isBehind ? [] : list('feedback')),
      ...(marks.fields ?? []).map(({ sign }) => sign),
    ],
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
  const label = labelPattern(marks.optionLabel);
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

/** What stands between a sign and its text. */
const afterSign = ({ tight }: Marks): string => (tight ? '' : ' ');

/** The sign of a right or wrong option; none where a line below names the right ones. */
function verdictSign(right: boolean, marks: Marks): string {
  if (marks.keyLine) {
    return marks.option ?? '';
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
  const label = labelText(marks.optionLabel, index);
  // A word stands apart from a label behind it; a lone sign stands right at it.
  const isWord = /\p{L}/u.test(sign);
  const isApart = !label || isWord || marks.labelApart === true;
  const space = sign && isApart ? afterSign(marks) : '';
  const told =
    feedback?.plain && marks.feedback && marks.feedbackAt !== 'question'
      ? ` ${marks.feedback} ${safe(feedback.plain)}`
      : '';
  if (marks.rightAt === 'behind') {
    return `${label}${safe(text.plain)}${sign ? ` ${sign}` : ''}${told}`;
  }
  return `${sign}${space}${label}${safe(text.plain)}${told}`;
}

const acceptedAsOptions = (item: Item): Option[] =>
  item.options ?? (item.accepted ?? []).map((plain) => ({ text: { plain }, right: true }));

/** A line that a sign begins; none where there is no sign or nothing to say. */
const signed = (marks: Marks, sign: string | undefined, text: string | undefined): string[] =>
  sign && text ? [`${sign}${afterSign(marks)}${text}`] : [];

/** The question's own line, with the sign that opens it or the group of its options. */
function stemLine(text: string, hasOptions: boolean, marks: Marks): string {
  const { open, openAt = 'options', stemClose } = marks;
  const space = marks.stemTight ? '' : afterSign(marks);
  const stem = stemClose ? `${text}${space}${stemClose}` : text;
  if (!open || openAt === 'question') {
    return marks.stem ? `${marks.stem}${space}${stem}` : stem;
  }
  if (openAt === 'stem') {
    return `${open}${space}${stem}`;
  }
  return hasOptions ? `${stem} ${open}` : stem;
}

/** The lines of a question's answers: pairs, or options. */
function answerLines(item: Item, marks: Marks, safe: (text: string) => string): string[] {
  if (item.pairs) {
    return item.pairs.map(
      ({ left, right }) => `${safe(left.plain)} ${marks.pair ?? '='} ${safe(right.plain)}`,
    );
  }
  const typed = item.options ? undefined : item.accepted;
  return typed && marks.accepted
    ? typed.flatMap((text) => signed(marks, marks.accepted, safe(text)))
    : acceptedAsOptions(item).map((option, index) => optionLine(option, index, marks, safe));
}

/** The line that names the right options, where the form has one. */
const keyLines = ({ options }: Item, marks: Marks): string[] =>
  signed(
    { ...marks, tight: marks.keyTight ?? marks.tight },
    marks.keyLine,
    options && saidKey(options, marks),
  );

/** What a field's own line says of a question. */
function fieldText(item: Item, field: LineField): string | undefined {
  const { points, seconds } = item;
  const said: Record<LineField, string | undefined> = {
    ref: item.ref || undefined,
    points: points === undefined ? undefined : String(points),
    seconds: seconds === undefined ? undefined : String(seconds),
    hint: item.hint?.plain,
    title: item.title,
    category: item.category?.join(' > '),
  };
  return said[field];
}

const fieldLines = (item: Item, marks: Marks, where: 'above' | 'below', safe: Safe): string[] =>
  (marks.fields ?? [])
    .filter(({ at }) => at === where)
    .flatMap(({ sign, field }) => {
      const text = fieldText(item, field);
      return signed(marks, sign, text && safe(text));
    });

/** What stands in each question besides its text and its options: its category above, feedback below. */
function ownLines(item: Item, marks: Marks, safe: Safe) {
  const category = marks.categoryAt === 'question' ? item.category?.join(' > ') : undefined;
  const feedback = marks.feedbackAt === 'question' ? item.explanation?.plain : undefined;
  return {
    above: [
      ...(marks.category && category ? [categoryLine(marks, safe(category))] : []),
      ...fieldLines(item, marks, 'above', safe),
    ],
    below: [
      ...signed(marks, marks.feedback, feedback && safe(feedback)),
      ...fieldLines(item, marks, 'below', safe),
    ],
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
  const { indent = '' } = marks;
  const others = [...(behind ? given(marks.close) : []), ...keyLines(item, marks), ...below];
  const indented = (lines: readonly string[]): string[] => lines.map((line) => indent + line);
  return [
    ...(around ? given(marks.open) : []),
    ...above,
    stemLine(`${title}${safe(item.stem.plain)}`, answers.length > 0, marks),
    ...indented(answers),
    ...(marks.indentAt === 'answers' ? others : indented(others)),
    ...(around ? given(marks.close) : []),
  ].join('\n');
}
