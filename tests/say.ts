// A question in short, for tests: row, kind, stem, and its answers with a star at the right ones.
import type { Item } from '../src/core/model';

export const answersOf = (item: Item): string =>
  item.options
    ?.map(
      (option) =>
        `${option.right ? '*' : ''}${option.text.plain}${option.weight !== undefined ? `{${option.weight}}` : ''}`,
    )
    .join(' / ') ??
  item.pairs?.map((pair) => `${pair.left.plain}=${pair.right.plain}`).join(' / ') ??
  item.steps?.map((step) => step.plain).join(' > ') ??
  item.gaps?.map((gap) => gap.accepted.join('|')).join(' / ') ??
  (item.number
    ? `${item.number.value}±${item.number.tolerance}${item.number.unit ?? ''}`
    : undefined) ??
  item.accepted?.join(' / ') ??
  '';

/** `choice-one: What opens? [Wall / *Gate]` */
export const brief = (item: Item): string =>
  `${item.kind}: ${item.stem.html ?? item.stem.plain} [${answersOf(item)}]`;
