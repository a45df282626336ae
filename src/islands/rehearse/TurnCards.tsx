// Cards as a learner turns them: the front, the back, known or not; each comes again when it is due, over days.
import { Button, Group, Paper, Stack, Text, Title } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { useState } from 'react';
import { count } from '../../core/shared/plain';
import type { Card } from '../../stand-ins/card-trainer/take';
import { MainButton } from '../parts/PlaceHead';
import { PAPER } from './paper';
import { useCardBox } from './use-card-box';

const KEYS = { known: 'J', unknown: 'F' } as const;

const dayWords = (at: Date): string =>
  at.toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });

/** When a card that was just turned comes again. */
function againWords(due: Date, now: Date): string {
  const minutes = Math.round((due.getTime() - now.getTime()) / 60_000);
  return due.toDateString() === now.toDateString()
    ? `It comes again in ${count(Math.max(1, minutes), 'minute')}.`
    : `It comes again on ${dayWords(due)}.`;
}

function Acts({
  isTurned,
  turn,
  say,
}: {
  isTurned: boolean;
  turn: () => void;
  say: (isKnown: boolean) => void;
}) {
  return isTurned ? (
    <>
      <MainButton act={{ label: `Known (${KEYS.known})`, run: () => say(true) }} />
      <Button onClick={() => say(false)}>Not yet ({KEYS.unknown})</Button>
    </>
  ) : (
    <MainButton act={{ label: 'Turn the card', run: turn }} />
  );
}

export function TurnCards({ cards, onEnd }: { cards: readonly Card[]; onEnd: () => void }) {
  const box = useCardBox(cards);
  const [isTurned, setTurned] = useState(false);
  const { card, counts, said, now } = box;
  const say = (isKnown: boolean): void => {
    if (card && isTurned) {
      box.say(isKnown);
      setTurned(false);
    }
  };
  useHotkeys([
    [KEYS.known, () => say(true)],
    [KEYS.unknown, () => say(false)],
  ]);
  const { next } = counts;
  return (
    <Paper {...PAPER} aria-label="Cards">
      <Stack gap="sm">
        <Text c="dimmed" size="sm" ff="monospace" data-testid="boxes">
          {dayWords(now)} · due today: {counts.due} · later: {counts.later}
        </Text>
        <Title order={2} fz={22}>
          {card ? card.front : 'Nothing more is due today.'}
        </Title>
        <Text role="status" mih={28} fz={18}>
          {card && isTurned ? card.back : ''}
        </Text>
        <Text c="dimmed" size="sm" mih={20} role="status" data-testid="again">
          {said && !isTurned ? `${said.front}: ${againWords(said.due, now)}` : ''}
        </Text>
        <Group gap="xs">
          {card && <Acts isTurned={isTurned} turn={() => setTurned(true)} say={say} />}
          {!card && next && (
            <MainButton act={{ label: `Go on to ${dayWords(next)}`, run: () => box.goTo(next) }} />
          )}
          <Button onClick={onEnd}>Stop</Button>
          {counts.later > 0 && <Button onClick={() => box.forget()}>Begin anew</Button>}
        </Group>
      </Stack>
    </Paper>
  );
}
