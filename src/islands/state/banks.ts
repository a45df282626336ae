// Which banks there are, and which one is open.
import type { BankInfo } from '../../core/model';
import type { ConnectionEvent } from '../../store/connection';
import { indexedDbStore } from '../../store/indexed-db';
import { memoryStore } from '../../store/memory';
import { recordsAdded } from './bank/lists';
import { reasonOf } from './bank/saving';
import { theBank, theStore } from './bank';
import { DEMO, putDemoBack, seedDemo } from './demo';
import { Latest } from '../parts/latest';
import { sayProblem } from '../parts/say';
import { quietly } from './quietly';
import { settleTab } from './tab';
import { i18n } from '../../languages';

const OWN: BankInfo = { id: 'own', name: i18n._('My questions'), madeAt: '' };

/** Behind every question of another bank. */
const LAST_ORDER = 1_000_000_000;

/** The last wish holds, however long an earlier one takes. */
const latest = new Latest();

/** The store while it is being opened; a bank may be wished for before that. */
let opening: Promise<void> | undefined;
/** Whether somebody wished for a bank since the page was loaded. */
let isWished = false;

async function open(info: BankInfo): Promise<void> {
  const isLatest = latest.begin();
  try {
    await opening;
    if (info.id === DEMO.id) {
      await seedDemo();
    }
    const known = (await theStore().banks()).find(({ id }) => id === info.id);
    if (!known) {
      await theStore().saveBank({ ...info, madeAt: new Date().toISOString() });
    }
    if (isLatest()) {
      await theStore().saveSetting('bank', info.id);
      await theBank().open(known ?? info);
    }
  } catch (error) {
    sayProblem(
      i18n._('{name} could not be opened: {reasonOf}.', {
        name: info.name,
        reasonOf: reasonOf(error),
      }),
    );
    // Something must stand on the screen, and be told apart from what could not be had.
    if (isLatest() && theBank().state.phase === 'opening') {
      theBank().notice(
        i18n._(
          '{name} could not be opened: {reasonOf}. What you do now is kept in this page alone; save it as a file before you close it.',
          { name: info.name, reasonOf: reasonOf(error) },
        ),
      );
      theBank().useStore(memoryStore(), false);
      await theBank().open({ ...OWN, name: i18n._('In this page only') });
    }
  }
}

/** Opens a bank that the store holds. */
export function openBank(info: BankInfo): Promise<void> {
  isWished = true;
  return open(info);
}
export const openDemo = (): Promise<void> => openBank(DEMO);
export const openOwn = (): Promise<void> => openBank(OWN);

/** A bank that no other is, by its name. */
export const freshBank = (name: string): BankInfo => ({
  id: `bank-${crypto.randomUUID()}`,
  name,
  madeAt: new Date().toISOString(),
});

/** Makes an empty bank beside the others, and opens it. */
export async function newBank(name: string): Promise<void> {
  const info = freshBank(name);
  await theStore().saveBank(info);
  await open(info);
}

export const renameBank = (name: string): Promise<void> => theBank().rename(name);

/** Makes a bank with all that the open one has, and opens it. */
export async function copyBank(): Promise<void> {
  const copy = freshBank(i18n._('{name}, copy', { name: theBank().state.info.name }));
  await theStore().write(copy.id, {
    info: copy,
    items: theBank()
      .entries()
      .map(({ id, order, item }) => ({ id, is: 'added', order, item })),
    records: recordsAdded(theBank().state),
  });
  await open(copy);
}

/** Takes the open bank with all it holds away, and opens one's own; that one is emptied where it is the one that goes. */
export async function removeBank(): Promise<void> {
  const { info } = theBank().state;
  await theStore().clear(info.id);
  await open(OWN);
}

/** Puts copies of questions at the end of another bank, with references of its own where theirs are taken. */
export async function copyToBank(ids: readonly string[], bank: BankInfo): Promise<void> {
  const items = ids.flatMap((id) => theBank().item(id) ?? []);
  await theStore().write(bank.id, {
    info: bank,
    // The store gives an order that no other question of that bank has.
    items: items.map((item, index) => {
      const id = crypto.randomUUID();
      return { id, is: 'added', order: LAST_ORDER + index, item: { ...item, id } };
    }),
    records: [],
  });
}

/** Every bank but the open one, one's own and the demo among them. */
export async function banksBeside(): Promise<BankInfo[]> {
  const known = await theStore().banks();
  const all = known.some(({ id }) => id === OWN.id) ? known : [OWN, ...known];
  return all.filter(({ id }) => id !== theBank().state.info.id);
}

/** Opens the demo and puts it back to how it ships; only the demo bank is touched, and undo takes it back. */
export async function resetDemo(): Promise<void> {
  await open(DEMO);
  await putDemoBack();
}

/** Every bank of this browser that is neither the demo nor the first of one's own. */
export async function otherBanks(): Promise<BankInfo[]> {
  await opening;
  const banks = await theStore().banks();
  return banks.filter(({ id }) => id !== DEMO.id && id !== OWN.id);
}

const NOTICES: Readonly<Record<ConnectionEvent, string | undefined>> = {
  blocked: i18n._(
    'An older version of this program is open in another tab and holds the store. Close that tab; this page then goes on by itself.',
  ),
  open: undefined,
  outdated: i18n._(
    'A newer version of this program was opened in another tab and took over the store. Load this page again to go on; what is not saved yet can be had as a file.',
  ),
  lost: i18n._('The browser closed its store; it is opened again with the next step.'),
};

/** What the user is told where the browser gives no store. */
function noStoreNotice(error: unknown): string {
  const isNewer = error instanceof Error && error.name === 'VersionError';
  return isNewer
    ? i18n._(
        'Your banks were kept by a newer version of this program, which this one can’t read. Load the newer version; nothing of them was changed. What you do here is kept in this page alone.',
      )
    : i18n._(
        'The browser’s store can’t be opened ({reasonOf}), so your banks can’t be shown. What you do here is kept in this page alone; save it as a file before you close it.',
        { reasonOf: reasonOf(error) },
      );
}

async function openStore(): Promise<void> {
  const bank = theBank();
  try {
    const store = await indexedDbStore('cowslip', (event) => bank.notice(NOTICES[event]));
    bank.useStore(store);
    // Without this a browser that runs out of room may throw away everything that it keeps for a page.
    void navigator.storage?.persist?.().catch(() => false);
  } catch (error) {
    bank.useStore(memoryStore(), false);
    bank.notice(noStoreNotice(error));
  }
}

/** The bank of last time, or the demo where the address or the server asks for it. */
async function firstBank(demo: boolean): Promise<BankInfo> {
  if (new URLSearchParams(location.search).has('demo')) {
    return DEMO;
  }
  const wanted = await theStore().setting<string>('bank');
  const known = (await theStore().banks()).find(({ id }) => id === wanted);
  return known ?? (demo && !wanted ? DEMO : OWN);
}

let starting: Promise<void> | undefined;
/** Starts the store and opens the bank of last time. */
export function start(demo: boolean): Promise<void> {
  starting ??= (async () => {
    opening = settleTab().then(openStore);
    await opening;
    const isHeld = theBank().state.notice === undefined;
    // The store may be taken over by a newer program before it is first asked; opening then says so.
    const first = isHeld ? await firstBank(demo).catch(() => OWN) : OWN;
    // What was wished for meanwhile is being opened.
    if (!isWished) {
      await open(first);
    }
    // Once a visit; what could not be let go stays until the next.
    quietly(theStore().tidy());
  })();
  return starting;
}

// What is not on the disk yet would be lost with the page.
if (typeof window !== 'undefined') {
  window.addEventListener('beforeunload', (event) => {
    const { state, unsaved } = theBank().state.save;
    if (unsaved > 0 && state === 'failed') {
      event.preventDefault();
    }
  });
}
