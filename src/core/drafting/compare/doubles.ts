// What came before, in these replies or in the bank.
import type { Finding, Item } from '../../model';
import { alike } from '../../shared/normalise';
import { quoted } from '../../shared/plain';
import { note } from './around';
import type { RowItem } from './row-item';
import { say } from '../../shared/say';

const stemOf = ({ stem }: Item): string => alike(stem.plain);
const rightOf = ({ options = [], accepted = [] }: Item): string =>
  [...options.flatMap(({ text, right }) => (right ? [text.plain] : [])), ...accepted]
    .map(alike)
    .sort()
    .join('\n');

/** A text that so many questions with different answers share ('Which is right?') asks nothing by itself. */
const GENERIC = 3;

/** The texts that ask nothing by themselves. */
function genericStems(items: readonly Item[]): Set<string> {
  const answers = new Map<string, Set<string>>();
  for (const item of items) {
    const stem = stemOf(item);
    answers.set(stem, (answers.get(stem) ?? new Set()).add(rightOf(item)));
  }
  return new Set([...answers].filter(([, rights]) => rights.size >= GENERIC).map(([stem]) => stem));
}

/** Takes out what came before, in these replies or in the bank; `inBank` are the bank's own, which answer for them. */
export function withoutDoubles(
  made: readonly RowItem[],
  known: readonly Item[],
): { kept: RowItem[]; inBank: Item[]; findings: Finding[] } {
  const generic = genericStems([...made.map(({ item }) => item), ...known]);
  const keyOf = (item: Item): string =>
    generic.has(stemOf(item)) ? `${stemOf(item)}\n${rightOf(item)}` : stemOf(item);
  const bank = new Map(known.map((item) => [keyOf(item), item]));
  const seen = new Set<string>();
  const findings: Finding[] = [];
  const inBank: Item[] = [];
  const kept = made.filter(({ item, line }) => {
    const key = keyOf(item);
    const held = bank.get(key);
    if (!stemOf(item) || (!held && !seen.has(key))) {
      seen.add(key);
      return true;
    }
    if (held) {
      inBank.push(held);
    }
    const where = held ? say('in the bank') : say('in these replies');
    const message = say('{stem} stands {where} already; it is left out.', {
      stem: quoted(item.stem.plain, 50),
      where,
    });
    findings.push(note('reply-doubled', 'warn', message, line));
    return false;
  });
  return { kept, inBank, findings };
}
