// A layout of rows said in two open standards for tables: CSV on the Web (W3C Recommendation of 17 December 2015) and
// Table Schema (Frictionless Data).
import type { Column, Layout } from '../../model';
import { defined } from '../../shared/defined';

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

const limitOf = (column: Column, { limits }: Layout): number | undefined =>
  column.max ??
  {
    stem: limits.stem,
    option: limits.option,
    right: limits.option,
    wrong: limits.option,
    accepted: limits.option,
    hint: limits.hint,
    explanation: limits.explanation,
    title: limits.title,
  }[column.role as 'stem'];

const wordsOf = (column: Column, { limits, kinds }: Layout): string[] | undefined =>
  column.values ??
  (column.role === 'seconds'
    ? limits.seconds?.map(String)
    : column.role === 'kind'
      ? kinds.map(({ code }) => code).filter(Boolean)
      : undefined);

/** How the text is cut, in the words of the W3C's dialect description. */
function dialectOf({ file }: Layout): Record<string, unknown> {
  return {
    encoding:
      file.encoding === 'windows-1252'
        ? 'windows-1252'
        : file.encoding === 'utf-16le'
          ? 'utf-16le'
          : 'utf-8',
    delimiter: file.separator ?? ',',
    lineTerminators: [file.newline === 'crlf' ? '\r\n' : '\n'],
    quoteChar: file.quote === 'none' ? null : '"',
    doubleQuote: true,
    header: file.headingRow !== null,
    headerRowCount: file.headingRow ? 1 : 0,
    skipRows: Math.max(0, (file.headingRow ?? 1) - 1),
  };
}

/** The layout as CSV on the Web metadata for a file of the given name; undefined where the shape is not rows. */
export function csvwOf(layout: Layout, url: string): Record<string, unknown> | undefined {
  if (layout.shape !== 'rows') {
    return undefined;
  }
  const columns = layout.columns.map((column) => {
    const words = wordsOf(column, layout);
    const most = limitOf(column, layout);
    const pattern = words?.length
      ? words.map((word) => word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')).join('|')
      : undefined;
    const base = NUMBERS.has(column.role) ? 'number' : 'string';
    return defined({
      name: nameOf(column),
      titles: column.heading || undefined,
      'dc:description': column.role,
      required: column.required ? true : undefined,
      default: column.default || undefined,
      datatype:
        base === 'number'
          ? 'number'
          : pattern
            ? { base, format: pattern }
            : most
              ? { base, maxLength: most }
              : base,
    });
  });
  return {
    '@context': 'http://www.w3.org/ns/csvw',
    url,
    'dc:title': layout.name,
    dialect: dialectOf(layout),
    tableSchema: { columns },
  };
}

/** The layout as a Table Schema; undefined where the shape is not rows. */
export function tableSchemaOf(layout: Layout): Record<string, unknown> | undefined {
  if (layout.shape !== 'rows') {
    return undefined;
  }
  const fields = layout.columns.map((column) => {
    const words = wordsOf(column, layout);
    const most = limitOf(column, layout);
    const isNumber = NUMBERS.has(column.role);
    const constraints = defined({
      required: column.required ? true : undefined,
      maxLength: most && !isNumber ? most : undefined,
      ...(words?.length ? { enum: isNumber ? words.map(Number) : words } : {}),
    });
    return defined({
      name: nameOf(column),
      title: column.heading || undefined,
      description: column.role,
      type: isNumber ? 'number' : 'string',
      constraints: Object.keys(constraints).length ? constraints : undefined,
    });
  });
  return { fields, missingValues: [''] };
}
