// The text of one cell while it is typed, with its length against the strictest receiver in view.
import { useEffect, useRef, useState } from 'react';
import type { CellField } from '../parts/item-cells';
import { lengthOf } from '../../core/shared/lengths';
import { bankState } from '../state/bank';
import { dropDraft, keepDraft } from '../state/draft';

/** The smallest limit that a chosen layout sets for a column; undefined where none does. */
export function strictest(field: string): { most: number; name: string } | undefined {
  const name = field.startsWith('options.')
    ? 'option'
    : field === 'stem' || field === 'hint' || field === 'explanation'
      ? field
      : undefined;
  if (!name) {
    return undefined;
  }
  return bankState()
    .layouts.filter(
      (kept) =>
        kept.chosen &&
        kept.layout.limits[name] &&
        kept.layout.columns.some((column) => column.role === name),
    )
    .map((kept) => ({ most: kept.layout.limits[name]!, name: kept.layout.name }))
    .sort((a, b) => a.most - b.most)[0];
}

export function CellEditor({
  item,
  initial,
  field,
  title,
  onCommit,
  onCancel,
}: {
  item: string;
  initial: string;
  field: CellField;
  title: string;
  onCommit: (text: string, move: 'down' | 'right' | 'left' | 'none') => void;
  onCancel: () => void;
}) {
  const [text, setText] = useState(initial);
  const box = useRef<HTMLTextAreaElement>(null);
  const done = useRef(false);
  const latest = useRef({ text, onCommit });
  useEffect(() => {
    latest.current = { text, onCommit };
  });
  // A row that goes away while it is typed in (scrolled off, removed by another tab) takes no text with it.
  useEffect(
    () => () => {
      if (!done.current && latest.current.text !== initial) {
        done.current = true;
        latest.current.onCommit(latest.current.text, 'none');
      }
    },
    [initial],
  );
  useEffect(() => {
    const area = box.current!;
    area.focus();
    area.setSelectionRange(area.value.length, area.value.length);
  }, []);
  useEffect(() => {
    // What is being typed is kept aside, so that a crash in mid-typing can be told of and undone.
    const timer = setTimeout(() => {
      if (text !== initial) {
        keepDraft(item, field, text);
      }
    }, 400);
    return () => clearTimeout(timer);
  }, [text, initial, field, item]);
  const finish = (move: 'down' | 'right' | 'left' | 'none'): void => {
    if (done.current) {
      return;
    }
    done.current = true;
    dropDraft(item, field);
    latest.current.onCommit(latest.current.text, move);
  };
  const limit = strictest(field);
  const length = limit ? lengthOf(text, undefined) : 0;
  return (
    <span className="editor">
      <textarea
        ref={box}
        aria-label={title}
        value={text}
        rows={Math.min(6, Math.max(2, Math.ceil(text.length / 34)))}
        spellCheck
        onChange={(event) => setText(event.target.value)}
        onBlur={() => finish('none')}
        onMouseDown={(event) => event.stopPropagation()}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === 'Enter' && !event.altKey && !event.shiftKey) {
            event.preventDefault();
            finish('down');
          } else if (event.key === 'Tab') {
            event.preventDefault();
            finish(event.shiftKey ? 'left' : 'right');
          } else if (event.key === 'Escape') {
            event.preventDefault();
            done.current = true;
            dropDraft(item, field);
            onCancel();
          }
        }}
      />
      {limit && (
        <span className={`counter mono ${length > limit.most ? 'over' : ''}`}>
          {length} of {limit.most}
          {length > limit.most ? `, ${length - limit.most} over for ${limit.name}` : ''}
        </span>
      )}
    </span>
  );
}
