// Sets: questions put together for one use, by hand, by filter or by a plan.
import { Group, Paper, Stack, Text } from '@mantine/core';
import { ModalsProvider } from '@mantine/modals';
import { useLocation, useParams } from 'wouter';
import { EmptyPlace } from '../parts/EmptyPlace';
import { MainButton } from '../parts/PlaceHead';
import { useActs } from '../state/acts';
import { useBank } from '../state/bank';
import { newSet } from '../state/sets';
import { OpenSet } from './OpenSet';
import { SetList } from './SetList';
import { i18n } from '../../languages';

export default function SetsPlace() {
  const sets = useBank((state) => state.sets);
  const { id } = useParams<{ id?: string }>();
  const [, go] = useLocation();
  const open = sets.find((set) => set.id === id) ?? sets[0];
  const make = (): void => go(`/sets/${newSet()}`);
  useActs('sets', [
    { label: i18n._('New set'), words: i18n._('Put questions together for one use'), run: make },
  ]);
  if (!open) {
    return (
      <EmptyPlace title={i18n._('No set yet')}>
        <Text>
          {i18n._(
            'A set holds the questions of one use: tonight’s twenty. It is filled by hand, by a filter, or drawn by a plan, and handed over as it stands.',
          )}
        </Text>
        <Group>
          <MainButton
            act={{ label: i18n._('New set'), help: i18n._('Put questions together.'), run: make }}
          />
        </Group>
      </EmptyPlace>
    );
  }
  return (
    <ModalsProvider>
      <Group align="stretch" gap="md" wrap="nowrap" className="sets-place">
        <Paper component="nav" aria-label={i18n._('Sets')} className="set-list">
          <SetList sets={sets} open={open.id} onNew={make} />
        </Paper>
        <Stack
          gap="sm"
          className="set-open"
          aria-label={`${open.name}, ${i18n._('{sets, plural, one {# set} other {# sets}}', { sets: sets.length })}`}
        >
          <OpenSet key={open.id} set={open} />
        </Stack>
      </Group>
    </ModalsProvider>
  );
}
