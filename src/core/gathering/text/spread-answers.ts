// One line of answers below several questions: 'Answers: bow, stern, rudder', one for each of them in their order.
import { groupBy } from '../../shared/group-by';
import { alike, quantityOf } from '../../shared/normalise';
import { pieceText, plainOfPieces, splitPiece, type Draft } from './draft';
import type { Piece } from './tokens';
import { isJudged } from './lone';
import { drawnIn } from './typed-line';

const SIGNS = [';', ',', '|', '/'] as const;
const LEAST = 2;

const isOpen = ({ options, answers, stem }: Draft): boolean =>
  !options.length && !answers.length && !isJudged(plainOfPieces(stem));

/** Whether a sentence has several gaps: a line of answers fills them. */
const hasGaps = ({ stem }: Draft): boolean => drawnIn(plainOfPieces(stem)) > 1;

/** Whether one of several answers holds another, 'catalyst; a catalyst': they are spellings of one, and answer one question. */
function areSpellings(parts: readonly string[]): boolean {
  const words = parts.map(alike);
  return words.some((word, at) =>
    words.some((other, index) => at !== index && word !== '' && ` ${other} `.includes(` ${word} `)),
  );
}

/** The name in front of an answer in its line. */
const nameOf = ({ line, from }: Piece): string => alike(line.text.slice(0, from));

/** The first answers of questions below none that waits, by the name in front of them. */
const answersByName = (drafts: readonly Draft[]): ReadonlyMap<string, Piece[]> =>
  groupBy(
    drafts.flatMap(({ answers: [first] }, at) =>
      first && !(at > 0 && isOpen(drafts[at - 1]!)) ? [first] : [],
    ),
    nameOf,
  );

/** Whether a name stands in front of the answers of other questions too: then each has its own, and what has none is open. */
const isOfEach = (answer: Piece, byName: ReadonlyMap<string, Piece[]>): boolean =>
  (byName.get(nameOf(answer)) ?? []).filter((other) => other !== answer).length >= LEAST;

/** The first of the questions above that wait for an answer; the question itself where none does. */
function firstOpen(drafts: readonly Draft[], at: number): number {
  let first = at;
  while (first > 0 && isOpen(drafts[first - 1]!)) {
    first--;
  }
  return first;
}

/** Whether a question has nothing but one line of answers, which is no number: the comma of '3,5' and the stroke of '+/-' part nothing. */
const mayBeSeveral = (draft: Draft, answer: Piece): boolean =>
  !draft.options.length &&
  draft.answers.length === 1 &&
  !hasGaps(draft) &&
  quantityOf(pieceText(answer)) === undefined;

/** Gives the questions above a line of answers each its own, where there are as many of one as of the other. */
export function spreadAnswers(drafts: readonly Draft[]): void {
  const byName = answersByName(drafts);
  for (const [at, draft] of drafts.entries()) {
    const [answer] = draft.answers;
    const from = answer ? firstOpen(drafts, at) : at;
    if (!answer || from === at || !mayBeSeveral(draft, answer) || isOfEach(answer, byName)) {
      continue;
    }
    const questions = drafts.slice(from, at + 1);
    const sign = SIGNS.find((one) => pieceText(answer).split(one).length === questions.length);
    const parts = sign && questions.length >= LEAST ? splitPiece(answer, sign) : [];
    if (parts.length === questions.length && !areSpellings(parts.map(pieceText))) {
      questions.forEach((question, index) => {
        question.answers = [parts[index]!];
      });
    }
  }
}
