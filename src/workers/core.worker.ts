// The core off the page's thread: holds a mirror of the bank and the source being looked at.
import { expose, transfer } from 'comlink';
import type { Item, Opened, Overrule, Sheet, Surroundings } from '../core/model';
import { checkItem, checkTogether, editDocument, fill, fit, gatherOpened, learnBlank, looksOfDocument, openBankFile, openSource, otherReadings, packBank, sheetsOf, showBlank, textOfDocument } from '../core/pipeline';
import type { CoreWorker, FitColumn, SheetView, SourceInput } from './protocol';

const surroundings: Surroundings = {
  now: () => new Date().toISOString(),
  id: () => crypto.randomUUID(),
  digest: async (bytes) => [...new Uint8Array(await crypto.subtle.digest('SHA-256', new Uint8Array(bytes)))].map((byte) => byte.toString(16).padStart(2, '0')).join(''),
};

/** Told past the remote calls, so that a count shows while the worker is at it. */
const progress = (done: number, of: number): void => { self.postMessage({ progress: [done, of] }); };

const bank = new Map<string, Item>();
/** The source on the bench, and what of the overruling it was opened by. */
let open: { opened: Opened; by: string; source: SourceInput } | undefined;
let parts: { version: number; items: Item[]; rows: string[][] } = { version: 0, items: [], rows: [] };
const openedBy = ({ encoding, separator, as }: Overrule): string => JSON.stringify([encoding, separator, as]);

const view = (sheet: Sheet): SheetView => ({ name: sheet.name, hidden: sheet.hidden, rows: sheet.rows, merges: sheet.merges, ...(sheet.lines ? { lines: sheet.lines } : {}) });
const pick = (ids: readonly string[]): Item[] => ids.flatMap((id) => bank.get(id) ?? []);

function column(fitted: ReturnType<typeof fit>, layout: string): FitColumn {
  const words = [''];
  const index = new Map<string, number>([['', 0]]);
  const states = new Uint8Array(fitted.length);
  const changes = new Uint8Array(fitted.length);
  const reasons = new Uint16Array(fitted.length);
  const counts: [number, number, number] = [0, 0, 0];
  fitted.forEach((one, i) => {
    states[i] = one.state === 'fits' ? 0 : one.state === 'changes' ? 1 : 2;
    counts[states[i] as 0 | 1 | 2]++;
    changes[i] = Math.min(255, one.changes.length);
    const reason = one.reason ?? '';
    let at = index.get(reason);
    if (at === undefined) { at = words.length; words.push(reason); index.set(reason, at); }
    reasons[i] = at;
  });
  return { layout, states, changes, reasons, words, counts };
}

const api: CoreWorker = {
  mirror(items, removed, clear) {
    if (clear) bank.clear();
    for (const item of items) bank.set(item.id, item);
    for (const id of removed) bank.delete(id);
  },
  check(version, layouts, ids) {
    const items = ids ? pick(ids) : [...bank.values()];
    return { version, byItem: items.map((item) => [item.id, checkItem(item, layouts)] as [string, ReturnType<typeof checkItem>]).filter(([, found]) => found.length || ids), together: checkTogether([...bank.values()]) };
  },
  async gather(version, source, overrule, edited) {
    const started = performance.now();
    const kept = source ?? open?.source;
    if (!kept) throw new Error('no source is open');
    if (source || !open || open.by !== openedBy(overrule)) open = { source: kept, by: openedBy(overrule), opened: await openSource(kept, overrule) };
    if (edited !== undefined && open.opened.is === 'document') open.opened = { is: 'document', document: editDocument(open.opened.document, edited) };
    const { opened } = open;
    const gathered = gatherOpened(opened, overrule, { ...surroundings, progress });
    const sheets = sheetsOf(opened);
    const sheet = sheets.find((candidate) => candidate.name === gathered.reading.sheet);
    parts = { version, items: gathered.items, rows: sheet?.rows ?? [] };
    return {
      version, ...gathered, items: [], of: Math.max(parts.items.length, parts.rows.length), ...(sheet ? { sheet: { ...view(sheet), rows: [] } } : {}),
      ...(opened.is === 'document' && opened.document.lines.length ? { text: textOfDocument(opened.document), looks: looksOfDocument(opened.document) } : {}),
      sheets: sheets.map(({ name, hidden, rows }) => ({ name, hidden, rows: rows.length })), readable: otherReadings(opened),
      ms: performance.now() - started,
    };
  },
  gatherPart: (version, from, count) => (version === parts.version ? { items: parts.items.slice(from, from + count), rows: parts.rows.slice(from, from + count) } : { items: [], rows: [] }),
  packBank: async (contents, ids) => packBank({ ...contents, items: pick(ids) }, surroundings),
  openBankFile,
  recheck: (items) => [...items.flatMap((item) => checkItem(item)), ...checkTogether(items)],
  async learn(name, bytes) {
    const { layout, because, unsure, findings, table } = await learnBlank({ name, bytes }, surroundings);
    if (!table.sheets.length) return { findings, sheets: [] };
    return { kept: { id: layout.id, layout, because, unsure, chosen: true }, findings, sheets: table.sheets.map(view) };
  },
  async showBlank(name, bytes, shape) {
    return (await showBlank({ name, bytes }, shape)).sheets.map(view);
  },
  fit: (ids, layouts, decisions) => layouts.map((layout) => column(fit(pick(ids), layout, decisions[layout.id]), layout.id)),
  fitOne(id, layout, decision) {
    const item = bank.get(id);
    const fitted = item ? fit([item], layout, decision ? { [id]: decision } : {})[0]! : { item: id, state: 'refused' as const, changes: [], reason: 'it is no longer in the bank' };
    return { fitted, ...(item ? { item } : {}) };
  },
  async fill(ids, layout, setTitle, decisions, blank) {
    try {
      const filled = await fill({ items: pick(ids), layout, setTitle, decisions, ...(blank ? { blank } : {}) }, surroundings);
      return transfer(filled, [filled.bytes.buffer as ArrayBuffer]);
    } catch (error) {
      return { problem: error instanceof Error ? error.message : 'The file could not be filled.' };
    }
  },
};

expose(api);
