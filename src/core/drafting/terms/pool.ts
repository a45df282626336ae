// For each term, the few others that may lend it a wrong option: found by indexes, so that ten thousand terms take seconds.
import type { Entry } from './entries';
import { formKey, formOf, leadsOf, sameForm, type Form } from './form';

/** What a lender offers: its definition, or its term. */
export type Side = 'term' | 'definition';

/** How many candidates each index gives at most. */
const FROM_CATEGORY = 32;
const FROM_WORD = 12;
const WORDS_LOOKED_UP = 6;
const FROM_FORM = 16;
/** A word in so many entries tells little and is not looked up. */
const COMMON = 400;

function listed<K>(map: Map<K, Entry[]>, key: K, entry: Entry): void {
  const list = map.get(key);
  if (list) {
    list.push(entry);
  } else {
    map.set(key, [entry]);
  }
}

/** A member of a list, as if the list were a ring. */
const around = (list: readonly Entry[], at: number): Entry => list[at % list.length]!;

/** Takes so many from a list, starting where the seed says, so that no entry is always first. */
function* taken(list: readonly Entry[], most: number, start: number): Generator<Entry> {
  for (let n = 0; n < Math.min(most, list.length); n++) {
    yield around(list, start + n);
  }
}

/** The entries by category, by telling word and by form. */
export class Pool {
  private readonly byCategory = new Map<string, Entry[]>();
  private readonly byWord = new Map<string, Entry[]>();
  private readonly byForm = new Map<string, Entry[]>();
  private readonly weights = new Map<string, number>();
  private readonly forms: Form[];

  constructor(
    private readonly entries: readonly Entry[],
    readonly side: Side,
  ) {
    const leads = leadsOf(entries.map((entry) => entry[side]));
    this.forms = entries.map((entry) => formOf(entry[side], leads));
    for (const entry of entries) {
      listed(this.byForm, formKey(this.forms[entry.at]!), entry);
      if (entry.category.length) {
        listed(this.byCategory, entry.categoryKey, entry);
      }
      for (const word of entry.words) {
        listed(this.byWord, word, entry);
      }
    }
    for (const [word, list] of this.byWord) {
      this.weights.set(word, Math.log(entries.length / list.length) + 0.1);
    }
  }

  /** How alike in form two entries are on the side that is lent. */
  form(a: Entry, b: Entry): number {
    return sameForm(this.forms[a.at]!, this.forms[b.at]!);
  }

  /** Whether nothing in the form of the two would make one stand out beside the other. */
  isSameForm(a: Entry, b: Entry): boolean {
    const [left, right] = [this.forms[a.at]!, this.forms[b.at]!];
    return left.lead === right.lead && left.letters === right.letters;
  }

  /** How much a word tells, by how few entries have it (inverse document frequency). */
  weight(word: string): number {
    return this.weights.get(word) ?? 0;
  }

  /** Entries that may lend to one, near ones among them; `turn` shifts where each index begins. */
  for(entry: Entry, turn: number): Set<Entry> {
    const found = new Set<Entry>();
    const add = (list: readonly Entry[] | undefined, most: number): void => {
      for (const one of taken(list ?? [], most, turn)) {
        found.add(one);
      }
    };
    add(this.byCategory.get(entry.categoryKey), FROM_CATEGORY);
    const words = [...entry.words]
      .filter((word) => (this.byWord.get(word)?.length ?? 0) <= COMMON)
      .sort((a, b) => this.weight(b) - this.weight(a))
      .filter((word) => (this.byWord.get(word)?.length ?? 0) > 1);
    for (const word of words.slice(0, WORDS_LOOKED_UP)) {
      add(this.byWord.get(word), FROM_WORD);
    }
    add(this.byForm.get(formKey(this.forms[entry.at]!)), FROM_FORM);
    add(this.entries, FROM_FORM);
    found.delete(entry);
    return found;
  }
}
