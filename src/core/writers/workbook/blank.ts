// A new, empty workbook for a layout that has no blank of its own (ECMA-376: the fewest parts that every reader opens).
import { strToU8, zipSync } from 'fflate';
import type { Layout } from '../../model';
import { columnLetters, parseCell } from '../../shared/cells';
import { blankSheet, type BlankSheet } from '../blank-sheet';
import { STILL } from '../contract';
import { escapeCell } from './escape';

const MAIN = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';
const RELATIONS = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
const HEAD = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>\n';

const TYPES = `${HEAD}<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/><Override PartName="/xl/workbook.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml"/><Override PartName="/xl/worksheets/sheet1.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.worksheet+xml"/><Override PartName="/xl/worksheets/sheet2.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.worksheet+xml"/><Override PartName="/xl/styles.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.styles+xml"/></Types>`;
const ROOT = `${HEAD}<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="${RELATIONS}/officeDocument" Target="xl/workbook.xml"/></Relationships>`;
const LINKS = `${HEAD}<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="${RELATIONS}/worksheet" Target="worksheets/sheet1.xml"/><Relationship Id="rId2" Type="${RELATIONS}/worksheet" Target="worksheets/sheet2.xml"/><Relationship Id="rId3" Type="${RELATIONS}/styles" Target="styles.xml"/></Relationships>`;
// Style 0 is a plain text cell (format 49 is text, so that a typed 1/2 stays one half), 1 a heading.
const STYLES = `${HEAD}<styleSheet xmlns="${MAIN}"><fonts count="2"><font><sz val="11"/><name val="Calibri"/></font><font><b/><sz val="11"/><name val="Calibri"/></font></fonts><fills count="3"><fill><patternFill patternType="none"/></fill><fill><patternFill patternType="gray125"/></fill><fill><patternFill patternType="solid"><fgColor rgb="FFE7EFE8"/><bgColor indexed="64"/></patternFill></fill></fills><borders count="1"><border><left/><right/><top/><bottom/><diagonal/></border></borders><cellStyleXfs count="1"><xf numFmtId="0" fontId="0" fillId="0" borderId="0"/></cellStyleXfs><cellXfs count="3"><xf numFmtId="0" fontId="0" fillId="0" borderId="0" xfId="0"/><xf numFmtId="0" fontId="1" fillId="2" borderId="0" xfId="0" applyFont="1" applyFill="1" applyAlignment="1"><alignment vertical="top" wrapText="1"/></xf><xf numFmtId="49" fontId="0" fillId="0" borderId="0" xfId="0" applyNumberFormat="1" applyAlignment="1"><alignment vertical="top" wrapText="1"/></xf></cellXfs><cellStyles count="1"><cellStyle name="Normal" xfId="0" builtinId="0"/></cellStyles></styleSheet>`;

const cell = (name: string, text: string, style: number): string =>
  `<c r="${name}"${style ? ` s="${style}"` : ''} t="inlineStr"><is><t xml:space="preserve">${escapeCell(text)}</t></is></c>`;

function rowsXml(sheet: BlankSheet): string {
  const rows = new Map<number, [number, string][]>();
  for (const [name, text] of sheet.cells) {
    const at = parseCell(name)!;
    rows.set(at.row, [
      ...(rows.get(at.row) ?? []),
      [at.column, cell(name, text, sheet.bold.has(name) ? 1 : 0)],
    ]);
  }
  return [...rows]
    .sort(([a], [b]) => a - b)
    .map(
      ([row, cells]) =>
        `<row r="${row + 1}">${cells
          .sort(([a], [b]) => a - b)
          .map(([, xml]) => xml)
          .join('')}</row>`,
    )
    .join('');
}

function rulesXml({ rules }: BlankSheet): string {
  if (!rules.length) {
    return '';
  }
  const one = ({ top, bottom, column, list, most }: BlankSheet['rules'][number]): string => {
    const where = `sqref="${columnLetters(column)}${top + 1}:${columnLetters(column)}${bottom + 1}"`;
    if (list) {
      return `<dataValidation type="list" allowBlank="1" showErrorMessage="1" ${where}><formula1>${escapeCell(`"${list.join(',')}"`)}</formula1></dataValidation>`;
    }
    return `<dataValidation type="textLength" operator="lessThanOrEqual" allowBlank="1" showErrorMessage="1" ${where}><formula1>${most}</formula1></dataValidation>`;
  };
  // A list inside the rule itself may be no longer than 255 characters and hold no comma.
  const fits = rules.filter(
    ({ list }) =>
      !list || (list.join(',').length < 250 && !list.some((word) => word.includes(','))),
  );
  return fits.length
    ? `<dataValidations count="${fits.length}">${fits.map(one).join('')}</dataValidations>`
    : '';
}

function sheetXml(sheet: BlankSheet): string {
  const cols = sheet.widths
    .map(
      (width, index) =>
        `<col min="${index + 1}" max="${index + 1}" width="${width}" style="2" customWidth="1"/>`,
    )
    .filter(Boolean)
    .join('');
  return `${HEAD}<worksheet xmlns="${MAIN}">${cols ? `<cols>${cols}</cols>` : ''}<sheetData>${rowsXml(sheet)}</sheetData>${rulesXml(sheet)}</worksheet>`;
}

/** An empty workbook with the layout's headings, drop-downs and length rules, and a sheet of instructions. */
export function blankWorkbook(layout: Layout): Uint8Array {
  const sheet = blankSheet(layout);
  const words = sheet.words
    .map((text, index) => `<row r="${index + 1}">${cell(`A${index + 1}`, text, 0)}</row>`)
    .join('');
  const help = sheet.name === 'How to fill' ? 'Help' : 'How to fill';
  const parts: Record<string, string> = {
    '[Content_Types].xml': TYPES,
    '_rels/.rels': ROOT,
    'xl/_rels/workbook.xml.rels': LINKS,
    'xl/styles.xml': STYLES,
    'xl/workbook.xml': `${HEAD}<workbook xmlns="${MAIN}" xmlns:r="${RELATIONS}"><sheets><sheet name="${escapeCell(sheet.name)}" sheetId="1" r:id="rId1"/><sheet name="${help}" sheetId="2" r:id="rId2"/></sheets></workbook>`,
    'xl/worksheets/sheet1.xml': sheetXml(sheet),
    'xl/worksheets/sheet2.xml': `${HEAD}<worksheet xmlns="${MAIN}"><cols><col min="1" max="1" width="90" customWidth="1"/></cols><sheetData>${words}</sheetData></worksheet>`,
  };
  return zipSync(
    Object.fromEntries(
      Object.entries(parts).map(([name, text]) => [name, [strToU8(text), { mtime: STILL }]]),
    ),
  );
}
