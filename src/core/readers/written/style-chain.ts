// Styles that inherit from one another.
import type { Look } from '../../model';

/** A style with its look and the name of the one that it is based on. */
export type BasedStyle = { look: Look; based?: string };

/** A chain of styles is no longer than this, unless it bites its tail. */
const LONGEST_CHAIN = 12;

/** A style with what it inherits; a chain that bites its tail ends. */
export function resolveStyle<Style extends BasedStyle>(
  styles: ReadonlyMap<string, Style>,
  id: string | undefined,
): Style | { look: Look } {
  const chain: Style[] = [];
  let next = styles.get(id ?? '');
  while (next && chain.length < LONGEST_CHAIN) {
    chain.unshift(next);
    next = styles.get(next.based ?? '');
  }
  return chain.reduce<Style | { look: Look }>(
    (sum, style) => ({ ...sum, ...style, look: { ...sum.look, ...style.look } }),
    { look: {} },
  );
}
