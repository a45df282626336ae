import fc from 'fast-check';
import { strToU8, unzipSync, zipSync } from 'fflate';
import { createHash } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import type { BankContents, Item } from '../../model';
import { gatherSource, learnBlank, openBankFile, packBank } from '../../pipeline';
import {
  anyItem,
  counter,
  demo,
  demoBank,
  item,
  numbered,
  surroundings,
} from '../../../../tests/make';
import { lift } from './migrations';

const EMPTY_FILE = {
  format: 'question-bank',
  version: 1,
  name: 'Bank',
  items: [],
  layouts: [],
  sources: [],
  receipts: [],
  pictures: {},
  blanks: [],
};

const digest = async (bytes: Uint8Array): Promise<string> =>
  createHash('sha256').update(bytes).digest('hex');
const contents = (items: Item[], more: Partial<BankContents> = {}): BankContents => ({
  name: 'Lock keepers',
  items,
  layouts: [],
  sources: [],
  receipts: [],
  blanks: new Map(),
  ...more,
});
const back = (bytes: Uint8Array): BankContents => {
  const opened = openBankFile('x.bank.zip', bytes);
  if ('finding' in opened) {
    throw new Error(opened.finding.message);
  }
  return opened.contents;
};

describe('a whole bank as one file', () => {
  it('comes back identical, with layouts, blanks and pictures, and the same bank gives the same bytes', async () => {
    const { layout, because, unsure } = await learnBlank(
      { name: 'evening-host.xlsx', bytes: demo('evening-host.xlsx') },
      surroundings,
    );
    const picture = 'data:image/png;base64,iVBORw0KGgo=';
    const items = [
      ...demoBank(),
      item({
        id: 'pictured',
        stem: { plain: 'm2?', html: 'm<sup>2</sup>?' },
        media: [
          { at: 'stem', href: picture, alt: 'a lock' },
          { at: 'option', option: 0, href: picture },
          { at: 'stem', href: 'https://pictures.example/a.png' },
        ],
      }),
    ];
    const whole = contents(items, {
      layouts: [{ id: layout.id, layout, because, unsure, chosen: true }],
      sources: [{ id: 's', name: 'a.xlsx', at: '2026-11-25T10:00:00Z', items: ['pictured'] }],
      blanks: new Map([[layout.blank!.digest, demo('evening-host.xlsx')]]),
    });
    const bytes = await packBank(whole, { digest });
    expect(back(bytes)).toEqual(whole);
    expect(await packBank(whole, { digest })).toEqual(bytes);
    expect(
      Object.keys(unzipSync(bytes)).filter((name) => name.startsWith('pictures/')),
    ).toHaveLength(1);
  });
  it('holds for random banks', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(anyItem, { maxLength: 12 }), async (items) => {
        expect(back(await packBank(contents(numbered(items)), { digest })).items).toEqual(
          numbered(items),
        );
      }),
      { numRuns: 60 },
    );
  });
  it('is a source like any other at Gather', async () => {
    const { items, reading } = await gatherSource(
      { name: 'x.bank.zip', bytes: await packBank(contents(demoBank()), { digest }) },
      {},
      { id: counter() },
    );
    expect(reading.as).toBe('package');
    expect(items.map(({ id: _id, origin: _origin, ...rest }) => rest)).toEqual(
      demoBank().map(({ id: _id, origin: _origin, ...rest }) => rest),
    );
  });
  it('keeps nothing that runs, whoever wrote the file', async () => {
    const bad = contents([
      item({
        stem: {
          plain: 'x',
          html: 'a<img src=x onerror=alert(1)><b>b</b><script>alert(1)</script><a href="javascript:alert(1)">c</a>',
        },
      }),
    ]);
    expect(back(await packBank(bad, { digest })).items[0]!.stem.html).toBe('a<b>b</b>c');
  });
  it.each<[what: string, bytes: Uint8Array, rule: string]>([
    ['another zip', zipSync({ 'a.txt': strToU8('a') }), 'no-bank-file'],
    ['no zip', strToU8('hello'), 'no-bank-file'],
    ...([0, -1, 0.5, 'one', null] as const).map((version): [string, Uint8Array, string] => [
      `version ${version}`,
      zipSync({ 'bank.json': strToU8(JSON.stringify({ ...EMPTY_FILE, version })) }),
      'bank-file-damaged',
    ]),
    [
      'an empty name',
      zipSync({ 'bank.json': strToU8(JSON.stringify({ ...EMPTY_FILE, name: ' ' })) }),
      'bank-file-damaged',
    ],
    [
      'the same question twice',
      zipSync({
        'bank.json': strToU8(
          JSON.stringify({ ...EMPTY_FILE, items: [item(), item({ ref: 'B' })] }),
        ),
      }),
      'bank-file-damaged',
    ],
    [
      'the same reference twice',
      zipSync({
        'bank.json': strToU8(JSON.stringify({ ...EMPTY_FILE, items: [item(), item({ id: 'b' })] })),
      }),
      'bank-file-damaged',
    ],
    ['broken text', zipSync({ 'bank.json': strToU8('{"format"') }), 'bank-file-damaged'],
    [
      'a field of another kind',
      zipSync({ 'bank.json': strToU8('{"format":"question-bank","version":1,"name":3}') }),
      'bank-file-damaged',
    ],
    [
      'a newer version',
      zipSync({ 'bank.json': strToU8('{"format":"question-bank","version":99}') }),
      'bank-file-too-new',
    ],
  ])('refuses %s with a sentence', (_, bytes, rule) => {
    const opened = openBankFile('x.zip', bytes);
    expect('finding' in opened && opened.finding.rule).toBe(rule);
    expect('finding' in opened && opened.finding.message.length).toBeGreaterThan(30);
  });
  it('migrations lift step by step and refuse what is newer', () => {
    expect(lift({ version: 1, a: 2 }, 1)).toEqual({ version: 1, a: 2 });
    expect(lift({ version: 2 }, 1)).toBeUndefined();
  });
});
