// Contributor sheets: a workbook for each group, locked but for the cells to fill, all in one zip (ECMA-376 part 1).
import { strToU8, zipSync } from 'fflate';
import type { SheetsJob } from '../../model';
import { columnLetters } from '../../shared/cells';
import { freeName, safeName } from '../../shared/plain';
import { Problem } from '../../shared/problem';
import { STILL } from '../contract';
import { escapeCell } from '../workbook/escape';
import {
  CATEGORY,
  formColumns,
  formRules,
  GROUP,
  type FormColumn,
} from '../../shared/contributor-form';
import { say } from '../../shared/say';

type Group = SheetsJob['groups'][number];

const MAIN = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';
const RELATIONS = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
const PACKAGE = 'http://schemas.openxmlformats.org/package/2006';
const SPREADSHEET = 'application/vnd.openxmlformats-officedocument.spreadsheetml';
const HEAD = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>\n';

const TYPES = `${HEAD}<Types xmlns="${PACKAGE}/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/><Override PartName="/xl/workbook.xml" ContentType="${SPREADSHEET}.sheet.main+xml"/><Override PartName="/xl/worksheets/sheet1.xml" ContentType="${SPREADSHEET}.worksheet+xml"/><Override PartName="/xl/styles.xml" ContentType="${SPREADSHEET}.styles+xml"/></Types>`;
const ROOT = `${HEAD}<Relationships xmlns="${PACKAGE}/relationships"><Relationship Id="rId1" Type="${RELATIONS}/officeDocument" Target="xl/workbook.xml"/></Relationships>`;
const LINKS = `${HEAD}<Relationships xmlns="${PACKAGE}/relationships"><Relationship Id="rId1" Type="${RELATIONS}/worksheet" Target="worksheets/sheet1.xml"/><Relationship Id="rId2" Type="${RELATIONS}/styles" Target="styles.xml"/></Relationships>`;

const WRAPPED = '<alignment vertical="top" wrapText="1"/>';
/** Formats of cells, by their places in the style sheet. `open` alone can be typed into; as text, so that 1/2 stays one half. */
const LOOK = { plain: 0, title: 1, heading: 2, example: 3, open: 4 } as const;
const STYLES = `${HEAD}<styleSheet xmlns="${MAIN}"><fonts count="4"><font><sz val="11"/><name val="Calibri"/></font><font><b/><sz val="14"/><name val="Calibri"/></font><font><b/><sz val="11"/><name val="Calibri"/></font><font><i/><sz val="11"/><color rgb="FF666666"/><name val="Calibri"/></font></fonts><fills count="4"><fill><patternFill patternType="none"/></fill><fill><patternFill patternType="gray125"/></fill><fill><patternFill patternType="solid"><fgColor rgb="FFE7EFE8"/></patternFill></fill><fill><patternFill patternType="solid"><fgColor rgb="FFEFEFEF"/></patternFill></fill></fills><borders count="2"><border><left/><right/><top/><bottom/><diagonal/></border><border><left style="thin"/><right style="thin"/><top style="thin"/><bottom style="thin"/><diagonal/></border></borders><cellStyleXfs count="1"><xf numFmtId="0" fontId="0" fillId="0" borderId="0"/></cellStyleXfs><cellXfs count="5"><xf numFmtId="0" fontId="0" fillId="0" borderId="0" xfId="0"/><xf numFmtId="0" fontId="1" fillId="0" borderId="0" xfId="0" applyFont="1"/><xf numFmtId="0" fontId="2" fillId="2" borderId="1" xfId="0" applyFont="1" applyFill="1" applyBorder="1" applyAlignment="1">${WRAPPED}</xf><xf numFmtId="49" fontId="3" fillId="3" borderId="1" xfId="0" applyFont="1" applyFill="1" applyBorder="1" applyAlignment="1">${WRAPPED}</xf><xf numFmtId="49" fontId="0" fillId="0" borderId="1" xfId="0" applyNumberFormat="1" applyBorder="1" applyAlignment="1" applyProtection="1">${WRAPPED}<protection locked="0"/></xf></cellXfs><cellStyles count="1"><cellStyle name="Normal" xfId="0" builtinId="0"/></cellStyles></styleSheet>`;

const HEADING_ROW = 6;
const FIRST_ROW = 8;
const DEFAULT_ROWS = 20;

const cell = (column: number, row: number, text: string, look: number): string => {
  const name = `${columnLetters(column)}${row}`;
  return text
    ? `<c r="${name}" s="${look}" t="inlineStr"><is><t xml:space="preserve">${escapeCell(text)}</t></is></c>`
    : `<c r="${name}" s="${look}"/>`;
};
const row = (n: number, cells: readonly string[]): string =>
  `<row r="${n}">${cells.join('')}</row>`;

/** A drop-down list, or the most characters, for all cells to fill of a column. */
function rule({ list, most }: FormColumn, column: number, lastRow: number): string {
  const where = `sqref="${columnLetters(column)}${FIRST_ROW}:${columnLetters(column)}${lastRow}"`;
  if (list) {
    return `<dataValidation type="list" allowBlank="1" showErrorMessage="1" ${where}><formula1>${escapeCell(`"${list.join(',')}"`)}</formula1></dataValidation>`;
  }
  return most
    ? `<dataValidation type="textLength" operator="lessThanOrEqual" allowBlank="1" showErrorMessage="1" errorTitle="Too long" error="At most ${most} characters." ${where}><formula1>${most}</formula1></dataValidation>`
    : '';
}

function sheetXml(job: SheetsJob, { name, category, rows = DEFAULT_ROWS }: Group): string {
  const columns = formColumns(job);
  const last = FIRST_ROW + rows - 1;
  const rules = columns.map((one, at) => rule(one, at, last)).filter(Boolean);
  const lines = [
    row(1, [cell(0, 1, job.setTitle ?? 'Questions', LOOK.title)]),
    row(2, [cell(0, 2, `${GROUP}${name}`, LOOK.plain)]),
    ...(category ? [row(3, [cell(0, 3, `${CATEGORY}${category}`, LOOK.plain)])] : []),
    row(4, [cell(0, 4, formRules(job), LOOK.plain)]),
    row(
      HEADING_ROW,
      columns.map(({ heading }, at) => cell(at, HEADING_ROW, heading, LOOK.heading)),
    ),
    row(
      HEADING_ROW + 1,
      columns.map(({ example }, at) => cell(at, HEADING_ROW + 1, example, LOOK.example)),
    ),
    ...Array.from({ length: rows }, (_, n) =>
      row(
        FIRST_ROW + n,
        columns.map((_column, at) =>
          at === 0
            ? cell(0, FIRST_ROW + n, String(n + 1), LOOK.heading)
            : cell(at, FIRST_ROW + n, '', LOOK.open),
        ),
      ),
    ),
  ];
  const widths = columns.map(
    ({ width }, at) => `<col min="${at + 1}" max="${at + 1}" width="${width}" customWidth="1"/>`,
  );
  return `${HEAD}<worksheet xmlns="${MAIN}"><sheetViews><sheetView workbookViewId="0"><pane ySplit="${HEADING_ROW}" topLeftCell="A${HEADING_ROW + 1}" activePane="bottomLeft" state="frozen"/></sheetView></sheetViews><cols>${widths.join('')}</cols><sheetData>${lines.join('')}</sheetData><sheetProtection sheet="1" objects="1" scenarios="1" formatColumns="0" formatRows="0"/>${rules.length ? `<dataValidations count="${rules.length}">${rules.join('')}</dataValidations>` : ''}</worksheet>`;
}

const zipped = (parts: Record<string, Uint8Array>): Uint8Array =>
  zipSync(
    Object.fromEntries(
      Object.entries(parts).map(([name, bytes]) => [name, [bytes, { mtime: STILL }]]),
    ),
  );

function workbook(job: SheetsJob, group: Group): Uint8Array {
  const parts: Record<string, string> = {
    '[Content_Types].xml': TYPES,
    '_rels/.rels': ROOT,
    'xl/_rels/workbook.xml.rels': LINKS,
    'xl/styles.xml': STYLES,
    'xl/workbook.xml': `${HEAD}<workbook xmlns="${MAIN}" xmlns:r="${RELATIONS}"><sheets><sheet name="Questions" sheetId="1" r:id="rId1"/></sheets></workbook>`,
    'xl/worksheets/sheet1.xml': sheetXml(job, group),
  };
  return zipped(
    Object.fromEntries(Object.entries(parts).map(([name, text]) => [name, strToU8(text)])),
  );
}

/** File names of the groups, none twice. */
function namesOf(groups: readonly Group[]): string[] {
  const taken = new Set<string>();
  return groups.map(({ name }, at) => freeName(safeName(name, `Group ${at + 1}`), '.xlsx', taken));
}

/**
 * The sheets of all groups in one zip; the same job gives the same bytes.
 * @throws {Problem} where there is no group
 */
export function contributorSheets(job: SheetsJob): Uint8Array {
  if (!job.groups.length) {
    throw new Problem(
      say('There is no group: name those who are to write, one sheet is made for each.'),
    );
  }
  const names = namesOf(job.groups);
  return zipped(
    Object.fromEntries(job.groups.map((group, at) => [names[at]!, workbook(job, group)])),
  );
}
