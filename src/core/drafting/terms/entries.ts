// A list of terms made ready: cleaned, with the words that tell what each is about.
import type { Finding, Term } from '../../model';
import { categoryPath } from '../../shared/category-path';
import { alike, bareWords, cleanText } from '../../shared/normalise';
import { quoted } from '../../shared/plain';
import { commonWordsOf } from './common-words';
import { say } from '../../shared/say';

export type Entry = {
  /** Its place among the entries. */
  at: number;
  term: string;
  definition: string;
  category: string[];
  /** The path as one word; empty where there is none. */
  categoryKey: string;
  tags: readonly { name?: string | undefined; value: string }[];
  likeTerm: string;
  likeDefinition: string;
  /** Terms that its tags say mean the same. */
  synonyms: ReadonlySet<string>;
  words: ReadonlySet<string>;
};

const SYNONYM = /^(?:synonym|synonyms|same as|syn|alias)$/i;

/** The words of a text by which it is near to others; short and common ones tell nothing. */
const tellingWords = (text: string, common: ReadonlySet<string>): Set<string> =>
  new Set(
    bareWords(text)
      .split(' ')
      .filter((word) => word.length > 2 && !common.has(word)),
  );

/** So many texts tell which language a list is in. */
const LANGUAGE_SAMPLE = 200;

/** The entries of a list, and what was passed over: rows without a term or definition, and the same row twice. */
export function entriesOf(terms: readonly Term[]): { entries: Entry[]; findings: Finding[] } {
  const common = commonWordsOf(terms.slice(0, LANGUAGE_SAMPLE).map(({ definition }) => definition));
  const entries: Entry[] = [];
  const seen = new Set<string>();
  const empty: string[] = [];
  let doubled = 0;
  for (const { term: rawTerm, definition: rawDefinition, category, tags = [] } of terms) {
    const [term, definition] = [cleanText(rawTerm), cleanText(rawDefinition)];
    if (!term || !definition) {
      empty.push(term || definition);
      continue;
    }
    const key = `${alike(term)}\n${alike(definition)}`;
    if (seen.has(key)) {
      doubled++;
      continue;
    }
    seen.add(key);
    const path = categoryPath(category);
    entries.push({
      at: entries.length,
      term,
      definition,
      category: path,
      categoryKey: path.join('\n'),
      tags,
      likeTerm: alike(term),
      likeDefinition: alike(definition),
      synonyms: new Set(
        tags.filter(({ name }) => SYNONYM.test(name ?? '')).map(({ value }) => alike(value)),
      ),
      words: tellingWords(`${term} ${definition}`, common),
    });
  }
  return { entries, findings: findingsOf(empty, doubled) };
}

function findingsOf(empty: readonly string[], doubled: number): Finding[] {
  const findings: Finding[] = [];
  if (empty.length) {
    const named = empty
      .filter(Boolean)
      .slice(0, 3)
      .map((text) => quoted(text, 30));
    findings.push({
      rule: 'term-incomplete',
      level: 'warn',
      message: say(
        '{empty, plural, one {# row} other {# rows}} without a term or without a definition {empty, plural, one {is} other {are}} passed over{named}.',
        { empty: empty.length, named: named.length ? `: ${named.join(', ')}` : '' },
      ),
    });
  }
  if (doubled) {
    findings.push({
      rule: 'term-doubled',
      level: 'note',
      message: say(
        '{doubled, plural, one {# row} other {# rows}} came twice and {doubled, plural, one {is} other {are}} used once.',
        { doubled },
      ),
    });
  }
  return findings;
}
