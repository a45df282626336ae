// Readings of a whole table weighed against one another by what its rows become under each.
import { assign, ONE, type Assigned } from './assign';
import { withCorrections } from './beside-truth';
import { withBounds } from './bounds';
import { MEANINGS, roleOfMeaning, type Meaning, type TableView } from './contract';
import { countedGroups, groupNames } from './heading-groups';
import { SHARED_BY_ALL } from './heading-words';
import { grammar } from './grammar';
import { listedSides } from './listed-sides';
import { withLongerRows } from './longer-rows';
import { withNamers } from './namers';
import { withOneLanguage } from './one-language';
import { withPassage } from './passages';
import { scaled } from './scaled';
import { withNamedRuns } from './unheaded';
import { withExtraWords, withGapAnswers, withGapWords } from './gap-columns';
import {
  withAnswer,
  withoutLoneOption,
  withoutLoneStep,
  withPair,
  withStem,
  withoutLoneFeedback,
} from './whole-tables';
import { withClues } from './clues';
import { withTaxonomy } from './taxonomy';
import { withForms } from './vocabulary-lists';
import { witness } from './witness';

/** All columns of one meaning taken for another, where they make sense beside the others. */
const TURNS: readonly (readonly [from: readonly Meaning[], to: Meaning])[] = [
  [['step'], 'option'],
  [['option'], 'step'],
  [['option'], 'accepted'],
  [['left'], 'option'],
  [['left', 'right-side'], 'option'],
  [['tag'], 'option'],
  [['verdict'], 'option'],
  [['accepted'], 'option'],
  // One column may hold the answers of every kind: letters beside options, words, numbers and true or false.
  [['accepted'], 'key'],
  [['value'], 'key'],
];
/** A column that is less sure than this may be what comes next. */
const OPEN = 0.97;
/** Probabilities of the columns weigh as much less as they lean on one another. */
const LEAN = 0.6;
const LEAST = 1e-4;
/** What a column must at least be likely to be, to be tried as that. */
const THINKABLE = 0.01;
/** So often a reading is bettered by one change; more is never needed. */
const STEPS = 5;

type Reading = { meanings: Meaning[]; value: number };

/** A second column for what only one can be costs as much as rows that break. */
const TWICE = 4;
function doubles(meanings: readonly Meaning[]): number {
  const roles = meanings.map(roleOfMeaning).filter((role) => ONE.has(role));
  return roles.length - new Set(roles).size;
}

/** What stays of the odds that columns of one group are each what a table has one of. */
const HARDLY = 0.3;
/** The odds, with columns of one group of headings taken to mean the same. */
function pooled(view: TableView, odds: readonly (readonly number[])[]): (readonly number[])[] {
  const names = groupNames(view);
  return odds.map((own, column) => {
    const group = names.flatMap((name, other) => (name && name === names[column] ? [other] : []));
    if (group.length < 2 || group.length >= names.length * SHARED_BY_ALL) {
      return own;
    }
    const mean = own.map(
      (_, index) => group.reduce((sum, one) => sum + odds[one]![index]!, 0) / group.length,
    );
    // Several columns of one kind are nothing of which a table has one.
    return scaled(
      mean.map((p, index) => (ONE.has(roleOfMeaning(MEANINGS[index]!)) ? p * HARDLY : p)),
    );
  });
}

type Table = {
  view: TableView;
  /** How likely each column is to be each meaning, with what its cells name taken into account. */
  odds: readonly (readonly number[])[];
  said: ReadonlyMap<number, Meaning>;
  /** Columns whose headings count up. */
  counted: readonly (readonly number[])[];
};

/** A column that is something else than the others that its heading counts on from costs as much as a second one of what there is one. */
const OUT_OF_LINE = 4;
function outOfLine({ counted, said }: Table, meanings: readonly Meaning[]): number {
  return counted.reduce((sum, run) => {
    const own = run.filter((column) => !said.has(column)).map((column) => meanings[column]!);
    const most = Math.max(0, ...own.map((one) => own.filter((other) => other === one).length));
    return sum + own.length - most;
  }, 0);
}

function weigh(table: Table, meanings: Meaning[]): Reading {
  const { view, odds } = table;
  const likely = meanings.reduce(
    (sum, meaning, column) =>
      sum + Math.log(Math.max(LEAST, odds[column]![MEANINGS.indexOf(meaning)]!)),
    0,
  );
  const value =
    witness(view, meanings) +
    grammar(meanings) -
    TWICE * doubles(meanings) -
    OUT_OF_LINE * outOfLine(table, meanings) +
    LEAN * likely;
  return { meanings, value };
}

/** Readings in which all columns of one group of headings are what one of them may be as well. */
function* groupsTurned(
  { view, said }: Table,
  base: readonly Assigned[],
  meanings: Meaning[],
): Generator<Meaning[]> {
  const names = groupNames(view);
  const seen = new Set<string>();
  for (const [column, name] of names.entries()) {
    const { p, others } = base[column]!;
    if (!name || seen.has(name) || p > OPEN || names.filter((other) => other === name).length < 2) {
      continue;
    }
    seen.add(name);
    for (const next of others.filter((other) => other.p > THINKABLE)) {
      yield meanings.map((own, at) => (names[at] === name && !said.has(at) ? next.meaning : own));
    }
  }
}

/** Every reading that differs from one in a single column, or in all columns of one meaning. */
function* neighboursOf(
  table: Table,
  base: readonly Assigned[],
  meanings: Meaning[],
): Generator<Meaning[]> {
  const { said, odds } = table;
  for (const [column, { p, others, meaning }] of base.entries()) {
    if (said.has(column) || p > OPEN) {
      continue;
    }
    for (const next of [{ meaning, p }, ...others]) {
      if (next.p > THINKABLE && next.meaning !== meanings[column]) {
        yield meanings.map((own, at) => (at === column ? next.meaning : own));
      }
    }
  }
  yield* groupsTurned(table, base, meanings);
  for (const [from, to] of TURNS) {
    const index = MEANINGS.indexOf(to);
    const isThinkable = (meaning: Meaning, column: number): boolean =>
      from.includes(meaning) && !said.has(column) && odds[column]![index]! > LEAST;
    if (meanings.some(isThinkable)) {
      yield meanings.map((own, column) => (isThinkable(own, column) ? to : own));
    }
  }
}

/** The reading of the columns that is likeliest together with what the rows become under it. */
export function rank(
  view: TableView,
  own: readonly (readonly number[])[],
  saidBefore: ReadonlyMap<number, Meaning>,
): Assigned[] {
  // What cells show beyond doubt is as good as said: all else is thought through under it.
  const said = new Map([...listedSides(view), ...saidBefore]);
  const together = pooled(view, own);
  const beside = withNamedRuns(view, together, assign(together, said));
  const run = withLongerRows(view, beside, assign(beside, said));
  const odds = withNamers(view, run, assign(run, said));
  const base = assign(odds, said);
  const table: Table = { view, odds, said, counted: countedGroups(view) };
  const first = weigh(
    table,
    base.map(({ meaning }) => meaning),
  );
  let best = first;
  for (let step = 0; step < STEPS; step++) {
    const before = best;
    for (const meanings of neighboursOf(table, base, before.meanings)) {
      const reading = weigh(table, meanings);
      best = reading.value > best.value ? reading : best;
    }
    if (best === before) {
      break;
    }
  }
  const gain = best.value - first.value;
  const better = base.map((one, column) => changed(one, best.meanings[column]!, gain));
  const explained = withoutLoneFeedback(view, better, said);
  const alone = withoutLoneStep(view, withoutLoneOption(explained, said), said);
  const offered = withAnswer(view, alone, said);
  const asking = withPair(view, withPassage(view, withStem(view, offered, said), said), said);
  const formed = withBounds(view, withForms(view, asking, said), said);
  const gapped = withGapAnswers(view, withGapWords(view, formed, said), said);
  const filled = withExtraWords(view, gapped, said);
  const asked = withClues(view, withOneLanguage(view, filled, said), said);
  const classed = withTaxonomy(view, asked, said);
  return withCorrections(view, classed, said);
}

/** A column under the better reading; what the rows say counts for as much as they weigh more. */
function changed(one: Assigned, meaning: Meaning, gain: number): Assigned {
  if (meaning === one.meaning) {
    return one;
  }
  const own = one.others.find((other) => other.meaning === meaning);
  return {
    meaning,
    p: Math.max(own?.p ?? 0, 1 - Math.exp(-gain) / 2),
    others: [{ meaning: one.meaning, p: one.p }, ...one.others.filter((other) => other !== own)],
  };
}
