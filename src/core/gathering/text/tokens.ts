// What each line of a running text is by itself, before its neighbours are asked.
import type { DocumentLine, Role } from '../../model';
import { fieldOfLine, headsAnswers } from '../../shared/vocabulary/answer-lines';
import { romanValue } from '../../shared/roman';
import { takeMarks } from './marks';
import { letterPlace } from '../../shared/plain';

/** A stretch of a line. */
export type Piece = { line: DocumentLine; from: number; to: number };
type At = Piece & { indent: number };
export type TextToken = { is: 'heading' | 'text' | 'answers-heading' } & At;
export type Token =
  | { is: 'blank' | 'rule'; line: DocumentLine }
  | TextToken
  /** `n` with the sign behind it; `asked` where a word such as "Question" stands before it. */
  | ({
      is: 'numbered';
      n: number;
      sign: string;
      asked: boolean;
      end: number;
      level?: number;
      right?: boolean;
      mark?: string;
    } & At)
  | ({ is: 'lettered'; n: number; sign: string; right?: boolean; mark?: string } & At)
  | ({ is: 'bullet'; sign: string; right?: boolean; mark?: string } & At)
  | ({ is: 'field'; role: Role | 'answer' | 'question' } & At);

const RULE = /^\s*(?:[-–—_=*~·•.]\s*){3,}$/u;
const NUMBERED =
  /^(?:([\p{L}]{1,12})\.?\s*)?(?:no\.?\s*|nr\.?\s*|#\s*)?\(?(\d{1,4})\s*(?:(\.\)|[.):]|\s[-–]\s)(?!\s*\d+(?:\s|$|\p{Sc}|%|[.,:]\d))|$)\s*/iu;
const ASKED = /^(?:q|question|frage|aufgabe|pregunta|domanda|vraag|pergunta|cwestiwn|item|task)$/i;
const OPTION_WORD =
  'option|choice|answer|possible answer|antwort|auswahl|réponse|choix|proposition|opción|respuesta|opzione|risposta|optie|antwoord|opção|resposta|ateb|dewis';
const LETTERED = /^(\(?)([A-Ja-j])(\)|\.(?!\p{L}\.)|:(?!\/)|\s[-–]\s|\t)\s*/u;
const WORDED = new RegExp(`^(?:${OPTION_WORD})\\s*(?:([A-Ja-j])|(\\d{1,2}))\\s*[).:]\\s*`, 'iu');
const ROMAN = /^(?:x{0,3})(?:ix|iv|v?i{0,3})([.)])\s+(?=\S)/iu;
/** Whether a text counts in Roman numbers: only then is "I." or "V." one. */
export const countsInRoman = (lines: readonly DocumentLine[]): boolean =>
  lines.some(({ text }) => /^\s*(?:II|ii)[.)]\s/u.test(text)) &&
  lines.some(({ text }) => /^\s*(?:I|i)[.)]\s/u.test(text));
const BULLET = /^([-–—•●◦▪o+·‣*])\s+(?=\S)/u;

const optional = (
  right: boolean | undefined,
  sign: string | undefined,
): { right?: boolean; mark?: string } => ({
  ...(right !== undefined ? { right } : {}),
  ...(sign ? { mark: sign } : {}),
});

/** Number or letter that the word processor set by itself; deeper lists are told by their level. */
function fromLabel(line: DocumentLine, at: At): Token | undefined {
  const label = line.label?.trim() ?? '';
  if (!label) {
    return undefined;
  }
  const { from, to, right, sign } = takeMarks(line.text, at.from);
  const inner = { ...at, from, to, ...optional(right, sign) };
  const number = /^\(?(\d{1,4})([.)]?)/.exec(label);
  if (number) {
    return {
      is: 'numbered',
      n: Number(number[1]),
      sign: number[2] || '.',
      asked: false,
      end: at.to,
      ...(line.level !== undefined ? { level: line.level } : {}),
      ...inner,
    };
  }
  const letter = /^\(?([A-Ja-j])([.)]?)$/.exec(label);
  if (letter) {
    return { is: 'lettered', n: letterPlace(letter[1]!), sign: letter[2] || ')', ...inner };
  }
  return { is: 'bullet', sign: label, ...inner };
}

function fromSigns(line: DocumentLine, at: At, roman: boolean): Token | undefined {
  const text = line.text;
  const first = takeMarks(text, at.from);
  const start = first.right !== undefined && first.from > at.from ? first.from : at.from;
  const rest = text.slice(start);
  const numbered = NUMBERED.exec(rest);
  const asked = Boolean(numbered?.[1] && ASKED.test(numbered[1]));
  if (
    numbered &&
    (!numbered[1] || asked) &&
    (asked || numbered[3]) &&
    (asked || rest.length > numbered[0].length)
  ) {
    const marks = takeMarks(text, start + numbered[0].length);
    return {
      is: 'numbered',
      n: Number(numbered[2]),
      sign: numbered[3]?.trim() || '.',
      asked,
      end: at.to,
      ...at,
      from: marks.from,
      to: marks.to,
      ...optional(first.right ?? marks.right, first.sign ?? marks.sign),
    };
  }
  const counted = roman ? ROMAN.exec(rest) : null;
  if (counted && counted[0].length > 2) {
    return {
      is: 'numbered',
      n: romanValue(counted[0].replace(/[^ivx]/gi, '')) ?? 0,
      sign: counted[1]!,
      asked: true,
      end: at.to,
      ...at,
      from: start + counted[0].length,
    };
  }
  const worded = WORDED.exec(rest);
  if (worded && rest.length > worded[0].length) {
    const marks = takeMarks(text, start + worded[0].length);
    return {
      is: 'lettered',
      n: worded[1] ? letterPlace(worded[1]) : Number(worded[2]) - 1,
      sign: ':',
      ...at,
      from: marks.from,
      to: marks.to,
      ...optional(first.right ?? marks.right, first.sign ?? marks.sign),
    };
  }
  const lettered = LETTERED.exec(rest);
  if (lettered && rest.length > lettered[0].length) {
    const marks = takeMarks(text, start + lettered[0].length);
    return {
      is: 'lettered',
      n: letterPlace(lettered[2]!),
      sign: `${lettered[1]}${lettered[3]!.trim() || '\t'}`,
      ...at,
      from: marks.from,
      to: marks.to,
      ...optional(first.right ?? marks.right, first.sign ?? marks.sign),
    };
  }
  const bullet = BULLET.exec(text.slice(at.from));
  if (bullet) {
    // Behind a bullet a letter or number may stand all the same: "- A) Water".
    const behind = fromSigns(line, { ...at, from: at.from + bullet[0].length }, roman);
    if (behind) {
      return behind;
    }
    const marks = takeMarks(text, at.from + bullet[0].length);
    return {
      is: 'bullet',
      sign: bullet[1]!,
      ...at,
      from: marks.from,
      to: marks.to,
      ...optional(marks.right, marks.sign),
    };
  }
  if (first.right !== undefined) {
    return {
      is: 'bullet',
      sign: '',
      ...at,
      from: first.from,
      to: first.to,
      ...optional(first.right, first.sign),
    };
  }
  return undefined;
}

/** What a line is by its own signs and words. */
export function tokenOf(line: DocumentLine, roman: boolean): Token {
  const text = line.text;
  if (!text.trim()) {
    return {
      is: line.pictures?.length ? 'text' : 'blank',
      line,
      from: 0,
      to: 0,
      indent: 0,
    };
  }
  if (RULE.test(text)) {
    return { is: 'rule', line };
  }
  const indent = /^\s*/.exec(text.replace(/\t/g, '    '))![0].length;
  const at: At = {
    line,
    from: text.length - text.trimStart().length,
    to: text.trimEnd().length,
    indent,
  };
  if (headsAnswers(text) && !line.label) {
    return { is: 'answers-heading', ...at };
  }
  // "Answer key: 1 a, 2 c": the list of all answers on the heading's own line.
  const listed =
    /^(.{3,40}?)\s*[:–-]\s*(?=\(?\d{1,3}\s*[.):=–-]?\s*\(?[A-Ja-j]\b.*\d{1,3}\s*[.):=–-]?\s*\(?[A-Ja-j]\b)/u.exec(
      text.trim(),
    );
  if (listed && headsAnswers(listed[1]!)) {
    return { is: 'answers-heading', ...at, from: at.from + listed[0].length };
  }
  const signed = fromLabel(line, at) ?? fromSigns(line, at, roman);
  if (signed) {
    return signed;
  }
  const field = fieldOfLine(text);
  if (field && !line.heading) {
    return { is: 'field', role: field.role, ...at, from: field.valueFrom };
  }
  return { is: line.heading ? 'heading' : 'text', ...at };
}

const INLINE = /\s+(?=\(?[*✓]?\s?[b-jB-J][).]\s)/u;

/** Several options on one line, `a) 4   b) 8   c) 16`, become a line each; the numbers of lines stay. */
export function splitInline(line: DocumentLine): DocumentLine[] {
  if (!/(?:^|\s)\(?[*✓]?\s?[aA][).]\s/u.test(line.text) || !INLINE.test(line.text) || line.runs) {
    return [line];
  }
  const start = /(?:^|\s)(?=\(?[*✓]?\s?[aA][).]\s)/u.exec(line.text)!;
  const before = line.text.slice(0, start.index);
  const parts = line.text.slice(start.index).trim().split(INLINE);
  // Only letters that follow one another are labels.
  if (!parts.every((part, index) => letterPlace(/[A-Ja-j]/.exec(part)?.[0] ?? '') === index)) {
    return [line];
  }
  return [
    ...(before.trim() ? [{ ...line, text: before }] : []),
    ...parts.map((text): DocumentLine => ({ line: line.line, text })),
  ];
}
