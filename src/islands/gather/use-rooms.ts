// Room below a question's lines where the question beside them is taller than they are.
import { useCallback, useEffect, useRef, type RefObject } from 'react';
import type { EditorView } from '@codemirror/view';
import type { TextBlock, TextEditor } from './text-editor';
import { guessHeight, type Beside } from './use-beside';

/** Between one question and the next. */
const GAP = 6;
/** Lines beyond those in view whose true height is asked for. */
const NEAR = 40;
/** A smaller difference is not worth drawing anew. */
const SAME = 2;

const inOrder = (blocks: TextBlock[]): TextBlock[] => blocks.sort((a, b) => a.from - b.from);

/** The lines that are in view, with some around them. */
function nearLines({ state: { doc }, viewport }: EditorView): { first: number; last: number } {
  const line = (at: number): number => doc.lineAt(Math.min(at, doc.length)).number;
  return { first: line(viewport.from) - NEAR, last: line(viewport.to) + NEAR };
}

/** How much room each question needs below its lines. Lines far from view are reckoned by their number. */
function roomsFor(
  view: EditorView,
  besides: readonly Beside[],
  heights: ReadonlyMap<string, number>,
  before: readonly number[],
): number[] {
  const { doc } = view.state;
  const top = (line: number): number =>
    view.lineBlockAt(doc.line(Math.min(line, doc.lines)).from).top;
  const { first, last } = nearLines(view);
  return besides.map((beside, index) => {
    const end = besides[index + 1]?.from ?? doc.lines + 1;
    const isNear = end >= first && beside.from <= last && end <= doc.lines;
    const own = isNear
      ? Math.max(0, top(end) - top(beside.from) - (before[index] ?? 0))
      : (end - beside.from) * view.defaultLineHeight;
    const wanted = heights.get(beside.item.id) ?? guessHeight(beside);
    return Math.max(0, Math.ceil(wanted + GAP - own));
  });
}

const isSame = (a: readonly number[], b: readonly number[]): boolean =>
  a.length === b.length && a.every((room, index) => Math.abs(room - b[index]!) < SAME);

/** Keeps the room right while questions are drawn and change; gives what hears a question's height. */
export function useRooms(
  editor: RefObject<TextEditor | undefined>,
  besides: readonly Beside[],
  aside: readonly TextBlock[],
  onMove: () => void,
): (id: string, height: number) => void {
  const heights = useRef(new Map<string, number>());
  const rooms = useRef<readonly number[]>([]);
  const pending = useRef(0);

  const show = useCallback(
    (next: readonly number[]) => {
      rooms.current = next;
      const blocks = besides.map(({ from, to, state }, index) => ({
        from,
        to,
        state,
        room: next[index]!,
      }));
      editor.current?.show(inOrder([...aside, ...blocks]));
    },
    [editor, besides, aside],
  );
  const make = useCallback(
    (isAnew = false) => {
      const view = editor.current?.view;
      if (!view) {
        return;
      }
      const next = roomsFor(view, besides, heights.current, rooms.current);
      if (isAnew || !isSame(next, rooms.current)) {
        show(next);
      }
    },
    [editor, besides, show],
  );
  useEffect(() => {
    // As many questions as before keep the room that stands below them; else it is made anew from none.
    if (rooms.current.length !== besides.length) {
      show(besides.map(() => 0));
    }
    make(true);
    onMove();
  }, [besides, make, show, onMove]);

  return useCallback(
    (id: string, height: number) => {
      if (heights.current.get(id) === height) {
        return;
      }
      heights.current.set(id, height);
      cancelAnimationFrame(pending.current);
      pending.current = requestAnimationFrame(() => {
        make();
        onMove();
      });
    },
    [make, onMove],
  );
}
