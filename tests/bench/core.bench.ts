// npm run bench: medians of five runs on a bank of 10,000 questions, and ratios within the same run.
import { appendFileSync, mkdirSync, writeFileSync } from 'node:fs';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { read as readBook, write as writeBook, utils } from '@e965/xlsx';
import { DoublesIndex } from '../../src/core/banks';
import { craftOf } from '../../src/core/craft';
import type { Item, Layout } from '../../src/core/model';
import {
  checkAll,
  fill,
  fit,
  gatherOpened,
  gatherTable,
  learnBlank,
  openSource,
  readBackFile,
  STARTERS,
} from '../../src/core/pipeline';
import { readDelimitedText } from '../../src/core/readers/delimited/reader';
import { figuresOf } from '../../src/core/results';
import { write } from '../../src/core/writers';
import { Fits } from '../../src/workers/fits';
import { counter, demo, surroundings } from '../make';
import { asCsv, makeBank, median } from './bank';

const bank = makeBank(10_000);
const cards = bank.filter((item) => item.kind === 'card');
const csv = asCsv(makeBank(14_000)).split('\r\n').slice(0, 10_001).join('\r\n');
mkdirSync('.cache', { recursive: true });
writeFileSync('.cache/bench.txt', '');
const tell = (what: string, milliseconds: number, ratio?: [number, string, number]): void => {
  const line = `${what}: ${milliseconds.toFixed(0)} ms${ratio ? `, ${(milliseconds / ratio[0]).toFixed(2)} times ${ratio[1]} (${ratio[0].toFixed(0)} ms; goal at most ${ratio[2]})` : ''}`;
  console.log(line);
  appendFileSync('.cache/bench.txt', `${line}\n`);
};
/** The bytes that are still in use after the rubbish is taken out. */
const heap = (): number => {
  (globalThis as { gc?: () => void }).gc?.();
  return process.memoryUsage().heapUsed;
};
const layouts = async (): Promise<Layout[]> =>
  Promise.all(
    ['evening-host.xlsx', 'course-shelf.csv', 'card-box.tsv'].map(async (name) => ({
      ...(await learnBlank({ name, bytes: demo(name) }, surroundings)).layout,
      limits: {},
    })),
  );

describe('10,000 questions', () => {
  it('a csv is read and understood', async () => {
    const bare = await median(() => Papa.parse(csv, { delimiter: ',' }));
    tell('read a csv of 10,000 rows', await median(() => readDelimitedText('bank.csv', csv)), [
      bare,
      'the bare csv parser',
      2.5,
    ]);
    const understood = await median(async () =>
      gatherOpened(await openSource({ name: 'bank.csv', text: csv }), {}, { id: counter() }),
    );
    tell(
      `read and understand it (roles, keys, questions, checks; goal at most 2.5 times the bare parser and 300 ms: ${Math.round(2.5 * bare + 300)} ms)`,
      understood,
    );
    const before = heap();
    const kept = gatherOpened(
      await openSource({ name: 'bank.csv', text: csv }),
      {},
      { id: counter() },
    );
    const grown = heap() - before;
    console.log(
      `memory kept after understanding it: ${(grown / 1_048_576).toFixed(1)} MiB, ${(grown / csv.length).toFixed(1)} times the text (goal at most 10; ${kept.items.length} questions)`,
    );
    appendFileSync(
      '.cache/bench.txt',
      `memory kept: ${(grown / csv.length).toFixed(1)} times the text (goal at most 10)\n`,
    );
    expect(
      gatherTable(readDelimitedText('bank.csv', csv), {}, { id: counter() }).items,
    ).toHaveLength(10_000);
  });
  it('a workbook of 10,000 rows is understood', async () => {
    const sheet = utils.aoa_to_sheet(Papa.parse<string[]>(csv, { delimiter: ',' }).data);
    const book = utils.book_new();
    utils.book_append_sheet(book, sheet, 'Bank');
    const bytes = new Uint8Array(
      writeBook(book, {
        type: 'array',
        bookType: 'xlsx',
        compression: true,
        bookSST: true,
      }) as ArrayBuffer,
    );
    const bare = await median(() => readBook(bytes, { type: 'array', dense: true }));
    tell(
      'read and understand a workbook of 10,000 rows',
      await median(async () =>
        gatherOpened(await openSource({ name: 'bank.xlsx', bytes }), {}, { id: counter() }),
      ),
      [bare, 'the bare workbook reader', 1.5],
    );
    expect(
      gatherOpened(await openSource({ name: 'bank.xlsx', bytes }), {}, { id: counter() }).items,
    ).toHaveLength(10_000);
  });
  it('running text of 10,000 questions is understood', async () => {
    const text = bank
      .filter((item) => item.options)
      .map(
        (item, n) =>
          `${n + 1}. ${item.stem.plain}\n${item.options!.map((option, at) => `${String.fromCharCode(97 + at)}) ${option.right ? '*' : ''}${option.text.plain}`).join('\n')}\n`,
      )
      .join('\n');
    tell(
      `understand a text of ${(text.length / 1_048_576).toFixed(1)} MiB, ${text.split('\n').length.toLocaleString('en-GB')} lines`,
      await median(async () =>
        gatherOpened(await openSource({ name: 'typed.txt', text }), {}, { id: counter() }),
      ),
    );
  });
  it('checks and fits against three layouts', async () => {
    const three = await layouts();
    tell(
      'check against 3 layouts (goal with the next at most 1,000 ms)',
      await median(() => checkAll(bank, three)),
    );
    const asked = (items: Item[], layout: Layout) => ({
      items,
      layout,
      decisions: {},
      deck: cards,
      edition: 1,
    });
    const six = [
      ...three,
      ...['lettered', 'starred', 'weights'].map((id) => ({
        ...STARTERS.find((layout) => layout.id === `starter-${id}`)!,
        id,
      })),
    ];
    tell(
      'fit to 6 layouts (goal at most 1,000 ms)',
      await median(
        () =>
          new Fits().column(asked(bank, six[0]!)) &&
          six.slice(1).map((layout) => new Fits().column(asked(bank, layout))),
      ),
    );
    const fits = new Fits();
    six.forEach((layout) => fits.column(asked(bank, layout)));
    let n = 0;
    tell(
      'fit to 6 layouts again after one edit (goal at most 50 ms)',
      await median(() => {
        const edited = bank.map((item, index) =>
          index === 5000 ? { ...item, points: ++n } : item,
        );
        six.forEach((layout) => fits.column(asked(edited, layout)));
      }),
    );
    const twelve = Array.from({ length: 12 }, (_, index) => ({
      ...six[index % 6]!,
      id: `layout-${index}`,
    }));
    tell(
      'fit to 12 layouts',
      await median(() => twelve.map((layout) => new Fits().column(asked(bank, layout)))),
    );
    tell('fit to 3 layouts', await median(() => three.forEach((layout) => fit(bank, layout))));
  });
  it('a workbook is filled and read back', async () => {
    const [layout] = await layouts();
    const questions = fit(bank, layout!).flatMap(({ cells, as }) =>
      cells && as ? [{ cells, as }] : [],
    );
    const rows = questions.flatMap(({ cells }) => cells);
    const fitted = questions.flatMap(({ as }) => as);
    const cells = rows.map((row) => 'ABCDEFGHIJ'.split('').map((column) => row[column] ?? null));
    const bare = await median(() => {
      const book = utils.book_new();
      utils.book_append_sheet(book, utils.aoa_to_sheet(cells), 'Round');
      writeBook(book, { type: 'array', bookType: 'xlsx', compression: true });
    });
    tell(
      `fill ${rows.length} rows into the blank`,
      await median(() =>
        write({ layout: layout!, questions, blank: demo('evening-host.xlsx'), setTitle: 'T' }),
      ),
      [bare, 'the bare writer', 1.5],
    );
    const { bytes } = await fill(
      { items: bank, layout: layout!, blank: demo('evening-host.xlsx') },
      surroundings,
    );
    const bareReader = await median(() =>
      utils.sheet_to_json(readBook(bytes, { type: 'array', dense: true }).Sheets['Round']!, {
        header: 1,
      }),
    );
    tell(
      'read it back and compare',
      await median(() => readBackFile({ name: 'x.xlsx', bytes }, layout!, fitted)),
      [bareReader, 'the bare reader', 1.5],
    );
    expect((await readBackFile({ name: 'x.xlsx', bytes }, layout!)).items).toHaveLength(
      rows.length,
    );
  });
});

describe('care of a bank', () => {
  it('the checks of the craft', async () => {
    tell(
      'craft checks of 10,000 (goal at most 1500 ms)',
      await median(() => bank.forEach((one) => craftOf(one))),
    );
  });
  it('near-doubles', async () => {
    let index = new DoublesIndex();
    const build = (): void => {
      index = new DoublesIndex();
      bank.forEach((one) => index.put(one));
    };
    tell('near-doubles of 10,000 (goal at most 5000 ms)', await median(build));
    const [first] = bank;
    tell(
      'again after one edit (goal at most 50 ms)',
      await median(() => index.put({ ...first!, stem: { plain: `${first!.stem.plain} Really?` } })),
    );
    expect(index.size).toBe(bank.length);
    tell('all of their pairs', await median(() => index.pairs()));
  });
});

describe('results', () => {
  it('of 10,000 learners by 100 questions', async () => {
    const asked = bank.filter(({ options }) => (options?.length ?? 0) > 2).slice(0, 100);
    const rows = [
      ['Learner', ...asked.map(({ ref }) => ref)],
      ...Array.from({ length: 10_000 }, (_, learner) => [
        `L${learner}`,
        ...asked.map((_item, at) => 'ABC'[(learner * 7 + at * learner) % 3]!),
      ]),
    ];
    expect(figuresOf(rows, asked).items).toHaveLength(100);
    tell(
      'figures of 10,000 learners by 100 questions (goal at most 1000 ms)',
      await median(() => figuresOf(rows, asked)),
    );
  });
});
