// The key of all questions in one place: "1. B", "1 b, 2 c, 3 a", or letters in the questions' order.
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import type { Draft } from './draft';
import { pieceText } from './draft';
import { letterPlace } from '../../shared/plain';
import type { Piece, Token } from './tokens';

const PAIR =
  /(?:^|[\s,;|(])(\d{1,4})\s*[.):=–-]{0,3}\s*\(?([A-Ja-j](?:(?:\s*[,;&/+]\s*|\s+(?:and|und|et|y|en|e)\s+)[A-Ja-j])*)\)?(?=$|[\s,;|.)])/gu;

const piece = (line: Piece['line'], from: number, to: number): Piece => ({ line, from, to });

/** Several pairs on one line; a line of a number and a longer text is no such line. */
function pairsOf(token: Token): { n: number; piece: Piece }[] {
  const text = token.line.text;
  const found = [...text.matchAll(PAIR)];
  const rest = text.replace(PAIR, '').replace(/[\s,;|/·.)(]+/g, '');
  if (!found.length || rest.length > 3) {
    return [];
  }
  return found.map((match) => {
    const at = match.index + match[0].lastIndexOf(match[2]!);
    return { n: Number(match[1]), piece: piece(token.line, at, at + match[2]!.length) };
  });
}

const STARTS =
  /(?:^|[\s,;|(])(\d{1,3})(?:\s*[.):=–-]?\s+(?=\S)|[-–=](?=\p{L})|\s*[.):=–-]?(?=[A-Ja-j](?:[\s,;|)]|$)))/gu;

/** Answers of any kind that count up in a line, '1 B, 2 true, 3 chlorophyll', or one behind its number. */
function entriesOf(token: Token): { n: number; piece: Piece }[] {
  const { text } = token.line;
  const chain: { n: number; from: number; at: number }[] = [];
  for (const match of text.matchAll(STARTS)) {
    const n = Number(match[1]);
    const before = chain.at(-1);
    const isLead = !before && !/[\p{L}\p{N}]/u.test(text.slice(0, match.index));
    const between = before ? text.slice(before.from, match.index) : '';
    if (isLead || (before && n === before.n + 1 && /[\p{L}\p{N}]/u.test(between))) {
      chain.push({ n, at: match.index, from: match.index + match[0].length });
    }
  }
  return chain.map(({ n, from }, index) => {
    const end = chain[index + 1]?.at ?? text.length;
    const whole = text.slice(from, end);
    const trimmed = whole.replace(/[\s,;|.)(]+$/u, '');
    // A bracket that opens within an answer closes there as well.
    const isOpen = trimmed.lastIndexOf('(') > trimmed.lastIndexOf(')');
    const answer = isOpen
      ? whole.slice(0, whole.indexOf(')', trimmed.length) + 1) || trimmed
      : trimmed;
    return { n, piece: piece(token.line, from, from + answer.length) };
  });
}

const LETTERS = /^\s*[A-Ja-j](?:(?:\s*[,;&/+]\s*|\s+\p{L}{1,3}\s+)[A-Ja-j])*\s*$/u;
const CELLS = /\t+|\s*\|\s*|\s{2,}|\s/u;
const NUMBERS = /^\s*\|?\s*(?:\d{1,4}[.)]?(?:\t+|\s*\|\s*|\s+|$)){2,}/u;

/** Numbers across, and their letters on the line below; undefined where the two lines are no such table. */
function acrossOf(
  token: Token,
  below: Token | undefined,
): { n: number; piece: Piece }[] | undefined {
  if (!below || !NUMBERS.test(token.line.text) || /\p{L}/u.test(token.line.text)) {
    return undefined;
  }
  const byTabs = token.line.text.includes('\t') && below.line.text.includes('\t');
  const numbers = token.line.text
    .split(CELLS)
    .filter(Boolean)
    .map((text) => parseInt(text, 10));
  const { text } = below.line;
  const cells = [...text.matchAll(byTabs ? /[^\t|]+/gu : /[^\s|,;&]+(?:\s*[,;&]\s*[A-Ja-j]\b)*/gu)];
  if (cells.length !== numbers.length) {
    return undefined;
  }
  return cells.flatMap((cell, index) =>
    LETTERS.test(cell[0])
      ? [{ n: numbers[index]!, piece: piece(below.line, cell.index, cell.index + cell[0].length) }]
      : [],
  );
}

/** Letters parted by blanks or commas, or as many of them right behind one another as there are questions. */
const areLetters = (text: string, questions: number): boolean =>
  /^[A-Ja-j](?:[\s,;]+[A-Ja-j])*[.]?$/.test(text) ||
  (/^[A-Ja-j]+[.]?$/.test(text) && text.replace('.', '').length === questions);

/** An answer without a name in front of it, 'ANS: B'. */
function withoutName(own: Piece): Piece {
  const field = fieldOfLine(pieceText(own));
  return field?.role === 'answer' ? { ...own, from: own.from + field.valueFrom } : own;
}

/** The answers of a line with their numbers; none where its answers have none. */
function numberedIn(token: Token, below: Token | undefined): { n: number; piece: Piece }[] {
  const across = acrossOf(token, below);
  if (across) {
    return across;
  }
  const pairs = pairsOf(token);
  const entries = entriesOf(token).map(({ n, piece: own }) => ({ n, piece: withoutName(own) }));
  // Letters that name no option, 'T' beside 'F', count as well.
  if (pairs.length >= entries.length && pairs.length > 0) {
    return pairs;
  }
  if (entries.length > (token.is === 'text' ? 0 : 1)) {
    return entries;
  }
  return token.is === 'numbered' ? [{ n: token.n, piece: withoutName(token) }] : [];
}

/** The letters of a line that has no numbers, each an answer. */
function lettersIn(token: Token, questions: number): Piece[] {
  if (token.is !== 'text' || !areLetters(pieceText(token).trim(), questions)) {
    return [];
  }
  return [...pieceText(token).matchAll(/[A-Ja-j]/g)].map(({ index }) =>
    piece(token.line, token.from + index, token.from + index + 1),
  );
}

type Entry = { n: number; piece: Piece };

/** What counts up, parted wherever its numbers begin again. */
function inRuns<T>(all: readonly T[], numberOf: (one: T) => number): T[][] {
  const runs: T[][] = [];
  let last = 0;
  for (const one of all) {
    const n = numberOf(one);
    if (!runs.length || n < last) {
      runs.push([]);
    }
    runs.at(-1)!.push(one);
    last = n;
  }
  return runs;
}

/** The first question of each number. */
function byNumber(drafts: readonly Draft[]): Map<number, Draft> {
  const numbered = new Map<number, Draft>();
  drafts.forEach((draft) => {
    if (draft.number !== undefined && !numbered.has(draft.number)) {
      numbered.set(draft.number, draft);
    }
  });
  return numbered;
}

/** Which questions the numbers of each run of entries count: those of its own part, where both begin again as often. */
function countedBy(drafts: readonly Draft[], runs: number): Map<number, Draft>[] {
  const parts = inRuns(
    drafts.filter(({ number }) => number !== undefined),
    ({ number }) => number!,
  );
  const isParted = parts.length > 1 && parts.length === runs;
  const whole = byNumber(drafts);
  return Array.from({ length: runs }, (_, run) => (isParted ? byNumber(parts[run]!) : whole));
}

const OF_PART = /^\s*(\d{1,2})\s*[.-]?\s?([A-Ja-j])\s*[).:=–-]\s*(?=\S)/u;
type OfPart = { part: number; n: number; piece: Piece };

/** The answers of a list whose every line names a part and a question in it, '2b) false'; none of another list. */
function inParts(tokens: readonly Token[]): OfPart[] {
  const found = tokens.flatMap(({ line }) => {
    const [whole, part, letter] = OF_PART.exec(line.text) ?? [];
    return whole === undefined
      ? []
      : [
          {
            part: Number(part),
            n: letterPlace(letter!) + 1,
            piece: piece(line, whole.length, line.text.trimEnd().length),
          },
        ];
  });
  return found.length > 1 && found.length === tokens.length ? found : [];
}

/** Gives such answers to the questions of each part in turn; whether each found its own. */
function joinParts(drafts: readonly Draft[], entries: readonly OfPart[]): boolean {
  const parts = inRuns(
    drafts.filter(({ number }) => number !== undefined),
    ({ number }) => number!,
  ).map(byNumber);
  const names = [...new Set(entries.map(({ part }) => part))];
  const owners = entries.map(({ part, n }) => parts[names.indexOf(part)]?.get(n));
  const isWhole = entries.length > 0 && names.length === parts.length && owners.every(Boolean);
  if (isWhole) {
    entries.forEach(({ piece: answer }, index) => owners[index]!.answers.push(answer));
  }
  return isWhole;
}

/** Gives the answers of a closing list to the questions they belong to, by number, in each part anew, else by order. */
export function joinAnswerList(drafts: readonly Draft[], tokens: readonly Token[]): void {
  if (joinParts(drafts, inParts(tokens))) {
    return;
  }
  const questions = drafts.filter((draft) => draft.options.length || draft.number !== undefined);
  const entries: Entry[] = [];
  let order = 0;
  for (const [index, token] of tokens.entries()) {
    const found = numberedIn(token, tokens[index + 1]);
    // The letters below numbers across are theirs already.
    const isTaken = entries.at(-1)?.piece.line === token.line;
    entries.push(...found);
    if (!found.length && !isTaken) {
      lettersIn(token, questions.length).forEach((answer) =>
        questions[order++]?.answers.push(answer),
      );
    }
  }
  const runs = inRuns(entries, ({ n }) => n);
  const counted = countedBy(drafts, runs.length);
  // A key that counts as far as there are questions counts each of them, whatever it is.
  const isWhole = entries.at(-1)?.n === drafts.length;
  const ordered = isWhole ? drafts : questions;
  runs.forEach((run, index) => {
    const numbered = counted[index]!;
    for (const { n, piece: answer } of run) {
      const owner = numbered.get(n) ?? (numbered.size ? undefined : ordered[n - 1]);
      owner?.answers.push(answer);
    }
  });
}
