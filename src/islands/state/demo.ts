// The demo that ships with the program: its bank, sources and blanks, and putting it back.
import type { BankInfo, Item, KeptLayout, QuestionSet, RecordStep } from '../../core/model';
import { recordChange, stepBetween } from '../../core/shared/steps';
import type { Write } from '../../store/port';
import { core } from '../../workers/client';
import { recordsAdded } from './bank/lists';
import { bankState, doStep, theBank, theStore } from './bank';
import { i18n } from '../../languages';

export const DEMO: BankInfo = {
  id: 'demo',
  name: 'Lock keepers, autumn intake',
  madeAt: '',
};
export const DEMO_SOURCES = [
  { file: 'second-evening.xlsx', what: i18n._('a spreadsheet with a note above its headings') },
  { file: 'reply-with-faults.txt', what: i18n._('tab text with faults in it') },
  { file: 'words-for-keepers.txt', what: i18n._('a list of terms') },
  {
    file: 'third-evening.docx',
    what: i18n._('a document with automatic numbers, the right answers in bold'),
  },
  {
    file: 'reply-in-text.md',
    what: i18n._('a reply with a question cut off and a key past the last option'),
  },
] as const;
export const DEMO_BLANKS = [
  {
    file: 'evening-host.xlsx',
    what: i18n._('a workbook with instructions, drop-downs and a title cell'),
  },
  { file: 'course-shelf.csv', what: i18n._('a text file with stars at the right options') },
  { file: 'card-box.tsv', what: i18n._('two columns of cards and their deck') },
] as const;

/** A file of the demo, from this program's own server; rejects with a plain sentence where it can't be had. */
export async function demoFile(name: string): Promise<Uint8Array> {
  const response = await fetch(`/demo/${name}`);
  if (!response.ok) {
    throw new Error(
      i18n._('The demo file {name} could not be fetched ({status}).', {
        name,
        status: response.status,
      }),
    );
  }
  return new Uint8Array(await response.arrayBuffer());
}

type DemoBank = { items: Item[]; sets?: QuestionSet[] };
type Demo = { items: Item[]; records: RecordStep[]; blanks: Map<string, Uint8Array> };

/** The demo as it ships, its blanks learned anew. */
async function readDemo(): Promise<Demo> {
  const [bank, ...files] = await Promise.all(
    ['bank.json', ...DEMO_BLANKS.map(({ file }) => file)].map(demoFile),
  );
  const { items, sets = [] } = JSON.parse(new TextDecoder().decode(bank)) as DemoBank;
  const layouts: KeptLayout[] = [];
  const blanks = new Map<string, Uint8Array>();
  for (const [place, { file }] of DEMO_BLANKS.entries()) {
    const bytes = files[place]!;
    const { kept } = await core().learn(file, bytes);
    if (!kept) {
      continue;
    }
    const name = kept.layout.name.replace(/^./, (letter) => letter.toUpperCase());
    layouts.push({ ...kept, layout: { ...kept.layout, name } });
    if (kept.layout.blank) {
      blanks.set(kept.layout.blank.digest, bytes);
    }
  }
  return {
    items,
    blanks,
    records: recordsAdded({ layouts, sets, sources: [], receipts: [], sittings: [] }),
  };
}

/** Runs alone among all tabs, where the browser knows how. */
function alone<Result>(name: string, work: () => Promise<Result>): Promise<Result> {
  return 'locks' in navigator ? navigator.locks.request(name, work) : work();
}

const isKnown = async (): Promise<boolean> =>
  (await theStore().banks()).some(({ id }) => id === DEMO.id);

/** Sees to it that the demo bank is there: whole, or not at all where the page is closed meanwhile. */
export async function seedDemo(): Promise<void> {
  if (await isKnown()) {
    return;
  }
  await alone('cowslip-demo', async () => {
    // Another tab may have been quicker.
    if (await isKnown()) {
      return;
    }
    const { items, records, blanks } = await readDemo();
    const write: Write = {
      info: { ...DEMO, madeAt: new Date().toISOString() },
      items: items.map((item, index) => ({ id: item.id, is: 'added', order: index + 1, item })),
      records,
      blanks,
    };
    await theStore().write(DEMO.id, write);
  });
}

/** Puts the open demo back to how it ships, in one step that undo takes back. */
export async function putDemoBack(): Promise<void> {
  const { items, records, blanks } = await readDemo();
  for (const [digest, bytes] of blanks) {
    await theStore().saveBlank(digest, bytes);
  }
  const { layouts, sources, sets } = bankState();
  const step = stepBetween(i18n._('Put the demo back'), theBank().entries(), items);
  await doStep({
    ...step,
    records: [
      ...layouts.flatMap((kept) => recordChange('layouts', kept, undefined)),
      ...sources.flatMap((source) => recordChange('sources', source, undefined)),
      ...sets.flatMap((set) => recordChange('sets', set, undefined)),
      ...records,
    ],
  });
}
