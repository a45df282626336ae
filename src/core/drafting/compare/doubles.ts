// What came before, in these replies or in the bank.
import type { Finding, Item } from '../../model';
import { alike } from '../../shared/normalise';
import { quoted } from '../../shared/plain';
import { note } from './around';
import type { RowItem } from './row-item';

const sameAs = (item: Item): string =>
  `${alike(item.stem.plain)}\n${(item.options ?? [])
    .map(({ text }) => alike(text.plain))
    .sort()
    .join('\n')}`;

/** Takes out what came before, in these replies or in the bank. */
export function withoutDoubles(
  made: readonly RowItem[],
  known: readonly Item[],
): { kept: RowItem[]; findings: Finding[] } {
  const seen = new Map(known.map((item) => [alike(item.stem.plain), 'in the bank']));
  const whole = new Set<string>();
  const findings: Finding[] = [];
  const kept = made.filter((one) => {
    const key = alike(one.item.stem.plain);
    const before = whole.has(sameAs(one.item)) ? 'in this reply or one before' : seen.get(key);
    if (before && key) {
      findings.push(
        note(
          'reply-doubled',
          'warn',
          `${quoted(one.item.stem.plain, 50)} stands ${before} already; it is left out.`,
          one.line,
        ),
      );
      return false;
    }
    seen.set(key, 'with the same words');
    whole.add(sameAs(one.item));
    return true;
  });
  return { kept, findings };
}
