// Blanks that were dropped together, each with what became of it.
import { Anchor, Button, Group, List, Paper, Progress, Text } from '@mantine/core';
import { Link } from 'wouter';
import { stopCore } from '../../../workers/client';
import { MoreBelow } from '../../parts/MoreBelow';
import { forgetTaught, useTaught, type Taught } from '../../state/layouts';
import { i18n } from '../../../languages';

const WORDS: Record<Taught['state'], string> = {
  waiting: i18n._('waits'),
  reading: i18n._('reading …'),
  learned: i18n._('learned'),
  problem: i18n._('could not be read'),
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
      aria-label={i18n._('Blanks that were dropped')}
      px="sm"
      py={6}
      style={{ flex: 'none' }}
    >
      <Group align="flex-start" wrap="nowrap">
        <MoreBelow what={i18n._('blanks')} flex={1} mah={130}>
          <List>
            {taught.map((one, index) => (
              <Line key={index} taught={one} />
            ))}
          </List>
        </MoreBelow>
        {isBusy && (
          <Group gap="sm" role="status">
            <Text size="sm" c="dimmed">
              {i18n._('{done, number} of {taught, number} learned', {
                done,
                taught: taught.length,
              })}
            </Text>
            <Progress
              w={120}
              value={(100 * done) / taught.length}
              aria-label={i18n._('Blanks learned')}
            />
          </Group>
        )}
        <Button size="xs" onClick={isBusy ? stopCore : forgetTaught}>
          {isBusy ? i18n._('Stop') : i18n._('Close')}
        </Button>
      </Group>
    </Paper>
  );
}
