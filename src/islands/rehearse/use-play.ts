// The state of a set that is played: which question, what was answered, how many were right.
import { useState } from 'react';
import { isRight, type Answered, type PlayQuestion } from './questions';

export type Picked = ReadonlySet<number>;
const NOTHING: Answered = { picked: new Set(), typed: '' };

/** What is picked after a press on an option: one alone, or one more or less where several may be right. */
function pickedAfter(question: PlayQuestion, picked: Picked, n: number): Picked {
  if (!question.many) {
    return new Set([n]);
  }
  const next = new Set(picked);
  if (!next.delete(n)) {
    next.add(n);
  }
  return next;
}

export function usePlay(questions: readonly PlayQuestion[]) {
  const [at, setAt] = useState(0);
  const [answered, setAnswered] = useState<Answered>(NOTHING);
  const [isShown, setShown] = useState(false);
  const [right, setRight] = useState(0);
  const question = questions[at];
  const goTo = (place: number): void => {
    setAt(place);
    setAnswered(NOTHING);
    setShown(false);
  };
  return {
    at,
    question,
    ...answered,
    isShown,
    right,
    pick(n: number): void {
      if (question && !isShown) {
        setAnswered({ ...answered, picked: pickedAfter(question, answered.picked, n) });
      }
    },
    type: (typed: string) => setAnswered({ ...answered, typed }),
    show: () => {
      if (question) {
        setShown(true);
        setRight(right + Number(isRight(question, answered) === true));
      }
    },
    next: () => goTo(at + 1),
    again: () => {
      goTo(0);
      setRight(0);
    },
  };
}

export type Playing = ReturnType<typeof usePlay>;
