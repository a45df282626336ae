// Questions from a list of terms and definitions.
import type { Drafted, Finding, Make, Term } from '../../model';
import { seeded } from '../../shared/chance';
import { quoted } from '../../shared/plain';
import { nameItems } from '../../shared/references';
import { finding } from '../finding';
import { entriesOf, type Entry } from './entries';
import { madeOf, type Made } from './make';
import { say } from '../../shared/say';

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
  const message = say(
    '{entries, plural, one {# term} other {# terms}} can lend too few wrong answers for {wanted, plural, one {# option} other {# options}}: {difference, plural, one {# more term} other {# more terms}} with definitions, or fewer options, would help.',
    { entries: entries.length, wanted, difference: wanted - entries.length },
  );
  return [finding('terms-too-few', entries.length > 1 ? 'warn' : 'block', message)];
}

function poor(made: readonly Made[]): Finding[] {
  const items = made.filter((one) => one.isPoor).map(({ item }) => item);
  if (!items.length) {
    return [];
  }
  const message = say(
    '{items, plural, one {# question} other {# questions}} found too few wrong options of the same form: {names}. More terms of that form, or a category shared with others, would help.',
    { items: items.length, names: namesOf(items.map(({ stem }) => stem.plain)) },
  );
  return [finding('wrong-options-poor', 'warn', message)];
}

function noneMade(without: readonly Entry[], { kind }: Make): Finding[] {
  if (!without.length) {
    return [];
  }
  const terms = [...new Set(without.map(({ term }) => term))];
  const why =
    kind === 'gap'
      ? say('no word of the definition tells enough for a gap')
      : say('every other term would be right there as well');
  const message = say(
    'Of {terms, plural, one {# term} other {# terms}} no question was made ({names}): {why}.',
    { terms: terms.length, names: namesOf(terms), why },
  );
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
    const message = say(
      'There is no term with a definition here: give each term and, behind a tab, what it means.',
    );
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
