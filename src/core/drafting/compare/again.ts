// What is asked for a second time.
import type { Asked } from '../../model';
import { quoted } from '../../shared/plain';
import { secondRequestWords, type Wrong } from '../requests/words';
import type { RowItem } from './row-item';
import { say } from '../../shared/say';

/** Questions to be written anew, by their reason. */
export function wrongOf(made: readonly RowItem[]): Wrong[] {
  const byReason = new Map<string, string[]>();
  for (const { item, line, faults } of made) {
    const reason = faults.find((fault) => fault.again)?.again;
    if (reason) {
      const words = quoted(item.stem.plain || say('line {line}', { line }), 60);
      byReason.set(reason, [...(byReason.get(reason) ?? []), words]);
    }
  }
  return [...byReason].map(([why, texts]) => ({
    why: `${why[0]!.toUpperCase()}${why.slice(1)}`,
    texts,
  }));
}

/** What the replies lack: words without a good question, faulty questions, and how many are short in all. */
type Lack = { words: readonly string[]; wrong: readonly Wrong[]; short: number };

/** What is asked for again, in the form of the first request; undefined where nothing is. */
export function again(
  asked: readonly Asked[],
  { words, wrong, short }: Lack,
): { text: string; asked: Asked } | undefined {
  const [first] = asked;
  const wanted = Math.max(words.length, short);
  if (!first || wanted <= 0) {
    return undefined;
  }
  const next: Asked = { ...first, count: wanted, terms: [...words], again: true };
  return { text: secondRequestWords(next, words, wrong), asked: next };
}
