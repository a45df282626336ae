// A question in its place in a set: dragged by its handle, moved by Alt and the arrows, held for the next draw, taken out.
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { Group, Text, UnstyledButton } from '@mantine/core';
import type { KeyboardEvent } from 'react';
import type { QuestionSet } from '../../core/model';
import { KIND_NAMES } from '../../core/shared/kind-names';
import { count, quoted } from '../../core/shared/plain';
import { pointsOf } from '../../core/shared/sets/facts';
import { LinkButton } from '../parts/LinkButton';
import { useBank } from '../state/bank';
import { holdInSet, moveInSet, takeOutOfSet, type Spot } from '../state/sets';

/** The place that Alt and an arrow lead to; undefined at the ends of the set. */
function nextSpot(
  { sections }: QuestionSet,
  { section, place }: Spot,
  down: boolean,
): Spot | undefined {
  const many = sections[section]!.items.length;
  if (down ? place + 1 < many : place > 0) {
    return { section, place: place + (down ? 1 : -1) };
  }
  const neighbour = section + (down ? 1 : -1);
  return sections[neighbour]
    ? { section: neighbour, place: down ? 0 : sections[neighbour].items.length }
    : undefined;
}

export function SetQuestion({ set, id, spot }: { set: QuestionSet; id: string; spot: Spot }) {
  const item = useBank((state) => state.items.find((one) => one.id === id));
  const {
    attributes,
    listeners,
    setNodeRef,
    setActivatorNodeRef,
    transform,
    transition,
    isDragging,
  } = useSortable({ id });
  const move = (event: KeyboardEvent): void => {
    const down = event.key === 'ArrowDown';
    const to =
      event.altKey && (down || event.key === 'ArrowUp') ? nextSpot(set, spot, down) : undefined;
    if (to) {
      event.preventDefault();
      event.stopPropagation();
      moveInSet(set.id, id, to);
    }
  };
  const stem = item?.stem.plain ?? 'This question is no longer in the bank.';
  const isHeld = set.held?.includes(id) === true;
  return (
    <li
      ref={setNodeRef}
      className={`set-question${isDragging ? ' dragging' : ''}`}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      onKeyDown={move}
    >
      <UnstyledButton
        ref={setActivatorNodeRef}
        className="handle"
        {...attributes}
        {...listeners}
        aria-label={`Move ${quoted(stem, 40)}`}
        title="Drag, or Alt and an arrow; Space lifts it"
      >
        ⠿
      </UnstyledButton>
      <Text component="span" size="sm" className="set-stem" c={item ? undefined : 'dimmed'}>
        {stem}
      </Text>
      <Group gap="xs" wrap="nowrap" className="set-about">
        {item && (
          <Text component="span" size="sm" c="dimmed">
            {KIND_NAMES[item.kind]}, {count(pointsOf(item), 'point')}
          </Text>
        )}
        {set.plan && (
          <LinkButton aria-pressed={isHeld} onClick={() => holdInSet(set.id, id, !isHeld)}>
            {isHeld ? 'Held' : 'Hold'}
          </LinkButton>
        )}
        <LinkButton onClick={() => takeOutOfSet(set.id, [id])}>Take out</LinkButton>
      </Group>
    </li>
  );
}
