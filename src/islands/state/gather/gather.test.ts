import { messages, page, until } from '../../../../tests/page';
import { beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { demo } from '../../../../tests/make';
import { markOf } from '../../../core/banks';
import { bankState, undo } from '../bank';
import { openOwn, start } from '../banks';
import {
  agree,
  agreeToAll,
  bring,
  bringAll,
  bringFiles,
  editText,
  gatherState,
  leaveOut,
  mend,
  openSource,
  overrule,
  placeOf,
  putAway,
  ready,
  restoreBench,
  setFormatting,
  stopReading,
} from './index';
import { replaceByEditions } from './replacing';

const LIST =
  'Question\tA\tB\tRight\nWhat floats?\tBrick\tCork\tB\nWhat sinks?\tCork\tBrick\tB\nWhat opens?\tGate\tWall\tA';
const TYPED = '1. What floats?\na) Brick\nb) *Cork\n\n2. What sinks?\na) *Brick\nb) Cork\n';

const stems = (): string[] => gatherState().items.map(({ stem }) => stem.plain);
const states = (): string[] => gatherState().tray.map(({ state }) => state);
function clearTray(): void {
  while (gatherState().tray.length) {
    putAway(gatherState().tray[0]!.id);
  }
}

beforeAll(async () => {
  await start(false);
  await openOwn();
});

beforeEach(clearTray);

describe('gather', () => {
  it('reads what is brought in, and enters what is agreed to as one step', async () => {
    await bring({ name: 'list.tsv', text: LIST });
    expect(stems()).toEqual(['What floats?', 'What sinks?', 'What opens?']);
    expect(gatherState().tray).toMatchObject([{ name: 'list.tsv', state: 'read', ready: 3 }]);
    expect(agree()).toBe(3);
    expect(gatherState().tray).toMatchObject([{ state: 'taken', ready: 0 }]);
    await until(() => bankState().save.state === 'saved');
    expect(bankState().items.map(({ stem }) => stem.plain)).toEqual(stems());
    expect(bankState().sources).toMatchObject([{ name: 'list.tsv' }]);
    // What is in the bank is not taken a second time.
    expect(agree()).toBe(0);
    await undo();
    expect(bankState().items).toHaveLength(0);
    expect(bankState().sources).toHaveLength(0);
  });

  it('keeps a mend and a left-out line when the source is read another way', async () => {
    await bring({ name: 'list.tsv', text: LIST });
    const [first, second] = gatherState().items;
    await mend(first!, { stem: { plain: 'What swims on top?' } });
    leaveOut(second!, true);
    await overrule({ headingRow: 1 });
    expect(stems()[0]).toBe('What swims on top?');
    expect(ready(gatherState()).map(({ stem }) => stem.plain)).toEqual([
      'What swims on top?',
      'What opens?',
    ]);
    leaveOut(second!, false);
    expect(ready(gatherState())).toHaveLength(3);
  });

  it('takes the first few when asked for so many', async () => {
    await bring({ name: 'list.tsv', text: LIST });
    expect(agree({ most: 2 })).toBe(2);
    expect(ready(gatherState()).map(({ stem }) => stem.plain)).toEqual(['What opens?']);
    expect(states()).toEqual(['read']);
    await undo();
  });

  it('understands running text anew as it is typed, and moves choices with their lines', async () => {
    await bring({ name: 'typed.txt', text: TYPED });
    expect(stems()).toEqual(['What floats?', 'What sinks?']);
    leaveOut(gatherState().items[1]!, true);
    const before = [...gatherState().out];
    editText(`A line above\n\n${TYPED}`);
    await until(() => gatherState().answer?.text?.startsWith('A line above') === true);
    expect([...gatherState().out]).toEqual(before.map((place) => String(Number(place) + 2)));
    expect(ready(gatherState()).map(({ stem }) => stem.plain)).toEqual(['What floats?']);
  });

  it('drops what an earlier reading still brings', async () => {
    const slow = bring({ name: 'first.tsv', text: LIST });
    const quick = bring({ name: 'second.txt', text: TYPED });
    await Promise.all([slow, quick]);
    await until(() => gatherState().busy === undefined);
    expect(gatherState().name).toBe('second.txt');
    expect(stems()).toEqual(['What floats?', 'What sinks?']);
  });

  it('keeps what the source said of each question, also of one that was mended on the bench', async () => {
    await bring({ name: 'list.tsv', text: LIST });
    const understood = gatherState().items.map(markOf);
    await mend(gatherState().items[0]!, { stem: { plain: 'Mended' } });
    agree();
    const { items, sources } = bankState();
    const [source] = sources.slice(-1);
    expect(Object.values(source!.said!)).toEqual(understood);
    const own = items.filter(({ id }) => source!.items.includes(id));
    expect(markOf(own[0]!)).not.toBe(source!.said![own[0]!.id]);
    // A later edition takes its place, and is what the source says from then on.
    const now = { ...own[0]!, stem: { plain: 'Later' } };
    await replaceByEditions([{ now, inBank: own[0]! }]);
    const after = bankState().items.find(({ id }) => id === own[0]!.id)!;
    expect(after.stem.plain).toBe('Later');
    expect(bankState().sources.at(-1)!.said![after.id]).toBe(markOf(after));
    await undo();
    expect(bankState().sources.at(-1)!.said).toEqual(source!.said);
    await undo();
  });

  it('lets several sources wait, says how each stands, and takes all of them', async () => {
    await bringAll([
      { name: 'list.tsv', text: LIST },
      { name: 'typed.txt', text: TYPED },
      { name: 'broken.xlsx', bytes: demo('evening-host.xlsx').slice(0, 900) },
    ]);
    await until(() => !states().some((state) => state === 'waiting' || state === 'reading'));
    expect(states()).toEqual(['read', 'read', 'problem']);
    expect(gatherState().tray[1]).toMatchObject({ ready: 2, blocked: 0 });
    expect(bankState().waiting).toBe(5);
    expect(await agreeToAll()).toEqual({ questions: 5, sources: 2 });
    await until(() => bankState().items.length === 5);
    await undo();
    await undo();
    expect(bankState().items).toHaveLength(0);
  });

  it('brings back what waited when the page is loaded again', async () => {
    await bring({ name: 'list.tsv', text: LIST });
    await mend(gatherState().items[0]!, { stem: { plain: 'Mended' } });
    window.dispatchEvent(new Event('pagehide'));
    const { id } = gatherState().tray[0]!;
    // As after a reload: the same tab, with nothing in memory.
    const { dropSource } = await import('./hold');
    dropSource(id);
    const { setGather } = await import('./hold');
    const { EMPTY_BENCH } = await import('./types');
    setGather(EMPTY_BENCH);
    await restoreBench();
    expect(gatherState().open).toBe(id);
    expect(stems()[0]).toBe('Mended');
  });

  it('opens another source of the tray, and the next one when the open one is put away', async () => {
    await bringAll([
      { name: 'list.tsv', text: LIST },
      { name: 'typed.txt', text: TYPED },
    ]);
    await openSource(gatherState().tray[1]!.id);
    expect(gatherState().name).toBe('typed.txt');
    putAway();
    await until(() => gatherState().busy === undefined && gatherState().answer !== undefined);
    expect(gatherState().name).toBe('list.tsv');
    clearTray();
    expect(gatherState()).toMatchObject({ open: undefined, items: [] });
  });

  it('strips formatting when told so, for this source and the next', async () => {
    const name = 'third-evening.docx';
    await bring({ name, bytes: demo(name) });
    const bold = (): boolean =>
      gatherState().items.some(({ options }) => options?.some(({ text }) => text.html));
    await setFormatting('strip');
    expect(bold()).toBe(false);
    await bring({ name, bytes: demo(name) });
    expect(gatherState().overrule.formatting).toBe('strip');
    await setFormatting('keep');
  });

  it('says which file is too large, and reads the others', async () => {
    const large = { name: 'large.csv', size: 40 * 1024 * 1024 } as File;
    await bringFiles([large, new File([LIST], 'list.tsv')]);
    expect(messages().at(-1)).toContain('large.csv has 40 MiB; 32 MiB at most are taken');
    expect(stems()).toHaveLength(3);
  });

  it('says so when the worker dies while it reads, and reads with a fresh one', async () => {
    page.workers.at(-1)!.hang();
    const { asked } = page.workers.at(-1)!;
    const reading = bring({ name: 'list.tsv', text: LIST });
    const worker = page.workers.at(-1)!;
    await until(() => worker.asked > asked);
    worker.die();
    await reading;
    expect(gatherState().tray).toMatchObject([{ state: 'problem' }]);
    expect(messages().at(-1)).toContain('was started again');
    await openSource(gatherState().tray[0]!.id);
    expect(stems()).toHaveLength(3);
  });

  it('stops a reading when asked to', async () => {
    page.workers.at(-1)!.hang();
    const { asked } = page.workers.at(-1)!;
    const reading = bring({ name: 'list.tsv', text: LIST });
    await until(() => page.workers.at(-1)!.asked > asked);
    stopReading();
    await reading;
    expect(gatherState()).toMatchObject({ tray: [], open: undefined, busy: undefined });
  });

  it('knows a question’s place by its cell, else its line', () => {
    const base = { id: 'q', ref: '', kind: 'open' as const, stem: { plain: '' } };
    expect(placeOf({ ...base, origin: { row: 7 } })).toBe('7');
    expect(placeOf({ ...base, origin: { row: 7, cell: 'C7' } })).toBe('C7');
    expect(placeOf(base)).toBe('0');
  });
});
