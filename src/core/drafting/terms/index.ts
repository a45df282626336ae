// Questions from a list of terms and definitions.
import type { Drafted, Finding, Make, Term } from '../../model';
import { seeded } from '../../shared/chance';
import { count, quoted } from '../../shared/plain';
import { nameItems } from '../../shared/references';
import { finding } from '../finding';
import { entriesOf, type Entry } from './entries';
import { madeOf, type Made } from './make';

const NAMED = 3;
const namesOf = (texts: readonly string[]): string =>
  `${texts
    .slice(0, NAMED)
    .map((text) => quoted(text, 30))
    .join(', ')}${texts.length > NAMED ? ' …' : ''}`;

/** Kinds whose wrong answers come from other terms. */
const BORROWS: ReadonlySet<Make['kind']> = new Set(['choice-one', 'true-false', 'match']);

function tooFew(entries: readonly Entry[], { kind, options = 4 }: Make): Finding[] {
  if (!BORROWS.has(kind)) {
    return [];
  }
  const wanted = kind === 'choice-one' ? options : 2;
  if (entries.length >= wanted) {
    return [];
  }
  const message = `${count(entries.length, 'term')} can lend too few wrong answers for ${count(wanted, 'option')}: ${count(wanted - entries.length, 'more term')} with definitions, or fewer options, would help.`;
  return [finding('terms-too-few', entries.length > 1 ? 'warn' : 'block', message)];
}

function poor(made: readonly Made[]): Finding[] {
  const items = made.filter((one) => one.isPoor).map(({ item }) => item);
  if (!items.length) {
    return [];
  }
  const message = `${count(items.length, 'question')} found too few wrong options of the same form: ${namesOf(items.map(({ stem }) => stem.plain))}. More terms of that form, or a category shared with others, would help.`;
  return [finding('wrong-options-poor', 'warn', message)];
}

function noneMade(without: readonly Entry[], { kind }: Make): Finding[] {
  if (!without.length) {
    return [];
  }
  const terms = [...new Set(without.map(({ term }) => term))];
  const why =
    kind === 'gap'
      ? 'no word of the definition tells enough for a gap'
      : 'every other term would be right there as well';
  const message = `Of ${count(terms.length, 'term')} no question was made (${namesOf(terms)}): ${why}.`;
  return [finding('term-unused', 'warn', message)];
}

/**
 * Makes questions of one kind from terms. The same terms, wishes and seed give the same questions.
 * `tell` hears how many terms are done, of how many.
 */
export function draftFromTerms(
  terms: readonly Term[],
  make: Make,
  tell: (done: number, of: number) => void = () => undefined,
): Drafted {
  const { entries, findings } = entriesOf(terms);
  if (!entries.length) {
    const message =
      'There is no term with a definition here: give each term and, behind a tab, what it means.';
    return {
      items: [],
      findings: [...findings, finding('terms-missing', 'block', message)],
      because: {},
    };
  }
  const random = seeded(make.seed ?? 1);
  const { made, without } = madeOf({
    entries,
    make,
    random,
    tell: (done) => tell(done, entries.length),
  });
  const items = nameItems(
    made.map(({ item }) => item),
    [],
  );
  return {
    items,
    findings: [...findings, ...tooFew(entries, make), ...poor(made), ...noneMade(without, make)],
    because: Object.fromEntries(made.map(({ item, lent }) => [item.id, lent])),
    of: Object.fromEntries(
      made.flatMap(({ item, entry }) =>
        entry ? [[item.id, { term: entry.term, definition: entry.definition }]] : [],
      ),
    ),
  };
}
