// The key of all questions in one place: "1. B", "1 b, 2 c, 3 a", or letters in the questions' order.
import type { Draft } from './draft';
import { pieceText } from './draft';
import type { Piece, Token } from './tokens';

const PAIR =
  /(?:^|[\s,;|(])(\d{1,4})\s*[.):=–-]?\s*\(?([A-Ja-j](?:(?:\s*[,;&/+]\s*|\s+(?:and|und|et|y|en|e)\s+)[A-Ja-j])*)\)?(?=$|[\s,;|.)])/gu;

const piece = (line: Piece['line'], from: number, to: number): Piece => ({ line, from, to });

/** Several pairs on one line; a line of a number and a longer text is no such line. */
function pairsOf(token: Token): { n: number; piece: Piece }[] {
  const text = token.line.text;
  const found = [...text.matchAll(PAIR)];
  const rest = text.replace(PAIR, '').replace(/[\s,;|.)(]+/g, '');
  if (!found.length || rest.length > 3) {
    return [];
  }
  return found.map((match) => {
    const at = match.index + match[0].lastIndexOf(match[2]!);
    return { n: Number(match[1]), piece: piece(token.line, at, at + match[2]!.length) };
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

/** Gives the answers of a closing list to the questions they belong to, by number, else by order. */
export function joinAnswerList(drafts: readonly Draft[], tokens: readonly Token[]): void {
  const numbered = new Map<number, Draft>();
  drafts.forEach((draft) => {
    if (draft.number !== undefined && !numbered.has(draft.number)) {
      numbered.set(draft.number, draft);
    }
  });
  const questions = drafts.filter((draft) => draft.options.length || draft.number !== undefined);
  const give = (n: number, answer: Piece): void => {
    (numbered.get(n) ?? (numbered.size ? undefined : questions[n - 1]))?.answers.push(answer);
  };
  let order = 0;
  for (const [index, token] of tokens.entries()) {
    const across = acrossOf(token, tokens[index + 1]);
    if (across) {
      across.forEach(({ n, piece: answer }) => give(n, answer));
      continue;
    }
    const pairs = pairsOf(token);
    if (pairs.length) {
      pairs.forEach(({ n, piece: answer }) => give(n, answer));
      continue;
    }
    if (token.is === 'numbered') {
      give(token.n, token);
      continue;
    }
    if (token.is !== 'text' && token.is !== 'lettered' && token.is !== 'bullet') {
      continue;
    }
    const letters =
      token.is === 'text' && /^[A-Ja-j](?:[\s,;]+[A-Ja-j])*[.]?$/.test(pieceText(token).trim());
    if (letters) {
      for (const match of pieceText(token).matchAll(/[A-Ja-j]/g)) {
        const at = token.from + match.index;
        questions[order++]?.answers.push(piece(token.line, at, at + 1));
      }
    }
  }
}
