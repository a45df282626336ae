// The seam of running text: its lines in an editor at the left, each question beside the lines it was read from.
import { Text } from '@mantine/core';
import { useLayoutEffect, useMemo, useRef } from 'react';
import type { EditorView } from '@codemirror/view';
import { useActs } from '../state/acts';
import { useGather } from '../state/gather';
import { LineMenu } from './LineMenu';
import { Understood } from './Understood';
import { useBeside, type Beside } from './use-beside';
import { useRooms } from './use-rooms';
import { useAside, useMarks, useTextEditor } from './use-text-editor';
import { i18n } from '../../languages';

/** Lines above and below those in view whose questions are drawn too. */
const ABOVE = 30;
const BELOW = 5;
/** A question stands a little below the top of its first line. */
const DROP = 6;

/** A question at its place; tells its height once it is drawn. */
function Placed({
  beside,
  top,
  onHeight,
}: {
  beside: Beside;
  top: number;
  onHeight: (id: string, height: number) => void;
}) {
  const element = useRef<HTMLDivElement>(null);
  useLayoutEffect(() => {
    const drawn = element.current;
    if (!drawn) {
      return undefined;
    }
    // A form that opens in it, or a text that unfolds, makes it higher without drawing it anew.
    const tell = (): void => onHeight(beside.item.id, drawn.offsetHeight);
    tell();
    const watch = new ResizeObserver(tell);
    watch.observe(drawn);
    return () => watch.disconnect();
  });
  return (
    <div
      ref={element}
      className={`beside ${beside.state}`}
      style={{ transform: `translateY(${top}px)` }}
    >
      <Understood item={beside.item} n={beside.n} findings={beside.findings} />
    </div>
  );
}

/** The questions whose lines are in view, with the pixels of their top. */
function inView(view: EditorView, besides: readonly Beside[]): { beside: Beside; top: number }[] {
  const { doc } = view.state;
  const lineAt = (at: number): number => doc.lineAt(Math.min(at, doc.length)).number;
  const first = lineAt(view.viewport.from) - ABOVE;
  const last = lineAt(view.viewport.to) + BELOW;
  return besides
    .filter(({ from, to }) => to >= first && from <= last && from <= doc.lines)
    .map((beside) => ({ beside, top: view.lineBlockAt(doc.line(beside.from).from).top + DROP }));
}

const NOTHING_YET = i18n._(
  'No question was understood yet. Put a number before each question, a letter before each option and a star at the right one.',
);

export function TextSeam() {
  const { name } = useGather();
  const besides = useBeside();
  const aside = useAside();
  const { host, editor, moved, onMove, pointed, pointAtCursor, leavePointed } = useTextEditor();
  useActs('text-seam', [
    {
      label: i18n._('Say what this line is'),
      words: i18n._('A question begins here, an option, an answer, a heading, no part'),
      run: pointAtCursor,
    },
  ]);
  const onHeight = useRooms(editor, besides, aside, onMove);
  useMarks(editor, besides);
  const view = editor.current?.view;
  const shown = useMemo(() => {
    void moved;
    return view ? inView(view, besides) : [];
  }, [view, besides, moved]);
  return (
    <div className="panel text-seam">
      <LineMenu pointed={pointed} onClose={leavePointed} />
      <div className="text-source" ref={host} data-testid="text-source" />
      <div
        className="text-beside"
        role="list"
        aria-label={i18n._('What was understood of {name}', { name })}
        onWheel={(event) => {
          if (view) {
            view.scrollDOM.scrollTop += event.deltaY;
          }
        }}
      >
        <div style={{ transform: `translateY(${-(view?.scrollDOM.scrollTop ?? 0)}px)` }}>
          {shown.map(({ beside, top }) => (
            <div role="listitem" key={beside.item.id}>
              <Placed beside={beside} top={top} onHeight={onHeight} />
            </div>
          ))}
        </div>
        {!besides.length && (
          <Text c="dimmed" className="aside-why">
            {NOTHING_YET}
          </Text>
        )}
      </div>
    </div>
  );
}
