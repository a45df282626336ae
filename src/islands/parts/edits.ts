// Edits of cells as one step.
import type { Item } from '../../core/model';
import { changeItems, itemById } from '../state/bank';
import { setCell, withFields, type CellField } from './cells';
import { sayProblem } from './say';
import { i18n } from '../../languages';

/** A text for a cell; `base` is the question as it was when the typing began, where that is a while ago. */
export type Edit = { id: string; field: CellField; text: string; base?: Item };

function tell(refused: readonly string[]): void {
  if (refused.length) {
    sayProblem(
      refused.length === 1
        ? refused[0]!
        : i18n._('{refused, number} cells were left as they are. The first: {refused2}', {
            refused: refused.length,
            refused2: refused[0],
          }),
    );
  }
}

/** The question with the edits of its cells; what a cell does not take is told, and the rest is kept. */
export function editedBy(item: Item, edits: readonly Pick<Edit, 'field' | 'text'>[]): Item {
  const refused: string[] = [];
  let next = item;
  for (const { field, text } of edits) {
    const fields = setCell(next, field, text);
    if ('refused' in fields) {
      refused.push(fields.refused);
    } else {
      next = withFields(next, fields);
    }
  }
  tell(refused);
  return next;
}

/** Applies edits in one step. What a cell does not take is told, and the rest is kept. */
export async function applyEdits(label: string, edits: readonly Edit[]): Promise<void> {
  const bases = new Map<string, Item>();
  const changed = new Map<string, Item>();
  const refused: string[] = [];
  for (const { id, field, text, base } of edits) {
    const item = changed.get(id) ?? base ?? itemById(id);
    if (!item) {
      continue;
    }
    const fields = setCell(item, field, text);
    if ('refused' in fields) {
      refused.push(fields.refused);
    } else if (Object.keys(fields).length) {
      bases.set(id, bases.get(id) ?? item);
      changed.set(id, withFields(item, fields));
    }
  }
  tell(refused);
  if (changed.size) {
    await changeItems(label, [...changed.values()], bases);
  }
}
