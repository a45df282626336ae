// The seam of running text: its lines in an editor at the left, each question beside the lines it was read from.
import { useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { Finding, Item } from '../../core/model';
import { editText, gatherState, useGather } from '../state/gather';
import { worst } from '../parts/Finding';
import { openTextEditor, type TextBlock, type TextEditor } from './text-editor';
import { Understood } from './Understood';
import { useFindingsByItem } from './use-findings';

type Beside = {
  item: Item;
  n: number;
  from: number;
  to: number;
  findings: readonly Finding[];
  state: 'fine' | 'warn' | 'block';
};
const GAP = 6;
const inOrder = (blocks: TextBlock[]): TextBlock[] => blocks.sort((a, b) => a.from - b.from);

/** What a question will take in height before it is drawn once. */
function guessHeight({ item, findings }: Beside): number {
  const answers = (item.options ?? []).reduce(
    (sum, option) => sum + option.text.plain.length + 8,
    0,
  );
  return (
    34 +
    21 * Math.ceil((item.stem.plain.length + 1) / 58) +
    25 * Math.ceil((answers + 1) / 56) +
    findings.reduce((sum, finding) => sum + 14 + 19 * Math.ceil(finding.message.length / 62), 0) +
    (item.media?.length ? 90 : 0)
  );
}

function useBeside(): Beside[] {
  const { items, answer } = useGather();
  const byItem = useFindingsByItem();
  return useMemo(() => {
    return items.map((item, index) => {
      const own = byItem.get(item.id) ?? [];
      const block = answer?.blocks?.[index];
      const level = worst(own.filter((finding) => finding.level !== 'note'));
      return {
        item,
        n: index + 1,
        from: block?.from ?? item.origin?.row ?? 1,
        to: block?.to ?? item.origin?.row ?? 1,
        findings: own,
        state: level === 'block' ? 'block' : level === 'warn' ? 'warn' : 'fine',
      };
    });
  }, [items, byItem, answer]);
}

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
    if (element.current) {
      onHeight(beside.item.id, element.current.offsetHeight);
    }
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

export function TextSeam() {
  const { answer, name, findings } = useGather();
  const besides = useBeside();
  const host = useRef<HTMLDivElement>(null);
  const editor = useRef<TextEditor | undefined>(undefined);
  const heights = useRef(new Map<string, number>());
  const rooms = useRef<number[]>([]);
  const [moved, setMoved] = useState(0);
  const onMove = useCallback(() => setMoved((n) => n + 1), []);

  useEffect(() => {
    const opened = openTextEditor(
      host.current!,
      gatherState().edited ?? gatherState().answer?.text ?? '',
      `Text of ${name}`,
      editText,
      onMove,
    );
    editor.current = opened;
    onMove();
    return () => {
      editor.current = undefined;
      opened.view.destroy();
    };
  }, [name, onMove]);

  /** Lines that were left out, set back in the text. */
  const aside = useMemo(
    () =>
      findings.flatMap(({ rule, where }): TextBlock[] =>
        rule === 'line-left-out' && where?.line
          ? [{ from: where.line, to: where.line, state: 'aside', room: 0 }]
          : [],
      ),
    [findings],
  );

  /** Room below a question's lines where the question itself is taller than they are. */
  const makeRoom = useCallback(
    (anew = false) => {
      const open = editor.current;
      if (!open) {
        return;
      }
      const { view } = open;
      const { doc } = view.state;
      const top = (line: number): number =>
        view.lineBlockAt(doc.line(Math.min(line, doc.lines)).from).top;
      const first = doc.lineAt(Math.min(view.viewport.from, doc.length)).number - 40;
      const last = doc.lineAt(Math.min(view.viewport.to, doc.length)).number + 40;
      // Lines far from view are reckoned by their number; those in view are asked for their true height.
      const next = besides.map((beside, index) => {
        const end = besides[index + 1]?.from ?? doc.lines + 1;
        const isNear = end >= first && beside.from <= last && end <= doc.lines;
        const own = isNear
          ? Math.max(0, top(end) - top(beside.from) - (rooms.current[index] ?? 0))
          : (end - beside.from) * view.defaultLineHeight;
        return Math.max(
          0,
          Math.ceil((heights.current.get(beside.item.id) ?? guessHeight(beside)) + GAP - own),
        );
      });
      if (
        !anew &&
        next.length === rooms.current.length &&
        next.every((room, index) => Math.abs(room - rooms.current[index]!) < 2)
      ) {
        return;
      }
      rooms.current = next;
      open.show(
        inOrder([
          ...aside,
          ...besides.map(({ from, to, state }, index) => ({ from, to, state, room: next[index]! })),
        ]),
      );
    },
    [besides, aside],
  );

  useEffect(() => {
    // As many questions as before keep the room that stands below them; else it is made anew from none.
    if (rooms.current.length !== besides.length) {
      if (rooms.current.some(Boolean)) {
        editor.current?.show(
          inOrder([
            ...aside,
            ...besides.map(({ from, to, state }) => ({ from, to, state, room: 0 })),
          ]),
        );
      }
      rooms.current = besides.map(() => 0);
    }
    makeRoom(true);
    onMove();
  }, [besides, aside, makeRoom, onMove]);
  useEffect(() => {
    editor.current?.dress(answer?.looks ?? []);
  }, [answer]);
  useEffect(() => {
    editor.current?.tell(
      findings
        .filter((finding) => finding.level !== 'note')
        .flatMap(({ level, message, where, item }) => {
          const line = where?.line ?? besides.find((beside) => beside.item.id === item)?.from;
          return line ? [{ line, level, message }] : [];
        }),
    );
  }, [findings, besides]);

  const pending = useRef(0);
  const onHeight = useCallback(
    (id: string, height: number) => {
      if (heights.current.get(id) === height) {
        return;
      }
      heights.current.set(id, height);
      cancelAnimationFrame(pending.current);
      pending.current = requestAnimationFrame(() => {
        makeRoom();
        onMove();
      });
    },
    [makeRoom, onMove],
  );

  const view = editor.current?.view;
  const shown = useMemo(() => {
    void moved;
    if (!view) {
      return [];
    }
    const { doc } = view.state;
    const first = doc.lineAt(Math.min(view.viewport.from, doc.length)).number;
    const last = doc.lineAt(Math.min(view.viewport.to, doc.length)).number;
    return besides
      .filter(({ from, to }) => to >= first - 30 && from <= last + 5 && from <= doc.lines)
      .map((beside) => ({ beside, top: view.lineBlockAt(doc.line(beside.from).from).top + 6 }));
  }, [view, besides, moved]);

  return (
    <div className="panel text-seam">
      <div className="text-source" ref={host} data-testid="text-source" />
      <div
        className="text-beside"
        role="list"
        aria-label={`What was understood of ${name}`}
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
          <p className="soft aside-why">
            {answer
              ? 'No question was understood yet. Put a number before each question, a letter before each option and a star at the right one.'
              : ''}
          </p>
        )}
      </div>
    </div>
  );
}
