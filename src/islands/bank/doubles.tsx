// Questions that are nearly alike, side by side with what differs marked: kept, or made one.
import { Button, Group, Mark, Paper, SimpleGrid, Stack, Text } from '@mantine/core';
import { modals } from '@mantine/modals';
import { diffWords } from 'diff';
import { useCallback, useEffect, useState } from 'react';
import type { Item } from '../../core/model';
import { tagText } from '../../core/shared/plain';
import { Answers } from '../parts/Answers';
import { messageOf } from '../parts/message-of';
import { findDoubles, keepBoth, makeOne, type Pair } from '../state/doubles';
import { i18n } from '../../languages';

/** So many pairs are looked at in one go. */
const SHOWN = 30;
const PER_CENT = 100;

/** A text with the words marked that the other one has not. */
function Differing({ text, other }: { text: string; other: string }) {
  return diffWords(other, text)
    .filter(({ removed }) => !removed)
    .map(({ value, added }, index) =>
      added ? <Mark key={index}>{value}</Mark> : <span key={index}>{value}</span>,
    );
}

function Side({ item, other, onStay }: { item: Item; other: Item; onStay: () => void }) {
  const about = [
    item.ref,
    item.category?.join(' > '),
    item.tags?.map(tagText).join(', '),
    item.origin?.file,
  ];
  return (
    <Stack gap={6}>
      <Text size="xs" c="dimmed">
        {about.filter(Boolean).join(' · ')}
      </Text>
      <Text fw={700}>
        <Differing text={item.stem.plain} other={other.stem.plain} />
      </Text>
      <Answers item={item} stacked />
      <Group>
        <Button size="xs" onClick={onStay}>
          {i18n._('Keep only this one')}
        </Button>
      </Group>
    </Stack>
  );
}

function PairCard({ pair, onSettled }: { pair: Pair; onSettled: () => void }) {
  const { first, second, likeness } = pair;
  const settle = (act: Promise<void>): void => void act.then(onSettled);
  return (
    <Paper
      component="li"
      p="sm"
      aria-label={i18n._('{ref} and {ref2}', { ref: first.ref, ref2: second.ref })}
    >
      <SimpleGrid cols={{ base: 1, sm: 2 }}>
        <Side item={first} other={second} onStay={() => settle(makeOne(first, second))} />
        <Side item={second} other={first} onStay={() => settle(makeOne(second, first))} />
      </SimpleGrid>
      <Group mt="xs" justify="space-between">
        <Text size="sm" c="dimmed">
          {likeness === 1
            ? i18n._('the same words')
            : i18n._('{round, number} % of their words in common', {
                round: Math.round(likeness * PER_CENT),
              })}
        </Text>
        <Button size="xs" onClick={() => settle(keepBoth(pair))}>
          {i18n._('Keep both')}
        </Button>
      </Group>
    </Paper>
  );
}

function Doubles() {
  const [pairs, setPairs] = useState<Pair[] | undefined>();
  const [problem, setProblem] = useState<string | undefined>();
  const look = useCallback(() => {
    findDoubles()
      .then(setPairs)
      .catch((error: unknown) =>
        setProblem(messageOf(error, i18n._('The bank could not be looked through.'))),
      );
  }, []);
  useEffect(look, [look]);
  if (problem !== undefined || !pairs) {
    return <Text role="status">{problem ?? i18n._('Looking through the bank …')}</Text>;
  }
  return (
    <Stack gap="sm">
      <Text size="sm" role="status">
        {pairs.length
          ? i18n._(
              '{pairs, plural, one {# pair} other {# pairs}} nearly alike. The one that is kept takes over the other’s tags, and its place in sets.',
              { pairs: pairs.length },
            )
          : i18n._('No two questions are nearly alike.')}
      </Text>
      <Stack component="ul" gap="sm" p={0} m={0} style={{ listStyle: 'none' }}>
        {pairs.slice(0, SHOWN).map((pair) => (
          <PairCard key={pair.key} pair={pair} onSettled={look} />
        ))}
      </Stack>
    </Stack>
  );
}

/** Shows the questions of the bank that are nearly alike. */
export const showDoubles = (): void => {
  modals.open({ title: i18n._('Nearly alike'), size: 'xl', children: <Doubles /> });
};
