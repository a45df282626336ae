// HTML, from the clipboard or a saved page: its tables where it has some, else its paragraphs and lists.
import type { Finding, Opened, Sheet, Table } from '../../model';
import { questionsBeside } from '../beside-table';
import { Lines } from './lines';
import { dataTables, sheetOfTable } from './tables';
import { parseHtml, type Element, type Node } from '../../shared/html/tree';
import { listed, quoted } from '../../shared/plain';
import { say } from '../../shared/say';

/** Whether a text is HTML rather than a text that speaks of it. */
export const looksLikeHtml = (text: string): boolean =>
  /^\s*(?:<!doctype html|<html|<meta\b|<table\b|<body\b|<!--StartFragment)/i.test(
    text.slice(0, 2000),
  ) && /<\/(?:table|p|div|li|h\d|html|span|td)>/i.test(text);

function furnitureOf(file: string, { furniture }: Lines): Finding[] {
  const said = furniture.filter(Boolean);
  return said.length
    ? [
        {
          rule: 'page-left-out',
          level: 'note',
          where: { file },
          message: say('What stands in menus and at the foot of the page was left out: {said}.', {
            said: listed(said.map((text) => quoted(text))),
          }),
        },
      ]
    : [];
}

/** What stands beside the tables that are read by themselves. */
function linesBeside(root: Node, tables: readonly Element[]): Lines {
  const lines = new Lines(new Set(tables));
  lines.walk(root);
  return lines;
}

/** Reads HTML. Never throws for bad input; what is too much is told. */
export function readHtml(file: string, source: string): Opened {
  const root = parseHtml(source);
  const tables = dataTables(root);
  if (tables.length) {
    const sheets = tables.map((table, index): Sheet =>
      sheetOfTable(table, tables.length === 1 ? file : `Table ${index + 1}`),
    );
    const { lines } = linesBeside(root, tables);
    const beside = lines.map(({ text, label = '' }) => ({ text: `${label} ${text}` }));
    const table: Table = { file, format: 'html', sheets, findings: questionsBeside(file, beside) };
    return { is: 'table', table };
  }
  const lines = new Lines();
  lines.walk(root);
  return {
    is: 'document',
    document: { file, format: 'html', lines: lines.lines, findings: furnitureOf(file, lines) },
  };
}
