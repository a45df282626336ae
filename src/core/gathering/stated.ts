// Questions that a package states outright: nothing is guessed, so there is little to explain.
import type { Stated } from '../model';
import type { Gathered, GatherOptions } from './contract';
import { say } from '../shared/say';

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
      because: {
        as: say('it states {items, plural, one {# question} other {# questions}} outright', {
          items: items.length,
        }),
      },
      unsure: [],
    },
  };
}

const withoutHtml = <T>(value: T): T =>
  JSON.parse(
    JSON.stringify(value, (key, inner: unknown) => (key === 'html' ? undefined : inner)),
  ) as T;
