// The host's window of a live round: learners join in windows of their own, see the question, and answer.
import { Anchor, Button, Group, Paper, Stack, Table, Text, Title } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';
import { optionLetter } from '../../core/shared/plain';
import { MainButton, type MainAct } from '../parts/PlaceHead';
import type { PlayQuestion } from './questions';
import { useAnswersFile } from './use-answers-file';
import { useCountdown } from './use-countdown';
import {
  answersCsv,
  channelOf,
  freshRound,
  heard,
  scoresOf,
  stepped,
  viewOf,
  type Round,
  type ToHost,
  type ToLearners,
} from './round';
import { i18n } from '../../languages';

/** Holds the round and the channel to the learners' windows; every change is told to them. */
function useRound(title: string, questions: readonly PlayQuestion[]) {
  const [round, setRound] = useState<Round>(() => freshRound(title, questions));
  const channel = useRef<BroadcastChannel>(null);
  useEffect(() => {
    const own = new BroadcastChannel(channelOf(round.id));
    channel.current = own;
    own.onmessage = ({ data }: MessageEvent<ToHost | ToLearners>) => {
      if (data.is === 'hello' || data.is === 'answer') {
        setRound((before) => heard(before, data, Date.now()));
      }
    };
    // Windows that were open before the host's come in again.
    own.postMessage({ is: 'who' } satisfies ToLearners);
    return () => own.close();
  }, [round.id]);
  useEffect(() => {
    channel.current?.postMessage({ is: 'view', view: viewOf(round) } satisfies ToLearners);
  }, [round]);
  return { round, step: () => setRound((before) => stepped(before, Date.now())) };
}

function nextAct({ phase, at, questions, learners }: Round, step: () => void): MainAct | undefined {
  const labels: Partial<Record<Round['phase'], string>> = {
    waiting: i18n._('Begin'),
    asking: i18n._('Show what is right'),
    shown: at + 1 < questions.length ? i18n._('Next question') : i18n._('To the end'),
  };
  const label = labels[phase];
  return label === undefined
    ? undefined
    : { label, run: step, isDisabled: phase === 'waiting' && !learners.length };
}

function Asked({ round, step }: { round: Round; step: () => void }) {
  const { questions, at, phase, learners, begunAt } = round;
  const { seconds } = viewOf(round);
  const left = useCountdown(begunAt, seconds, phase === 'asking');
  const question = questions[at]!;
  const answered = learners.filter(({ answers }) => answers[at]).length;
  const isDone = phase === 'asking' && (left === 0 || answered === learners.length);
  const done = useRef(step);
  done.current = step;
  useEffect(() => {
    if (isDone) {
      done.current();
    }
  }, [isDone]);
  return (
    <>
      <Text c="dimmed" size="sm" ff="monospace" data-testid="round-facts">
        {i18n._(
          '{at} of {questions, number} · {answered, number} of {learners, number} answered{isPhase, select, true { · {left, number} s left} other {}}',
          {
            at: at + 1,
            questions: questions.length,
            answered,
            learners: learners.length,
            isPhase: phase === 'asking',
            left,
          },
        )}
      </Text>
      <Title order={2} fz={22}>
        {question.stem}
      </Title>
      <ol className="answers stacked">
        {question.answers.map((text, n) => {
          const isRight = phase === 'shown' && question.right.includes(n + 1);
          const picked = learners.filter((one) => one.answers[at]?.picked.includes(n + 1)).length;
          return (
            <li key={n} className={isRight ? 'right-bar' : ''}>
              <span className="mono letter">{optionLetter(n)}</span> {text}
              {isRight && <span className="right-word"> {i18n._('right')}</span>}
              {phase === 'shown' && (
                <span className="soft"> {i18n._('· {picked, number} picked it', { picked })}</span>
              )}
            </li>
          );
        })}
      </ol>
    </>
  );
}

function Scores({ round }: { round: Round }) {
  return (
    <Table aria-label={i18n._('Scores')} maw={520}>
      <Table.Thead>
        <Table.Tr>
          <Table.Th>{i18n._('Learner')}</Table.Th>
          <Table.Th>{i18n._('Right')}</Table.Th>
          <Table.Th>{i18n._('Seconds for those')}</Table.Th>
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody>
        {scoresOf(round).map(({ id, name, right, seconds }) => (
          <Table.Tr key={id}>
            <Table.Td>{name}</Table.Td>
            <Table.Td>{right}</Table.Td>
            <Table.Td>{seconds}</Table.Td>
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  );
}

function Waiting({ round }: { round: Round }) {
  return (
    <>
      <Title order={2} fz={22}>
        {round.title}
      </Title>
      <Text role="status" data-testid="round-facts">
        {i18n._(
          '{learners, plural, one {# learner} other {# learners}} in. Each learner has a window of their own on this machine, opened by this link, with nothing to type in.',
          { learners: round.learners.length },
        )}
      </Text>
      <Group>
        <Anchor href={`/join/${round.id}`} target="_blank" rel="opener">
          {i18n._('Open a learner’s window')}
        </Anchor>
      </Group>
    </>
  );
}

export function LiveRound({
  title,
  questions,
  onEnd,
}: {
  title: string;
  questions: readonly PlayQuestion[];
  onEnd: () => void;
}) {
  const { round, step } = useRound(title, questions);
  const next = nextAct(round, step);
  const file = useAnswersFile(
    i18n._('{title}, answers.csv', { title: title || i18n._('Round') }),
    () => answersCsv(round),
  );
  return (
    <Paper component="section" aria-label={i18n._('Live round')} p="lg" style={{ flex: 'none' }}>
      <Stack gap="sm">
        {round.phase === 'waiting' && <Waiting round={round} />}
        {(round.phase === 'asking' || round.phase === 'shown') && (
          <Asked key={round.at} round={round} step={step} />
        )}
        {round.phase === 'over' && <Title order={2}>{i18n._('{title}: the end', { title })}</Title>}
        {(round.phase === 'shown' || round.phase === 'over') && <Scores round={round} />}
        <Group gap="xs">
          {next && <MainButton act={next} />}
          {round.phase === 'over' && (
            <>
              <MainButton
                act={{ label: i18n._('See the answers in Results'), run: file.toResults }}
              />
              <Button onClick={file.take}>{i18n._('Take the answers')}</Button>
            </>
          )}
          <Button onClick={onEnd}>
            {round.phase === 'over' ? i18n._('Close') : i18n._('Stop')}
          </Button>
        </Group>
      </Stack>
    </Paper>
  );
}
