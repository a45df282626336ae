// The parts of a workbook and where they lie (ECMA-376 part 2).
import { canonicalXml } from '../../shared/canonical-xml';
import { attributeOf } from './sheet-xml';

/** The files of the package by their paths. */
export type Parts = Record<string, Uint8Array>;

/** A part's XML in the manner that splicing relies on, whatever program wrote it. */
export const decode = (bytes: Uint8Array | undefined): string =>
  bytes ? canonicalXml(new TextDecoder('utf-8').decode(bytes)) : '';
const unescape = (text: string): string =>
  text
    .replace(/&lt;/g, '<')
    .replace(/&gt;/g, '>')
    .replace(/&quot;/g, '"')
    .replace(/&apos;/g, "'")
    .replace(/&amp;/g, '&');

/** The attributes of every element of a name, whatever its prefix. */
export const attributesOf = (xml: string, name: string): string[] =>
  [...xml.matchAll(new RegExp(`<(?:[\\w.-]+:)?${name}\\s([^>]*?)\\/?>`, 'g'))].map(
    (match) => match[1]!,
  );

/** Where the workbook's own part lies; the usual place where the package does not say. */
function workbookPath(parts: Parts): string {
  const root = attributesOf(decode(parts['_rels/.rels']), 'Relationship').find((attributes) =>
    /Type="[^"]*\/officeDocument"/.test(attributes),
  );
  return (root && attributeOf(root, 'Target')?.replace(/^\//, '')) ?? 'xl/workbook.xml';
}

/** The path of a sheet's part, through the workbook and its relationships; the first sheet's where none is named so. */
export function sheetPath(
  parts: Parts,
  name: string | undefined,
): { path: string; workbook: string } | undefined {
  const workbook = workbookPath(parts);
  const sheets = attributesOf(decode(parts[workbook]), 'sheet');
  const wanted =
    sheets.find((sheet) => unescape(attributeOf(sheet, 'name') ?? '') === name) ?? sheets[0];
  const id = wanted && /(?:^|\s)[\w.-]+:id="([^"]*)"/.exec(wanted)?.[1];
  const folder = workbook.replace(/[^/]*$/, '');
  const relations = decode(parts[`${folder}_rels/${workbook.slice(folder.length)}.rels`]);
  const relation = attributesOf(relations, 'Relationship').find(
    (attributes) => attributeOf(attributes, 'Id') === id,
  );
  const target = relation && attributeOf(relation, 'Target');
  if (!target) {
    return undefined;
  }
  return { path: target.startsWith('/') ? target.slice(1) : folder + target, workbook };
}
