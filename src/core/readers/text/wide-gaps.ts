// Lines of two columns that wide gaps part, of which some have hardly a gap left.
import { groupBy } from '../../shared/group-by';

const MOSTLY = 0.6;
const WIDE = /(?<=\S) {3,}(?=\S)/u;
const NARROW = /(?<=\S) {2}(?=\S)/u;

/** Lines of two columns whose first text is so long that hardly a gap is left, with as wide a one as others: what follows stands below the rest. */
export function withWideGaps(lines: readonly string[]): readonly string[] {
  const behind = (line: string, gap: RegExp): number | undefined => {
    const match = gap.exec(line);
    return match ? match.index + match[0].length : undefined;
  };
  const places = lines.flatMap((line) => behind(line, WIDE) ?? []);
  const byPlace = groupBy(places, (place) => place);
  const [column, own = []] = [...byPlace].sort((a, b) => b[1].length - a[1].length)[0] ?? [];
  if (own.length < 2 || own.length < places.length * MOSTLY) {
    return lines;
  }
  return lines.map((line) =>
    !WIDE.test(line) && behind(line, NARROW) === column ? line.replace(NARROW, '    ') : line,
  );
}
