// One line of answers below several questions: 'Answers: bow, stern, rudder', one for each of them in their order.
import { pieceText, splitPiece, type Draft } from './draft';

const SIGNS = [';', ',', '|', '/'] as const;
const LEAST = 2;

const isOpen = ({ options, answers }: Draft): boolean => !options.length && !answers.length;

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
    if (parts.length === questions.length) {
      questions.forEach((question, index) => {
        question.answers = [parts[index]!];
      });
    }
  }
}
