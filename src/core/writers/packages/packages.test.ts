// Packages checked for structure, references and unique ids by Python's own XML parser. No schema of the standards is at
// hand: what is held here is our reading of them. Scoring is checked by an independent implementation in e2e/standards.spec.ts.
import { spawnSync } from 'node:child_process';
import { unzipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { fill, fillAgain, fit, gatherSource, STARTERS, type FillJob } from '../../pipeline';
import type { Item, Layout } from '../../model';
import { EVERY_KIND } from '../../../../tests/kinds';
import { counter, demoBank, item, surroundings } from '../../../../tests/make';
import { brief } from '../../../../tests/say';

type Node = { tag: string; at: Record<string, string>; text: string; sub: Node[] };
const HAS_PYTHON = spawnSync('/usr/bin/python3', ['--version']).status === 0;
const SCRIPT = `import json, sys, xml.etree.ElementTree as E
def say(e): return {'tag': e.tag.split('}')[-1], 'at': {k.split('}')[-1]: v for k, v in e.attrib.items()}, 'text': e.text or '', 'sub': [say(c) for c in e]}
print(json.dumps({k: say(E.fromstring(v)) for k, v in json.load(sys.stdin).items()}))`;

/** The parts of a package as trees, by a parser that refuses what is not well-formed. */
function treesOf(bytes: Uint8Array): { trees: Record<string, Node>; names: string[] } {
  const parts = unzipSync(bytes);
  const texts = Object.fromEntries(
    Object.entries(parts)
      .filter(([name]) => name.endsWith('.xml'))
      .map(([name, part]) => [name, new TextDecoder().decode(part)]),
  );
  const out = spawnSync('/usr/bin/python3', ['-c', SCRIPT], {
    input: JSON.stringify(texts),
    encoding: 'utf8',
    maxBuffer: 1 << 28,
  });
  if (out.status !== 0) {
    throw new Error(out.stderr);
  }
  return { trees: JSON.parse(out.stdout) as Record<string, Node>, names: Object.keys(parts) };
}
const all = (node: Node, ...tags: string[]): Node[] => [
  ...(tags.includes(node.tag) ? [node] : []),
  ...node.sub.flatMap((child) => all(child, ...tags)),
];
const ids = (nodes: readonly Node[], name: string): string[] =>
  nodes.map((node) => node.at[name] ?? '');
const twice = (list: readonly string[]): string[] =>
  list.filter((one, index) => list.indexOf(one) !== index);

const starter = (standard: NonNullable<Layout['file']['standard']>): Layout =>
  STARTERS.find((layout) => layout.file.standard === standard)!;
const withPicture: Item = item({
  id: 'pic',
  ref: 'PIC',
  media: [{ at: 'stem', href: 'data:image/png;base64,iVBORw0KGgo=', alt: 'a lock' }],
});
const items: Item[] = [
  ...demoBank(),
  ...EVERY_KIND,
  withPicture,
  item({ id: 'odd', ref: '7 & <odd>' }),
  item({ id: 'odd-2', ref: '7 & <odd>' }),
];
const made = async (
  standard: NonNullable<Layout['file']['standard']>,
  more: Pick<FillJob, 'draw' | 'sections'> = {},
) => fill({ items, layout: starter(standard), setTitle: 'Canal & basics', ...more }, surroundings);

describe.each(['qti-3.0', 'qti-2.1'] as const)('%s', (standard) => {
  const name = (tag: string): string[] => [
    `qti-${tag}`,
    tag.replace(/-([a-z])/g, (_, letter: string) => letter.toUpperCase()),
  ];
  const attribute = (tag: string): string =>
    standard === 'qti-3.0'
      ? tag
      : tag.replace(/-([a-z])/g, (_, letter: string) => letter.toUpperCase());
  it('lists every file, refers only to what is there, and names nothing twice', async ({
    skip,
  }) => {
    if (!HAS_PYTHON) {
      skip('python3 is not installed');
    }
    const { trees, names } = treesOf((await made(standard)).bytes);
    const manifest = trees['imsmanifest.xml']!;
    const files = ids(all(manifest, 'file'), 'href');
    expect(files.filter((file) => !names.includes(file))).toEqual([]);
    expect(names.filter((file) => file !== 'imsmanifest.xml' && !files.includes(file))).toEqual([]);
    expect(
      twice([...ids(all(manifest, 'resource'), 'identifier'), manifest.at['identifier']!]),
    ).toEqual([]);
    const resources = ids(all(manifest, 'resource'), 'identifier');
    expect(
      ids(all(manifest, 'dependency'), 'identifierref').filter((one) => !resources.includes(one)),
    ).toEqual([]);
    const test = trees['test.xml']!;
    const references = all(test, ...name('assessment-item-ref'));
    expect(ids(references, 'href').filter((href) => !trees[href])).toEqual([]);
    expect(
      twice(
        ids(
          [
            test,
            ...all(
              test,
              ...name('assessment-section'),
              ...name('test-part'),
              ...name('assessment-item-ref'),
            ),
          ],
          'identifier',
        ),
      ),
    ).toEqual([]);
    expect(references).toHaveLength(items.length);
  });
  it('each item’s interactions, keys and feedback point at what it declares', async ({ skip }) => {
    if (!HAS_PYTHON) {
      skip('python3 is not installed');
    }
    const { trees } = treesOf((await made(standard)).bytes);
    const parts = Object.entries(trees)
      .filter(([path]) => path.startsWith('items/'))
      .map(([, tree]) => tree);
    expect(twice(ids(parts, 'identifier'))).toEqual([]);
    for (const tree of parts) {
      expect(tree.at['identifier']).toMatch(/^[A-Za-z_][\w.-]*$/);
      const declared = ids(all(tree, ...name('response-declaration')), 'identifier');
      const outcomes = ids(all(tree, ...name('outcome-declaration')), 'identifier');
      const body = all(tree, ...name('item-body'))[0]!;
      const asked = all(
        body,
        ...[
          'choice',
          'match',
          'order',
          'text-entry',
          'inline-choice',
          'extended-text',
          'upload',
        ].flatMap((kind) => name(`${kind}-interaction`)),
      ).map((one) => one.at[attribute('response-identifier')]!);
      expect(asked.sort()).toEqual([...declared].sort());
      const choices = ids(
        all(
          body,
          ...name('simple-choice'),
          ...name('inline-choice'),
          ...name('simple-associable-choice'),
        ),
        'identifier',
      );
      expect(
        twice(standard === 'qti-3.0' ? choices.filter((one) => !/^[A-Z]$/.test(one)) : []),
      ).toEqual([]);
      for (const declaration of all(tree, ...name('response-declaration'))) {
        const type = declaration.at[attribute('base-type')];
        const keys = [
          ...all(declaration, ...name('value')).map((one) => one.text),
          ...all(declaration, ...name('map-entry')).map((one) => one.at[attribute('map-key')]!),
        ];
        if (type === 'identifier' || type === 'directedPair') {
          expect(
            keys.flatMap((key) => key.split(' ')).filter((key) => !choices.includes(key)),
            tree.at['identifier'],
          ).toEqual([]);
        }
      }
      expect(
        all(tree, ...name('modal-feedback'), ...name('feedback-inline'))
          .map((one) => one.at[attribute('outcome-identifier')]!)
          .filter((one) => !outcomes.includes(one)),
      ).toEqual([]);
      expect(
        all(tree, ...name('set-outcome-value'))
          .map((one) => one.at['identifier']!)
          .filter((one) => !outcomes.includes(one)),
      ).toEqual([]);
    }
  });
  it('a pool draws so many of its questions', async ({ skip }) => {
    if (!HAS_PYTHON) {
      skip('python3 is not installed');
    }
    const { bytes, differences } = await made(standard, { draw: 20 });
    expect(differences).toEqual([]);
    const [section, ...more] = all(
      treesOf(bytes).trees['test.xml']!,
      ...name('assessment-section'),
    );
    expect(more).toEqual([]);
    expect(all(section!, ...name('selection'))[0]!.at['select']).toBe('20');
    expect(all(section!, ...name('assessment-item-ref'))).toHaveLength(items.length);
  });
  it('pools and fixed sections stand side by side, and come in again as categories', async ({
    skip,
  }) => {
    if (!HAS_PYTHON) {
      skip('python3 is not installed');
    }
    const [first, second, ...others] = items.map(({ id }) => id);
    const sections = [
      { title: 'Warm up', items: [second!, first!] },
      { title: 'Ten of many', items: others, draw: 10 },
    ];
    const { bytes, differences, receipt } = await made(standard, { sections });
    expect(differences).toEqual([]);
    const found = all(treesOf(bytes).trees['test.xml']!, ...name('assessment-section'));
    expect(found.map(({ at }) => at['title'])).toEqual(['Warm up', 'Ten of many']);
    expect(all(found[0]!, ...name('selection'))).toEqual([]);
    expect(all(found[1]!, ...name('selection'))[0]!.at['select']).toBe('10');
    const again = (await gatherSource({ name: 'pack.zip', bytes }, {}, { id: counter() })).items;
    const titles = again.slice(0, 3).map(({ category }) => category?.[0]);
    expect(titles).toEqual(['Warm up', 'Warm up', 'Ten of many']);
    expect(again[0]!.ref).toBe(items[1]!.ref);
    expect((await fillAgain(receipt, undefined, surroundings)).bytes).toEqual(bytes);
  });
  it('comes in again as it went out, pictures and tags with it', async () => {
    const { bytes } = await fill(
      {
        items: [...EVERY_KIND.slice(0, 12), withPicture],
        layout: starter(standard),
        setTitle: 'T',
      },
      surroundings,
    );
    const again = (await gatherSource({ name: 'pack.zip', bytes }, {}, { id: counter() })).items;
    expect(again.map(brief)).toEqual([...EVERY_KIND.slice(0, 12), withPicture].map(brief));
    expect(again[0]).toMatchObject({
      ref: 'ONE',
      title: 'Paddles',
      points: 2,
      category: ['Locks', 'Parts'],
      tags: [{ name: 'level', value: 'easy' }, { value: 'first evening' }],
    });
    expect(again.find(({ ref }) => ref === 'NUMBER')!.number).toEqual({
      value: 1.4,
      tolerance: 0.1,
      unit: 'm',
    });
    expect(again.find(({ ref }) => ref === 'PIC')!.media).toEqual(withPicture.media);
  });
});

describe('Common Cartridge 1.3', () => {
  it('has one assessment whose responses, keys and feedback refer to what is there', async ({
    skip,
  }) => {
    if (!HAS_PYTHON) {
      skip('python3 is not installed');
    }
    const { trees, names } = treesOf((await made('common-cartridge-1.3')).bytes);
    const manifest = trees['imsmanifest.xml']!;
    expect(ids(all(manifest, 'file'), 'href').filter((file) => !names.includes(file))).toEqual([]);
    const assessment = trees['assessment/assessment.xml']!;
    expect(twice(ids(all(assessment, 'item', 'section', 'assessment'), 'ident'))).toEqual([]);
    for (const one of all(assessment, 'item')) {
      const labels = ids(all(one, 'response_label'), 'ident');
      const responses = ids(all(one, 'response_lid', 'response_str'), 'ident');
      expect(responses).toHaveLength(1);
      expect(
        ids(all(one, 'varequal'), 'respident').filter((id) => !responses.includes(id)),
      ).toEqual([]);
      if (labels.length) {
        expect(
          all(one, 'varequal')
            .map(({ text }) => text)
            .filter((id) => !labels.includes(id)),
        ).toEqual([]);
      }
      expect(
        ids(all(one, 'displayfeedback'), 'linkrefid').filter(
          (id) => !ids(all(one, 'itemfeedback'), 'ident').includes(id),
        ),
      ).toEqual([]);
      const profile = all(one, 'qtimetadatafield').find(
        (field) => all(field, 'fieldlabel')[0]!.text === 'cc_profile',
      );
      expect(all(profile!, 'fieldentry')[0]!.text).toMatch(
        /^cc\.(?:multiple_choice|multiple_response|true_false|fib|essay)\.v0p1$/,
      );
    }
  });
  it('takes the kinds of its profile and tells the rest', () => {
    const told = fit(EVERY_KIND, starter('common-cartridge-1.3')).map(
      ({ state, as, reason }, index) =>
        `${EVERY_KIND[index]!.kind}: ${state === 'refused' ? reason : [...new Set(as!.map(({ kind }) => kind))].join()}`,
    );
    expect(told).toEqual(
      expect.arrayContaining([
        'match: choice-one',
        'number: short',
        'gap: short',
        'order: the receiver takes no questions of the kind steps',
        'upload: the receiver takes no questions of the kind upload',
      ]),
    );
  });
  it('is read back with what it says, and says what it can’t', async () => {
    const { differences, notes } = await made('common-cartridge-1.3', { draw: 5 });
    expect(differences).toEqual([]);
    expect(notes[0]).toContain('holds all of them');
  });
});
