// The set as a learner sees it: one question on plain paper, an answer, the right one shown, the next.
import { Button, Group, Paper, Stack, Text, Title, UnstyledButton } from '@mantine/core';
import { useEffect, useRef, type KeyboardEvent, type RefObject } from 'react';
import type { HostQuestion } from '../../stand-ins/live-host/take';
import { optionLetter } from '../../core/shared/plain';
import { MainButton, type MainAct } from '../parts/PlaceHead';
import { isRight, usePlay, type Playing } from './use-play';

const PAPER = { component: 'section', maw: 640, p: 'lg', flex: 'none' } as const;

type Heading = RefObject<HTMLHeadingElement | null>;

function TheEnd({
  title,
  total,
  play,
  heading,
  onEnd,
}: {
  title: string;
  total: number;
  play: Playing;
  heading: Heading;
  onEnd: () => void;
}) {
  return (
    <Paper {...PAPER}>
      <Stack gap="sm">
        <Title order={2} fz={20} tabIndex={-1} ref={heading}>
          {title}: the end
        </Title>
        <p>
          {play.right} of {total} answered right.
        </p>
        <Group gap="xs">
          <MainButton act={{ label: 'Back to the host', run: onEnd }} />
          <Button onClick={play.again}>Once more</Button>
        </Group>
      </Stack>
    </Paper>
  );
}

/** What is said of an option once the right one is shown. */
function afterWords(n: number, question: HostQuestion, play: Playing): string {
  if (!play.isShown) {
    return '';
  }
  if (question.right.includes(n)) {
    return ' — right';
  }
  return play.picked.has(n) ? ' — your answer' : '';
}

function Answer({
  n,
  text,
  question,
  play,
}: {
  n: number;
  text: string;
  question: HostQuestion;
  play: Playing;
}) {
  const wasRight = play.isShown && question.right.includes(n);
  const isPicked = play.picked.has(n);
  return (
    <UnstyledButton
      aria-pressed={isPicked}
      disabled={play.isShown}
      onClick={() => play.pick(n)}
      w="100%"
      px="sm"
      py={9}
      bg={wasRight ? 'var(--leaf-wash)' : 'var(--sheet)'}
      bd={`1px solid var(--${isPicked ? 'ink' : 'line'})`}
      style={{
        borderRadius: 6,
        borderInlineStart: wasRight ? '4px solid var(--leaf)' : undefined,
        boxShadow: isPicked ? 'inset 0 0 0 1px var(--ink)' : undefined,
      }}
    >
      <span className="mono soft">{optionLetter(n - 1)}</span> {text}
      {afterWords(n, question, play)}
    </UnstyledButton>
  );
}

function said(question: HostQuestion, { isShown, picked }: Playing): string {
  if (!isShown) {
    return '';
  }
  return isRight(question, picked) ? 'Right.' : 'Not this time.';
}

function nextAct(play: Playing, total: number): MainAct {
  if (!play.isShown) {
    return {
      label: 'Show the right answer',
      isDisabled: !play.picked.size,
      run: play.show,
    };
  }
  return { label: play.at + 1 < total ? 'Next question' : 'To the end', run: play.next };
}

/** A letter picks that answer; Enter goes on. */
function keysOf(question: HostQuestion, play: Playing, next: MainAct) {
  return (event: KeyboardEvent): void => {
    const isOnHeading = event.target instanceof HTMLHeadingElement;
    if (event.key === 'Enter' && isOnHeading && !event.ctrlKey && !next.isDisabled) {
      next.run();
    }
    const n = event.key.toUpperCase().charCodeAt(0) - 'A'.charCodeAt(0) + 1;
    const isPlain = event.key.length === 1 && !event.ctrlKey && !event.metaKey;
    if (isPlain && n >= 1 && n <= question.answers.length) {
      play.pick(n);
    }
  };
}

export function Play({
  title,
  questions,
  onEnd,
}: {
  title: string;
  questions: readonly HostQuestion[];
  onEnd: () => void;
}) {
  const play = usePlay(questions);
  const heading = useRef<HTMLHeadingElement>(null);
  const next = nextAct(play, questions.length);
  useEffect(() => {
    heading.current?.focus();
  }, [play.at]);
  const { question } = play;
  if (!question) {
    return (
      <TheEnd title={title} total={questions.length} play={play} heading={heading} onEnd={onEnd} />
    );
  }
  const several = question.many ? ' · several may be right' : '';
  return (
    <Paper {...PAPER} aria-label={title} onKeyDown={keysOf(question, play, next)}>
      <Stack gap="sm">
        <Text c="dimmed" size="sm" ff="monospace">
          {play.at + 1} of {questions.length} · {question.seconds} s to think{several}
        </Text>
        <Title order={2} fz={20} ref={heading} tabIndex={-1}>
          {question.stem}
        </Title>
        <Stack component="ol" gap={8} p={0} m={0} style={{ listStyle: 'none' }}>
          {question.answers.map((text, index) => (
            <li key={index}>
              <Answer n={index + 1} text={text} question={question} play={play} />
            </li>
          ))}
        </Stack>
        <p role="status">{said(question, play)}</p>
        <Group gap="xs">
          <MainButton act={next} />
          <Button onClick={onEnd}>Stop</Button>
        </Group>
      </Stack>
    </Paper>
  );
}
