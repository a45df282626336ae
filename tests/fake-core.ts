// A worker of the core in the test's own thread, that can be made slow and made to die.
import { checkItem, checkTogether } from '../src/core/pipeline';
import type { Item } from '../src/core/model';
import type { Core } from '../src/workers/client';

export type FakeCore = {
  core: Core;
  /** The questions that the worker holds. */
  mirrored: Map<string, Item>;
  /** Forgets the mirror, as a worker that died does. */
  die: () => void;
};

/** Only what the bank asks of the worker; each answer waits for `delay`. */
export function fakeCore(delay: () => Promise<void> = () => Promise.resolve()): FakeCore {
  const mirrored = new Map<string, Item>();
  const core = {
    mirror(items: Item[], removed: string[], clear: boolean) {
      if (clear) {
        mirrored.clear();
      }
      items.forEach((item) => mirrored.set(item.id, structuredClone(item)));
      removed.forEach((id) => mirrored.delete(id));
      return Promise.resolve();
    },
    async check(version: number, layouts: never[], ids?: string[]) {
      const items = [...mirrored.values()].filter(({ id }) => !ids || ids.includes(id));
      const byItem = items.map((item) => [item.id, checkItem(item, layouts)] as const);
      const together = checkTogether([...mirrored.values()]);
      await delay();
      return { version, byItem, together };
    },
  };
  return { core: core as unknown as Core, mirrored, die: () => mirrored.clear() };
}
