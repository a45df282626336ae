// What became of a question: what changed in this tab, how learners did, the files that it is in.
import type { FieldChange, Item, Receipt, Sitting } from '../../../core/model';
import { fieldAt, sameValue } from '../../../core/shared/fields';
import { percent } from '../../../core/shared/plain';
import type { JournalEntry } from '../../../store/port';
import { i18n } from '../../../languages';

/** One field of the question as it was before a step. `isStill` says that it still stands otherwise. */
export type Earlier = { path: string; before: unknown; isStill: boolean };
export type Changed = { n: number; at: string | undefined; label: string; fields: Earlier[] };

const earlier = (item: Item, { path, before }: FieldChange): Earlier => ({
  path,
  before,
  isStill: !sameValue(fieldAt(item, path), before),
});

/** The steps that changed a question, the newest first. */
export function changesOf(item: Item, done: readonly JournalEntry[]): Changed[] {
  return done.toReversed().flatMap(({ n, at, step }): Changed[] => {
    const own = step.items.find(({ id }) => id === item.id);
    if (own?.is !== 'changed') {
      return [];
    }
    const fields = own.fields.map((change) => earlier(item, change));
    return [{ n, at, label: step.label, fields }];
  });
}

/** The files that a question went into, the newest first. */
export const filesOf = (id: string, receipts: readonly Receipt[]): Receipt[] =>
  receipts.filter(({ items }) => items.some((one) => one.id === id));

/** How learners did at a question in each sitting, in words. */
export const sittingsOf = (
  id: string,
  sittings: readonly Sitting[],
): { id: string; words: string }[] =>
  sittings.flatMap(({ id: sitting, name, simulated, results }) => {
    const figures = results.items.find(({ item }) => item === id);
    if (!figures?.answered) {
      return [];
    }
    const { right, answered, discrimination } = figures;
    const tells =
      discrimination === null
        ? ''
        : i18n._(', tells apart {discrimination}', { discrimination: discrimination.toFixed(2) });
    const whose = simulated ? i18n._(' (simulated)') : '';
    return [
      {
        id: sitting,
        words: i18n._(
          '{name}{whose}: {right, number} of {answered, number} right ({share}){tells}',
          { name, whose, right, answered, share: percent(right / answered), tells },
        ),
      },
    ];
  });
