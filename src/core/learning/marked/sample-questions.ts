// The questions of a sample by its signs: their kinds, and how often each sign stands in them.
import type { Kind, Layout } from '../../model';
import { saysOtherSide } from '../other-side';
import { labelPattern } from '../../shared/labels';

type Marks = NonNullable<Layout['marks']>;

/** Whether the line that names the right options names one alone. */
const namesOne = (question: string, keyLine: string): boolean =>
  question.split('\n').some((line) => {
    const said = line.trimStart();
    return said.startsWith(keyLine) && !/[,;&+]/.test(said.slice(keyLine.length));
  });

/** The questions of a sample: between its frames, from number to number or from sign to sign, else between blank lines. */
function questionsOf(body: readonly string[], marks: Marks): string[] {
  const { between, open, close, openAt, numberLine } = marks;
  if (between !== 'none') {
    return body.join('\n').split(/\n\s*\n/);
  }
  const label = labelPattern(marks.stemLabel);
  const [before, after] = numberLine?.split('{n}') ?? [];
  const counts = (line: string): boolean =>
    before !== undefined &&
    line.startsWith(before) &&
    line.endsWith(after!) &&
    /^\d+$/u.test(line.slice(before.length, line.length - after!.length));
  const begins = (line: string): boolean =>
    counts(line.trim()) ||
    (label?.test(line) ?? false) ||
    (openAt === 'stem' && Boolean(open) && line.startsWith(open!));
  const frames = new Set([open, close]);
  return body
    .flatMap((line) => (begins(line) ? ['', line] : [frames.has(line.trim()) ? '' : line]))
    .join('\n')
    .split(/\n\s*\n/);
}

/** Whether the sign of the right option stands once in several questions, and that of the wrong ones more often in each. */
export function marksOneEach(body: readonly string[], marks: Marks): boolean {
  const { right, wrong } = marks;
  const counts = questionsOf(body, marks).map((question) => {
    return wrong === undefined ? [0, 0] : [lineCount(question, right), lineCount(question, wrong)];
  });
  const answered = counts.filter(([rights, wrongs]) => rights! + wrongs! > 0);
  const plain = answered.filter(([rights, wrongs]) => rights === 1 && wrongs! > 1);
  return plain.length > 1 && plain.length > answered.length / 2;
}

const blanksOf = (line: string): string => /^[ \t]*/u.exec(line)![0];

/** Blanks in front of the lines of questions, the same before all but those that begin one, or before the answers alone. */
export function indentOf(body: readonly string[]): Pick<Marks, 'indent' | 'indentAt'> {
  const filled = body.filter((line) => line.trim());
  const isIn = (line = ''): boolean => line.trim() !== '' && blanksOf(line) !== '';
  // What stands out below the answers has nothing indented below itself, as a question's text has.
  const isOut = body.some(
    (line, at) => line.trim() && !isIn(line) && isIn(body[at - 1]) && !isIn(body[at + 1]),
  );
  const indents = filled.map(blanksOf);
  const own = [...new Set(indents.filter(Boolean))];
  const most = indents.filter(Boolean).length > indents.length * (isOut ? LEAST_OUT : LEAST_IN);
  return own.length === 1 && indents[0] === '' && most
    ? { indent: own[0]!, ...(isOut ? { indentAt: 'answers' as const } : {}) }
    : {};
}
/** So much of a sample's lines begin with the blanks: more than half, or the options alone where a key and remarks stand out. */
const LEAST_IN = 0.5;
const LEAST_OUT = 0.3;

/** The kind of one question of a sample, by the first of these that holds; undefined where no sign tells. */
const KIND_BY: readonly (readonly [Kind, (question: string, marks: Marks) => boolean])[] = [
  [
    'card',
    (question, { accepted }) => hasLine(question, accepted) && saysOtherSide(accepted ?? ''),
  ],
  ['short', (question, { accepted }) => hasLine(question, accepted)],
  ['match', (question, { pair }) => pair !== undefined && question.includes(` ${pair} `)],
  [
    'true-false',
    (question) => /\b(?:true|wahr|vrai)\b[\s\S]*\b(?:false|falsch|faux)\b/i.test(question),
  ],
  ['choice-many', (question, { right }) => lineCount(question, right) > 1],
  ['choice-one', (question, { right }) => lineCount(question, right) === 1],
  ['choice-one', (question, { keyLine }) => keyLine !== undefined && namesOne(question, keyLine)],
  ['choice-many', (question, { keyLine }) => hasLine(question, keyLine)],
];
const lineCount = (question: string, sign: string): number =>
  question.split('\n').filter((line) => line.trimStart().startsWith(sign)).length;
const hasLine = (question: string, sign: string | undefined): boolean =>
  sign !== undefined && lineCount(question, sign) > 0;

/** Which kinds the samples hold. */
export function kindsShown(body: readonly string[], marks: Marks): Layout['kinds'] {
  const kinds = questionsOf(body, marks).flatMap(
    (question) => KIND_BY.find(([, isIt]) => isIt(question, marks))?.[0] ?? [],
  );
  return [...new Set(kinds)].map((kind) => ({ kind, code: '' }));
}

const IN_BRACKETS = /\(([^()]*\d[^()]*)\)\s*$/u;

/** What samples say of their own lengths in brackets at the end of a line, as a rule for that line: 'question: up to 120 characters'. */
export function remarksIn(body: readonly string[], marks: Marks): string[] {
  const { right, wrong, option, keyLine, open, stem } = marks;
  const options = [right, wrong, option].flatMap((sign) => sign ?? []);
  return body.flatMap((line) => {
    const text = line.trimStart();
    const said = IN_BRACKETS.exec(text)?.[1];
    if (said === undefined || (keyLine && text.startsWith(keyLine))) {
      return [];
    }
    if (options.some((sign) => text.startsWith(sign))) {
      return [`option: ${said}`];
    }
    const isStem = [open, stem].some((sign) => sign && text.startsWith(sign));
    return isStem || !(open ?? stem) ? [`question: ${said}`] : [];
  });
}
