// Columns that are filled for the questions of one kind and no others, beside a column that names the kinds: the steps of those
// that ask for an order, the pairs of those that ask what belongs together.
import type { Kind } from '../model';
import { kindOfWord } from '../shared/vocabulary/kinds';
import { filledOf, says } from './column-words';
import type { ColumnView, Meaning, TableView } from './contract';

const SAID = 0.8;
const LISTED = [
  ['order', 'step'],
  ['match', 'pair'],
] as const;
/** What parts steps or pairs in a cell, of which there are so many at least. */
const BETWEEN = /\s*(?:[;|\n]|→|\s>\s|,\s)\s*/u;
const LEAST = { step: 3, pair: 2 };
const PAIR = /\S\s*(?:=|→|->|:|–| - )\s*\S/u;

/** Whether a cell lists what a question of the kind is made of. */
function isList(text: string, as: 'step' | 'pair'): boolean {
  const parts = text.split(BETWEEN).filter(Boolean);
  return parts.length >= LEAST[as] && (as === 'step' || parts.every((part) => PAIR.test(part)));
}

/** The kind of each row; none where no column names several. */
function kindsOfRows(view: TableView): readonly (Kind | undefined)[] {
  const column = view.columns.find((one) => says(one, 'kind') > SAID);
  const kinds = column?.texts.map((text) => kindOfWord(text)) ?? [];
  return new Set(kinds.filter(Boolean)).size > 1 ? kinds : [];
}

/** Such columns with what they are; the texts of the questions must stand in another one. */
export function filledForKind(view: TableView): ReadonlyMap<ColumnView, Meaning> {
  const kinds = kindsOfRows(view);
  const found = new Map<ColumnView, Meaning>();
  for (const [kind, as] of LISTED) {
    const isOwn = (column: ColumnView): boolean =>
      column.texts.every((text, row) => (text !== '') === (kinds[row] === kind)) &&
      filledOf(column).every((text) => isList(text, as));
    const own = kinds.includes(kind) ? view.columns.filter(isOwn) : [];
    const isAsked = view.columns.some((one) => says(one, 'stem') > SAID && !own.includes(one));
    if (own.length === 1 && isAsked) {
      found.set(own[0]!, as);
    }
  }
  return found;
}
