// Open documents of text as office suites write them: automatic lists, styles that inherit, what was deleted, tables
// (the elements and attributes are those of OpenDocument 1.3 part 3; the documents are written here, from memory of the standard).
import { strToU8, zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { counter } from '../../../../tests/make';
import { brief } from '../../../../tests/say';
import { gatherSource } from '../../pipeline';
import { openFile } from '..';

const NAMES = ['office', 'style', 'text', 'table', 'drawing']
  .map(
    (name) =>
      `xmlns:${name === 'drawing' ? 'draw' : name}="urn:oasis:names:tc:opendocument:xmlns:${name}:1.0"`,
  )
  .join(' ');
const MORE =
  'xmlns:fo="urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0" xmlns:svg="urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0" xmlns:xlink="http://www.w3.org/1999/xlink"';

const STYLES = `
<style:style style:name="Strong" style:family="text"><style:text-properties fo:font-weight="bold"/></style:style>
<style:style style:name="T1" style:family="text" style:parent-style-name="Strong"/>
<style:style style:name="T2" style:family="text"><style:text-properties style:text-position="sub 58%"/></style:style>
<style:style style:name="T3" style:family="text"><style:text-properties fo:background-color="#ffff00"/></style:style>
<text:list-style style:name="L1">
 <text:list-level-style-number text:level="1" style:num-format="1" style:num-suffix="."/>
 <text:list-level-style-number text:level="2" style:num-format="a" style:num-suffix=")"/>
</text:list-style>
<text:list-style style:name="L2"><text:list-level-style-bullet text:level="1" text:bullet-char="•"/></text:list-style>`;

function document(body: string, more: Record<string, Uint8Array> = {}): Uint8Array {
  const content = `<?xml version="1.0" encoding="UTF-8"?><office:document-content ${NAMES} ${MORE} office:version="1.3"><office:automatic-styles>${STYLES}</office:automatic-styles><office:body><office:text><text:sequence-decls/>${body}</office:text></office:body></office:document-content>`;
  return zipSync({
    mimetype: [strToU8('application/vnd.oasis.opendocument.text'), { level: 0 }],
    'content.xml': strToU8(content),
    ...more,
  });
}
const p = (text: string): string => `<text:p text:style-name="P1">${text}</text:p>`;
const items = (...texts: string[]): string =>
  texts.map((text) => `<text:list-item>${p(text)}</text:list-item>`).join('');
const bold = (text: string): string => `<text:span text:style-name="T1">${text}</text:span>`;

const read = async (bytes: Uint8Array) =>
  gatherSource({ name: 'quiz.odt', bytes }, {}, { id: counter() });
const lines = async (bytes: Uint8Array) => {
  const opened = await openFile({ name: 'quiz.odt', bytes });
  return opened.is === 'document' ? opened.document.lines : [];
};

describe('an open document of text', () => {
  it('has its questions and options in automatic lists on two levels, the right one in bold', async () => {
    const question = (stem: string, options: string): string =>
      `<text:list-item>${p(stem)}<text:list>${options}</text:list></text:list-item>`;
    const bytes = document(
      `<text:list text:style-name="L1">${question('What opens?', items('Wall', bold('Gate'), 'Roof'))}${question('What floats?', items(bold('Cork'), 'Brick', 'Nail'))}</text:list>`,
    );
    expect((await lines(bytes)).map(({ label, text }) => `${label} ${text}`)).toEqual([
      '1. What opens?',
      'a) Wall',
      'b) Gate',
      'c) Roof',
      '2. What floats?',
      'a) Cork',
      'b) Brick',
      'c) Nail',
    ]);
    expect((await read(bytes)).items.map(brief)).toEqual([
      'choice-one: What opens? [Wall / *Gate / Roof]',
      'choice-one: What floats? [*Cork / Brick / Nail]',
    ]);
  });
  it('counts a list on where it says so, begins anew where it does not, and takes a number that is set', async () => {
    const list = (attributes: string, text: string, start = ''): string =>
      `<text:list text:style-name="L1" ${attributes}><text:list-item ${start}>${p(text)}</text:list-item></text:list>`;
    const bytes = document(
      list('xml:id="one"', 'first') +
        p('between') +
        list('text:continue-numbering="true"', 'second') +
        list('', 'anew') +
        list('text:continue-list="one"', 'third') +
        list('', 'set', 'text:start-value="7"') +
        `<text:list text:style-name="L2">${items('dot')}</text:list>`,
    );
    expect((await lines(bytes)).map(({ label }) => label)).toEqual([
      '1.',
      undefined,
      '2.',
      '1.',
      '3.',
      '7.',
      '•',
    ]);
  });
  it('keeps blanks, tabs, line ends and looks, and leaves out what was deleted or remarked', async () => {
    const bytes = document(
      `<text:tracked-changes><text:changed-region><text:deletion>${p('gone')}</text:deletion></text:changed-region></text:tracked-changes>` +
        p(
          'H<text:span text:style-name="T2">2</text:span>O  is\n   wet<text:s text:c="2"/>here<text:tab/>x<office:annotation><text:p>remark</text:p></office:annotation><text:line-break/><text:span text:style-name="T3">marked</text:span>',
        ),
    );
    const [first, second, ...others] = await lines(bytes);
    expect(others).toEqual([]);
    expect(first!.text).toBe('H2O is wet  here\tx');
    expect(first!.runs).toContainEqual({ text: '2', sub: true });
    expect(second!.runs).toEqual([{ text: 'marked', mark: true }]);
  });
  it('gives headings, links and pictures with their words', async () => {
    const png = new Uint8Array([0x89, 0x50, 0x4e, 0x47]);
    const bytes = document(
      `<text:h text:style-name="H" text:outline-level="2">Safety</text:h>` +
        p(
          '<text:a xlink:href="https://example.org/">see</text:a><draw:frame><draw:image xlink:href="Pictures/1.png"/><svg:desc>a gate</svg:desc></draw:frame>',
        ),
      { 'Pictures/1.png': png },
    );
    const [heading, line] = await lines(bytes);
    expect(heading).toMatchObject({ text: 'Safety', heading: 2 });
    expect(line!.runs).toEqual([{ text: 'see', href: 'https://example.org/' }]);
    expect(line!.pictures).toEqual([{ href: 'data:image/png;base64,iVBORw==', alt: 'a gate' }]);
  });
  it('that is a table of questions is one', async () => {
    const row = (...cells: string[]): string =>
      `<table:table-row>${cells.map((cell) => `<table:table-cell>${p(cell)}</table:table-cell>`).join('')}</table:table-row>`;
    const bytes = document(
      p('Quiz') +
        `<table:table>${row('Question', 'A', 'B', 'C', 'Answer')}${row('What opens?', 'Wall', 'Gate', 'Roof', 'B')}${row('What floats?', 'Cork', 'Brick', 'Nail', 'A')}</table:table>`,
    );
    expect((await read(bytes)).items.map(brief)).toEqual([
      'choice-one: What opens? [Wall / *Gate / Roof]',
      'choice-one: What floats? [*Cork / Brick / Nail]',
    ]);
  });
  it('that is damaged says so, and takes nothing else down', async () => {
    const broken = zipSync({
      mimetype: strToU8('application/vnd.oasis.opendocument.text'),
      'content.xml': strToU8('<office:text><text:p>cut'),
    });
    const { items: none, findings } = await read(broken);
    expect(none).toEqual([]);
    expect(findings[0]).toMatchObject({ rule: 'document-damaged', level: 'block' });
  });
});
