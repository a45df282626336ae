// A finished file read again by code that did not write it, and held against what was meant.
import type { Difference, Finding, Item, Layout, Settings } from '../model';
import { compare, readBack, readCell, readMarkedSet, readSettings } from '../reading-back';
import { findingsOf, openFile, readTable, type SourceFile } from '../readers';
import { defined } from '../shared/defined';

/** What a finished file says: its questions, and what stands apart from them. */
type FileRead = {
  items: Item[];
  title?: string;
  description?: string;
  settings?: Settings;
  findings: Finding[];
};

/** A file's text decoded by the layout's own encoding. */
function decoded(bytes: Uint8Array, { file: { encoding } }: Layout): string {
  return new TextDecoder(
    encoding === 'utf-16le' || encoding === 'windows-1252' ? encoding : 'utf-8',
  )
    .decode(bytes, { stream: true })
    .replace(/^\ufeff/, '');
}

async function readPackage(file: SourceFile): Promise<FileRead> {
  const opened = await openFile(file);
  if (opened.is !== 'stated') {
    return { items: [], findings: findingsOf(opened) };
  }
  const { items, findings, title } = opened.stated;
  return defined({
    items: items.map((item, index) => ({ ...item, id: `item-${index + 1}` })),
    findings,
    title,
  });
}

/** The questions of a finished file, and what of it stands apart from them. */
async function readFile(file: SourceFile, layout: Layout): Promise<FileRead> {
  if (layout.shape === 'marked-text') {
    return { ...readMarkedSet(decoded(file.bytes, layout), layout), findings: [] };
  }
  if (layout.shape === 'package') {
    return readPackage(file);
  }
  const { encoding, separator } = layout.file;
  const table = await readTable(file, defined({ encoding, separator }));
  return defined({
    items: readBack(table, layout),
    findings: table.findings,
    title: readCell(table, layout, 'set-title'),
    description: readCell(table, layout, 'set-description'),
    settings: readSettings(table, layout),
  });
}

/** What a file is to hold: its questions as changed, its title, its description and settings where it has places for them. */
export type Meant = {
  items: readonly Item[];
  title: string;
  description?: string | undefined;
  settings?: Settings;
};

/** Settings that the file says otherwise than meant. */
const settingDifferences = (meant: Settings = {}, found: Settings = {}): Difference[] =>
  Object.entries(meant).flatMap(([setting, value]) =>
    cellDifference(
      `settings.${setting}`,
      String(value),
      String(found[setting as keyof Settings] ?? ''),
    ),
  );

/** A cell apart from the questions that says something else than meant. */
const cellDifference = (field: string, meant: string, found: string | undefined): Difference[] =>
  found === undefined || found === meant ? [] : [{ n: 0, field, meant, found }];

/** The finished bytes read again and compared with what was meant, the title first. */
export async function proof(file: SourceFile, layout: Layout, meant: Meant): Promise<Difference[]> {
  const found = await readFile(file, layout);
  const description = meant.description
    ? cellDifference('set-description', meant.description, found.description)
    : [];
  return [
    ...cellDifference('set-title', meant.title, found.title),
    ...description,
    ...settingDifferences(meant.settings, found.settings),
    ...compare(meant.items, found.items, layout),
  ];
}

/** Reads a finished file by its layout, and compares it with questions where some are given. */
export async function readBackFile(
  file: SourceFile,
  layout: Layout,
  items?: readonly Item[],
): Promise<{ items: Item[]; differences: Difference[]; findings: Finding[] }> {
  const { items: found, findings } = await readFile(file, layout);
  return { items: found, differences: items ? compare(items, found, layout) : [], findings };
}
