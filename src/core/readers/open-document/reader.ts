// OpenDocument spreadsheets (.ods).
import type { Table } from '../../model';
import { blocked, unreadable } from '../contract';
import { OverCap, overCapFinding } from '../over-cap';
import { partText, type Parts } from '../package';
import { parseXml } from '../xml';
import { ContentReader } from './content';
import { say } from '../../shared/say';

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
      say(
        "{file} opens as a package, but a part of it is damaged and can't be read. Save it again in your spreadsheet program and bring it in.",
        { file },
      ),
    );
  }
  const table: Table = { file, format: 'ods', sheets: reader.sheets, findings: [] };
  if (!reader.sheets.some((sheet) => sheet.rows.length)) {
    table.findings.push(
      blocked(
        file,
        'workbook-empty',
        say('{file} holds no filled cell on any of its {sheets} sheets.', {
          file,
          sheets: reader.sheets.length,
        }),
      ),
    );
  }
  return table;
}
