// A layout described in two open standards, read by their own libraries: rdf-parser-csvw (CSV on the Web) and tableschema.
import { Readable } from 'node:stream';
import { describe, expect, it } from 'vitest';
import { Schema } from 'tableschema';
import CsvwParser from 'rdf-parser-csvw';
import rdf from '@rdfjs/data-model';
import {
  csvwOf,
  fill,
  layoutFile,
  learnBlank,
  makeBlank,
  readLayoutFile,
  STARTERS,
  tableSchemaOf,
} from '../../pipeline';
import type { Layout } from '../../model';
import { demo, demoBank, item, options, surroundings } from '../../../../tests/make';

const starter = (id: string): Layout => STARTERS.find((layout) => layout.id === `starter-${id}`)!;

type Quad = {
  subject: unknown;
  predicate: { value: string };
  object: { value: string; equals(other: unknown): boolean };
};
const CSVW = 'http://www.w3.org/ns/csvw#';
const RDF = 'http://www.w3.org/1999/02/22-rdf-syntax-ns#';
/** Two names that the standard's JSON-LD context (http://www.w3.org/ns/csvw.jsonld) gives other terms. */
const TERMS: Record<string, string> = { columns: 'column', titles: 'title' };

/** The metadata as the statements that its context makes of it, since the context can't be fetched here. */
function statements(metadata: Record<string, unknown>): unknown {
  const quads: Quad[] = [];
  const say = (subject: unknown, predicate: string, object: unknown): void => {
    quads.push({ subject, predicate: rdf.namedNode(predicate), object } as Quad);
  };
  const node = (value: unknown): unknown => {
    if (value === null) {
      return rdf.literal('false', rdf.namedNode('http://www.w3.org/2001/XMLSchema#boolean'));
    }
    if (typeof value !== 'object') {
      return rdf.literal(String(value));
    }
    const own = rdf.blankNode();
    for (const [key, inner] of Object.entries(value)) {
      const predicate = CSVW + (TERMS[key] ?? key);
      if (key === '@context') {
        continue;
      }
      if (key === 'columns') {
        say(own, predicate, list(inner as unknown[]));
      } else if (key === 'datatype' && typeof inner === 'string') {
        say(
          own,
          predicate,
          rdf.namedNode(
            `http://www.w3.org/2001/XMLSchema#${inner === 'number' ? 'double' : inner}`,
          ),
        );
      } else {
        for (const one of Array.isArray(inner) ? inner : [inner]) {
          say(own, predicate, node(one));
        }
      }
    }
    return own;
  };
  const list = (items: unknown[]): unknown => {
    if (!items.length) {
      return rdf.namedNode(`${RDF}nil`);
    }
    const own = rdf.blankNode();
    say(own, `${RDF}first`, node(items[0]));
    say(own, `${RDF}rest`, list(items.slice(1)));
    return own;
  };
  node(metadata);
  const same = (a: unknown, b: { equals(other: unknown): boolean } | null | undefined): boolean =>
    !b || b.equals(a);
  const dataset = (own: Quad[]): unknown => ({
    match: (subject?: never, predicate?: never, object?: never) =>
      dataset(
        own.filter(
          (quad) =>
            same(quad.subject, subject) &&
            same(quad.predicate, predicate) &&
            same(quad.object, object),
        ),
      ),
    [Symbol.iterator]: () => own[Symbol.iterator](),
  });
  return dataset(quads);
}

describe('CSV on the Web metadata', () => {
  it('lets an independent parser read the filled file column by column', async () => {
    const layout = starter('right-and-rest');
    const { bytes } = await fill(
      {
        items: [
          item({ points: 3, category: ['Locks'], options: options('*Water', 'Boats', 'Sand') }),
        ],
        layout,
      },
      surroundings,
    );
    const metadata = csvwOf(layout, 'file.csv')!;
    const parser = new CsvwParser({
      metadata: statements(metadata),
      baseIRI: 'http://example.org/file.csv',
    });
    const found: Record<string, string> = {};
    await new Promise<void>((resolve, reject) => {
      parser
        .import(Readable.from([Buffer.from(bytes)]))
        .on('data', (quad: { predicate: { value: string }; object: { value: string } }) => {
          found[quad.predicate.value.split('#').at(-1)!] = quad.object.value;
        })
        .on('end', resolve)
        .on('error', reject);
    });
    expect(found).toMatchObject({
      A_question: 'What does a paddle let through?',
      B_right_answer: 'Water',
      C_wrong_answers_a_bar_between_them: 'Boats|Sand',
      E_category: 'Locks',
    });
    expect(Number(found['D_points'])).toBe(3);
  });
  it('says dialect, lengths, lists and what must be filled', () => {
    const layout: Layout = {
      ...starter('numbered'),
      file: { ...starter('starred').file, encoding: 'utf-16le' },
    };
    layout.columns = layout.columns.map((column) =>
      column.role === 'stem' ? { ...column, required: true } : column,
    );
    expect(csvwOf(layout, 'x.csv')).toMatchObject({
      url: 'x.csv',
      dialect: { encoding: 'utf-16le', delimiter: ';', lineTerminators: ['\r\n'], header: true },
      tableSchema: {
        columns: [
          { datatype: 'number' },
          { required: true, datatype: { base: 'string', maxLength: 130 } },
          {},
          { datatype: { maxLength: 70 } },
          {},
          {},
          {},
          { datatype: 'number' },
        ],
      },
    });
    expect(csvwOf(starter('board'), 'x')).toBeUndefined();
  });
});

describe('Table Schema', () => {
  it('is valid to its own library, which casts a filled row and refuses one over the limit', async () => {
    const layout = starter('numbered');
    const schema = await Schema.load(tableSchemaOf(layout));
    expect(schema.valid).toBe(true);
    expect(schema.castRow(['1', 'What?', '2', 'a', 'b', '', '', '40'])).toEqual([
      1,
      'What?',
      '2',
      'a',
      'b',
      null,
      null,
      40,
    ]);
    expect(() => schema.castRow(['1', 'x'.repeat(131), '2', 'a', 'b', '', '', '40'])).toThrow();
    expect(() => schema.castRow(['1', 'What?', '2', 'a', 'b', '', '', '41'])).toThrow();
  });
});

describe('a layout as one file', () => {
  it('comes back with its blank and its reasons', async () => {
    const { layout, because, unsure } = await learnBlank(
      { name: 'evening-host.xlsx', bytes: demo('evening-host.xlsx') },
      surroundings,
    );
    const file = layoutFile({ layout, because, unsure }, demo('evening-host.xlsx'));
    const again = readLayoutFile('x.layout.json', JSON.stringify(file));
    if ('problem' in again) {
      throw new Error(again.problem);
    }
    expect(again.file).toMatchObject({ layout, because, unsure });
    expect(Buffer.from(again.blank!.bytes).equals(Buffer.from(demo('evening-host.xlsx')))).toBe(
      true,
    );
    expect(again.file.csvw).toBeDefined();
    const filled = await fill(
      { items: demoBank(), layout: again.file.layout, blank: again.blank!.bytes, setTitle: 'T' },
      surroundings,
    );
    expect(filled.differences).toEqual([]);
  });
  it.each([
    ['{"format":"receiver-layout"', 'damaged'],
    ['{"format":"receiver-layout","version":9}', 'newer version'],
    ['{"format":"receiver-layout","version":1,"layout":{"id":1}}', 'at layout'],
  ])('%s is told in a sentence', (text, words) => {
    const read = readLayoutFile('x.json', text);
    expect('problem' in read && read.problem).toContain(words);
  });
  it('a layout without a blank makes one of its own', () => {
    expect(makeBlank(starter('lettered'))!.name).toBe('Lettered key.xlsx');
    expect(makeBlank(starter('qti-3.0'))).toBeUndefined();
  });
});
