// The set as a learner sees it: one question on plain paper, an answer, the right one shown, the next.
import { useEffect, useRef, useState } from 'react';
import type { HostQuestion } from '../../stand-ins/live-host/take';
import { optionLetter } from '../../core/shared/plain';

const isRight = (question: HostQuestion, picked: ReadonlySet<number>): boolean =>
  picked.size === question.right.length && question.right.every((n) => picked.has(n));

export function Play({
  title,
  questions,
  onEnd,
}: {
  title: string;
  questions: readonly HostQuestion[];
  onEnd: () => void;
}) {
  const [at, setAt] = useState(0);
  const [picked, setPicked] = useState<ReadonlySet<number>>(new Set());
  const [shown, setShown] = useState(false);
  const [right, setRight] = useState(0);
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    heading.current?.focus();
  }, [at]);
  const question = questions[at];
  if (!question) {
    return (
      <section className="panel play">
        <h2 tabIndex={-1} ref={heading}>
          {title}: the end
        </h2>
        <p>
          {right} of {questions.length} answered right.
        </p>
        <p style={{ display: 'flex', gap: 8 }}>
          <button type="button" className="button main" onClick={onEnd}>
            Back to the host
          </button>
          <button
            type="button"
            className="button"
            onClick={() => {
              setAt(0);
              setRight(0);
            }}
          >
            Once more
          </button>
        </p>
      </section>
    );
  }
  const pick = (n: number): void => {
    if (shown) {
      return;
    }
    if (question.many) {
      const next = new Set(picked);
      if (next.has(n)) {
        next.delete(n);
      } else {
        next.add(n);
      }
      setPicked(next);
    } else {
      setPicked(new Set([n]));
    }
  };
  const show = (): void => {
    setShown(true);
    if (isRight(question, picked)) {
      setRight(right + 1);
    }
  };
  const next = (): void => {
    setAt(at + 1);
    setPicked(new Set());
    setShown(false);
  };
  return (
    <section
      className="panel play"
      aria-label={title}
      onKeyDown={(event) => {
        const n = event.key.toUpperCase().charCodeAt(0) - 64;
        if (event.key.length === 1 && n >= 1 && n <= question.answers.length) {
          pick(n);
        }
        if (event.key === 'Enter' && event.target === heading.current) {
          if (shown) {
            next();
          } else if (picked.size) {
            show();
          }
        }
      }}
    >
      <p className="soft mono">
        {at + 1} of {questions.length} · {question.seconds} s to think
        {question.many ? ' · several may be right' : ''}
      </p>
      <h2 ref={heading} tabIndex={-1}>
        {question.stem}
      </h2>
      <ol>
        {question.answers.map((answer, index) => (
          <li key={index}>
            <button
              type="button"
              className={`choice ${shown && question.right.includes(index + 1) ? 'was-right' : ''}`}
              aria-pressed={picked.has(index + 1)}
              disabled={shown}
              onClick={() => pick(index + 1)}
            >
              <span className="mono soft">{optionLetter(index)}</span>
              <span>
                {answer}
                {shown && question.right.includes(index + 1) ? ' — right' : ''}
                {shown && picked.has(index + 1) && !question.right.includes(index + 1)
                  ? ' — your answer'
                  : ''}
              </span>
            </button>
          </li>
        ))}
      </ol>
      <p role="status">{shown ? (isRight(question, picked) ? 'Right.' : 'Not this time.') : ''}</p>
      <p style={{ display: 'flex', gap: 8 }}>
        {shown ? (
          <button type="button" className="button main" onClick={next}>
            {at + 1 < questions.length ? 'Next question' : 'To the end'}
          </button>
        ) : (
          <button type="button" className="button main" disabled={!picked.size} onClick={show}>
            Show the right answer
          </button>
        )}
        <button type="button" className="button" onClick={onEnd}>
          Stop
        </button>
      </p>
    </section>
  );
}
