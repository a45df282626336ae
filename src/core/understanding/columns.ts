// What the columns of a block of cells mean under their headings.
import type { Role } from '../model';
import { byChoice } from '../shared/reasons';
import { alike } from '../shared/normalise';
import { quoted } from '../shared/plain';
import type { Region } from '../shared/table/region';
import { ONE, placesOf, type Assigned } from './assign';
import {
  roleOfMeaning,
  SAYINGS,
  type ColumnView,
  type Likely,
  type Meaning,
  type TableView,
} from './contract';
import { filledOf, isRepeated, says } from './column-words';
import { piecesOf } from './heading-words';
import { shippedModel } from './model';
import { withoutContrary } from './contrary';
import { rank } from './rank';
import { meaningsOf } from './roles';
import { repeatsHeading } from './said';
import { explained, TOLD_BY_WORDS, worded } from './said-odds';
import { saying } from './saying';
import { headingAt } from './headings-at';
import { viewOf } from './view';
import { say } from '../shared/say';

/** Below this a reading is called unsure. */
export const SURE = 0.85;

export type ColumnUnderstood = {
  /** The column of the sheet, from 0. */
  at: number;
  heading: string;
  meaning: Meaning;
  role: Role;
  n?: number;
  /** How likely it is, 0 to 1, and what else it may be. */
  p: number;
  others: Likely[];
  because: string;
};

/** A heading that may mean a thing among others names it where the table has no better one. */
const NAMES = 0.3;

/** How much a heading says a meaning: what explains a question may be called what explains an option. */
const saidOf = (heading: string, meaning: Meaning): number =>
  Math.max(
    ...[meaning, ...(meaning === 'explanation' ? (['feedback'] as const) : [])].map(
      (one) => saying(heading)[SAYINGS.indexOf(one)]!,
    ),
  );

/** Why a column is taken for what it is: by its words where they say so, else by its cells and its neighbours. */
function reasonOf(view: TableView, column: number, meaning: Meaning): string {
  const { heading, texts, list } = view.columns[column]!;
  const said = heading ? saidOf(heading, meaning) : 0;
  if (said > NAMES) {
    return say('its heading is {heading}', { heading: quoted(heading, 40) });
  }
  const filled = texts.filter(Boolean).length;
  if (!filled && list?.length) {
    return say('its drop-down list holds {list}', {
      list: quoted(list.slice(0, 3).join(', '), 40),
    });
  }
  if (!filled) {
    return heading
      ? say('of what {heading} may mean beside the others, this is the likeliest', {
          heading: quoted(heading, 40),
        })
      : say('it is empty');
  }
  const what = say(
    '{filled, plural, one {# cell} other {# cells}} and the columns beside it say so',
    { filled },
  );
  return heading && piecesOf(heading).length
    ? say('{what}; its heading {heading} alone does not', { what, heading: quoted(heading, 40) })
    : what;
}

const SAID_AT_ALL = 0.1;
const GUESSED = 0.6;

const MOSTLY = 0.8;
const WORDED = /\p{L}\s+\p{L}|[。！？]$/u;
/** Numbers and dates may count or stamp something; anything else below a heading of words says it. */
const COUNTS = /^[\d\s.,:/-]*$/u;

/** Whether a column holds a text of its own in nearly every row, and no word says that it is nothing. */
function saysSomething(column: ColumnView): boolean {
  const filled = filledOf(column);
  const isHeaded = piecesOf(column.heading).length > 0;
  const texts = filled.filter((text) => WORDED.test(text) || (isHeaded && !COUNTS.test(text)));
  return (
    texts.length >= column.texts.length * MOSTLY &&
    filled.length > 1 &&
    !isRepeated(column) &&
    (column.heading === '' || says(column, 'ignore') <= SAID_AT_ALL)
  );
}

const CLEARLY = 0.9;
const WORD = /\p{L}{3}/u;
/** Whether words stand in every row below a heading that does not clearly say that they are nothing. */
const isHardlyNothing = (column: ColumnView): boolean =>
  column.heading !== '' &&
  column.texts.length > 1 &&
  column.texts.every((text) => WORD.test(text)) &&
  says(column, 'ignore') < CLEARLY;

/** How sure a column can be of a meaning that only words tell, where neither its heading nor its list says it. */
function mostSure(column: ColumnView, meaning: Meaning): number {
  const { heading, group, list } = column;
  if (meaning === 'ignore' && (saysSomething(column) || isHardlyNothing(column))) {
    return GUESSED;
  }
  if (!TOLD_BY_WORDS.has(meaning) || list?.length) {
    return 1;
  }
  const spoken = [heading, group].filter((text) => piecesOf(text).length);
  return spoken.some((words) => saidOf(words, meaning) > SAID_AT_ALL) ? 1 : GUESSED;
}

export type Asked = {
  /** Whether it is a receiver's form and no source. */
  blank?: boolean;
  /** Meanings that a person gave, by column of the sheet. */
  said?: ReadonlyMap<number, Meaning>;
  /** What is said of columns elsewhere, by their comparable headings. */
  explanations?: ReadonlyMap<string, string>;
};

/** The odds of all columns, weighed with all that is said of them and with what their cells speak against. */
function oddsOf(
  view: TableView,
  held: ReadonlyMap<number, Meaning>,
  explanations: ReadonlyMap<string, string>,
): (readonly number[])[] {
  const told = view.columns.map(({ heading }) => {
    const text = explanations.get(alike(heading));
    return text !== undefined && repeatsHeading(text, heading) ? undefined : text;
  });
  return withoutContrary(
    view,
    meaningsOf(shippedModel(), view, held).map((own, index) =>
      explained(
        worded(own, view.columns[index]!),
        told[index],
        told.filter((text) => text === told[index]).length > 1,
      ),
    ),
  );
}

/** Two columns of a tolerance are its two ends. */
const areEnds = (roles: readonly Role[], role: Role): boolean =>
  role === 'tolerance' && roles.filter((other) => other === role).length === 2;

/** Columns of which the table as a whole makes one doubt: a second one for what there is one of, and all where none asks. */
function doubtedOf(assigned: readonly Assigned[]): boolean[] {
  const roles = assigned.map(({ meaning }) => roleOfMeaning(meaning));
  const asks = roles.includes('stem');
  return roles.map(
    (role, index) =>
      (ONE.has(role) && roles.indexOf(role) < index && !areEnds(roles, role)) ||
      (!asks && role !== 'ignore'),
  );
}

/**
 * What each column of a region is under a row of headings (from 0, null where there is none); `first` is the first row
 *below.
 */
export function understandColumns(
  region: Region,
  headingRow: number | null,
  first: number,
  {
    blank = false,
    said = new Map<number, Meaning>(),
    explanations = new Map<string, string>(),
  }: Asked = {},
): ColumnUnderstood[] {
  const view = viewOf(region, headingRow, first, blank);
  const held = new Map<number, Meaning>();
  view.columns.forEach(({ at }, index) => {
    const meaning = said.get(at);
    if (meaning) {
      held.set(index, meaning);
    }
  });
  const assigned = rank(view, oddsOf(view, held, explanations), held);
  const places = placesOf(
    view,
    assigned.map(({ meaning }) => meaning),
  );
  const seen = new Set(view.columns.map(({ at }) => at));
  const doubted = doubtedOf(assigned);
  const understood = view.columns.map(({ at, heading }, index): ColumnUnderstood => {
    const { meaning, others } = assigned[index]!;
    const p = held.has(index)
      ? 1
      : Math.min(
          assigned[index]!.p,
          mostSure(view.columns[index]!, meaning),
          doubted[index] ? GUESSED : 1,
        );
    const n = places[index];
    return {
      at,
      heading,
      meaning,
      role: roleOfMeaning(meaning),
      ...(n === undefined ? {} : { n }),
      p,
      others,
      because: held.has(index) ? byChoice() : reasonOf(view, index, meaning),
    };
  });
  return [...understood, ...emptyColumns(region, headingRow, seen, said)].sort(
    (a, b) => a.at - b.at,
  );
}

/** Headed columns without a cell: what was said of them, else nothing that could be seen or missed. */
function emptyColumns(
  region: Region,
  headingRow: number | null,
  seen: ReadonlySet<number>,
  said: ReadonlyMap<number, Meaning>,
): ColumnUnderstood[] {
  const found: ColumnUnderstood[] = [];
  for (let at = region.left; at <= region.right && headingRow !== null; at++) {
    const heading = headingAt(region, headingRow, at);
    if (!heading || seen.has(at)) {
      continue;
    }
    const meaning = said.get(at) ?? 'ignore';
    const because = said.has(at) ? byChoice() : say('no row fills it');
    found.push({ at, heading, meaning, role: roleOfMeaning(meaning), p: 1, others: [], because });
  }
  return found;
}
