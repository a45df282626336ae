// What waits in Gather: several sources, each with its state, to be opened, put away or taken all at once.
import { Button, Group, List, Paper, Stack, Text } from '@mantine/core';
import { useState } from 'react';
import { LinkButton } from '../parts/LinkButton';
import { MoreBelow } from '../parts/MoreBelow';
import { fetched } from '../parts/fetched';
import { say } from '../parts/say';
import { agreeToAll, openSource, putAway, useGather, type TrayEntry } from '../state/gather';
import { i18n } from '../../languages';

const Together = fetched(() =>
  import('./Together').then((module) => ({ default: module.Together })),
);

function words({ state, ready, blocked, problem }: TrayEntry): string {
  const stopped = blocked ? i18n._(', {blocked, number} blocked', { blocked }) : '';
  switch (state) {
    case 'waiting':
      return 'waits';
    case 'reading':
      return i18n._('reading …');
    case 'taken':
      return i18n._('in the bank{stopped}', { stopped });
    case 'problem':
      return problem ?? i18n._('could not be read');
    case 'read':
      return `${i18n._('{ready, plural, one {# question} other {# questions}}', { ready })}${stopped}`;
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
          aria-label={i18n._('Put {name} away', { name: entry.name })}
          onClick={() => putAway(entry.id)}
        >
          {i18n._('Put away')}
        </LinkButton>
      </Group>
    </List.Item>
  );
}

const takeAll = async (): Promise<void> => {
  const { questions, sources } = await agreeToAll();
  say(
    i18n._(
      '{questions, plural, one {# question} other {# questions}} from {sources, plural, one {# source} other {# sources}} are in the bank. Undo takes them back, source by source.',
      { questions, sources },
    ),
  );
};

const takeWords = (ready: number): string =>
  ready === 1
    ? i18n._('Take 1 question')
    : i18n._('Take all {ready, plural, one {# question} other {# questions}}', { ready });

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
    <Paper component="section" aria-label={i18n._('Sources that wait')} px="sm" py={6} flex="none">
      <Group align="flex-start" wrap="nowrap">
        <MoreBelow what={i18n._('sources')} flex={1} mah={96}>
          <List>
            {tray.map((entry) => (
              <Entry key={entry.id} entry={entry} isOpen={entry.id === open} />
            ))}
          </List>
        </MoreBelow>
        <Stack gap={4}>
          <Button size="xs" disabled={!canTake} onClick={() => void takeAll()}>
            {waiting ? i18n._('{waiting, number} still to be read', { waiting }) : takeWords(ready)}
          </Button>
          <Button size="xs" disabled={waiting > 0} onClick={() => setCompared(true)}>
            {i18n._('Who wrote what')}
          </Button>
        </Stack>
      </Group>
      {isCompared && <Together onClose={() => setCompared(false)} />}
    </Paper>
  );
}
