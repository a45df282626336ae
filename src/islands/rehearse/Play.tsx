// The set as a learner sees it: one question on plain paper, an answer, the right one shown, the next.
import { Button, Group, Paper, Stack, Text, TextInput, Title, UnstyledButton } from '@mantine/core';
import { useEffect, useRef, type KeyboardEvent, type RefObject } from 'react';
import { letterPlace, optionLetter } from '../../core/shared/plain';
import { isTyping } from '../parts/keys';
import { MainButton, type MainAct } from '../parts/PlaceHead';
import { PAPER } from './paper';
import { isRight, type PlayQuestion } from './questions';
import { usePlay, type Playing } from './use-play';
import { i18n } from '../../languages';

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
          {i18n._('{title}: the end', { title })}
        </Title>
        <p>
          {i18n._('{right, number} of {total, number} answered right.', {
            right: play.right,
            total,
          })}
        </p>
        <Group gap="xs">
          <MainButton act={{ label: i18n._('Back'), run: onEnd }} />
          <Button onClick={play.again}>{i18n._('Once more')}</Button>
        </Group>
      </Stack>
    </Paper>
  );
}

/** What is said of an option once the right one is shown. */
function afterWords(n: number, question: PlayQuestion, play: Playing): string {
  if (!play.isShown) {
    return '';
  }
  if (question.right.includes(n)) {
    return i18n._(' — right');
  }
  return play.picked.has(n) ? i18n._(' — your answer') : '';
}

function Answer({
  n,
  text,
  question,
  play,
}: {
  n: number;
  text: string;
  question: PlayQuestion;
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

function said(question: PlayQuestion, play: Playing): string {
  const right = play.isShown ? isRight(question, play) : undefined;
  if (right === undefined) {
    return '';
  }
  return right ? i18n._('Right.') : i18n._('Not this time.');
}

/** Whether there is an answer that can be held against the right one; a thought one needs none. */
const hasAnswered = ({ answers, accepted }: PlayQuestion, { picked, typed }: Playing): boolean =>
  answers.length ? picked.size > 0 : !accepted.length || typed.trim() !== '';

function nextAct(play: Playing, total: number): MainAct {
  const { question } = play;
  if (question && !play.isShown) {
    return {
      label: i18n._('Show the right answer'),
      isDisabled: !hasAnswered(question, play),
      run: play.show,
    };
  }
  return {
    label: play.at + 1 < total ? i18n._('Next question') : i18n._('To the end'),
    run: play.next,
  };
}

/** What is typed where there are no options. */
function Typed({ question, play, next }: { question: PlayQuestion; play: Playing; next: MainAct }) {
  return question.accepted.length ? (
    <TextInput
      label={i18n._('Your answer')}
      value={play.typed}
      disabled={play.isShown}
      onChange={(event) => play.type(event.currentTarget.value)}
      onKeyDown={(event) => {
        if (event.key === 'Enter' && !event.ctrlKey && !next.isDisabled) {
          next.run();
        }
      }}
    />
  ) : null;
}

/** What is said once the right answer is shown. */
function Afterwards({ question, play }: { question: PlayQuestion; play: Playing }) {
  const { solution, after, hint } = question;
  if (!play.isShown) {
    return hint ? (
      <Text size="sm" c="dimmed">
        {i18n._('Hint: {hint}', { hint })}
      </Text>
    ) : null;
  }
  return (
    <>
      {solution && (
        <p>
          <b>{i18n._('Right:')}</b> {solution}
        </p>
      )}
      {after && <p>{after}</p>}
    </>
  );
}

/** A letter picks that answer; Enter goes on. */
function keysOf(question: PlayQuestion, play: Playing, next: MainAct) {
  return (event: KeyboardEvent): void => {
    const isOnHeading = event.target instanceof HTMLHeadingElement;
    if (event.key === 'Enter' && isOnHeading && !event.ctrlKey && !next.isDisabled) {
      next.run();
    }
    const n = letterPlace(event.key) + 1;
    const isPlain =
      event.key.length === 1 && !event.ctrlKey && !event.metaKey && !isTyping(event.target);
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
  questions: readonly PlayQuestion[];
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
  const several = question.many ? i18n._(' · several may be right') : '';
  return (
    <Paper {...PAPER} aria-label={title} onKeyDown={keysOf(question, play, next)}>
      <Stack gap="sm">
        <Text c="dimmed" size="sm" ff="monospace">
          {[
            i18n._('{at} of {questions, number}', { at: play.at + 1, questions: questions.length }),
            question.facts,
          ]
            .filter(Boolean)
            .join(' · ')}
          {several}
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
        <Typed question={question} play={play} next={next} />
        <p role="status">{said(question, play)}</p>
        <Afterwards question={question} play={play} />
        <Group gap="xs">
          <MainButton act={next} />
          <Button onClick={onEnd}>{i18n._('Stop')}</Button>
        </Group>
      </Stack>
    </Paper>
  );
}
