// The editor's line numbers and Ctrl+. point at a line; what was said of lines stands at their ends.
import { StateEffect, type Extension } from '@codemirror/state';
import { Decoration, keymap, lineNumbers, type EditorView } from '@codemirror/view';
import { decorationField } from './decoration-field';
import type { PointedLine } from './LineMenu';

/** What a person said of a line, shown at its end. */
export type LineNote = { line: number; words: string };
export const setLineNotes = StateEffect.define<readonly LineNote[]>();
export const lineNoteField = decorationField(setLineNotes, (doc, given) => {
  const notes = given
    .filter(({ line }) => line <= doc.lines)
    .map(({ line, words }) =>
      Decoration.line({ class: 'q-said', attributes: { 'data-said': words } }).range(
        doc.line(line).from,
      ),
    );
  return Decoration.set(notes, true);
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
