// The tree of categories: renamed in place, moved by dragging or by choosing, shown.
import {
  DndContext,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { Select, Text } from '@mantine/core';
import IconGripVertical from '@tabler/icons-react/dist/esm/icons/IconGripVertical.mjs';
import { isWithin, type CategoryNode, type ManyChange } from '../../../core/banks';
import { CommitText } from '../../parts/Commit';
import { LinkButton } from '../../parts/LinkButton';
import { DRAG_PIXELS } from '../../parts/Sortable';
import { i18n } from '../../../languages';

const STEP = ' > ';
const TOP = '';
const INDENT = 18;

const wordsOf = (path: readonly string[]): string => path.join(STEP);
const flat = (nodes: readonly CategoryNode[]): CategoryNode[] =>
  nodes.flatMap((node) => [node, ...flat(node.children)]);

type Acts = { onChange: (change: ManyChange) => void; onShow: (words: string) => void };

/** Where a category may go: to the top, or below any that is not itself or below it. */
const placesFor = (node: CategoryNode, all: readonly CategoryNode[]) => [
  { value: TOP, label: i18n._('at the top') },
  ...all
    .filter(({ path }) => !isWithin(path, node.path))
    .map(({ path }) => ({
      value: wordsOf(path),
      label: i18n._('below {wordsOf}', { wordsOf: wordsOf(path) }),
    })),
];

function move(node: CategoryNode, below: readonly string[], onChange: Acts['onChange']): void {
  const to = [...below, node.name];
  if (!isWithin(below, node.path) && wordsOf(to) !== wordsOf(node.path)) {
    onChange({ is: 'move-category', from: node.path, to });
  }
}

function Row({
  node,
  all,
  onChange,
  onShow,
}: { node: CategoryNode; all: readonly CategoryNode[] } & Acts) {
  const words = wordsOf(node.path);
  const { setNodeRef: dropRef, isOver } = useDroppable({ id: words });
  const { setNodeRef: dragRef, listeners, transform } = useDraggable({ id: words });
  const parent = node.path.slice(0, -1);
  return (
    <div
      ref={dropRef}
      role="listitem"
      className={`order-row${isOver ? ' over' : ''}`}
      style={{ paddingLeft: (node.path.length - 1) * INDENT }}
    >
      <span
        ref={dragRef}
        className="grip"
        aria-hidden
        style={
          transform
            ? {
                transform: `translate(${transform.x}px, ${transform.y}px)`,
              }
            : undefined
        }
        {...listeners}
      >
        <IconGripVertical size={14} />
      </span>
      <CommitText
        aria-label={i18n._('Category {words}', { words })}
        style={{ flex: 1 }}
        value={node.name}
        onCommit={(text) => {
          if (!text) {
            return false;
          }
          onChange({ is: 'move-category', from: node.path, to: [...parent, text] });
          return true;
        }}
      />
      <LinkButton
        fz={13}
        miw={26}
        aria-label={i18n._('Show the {all, number} of {words}', { all: node.all, words })}
        onClick={() => onShow(words)}
      >
        <span className="mono">{node.all}</span>
      </LinkButton>
      <Select
        aria-label={i18n._('Where {words} goes', { words })}
        size="xs"
        w={128}
        searchable
        allowDeselect={false}
        value={wordsOf(parent)}
        data={placesFor(node, all)}
        onChange={(place) => move(node, (place ?? TOP).split(STEP).filter(Boolean), onChange)}
      />
    </div>
  );
}

export function Categories({ tree, onChange, onShow }: { tree: readonly CategoryNode[] } & Acts) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: DRAG_PIXELS } }),
  );
  const all = flat(tree);
  const drop = ({ active, over }: DragEndEvent): void => {
    const node = all.find(({ path }) => wordsOf(path) === active.id);
    const below = all.find(({ path }) => wordsOf(path) === over?.id);
    if (node && below) {
      move(node, below.path, onChange);
    }
  };
  if (!all.length) {
    return <Text c="dimmed">{i18n._('No question lies in a category.')}</Text>;
  }
  return (
    <DndContext sensors={sensors} onDragEnd={drop}>
      <div role="list" className="order-list" tabIndex={0} aria-label={i18n._('Categories')}>
        {all.map((node) => (
          <Row key={wordsOf(node.path)} node={node} all={all} onChange={onChange} onShow={onShow} />
        ))}
      </div>
    </DndContext>
  );
}
