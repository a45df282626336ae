// Decorations of the editor that are given as a whole, and move with the text until they are given anew.
import { StateField, type StateEffectType, type Text } from '@codemirror/state';
import { Decoration, EditorView, type DecorationSet } from '@codemirror/view';

/** A field whose decorations come of what an effect brings. */
export const decorationField = <Given>(
  effect: StateEffectType<Given>,
  decorate: (doc: Text, given: Given) => DecorationSet,
): StateField<DecorationSet> =>
  StateField.define<DecorationSet>({
    create: () => Decoration.none,
    update(decorations, transaction) {
      const given = transaction.effects.find((one) => one.is(effect));
      return given
        ? decorate(transaction.state.doc, given.value)
        : decorations.map(transaction.changes);
    },
    provide: (field) => EditorView.decorations.from(field),
  });
