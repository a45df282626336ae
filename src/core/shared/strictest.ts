// The strictest of several receivers' limits.
import type { Layout, Limits } from '../model';

/** The least of some numbers that may be absent; undefined where all are. */
export function leastOf(values: readonly (number | undefined)[]): number | undefined {
  const given = values.filter((value): value is number => value !== undefined);
  return given.length ? Math.min(...given) : undefined;
}

/** The shortest question and option that all of them take, with limits of one's own among them. */
export function strictestLengths(
  layouts: readonly Pick<Layout, 'limits'>[],
  own: Pick<Limits, 'stem' | 'option'> = {},
): { stem?: number; option?: number } {
  const all = [own, ...layouts.map(({ limits }) => limits)];
  const [stem, option] = [
    leastOf(all.map((one) => one.stem)),
    leastOf(all.map((one) => one.option)),
  ];
  return { ...(stem ? { stem } : {}), ...(option ? { option } : {}) };
}
