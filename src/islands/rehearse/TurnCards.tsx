// Cards as a learner turns them: the front, the back, known or not; what was not known comes again.
import { Button, Group, Paper, Stack, Text, Title } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { useState } from 'react';
import type { Card } from '../../stand-ins/card-trainer/take';
import { count } from '../../core/shared/plain';
import { MainButton } from '../parts/PlaceHead';
import { answered, BOXES, countsOf, dueCard, freshDeck } from './boxes';

const KEYS = { known: 'J', unknown: 'F' } as const;

export function TurnCards({ cards, onEnd }: { cards: readonly Card[]; onEnd: () => void }) {
  const [deck, setDeck] = useState(() => freshDeck(cards.length));
  const [isTurned, setTurned] = useState(false);
  const due = dueCard(deck);
  const say = (isKnown: boolean): void => {
    if (due && isTurned) {
      setDeck(answered(deck, due, isKnown));
      setTurned(false);
    }
  };
  useHotkeys([
    [KEYS.known, () => say(true)],
    [KEYS.unknown, () => say(false)],
  ]);
  const boxes = countsOf(deck);
  const card = due && cards[due.n];
  return (
    <Paper component="section" aria-label="Cards" maw={640} p="lg" style={{ flex: 'none' }}>
      <Stack gap="sm">
        <Text c="dimmed" size="sm" ff="monospace" data-testid="boxes">
          {boxes
            .map((many, at) => (at < BOXES ? `box ${at + 1}: ${many}` : `known: ${many}`))
            .join(' · ')}
        </Text>
        <Title order={2} fz={22}>
          {card ? card.front : `All ${count(cards.length, 'card')} are known.`}
        </Title>
        <Text role="status" mih={28} fz={18}>
          {card && isTurned ? card.back : ''}
        </Text>
        <Group gap="xs">
          {card && !isTurned && (
            <MainButton act={{ label: 'Turn the card', run: () => setTurned(true) }} />
          )}
          {card && isTurned && (
            <>
              <MainButton act={{ label: `Known (${KEYS.known})`, run: () => say(true) }} />
              <Button onClick={() => say(false)}>Not yet ({KEYS.unknown})</Button>
            </>
          )}
          <Button onClick={onEnd}>Stop</Button>
        </Group>
      </Stack>
    </Paper>
  );
}
