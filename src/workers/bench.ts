// The source that Gather is at: opened once, understood again after each overruling, fetched in parts.
import type { Item, Opened, Overrule, Surroundings } from '../core/model';
import {
  editDocument,
  gatherOpened,
  looksOfDocument,
  openSource,
  otherReadings,
  readingToKeep,
  sheetsOf,
  textOfDocument,
  type Gathered,
} from '../core/pipeline';
import type { Contribution } from '../core/pipeline/together';
import { defined } from '../core/shared/defined';
import type { CoreWorker, GatherAnswer, SourceInput } from './protocol';
import { stackView } from './views';

/** Told past the remote calls, so that a count shows while the worker is at it. */
export type Progress = (done: number, of: number) => void;

/** What of the overruling a source is opened by; all else is understood anew without opening it again. */
const openedBy = ({ encoding, separator, as }: Overrule): string =>
  JSON.stringify([encoding, separator, as]);

/** A document with the text as the user changed it. */
const withEdit = (opened: Opened, edited: string | undefined): Opened =>
  edited !== undefined && opened.is === 'document'
    ? { is: 'document', document: editDocument(opened.document, edited) }
    : opened;

/** Running text with how its signs look; nothing where the source is a table or a package. */
const textOf = (opened: Opened): Pick<GatherAnswer, 'text' | 'looks'> =>
  opened.is === 'document' && opened.document.lines.length
    ? { text: textOfDocument(opened.document), looks: looksOfDocument(opened.document) }
    : {};

export class Bench {
  private open: { opened: Opened; by: string; source: SourceInput } | undefined;
  private parts: { version: number; items: Item[]; rows: string[][] } = {
    version: 0,
    items: [],
    rows: [],
  };

  constructor(
    private readonly surroundings: Surroundings,
    private readonly progress: Progress,
  ) {}

  /** Opens a source, or the one on the bench anew where it is to be opened otherwise. Rejects where there is none. */
  private async opened(
    source: SourceInput | undefined,
    overrule: Overrule,
    edited: string | undefined,
  ): Promise<Opened> {
    const kept = source ?? this.open?.source;
    if (!kept) {
      throw new Error('no source is open');
    }
    const by = openedBy(overrule);
    if (source || !this.open || this.open.by !== by) {
      this.open = { source: kept, by, opened: await openSource(kept, overrule) };
    }
    this.open.opened = withEdit(this.open.opened, edited);
    return this.open.opened;
  }

  /** Understands the source; its questions and rows are fetched in parts. */
  gather: CoreWorker['gather'] = async (version, source, { overrule, edited, kept = [] }) => {
    const started = performance.now();
    const opened = await this.opened(source, overrule, edited);
    const { progress, surroundings } = this;
    const gathered = gatherOpened(opened, overrule, { ...surroundings, progress, kept });
    const said = { now: overrule, kept, at: surroundings.now() };
    const toKeep = readingToKeep(opened, gathered.reading, said);
    const answer = this.answer(version, opened, gathered);
    return { ...answer, ...defined({ toKeep }), ms: performance.now() - started };
  };

  private answer(version: number, opened: Opened, gathered: Gathered): Omit<GatherAnswer, 'ms'> {
    const sheets = sheetsOf(opened);
    const { sheet: name, alike = [] } = gathered.reading;
    const view = stackView(sheets.filter((one) => one.name === name || alike.includes(one.name)));
    this.parts = { version, items: gathered.items, rows: view?.rows ?? [] };
    return defined({
      version,
      ...gathered,
      items: [],
      of: Math.max(this.parts.items.length, this.parts.rows.length),
      sheet: view ? { ...view, rows: [] } : undefined,
      ...textOf(opened),
      sheets: sheets.map(({ name, hidden, rows }) => ({ name, hidden, rows: rows.length })),
      readable: otherReadings(opened),
    });
  }

  /** A part of what was understood last; nothing of it where another version has been asked for since. */
  part: CoreWorker['gatherPart'] = (version, from, count) =>
    version === this.parts.version
      ? {
          items: this.parts.items.slice(from, from + count),
          rows: this.parts.rows.slice(from, from + count),
        }
      : { items: [], rows: [] };

  /** Several sources held against one another and against what the bank holds; the bench stays as it is. */
  async together(
    sources: Parameters<CoreWorker['together']>[0],
    known: readonly Item[],
  ): Promise<Contribution[]> {
    const parts = [];
    for (const [index, { id, source, wish }] of sources.entries()) {
      const opened = withEdit(await openSource(source, wish.overrule), wish.edited);
      const kept = wish.kept ?? [];
      const gathered = gatherOpened(opened, wish.overrule, { ...this.surroundings, kept });
      parts.push({ id, name: source.name, gathered });
      this.progress(index + 1, sources.length);
    }
    const { comparedTogether } = await import('../core/pipeline/together');
    return comparedTogether(parts, known);
  }

  /** Counts what a source holds without putting it on the bench. */
  survey: CoreWorker['survey'] = async (source, { overrule, edited, kept = [] }) => {
    const opened = withEdit(await openSource(source, overrule), edited);
    const { items, findings } = gatherOpened(opened, overrule, { ...this.surroundings, kept });
    const blocks = findings.filter(({ level }) => level === 'block');
    const blocked = new Set(blocks.flatMap(({ item }) => item ?? []));
    return defined({
      ready: items.length - blocked.size,
      blocked: blocked.size,
      problem: items.length ? undefined : (blocks[0] ?? findings[0])?.message,
    });
  };
}
