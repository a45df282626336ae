// Which banks there are, and the demo: opened in one click from anywhere, and reset.
import type { BankInfo, Item, KeptLayout } from '../../core/model';
import { indexedDbStore } from '../../store/indexed-db';
import { memoryStore } from '../../store/memory';
import { safeName } from '../../core/shared/plain';
import { core } from '../../workers/client';
import { addItems, bankState, forgetSteps, openBank, theStore, useStore } from './bank';
import { takeAway } from '../parts/take-away';

const DEMO: BankInfo = { id: 'demo', name: 'Lock keepers, autumn intake', madeAt: '' };
const OWN: BankInfo = { id: 'own', name: 'My questions', madeAt: '' };
export const DEMO_SOURCES = [
  { file: 'second-evening.xlsx', what: 'a spreadsheet with a note above its headings' },
  { file: 'reply-with-faults.txt', what: 'tab text with faults in it' },
  { file: 'words-for-keepers.txt', what: 'a list of terms' },
  {
    file: 'third-evening.docx',
    what: 'a document with automatic numbers, the right answers in bold',
  },
  {
    file: 'reply-in-text.md',
    what: 'a reply with a question cut off and a key past the last option',
  },
] as const;
export const DEMO_BLANKS = [
  { file: 'evening-host.xlsx', what: 'a workbook with instructions, drop-downs and a title cell' },
  { file: 'course-shelf.csv', what: 'a text file with stars at the right options' },
  { file: 'card-box.tsv', what: 'two columns of cards and their deck' },
] as const;

/** A file of the demo, from this program's own server. */
export async function demoFile(name: string): Promise<Uint8Array> {
  const response = await fetch(`/demo/${name}`);
  if (!response.ok) {
    throw new Error(`The demo file ${name} could not be fetched (${response.status}).`);
  }
  return new Uint8Array(await response.arrayBuffer());
}

/** Learns a blank and keeps its bytes; gives the layout to be kept. */
export async function learnAndKeep(
  name: string,
  bytes: Uint8Array,
): Promise<{ kept?: KeptLayout; problem?: string }> {
  const { kept, findings } = await core().learn(name, bytes);
  const block = findings.find((finding) => finding.level === 'block');
  if (!kept || block) {
    return { problem: block?.message ?? `${name} could not be read.` };
  }
  if (kept.layout.blank) {
    await theStore().saveBlank(kept.layout.blank.digest, bytes);
  }
  return { kept };
}

async function fillDemo(): Promise<void> {
  const { items } = JSON.parse(new TextDecoder().decode(await demoFile('bank.json'))) as {
    items: Item[];
  };
  const layouts: KeptLayout[] = [];
  for (const { file } of DEMO_BLANKS) {
    const { kept } = await learnAndKeep(file, await demoFile(file));
    if (kept) {
      layouts.push({
        ...kept,
        layout: {
          ...kept.layout,
          name: kept.layout.name.replace(/^./, (letter) => letter.toUpperCase()),
        },
      });
    }
  }
  await addItems(
    'Open the demo',
    items,
    layouts.map((after) => ({ kind: 'layouts', id: after.id, after })),
  );
  forgetSteps();
}

async function open(info: BankInfo): Promise<void> {
  const known = (await theStore().banks()).find(({ id }) => id === info.id);
  if (!known) {
    await theStore().saveBank({ ...info, madeAt: new Date().toISOString() });
  }
  await theStore().saveSetting('bank', info.id);
  await openBank(known ?? info);
  if (!known && info.id === DEMO.id) {
    await fillDemo();
  }
}

export const openDemo = (): Promise<void> => open(DEMO);
export const openOwn = (): Promise<void> => open(OWN);

/** Puts the demo back to how it ships; only the demo bank is touched. */
export async function resetDemo(): Promise<void> {
  await theStore().clear(DEMO.id);
  await open(DEMO);
}

/** Every bank of this browser that is neither the demo nor the first of one's own. */
export const otherBanks = async (): Promise<BankInfo[]> =>
  (await theStore().banks()).filter(({ id }) => id !== DEMO.id && id !== OWN.id);
export const openOther = (info: BankInfo): Promise<void> => open(info);

/** The open bank as one file, with its layouts, blanks, sources, receipts and pictures. */
export async function saveBankFile(): Promise<string> {
  const { info, items, layouts, sources, receipts } = bankState();
  const blanks = new Map<string, Uint8Array>();
  for (const { layout } of layouts) {
    const bytes = layout.blank && (await theStore().blank(layout.blank.digest));
    if (bytes) {
      blanks.set(layout.blank!.digest, bytes);
    }
  }
  const bytes = await core().packBank(
    {
      name: info.name,
      layouts: [...layouts],
      sources: [...sources],
      receipts: [...receipts],
      blanks,
    },
    items.map(({ id }) => id),
  );
  const name = `${safeName(info.name, 'bank')}.bank.zip`;
  takeAway(name, bytes, 'application/zip');
  return name;
}

/** Opens a bank file as a bank of its own beside the others; gives the reason where it can't be had. */
export async function openBankFile(file: File): Promise<string | undefined> {
  const opened = await core().openBankFile(file.name, new Uint8Array(await file.arrayBuffer()));
  if ('finding' in opened) {
    return opened.finding.message;
  }
  const { name, items, layouts, sources, receipts, blanks } = opened.contents;
  for (const [digest, bytes] of blanks) {
    await theStore().saveBlank(digest, bytes);
  }
  await open({ id: `bank-${crypto.randomUUID()}`, name, madeAt: '' });
  await addItems('Open the bank file', items, [
    ...layouts.map((after) => ({ kind: 'layouts' as const, id: after.id, after })),
    ...sources.map((after) => ({ kind: 'sources' as const, id: after.id, after })),
    ...receipts.map((after) => ({ kind: 'receipts' as const, id: after.id, after })),
  ]);
  forgetSteps();
  return undefined;
}

let starting: Promise<void> | undefined;
/** Starts the store and opens the bank of last time, or the demo where the server was started for it. */
export function start(demo: boolean): Promise<void> {
  starting ??= (async () => {
    try {
      useStore(await indexedDbStore());
    } catch {
      useStore(memoryStore());
    }
    const wanted = new URLSearchParams(location.search).has('demo')
      ? DEMO.id
      : await theStore().setting<string>('bank');
    const known = (await theStore().banks()).find(({ id }) => id === wanted);
    await open(known ?? ((wanted ?? (demo ? DEMO.id : OWN.id)) === DEMO.id ? DEMO : OWN));
  })();
  return starting;
}
