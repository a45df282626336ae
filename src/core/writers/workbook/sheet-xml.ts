// One sheet's XML taken apart just far enough to set cells in it: rows and cells keep their own text to the byte.

export type Cell = { column: number; attributes: string; xml: string; hasFormula: boolean };
export type SheetRow = { r: number; attributes: string; cells: Cell[] };
export type SheetXml = { before: string; rows: SheetRow[]; after: string; prefix: string };

const attribute = (attributes: string, name: string): string | undefined =>
  new RegExp(`(?:^|\\s)${name}="([^"]*)"`).exec(attributes)?.[1];
export const attributeOf = attribute;

function columnOf(reference: string): number {
  let column = 0;
  for (const letter of reference) {
    const code = letter.charCodeAt(0);
    if (code < 65) {
      break;
    }
    column = column * 26 + code - 64;
  }
  return column - 1;
}

function parseCells(inner: string, prefix: string): Cell[] {
  const cells: Cell[] = [];
  const pattern = new RegExp(`<${prefix}c((?:\\s[^>]*?)?)(?:/>|>([\\s\\S]*?)</${prefix}c>)`, 'g');
  for (let match = pattern.exec(inner); match; match = pattern.exec(inner)) {
    const reference = attribute(match[1]!, 'r');
    const column = reference ? columnOf(reference) : (cells.at(-1)?.column ?? -1) + 1;
    cells.push({
      column,
      attributes: match[1]!,
      xml: match[0],
      hasFormula: new RegExp(`<${prefix}f[\\s/>]`).test(match[2] ?? ''),
    });
  }
  return cells;
}

/** Takes a sheet apart. Gives undefined where it has no place for rows. */
export function parseSheet(xml: string): SheetXml | undefined {
  const data = /<((?:[A-Za-z_][\w.-]*:)?)sheetData\s*(?:\/>|>)/.exec(xml);
  if (!data) {
    return undefined;
  }
  const prefix = data[1]!;
  const start = data.index;
  const closed = data[0].endsWith('/>');
  const end = closed
    ? start + data[0].length
    : xml.indexOf(`</${prefix}sheetData>`, start) + `</${prefix}sheetData>`.length;
  const inner = closed
    ? ''
    : xml.slice(start + data[0].length, end - `</${prefix}sheetData>`.length);
  const rows: SheetRow[] = [];
  const pattern = new RegExp(
    `<${prefix}row((?:\\s[^>]*?)?)(?:/>|>([\\s\\S]*?)</${prefix}row>)`,
    'g',
  );
  for (let match = pattern.exec(inner); match; match = pattern.exec(inner)) {
    rows.push({
      r: Number(attribute(match[1]!, 'r') ?? (rows.at(-1)?.r ?? 0) + 1),
      attributes: match[1]!,
      cells: parseCells(match[2] ?? '', prefix),
    });
  }
  return { before: xml.slice(0, start), rows, after: xml.slice(end), prefix };
}

/** The sheet's XML again. Rows and cells come sorted, as the format asks. */
export function sheetText(sheet: SheetXml): string {
  const { prefix } = sheet;
  const rows = sheet.rows.map((row) =>
    row.cells.length
      ? `<${prefix}row${row.attributes}>${row.cells.map((cell) => cell.xml).join('')}</${prefix}row>`
      : `<${prefix}row${row.attributes}/>`,
  );
  return `${sheet.before}<${prefix}sheetData>${rows.join('')}</${prefix}sheetData>${sheet.after}`;
}
