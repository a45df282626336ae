// A layout of rows said in two open standards for tables: CSV on the Web (W3C Recommendation of 17 December 2015) and
// Table Schema (Frictionless Data).
import type { Column, Layout } from '../../model';
import { defined } from '../../shared/defined';
import { literal } from '../../shared/literal';
import { mostOf, wordsOf } from '../column-rules';

const NUMBERS = new Set<Column['role']>([
  'points',
  'seconds',
  'attempts',
  'weight',
  'value',
  'tolerance',
  'lines',
  'number-in-file',
]);

/** A name that both standards take, one for each column. */
const nameOf = ({ column, heading }: Column): string =>
  `${column}_${(heading ?? '')
    .normalize('NFKD')
    .replace(/[^A-Za-z0-9]+/g, '_')
    .replace(/^_+|_+$/g, '')
    .toLowerCase()}`.replace(/_$/, '');

/** Encodings by the names that the standard takes; a byte order mark is no part of the name. */
const ENCODINGS: Record<NonNullable<Layout['file']['encoding']>, string> = {
  'utf-8': 'utf-8',
  'utf-8-bom': 'utf-8',
  'utf-16le': 'utf-16le',
  'windows-1252': 'windows-1252',
};

/** How the text is cut, in the words of the W3C's dialect description. */
function dialectOf({ file }: Layout): Record<string, unknown> {
  return {
    encoding: ENCODINGS[file.encoding ?? 'utf-8'],
    delimiter: file.separator ?? ',',
    lineTerminators: [file.newline === 'crlf' ? '\r\n' : '\n'],
    quoteChar: file.quote === 'none' ? null : '"',
    doubleQuote: true,
    header: file.headingRow !== null,
    headerRowCount: file.headingRow ? 1 : 0,
    skipRows: Math.max(0, (file.headingRow ?? 1) - 1),
  };
}

/** What may stand in a column, in the datatypes of CSV on the Web. */
function datatypeOf(column: Column, layout: Layout): unknown {
  if (NUMBERS.has(column.role)) {
    return 'number';
  }
  const words = wordsOf(column, layout);
  if (words) {
    return { base: 'string', format: words.map(literal).join('|') };
  }
  const maxLength = mostOf(column, layout);
  return maxLength ? { base: 'string', maxLength } : 'string';
}

/** The layout as CSV on the Web metadata for a file of the given name; undefined where the shape is not rows. */
export function csvwOf(layout: Layout, url: string): Record<string, unknown> | undefined {
  if (layout.shape !== 'rows') {
    return undefined;
  }
  const columns = layout.columns.map((column) =>
    defined({
      name: nameOf(column),
      titles: column.heading || undefined,
      'dc:description': column.role,
      required: column.required ? true : undefined,
      default: column.default || undefined,
      datatype: datatypeOf(column, layout),
    }),
  );
  return {
    '@context': 'http://www.w3.org/ns/csvw',
    url,
    'dc:title': layout.name,
    dialect: dialectOf(layout),
    tableSchema: { columns },
  };
}

/** What may stand in a column, in the constraints of Table Schema; undefined where anything may. */
function constraintsOf(column: Column, layout: Layout): Record<string, unknown> | undefined {
  const isNumber = NUMBERS.has(column.role);
  const words = wordsOf(column, layout);
  const constraints = defined({
    required: column.required ? true : undefined,
    maxLength: isNumber ? undefined : mostOf(column, layout),
    enum: isNumber ? words?.map(Number) : words,
  });
  return Object.keys(constraints).length ? constraints : undefined;
}

/** The layout as a Table Schema; undefined where the shape is not rows. */
export function tableSchemaOf(layout: Layout): Record<string, unknown> | undefined {
  if (layout.shape !== 'rows') {
    return undefined;
  }
  const fields = layout.columns.map((column) =>
    defined({
      name: nameOf(column),
      title: column.heading || undefined,
      description: column.role,
      type: NUMBERS.has(column.role) ? 'number' : 'string',
      constraints: constraintsOf(column, layout),
    }),
  );
  return { fields, missingValues: [''] };
}
