// The options that may go in place of one that is cut for a receiver.
import type { Change, Item } from '../../../core/model';
import { quoted } from '../../../core/shared/plain';
import { LinkButton } from '../../parts/LinkButton';
import { fieldOf } from './change-of';
import { i18n } from '../../../languages';

const SHOWN = 24;
const CUT = new Set(['option-cut', 'option-chosen']);

/** The place of the option that a change cuts, from 0; undefined of any other change, and of a question in parts. */
export const cutBy = (change: Change): number | undefined =>
  CUT.has(change.code ?? '') && fieldOf(change) === change.field
    ? Number(change.field.slice('options.'.length))
    : undefined;

export function CutInstead({
  item,
  own,
  cuts,
  onCut,
}: {
  item: Item;
  /** The place of the option that is cut, and of all that are. */
  own: number;
  cuts: readonly number[];
  onCut: (cuts: number[]) => void;
}) {
  const others = (item.options ?? []).flatMap(({ right, text }, place) =>
    right || cuts.includes(place) ? [] : [{ place, text: text.plain }],
  );
  return others.map(({ place, text }) => (
    <LinkButton key={place} onClick={() => onCut([...cuts.filter((cut) => cut !== own), place])}>
      {i18n._('Cut {text} instead', { text: quoted(text, SHOWN) })}
    </LinkButton>
  ));
}
