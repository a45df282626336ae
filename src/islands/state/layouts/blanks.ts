// The blanks of layouts: shown, and handed over as empty forms.
import type { KeptLayout, Layout } from '../../../core/model';
import { safeName } from '../../../core/shared/plain';
import { core } from '../../../workers/client';
import type { SheetView } from '../../../workers/protocol';
import { takeAway } from '../../parts/take-away';
import { theStore } from '../bank';

/** The blank of a layout; undefined where it has none, or the browser no longer has it. */
export const blankOf = (layout: Layout): Promise<Uint8Array | undefined> =>
  layout.blank ? theStore().blank(layout.blank.digest) : Promise.resolve(undefined);

/** The blank's sheets, to be shown beside what they mean; an empty form is made where the layout never had a blank. */
export async function sheetsOf(layout: Layout): Promise<SheetView[]> {
  const bytes = await blankOf(layout);
  if (bytes) {
    return core().showBlank(layout.blank!.name, bytes, layout.shape);
  }
  const made = layout.blank ? undefined : await core().makeBlank(layout);
  return made ? core().showBlank(made.name, made.bytes, layout.shape) : [];
}

/** Hands over an empty form: the receiver's own blank, or one made from the layout. */
export async function takeBlank(layout: Layout): Promise<void> {
  const own = await blankOf(layout);
  if (own) {
    takeAway(layout.blank!.name, own);
    return;
  }
  const made = await core().makeBlank(layout);
  if (made) {
    takeAway(made.name, made.bytes);
  }
}

const asJson = (value: unknown): Uint8Array =>
  new TextEncoder().encode(JSON.stringify(value, null, 2));

/** The layout as one file with its blank, or its description in one of the open standards for tables. */
export async function exportLayout(
  kept: KeptLayout,
  as: 'layout' | 'csvw' | 'tableSchema',
): Promise<void> {
  const file = await core().layoutFile(kept, await blankOf(kept.layout));
  const name = safeName(kept.layout.name, 'layout');
  if (as === 'layout') {
    takeAway(`${name}.layout.json`, asJson(file), 'application/json');
  } else if (as === 'csvw' && file.csvw) {
    takeAway(`${name}.csv-metadata.json`, asJson(file.csvw), 'application/csvm+json');
  } else if (file.tableSchema) {
    takeAway(`${name}.table-schema.json`, asJson(file.tableSchema), 'application/json');
  }
}
