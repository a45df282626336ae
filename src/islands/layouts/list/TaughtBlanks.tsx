// Blanks that were dropped together, each with what became of it.
import { Anchor, Button, Group, List, Paper, Progress, Text } from '@mantine/core';
import { Link } from 'wouter';
import { stopCore } from '../../../workers/client';
import { MoreBelow } from '../../parts/MoreBelow';
import { forgetTaught, useTaught, type Taught } from '../../state/layouts';

const WORDS: Record<Taught['state'], string> = {
  waiting: 'waits',
  reading: 'reading …',
  learned: 'learned',
  problem: 'could not be read',
};

function Line({ taught: { name, state, id, problem } }: { taught: Taught }) {
  return (
    <List.Item>
      {id ? (
        <Anchor component={Link} href={`/layouts/${id}`}>
          {name}
        </Anchor>
      ) : (
        name
      )}{' '}
      <Text component="span" size="sm" c={problem ? 'var(--brick-ink)' : 'dimmed'}>
        {problem ?? WORDS[state]}
      </Text>
    </List.Item>
  );
}

export function TaughtBlanks() {
  const taught = useTaught();
  if (!taught.length) {
    return null;
  }
  const done = taught.filter(({ state }) => state === 'learned' || state === 'problem').length;
  const isBusy = done < taught.length;
  return (
    <Paper
      component="section"
      aria-label="Blanks that were dropped"
      px="sm"
      py={6}
      style={{ flex: 'none' }}
    >
      <Group align="flex-start" wrap="nowrap">
        <MoreBelow what="blanks" flex={1} mah={130}>
          <List>
            {taught.map((one, index) => (
              <Line key={index} taught={one} />
            ))}
          </List>
        </MoreBelow>
        {isBusy && (
          <Group gap="sm" role="status">
            <Text size="sm" c="dimmed">
              {done} of {taught.length} learned
            </Text>
            <Progress w={120} value={(100 * done) / taught.length} aria-label="Blanks learned" />
          </Group>
        )}
        <Button size="xs" onClick={isBusy ? stopCore : forgetTaught}>
          {isBusy ? 'Stop' : 'Close'}
        </Button>
      </Group>
    </Paper>
  );
}
