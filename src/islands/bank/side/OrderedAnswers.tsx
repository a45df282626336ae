// The options of a question, or the steps and pairs of its answer, put in another order: dragged by their handles, or by Alt and the arrows.
import { closestCenter, DndContext, type DragEndEvent } from '@dnd-kit/core';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { useRef, type ReactNode } from 'react';
import type { Item } from '../../../core/model';
import { withAnswerMoved, type OrderedField } from '../../../core/shared/moved';
import { OptionWords, PickOption } from '../../parts/Answers';
import { DragHandle, onAltArrow, styleOf, useSortSensors } from '../../parts/Sortable';
import { changeItems } from '../../state/bank';
import { i18n } from '../../../languages';

type Listed = { field: OrderedField; texts: string[] };

/** What of a question stands in an order that a person may change; undefined where there are not two of it. */
function listedOf({ options, steps, pairs }: Item): Listed | undefined {
  const found: (Listed | undefined)[] = [
    options && { field: 'options', texts: options.map(({ text }) => text.plain) },
    steps && { field: 'steps', texts: steps.map(({ plain }) => plain) },
    pairs && {
      field: 'pairs',
      texts: pairs.map(({ left, right }) => `${left.plain} – ${right.plain}`),
    },
  ];
  return found.find((list) => list !== undefined && list.texts.length > 1);
}

/** Whether a question's answers can be put in another order. */
export const canBeOrdered = (item: Item): boolean => listedOf(item) !== undefined;

function Movable({
  id,
  text,
  isRight,
  onMove,
  children,
}: {
  id: number;
  text: string;
  isRight: boolean;
  onMove: (down: boolean) => boolean;
  children: ReactNode;
}) {
  const sorting = useSortable({ id });
  return (
    <li
      ref={sorting.setNodeRef}
      className={`ordered ${isRight ? 'right-bar' : ''}`}
      style={styleOf(sorting)}
      onKeyDown={onAltArrow(onMove)}
    >
      <DragHandle sorting={sorting} text={text} id={id} />
      {children}
    </li>
  );
}

export function OrderedAnswers({
  item,
  onPick,
}: {
  item: Item;
  onPick: ((index: number) => void) | undefined;
}) {
  const list = useRef<HTMLOListElement>(null);
  const sensors = useSortSensors();
  const { field, texts } = listedOf(item)!;
  const move = (from: number, to: number): void => {
    if (to >= 0 && to < texts.length && from !== to) {
      void changeItems(i18n._('Order of answers of {ref}', { ref: item.ref }), [
        withAnswerMoved(item, field, from, to),
      ]);
      // The handle goes along with what it moves.
      requestAnimationFrame(() =>
        list.current?.querySelector<HTMLElement>(`[data-handle="${to + 1}"]`)?.focus(),
      );
    }
  };
  const drop = ({ active, over }: DragEndEvent): void => {
    if (over) {
      move(Number(active.id) - 1, Number(over.id) - 1);
    }
  };
  const ids = texts.map((_, at) => at + 1);
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <ol ref={list} className="answers stacked">
          {texts.map((text, at) => {
            const option = item.options?.[at];
            return (
              <Movable
                key={at}
                id={at + 1}
                text={text}
                isRight={option ? option.right : true}
                onMove={(down) => {
                  move(at, at + (down ? 1 : -1));
                  return true;
                }}
              >
                {option && onPick && (
                  <PickOption option={option} index={at} isStacked onPick={onPick} />
                )}
                {option && !onPick && <OptionWords option={option} index={at} isStacked />}
                {!option && (
                  <span>
                    <span className="mono letter">{at + 1}</span> {text}
                  </span>
                )}
              </Movable>
            );
          })}
        </ol>
      </SortableContext>
    </DndContext>
  );
}
