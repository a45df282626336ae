// OpenDocument spreadsheets (.ods).
import type { Table } from '../../model';
import { blocked, unreadable } from '../contract';
import { OverCap, overCapFinding } from '../over-cap';
import { partText, type Parts } from '../package';
import { parseXml } from '../xml';
import { ContentReader } from './content';

/** Reads the sheets of an opened package. Never throws for bad input. */
export function readOpenSheet(file: string, parts: Parts): Table {
  const reader = new ContentReader();
  try {
    parseXml(partText(parts, 'content.xml'), {
      open: (name, attributes) => reader.open(name, attributes),
      text: (text) => reader.text(text),
      close: (name) => reader.close(name),
    });
    reader.finish();
  } catch (error) {
    if (error instanceof OverCap) {
      return { file, format: 'ods', sheets: [], findings: [overCapFinding(file, error)] };
    }
    return unreadable(
      file,
      'ods',
      'workbook-damaged',
      `${file} opens as a package, but a part of it is damaged and can't be read. Save it again in your spreadsheet program and bring it in.`,
    );
  }
  const table: Table = { file, format: 'ods', sheets: reader.sheets, findings: [] };
  if (!reader.sheets.some((sheet) => sheet.rows.length)) {
    table.findings.push(
      blocked(
        file,
        'workbook-empty',
        `${file} holds no filled cell on any of its ${reader.sheets.length} sheets.`,
      ),
    );
  }
  return table;
}
