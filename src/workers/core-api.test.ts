import { describe, expect, it } from 'vitest';
import { counter, demo, demoBank, item, options, rowsLayout } from '../../tests/make';
import type { Item } from '../core/model';
import { learnBlank, STARTERS } from '../core/pipeline';
import { coreApi } from './core-api';

const surroundings = {
  now: () => '2026-11-26T10:00:00.000Z',
  id: counter(),
  digest: (bytes: Uint8Array) => Promise.resolve(`digest-${bytes.length}`),
};
const api = (told: [number, number][] = []) =>
  coreApi(surroundings, (done, of) => void told.push([done, of]));
const starter = (id: string) => STARTERS.find((layout) => layout.id === `starter-${id}`)!;
const LIST = 'Question\tA\tB\tRight\nWhat floats?\tBrick\tCork\tB\nWhat sinks?\tCork\tBrick\t';

describe('the worker’s mirror', () => {
  it('checks what it was told of, and forgets what was removed', () => {
    const core = api();
    core.mirror([item({ id: 'a' }), item({ id: 'b', options: options('x', 'y') })], [], true);
    const all = core.check(1, []);
    expect(all.version).toBe(1);
    expect(all.byItem.map(([id]) => id)).toEqual(['b']);
    // Asked of single questions, it says too that there is nothing any more.
    expect(core.check(2, [], ['a']).byItem).toEqual([['a', []]]);
    core.mirror([], ['b'], false);
    expect(core.check(3, []).byItem).toEqual([]);
    core.mirror([], [], true);
    expect(core.check(4, [], ['a']).byItem).toEqual([]);
  });

  it('finds the same question twice among all', () => {
    const core = api();
    core.mirror([item({ id: 'a', ref: 'A' }), item({ id: 'b', ref: 'B' })], [], false);
    expect(core.check(1, []).together.length).toBeGreaterThan(0);
  });

  it('lends cards each other’s definitions, as they are now', () => {
    const core = api();
    const card = (id: string, text: string): Item => ({
      id,
      ref: id,
      kind: 'card',
      stem: { plain: id },
      accepted: [text],
    });
    const bank = ['one', 'two', 'three', 'four'].map((id) => card(id, `definition of ${id}`));
    const layout = { ...starter('lettered'), kinds: [{ kind: 'choice-one' as const, code: '' }] };
    core.mirror(bank, [], true);
    expect(core.fitOne('one', layout).fitted.as?.[0]?.options).toHaveLength(4);
    core.mirror([], ['two', 'three'], false);
    expect(core.fitOne('one', layout).fitted.as?.[0]?.options).toHaveLength(2);
    core.mirror([card('four', 'another definition')], [], false);
    const texts = core.fitOne('one', layout).fitted.as![0]!.options!.map(({ text }) => text.plain);
    expect(texts).toContain('another definition');
  });

  it('fits questions and single ones, and says so of one that has gone', () => {
    const core = api();
    core.mirror(demoBank(), [], true);
    const ids = demoBank().map(({ id }) => id);
    const [column] = core.fit(ids, [starter('lettered')], {});
    expect(column!.counts.reduce((a, b) => a + b)).toBe(ids.length);
    const { fitted, item: found } = core.fitOne(ids[0]!, starter('lettered'));
    expect([found?.id, fitted.item]).toEqual([ids[0], ids[0]]);
    expect(core.fitOne('gone', starter('lettered'))).toMatchObject({
      fitted: { state: 'refused', reason: 'it is no longer in the bank' },
    });
  });

  it('fits a question of a board among the others of its file', () => {
    const core = api();
    core.mirror(demoBank(), [], true);
    const board = STARTERS.find(({ shape }) => shape === 'grid')!;
    const ids = demoBank()
      .filter(({ kind }) => kind === 'card' || kind === 'short')
      .map(({ id }) => id)
      .slice(0, 4);
    const among = { ids, decisions: {} };
    const places = ids.map((id) => core.fitOne(id, board, undefined, among).fitted.cells?.[0]);
    expect(new Set(places.map((cells) => Object.keys(cells ?? {}).join())).size).toBe(ids.length);
    const left = { ids, decisions: { [ids[0]!]: { leaveOut: true } } };
    expect(core.fitOne(ids[0]!, board, undefined, left).fitted.state).toBe('refused');
    expect(core.makeBlank(board)).toBeDefined();
  });
});

describe('the worker’s bench', () => {
  it('understands a source, gives it in parts, and understands it again', async () => {
    const core = api();
    const answer = await core.gather(1, { name: 'list.tsv', text: LIST }, { overrule: {} });
    expect(answer).toMatchObject({ version: 1, items: [], of: 3, sheet: { rows: [] } });
    expect(answer.sheets).toMatchObject([{ rows: 3 }]);
    const part = core.gatherPart(1, 0, 10);
    expect(part.items.map(({ stem }) => stem.plain)).toEqual(['What floats?', 'What sinks?']);
    expect(part.rows).toHaveLength(3);
    const again = await core.gather(2, undefined, { overrule: { as: 'questions' } });
    expect(again.text).toContain('What floats?');
    expect(core.gatherPart(1, 0, 10)).toEqual({ items: [], rows: [] });
  });

  it('takes running text as it was edited', async () => {
    const core = api();
    const text = '1. What floats?\na) Brick\nb) *Cork\n';
    await core.gather(1, { name: 'typed.txt', text }, { overrule: {} });
    await core.gather(2, undefined, {
      overrule: {},
      edited: `${text}\n2. What sinks?\na) *Brick\nb) Cork\n`,
    });
    expect(core.gatherPart(2, 0, 9).items).toHaveLength(2);
  });

  it('counts what a source holds without laying it on the bench', async () => {
    const core = api();
    await core.gather(1, { name: 'typed.txt', text: '1. What?\na) x\nb) *y\n' }, { overrule: {} });
    const counted = await core.survey({ name: 'list.tsv', text: LIST }, { overrule: {} });
    expect(counted).toEqual({ ready: 1, blocked: 1 });
    expect(core.gatherPart(1, 0, 9).items).toHaveLength(1);
    const nothing = await core.survey(
      { name: 'x.xlsx', bytes: new Uint8Array(0) },
      { overrule: {} },
    );
    expect(nothing).toMatchObject({
      ready: 0,
      problem: expect.stringContaining('is empty') as string,
    });
  });

  it('tells how far a long source has come', async () => {
    const told: [number, number][] = [];
    const rows = Array.from({ length: 6000 }, (_, n) => `What is ${n}?\tx\ty\tA`);
    const text = ['Question\tA\tB\tRight', ...rows].join('\n');
    await api(told).gather(1, { name: 'long.tsv', text }, { overrule: {} });
    expect(told.length).toBeGreaterThan(0);
    expect(told.every(([done, of]) => done <= of)).toBe(true);
  });

  it('rejects where nothing lies on it', async () => {
    await expect(api().gather(1, undefined, { overrule: {} })).rejects.toThrow('no source is open');
  });
});

describe('the worker’s files', () => {
  const filled = async () => {
    const core = api();
    core.mirror(demoBank(), [], true);
    const ids = demoBank().map(({ id }) => id);
    const answer = await core.fill(ids, starter('lettered'), { setTitle: 'Set', decisions: {} });
    if ('problem' in answer) {
      throw new Error(answer.problem);
    }
    return { core, ids, file: answer.files[0]! };
  };

  it('are filled, read back, packed, said on a page, and made again', async () => {
    const { core, file } = await filled();
    expect(file.differences).toEqual([]);
    const packed = core.bundle([file]);
    expect([...packed.slice(0, 2)]).toEqual([0x50, 0x4b]);
    expect(core.receiptPage(file.receipt)).toContain(file.name);
    expect(JSON.parse(core.receiptJson(file.receipt))).toMatchObject({ id: file.receipt.id });
    expect(core.pasteBlock(file.receipt).differences).toEqual([]);
    const again = await core.fillAgain(file.receipt);
    expect('files' in again && again.files[0]!.receipt.file.sha256).toBe(file.receipt.file.sha256);
  });

  it('are refused in a sentence', async () => {
    const { core, ids } = await filled();
    const layout = rowsLayout(['stem', 'accepted'], {
      file: { format: 'xlsx', sheet: 'Form', headingRow: 1, firstRow: 2 },
      blank: { name: 'form.xlsx', digest: 'gone' },
    } as never);
    const answer = await core.fill(ids, layout, { setTitle: 'Set', decisions: {} });
    expect('problem' in answer && answer.problem).toContain('blank is not at hand');
  });

  it('say where the right answers stand', async () => {
    const { core, ids } = await filled();
    const places = core.keyPlaces(ids, starter('lettered'), {}, 7);
    expect(places.questions).toBeGreaterThan(0);
  });

  it('of a bank hold it whole', async () => {
    const { core, ids } = await filled();
    const contents = {
      name: 'Keepers',
      layouts: [],
      sources: [],
      receipts: [],
      blanks: new Map<string, Uint8Array>(),
    };
    const bytes = await core.packBank(contents, ids);
    const opened = core.openBankFile('keepers.bank.zip', bytes);
    expect('contents' in opened && opened.contents.items).toEqual(demoBank());
  });
});

describe('the worker’s layouts', () => {
  it('are learned from a blank, whose sheets are shown with what they offer', async () => {
    const core = api();
    const { kept, sheets } = await core.learn('evening-host.xlsx', demo('evening-host.xlsx'));
    expect(kept!.layout.columns.length).toBeGreaterThan(3);
    expect(sheets.length).toBeGreaterThan(1);
    const shown = await core.showBlank('evening-host.xlsx', demo('evening-host.xlsx'), 'rows');
    const looks = shown.flatMap((sheet) => Object.values(sheet.looks ?? {})).join('');
    expect(looks).toMatch(/b/);
    expect(looks).toMatch(/l/);
  });

  it('of a file that can’t be read are none, with the reason', async () => {
    const answer = await api().learn('x.xlsx', new Uint8Array(0));
    expect(answer).toMatchObject({ sheets: [], findings: [{ level: 'block' }] });
    expect(answer.kept).toBeUndefined();
  });

  it('go out as files and come in again', async () => {
    const core = api();
    const { layout, because, unsure } = await learnBlank(
      { name: 'course-shelf.csv', bytes: demo('course-shelf.csv') },
      surroundings,
    );
    const kept = { id: layout.id, layout, because, unsure, chosen: true };
    const file = core.layoutFile(kept, demo('course-shelf.csv'));
    const read = core.readLayoutFile('course.layout.json', JSON.stringify(file));
    expect('file' in read && read.file.layout).toEqual(layout);
    expect(core.starters().length).toBeGreaterThan(5);
  });

  it('of marked text are learned from the lines pointed at', () => {
    const base = { ...starter('marked-text'), marks: { right: '*' } };
    const lines = ['What?', '+ yes', '- no'];
    const layout = api().layoutFromPointed(base, lines, { 0: 'stem', 1: 'right', 2: 'wrong' });
    expect(layout.marks).toMatchObject({ right: '+', wrong: '-' });
    expect(layout.pattern).toBeUndefined();
  });

  it('recheck questions that are not in the bank yet', () => {
    const findings = api().recheck([item({ id: 'a', options: options('x', 'y') })]);
    expect(findings.map(({ rule }) => rule)).toContain('key-missing');
  });
});
