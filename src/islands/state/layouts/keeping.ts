// Layouts entering the bank, each under a name of its own.
import type { KeptLayout, Layout } from '../../../core/model';
import { recordChange } from '../../../core/shared/steps';
import { core } from '../../../workers/client';
import { bankState, changeRecords } from '../bank';
import { i18n } from '../../../languages';

/** Puts a new layout into the bank. */
export const keep = (label: string, after: KeptLayout): Promise<void> =>
  changeRecords(label, recordChange('layouts', undefined, after));

/** A name that no layout of the bank has yet. */
function freeName(wanted: string): string {
  const taken = new Set(bankState().layouts.map(({ layout }) => layout.name));
  let name = wanted;
  for (let n = 2; taken.has(name); n++) {
    name = `${wanted} ${n}`;
  }
  return name;
}

/** A layout of its own, under a name that is free. */
export const fresh = (layout: Layout, name: string): KeptLayout => {
  const id = crypto.randomUUID();
  return {
    id,
    layout: { ...layout, id, name: freeName(name), edition: 1 },
    because: {},
    unsure: [],
    chosen: true,
  };
};

/** A copy beside the original, with its blank and its reasons, without its variants. */
export async function duplicateLayout(kept: KeptLayout): Promise<string> {
  const copy = {
    ...fresh(kept.layout, i18n._('{name}, copy', { name: kept.layout.name })),
    because: kept.because,
    unsure: kept.unsure,
  };
  await keep(i18n._('Duplicate {name}', { name: kept.layout.name }), copy);
  return copy.id;
}

export const starters = (): Promise<Layout[]> => core().starters();

/** A starter layout taken into the bank. */
export async function addStarter(starter: Layout): Promise<string> {
  const kept = fresh(starter, starter.name);
  await keep(i18n._('Add {name}', { name: kept.layout.name }), kept);
  return kept.id;
}

/** A layout of rows to be built column by column. */
export const newLayout = (): Promise<string> =>
  addStarter({
    id: '',
    name: i18n._('New layout'),
    version: 1,
    shape: 'rows',
    file: {
      format: 'xlsx',
      sheet: i18n._('Questions'),
      headingRow: 1,
      firstRow: 2,
      firstColumn: 'A',
    },
    key: { style: 'letter' },
    kinds: [],
    limits: {},
    columns: [
      { column: 'A', heading: i18n._('Question'), role: 'stem' },
      { column: 'B', heading: i18n._('Option 1'), role: 'option', n: 1 },
      { column: 'C', heading: i18n._('Option 2'), role: 'option', n: 2 },
      { column: 'D', heading: i18n._('Right option (letter)'), role: 'key' },
    ],
  });
