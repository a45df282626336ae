import { zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import {
  ItemSchema,
  LayoutSchema,
  ReadingSchema,
  type Finding,
  type Item,
  type Layout,
} from '../core/model';
import { demo, demoBank, item, rowsLayout } from '../../tests/make';
import { checkEndpoint } from './check';
import { drawEndpoint } from './draw';
import { fillEndpoint } from './fill';
import { fitEndpoint } from './fit';
import { gatherEndpoint } from './gather';
import { inThread } from './work/in-thread';
import { learnEndpoint } from './learn';
import { readBackEndpoint } from './read-back';
import { openApi } from './schema';

type Fields = Record<string, string | File>;
const form = (fields: Fields, headers: Record<string, string> = {}): Request => {
  const body = new FormData();
  for (const [name, value] of Object.entries(fields)) {
    body.set(name, value);
  }
  return new Request('http://127.0.0.1/api', { method: 'POST', body, headers });
};
const file = (name: string, bytes: Uint8Array | string): File =>
  new File([typeof bytes === 'string' ? bytes : new Uint8Array(bytes)], name);
const post = (body: unknown): Request =>
  new Request('http://127.0.0.1/api', {
    method: 'POST',
    body: typeof body === 'string' ? body : JSON.stringify(body),
  });
type Answer = {
  findings: Finding[];
  items: Item[];
  layout: Layout;
  reading: unknown;
  because: Record<string, string>;
  unsure: string[];
  differences: unknown[];
  fits: { state: string }[];
  name: string;
  base64: string;
  receipt: { questions: number };
};
const read = async (response: Promise<Response>): Promise<{ status: number; body: Answer }> => {
  const got = await response;
  return { status: got.status, body: (await got.json()) as Answer };
};

describe('a draw', () => {
  it('gives the same questions for the same seed, and what the plan is short of', async () => {
    const items = Array.from({ length: 8 }, (_, n) =>
      item({ id: `q${n}`, category: [n < 3 ? 'Gates' : 'Boats'] }),
    );
    const plan = [
      { where: { category: 'Gates' }, take: 4 },
      { where: { category: 'Boats' }, take: 2 },
    ];
    const draw = async () =>
      (await (await drawEndpoint(post({ items, plan, seed: 4 }))).json()) as {
        chosen: string[];
        short: unknown[];
      };
    const first = await draw();
    expect(first.chosen).toHaveLength(5);
    expect(first.short).toEqual([{ line: 0, wanted: 4, present: 3 }]);
    expect(await draw()).toEqual(first);
    expect((await drawEndpoint(post({ items, plan }))).status).toBe(422);
  });
});

describe('the endpoints do the whole road', () => {
  it('gather, learn, check, fit, fill and read back', async () => {
    const gathered = await read(
      gatherEndpoint(form({ file: file('second-evening.xlsx', demo('second-evening.xlsx')) })),
    );
    expect(gathered.status).toBe(200);
    gathered.body.items.forEach((one) => ItemSchema.parse(one));
    ReadingSchema.parse(gathered.body.reading);
    const learned = await read(
      learnEndpoint(form({ file: file('evening-host.xlsx', demo('evening-host.xlsx')) })),
    );
    LayoutSchema.parse(learned.body.layout);
    expect(learned.body.because['key']).toBeTruthy();
    expect(
      (
        await read(
          checkEndpoint(post({ items: gathered.body.items, layouts: [learned.body.layout] })),
        )
      ).body.findings,
    ).toEqual([]);
    expect(
      (await read(fitEndpoint(post({ items: gathered.body.items, layout: learned.body.layout }))))
        .body.fits,
    ).toHaveLength(12);
    const job = JSON.stringify({
      items: gathered.body.items,
      layout: learned.body.layout,
      setTitle: 'Zweiter Abend: Größe',
    });
    const filled = await fillEndpoint(
      form({ job, blank: file('evening-host.xlsx', demo('evening-host.xlsx')) }),
    );
    expect(filled.headers.get('content-disposition')).toBe(
      'attachment; filename="Zweiter Abend Gr__e.xlsx"; filename*=UTF-8\'\'Zweiter%20Abend%20Gr%C3%B6%C3%9Fe.xlsx',
    );
    const back = await read(
      readBackEndpoint(
        form({
          file: file('x.xlsx', new Uint8Array(await filled.arrayBuffer())),
          layout: JSON.stringify(learned.body.layout),
        }),
      ),
    );
    expect(back.body.items.map((one) => one.stem.plain)).toEqual(
      gathered.body.items.map((one) => one.stem.plain),
    );
  });
  it('gives the file in base64 with its receipt where JSON is asked for', async () => {
    const { body } = await read(
      fillEndpoint(
        form(
          {
            job: JSON.stringify({
              items: demoBank(),
              layout: rowsLayout(['stem', 'option', 'option', 'option', 'option', 'key']),
              accept: 'none',
            }),
          },
          { accept: 'application/json' },
        ),
      ),
    );
    expect(body.receipt.questions).toBeGreaterThan(10);
    expect(Buffer.from(body.base64, 'base64').toString()).toContain('stem 1,option 1');
  });
  it('takes text, a sheet, a range and an overruled reading', async () => {
    const text = 'Question\tA\tB\tKey\nOne?\tp\tq\t1\nTwo?\tp\tq\t2';
    expect((await read(gatherEndpoint(form({ text, range: 'A1:D2' })))).body.items).toHaveLength(1);
    expect(
      (await read(gatherEndpoint(form({ text, reading: JSON.stringify({ headingRow: null }) }))))
        .body.items,
    ).toHaveLength(3);
    expect(
      (
        await read(
          gatherEndpoint(
            form({ file: file('b.xlsx', demo('second-evening.xlsx')), sheet: 'Read first' }),
          ),
        )
      ).body.reading,
    ).toMatchObject({ sheet: 'Read first' });
  });
});

describe('bad input answers 422 or 413 with a finding, never 500', () => {
  const bomb = zipSync({ 'xl/workbook.xml': new Uint8Array(90 * 1024 * 1024) }, { level: 6 });
  it.each([
    ['an empty file', 'a.xlsx', '', 422],
    ['a damaged package', 'a.xlsx', 'PK\u0003\u0004 broken', 422],
    ['a PDF', 'a.csv', '%PDF-1.4', 422],
    ['a cell of 100,000 characters', 'a.csv', `a,b\n${'x'.repeat(100_000)},y`, 422],
    ['600,000 cells', 'a.csv', 'a,b,c,d,e,f\n'.repeat(100_000), 413],
    ['a zip of another kind', 'a.xlsx', zipSync({ 'readme.txt': new Uint8Array([65]) }), 422],
    ['a zip that inflates past 64 MiB', 'a.xlsx', bomb, 413],
  ] as const)('%s', async (_, name, content, status) => {
    for (const endpoint of [gatherEndpoint, learnEndpoint]) {
      const { status: got, body } = await read(endpoint(form({ file: file(name, content) })));
      expect(got).toBe(status);
      expect(body.findings[0]).toMatchObject({
        level: 'block',
        message: expect.stringMatching(/\.$/),
      });
    }
  });
  it.each([
    ['no form', () => gatherEndpoint(post('x'))],
    ['no file', () => learnEndpoint(form({ other: 'x' }))],
    ['no JSON', () => checkEndpoint(post('{'))],
    ['JSON of another shape', () => fitEndpoint(post({ items: [{ id: 1 }] }))],
    [
      'a reading that is none',
      () => gatherEndpoint(form({ text: 'a\tb', reading: '{"headingRow":"x"}' })),
    ],
    [
      'a blank that is missing',
      () =>
        fillEndpoint(
          form({
            job: JSON.stringify({
              items: [item()],
              layout: rowsLayout(['stem'], {
                file: { format: 'xlsx' },
                blank: { name: 'b.xlsx', digest: 'd' },
              }),
            }),
          }),
        ),
    ],
    [
      'a blank that is no package',
      () =>
        fillEndpoint(
          form({
            job: JSON.stringify({
              items: [item()],
              layout: rowsLayout(['stem'], { file: { format: 'xlsx' } }),
            }),
            blank: file('b.xlsx', 'nonsense'),
          }),
        ),
    ],
    [
      'a format that is not written',
      () =>
        fillEndpoint(
          form({
            job: JSON.stringify({
              items: [item()],
              layout: rowsLayout(['stem'], { file: { format: 'json' } }),
            }),
          }),
        ),
    ],
    [
      'a file to read back without its layout',
      () => readBackEndpoint(form({ file: file('a.csv', 'a') })),
    ],
  ])('%s', async (_, call) => {
    const { status, body } = await read(call());
    expect(status).toBe(422);
    expect(body.findings[0]!.message).toMatch(/^[A-Z].*\.$/s);
  });
  it('a request over the limit is refused by its length', async () => {
    expect(
      (
        await inThread(
          'gather',
          new Request('http://127.0.0.1', {
            method: 'POST',
            body: 'x',
            headers: { 'content-length': '99999999' },
          }),
        )
      ).status,
    ).toBe(413);
  });
});

describe('the published description', () => {
  it('names every call of the contract and resolves its own references', () => {
    const document = openApi();
    expect(Object.keys(document['paths'] as object)).toEqual([
      '/api/gather',
      '/api/learn',
      '/api/check',
      '/api/fit',
      '/api/fill',
      '/api/read-back',
      '/api/draw',
      '/api/draft',
      '/api/variants',
      '/api/request',
      '/api/compare',
      '/api/assistant',
      '/api/paper',
      '/api/activity',
      '/api/sheets',
      '/api/merge',
      '/api/stand-ins',
      '/api/stand-ins/{name}/take',
      '/api/results',
      '/api/schema',
    ]);
    const schemas = (document['components'] as { schemas: Record<string, unknown> }).schemas;
    for (const [, name] of JSON.stringify(document).matchAll(/#\/components\/schemas\/(\w+)/g)) {
      expect(schemas).toHaveProperty(name!);
    }
    expect(schemas['Item']).toMatchObject({
      required: expect.arrayContaining(['id', 'ref', 'kind', 'stem']),
    });
  });
});
