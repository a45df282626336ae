// The source's text in an editor with line numbers: each question's lines carry its state, and room is made below them
// where the question beside them is taller.
import { defaultKeymap, history, historyKeymap } from '@codemirror/commands';
import { setDiagnostics, type Diagnostic } from '@codemirror/lint';
import {
  EditorState,
  RangeSetBuilder,
  StateEffect,
  type Extension,
  type Text,
} from '@codemirror/state';
import { Decoration, EditorView, keymap, WidgetType, type DecorationSet } from '@codemirror/view';
import { decorationField } from './decoration-field';
import type { PointedLine } from './LineMenu';
import { lineNoteField, pointing, setLineNotes, type LineNote } from './text-pointing';

/** A question's lines, from 1, with its state and the room that it needs below them, in pixels. */
export type TextBlock = {
  from: number;
  to: number;
  state: 'fine' | 'warn' | 'block' | 'aside';
  room: number;
};

class Room extends WidgetType {
  constructor(readonly height: number) {
    super();
  }
  override eq(other: Room): boolean {
    return other.height === this.height;
  }
  override get estimatedHeight(): number {
    return this.height;
  }
  toDOM(): HTMLElement {
    const element = document.createElement('div');
    element.style.height = `${this.height}px`;
    element.setAttribute('aria-hidden', 'true');
    return element;
  }
}

/** Formatting of the source, shown as it was: a stretch of a line, counted from 0. */
export type TextLook = { line: number; from: number; to: number; look: string };
const setLooks = StateEffect.define<readonly TextLook[]>();
const lookField = decorationField(setLooks, (doc, looks) => {
  const marks = looks.flatMap(({ line, from, to, look }) => {
    if (line > doc.lines) {
      return [];
    }
    const at = doc.line(line);
    return to > from && to <= at.length
      ? [Decoration.mark({ class: `t-${look}` }).range(at.from + from, at.from + to)]
      : [];
  });
  return Decoration.set(marks, true);
});

const setBlocks = StateEffect.define<readonly TextBlock[]>();
const LINE = {
  fine: Decoration.line({ class: 'q-line q-fine' }),
  warn: Decoration.line({ class: 'q-line q-warn' }),
  block: Decoration.line({ class: 'q-line q-block' }),
  aside: Decoration.line({ class: 'q-aside' }),
};

function decorate(doc: Text, blocks: readonly TextBlock[]): DecorationSet {
  const builder = new RangeSetBuilder<Decoration>();
  for (const { from, to, state, room } of blocks) {
    if (from > doc.lines) {
      break;
    }
    for (let n = from; n <= Math.min(to, doc.lines); n++) {
      const at = doc.line(n).from;
      builder.add(at, at, LINE[state]);
    }
    const end = doc.line(Math.min(to, doc.lines)).to;
    if (room > 0) {
      builder.add(end, end, Decoration.widget({ widget: new Room(room), block: true, side: 1 }));
    }
  }
  return builder.finish();
}

const blockField = decorationField(setBlocks, decorate);

const look = EditorView.theme({
  '&': { height: '100%', fontSize: '13.5px', backgroundColor: 'var(--sheet)', color: 'var(--ink)' },
  '.cm-scroller': { fontFamily: 'var(--mono)', lineHeight: '1.55' },
  '.cm-content': { caretColor: 'var(--ink)', padding: '6px 0' },
  '.cm-cursor': { borderLeftColor: 'var(--ink)' },
  '.cm-gutters': {
    backgroundColor: 'var(--gutter)',
    color: 'var(--ink-soft)',
    borderRight: '1px solid var(--line-soft)',
  },
  '.cm-line': { padding: '0 10px 0 8px', borderLeft: '3px solid transparent' },
  '.q-fine': { borderLeftColor: 'var(--leaf)' },
  '.q-warn': { borderLeftColor: 'var(--cowslip)' },
  '.q-block': { borderLeftColor: 'var(--brick)', backgroundColor: 'var(--brick-wash)' },
  '.t-bold': { fontWeight: '700' },
  '.t-italic': { fontStyle: 'italic' },
  '.t-underline': { textDecoration: 'underline' },
  '.t-mark': { backgroundColor: 'var(--slate-wash)' },
  '.t-sup': { verticalAlign: 'super', fontSize: '0.75em' },
  '.t-sub': { verticalAlign: 'sub', fontSize: '0.75em' },
  '.cm-lineNumbers .cm-gutterElement': { cursor: 'pointer' },
  '.cm-lineNumbers .cm-gutterElement:hover': { color: 'var(--ink)', textDecoration: 'underline' },
  '.q-said': { backgroundColor: 'var(--slate-wash)' },
  '.q-said::after': {
    content: 'attr(data-said)',
    float: 'right',
    fontSize: '12px',
    fontFamily: 'var(--text)',
    color: 'var(--ink-soft)',
  },
  '.q-aside': { color: 'var(--ink-soft)', fontStyle: 'italic' },
  '&.cm-focused': { outline: 'none' },
  '&.cm-focused .cm-selectionBackground, .cm-selectionBackground': {
    backgroundColor: 'var(--slate-wash) !important',
  },
  '.cm-lintRange-error': { backgroundImage: 'none', textDecoration: 'underline wavy var(--brick)' },
  '.cm-lintRange-warning': {
    backgroundImage: 'none',
    textDecoration: 'underline wavy var(--cowslip)',
  },
  '.cm-tooltip': {
    backgroundColor: 'var(--sheet)',
    color: 'var(--ink)',
    border: '1px solid var(--line)',
  },
});

export type TextEditor = {
  view: EditorView;
  show(blocks: readonly TextBlock[]): void;
  dress(looks: readonly TextLook[]): void;
  note(notes: readonly LineNote[]): void;
  /** Marks lines, from 1, with what is wrong there. */
  tell(notes: readonly { line: number; level: 'note' | 'warn' | 'block'; message: string }[]): void;
};

/** `onChange` hears every edit, `onMove` every scroll or change of height. */
export type EditorWishes = {
  text: string;
  label: string;
  onChange: (text: string) => void;
  onMove: () => void;
  /** A line's number was pressed, or Ctrl+. at the line of the cursor. */
  onPoint: (pointed: PointedLine) => void;
};

/** Ctrl+Enter is the next act of the place, as everywhere. */
const KEYS = defaultKeymap.filter(({ key }) => key !== 'Mod-Enter');

const SEVERITY = { block: 'error', warn: 'warning', note: 'info' } as const;

/** Opens an editor in an element of the page. */
export function openTextEditor(
  parent: HTMLElement,
  { text, label, onChange, onMove, onPoint }: EditorWishes,
): TextEditor {
  const extensions: Extension = [
    pointing(onPoint),
    history(),
    keymap.of([...KEYS, ...historyKeymap]),
    EditorView.lineWrapping,
    blockField,
    lookField,
    lineNoteField,
    look,
    EditorView.contentAttributes.of({ 'aria-label': label, spellcheck: 'false', tabindex: '0' }),
    EditorView.updateListener.of((update) => {
      if (update.docChanged) {
        onChange(update.state.doc.toString());
      }
      if (update.geometryChanged || update.viewportChanged) {
        onMove();
      }
    }),
    EditorView.domEventHandlers({
      scroll: () => {
        onMove();
      },
    }),
  ];
  const view = new EditorView({ parent, state: EditorState.create({ doc: text, extensions }) });
  view.scrollDOM.addEventListener('scroll', onMove, { passive: true });
  return {
    view,
    show: (blocks) => view.dispatch({ effects: setBlocks.of(blocks) }),
    note: (notes) => view.dispatch({ effects: setLineNotes.of(notes) }),
    dress: (looks) => view.dispatch({ effects: setLooks.of(looks) }),
    tell(notes) {
      const { doc } = view.state;
      const marks = notes
        .filter(({ line }) => line >= 1 && line <= doc.lines)
        .map(({ line, level, message }): Diagnostic => {
          const { from, to } = doc.line(line);
          return {
            from,
            to,
            severity: SEVERITY[level],
            message,
          };
        });
      view.dispatch(setDiagnostics(view.state, marks));
    },
  };
}
