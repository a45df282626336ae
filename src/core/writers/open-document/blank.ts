// A new, empty open document for a layout that has no blank of its own (OpenDocument 1.2: the fewest parts that readers open).
import { strToU8, zipSync, type Zippable } from 'fflate';
import type { Layout } from '../../model';
import { cellName, parseCell } from '../../shared/cells';
import { blankSheet, type BlankSheet } from '../blank-sheet';
import { STILL } from '../contract';
import { escapeXml } from '../../shared/markup';

const HEAD = '<?xml version="1.0" encoding="UTF-8"?>\n';
const TYPE = 'application/vnd.oasis.opendocument.spreadsheet';
const NAMES =
  'xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:style="urn:oasis:names:tc:opendocument:xmlns:style:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0" xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" xmlns:fo="urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0" xmlns:calcext="urn:org:documentfoundation:names:experimental:calc:xmlns:calcext:1.0" xmlns:of="urn:oasis:names:tc:opendocument:xmlns:of:1.2"';
const MANIFEST = `${HEAD}<manifest:manifest xmlns:manifest="urn:oasis:names:tc:opendocument:xmlns:manifest:1.0" manifest:version="1.2"><manifest:file-entry manifest:full-path="/" manifest:media-type="${TYPE}"/><manifest:file-entry manifest:full-path="content.xml" manifest:media-type="text/xml"/><manifest:file-entry manifest:full-path="styles.xml" manifest:media-type="text/xml"/></manifest:manifest>`;
const STYLES = `${HEAD}<office:document-styles ${NAMES} office:version="1.2"/>`;

const textCell = (text: string, attributes = ''): string =>
  `<table:table-cell${attributes} office:value-type="string" calcext:value-type="string"><text:p>${escapeXml(text)}</text:p></table:table-cell>`;

const ruleName = (index: number): string => `rule${index + 1}`;

function rulesXml({ rules, name }: BlankSheet): string {
  if (!rules.length) {
    return '';
  }
  const one = ({ top, column, list, most }: BlankSheet['rules'][number], index: number): string => {
    const condition = list
      ? `of:cell-content-is-in-list(${list.map((word) => `"${word.replace(/"/g, '""')}"`).join(';')})`
      : `of:cell-content-text-length()<=${most}`;
    return `<table:content-validation table:name="${ruleName(index)}" table:condition="${escapeXml(condition)}" table:allow-empty-cell="true" table:base-cell-address="${escapeXml(`'${name}'.${cellName(top, column)}`)}"/>`;
  };
  return `<table:content-validations>${rules.map(one).join('')}</table:content-validations>`;
}

/** A prepared row: each column that has a rule names it. */
function preparedRow({ rules, widths }: BlankSheet): string {
  const byColumn = new Map(rules.map((rule, index) => [rule.column, index]));
  return widths
    .map((_, column) =>
      byColumn.has(column)
        ? `<table:table-cell table:content-validation-name="${ruleName(byColumn.get(column)!)}"/>`
        : '<table:table-cell/>',
    )
    .join('');
}

function rowsXml(sheet: BlankSheet, first: number): string {
  const rows: string[] = [];
  const last = Math.max(0, ...[...sheet.cells.keys()].map((name) => parseCell(name)!.row));
  for (let row = 0; row <= last; row++) {
    const cells: string[] = [];
    for (let column = 0; column < Math.max(1, sheet.widths.length); column++) {
      const name = cellName(row, column);
      const text = sheet.cells.get(name);
      cells.push(
        text === undefined
          ? '<table:table-cell/>'
          : textCell(text, sheet.bold.has(name) ? ' table:style-name="heading"' : ''),
      );
    }
    rows.push(`<table:table-row>${cells.join('')}</table:table-row>`);
  }
  while (rows.length < first) {
    rows.push('<table:table-row><table:table-cell/></table:table-row>');
  }
  const times = sheet.rules[0] ? sheet.rules[0].bottom - sheet.rules[0].top + 1 : 0;
  if (times) {
    rows.push(
      `<table:table-row table:number-rows-repeated="${times}">${preparedRow(sheet)}</table:table-row>`,
    );
  }
  return rows.join('');
}

/** An empty open document with the layout's headings, drop-downs and length rules, and a sheet of instructions. */
export function blankOpenDocument(layout: Layout): Uint8Array {
  const sheet = blankSheet(layout);
  const styles = sheet.widths
    .map(
      (width, index) =>
        `<style:style style:name="co${index}" style:family="table-column"><style:table-column-properties style:column-width="${(width * 0.2).toFixed(1)}cm"/></style:style>`,
    )
    .join('');
  const columns = sheet.widths
    .map((_, index) => `<table:table-column table:style-name="co${index}"/>`)
    .join('');
  const words = sheet.words
    .map((text) => `<table:table-row>${textCell(text)}</table:table-row>`)
    .join('');
  const content = `${HEAD}<office:document-content ${NAMES} office:version="1.2"><office:automatic-styles>${styles}<style:style style:name="heading" style:family="table-cell"><style:table-cell-properties fo:background-color="#e7efe8" fo:wrap-option="wrap"/><style:text-properties fo:font-weight="bold"/></style:style></office:automatic-styles><office:body><office:spreadsheet>${rulesXml(sheet)}<table:table table:name="${escapeXml(sheet.name)}">${columns}${rowsXml(sheet, (layout.file.firstRow ?? 2) - 1)}</table:table><table:table table:name="How to fill"><table:table-column/>${words}</table:table></office:spreadsheet></office:body></office:document-content>`;
  const parts: Zippable = {
    mimetype: [strToU8(TYPE), { level: 0, mtime: STILL }],
    'content.xml': [strToU8(content), { mtime: STILL }],
    // Not asked for by the standard, but programs are there that open nothing without it.
    'styles.xml': [strToU8(STYLES), { mtime: STILL }],
    'META-INF/manifest.xml': [strToU8(MANIFEST), { mtime: STILL }],
  };
  return zipSync(parts);
}
