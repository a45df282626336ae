// What each line of a sample is, by the signs or the pattern as they are known now.
import type { Layout, Part, Pattern } from '../../../core/model';
import { labelPattern } from '../../../core/shared/labels';
import {
  aroundPattern,
  isBare,
  isFixed,
  isKeptEmpty,
  waysOfPart,
  type Around,
} from '../../../core/shared/pattern-line';
import type { LineIs } from './line-words';

type Marks = NonNullable<Layout['marks']>;

/** Whether a line begins with a label such as 'a)' or '1.'. */
function hasLabel(line: string, label: Marks['optionLabel']): boolean {
  return labelPattern(label)?.test(line) ?? false;
}

const startsWith = (line: string, sign: string | undefined): boolean =>
  sign !== undefined && line.trimStart().startsWith(sign);

/** The first that holds says what the line is; a line of none of them is the question. */
const TESTS: readonly (readonly [LineIs, (line: string, marks: Marks) => boolean])[] = [
  ['comment', (line, { comment }) => startsWith(line, comment)],
  ['category', (line, { category }) => startsWith(line, category)],
  ['close', (line, { close }) => close !== undefined && close !== '' && line.trim() === close],
  ['key', (line, { keyLine }) => startsWith(line, keyLine)],
  ['right', (line, { right }) => startsWith(line, right)],
  [
    'wrong',
    (line, { wrong, optionLabel }) => startsWith(line, wrong) || hasLabel(line, optionLabel),
  ],
];

const bySigns = (line: string, marks: Marks): LineIs =>
  TESTS.find(([, test]) => test(line, marks))?.[0] ?? 'stem';

type Way = { around: Around & Pick<Part, 'isKept'>; is: LineIs };

/** Everything that lines of a pattern may be, what says most first. */
function waysOf({ forms, title }: Pattern): Way[] {
  const ofPart = (part: Part): Way[] => {
    const own: LineIs = part.role === 'option' && part.wrong ? 'right' : part.role;
    return [
      ...waysOfPart(part).map(({ around, isWrong }): Way => ({
        around,
        is: isWrong ? 'wrong' : own,
      })),
      ...(part.feedbackLine ? [{ around: part.feedbackLine, is: 'feedback' as const }] : []),
    ];
  };
  const named: Way[] = title ? [{ around: title, is: 'title' }] : [];
  return [...forms.flatMap(({ parts }) => parts.flatMap(ofPart)), ...named].sort(
    (a, b) => b.around.before.length - a.around.before.length,
  );
}

/** What each line is by a pattern; a line below a title of its own is found with it. */
function byPattern(lines: readonly string[], pattern: Pattern): (LineIs | undefined)[] {
  const ways = waysOf(pattern);
  const fixed = pattern.forms.flatMap(({ parts, below = [] }) => [
    ...below,
    ...parts.flatMap(({ above = [] }) => above),
  ]);
  const { head = [], joint } = pattern;
  return lines.map((line, at) => {
    // A whole question on one line is called by what it begins with.
    if (joint !== undefined && line.includes(joint)) {
      return 'stem';
    }
    const isSame = fixed.some((one) => one && isFixed(line, one));
    if (isSame) {
      return 'fixed';
    }
    if (at < head.length && head[at] === line) {
      return 'comment';
    }
    const found = ways.filter(({ around }) => {
      const titles = around.before.split('\n').length - 1;
      const whole = lines.slice(Math.max(0, at - titles), at + 1).join('\n');
      return isKeptEmpty(line, around) || aroundPattern(around).test(whole);
    });
    const [best] = found;
    // Of lines without a sign the first one asks.
    const opens = !lines[at - 1]?.trim() || fixed.includes(lines[at - 1]!);
    const bare = found.filter(({ around }) => isBare(around));
    const own = bare.find(({ is }) => (is === 'stem') === opens) ?? bare[0];
    return (best && isBare(best.around) ? own : best)?.is;
  });
}

/** What the lines of a sample are; undefined for empty ones, and for those that a pattern does not explain. */
export function linesAre(
  lines: readonly string[],
  { marks = { right: '*' }, pattern }: Layout,
): (LineIs | undefined)[] {
  const found = pattern
    ? byPattern(
        lines.map((line) => line.trimEnd()),
        pattern,
      )
    : undefined;
  return lines.map((line, at) => {
    if (!line.trim()) {
      return undefined;
    }
    return found
      ? (found[at] ?? (startsWith(line, marks.comment) ? 'comment' : undefined))
      : bySigns(line, marks);
  });
}
