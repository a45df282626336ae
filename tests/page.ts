// A page without a browser: all that the stores ask of one, so that they run with the real core, the real calls of the
// worker and the real store. Import it first of all.
import 'fake-indexeddb/auto';
import { once } from 'node:events';
import { resolveObjectURL } from 'node:buffer';
import { expose } from 'comlink';
import { notificationsStore } from '@mantine/notifications';
import { coreApi } from '../src/workers/core-api';
import { demo } from './make';

/** A file as the user finds it among the downloads. */
type Taken = { name: string; bytes: () => Promise<Uint8Array> };

/** What left the page, and the workers that it started. */
export const page = {
  taken: [] as Taken[],
  copied: [] as Record<string, Blob>[],
  opened: [] as string[],
  workers: [] as PageWorker[],
  /** Files of the demo that the server does not give. */
  missing: new Set<string>(),
};

/** The messages at the corner of the page, the newest at the end. */
export const messages = (): string[] =>
  [...notificationsStore.getState().notifications, ...notificationsStore.getState().queue].map(
    ({ message }) => (typeof message === 'string' ? message : ''),
  );

class PageWorker extends EventTarget {
  /** How many calls it was given. */
  asked = 0;
  private readonly channel = new MessageChannel();

  constructor() {
    super();
    const { port1, port2 } = this.channel;
    const surroundings = {
      now: () => new Date().toISOString(),
      id: () => crypto.randomUUID(),
      digest: async (bytes: Uint8Array) =>
        Buffer.from(await crypto.subtle.digest('SHA-256', new Uint8Array(bytes))).toString('hex'),
    };
    expose(
      coreApi(surroundings, (done, of) => port1.postMessage({ progress: [done, of] })),
      port1,
    );
    port1.start();
    port2.addEventListener('message', ({ data }) =>
      this.dispatchEvent(Object.assign(new Event('message'), { data: data as unknown })),
    );
    port2.start();
    page.workers.push(this);
  }

  postMessage(message: unknown, transfer: Transferable[] = []): void {
    this.asked++;
    this.channel.port2.postMessage(message, transfer);
  }

  terminate(): void {
    this.channel.port1.close();
    this.channel.port2.close();
  }

  /** Hears nothing from now on, as a worker that is busy for ever. */
  hang(): void {
    this.channel.port1.close();
  }

  /** Ends as a worker does that runs out of memory. */
  die(): void {
    this.terminate();
    this.dispatchEvent(new Event('error', { cancelable: true }));
  }
}

/** Locks that are held for good or until their work is done; whoever waits gives up when its signal says so. */
const held = new Set<string>();
const released = new EventTarget();
type LockWork = (lock: object | null) => unknown;
const locks = {
  async request(name: string, ...rest: [LockWork] | [object, LockWork]): Promise<unknown> {
    const work = rest.at(-1) as LockWork;
    const { signal } = rest[0] as { signal?: AbortSignal };
    if (held.has(name) && signal) {
      await Promise.race([once(signal, 'abort'), once(released, name)]);
    }
    if (held.has(name)) {
      throw new DOMException('The lock was not to be had.', 'AbortError');
    }
    held.add(name);
    const result: unknown = await work({ name });
    held.delete(name);
    return result;
  },
  query: () => Promise.resolve({ held: [...held].map((name) => ({ name })) }),
};
const tabLock = (tab: string): string => `cowslip-tab-${tab}`;
/** Another tab of this name is open, as far as this page can tell. */
export const openElsewhere = (tab: string): void => void held.add(tabLock(tab));
/** The page of that tab is gone. */
export function closeElsewhere(tab: string): void {
  held.delete(tabLock(tab));
  released.dispatchEvent(new Event(tabLock(tab)));
}

const kept = new Map<string, string>();

function link() {
  const element = {
    href: '',
    download: '',
    click: () => {
      const blob = resolveObjectURL(element.href)!;
      const bytes = async () => new Uint8Array(await blob.arrayBuffer());
      page.taken.push({ name: element.download, bytes });
    },
  };
  return element;
}

class Item {
  constructor(readonly forms: Record<string, Blob>) {}
}

const pageWindow = Object.assign(new EventTarget(), {
  open: (address: string) => {
    page.opened.push(address);
    return null;
  },
});

Object.assign(globalThis, {
  Worker: PageWorker,
  ClipboardItem: Item,
  window: pageWindow,
  document: { createElement: link },
  location: { search: '' },
  sessionStorage: {
    getItem: (name: string) => kept.get(name) ?? null,
    setItem: (name: string, value: string) => void kept.set(name, value),
  },
  navigator: {
    locks,
    clipboard: {
      write: ([item]: Item[]) => {
        page.copied.push(item!.forms);
        return Promise.resolve();
      },
    },
    storage: { persist: () => Promise.resolve(true) },
  },
  fetch: (address: string) => {
    const name = address.replace(/^\/demo\//, '');
    return Promise.resolve(
      page.missing.has(name)
        ? new Response(null, { status: 503 })
        : new Response(new Uint8Array(demo(name))),
    );
  },
});

/** Waits until something holds; fails where it does not within ten seconds. */
export async function until(holds: () => boolean | Promise<boolean>): Promise<void> {
  const end = Date.now() + 10_000;
  while (!(await holds())) {
    if (Date.now() > end) {
      throw new Error('it did not come about within ten seconds');
    }
    await new Promise((resolve) => setTimeout(resolve, 5));
  }
}

// A message is looked at as soon as it was said.
const { fetchCorner } = await import('../src/islands/parts/say');
await fetchCorner();
