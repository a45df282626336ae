import { messages, page } from '../../../../tests/page';
import { strFromU8, strToU8 } from 'fflate';
import { beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { demo } from '../../../../tests/make';
import type { KeptLayout } from '../../../core/model';
import { bankState, undo } from '../bank';
import { openOwn, start } from '../banks';
import {
  addStarter,
  blankOf,
  changeColumn,
  changeLayout,
  choose,
  duplicateLayout,
  exportLayout,
  learnMarks,
  newLayout,
  removeLayout,
  setColumns,
  sheetsOf,
  starters,
  takeBlank,
  teachBlanks,
} from './index';

const known = (id: string | undefined): KeptLayout =>
  bankState().layouts.find((kept) => kept.id === id)!;
const fileOf = (name: string): File => new File([new Uint8Array(demo(name))], name);
const teach = async (name: string): Promise<KeptLayout> => known(await teachBlanks([fileOf(name)]));

beforeAll(async () => {
  await start(false);
  await openOwn();
});
beforeEach(async () => {
  page.taken.length = 0;
  for (const kept of bankState().layouts) {
    await removeLayout(kept);
  }
});

describe('teaching', () => {
  it('learns a blank, keeps its bytes and shows its sheets', async () => {
    const kept = await teach('evening-host.xlsx');
    expect(kept.layout.columns.some(({ role }) => role === 'stem')).toBe(true);
    expect(await blankOf(kept.layout)).toEqual(demo('evening-host.xlsx'));
    const sheets = await sheetsOf(kept.layout);
    expect(sheets.length).toBeGreaterThan(0);
    expect(sheets.flatMap(({ looks }) => Object.values(looks ?? {})).join('')).toMatch(/l/);
  });

  it('learns several, and says of each what became of it', async () => {
    const { useTaught: _, ...rest } = await import('./teaching');
    const files = [fileOf('course-shelf.csv'), new File([strToU8('')], 'nothing.xlsx')];
    expect(await rest.teachBlanks(files)).toBeUndefined();
    expect(bankState().layouts).toHaveLength(1);
  });

  it('says why a single file can’t be learned', async () => {
    expect(await teachBlanks([new File([strToU8('')], 'nothing.xlsx')])).toBeUndefined();
    expect(messages().at(-1)).toContain('nothing.xlsx is empty');
    expect(await teachBlanks([new File([strToU8('{"a":1}')], 'odd.layout.json')])).toBeUndefined();
    expect(messages().at(-1)).toContain('odd.layout.json');
  });
});

describe('changing', () => {
  it('counts editions, keeps the earlier ones, and says that the user decided', async () => {
    const kept = await teach('course-shelf.csv');
    const [column] = kept.layout.columns;
    await changeColumn(kept, { ...column!, role: 'title' });
    const changed = known(kept.id);
    expect(changed.layout).toMatchObject({ edition: (kept.layout.edition ?? 1) + 1 });
    expect(changed.layout.columns[0]).toMatchObject({ role: 'title' });
    expect(changed.because[`columns.${column!.column}`]).toBe('you chose it');
    expect(changed.earlier).toMatchObject([{ layout: { columns: kept.layout.columns } }]);
    await undo();
    expect(known(kept.id).layout).toEqual(kept.layout);
  });

  it('adds a column that the layout did not know', async () => {
    const kept = await teach('course-shelf.csv');
    await changeColumn(kept, { column: 'ZZ', role: 'hint' });
    expect(known(kept.id).layout.columns.at(-1)).toMatchObject({ column: 'ZZ', role: 'hint' });
  });

  it('letters and counts columns anew', async () => {
    const kept = known(await newLayout());
    const [stem, first, second, key] = kept.layout.columns;
    await setColumns(kept, 'Order', [key!, second!, first!, stem!]);
    expect(known(kept.id).layout.columns).toMatchObject([
      { column: 'A', role: 'key' },
      { column: 'B', heading: 'Option 2', n: 1 },
      { column: 'C', heading: 'Option 1', n: 2 },
      { column: 'D', role: 'stem' },
    ]);
  });

  it('keeps twenty earlier editions', async () => {
    const id = await newLayout();
    for (let n = 0; n < 23; n++) {
      const kept = known(id);
      await changeLayout(kept, `Change ${n}`, { ...kept.layout, limits: { stem: 100 + n } });
    }
    expect(known(id).earlier).toHaveLength(20);
    expect(known(id).layout).toMatchObject({ edition: 24, limits: { stem: 122 } });
  });

  it('hides and shows, duplicates under a free name, removes', async () => {
    const kept = await teach('card-box.tsv');
    await choose(kept, false);
    expect(known(kept.id).chosen).toBe(false);
    const copies = [await duplicateLayout(kept), await duplicateLayout(kept)].map(known);
    const names = [kept, ...copies].map(({ layout }) => layout.name);
    expect(new Set(names).size).toBe(3);
    expect(copies[0]!.layout.blank).toEqual(kept.layout.blank);
    await removeLayout(known(kept.id));
    expect(known(kept.id)).toBeUndefined();
  });

  it('learns the signs of marked text from one question', async () => {
    const kept = known(await newLayout());
    await learnMarks(kept, ['What floats?', '+ Cork', '- Brick'], {
      0: 'stem',
      1: 'right',
      2: 'wrong',
    });
    expect(known(kept.id).layout).toMatchObject({
      marks: { right: '+', wrong: '-' },
      key: { style: 'marker', marker: '+' },
    });
  });
});

describe('handing over', () => {
  it('gives every starter as an empty form', async () => {
    for (const starter of await starters()) {
      const { layout } = known(await addStarter(starter));
      await takeBlank(layout);
    }
    expect(page.taken.length).toBeGreaterThan(5);
    for (const { bytes } of page.taken) {
      expect((await bytes()).length).toBeGreaterThan(0);
    }
  });

  it('gives the receiver’s own blank where there is one', async () => {
    const { layout } = await teach('evening-host.xlsx');
    await takeBlank(layout);
    expect(page.taken[0]!.name).toBe('evening-host.xlsx');
    expect(await page.taken[0]!.bytes()).toEqual(demo('evening-host.xlsx'));
  });

  it('writes a layout as a file that another bank takes in, with its blank', async () => {
    const kept = await teach('evening-host.xlsx');
    await exportLayout(kept, 'layout');
    const [file] = page.taken;
    const bytes = await file!.bytes();
    await removeLayout(kept);
    const back = known(await teachBlanks([new File([bytes as never], file!.name)]));
    const { id: _id, name: _name, edition: _e, ...layout } = back.layout;
    expect(kept.layout).toMatchObject(layout);
    expect(await blankOf(back.layout)).toEqual(demo('evening-host.xlsx'));
  });

  it('describes a layout of rows in the open standards for tables', async () => {
    const kept = await teach('course-shelf.csv');
    await exportLayout(kept, 'csvw');
    await exportLayout(kept, 'tableSchema');
    const [csvw, schema] = await Promise.all(page.taken.map(({ bytes }) => bytes()));
    expect(JSON.parse(strFromU8(csvw!))).toHaveProperty('tableSchema.columns');
    expect(JSON.parse(strFromU8(schema!))).toHaveProperty('fields');
  });
});
