// Cards as a learner turns them: the front, the back, known or not; each comes again when it is due, over days.
import { Button, Group, Paper, Stack, Text, Title } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { useState } from 'react';
import type { Card } from '../../stand-ins/card-trainer/take';
import { MainButton } from '../parts/PlaceHead';
import { PAPER } from './paper';
import { useCardBox } from './use-card-box';
import { i18n, locale } from '../../languages';

const KEYS = { known: 'J', unknown: 'F' } as const;

const dayWords = (at: Date): string =>
  at.toLocaleDateString(locale(), { weekday: 'long', day: 'numeric', month: 'long' });

/** When a card that was just turned comes again. */
function againWords(due: Date, now: Date): string {
  const minutes = Math.round((due.getTime() - now.getTime()) / 60_000);
  return due.toDateString() === now.toDateString()
    ? i18n._('It comes again in {value, plural, one {# minute} other {# minutes}}.', {
        value: Math.max(1, minutes),
      })
    : i18n._('It comes again on {dayWords}.', { dayWords: dayWords(due) });
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
      <MainButton
        act={{ label: i18n._('Known ({known})', { known: KEYS.known }), run: () => say(true) }}
      />
      <Button onClick={() => say(false)}>
        {i18n._('Not yet ({unknown})', { unknown: KEYS.unknown })}
      </Button>
    </>
  ) : (
    <MainButton act={{ label: i18n._('Turn the card'), run: turn }} />
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
    <Paper {...PAPER} aria-label={i18n._('Cards')}>
      <Stack gap="sm">
        <Text c="dimmed" size="sm" ff="monospace" data-testid="boxes">
          {i18n._('{dayWords} · due today: {due, number} · later: {later, number}', {
            dayWords: dayWords(now),
            due: counts.due,
            later: counts.later,
          })}
        </Text>
        <Title order={2} fz={22}>
          {card ? card.front : i18n._('Nothing more is due today.')}
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
            <MainButton
              act={{
                label: i18n._('Go on to {dayWords}', { dayWords: dayWords(next) }),
                run: () => box.goTo(next),
              }}
            />
          )}
          <Button onClick={onEnd}>{i18n._('Stop')}</Button>
          {counts.later > 0 && <Button onClick={() => box.forget()}>{i18n._('Begin anew')}</Button>}
        </Group>
      </Stack>
    </Paper>
  );
}
