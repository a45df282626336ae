// The core off the page's thread: holds a mirror of the bank and the source being looked at.
import { expose, transfer } from 'comlink';
import type { Item, Opened, Overrule, Sheet, Surroundings } from '../core/model';
import {
  bundle,
  checkItem,
  checkTogether,
  editDocument,
  fillAgain,
  fillAll,
  fit,
  foldReceipt,
  gatherOpened,
  keyPlaces,
  layoutFile,
  learnBlank,
  looksOfDocument,
  makeBlank,
  marksFromPointed,
  openBankFile,
  openSource,
  otherReadings,
  packBank,
  pasteBlock,
  readLayoutFile,
  receiptPage,
  sheetsOf,
  showBlank,
  STARTERS,
  textOfDocument,
  unfoldReceipt,
  type Filled,
} from '../core/pipeline';
import { Fits } from './fits';
import type { CoreWorker, FillAnswer, SheetView, SourceInput } from './protocol';
import { defined } from '../core/shared/defined';

const surroundings: Surroundings = {
  now: () => new Date().toISOString(),
  id: () => crypto.randomUUID(),
  digest: async (bytes) =>
    [...new Uint8Array(await crypto.subtle.digest('SHA-256', new Uint8Array(bytes)))]
      .map((byte) => byte.toString(16).padStart(2, '0'))
      .join(''),
};

/** Told past the remote calls, so that a count shows while the worker is at it. */
const progress = (done: number, of: number): void => {
  self.postMessage({ progress: [done, of] });
};

const bank = new Map<string, Item>();
/** The source on the bench, and what of the overruling it was opened by. */
let open: { opened: Opened; by: string; source: SourceInput } | undefined;
let parts: { version: number; items: Item[]; rows: string[][] } = {
  version: 0,
  items: [],
  rows: [],
};
const openedBy = ({ encoding, separator, as }: Overrule): string =>
  JSON.stringify([encoding, separator, as]);

const view = (sheet: Sheet): SheetView =>
  defined({
    name: sheet.name,
    hidden: sheet.hidden,
    rows: sheet.rows,
    merges: sheet.merges,
    lines: sheet.lines,
  });
/** A document with the text as the user changed it. */
const withEdit = (opened: Opened, edited: string | undefined): Opened =>
  edited !== undefined && opened.is === 'document'
    ? { is: 'document', document: editDocument(opened.document, edited) }
    : opened;

const ROWS_HINTED = 80;
/** A blank's sheet with what its cells look like, what they offer and what is noted at them. */
function blankView(sheet: Sheet): SheetView {
  const looks: Record<string, string> = {};
  for (const [key, runs] of Object.entries(sheet.rich ?? {})) {
    if (Number(key.split(':')[0]) < ROWS_HINTED) {
      looks[key] =
        `${runs.every((run) => run.bold) ? 'b' : ''}${runs.some((run) => run.mark) ? 'm' : ''}`;
    }
  }
  for (const { list, ranges } of sheet.validations) {
    for (const range of list ? ranges : []) {
      for (let r = range.top; r <= Math.min(range.bottom, ROWS_HINTED); r++) {
        for (let c = range.left; c <= Math.min(range.right, range.left + 40); c++) {
          looks[`${r}:${c}`] = `${looks[`${r}:${c}`] ?? ''}l`;
        }
      }
    }
  }
  return {
    ...view(sheet),
    looks,
    notes: Object.fromEntries(
      sheet.comments.map(({ row, column, text }) => [`${row}:${column}`, text]),
    ),
  };
}
const pick = (ids: readonly string[]): Item[] => ids.flatMap((id) => bank.get(id) ?? []);

/** All cards of the bank, and a count of how often they changed: they lend distractors to each other. */
let deck: { cards: Item[]; edition: number } | undefined;
let editions = 0;
const cards = (): { cards: Item[]; edition: number } =>
  (deck ??= {
    cards: [...bank.values()].filter((item) => item.kind === 'card'),
    edition: ++editions,
  });
const fits = new Fits();

const inProblems = async (work: () => Promise<Filled[]>): Promise<FillAnswer> => {
  try {
    const files = (await work()).map((file) => ({ ...file, receipt: foldReceipt(file.receipt) }));
    return transfer(
      { files },
      files.map((file) => file.bytes.buffer as ArrayBuffer),
    );
  } catch (error) {
    return { problem: error instanceof Error ? error.message : 'The file could not be filled.' };
  }
};

const api: CoreWorker = {
  mirror(items, removed, clear) {
    if (clear) {
      bank.clear();
      fits.clear();
      deck = undefined;
    }
    for (const item of items) {
      if (item.kind === 'card' || bank.get(item.id)?.kind === 'card') {
        deck = undefined;
      }
      bank.set(item.id, item);
    }
    for (const id of removed) {
      if (bank.get(id)?.kind === 'card') {
        deck = undefined;
      }
      bank.delete(id);
    }
  },
  check(version, layouts, ids) {
    const items = ids ? pick(ids) : [...bank.values()];
    return {
      version,
      byItem: items
        .map(
          (item) => [item.id, checkItem(item, layouts)] as [string, ReturnType<typeof checkItem>],
        )
        .filter(([, found]) => found.length || ids),
      together: checkTogether([...bank.values()]),
    };
  },
  async gather(version, source, overrule, edited) {
    const started = performance.now();
    const kept = source ?? open?.source;
    if (!kept) {
      throw new Error('no source is open');
    }
    if (source || !open || open.by !== openedBy(overrule)) {
      open = { source: kept, by: openedBy(overrule), opened: await openSource(kept, overrule) };
    }
    open.opened = withEdit(open.opened, edited);
    const { opened } = open;
    const gathered = gatherOpened(opened, overrule, { ...surroundings, progress });
    const sheets = sheetsOf(opened);
    const sheet = sheets.find((candidate) => candidate.name === gathered.reading.sheet);
    parts = { version, items: gathered.items, rows: sheet?.rows ?? [] };
    return defined({
      version,
      ...gathered,
      items: [],
      of: Math.max(parts.items.length, parts.rows.length),
      sheet: sheet ? { ...view(sheet), rows: [] } : undefined,
      ...(opened.is === 'document' && opened.document.lines.length
        ? { text: textOfDocument(opened.document), looks: looksOfDocument(opened.document) }
        : {}),
      sheets: sheets.map(({ name, hidden, rows }) => ({ name, hidden, rows: rows.length })),
      readable: otherReadings(opened),
      ms: performance.now() - started,
    });
  },
  async survey(source, overrule, edited) {
    const opened = withEdit(await openSource(source, overrule), edited);
    const { items, findings } = gatherOpened(opened, overrule, surroundings);
    const blocks = findings.filter(({ level }) => level === 'block');
    const blocked = new Set(blocks.flatMap(({ item }) => item ?? []));
    return defined({
      ready: items.length - blocked.size,
      blocked: blocked.size,
      problem: items.length ? undefined : (blocks[0] ?? findings[0])?.message,
    });
  },
  gatherPart: (version, from, count) =>
    version === parts.version
      ? { items: parts.items.slice(from, from + count), rows: parts.rows.slice(from, from + count) }
      : { items: [], rows: [] },
  packBank: async (contents, ids) => packBank({ ...contents, items: pick(ids) }, surroundings),
  openBankFile,
  recheck: (items) => [...items.flatMap((item) => checkItem(item)), ...checkTogether(items)],
  async learn(name, bytes) {
    const { layout, because, unsure, findings, table } = await learnBlank(
      { name, bytes },
      surroundings,
    );
    if (!table.sheets.length) {
      return { findings, sheets: [] };
    }
    return {
      kept: { id: layout.id, layout, because, unsure, chosen: true },
      findings,
      sheets: table.sheets.map(view),
    };
  },
  async showBlank(name, bytes, shape) {
    return (await showBlank({ name, bytes }, shape)).sheets.map(blankView);
  },
  fit: (ids, layouts, decisions) => {
    const items = pick(ids);
    const { cards: own, edition } = cards();
    return layouts.map((layout) =>
      fits.column(items, layout, decisions[layout.id] ?? {}, own, edition),
    );
  },
  fitOne(id, layout, decision, among) {
    const item = bank.get(id);
    if (!item) {
      return {
        fitted: { item: id, state: 'refused', changes: [], reason: 'it is no longer in the bank' },
      };
    }
    const options = { deck: cards().cards };
    const fitted =
      among && layout.shape === 'grid'
        ? fit(pick(among.ids), layout, among.decisions, options).find((one) => one.item === id)
        : undefined;
    return {
      fitted: fitted ?? fit([item], layout, decision ? { [id]: decision } : {}, options)[0]!,
      item,
    };
  },
  fill: (ids, layout, wish) =>
    inProblems(() =>
      fillAll({ items: pick(ids), layout, deck: cards().cards, ...wish }, surroundings),
    ),
  fillAgain: (receipt, blank) =>
    inProblems(async () => [await fillAgain(receipt, blank, surroundings)]),
  bundle: (files) =>
    bundle(files.map((file) => ({ ...file, receipt: unfoldReceipt(file.receipt) }))),
  receiptPage: (receipt) => receiptPage(unfoldReceipt(receipt)),
  receiptJson: (receipt) => JSON.stringify(unfoldReceipt(receipt), null, 2),
  pasteBlock,
  keyPlaces: (ids, layout, decisions, seed) =>
    keyPlaces({ items: pick(ids), layout, decisions, deck: cards().cards }, seed),
  marksFromPointed: (lines, pointed, before) => marksFromPointed(lines, pointed, before),
  starters: () => [...STARTERS],
  makeBlank,
  layoutFile,
  readLayoutFile,
};

expose(api);
