// What lies in Gather: the source on the bench, its reading and mends, and the sources that wait beside it.
import type { Finding, Item, Overrule } from '../../../core/model';
import type { GatherAnswer, SourceInput } from '../../../workers/protocol';

/** A source as it waits, with everything that the user did to it. Plain data, since it is kept over a reload. */
export type Brought = {
  id: string;
  name: string;
  source: SourceInput;
  overrule: Overrule;
  /** The running text as the user changed it. */
  edited?: string;
  /** Mends by the place (see placeOf) that they belong to, so that another reading of the source keeps them. */
  mends: [place: string, fields: Partial<Item>][];
  /** Places that the user leaves out, and those that are in the bank already. */
  out: string[];
  taken: string[];
  /** The records of what was taken, one for each time, by their ids. */
  records?: string[];
};

/** How a source in the tray stands. `ready` are the questions that can be taken, `blocked` those that can't yet. */
export type TrayEntry = {
  id: string;
  name: string;
  state: 'waiting' | 'reading' | 'read' | 'taken' | 'problem';
  ready: number;
  blocked: number;
  problem?: string;
};

/** Which of the rows are shown: all, those with something to look at, those left out, those that were chosen. */
export type Shown = 'all' | 'marked' | 'out' | 'chosen';

export type GatherState = {
  tray: readonly TrayEntry[];
  /** Which source of the tray lies on the bench. */
  open: string | undefined;
  busy: string | undefined;
  name: string;
  answer: GatherAnswer | undefined;
  overrule: Overrule;
  /** Questions as understood and mended, by their order. */
  items: readonly Item[];
  findings: readonly Finding[];
  out: ReadonlySet<string>;
  /** Places of questions that were chosen together, and where a range of them begins. */
  chosen: ReadonlySet<string>;
  anchor: string | undefined;
  show: Shown;
  taken: ReadonlySet<string>;
  records: readonly string[];
  edited: string | undefined;
  /** How far a long reading has come. */
  progress: { done: number; of: number } | undefined;
};

export const EMPTY_BENCH: Omit<GatherState, 'tray'> = {
  open: undefined,
  busy: undefined,
  name: '',
  answer: undefined,
  overrule: {},
  items: [],
  findings: [],
  out: new Set(),
  chosen: new Set(),
  anchor: undefined,
  show: 'all',
  taken: new Set(),
  records: [],
  edited: undefined,
  progress: undefined,
};

/** Where in its source a question stands: its cell where several share a row, else its row or line; in a workbook with its sheet. */
export function placeOf({ origin }: Item): string {
  const place = origin?.cell ?? String(origin?.row ?? 0);
  return origin?.sheet === undefined ? place : `${origin.sheet}!${place}`;
}

const BARE_CELL = /^[A-Z]{1,3}\d+$/u;

/** A workbook that was brought in when one sheet alone was read, its places with that sheet's name; any other source as it is. */
export function placedBySheet(source: Brought, { items, reading }: GatherAnswer): Brought {
  const sheet = items[0]?.origin?.sheet === undefined ? undefined : reading.sheet;
  const places = [...source.out, ...source.taken, ...source.mends.map(([place]) => place)];
  if (sheet === undefined || !places.some((place) => BARE_CELL.test(place))) {
    return source;
  }
  const named = (place: string): string => (BARE_CELL.test(place) ? `${sheet}!${place}` : place);
  return {
    ...source,
    out: source.out.map(named),
    taken: source.taken.map(named),
    mends: source.mends.map(([place, fields]) => [named(place), fields]),
  };
}

type Readiness = Pick<GatherState, 'items' | 'findings' | 'out' | 'taken'>;

/** The questions with a finding that keeps them out of the bank. */
export const blockedIds = (findings: readonly Finding[]): Set<string | undefined> =>
  new Set(findings.filter(({ level }) => level === 'block').map(({ item }) => item));

/** The questions that may enter the bank now: not left out, not there yet, nothing that blocks. */
export function ready({ items, findings, out, taken }: Readiness): Item[] {
  const blocked = blockedIds(findings);
  return items.filter(
    (item) => !blocked.has(item.id) && !out.has(placeOf(item)) && !taken.has(placeOf(item)),
  );
}
