// Answers that stand where nothing names them: a letter behind an arrow below its options, boxes behind options, the right one of
// several in capitals, an answer on the line below each question.
import type { DocumentLine } from '../../model';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { labelsOf } from './labels';
import { anew, isLine, OFTEN, retyped, whereOften, type Lines } from './retyping';
import { asksOutright } from './typed-line';
import { TYPED_OFFERED } from './typed-offered';

const LETTERS = String.raw`([A-Ja-j](?:\s*[,&+]\s*[A-Ja-j])*)`;
const POINTED = new RegExp(
  String.raw`^\s*(?:->|=>|→|⇒|➔|>>|»)\s*\(?${LETTERS}\)?(?:\.?|\s*(?:\((.+)\)|[,;]\s+(.+)))\s*$`,
  'u',
);
/** The same sign on both sides of letters and nothing else: '*B*', '== A, C =='. */
const BETWEEN = new RegExp(String.raw`^\s*([*_~=#"'|!]{1,3})\s*${LETTERS}\s*\1\s*$`, 'u');
/** A letter behind an arrow or between two signs and nothing else, as the answer; undefined of another line. */
function letterPointed(text: string): string[] | undefined {
  const [, pointed, bracketed, behind] = POINTED.exec(text) ?? [];
  const letter = pointed ?? BETWEEN.exec(text)?.[2];
  const reason = bracketed ?? behind;
  return letter ? [`Answer: ${letter}`, ...(reason ? [`Explanation: ${reason}`] : [])] : undefined;
}

const BOX_BEHIND = /^(\s*)(\S.*?)\s+(?:[([]\s?([xX✓✔]?)\s?[)\]]|([☐☑☒□■]))\s*$/u;
const FEWEST_BOXES = 3;

/** Boxes behind options, some of them ticked and some empty, in front of them. */
function boxesInFront(lines: Lines): Lines {
  const found = lines.map((line) => {
    const [, indent = '', text, tick, box] = (isLine(line) && BOX_BEHIND.exec(line.text)) || [];
    return text === undefined
      ? undefined
      : { text, indent, isTicked: Boolean(tick) || /[☑☒■]/u.test(box ?? '') };
  });
  const boxes = found.filter((one) => one !== undefined);
  const ticked = boxes.filter(({ isTicked }) => isTicked).length;
  return boxes.length < FEWEST_BOXES || ticked === 0 || ticked === boxes.length
    ? lines
    : retyped(lines, (at) => {
        const one = found[at];
        return one && `${one.indent}${one.isTicked ? '[x]' : '[ ]'} ${one.text}`;
      });
}

const LABEL = /^(\s*(?:[([]?(?:\d{1,2}|[A-Ja-j])[.):\]]\s+|[-–•]\s+)?)(\S.*?)\s*$/u;
/**
 * Signs that may stand on both sides of a text. Some stand around titles and other things as well, and single out an option only
 * behind its label.
 */
const AROUND: readonly (readonly [open: string, close: string, needsLabel: boolean])[] = [
  ['>', '<', false],
  ['»', '«', false],
  ['~', '~', false],
  ['<', '>', true],
  ['=', '=', true],
  ['#', '#', true],
  ['!', '!', true],
  ['{', '}', true],
  ['[', ']', true],
  ['(', ')', true],
];

/** The sign around a whole text behind its label, and both of them; undefined of another line. */
function enclosedIn(line: string): { label: string; text: string; sign: string } | undefined {
  const [, label = '', whole = ''] = LABEL.exec(line) ?? [];
  const around = AROUND.find(
    ([open, close, needsLabel]) =>
      whole.startsWith(open) && whole.endsWith(close) && (!needsLabel || label.trim() !== ''),
  );
  const text = around ? whole.slice(1, -1).trim() : '';
  const isClean = around && !around.slice(0, 2).some((sign) => text.includes(String(sign)));
  return isClean && /[\p{L}\p{N}]/u.test(text) ? { label, text, sign: around[0] } : undefined;
}

/** Options of which one in each question stands between two signs, beside others that stand alone, with a star in place of the signs. */
function enclosedOnes(lines: Lines): Lines {
  const found = lines.map((line) => (isLine(line) ? enclosedIn(line.text) : undefined));
  const isPlain = (at: number): boolean => {
    const { text = '' } = lines[at] ?? {};
    return text.trim() !== '' && !found[at] && !asksOutright(text);
  };
  const isSingled = (at: number): boolean => isPlain(at - 1) || isPlain(at + 1);
  const signs = new Set(found.flatMap((one) => one?.sign ?? []));
  const own = found.flatMap((one, at) => (one ? [at] : []));
  return signs.size !== 1 || own.length < OFTEN || !own.every(isSingled)
    ? lines
    : retyped(lines, (at) => found[at] && `${found[at].label}${found[at].text} *`);
}

const FEWEST_TURNS = 3;
const PLAIN = /^\s*[\p{L}\p{N}"“„'‘«¿£€$]/u;
/** Whether a line has a label that counts or a name of its own, so that it says by itself what it is. */
const isLabelled = (line: DocumentLine): boolean =>
  labelsOf(line).some(({ counts }) => counts !== 'word') || fieldOfLine(line.text) !== undefined;

/** Longer lines are no titles of parts. */
const LONGEST_TITLE = 60;
/** So many questions stand below a title at least, one with another. */
const BELOW_TITLE = 2;

/** Where a line stands that heads the next questions: below an answer or first of all, set off or with a count, and asking nothing. */
function titlesAmong(lines: Lines, filled: readonly number[]): ReadonlySet<number> {
  const asks = (place: number): boolean => asksOutright(lines[filled[place] ?? -1]?.text ?? '');
  const isSetOff = (place: number): boolean => {
    const at = filled[place]!;
    return place === 0 || !lines[at - 1]!.text.trim() || /\d/u.test(lines[at]!.text);
  };
  return new Set(
    filled.filter(
      (at, place) =>
        lines[at]!.text.length <= LONGEST_TITLE &&
        !asks(place) &&
        !asks(place - 1) &&
        asks(place + 1) &&
        isSetOff(place),
    ),
  );
}

/** Lines that ask and answer by turns, without a label or a name: each second one below a title is the answer to the one above it. */
function answersBelow(lines: Lines): Lines {
  const filled = lines.flatMap(({ text }, at) => (text.trim() ? [at] : []));
  const titles = titlesAmong(lines, filled);
  const turns = filled.filter((at) => !titles.has(at));
  const isTurn = turns.every((at, index) => {
    const line = lines[at]!;
    const isQuestion = asksOutright(line.text);
    return PLAIN.test(line.text) && isQuestion === (index % 2 === 0) && !isLabelled(line);
  });
  const questions = turns.length / 2;
  return !isTurn ||
    turns.length % 2 ||
    questions < Math.max(FEWEST_TURNS, titles.size * BELOW_TITLE)
    ? lines
    : lines.map((line, at) => {
        const text = line.text.trim();
        const name = asksOutright(text) ? 'Question' : 'Answer';
        return text && !titles.has(at) ? anew(line, `${name}: ${text}`) : line;
      });
}

/** The lines of a text with a name or a sign at such answers. */
export const TYPED_BELOW: readonly ((lines: Lines) => Lines)[] = [
  whereOften(letterPointed),
  boxesInFront,
  ...TYPED_OFFERED,
  enclosedOnes,
  answersBelow,
];
