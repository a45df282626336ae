// What waits in Gather: several sources, each with its state, to be opened, put away or taken all at once.
import { Button, Group, List, Paper, Stack, Text } from '@mantine/core';
import { useState } from 'react';
import { count } from '../../core/shared/plain';
import { LinkButton } from '../parts/LinkButton';
import { MoreBelow } from '../parts/MoreBelow';
import { fetched } from '../parts/fetched';
import { say } from '../parts/say';
import { agreeToAll, openSource, putAway, useGather, type TrayEntry } from '../state/gather';

const Together = fetched(() =>
  import('./Together').then((module) => ({ default: module.Together })),
);

function words({ state, ready, blocked, problem }: TrayEntry): string {
  const stopped = blocked ? `, ${blocked} blocked` : '';
  switch (state) {
    case 'waiting':
      return 'waits';
    case 'reading':
      return 'reading …';
    case 'taken':
      return `in the bank${stopped}`;
    case 'problem':
      return problem ?? 'could not be read';
    case 'read':
      return `${count(ready, 'question')}${stopped}`;
  }
}

function Entry({ entry, isOpen }: { entry: TrayEntry; isOpen: boolean }) {
  return (
    <List.Item>
      <Group gap="xs" component="span">
        <LinkButton
          aria-current={isOpen ? 'true' : undefined}
          fw={isOpen ? 700 : 400}
          onClick={() => void openSource(entry.id)}
        >
          {entry.name}
        </LinkButton>
        <Text
          component="span"
          size="sm"
          c={entry.state === 'problem' ? 'var(--brick-ink)' : 'dimmed'}
        >
          {words(entry)}
        </Text>
        <LinkButton
          fz={13}
          fw={400}
          aria-label={`Put ${entry.name} away`}
          onClick={() => putAway(entry.id)}
        >
          Put away
        </LinkButton>
      </Group>
    </List.Item>
  );
}

const takeAll = async (): Promise<void> => {
  const { questions, sources } = await agreeToAll();
  say(
    `${count(questions, 'question')} from ${count(sources, 'source')} are in the bank. Undo takes them back, source by source.`,
  );
};

const takeWords = (ready: number): string =>
  ready === 1 ? 'Take 1 question' : `Take all ${count(ready, 'question')}`;

/** Shown where more than one source waits; a single one has the whole place to itself. */
export function Tray() {
  const { tray, open, busy } = useGather();
  const [isCompared, setCompared] = useState(false);
  if (tray.length < 2) {
    return null;
  }
  const waiting = tray.filter(({ state }) => state === 'waiting' || state === 'reading').length;
  const ready = tray.reduce((sum, entry) => sum + entry.ready, 0);
  const canTake = ready > 0 && waiting === 0 && busy === undefined;
  return (
    <Paper component="section" aria-label="Sources that wait" px="sm" py={6} flex="none">
      <Group align="flex-start" wrap="nowrap">
        <MoreBelow what="sources" flex={1} mah={96}>
          <List>
            {tray.map((entry) => (
              <Entry key={entry.id} entry={entry} isOpen={entry.id === open} />
            ))}
          </List>
        </MoreBelow>
        <Stack gap={4}>
          <Button size="xs" disabled={!canTake} onClick={() => void takeAll()}>
            {waiting ? `${waiting} still to be read` : takeWords(ready)}
          </Button>
          <Button size="xs" disabled={waiting > 0} onClick={() => setCompared(true)}>
            Who wrote what
          </Button>
        </Stack>
      </Group>
      {isCompared && <Together onClose={() => setCompared(false)} />}
    </Paper>
  );
}
