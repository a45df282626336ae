// A question in its place in a set: dragged by its handle, moved by Alt and the arrows, held for the next draw, taken out.
import { useSortable } from '@dnd-kit/sortable';
import { Group, Text } from '@mantine/core';
import type { QuestionSet } from '../../core/model';
import { kindName } from '../../core/shared/kind-names';
import { pointsOf } from '../../core/shared/sets/facts';
import { LinkButton } from '../parts/LinkButton';
import { DragHandle, onAltArrow, styleOf } from '../parts/Sortable';
import { useBank } from '../state/bank';
import { holdInSet, moveInSet, takeOutOfSet, type Spot } from '../state/sets';
import { i18n } from '../../languages';

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
  const sorting = useSortable({ id });
  const move = onAltArrow((down) => {
    const to = nextSpot(set, spot, down);
    if (to) {
      moveInSet(set.id, id, to);
    }
    return to !== undefined;
  });
  const stem = item?.stem.plain ?? i18n._('This question is no longer in the bank.');
  const isHeld = set.held?.includes(id) === true;
  return (
    <li
      ref={sorting.setNodeRef}
      className={`set-question${sorting.isDragging ? ' dragging' : ''}`}
      style={styleOf(sorting)}
      onKeyDown={move}
    >
      <DragHandle sorting={sorting} text={stem} />
      <Text component="span" size="sm" className="set-stem" c={item ? undefined : 'dimmed'}>
        {stem}
      </Text>
      <Group gap="xs" wrap="nowrap" className="set-about">
        {item && (
          <Text component="span" size="sm" c="dimmed">
            {kindName(item.kind)},{' '}
            {i18n._('{pointsOf, plural, one {# point} other {# points}}', {
              pointsOf: pointsOf(item),
            })}
          </Text>
        )}
        {set.plan && (
          <LinkButton aria-pressed={isHeld} onClick={() => holdInSet(set.id, id, !isHeld)}>
            {isHeld ? i18n._('Held') : i18n._('Hold')}
          </LinkButton>
        )}
        <LinkButton onClick={() => takeOutOfSet(set.id, [id])}>{i18n._('Take out')}</LinkButton>
      </Group>
    </li>
  );
}
