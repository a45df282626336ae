// The receivers in view: a layout each, or several blanks of one receiver, of which each question goes into one.
import type { KeptLayout } from '../../../core/model';
import { FIT_STATE, type FitState } from '../../../core/shared/change-grades';
import type { FitColumn } from '../../../workers/protocol';

export type Receiver = {
  /** The layout's id, or that of the family. */
  id: string;
  name: string;
  layouts: readonly string[];
};

/** The receivers of layouts, in their order; a family stands where its first blank does. */
export function receiversOf(kept: readonly KeptLayout[]): Receiver[] {
  const receivers = new Map<string, Receiver>();
  for (const { id, layout } of kept) {
    const key = layout.family ? `family ${layout.family}` : id;
    const known = receivers.get(key);
    receivers.set(key, {
      id: key,
      name: layout.family ?? layout.name,
      layouts: [...(known?.layouts ?? []), id],
    });
  }
  return [...receivers.values()].map((one) =>
    one.layouts.length > 1 ? one : { ...one, id: one.layouts[0]! },
  );
}

/** The better fit has the lower rank. */
const RANKS: Readonly<Record<FitState, number>> = {
  [FIT_STATE.fits]: 0,
  [FIT_STATE.written]: 1,
  [FIT_STATE.loses]: 2,
  [FIT_STATE.refused]: 3,
};
const MOST_CHANGES = 256;

/** How far a question is from fitting; whoever left it out of one blank meant the receiver. */
function rankOf({ states, changes, reasons, codes }: FitColumn, row: number): number {
  const isLeftOut = codes[reasons[row] ?? 0] === 'left-out';
  return isLeftOut ? -1 : RANKS[states[row] as FitState] * MOST_CHANGES + (changes[row] ?? 0);
}

/** How many questions a blank takes at all. */
const takenBy = ({ states }: FitColumn): number =>
  states.reduce((sum, state) => sum + (state === FIT_STATE.refused ? 0 : 1), 0);

/**
 * The place of the blank that takes each question with the least change; of those that are alike, the one that takes the
 * fewest questions, since it is made for them.
 */
function placesOf(members: readonly FitColumn[], rows: number): Uint8Array {
  const taken = members.map(takenBy);
  const narrowFirst = members.map((_, at) => at).sort((a, b) => taken[a]! - taken[b]! || a - b);
  return Uint8Array.from({ length: rows }, (_, row) => {
    const ranks = members.map((member) => rankOf(member, row));
    const least = Math.min(...ranks);
    return narrowFirst.find((at) => ranks[at] === least)!;
  });
}

/** How many rows a question takes in a file. */
const spanOf = ({ rows, total }: FitColumn, row: number): number =>
  (rows[row + 1] ?? total) - rows[row]!;

/** What no blank of a receiver has a place for. */
const behindAll = ([first, ...others]: readonly FitColumn[]): FitColumn['behind'] =>
  (first?.behind ?? []).flatMap((part) => {
    const same = others.map(({ behind }) => behind.find(({ many }) => many === part.many));
    return same.every((one) => one !== undefined)
      ? [{ ...part, n: Math.min(part.n, ...same.map(({ n }) => n)) }]
      : [];
  });

/** The columns of a receiver's blanks as one: each question as it stands to the blank that it goes into. */
function asOne(id: string, members: readonly FitColumn[]): FitColumn {
  const length = members[0]!.states.length;
  const places = placesOf(members, length);
  const offsets = members.map((_, at) =>
    members.slice(0, at).reduce((sum, { words }) => sum + words.length, 0),
  );
  const filled = members.map(() => 0);
  const one: FitColumn = {
    layout: id,
    rows: new Uint32Array(length),
    states: new Uint8Array(length),
    changes: new Uint8Array(length),
    reasons: new Uint16Array(length),
    words: members.flatMap(({ words }) => words),
    codes: members.flatMap(({ codes }) => codes),
    counts: [0, 0, 0, 0],
    total: 0,
    behind: behindAll(members),
    family: { layouts: members.map(({ layout }) => layout), places },
  };
  for (const [row, place] of places.entries()) {
    const member = members[place]!;
    one.rows[row] = filled[place]!;
    filled[place]! += spanOf(member, row);
    one.states[row] = member.states[row]!;
    one.counts[member.states[row] as FitState]++;
    one.changes[row] = member.changes[row]!;
    one.reasons[row] = member.reasons[row]! + offsets[place]!;
  }
  one.total = filled.reduce((sum, rows) => sum + rows, 0);
  return one;
}

/** A column for each receiver from those of its layouts. */
export const columnsOf = (
  receivers: readonly Receiver[],
  columns: readonly FitColumn[],
): FitColumn[] =>
  receivers.flatMap(({ id, layouts }) => {
    const members = layouts.flatMap((layout) => columns.find((one) => one.layout === layout) ?? []);
    return members.length > 1 ? [asOne(id, members)] : members;
  });

/** The column in which a layout stands, alone or among others of its receiver. */
export const columnWith = (columns: readonly FitColumn[], layout: string): FitColumn | undefined =>
  columns.find((one) => one.layout === layout || one.family?.layouts.includes(layout));

/** Whether a question, by its place, goes into this layout's file and not into another blank of its receiver. */
export const goesInto = ({ family }: FitColumn, layout: string, row: number): boolean =>
  !family || family.layouts[family.places[row]!] === layout;

/** The layout whose file a question goes into. */
export const layoutAt = ({ layout, family }: FitColumn, row: number): string =>
  family ? family.layouts[family.places[row]!]! : layout;
