// Blocks as an open document of text (OpenDocument 1.2).
import type { PageLines } from '../page';
import { strToU8, zipSync, type Zippable } from 'fflate';
import type { Run } from '../../../model';
import { escapeXml } from '../../../shared/markup';
import { DOCUMENT_TYPES } from '../../../shared/media-types';
import { STILL } from '../../contract';
import type { Block } from './blocks';
import { pictureOf, type Picture } from './picture';

const HEAD = '<?xml version="1.0" encoding="UTF-8"?>\n';
const TYPE = DOCUMENT_TYPES.odt;
const SPACES = ['office', 'style', 'text', 'table', 'drawing', 'manifest']
  .map((name) => {
    const prefix = name === 'drawing' ? 'draw' : name;
    return `xmlns:${prefix}="urn:oasis:names:tc:opendocument:xmlns:${name}:1.0"`;
  })
  .join(' ');
const NAMES = `${SPACES} xmlns:fo="urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0" xmlns:svg="urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0" xmlns:xlink="http://www.w3.org/1999/xlink"`;

/** The looks of runs, each a letter of a style's name: TB is bold, TBI bold and italic. */
const LOOKS: readonly (readonly [keyof Run, letter: string, properties: string])[] = [
  ['bold', 'B', 'fo:font-weight="bold"'],
  ['italic', 'I', 'fo:font-style="italic"'],
  ['underline', 'U', 'style:text-underline-style="solid" style:text-underline-width="auto"'],
  ['sub', 'D', 'style:text-position="sub 58%"'],
  ['sup', 'P', 'style:text-position="super 58%"'],
];

const lettersOf = (run: Run): string =>
  LOOKS.filter(([name]) => run[name])
    .map(([, letter]) => letter)
    .join('');

function runXml(run: Run): string {
  // Several blanks count as one in XML; each further one is an element.
  const text = escapeXml(run.text)
    .replace(/\n/g, '<text:line-break/>')
    .replace(/ {2,}/g, (blanks) => ` <text:s text:c="${blanks.length - 1}"/>`);
  const letters = lettersOf(run);
  return letters ? `<text:span text:style-name="T${letters}">${text}</text:span>` : text;
}
const runsXml = (runs: readonly Run[]): string => runs.map(runXml).join('');

function textStyles(blocks: readonly Block[]): string {
  const runs = blocks.flatMap((block) => {
    if (block.is === 'table') {
      return block.rows.flat(2);
    }
    return 'runs' in block ? block.runs : [];
  });
  const used = [...new Set([...runs.map(lettersOf), 'B'])].filter(Boolean);
  return used
    .map((letters) => {
      const properties = LOOKS.filter(([, letter]) => letters.includes(letter)).map(
        ([, , one]) => one,
      );
      return `<style:style style:name="T${letters}" style:family="text"><style:text-properties ${properties.join(' ')}/></style:style>`;
    })
    .join('');
}

const paragraphStyle = (name: string, paragraph: string, text = ''): string =>
  `<style:style style:name="${name}" style:family="paragraph"><style:paragraph-properties ${paragraph}/>${text ? `<style:text-properties ${text}/>` : ''}</style:style>`;

const STYLES = [
  paragraphStyle('P0', 'fo:margin-bottom="0.1cm"'),
  paragraphStyle(
    'P0k',
    'fo:margin-bottom="0.1cm" fo:keep-with-next="always" fo:keep-together="always"',
  ),
  paragraphStyle('P1', 'fo:margin-left="0.8cm" fo:margin-bottom="0.05cm"'),
  paragraphStyle(
    'P1k',
    'fo:margin-left="0.8cm" fo:margin-bottom="0.05cm" fo:keep-with-next="always"',
  ),
  paragraphStyle('PSmall', 'fo:margin-bottom="0.1cm"', 'fo:font-size="9pt"'),
  paragraphStyle('PRoom', 'fo:margin-top="0.7cm" fo:border-bottom="0.5pt solid #999999"'),
  paragraphStyle('PPage', 'fo:break-before="page"'),
  '<style:style style:name="Cell" style:family="table-cell"><style:table-cell-properties fo:padding="0.1cm" fo:border="0.5pt solid #999999"/></style:style>',
  '<style:style style:name="Open" style:family="table-cell"><style:table-cell-properties fo:padding="0.05cm" fo:border="none"/></style:style>',
].join('');

type Made = { xml: string; pictures: Map<string, Picture> };

function tableXml({ rows, hasHead, isOpen }: Extract<Block, { is: 'table' }>): string {
  const columns = Math.max(1, ...rows.map((cells) => cells.length));
  const style = isOpen ? 'Open' : 'Cell';
  const row = (cells: readonly (readonly Run[])[], isHead: boolean): string => {
    const own = cells.map((runs) => {
      const words = isHead ? runs.map((run) => ({ ...run, bold: true })) : runs;
      return `<table:table-cell table:style-name="${style}" office:value-type="string"><text:p>${runsXml(words)}</text:p></table:table-cell>`;
    });
    return `<table:table-row>${own.join('')}</table:table-row>`;
  };
  const [first, ...others] = rows;
  const head =
    hasHead && first
      ? `<table:table-header-rows>${row(first, true)}</table:table-header-rows>`
      : '';
  const body = (head ? others : rows).map((cells) => row(cells, false)).join('');
  return `<table:table><table:table-column table:number-columns-repeated="${columns}"/>${head}${body}</table:table>`;
}

const pt = (pixels: number): string => `${(pixels * 0.75).toFixed(1)}pt`;

function blockXml(block: Block, pictures: Map<string, Picture>): string {
  switch (block.is) {
    case 'heading':
      return `<text:h text:outline-level="${block.level}">${runsXml(block.runs)}</text:h>`;
    case 'table':
      return tableXml(block);
    case 'room':
      return '<text:p text:style-name="PRoom"/>';
    case 'new-page':
      return '<text:p text:style-name="PPage"/>';
    case 'picture': {
      const found = pictureOf(block.href);
      if (!found) {
        return `<text:p>${escapeXml(block.alt)}</text:p>`;
      }
      const name = `Pictures/${pictures.size + 1}.${found.type}`;
      pictures.set(name, found);
      return `<text:p text:style-name="P1k"><draw:frame text:anchor-type="as-char" svg:width="${pt(found.width)}" svg:height="${pt(found.height)}"><draw:image xlink:href="${name}" xlink:type="simple" xlink:show="embed" xlink:actuate="onLoad"/><svg:desc>${escapeXml(block.alt)}</svg:desc></draw:frame></text:p>`;
    }
    case 'paragraph': {
      const step = block.indent ? 1 : 0;
      const name = block.small ? 'PSmall' : `P${step}${block.keeps ? 'k' : ''}`;
      return `<text:p text:style-name="${name}">${runsXml(block.runs)}</text:p>`;
    }
  }
}

function made(blocks: readonly Block[]): Made {
  const pictures = new Map<string, Picture>();
  return { xml: blocks.map((block) => blockXml(block, pictures)).join(''), pictures };
}

type Look = PageLines & { columns: 1 | 2 };

const headerXml = (head: string | undefined): string =>
  head
    ? `<style:header><text:p text:style-name="PSmall">${escapeXml(head)}</text:p></style:header>`
    : '';
const footerXml = (foot: string | undefined): string =>
  `<style:footer><text:p text:style-name="PFoot">${foot ? escapeXml(foot) : ''}<text:tab/><text:page-number text:select-page="current"/> / <text:page-count/></text:p></style:footer>`;

/** The page: A4, the lines of every page with its number, one or two columns. */
const pageStyles = ({ columns, head, foot }: Look): string =>
  `${HEAD}<office:document-styles ${NAMES} office:version="1.2"><office:automatic-styles><style:style style:name="PSmall" style:family="paragraph"><style:text-properties fo:font-size="9pt"/></style:style><style:style style:name="PFoot" style:family="paragraph"><style:paragraph-properties><style:tab-stops><style:tab-stop style:position="18cm" style:type="right"/></style:tab-stops></style:paragraph-properties><style:text-properties fo:font-size="9pt"/></style:style><style:page-layout style:name="A4"><style:page-layout-properties fo:page-width="21cm" fo:page-height="29.7cm" fo:margin-top="1.6cm" fo:margin-bottom="1.4cm" fo:margin-left="1.5cm" fo:margin-right="1.5cm"><style:columns fo:column-count="${columns}" fo:column-gap="0.9cm"/></style:page-layout-properties><style:header-style><style:header-footer-properties fo:min-height="0.6cm" fo:margin-bottom="0.3cm"/></style:header-style><style:footer-style><style:header-footer-properties fo:min-height="0.6cm"/></style:footer-style></style:page-layout></office:automatic-styles><office:master-styles><style:master-page style:name="Standard" style:page-layout-name="A4">${headerXml(head)}${footerXml(foot)}</style:master-page></office:master-styles></office:document-styles>`;

const entry = (path: string, type: string): string =>
  `<manifest:file-entry manifest:full-path="${path}" manifest:media-type="${type}"/>`;
const MEDIA = { png: 'image/png', jpg: 'image/jpeg', gif: 'image/gif' } as const;

/** The bytes of an open document with these blocks. */
export function openDocument(blocks: readonly Block[], look: Look): Uint8Array {
  const { xml, pictures } = made(blocks);
  const content = `${HEAD}<office:document-content ${NAMES} office:version="1.2"><office:automatic-styles>${textStyles(blocks)}${STYLES}</office:automatic-styles><office:body><office:text>${xml}</office:text></office:body></office:document-content>`;
  const entries = [
    entry('/', TYPE),
    entry('content.xml', 'text/xml'),
    entry('styles.xml', 'text/xml'),
    ...[...pictures].map(([path, { type }]) => entry(path, MEDIA[type])),
  ];
  const manifest = `${HEAD}<manifest:manifest ${NAMES} manifest:version="1.2">${entries.join('')}</manifest:manifest>`;
  const parts: Zippable = {
    // The type stands first and is not deflated, so that it can be told from the first bytes (part 3, 3.3).
    mimetype: [strToU8(TYPE), { level: 0, mtime: STILL }],
    'content.xml': [strToU8(content), { mtime: STILL }],
    'styles.xml': [strToU8(pageStyles(look)), { mtime: STILL }],
    'META-INF/manifest.xml': [strToU8(manifest), { mtime: STILL }],
  };
  for (const [path, { bytes }] of pictures) {
    parts[path] = [bytes, { level: 0, mtime: STILL }];
  }
  return zipSync(parts);
}
