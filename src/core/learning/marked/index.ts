// A form of marked plain text: the signs for right and wrong, labels, separators, from its comments and its samples.
import { OPTION_LABELS, type Document, type Layout } from '../../model';
import { defined } from '../../shared/defined';
import { labelForm } from '../../shared/labels';
import { keyOfMarks } from '../../shared/marked-key';
import { quoted } from '../../shared/plain';
import { verdictOf } from '../../shared/vocabulary/verdicts';
import type { LearnedLayout } from '../contract';
import { limitsIn } from '../sentences';
import { commentSign, explainedMarks, legendOf, marksInSentences } from './comments';
import { repeatedSigns } from './repeated-signs';
import { indentOf, kindsShown, marksOneEach, remarksIn } from './sample-questions';
import { keyLineIn, shownMarks, wrongSign, type Shown } from './shown';
import { say } from '../../shared/say';

type Marks = NonNullable<Layout['marks']>;

/** Whether a text's comments explain its signs. */
export function explainsSigns(document: Document): boolean {
  const lines = linesOf(document);
  const comment = commentSign(lines);
  return (
    comment !== undefined &&
    explainedMarks(
      legendOf(
        lines.filter((line) => line.startsWith(comment)).map((line) => line.slice(comment.length)),
      ),
    ).right !== undefined
  );
}

/** What speaks for the signs of a sample: said in comments, shown by labels, or by what repeats. */
type Evidence = {
  body: readonly string[];
  told: Partial<Marks>;
  shown: Shown;
  repeated: Marks | undefined;
  keyLine: string | undefined;
};

/** Words in front of lines, and two signs by turns, say more than a sign that happens to stand there. */
function rightOf({ told, shown, repeated, keyLine }: Evidence): string | undefined {
  if (told.right !== undefined || keyLine !== undefined) {
    return told.right ?? '*';
  }
  // Questions without options need no sign of a right one, and '*' stands for none.
  const isClear = repeated && (repeated.wrong !== undefined || /\p{L}/u.test(repeated.right));
  return isClear ? repeated.right : (shown.marks.right ?? repeated?.right);
}

/** The sign of wrong options: told, the empty box beside a ticked one, or the other of two. */
function wrongOf(
  { body, told, shown, repeated, keyLine }: Evidence,
  right: string,
): string | undefined {
  const [, open, close] = /^([[(]).([\])])$/u.exec(right) ?? [];
  const empty = `${open} ${close}`;
  const hasEmpty = open !== undefined && body.some((line) => line.trimStart().startsWith(empty));
  const { optionLabel = 'none' } = shown.marks;
  const repeats = repeated?.right === right ? repeated.wrong : undefined;
  const said = told.wrong ?? (hasEmpty ? empty : undefined) ?? repeats;
  return (
    said ?? (keyLine !== undefined || optionLabel !== 'none' ? undefined : wrongSign(body, right))
  );
}

/** Whether empty lines part the text, and do not only end it or stand below its head. */
function hasBlankLines(lines: readonly string[], head: string | undefined): boolean {
  const isHead = head !== undefined && lines.find((line) => line.trim())?.startsWith(head) === true;
  const body = isHead ? lines.slice(lines.findIndex((line) => line.startsWith(head)) + 1) : lines;
  const filled = body.flatMap((line, at) => (line.trim() ? [at] : []));
  const [first = 0, last = 0] = [filled[0], filled.at(-1)];
  return body.slice(first, last).some((line) => !line.trim());
}

/** Whether blanks stand behind the sign of the line that names the key, and between the sign of an option and its label. */
function layoutOfLines(
  body: readonly string[],
  { right, keyLine, tight = false }: Pick<Marks, 'right' | 'keyLine' | 'tight'>,
): Partial<Marks> {
  const behind = (sign: string): string[] =>
    body.flatMap((line) => {
      const text = line.trim();
      return text.startsWith(sign) ? [text.slice(sign.length)] : [];
    });
  const keys = keyLine === undefined ? [] : behind(keyLine);
  const isKeyTight = keys.length > 0 && keys.every((text) => /^\S/u.test(text));
  const options = behind(right).filter((text) => labelForm(text.trim(), OPTION_LABELS));
  const isApart = options.length > 0 && options.every((text) => /^\s/u.test(text));
  return {
    ...(keys.length > 0 && isKeyTight !== tight ? { keyTight: isKeyTight } : {}),
    ...(isApart && !/\p{L}/u.test(right) ? { labelApart: true } : {}),
  };
}

function marksOf(evidence: Evidence, right: string, comment: string | undefined): Marks {
  const { body, told, shown, repeated, keyLine } = evidence;
  return defined({
    optionLabel: 'none' as const,
    stemLabel: 'none' as const,
    ...repeated,
    ...shown.marks,
    ...told,
    // What a comment says to stand around stands around the options.
    ...(told.open
      ? { openAt: 'options' as const, stemClose: undefined, stemTight: undefined }
      : {}),
    // Where a sign stands that comments name, only what repeats of that very sign can say.
    ...(told.feedback && told.feedback !== repeated?.feedback ? { feedbackAt: undefined } : {}),
    ...(told.category && told.category !== repeated?.category ? { categoryAt: undefined } : {}),
    ...defined({ wrong: wrongOf(evidence, right), keyLine, comment, ...indentOf(body) }),
    ...layoutOfLines(body, { right, keyLine, tight: repeated?.tight }),
    right,
    between: hasBlankLines(body, repeated?.setTitle) ? ('blank-line' as const) : ('none' as const),
  });
}

/** The word of a sign: 'RIGHT', 'right' of 'right:'. */
const bareWord = (sign: string): string => sign.replace(/[^\p{L}]+/gu, '');

const saysSo = (right: string, wrong: string): boolean =>
  verdictOf(bareWord(right)) === true && (!wrong || verdictOf(bareWord(wrong)) === false);

/** Signs that say yes and no to everybody; an empty box says no. */
const YES = /[+✓✔xX*]/u;
const NO = /^[^+✓✔xX*]*[-–✗✘ ][^+✓✔xX*]*$/u;

/** Why a sign is taken to mark the right option, and whether that is sure. */
function reasonOf(evidence: Evidence, { right, wrong = '' }: Marks, oneEach: boolean) {
  const { told, shown, repeated, keyLine } = evidence;
  if (keyLine !== undefined) {
    return {
      why: say('a line {keyLine} names the right answer', { keyLine: quoted(keyLine) }),
      isSure: true,
    };
  }
  if (told.right !== undefined) {
    return { why: say('the comments explain {right}', { right: quoted(right) }), isSure: true };
  }
  if (repeated?.accepted !== undefined) {
    return {
      why: say('a line {accepted} says the answer', { accepted: quoted(repeated.accepted) }),
      isSure: true,
    };
  }
  if (saysSo(right, wrong)) {
    return {
      why: say('the word {right} says so', { right: quoted(bareWord(right)) }),
      isSure: true,
    };
  }
  if (oneEach) {
    const why = say('{right} stands at one option of each question, {wrong} at the others', {
      right: quoted(right),
      wrong: quoted(wrong),
    });
    return { why, isSure: true };
  }
  if (YES.test(right) && !YES.test(wrong) && NO.test(wrong) && !NO.test(right)) {
    return {
      why: say('{right} says yes and {wrong} no', { right: quoted(right), wrong: quoted(wrong) }),
      isSure: true,
    };
  }
  const why = say(
    '{right} stands at {shownRight, plural, one {# option} other {# options}} of {options}',
    { right: quoted(right), shownRight: shown.right, options: shown.options },
  );
  return { why, isSure: shown.right > 1 };
}

/** So many lines show all that a sample has to show. */
const MOST_LINES = 2000;
const linesOf = ({ lines }: Document): string[] =>
  lines.slice(0, MOST_LINES).map((line) => line.source ?? line.text);

/** The lines of a sample, the sign of its comments and what they say, and all other lines. */
export function partsOfSample(document: Document): {
  comment: string | undefined;
  comments: string[];
  body: string[];
} {
  const lines = linesOf(document);
  const comment = commentSign(lines);
  const isComment = (line: string): boolean => comment !== undefined && line.startsWith(comment);
  return {
    comment,
    comments: lines.filter(isComment).map((line) => line.slice(comment!.length)),
    body: lines.filter((line) => !isComment(line)),
  };
}

/** Learns a form of marked text; undefined where nothing shows how a right option is marked. */
export function learnMarkedText(
  document: Document,
  id: string,
  name: string,
): LearnedLayout | undefined {
  const { comment, comments, body } = partsOfSample(document);
  const told = { ...marksInSentences(comments), ...explainedMarks(legendOf(comments)) };
  const shown = shownMarks(body);
  const { right: signSeen, rightAt, optionLabel } = shown.marks;
  const isSeen = signSeen !== undefined && optionLabel !== undefined && shown.isClear;
  const seen = isSeen ? defined({ right: signSeen, rightAt }) : undefined;
  const repeated = repeatedSigns(body, comments, seen);
  const keyLine = repeated?.keyLine ?? keyLineIn(body);
  const evidence: Evidence = { body, told, shown, repeated, keyLine };
  const right = rightOf(evidence);
  if (!right) {
    return undefined;
  }
  const marks = marksOf(evidence, right, comment);
  const { why, isSure } = reasonOf(evidence, marks, marksOneEach(body, marks));
  const said = [...comments, ...remarksIn(body, marks)];
  const limits = Object.assign({}, ...said.map(limitsIn).reverse()) as Layout['limits'];
  const { encoding } = document;
  return {
    layout: {
      id,
      name,
      version: 1,
      shape: 'marked-text',
      file: defined({ format: 'txt' as const, encoding }),
      columns: [],
      marks,
      key: keyOfMarks(marks),
      kinds: kindsShown(body, marks),
      limits,
    },
    because: defined({
      shape: say('it is plain text whose lines carry signs'),
      'marks.right': why,
      'marks.comment':
        comment &&
        say('the text begins with {comment}, and so do {comments} of its lines', {
          comment: quoted(comment),
          comments: comments.length,
        }),
      'marks.between':
        marks.between === 'none' ? undefined : say('a blank line stands between two questions'),
    }) as Record<string, string>,
    unsure: isSure ? [] : ['marks.right'],
  };
}
