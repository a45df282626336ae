// The state of a set that is played: which question, what was picked, how many were right.
import { useState } from 'react';
import type { HostQuestion } from '../../stand-ins/live-host/take';

export type Picked = ReadonlySet<number>;

/** Whether just the right options were picked; they count from 1. */
export const isRight = (question: HostQuestion, picked: Picked): boolean =>
  picked.size === question.right.length && question.right.every((n) => picked.has(n));

/** What is picked after a press on an option: one alone, or one more or less where several may be right. */
function pickedAfter(question: HostQuestion, picked: Picked, n: number): Picked {
  if (!question.many) {
    return new Set([n]);
  }
  const next = new Set(picked);
  if (!next.delete(n)) {
    next.add(n);
  }
  return next;
}

export function usePlay(questions: readonly HostQuestion[]) {
  const [at, setAt] = useState(0);
  const [picked, setPicked] = useState<Picked>(new Set());
  const [isShown, setShown] = useState(false);
  const [right, setRight] = useState(0);
  const question = questions[at];
  const goTo = (place: number): void => {
    setAt(place);
    setPicked(new Set());
    setShown(false);
  };
  return {
    at,
    question,
    picked,
    isShown,
    right,
    pick(n: number): void {
      if (question && !isShown) {
        setPicked(pickedAfter(question, picked, n));
      }
    },
    show: () => {
      if (question) {
        setShown(true);
        setRight(right + Number(isRight(question, picked)));
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
