// A learner's window of a live round: the question with its options in an order of its own, and the scores at the end.
import { Button, Container, Paper, Stack, Text, Title, UnstyledButton } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';
import { channelOf, orderFor, type ToHost, type ToLearners, type View } from './round';
import { useCountdown } from './use-countdown';
import { i18n } from '../../languages';

/** Joins the round and hears what the host's window tells. */
function useJoined(round: string) {
  const [id] = useState(() => crypto.randomUUID());
  const [view, setView] = useState<View>();
  const channel = useRef<BroadcastChannel>(null);
  useEffect(() => {
    const own = new BroadcastChannel(channelOf(round));
    channel.current = own;
    const hello = (): void => own.postMessage({ is: 'hello', id } satisfies ToHost);
    // The channel is one for all windows: what other learners tell the host is heard as well.
    own.onmessage = ({ data }: MessageEvent<ToLearners | ToHost>) => {
      if (data.is === 'who') {
        hello();
      } else if (data.is === 'view') {
        setView(data.view);
      }
    };
    hello();
    return () => own.close();
  }, [round, id]);
  const answer = (at: number, picked: readonly number[]): void =>
    channel.current?.postMessage({ is: 'answer', id, at, picked, seconds: 0 } satisfies ToHost);
  return { id, view, answer };
}

type AskedProps = { view: View; id: string; answer: (at: number, picked: number[]) => void };

function Asked({ view, id, answer }: AskedProps) {
  const { at, of, stem, answers, many, phase, right, seconds, begunAt } = view;
  const [picked, setPicked] = useState<number[]>([]);
  const left = useCountdown(begunAt, seconds, phase === 'asking');
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => heading.current?.focus(), [at]);
  const isOpen = phase === 'asking' && left > 0;
  const pick = (n: number): void => {
    const others = picked.filter((one) => one !== n);
    const chosen = many ? [...others, ...(picked.includes(n) ? [] : [n])] : [n];
    const next = chosen.sort((a, b) => a - b);
    setPicked(next);
    answer(at, next);
  };
  const isRight = picked.length === right.length && right.every((n) => picked.includes(n));
  return (
    <Stack gap="sm">
      <Text c="dimmed" size="sm" ff="monospace">
        {i18n._(
          '{at} of {of, number}{isOpen, select, true { · {left, number} s left} other {}}{isMany, select, true { · several may be right} other {}}',
          { at: at + 1, of, isOpen, left, isMany: Boolean(many) },
        )}
      </Text>
      <Title order={1} fz={22} ref={heading} tabIndex={-1}>
        {stem}
      </Title>
      <Stack component="ol" gap={8} p={0} m={0} style={{ listStyle: 'none' }}>
        {orderFor(id, at, answers.length).map((n) => (
          <li key={n}>
            <UnstyledButton
              w="100%"
              px="sm"
              py={11}
              bg={phase === 'shown' && right.includes(n) ? 'var(--leaf-wash)' : 'var(--sheet)'}
              bd={`1px solid var(--${picked.includes(n) ? 'ink' : 'line'})`}
              style={{
                borderRadius: 6,
                boxShadow: picked.includes(n) ? 'inset 0 0 0 1px var(--ink)' : undefined,
              }}
              aria-pressed={picked.includes(n)}
              disabled={!isOpen}
              onClick={() => pick(n)}
            >
              {answers[n - 1]}
              {phase === 'shown' && right.includes(n) ? i18n._(' – right') : ''}
            </UnstyledButton>
          </li>
        ))}
      </Stack>
      <Text role="status">
        {isOpen &&
          picked.length > 0 &&
          i18n._('Your answer is in; it can be changed until the time is up.')}
        {phase === 'shown' && (isRight ? i18n._('Right.') : i18n._('Not this time.'))}
      </Text>
    </Stack>
  );
}

function TheEnd({ view, id }: { view: View; id: string }) {
  const place = view.scores.findIndex((one) => one.id === id);
  const own = view.scores[place];
  return (
    <Stack gap="sm">
      <Title order={1}>{i18n._('{title}: the end', { title: view.title })}</Title>
      {own && (
        <Text role="status">
          {i18n._(
            '{name}: {right, number} of {of, number} right, place {place} of {scores, number}.',
            {
              name: own.name,
              right: own.right,
              of: view.of,
              place: place + 1,
              scores: view.scores.length,
            },
          )}
        </Text>
      )}
      <Button onClick={() => window.close()} style={{ alignSelf: 'flex-start' }}>
        {i18n._('Close this window')}
      </Button>
    </Stack>
  );
}

function Inside({ view, id, answer }: Omit<AskedProps, 'view'> & { view: View | undefined }) {
  const name = view?.scores.find((one) => one.id === id)?.name;
  if (!view || !name) {
    return (
      <Text role="status">
        {i18n._(
          'Waiting for the host’s window. It has to be open on this machine, in the same browser.',
        )}
      </Text>
    );
  }
  if (view.phase === 'waiting') {
    return (
      <>
        <Title order={1}>{view.title}</Title>
        <Text role="status">
          {i18n._('You are in as {name}. It begins when the host begins.', { name })}
        </Text>
      </>
    );
  }
  return view.phase === 'over' ? (
    <TheEnd view={view} id={id} />
  ) : (
    <Asked key={view.at} view={view} id={id} answer={answer} />
  );
}

export default function JoinRound({ round }: { round: string }) {
  const { id, view, answer } = useJoined(round);
  useEffect(() => {
    document.title = view
      ? i18n._('{title} · Cowslip', { title: view.title })
      : i18n._('A live round · Cowslip');
  }, [view]);
  return (
    <Container component="main" size={640} py="lg">
      <Paper component="section" aria-label={i18n._('Live round')} p="lg">
        <Inside view={view} id={id} answer={answer} />
      </Paper>
    </Container>
  );
}
