import { messages, page, until } from '../../../../tests/page';
import { strFromU8, unzipSync } from 'fflate';
import { beforeAll, beforeEach, describe, expect, it } from 'vitest';
import type { Item, KeptLayout } from '../../../core/model';
import { bankState, changeItems, theBank, undo } from '../bank';
import { openDemo, openOwn, start } from '../banks';
import { handOverState, setHandOver } from './hold';
import {
  chosenItems,
  copyBlock,
  decide,
  fillFiles,
  leaveQuestion,
  makeAgain,
  refit,
  setChoice,
  setTitle,
  setWishes,
  showReceipt,
  stopFilling,
  takeAll,
  takeFile,
  takeReceipt,
} from './index';

const layoutNamed = (pattern: RegExp): KeptLayout =>
  bankState().layouts.find(({ layout }) => pattern.test(layout.name))!;
const host = (): KeptLayout => layoutNamed(/host/i);
const shelf = (): KeptLayout => layoutNamed(/shelf/i);
const files = () => handOverState().files;
const textOf = async (n: number): Promise<string> => strFromU8(await page.taken.at(n)!.bytes());

beforeAll(async () => {
  await start(false);
  await openDemo();
});
beforeEach(async () => {
  setHandOver({ out: new Set(), files: [], problem: undefined, spread: undefined });
  setWishes({ asTheyAre: false, description: '', draw: undefined });
  setChoice({ words: '', category: '', kind: '' });
  setTitle('');
  await refit(bankState().layouts);
});

describe('choosing', () => {
  it('chooses by words, kind and category, and leaves single questions out', () => {
    const { items } = bankState();
    setChoice({ kind: 'card' });
    const cards = chosenItems(handOverState(), items);
    expect(cards.length).toBeGreaterThan(0);
    expect(cards.every(({ kind }) => kind === 'card')).toBe(true);
    leaveQuestion(cards[0]!.id, true);
    expect(chosenItems(handOverState(), items)).toHaveLength(cards.length - 1);
    leaveQuestion(cards[0]!.id, false);
    const word = cards[0]!.stem.plain.split(' ')[0]!;
    setChoice({ kind: '', words: word.toUpperCase() });
    const found = chosenItems(handOverState(), items);
    expect(found.map(({ id }) => id)).toContain(cards[0]!.id);
    expect(found.length).toBeLessThan(items.length);
    const category = items.find((item) => item.category)?.category?.[0];
    setChoice({ words: '', category: category ?? '' });
    expect(
      chosenItems(handOverState(), items).every((item) => item.category?.[0] === category),
    ).toBe(true);
  });

  it('fits every chosen question to every layout in view', async () => {
    await refit(bankState().layouts);
    const { columns, ids } = handOverState();
    expect(ids).toHaveLength(bankState().items.length);
    expect(columns.map(({ layout }) => layout)).toEqual(bankState().layouts.map(({ id }) => id));
    for (const { counts, states } of columns) {
      expect(counts.reduce((a, b) => a + b)).toBe(ids.length);
      expect(states).toHaveLength(ids.length);
    }
  });

  it('lets a later question overtake an earlier one', async () => {
    const first = refit(bankState().layouts);
    setChoice({ kind: 'card' });
    const second = refit(bankState().layouts);
    await Promise.all([first, second]);
    const kinds = handOverState().ids.map((id) => bankState().items.find((i) => i.id === id)!.kind);
    expect(new Set(kinds)).toEqual(new Set(['card']));
  });

  /** The worker that is there hears nothing more, and ends once it was asked. */
  const endWhenAsked = async (): Promise<void> => {
    const worker = page.workers.at(-1)!;
    const { asked } = worker;
    worker.hang();
    await until(() => worker.asked > asked);
    worker.die();
  };

  it('asks the worker that comes after one that ended', async () => {
    setHandOver({ columns: [] });
    await Promise.all([endWhenAsked(), refit(bankState().layouts)]);
    expect(handOverState().problem).toBeUndefined();
    expect(handOverState().columns).toHaveLength(bankState().layouts.length);
  });

  it('asks once the worker holds the questions that the page shows', async () => {
    setHandOver({ columns: [] });
    const filled = theBank().mirrorAnew();
    await refit(bankState().layouts);
    for (const { states } of handOverState().columns) {
      expect(states).toHaveLength(bankState().items.length);
    }
    await filled;
  });

  it('fits a question as it was last edited', async () => {
    const [id] = handOverState().ids;
    const item = bankState().items.find((one) => one.id === id)!;
    const at = handOverState().ids.indexOf(item.id);
    const before = handOverState().columns.map(({ states }) => states[at]);
    const edited = changeItems('Empty it', [{ ...item, stem: { plain: '' } }]);
    await refit(bankState().layouts);
    expect(handOverState().columns.map(({ states }) => states[at])).not.toEqual(before);
    await edited;
    await undo();
  });

  it('keeps a decision with the layout, in a step that undo takes back', async () => {
    const [id] = handOverState().ids;
    decide(host().id, id!, { own: { stem: 'In other words' } });
    expect(host().variants).toEqual({ [id!]: { own: { stem: 'In other words' } } });
    decide(host().id, id!, { own: {} });
    expect(host().variants).toEqual({});
    await undo();
    await undo();
    expect(host().variants?.[id!]).toBeUndefined();
    decide('no such layout', id!, { leaveOut: true });
    expect(bankState().layouts.every(({ variants }) => !variants?.[id!])).toBe(true);
  });
});

describe('filling', () => {
  it('fills each receiver’s files, read back as meant', async () => {
    await fillFiles([host(), shelf()]);
    expect(handOverState()).toMatchObject({ busy: undefined, problem: undefined });
    expect(new Set(files().map(({ layout }) => layout))).toEqual(new Set([host().id, shelf().id]));
    expect(files().flatMap(({ differences }) => differences)).toEqual([]);
    expect(new Set(files().map(({ name }) => name)).size).toBe(files().length);
  });

  it('fills three questions for a trial, under a name that says so', async () => {
    setTitle('Autumn');
    await fillFiles([shelf()], true);
    const [file] = files();
    expect(files()).toHaveLength(1);
    expect(file!.made.items).toHaveLength(3);
    expect(file!.name).toContain('trial');
  });

  it('says why a receiver gets no file', async () => {
    setChoice({ kind: 'open' });
    await refit(bankState().layouts);
    const cards = layoutNamed(/card/i);
    await fillFiles([cards]);
    expect(files()).toHaveLength(0);
    expect(handOverState().problem).toMatch(/: none of the questions fits it/);
  });

  it('takes only what stays as it is where that is wished', async () => {
    setWishes({ asTheyAre: true });
    await fillFiles([host()]);
    expect(files().length).toBeGreaterThan(0);
    expect(
      files().flatMap(({ receipt }) => receipt.items.flatMap(({ changes }) => changes)),
    ).toEqual([]);
  });

  it('stops, keeps what is finished, and takes nothing that comes late', async () => {
    await fillFiles([shelf()], true);
    const worker = page.workers.at(-1)!;
    worker.hang();
    const { asked } = worker;
    const filling = fillFiles([shelf()]);
    await until(() => worker.asked > asked);
    stopFilling();
    await filling;
    expect(handOverState()).toMatchObject({ busy: undefined, files: [] });
    expect(handOverState().problem).toContain('Stopped');
    await fillFiles([shelf()], true);
    expect(files()).toHaveLength(1);
  });

  it('says so when the worker dies meanwhile', async () => {
    const worker = page.workers.at(-1)!;
    worker.hang();
    const { asked } = worker;
    const filling = fillFiles([shelf()]);
    await until(() => worker.asked > asked);
    worker.die();
    await filling;
    expect(handOverState().problem).toContain('was started again');
  });

  it('calls a file out of date when a question or the layout has changed since', async () => {
    await fillFiles([shelf()], true);
    const [item] = files()[0]!.made.items as Item[];
    await changeItems('Edit', [{ ...item!, stem: { plain: 'Changed since?' } }]);
    await refit(bankState().layouts);
    expect(files()[0]!.isStale).toBe(true);
    await undo();
  });
});

describe('taking away', () => {
  beforeEach(async () => {
    page.taken.length = 0;
    await fillFiles([shelf()], true);
  });

  it('hands a file over and keeps its receipt once', async () => {
    const before = bankState().receipts.length;
    takeFile(files()[0]!);
    takeFile(files()[0]!);
    expect(page.taken.map(({ name }) => name)).toEqual([files()[0]!.name, files()[0]!.name]);
    expect(await textOf(0)).toContain(files()[0]!.made.items[0]!.stem.plain);
    expect(files()[0]!.isTaken).toBe(true);
    expect(bankState().receipts).toHaveLength(before + 1);
  });

  it('packs all files with their receipts into one zip', async () => {
    setTitle('Autumn: all');
    await fillFiles([shelf(), host()], true);
    await takeAll(files());
    const [zip] = page.taken;
    expect(zip!.name).toMatch(/^Autumn.*\.zip$/);
    const names = Object.keys(unzipSync(await zip!.bytes()));
    for (const { name } of files()) {
      expect(names.some((path) => path.endsWith(name))).toBe(true);
    }
    expect(names.some((path) => /receipt/.test(path))).toBe(true);
  });

  it('copies the rows of a file as text and as HTML', async () => {
    const copied = await copyBlock(files()[0]!);
    expect(copied).toMatchObject({ rows: 3 });
    const forms = page.copied.at(-1)!;
    const text = await forms['text/plain']!.text();
    expect(text.split('\n')).toHaveLength(3);
    expect(await forms['text/html']!.text()).toContain('<table>');
  });

  it('shows a receipt in a tab of its own, and hands it over as JSON', async () => {
    const { receipt } = files()[0]!;
    await showReceipt(receipt);
    expect(page.opened.at(-1)).toMatch(/^blob:/);
    await takeReceipt(receipt);
    expect(page.taken.at(-1)!.name).toBe(`${receipt.file.name}.receipt.json`);
    expect(JSON.parse(await textOf(-1))).toMatchObject({ id: receipt.id });
  });

  it('makes a file again from its receipt, the same to the byte', async () => {
    const { receipt, bytes } = files()[0]!;
    expect(await makeAgain(receipt)).toBe('the same to the byte');
    expect(await page.taken.at(-1)!.bytes()).toEqual(new Uint8Array(bytes));
    const other = { ...receipt, file: { ...receipt.file, sha256: '0'.repeat(64) } };
    expect(await makeAgain(other)).toContain('it differs');
    const { again: _again, ...old } = receipt;
    expect(await makeAgain(old)).toContain('it does not hold its questions');
    expect(messages().at(-1)).toContain('it does not hold its questions');
  });
});

describe('another bank', () => {
  it('is another evening', async () => {
    await fillFiles([shelf()], true);
    setTitle('Autumn');
    await openOwn();
    expect(handOverState()).toMatchObject({ title: '', files: [], ids: [], columns: [] });
  });
});
