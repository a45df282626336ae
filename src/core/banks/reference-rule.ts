// References by a rule: '{category}-{year}-{n:3}' gives 'Locks-2026-001'; each is unique, and the numbers count up.
import type { Item } from '../model';
import { Problem } from '../shared/problem';
import { say } from '../shared/say';

const PART = /\{(category|top|kind|source|by|n)(?::(\d))?\}/gu;
const LEAST_DIGITS = 1;

/** Letters, digits and hyphens alone, since references stand in files' cells and names. */
const plain = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/\.[^.]{1,5}$/u, '')
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/gu, '');

const VALUES: Record<string, (item: Item) => string> = {
  category: ({ category }) => category?.at(-1) ?? '',
  top: ({ category }) => category?.[0] ?? '',
  kind: ({ kind }) => kind,
  source: ({ origin }) => origin?.file ?? '',
  by: ({ origin }) => origin?.by ?? '',
};

/**
 * What gives each question its reference by a rule. Numbers begin at 1 for everything that is alike but for the number.
 * `taken` are references of other questions. Throws a Problem where a rule has no number, so that references would be alike.
 */
export function newReferences(
  items: readonly Item[],
  rule: string,
  taken: ReadonlySet<string>,
): (item: Item) => Item {
  const counters = [...rule.matchAll(PART)].filter(([, name]) => name === 'n');
  if (counters.length !== 1) {
    throw new Problem(
      counters.length
        ? say("The rule has '{n}' more than once; write it once.")
        : say(
            "Write '{n}' where the number goes, '{n:3}' for three digits, so that no two references are alike.",
          ),
    );
  }
  const next = new Map<string, number>();
  const given = new Set(taken);
  const refs = new Map<string, string>();
  for (const item of items) {
    const frame = rule.replace(PART, (part, name: string) =>
      name === 'n' ? part : plain(VALUES[name]!(item)),
    );
    let ref: string;
    do {
      const n = (next.get(frame) ?? 0) + 1;
      next.set(frame, n);
      ref = frame.replace(PART, (_, __, digits?: string) =>
        String(n).padStart(Number(digits ?? LEAST_DIGITS), '0'),
      );
    } while (given.has(ref));
    given.add(ref);
    refs.set(item.id, ref);
  }
  return (item) => ({ ...item, ref: refs.get(item.id)! });
}
