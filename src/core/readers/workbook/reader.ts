// Workbooks of the open office format (.xlsx, ECMA-376): every sheet, with lists looked up wherever they stand.
import type { Sheet, Table } from '../../model';
import { blocked, unreadable } from '../contract';
import { OverCap, overCapFinding } from '../over-cap';
import { partText, readRelations, type Parts } from '../package';
import { readBook, type Book } from './book';
import { readComments } from './comments';
import { readStyles } from './formats';
import { withLists } from './lists';
import { readSheet, type RawLink, type RawSheet, type Shown } from './sheet';
import { readSharedStrings } from './strings';
import { say } from '../../shared/say';

type Relations = ReturnType<typeof readRelations>;

/** The text of a linked cell leads where its relationship says (ECMA-376 part 1, 18.3.1.47). */
function setLinks(
  sheet: Pick<Sheet, 'rows' | 'rich'>,
  links: readonly RawLink[],
  relations: Relations,
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

/** The part of a relationship's type, as text; empty where there is none. */
const partOfType = (parts: Parts, relations: Relations, type: string): string =>
  partText(parts, relations.find((relation) => relation.type === type)?.target ?? '');

/** A sheet with its place in the workbook, before lists, links and notes are looked up. */
type Found = { name: string; hidden: boolean; path: string; raw: RawSheet };

function findSheets(parts: Parts, book: Book, relations: Relations): Found[] {
  const shown: Shown = {
    strings: readSharedStrings(partOfType(parts, relations, 'sharedStrings')),
    styles: readStyles(partOfType(parts, relations, 'styles')),
    from1904: book.from1904,
  };
  return book.sheets.flatMap(({ name, id, hidden }) => {
    const path = relations.find((relation) => relation.id === id)?.target ?? '';
    // Charts and dialogs are sheets too, but hold no cells.
    return parts.has(path) && path.includes('sheet')
      ? [{ name, hidden, path, raw: readSheet(partText(parts, path), shown) }]
      : [];
  });
}

function finish(found: readonly Found[], parts: Parts, { names }: Book): Sheet[] {
  const sheets = new Map(found.map(({ name, raw }) => [name, raw]));
  return found.map(({ name, hidden, path, raw: { raw, links, ...rest } }) => {
    const relations = readRelations(parts, path);
    setLinks(rest, links, relations);
    const comments = relations
      .filter(({ type }) => type === 'comments')
      .flatMap(({ target }) => readComments(partText(parts, target)));
    const validations = withLists(raw, { here: name, sheets, names });
    return { ...rest, name, hidden, comments, validations };
  });
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
      say(
        '{file} is a zip package of a kind that is not known here. Bring in a workbook (.xlsx, .ods, .xls), a document (.docx), a test package or text.',
        { file },
      ),
    );
  }
  const book = readBook(partText(parts, root));
  const sheets = finish(findSheets(parts, book, readRelations(parts, root)), parts, book);
  const table: Table = { file, format: 'xlsx', sheets, findings: [] };
  if (!sheets.some((sheet) => sheet.rows.length)) {
    const message = say('{file} holds no filled cell on any of its {sheets} sheets.', {
      file,
      sheets: sheets.length,
    });
    table.findings.push(blocked(file, 'workbook-empty', message));
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
        message: say('{name} is a workbook, whatever its name says; it was read as one.', { name }),
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
      say(
        "{name} opens as a package, but a part of it is damaged and can't be read. Save it again in your spreadsheet program and bring it in.",
        { name },
      ),
    );
  }
}
