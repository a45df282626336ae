// Workbooks of the open office format (.xlsx, ECMA-376): every sheet, with lists looked up wherever they stand.
import type { Sheet, Table, Validation } from '../../model';
import { parseRange } from '../../shared/cells';
import { blocked, unreadable } from '../contract';
import { readStyles } from './formats';
import { partText, readRelations, type Parts } from '../package';
import { OverCap, overCapFinding } from '../over-cap';
import { readSheet, type RawLink, type RawSheet, type RawValidation, type Shown } from './sheet';
import { readSharedStrings } from './strings';
import { parseXml } from '../xml';
import { defined } from '../../shared/defined';

type Listed = { name: string; id: string; hidden: boolean };
type Book = { sheets: Listed[]; names: Map<string, string>; from1904: boolean };

function readBook(xml: string): Book {
  const book: Book = { sheets: [], names: new Map(), from1904: false };
  let naming = '';
  parseXml(xml, {
    open(name, a) {
      if (name === 'sheet') {
        book.sheets.push({
          name: a['name'] ?? '',
          id: a['r:id'] ?? Object.entries(a).find(([key]) => key.endsWith(':id'))?.[1] ?? '',
          hidden: (a['state'] ?? 'visible') !== 'visible',
        });
      } else if (name === 'definedName') {
        naming = a['name'] ?? '';
      } else if (name === 'workbookPr') {
        book.from1904 = a['date1904'] === '1' || a['date1904'] === 'true';
      }
    },
    text(text) {
      if (naming) {
        book.names.set(naming, (book.names.get(naming) ?? '') + text);
      }
    },
    close(name) {
      if (name === 'definedName') {
        naming = '';
      }
    },
  });
  return book;
}

function readComments(xml: string): Sheet['comments'] {
  const comments: Sheet['comments'] = [];
  let at: { top: number; left: number } | undefined;
  let inText = false;
  let text = '';
  parseXml(xml, {
    open(name, a) {
      if (name === 'comment') {
        at = parseRange(a['ref'] ?? '');
        text = '';
      } else if (name === 't') {
        inText = true;
      }
    },
    text(piece) {
      if (inText) {
        text += piece;
      }
    },
    close(name) {
      if (name === 't') {
        inText = false;
      } else if (name === 'comment' && at) {
        comments.push({ row: at.top, column: at.left, text: text.trim() });
      }
    },
  });
  return comments;
}

/** The values of a drop-down list: written out, or standing in a block of cells of any sheet, by address or by name. */
function lookUpList(
  formula: string,
  here: string,
  sheets: Map<string, RawSheet>,
  names: Map<string, string>,
): string[] | undefined {
  if (formula.startsWith('"')) {
    return formula
      .slice(1, -1)
      .replace(/""/g, '"')
      .split(',')
      .map((value) => value.trim())
      .filter(Boolean);
  }
  const bare = formula.replace(/^=/, '');
  const target = names.get(bare) ?? bare;
  const match = /^(?:'((?:[^']|'')+)'|([^'!]+))!(.+)$/.exec(target);
  const sheet = sheets.get(match ? (match[1]?.replace(/''/g, "'") ?? match[2]!) : here);
  const range = parseRange(match ? match[3]! : target);
  if (!sheet || !range) {
    return undefined;
  }
  const values: string[] = [];
  for (
    let r = range.top;
    r <= Math.min(range.bottom, sheet.rows.length - 1) && values.length < 500;
    r++
  ) {
    for (let c = range.left; c <= range.right; c++) {
      const text = sheet.rows[r]?.[c]?.trim();
      if (text) {
        values.push(text);
      }
    }
  }
  return values.length ? values : undefined;
}

function finish(
  raw: RawValidation[],
  here: string,
  sheets: Map<string, RawSheet>,
  names: Map<string, string>,
): Validation[] {
  return raw.map(({ ranges, formula, maxLength, prompt }) => {
    const list = formula ? lookUpList(formula, here, sheets, names) : undefined;
    return defined({
      ranges,
      list,
      maxLength: maxLength || undefined,
      prompt: prompt || undefined,
    });
  });
}

/** The text of a linked cell leads where its relationship says (ECMA-376 part 1, 18.3.1.47). */
function setLinks(
  sheet: Pick<Sheet, 'rows' | 'rich'>,
  links: readonly RawLink[],
  relations: ReturnType<typeof readRelations>,
): void {
  const targets = new Map(relations.map(({ id, target }) => [id, target]));
  for (const { range, id } of links) {
    const href = targets.get(id);
    const text = sheet.rows[range.top]?.[range.left];
    if (!href || !text) {
      continue;
    }
    const key = `${range.top}:${range.left}`;
    const runs = sheet.rich?.[key] ?? [{ text }];
    (sheet.rich ??= {})[key] = runs.map((run) => ({ ...run, href }));
  }
}

function readSheets(file: string, parts: Parts): Table {
  const root =
    readRelations(parts, '').find(({ type }) => type === 'officeDocument')?.target ??
    'xl/workbook.xml';
  if (!parts.has(root)) {
    return unreadable(
      file,
      'xlsx',
      'file-not-a-table',
      `${file} is a zip package of a kind that is not known here. Bring in a workbook (.xlsx, .ods, .xls), a document (.docx), a test package or text.`,
    );
  }
  const book = readBook(partText(parts, root));
  const relations = readRelations(parts, root);
  const part = (type: string): string =>
    partText(parts, relations.find((relation) => relation.type === type)?.target ?? '');
  const shown: Shown = {
    strings: readSharedStrings(part('sharedStrings')),
    styles: readStyles(part('styles')),
    from1904: book.from1904,
  };
  const raw = new Map<string, RawSheet>();
  const paths = new Map<string, string>();
  for (const sheet of book.sheets) {
    const path = relations.find(({ id }) => id === sheet.id)?.target ?? '';
    if (!parts.has(path) || !path.includes('sheet')) {
      continue;
    }
    paths.set(sheet.name, path);
    raw.set(sheet.name, readSheet(partText(parts, path), shown));
  }
  const sheets = book.sheets.flatMap(({ name, hidden }): Sheet[] => {
    const found = raw.get(name);
    if (!found) {
      return [];
    }
    const { raw: validations, links, ...rest } = found;
    const own = readRelations(parts, paths.get(name)!);
    setLinks(rest, links, own);
    const comments = own
      .filter(({ type }) => type === 'comments')
      .flatMap(({ target }) => readComments(partText(parts, target)));
    return [
      { ...rest, name, hidden, comments, validations: finish(validations, name, raw, book.names) },
    ];
  });
  const table: Table = { file, format: 'xlsx', sheets, findings: [] };
  if (!sheets.some((sheet) => sheet.rows.length)) {
    table.findings.push(
      blocked(
        file,
        'workbook-empty',
        `${file} holds no filled cell on any of its ${sheets.length} sheets.`,
      ),
    );
  }
  return table;
}

/** Reads an opened package as a workbook. Never throws for bad input. */
export function readWorkbook(name: string, parts: Parts): Table {
  try {
    const table = readSheets(name, parts);
    if (!/\.xls[xm]$/i.test(name) && table.sheets.length) {
      table.findings.push({
        rule: 'file-kind-differs',
        level: 'note',
        where: { file: name },
        message: `${name} is a workbook, whatever its name says; it was read as one.`,
      });
    }
    return table;
  } catch (error) {
    if (error instanceof OverCap) {
      return { file: name, format: 'xlsx', sheets: [], findings: [overCapFinding(name, error)] };
    }
    return unreadable(
      name,
      'xlsx',
      'workbook-damaged',
      `${name} opens as a package, but a part of it is damaged and can't be read. Save it again in your spreadsheet program and bring it in.`,
    );
  }
}
