// Lists that are put in order by hand: what drags in them, and the handle by which a member is dragged, lifted or moved.
import { KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import { sortableKeyboardCoordinates, type useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { UnstyledButton } from '@mantine/core';
import type { CSSProperties, KeyboardEvent } from 'react';
import { quoted } from '../../core/shared/plain';
import { i18n } from '../../languages';

/** A pointer that moves less than this presses, and does not drag. */
export const DRAG_PIXELS = 6;

/** Pointer and keys, for the lists whose members stand one below the other. */
export const useSortSensors = () =>
  useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: DRAG_PIXELS } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );

export type Sorting = ReturnType<typeof useSortable>;

/** Where a member is drawn while it, or one beside it, is on its way. */
export const styleOf = ({ transform, transition }: Sorting): CSSProperties => ({
  transform: CSS.Translate.toString(transform),
  transition,
});

/** Hears Alt with an arrow up or down, and keeps it from whatever stands around, where `move` took it. */
export const onAltArrow =
  (move: (down: boolean) => boolean) =>
  (event: KeyboardEvent): void => {
    const isArrow = event.key === 'ArrowDown' || event.key === 'ArrowUp';
    if (event.altKey && isArrow && move(event.key === 'ArrowDown')) {
      event.preventDefault();
      event.stopPropagation();
    }
  };

/** The handle of a member, named by its text. */
export function DragHandle({ sorting, text, id }: { sorting: Sorting; text: string; id?: number }) {
  return (
    <UnstyledButton
      ref={sorting.setActivatorNodeRef}
      className="handle"
      {...sorting.attributes}
      {...sorting.listeners}
      data-handle={id}
      aria-label={i18n._('Move {text}', { text: quoted(text, 40) })}
      title={i18n._('Drag, or Alt and an arrow; Space lifts it')}
    >
      ⠿
    </UnstyledButton>
  );
}
