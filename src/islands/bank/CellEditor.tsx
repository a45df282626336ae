// The text of one cell while it is typed, with its length against the strictest receiver in view; a kind is chosen.
import { Select } from '@mantine/core';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { KINDS, type Item } from '../../core/model';
import { kindName } from '../../core/shared/kind-names';
import { lengthOf } from '../../core/shared/lengths';
import type { CellField } from '../parts/cells';
import { bankState } from '../state/bank';
import { draftOf, keepDraft } from '../state/draft';
import type { Move } from './grid-types';
import { i18n } from '../../languages';

/** Typing pauses so long before it is kept aside, so that a crash in mid-typing can be told of and undone. */
const KEEP_AFTER_MS = 400;
/** A cell's text is shown in so many lines, of so many signs each. */
const LEAST_LINES = 2;
const MOST_LINES = 6;
const LINE_SIGNS = 34;

const LIMITED = new Set<string>(['stem', 'hint', 'explanation']);

/** The smallest limit that a chosen layout sets for a column; undefined where none does. */
export function strictest(field: string): { most: number; name: string } | undefined {
  const name = field.startsWith('options.') ? 'option' : field;
  if (name !== 'option' && !LIMITED.has(name)) {
    return undefined;
  }
  const limits = bankState().layouts.flatMap(({ chosen, layout }) => {
    const most = layout.limits[name as 'stem'];
    const takes = layout.columns.some(({ role }) => role === name);
    return chosen && most && takes ? [{ most, name: layout.name }] : [];
  });
  return limits.sort((a, b) => a.most - b.most)[0];
}

type Props = {
  item: Item;
  initial: string;
  /** Whether the typing began with a key, so that its text is only that key. */
  isStarted: boolean;
  field: CellField;
  title: string;
  /** Resolves when the disk has the text. */
  onCommit: (text: string, move: Move) => Promise<void>;
  onCancel: () => void;
};

/** The text, taken over once: by a key, by leaving the cell, or because its row goes away while it is typed in. */
function useText({ item, initial, field, onCommit, onCancel }: Props) {
  const [text, setText] = useState(initial);
  const done = useRef(false);
  const latest = useRef({ text, onCommit });
  useEffect(() => {
    latest.current = { text, onCommit };
  });
  useEffect(
    () => () => {
      if (!done.current && latest.current.text !== initial) {
        done.current = true;
        const forget = draftOf(item.id, field);
        void latest.current.onCommit(latest.current.text, 'none').then(forget);
      }
    },
    [initial, item.id, field],
  );
  useEffect(() => {
    const timer = setTimeout(() => {
      if (text !== initial) {
        keepDraft(item.id, field, text);
      }
    }, KEEP_AFTER_MS);
    return () => clearTimeout(timer);
  }, [text, initial, field, item.id]);
  const end = (act: () => Promise<void>): void => {
    if (!done.current) {
      done.current = true;
      void act().then(draftOf(item.id, field));
    }
  };
  return {
    text,
    setText,
    finish: (move: Move, chosen = latest.current.text) =>
      end(() => latest.current.onCommit(chosen, move)),
    cancel: () => end(() => Promise.resolve(onCancel())),
  };
}

/** Where a key leads out of the cell; undefined where it belongs to the text. */
function leaving(event: KeyboardEvent): Move | 'cancel' | undefined {
  switch (event.key) {
    case 'Enter':
      return event.altKey || event.shiftKey ? undefined : 'down';
    case 'Tab':
      return event.shiftKey ? 'left' : 'right';
    case 'Escape':
      return 'cancel';
    default:
      return undefined;
  }
}

function Counter({ text, field }: { text: string; field: CellField }) {
  const limit = strictest(field);
  if (!limit) {
    return null;
  }
  const length = lengthOf(text, undefined);
  const over = length - limit.most;
  return (
    <span className={`counter mono ${over > 0 ? 'over' : ''}`}>
      {i18n._(
        '{length, number} of {most, number}{isOver, select, true {, {over, number} over for {name}} other {}}',
        { length, most: limit.most, isOver: over > 0, over, name: limit.name },
      )}
    </span>
  );
}

const KIND_CHOICES = KINDS.map((kind) => ({ value: kindName(kind), label: kindName(kind) }));

/** The kind of a question: chosen from a list, or typed until it is found there. */
function KindEditor(props: Props) {
  const { initial, isStarted, title } = props;
  const { finish, cancel } = useText(props);
  const [search, setSearch] = useState(isStarted ? initial : '');
  const press = (event: KeyboardEvent): void => {
    event.stopPropagation();
    if (event.key === 'Escape') {
      event.preventDefault();
      cancel();
    }
  };
  return (
    <span className="editor">
      <Select
        aria-label={title}
        autoFocus
        searchable
        selectFirstOptionOnChange
        defaultDropdownOpened
        size="xs"
        w={210}
        placeholder={isStarted ? undefined : initial}
        data={KIND_CHOICES}
        value={isStarted ? null : initial}
        searchValue={search}
        onSearchChange={setSearch}
        comboboxProps={{ withinPortal: true }}
        onChange={(kind) => kind && finish('none', kind)}
        onBlur={cancel}
        onKeyDown={press}
      />
    </span>
  );
}

function TextEditor(props: Props) {
  const { field, title } = props;
  const { text, setText, finish, cancel } = useText(props);
  const box = useRef<HTMLTextAreaElement>(null);
  useEffect(() => {
    const area = box.current!;
    area.focus();
    area.setSelectionRange(area.value.length, area.value.length);
  }, []);
  const press = (event: KeyboardEvent): void => {
    event.stopPropagation();
    const move = leaving(event);
    if (move === undefined) {
      return;
    }
    event.preventDefault();
    if (move === 'cancel') {
      cancel();
    } else {
      finish(move);
    }
  };
  const lines = Math.ceil(text.length / LINE_SIGNS);
  return (
    <span className="editor">
      <textarea
        ref={box}
        aria-label={title}
        value={text}
        rows={Math.min(MOST_LINES, Math.max(LEAST_LINES, lines))}
        spellCheck
        onChange={(event) => setText(event.target.value)}
        onBlur={() => finish('none')}
        onMouseDown={(event) => event.stopPropagation()}
        onKeyDown={press}
      />
      <Counter text={text} field={field} />
    </span>
  );
}

export const CellEditor = (props: Props) =>
  props.field === 'kind' ? <KindEditor {...props} /> : <TextEditor {...props} />;
