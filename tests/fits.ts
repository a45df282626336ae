// What tests of fitting lean on: small layouts, one question fitted, makers of questions.
import { fit } from '../src/core/fitting';
import { STARTERS } from '../src/core/learning';
import type { Decision, Item, Layout } from '../src/core/model';
import { item, options, rowsLayout } from './make';

export const lettered = rowsLayout(['stem', 'option', 'option', 'option', 'option', 'key']);
export const cards = rowsLayout(['stem', 'accepted']);
export const starter = (shape: Layout['shape']): Layout =>
  STARTERS.find((layout) => layout.shape === shape)!;
export const one = (question: Item, layout: Layout, decision: Decision = {}) =>
  fit([question], layout, { [question.id]: decision })[0]!;

export const typed = (kind: Item['kind'], fields: Partial<Item>): Item => ({
  id: 'q',
  ref: 'Q-1',
  kind,
  stem: { plain: 'What holds water back?' },
  ...fields,
});
export const choice = (...texts: string[]): Item => item({ options: options(...texts) });
