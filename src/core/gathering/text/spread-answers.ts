// One line of answers below several questions: 'Answers: bow, stern, rudder', one for each of them in their order.
import { alike } from '../../shared/normalise';
import { pieceText, plainOfPieces, splitPiece, type Draft } from './draft';
import { isJudged } from './lone';

const SIGNS = [';', ',', '|', '/'] as const;
const LEAST = 2;

const isOpen = ({ options, answers, stem }: Draft): boolean =>
  !options.length && !answers.length && !isJudged(plainOfPieces(stem));

/** Whether one of several answers holds another, 'catalyst; a catalyst': they are spellings of one, and answer one question. */
function areSpellings(parts: readonly string[]): boolean {
  const words = parts.map(alike);
  return words.some((word, at) =>
    words.some((other, index) => at !== index && word !== '' && ` ${other} `.includes(` ${word} `)),
  );
}

/** Gives the questions above a line of answers each its own, where there are as many of one as of the other. */
export function spreadAnswers(drafts: readonly Draft[]): void {
  for (const [at, draft] of drafts.entries()) {
    const [answer] = draft.answers;
    if (draft.options.length || draft.answers.length !== 1 || !answer) {
      continue;
    }
    let first = at;
    while (first > 0 && isOpen(drafts[first - 1]!)) {
      first--;
    }
    const questions = drafts.slice(first, at + 1);
    const sign = SIGNS.find((one) => pieceText(answer).split(one).length === questions.length);
    const parts = sign && questions.length >= LEAST ? splitPiece(answer, sign) : [];
    if (parts.length === questions.length && !areSpellings(parts.map(pieceText))) {
      questions.forEach((question, index) => {
        question.answers = [parts[index]!];
      });
    }
  }
}
