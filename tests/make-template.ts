// Templates for tests, said in short.
import type { Template, TemplateQuantity } from '../src/core/model';

/** A quantity of one value. */
export const exactly = (name: string, value: number, unit?: string): TemplateQuantity => ({
  name,
  from: value,
  to: value,
  ...(unit ? { unit } : {}),
});
/** A quantity of a range. */
export const from = (name: string, low: number, high: number, step: number, unit?: string) => ({
  ...exactly(name, low, unit),
  to: high,
  step,
});
/** A template with the rest filled in. */
export const template = (more: Partial<Template>): Template => ({
  stem: 'Reckon.',
  quantities: [],
  formula: '1',
  kind: 'number',
  ...more,
});
