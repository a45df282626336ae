// Questions that a package states outright: nothing is guessed, so there is little to explain.
import type { Stated } from '../model';
import { count } from '../shared/plain';
import type { Gathered, GatherOptions } from './contract';

/** The questions of a package under fresh ids. */
export function gatherStated(stated: Stated, { overrule = {}, newId }: GatherOptions): Gathered {
  const strip = overrule.formatting === 'strip';
  const items = stated.items.map((item, index) => ({
    ...(strip ? withoutHtml(item) : item),
    id: newId(),
    origin: { ...item.origin, file: stated.file, row: index + 1 },
  }));
  return {
    items,
    findings: [...stated.findings],
    reading: {
      as: 'package',
      headingRow: null,
      columns: [],
      key: { style: 'letter' },
      because: { as: `it states ${count(items.length, 'question')} outright` },
      unsure: [],
    },
  };
}

const withoutHtml = <T>(value: T): T =>
  JSON.parse(
    JSON.stringify(value, (key, inner: unknown) => (key === 'html' ? undefined : inner)),
  ) as T;
