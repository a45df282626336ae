// The editor's line numbers and Ctrl+. point at a line; what was said of lines stands at their ends.
import { StateEffect, StateField, type Extension } from '@codemirror/state';
import { Decoration, EditorView, keymap, lineNumbers, type DecorationSet } from '@codemirror/view';
import type { PointedLine } from './LineMenu';

/** What a person said of a line, shown at its end. */
export type LineNote = { line: number; words: string };
export const setLineNotes = StateEffect.define<readonly LineNote[]>();
export const lineNoteField = StateField.define<DecorationSet>({
  create: () => Decoration.none,
  update(decorations, transaction) {
    const set = transaction.effects.find((effect) => effect.is(setLineNotes));
    if (!set) {
      return decorations.map(transaction.changes);
    }
    const { doc } = transaction.state;
    const notes = set.value
      .filter(({ line }) => line <= doc.lines)
      .map(({ line, words }) =>
        Decoration.line({ class: 'q-said', attributes: { 'data-said': words } }).range(
          doc.line(line).from,
        ),
      );
    return Decoration.set(notes, true);
  },
  provide: (field) => EditorView.decorations.from(field),
});

/** Where a line stands in the window. */
export function pointedAt(view: EditorView, from: number): PointedLine {
  const { number, text } = view.state.doc.lineAt(from);
  const block = view.lineBlockAt(from);
  const { top, left } = view.contentDOM.getBoundingClientRect();
  return { line: number, text, left, top: top + block.top + view.defaultLineHeight };
}

/** Tells the line whose number is pressed, or that of the cursor at Ctrl+. */
export const pointing = (onPoint: (pointed: PointedLine) => void): Extension => [
  lineNumbers({
    domEventHandlers: {
      click: (view, line) => {
        onPoint(pointedAt(view, line.from));
        return true;
      },
    },
  }),
  keymap.of([
    {
      key: 'Mod-.',
      run: (view) => {
        // Opened within the key's own event the menu would hear of it, and close.
        setTimeout(() => onPoint(pointedAt(view, view.state.selection.main.head)));
        return true;
      },
    },
  ]),
];
