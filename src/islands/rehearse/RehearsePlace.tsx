// Rehearse: hand a file to a stand-in receiver, read its answer, and see the set as a learner would.
import {
  Anchor,
  Button,
  Group,
  List,
  Paper,
  SimpleGrid,
  Stack,
  Table,
  Text,
  Title,
} from '@mantine/core';
import { useState, type ReactNode } from 'react';
import { Link } from 'wouter';
import { LIVE_HOST, PUBLISHED } from '../../stand-ins/live-host/rules';
import type { ImportAnswer } from '../../stand-ins/live-host/take';
import { Bar } from '../parts/Bar';
import { ChooseFiles } from '../parts/ChooseFiles';
import { PlaceHead, type MainAct } from '../parts/PlaceHead';
import { takeAway } from '../parts/take-away';
import { demoFile } from '../state/demo';
import { useHandOver } from '../state/hand-over';
import { Play } from './Play';

type Taken = { name: string; answer: ImportAnswer };
type Accepted = Exclude<ImportAnswer, { problem: string }>;

function Refusals({ refused }: Pick<Accepted, 'refused'>) {
  return (
    <Table aria-label="Refused questions">
      <Table.Thead>
        <Table.Tr>
          <Table.Th>Row</Table.Th>
          <Table.Th>Question</Table.Th>
          <Table.Th>Refused because</Table.Th>
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody>
        {refused.map(({ row, question, reason }) => (
          <Table.Tr key={row}>
            <Table.Td ff="monospace">{row}</Table.Td>
            <Table.Td>{question || <em>none</em>}</Table.Td>
            <Table.Td>{reason}</Table.Td>
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  );
}

function Answer({ taken: { answer, name } }: { taken: Taken }) {
  if ('problem' in answer) {
    return (
      <Bar tone="block" role="alert">
        <b>{name}</b> was refused whole: {answer.problem}
      </Bar>
    );
  }
  return (
    <Paper component="section" aria-label="The host’s answer" style={{ flex: 'none' }}>
      <Group p="sm" role="status">
        <Title order={2}>{answer.title}</Title>
        <Text component="span" size="sm" c="dimmed" data-testid="import-answer">
          {answer.taken.length} taken, {answer.refused.length} refused
        </Text>
      </Group>
      {answer.refused.length > 0 && <Refusals refused={answer.refused} />}
    </Paper>
  );
}

function Half({ label, children }: { label: string; children: ReactNode }) {
  return (
    <Paper component="section" aria-label={label} px="md" py="sm">
      <Stack gap={8}>{children}</Stack>
    </Paper>
  );
}

function HostRules() {
  return (
    <Half label={LIVE_HOST.name}>
      <Title order={2}>{LIVE_HOST.name}</Title>
      <p>{LIVE_HOST.what}</p>
      <b>Its published rules</b>
      <List type="ordered" spacing={2} pr="md">
        {PUBLISHED.map((rule) => (
          <List.Item key={rule}>{rule}</List.Item>
        ))}
      </List>
    </Half>
  );
}

const takeBlank = async (): Promise<void> =>
  takeAway(LIVE_HOST.blank, await demoFile(LIVE_HOST.blank));

type Take = (name: string, bytes: Uint8Array) => Promise<void>;

function HandIn({ take }: { take: Take }) {
  const { files } = useHandOver();
  const ready = files.filter(({ name }) => name.endsWith('.xlsx'));
  const takeChosen = async ([file]: File[]): Promise<void> => {
    if (file) {
      await take(file.name, new Uint8Array(await file.arrayBuffer()));
    }
  };
  return (
    <Half label="Hand a file in">
      <Title order={2}>1. Get its blank</Title>
      <Group>
        <Button onClick={() => void takeBlank()}>Download {LIVE_HOST.blank}</Button>
      </Group>
      <Title order={2}>2. Fill it</Title>
      <p>
        Teach the blank under{' '}
        <Anchor component={Link} href="/layouts">
          Layouts
        </Anchor>
        , then fill it under{' '}
        <Anchor component={Link} href="/hand-over">
          Hand over
        </Anchor>
        .
      </p>
      <Title order={2}>3. Hand it in</Title>
      {ready.map((file) => (
        <Group key={file.layout}>
          <Button variant="light" color="leaf" onClick={() => void take(file.name, file.bytes)}>
            Hand in {file.name}
          </Button>
        </Group>
      ))}
      <Group>
        <ChooseFiles
          label="Choose a filled file"
          accept=".xlsx"
          testId="host-file"
          isMain={!ready.length}
          onFiles={(chosen) => void takeChosen(chosen)}
        />
      </Group>
    </Half>
  );
}

/** What was taken is played next. */
function playAct(taken: Taken | undefined, onPlay: () => void): MainAct | undefined {
  if (!taken || 'problem' in taken.answer) {
    return undefined;
  }
  const { length } = taken.answer.taken;
  return { label: `Play the ${length} questions`, isDisabled: !length, run: onPlay };
}

export default function RehearsePlace() {
  const [taken, setTaken] = useState<Taken>();
  const [isPlaying, setPlaying] = useState(false);
  const take: Take = async (name, bytes) => {
    const { takeFile } = await import('../../stand-ins/live-host/take');
    setTaken({ name, answer: await takeFile(bytes) });
    setPlaying(false);
  };
  if (isPlaying && taken && !('problem' in taken.answer)) {
    const { title, taken: questions } = taken.answer;
    return <Play title={title} questions={questions} onEnd={() => setPlaying(false)} />;
  }
  return (
    <>
      <PlaceHead
        title="Rehearse"
        facts="stand-in receivers, simulated and shipped with this program"
        main={playAct(taken, () => setPlaying(true))}
      />
      {taken && <Answer taken={taken} />}
      <SimpleGrid cols={{ base: 1, md: 2 }} style={{ flex: 'none' }}>
        <HostRules />
        <HandIn take={take} />
      </SimpleGrid>
    </>
  );
}
