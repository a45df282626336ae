import { describe, expect, it } from 'vitest';
import { spent, tooSlow } from '../../../tests/processor-time';
import { canonicalXml } from './canonical-xml';

describe('XML in the one manner', () => {
  it.each([
    ["<a x='1'/>", '<a x="1"/>'],
    [`<a x='say "no"'>t</a>`, '<a x="say &quot;no&quot;">t</a>'],
    ['<a  x = "1"\n y="2" >t</a >', '<a x="1" y="2">t</a>'],
    ['<a><!-- <b x="1"> -->t</a>', '<a>t</a>'],
    ['<a><![CDATA[<c r="A1">]]></a>', '<a>&lt;c r=&quot;A1&quot;&gt;</a>'],
    [
      "<?xml version='1.0'?>\r\n<a><b x='&lt;'/>\r\n<c/></a>",
      '<?xml version=\'1.0\'?>\r\n<a><b x="&lt;"/>\r\n<c/></a>',
    ],
    ['<a x="it\'s"><b y="2"/></a>', '<a x="it\'s"><b y="2"/></a>'],
    ["<a>it's = so</a>", "<a>it's = so</a>"],
    ["<a x='1'>\u{1f6a4}<b y='2'/></a>", '<a x="1">\u{1f6a4}<b y="2"/></a>'],
    ["<a x='1'", "<a x='1'"],
  ])('%s', (xml, expected) => {
    expect(canonicalXml(xml)).toBe(expected);
  });
  it('gives namespaces the prefixes that are expected', () => {
    const xml = `<t:table xmlns:t="urn:table" t:name='x'><t:row/></t:table>`;
    expect(canonicalXml(xml, { 'urn:table': 'table' })).toBe(
      '<table:table xmlns:table="urn:table" table:name="x"><table:row/></table:table>',
    );
  });
  it.each([
    ['a long word', (n: number) => `<a>${'x'.repeat(n)}</a>`],
    ['words in quotes', (n: number) => `<a>${'"x\''.repeat(n / 3)}</a>`],
    ['a tag that never ends', (n: number) => `<a ${'x\n'.repeat(n / 2)}`],
    ['names without values', (n: number) => `<a ${'xmlns:b '.repeat(n / 8)}>`],
    ['values that never end', (n: number) => `<a ${'xmlns:b="<" '.repeat(n / 12)}c="`],
  ])('%s costs no more than its length', async (name, make) => {
    const timed = (length: number): Promise<number> => {
      const xml = make(length);
      return spent(() => Promise.resolve(canonicalXml(xml, { 'urn:table': 'table' })));
    };
    expect(await tooSlow(name, [() => timed(50_000), () => timed(200_000)])).toEqual([]);
  });
});
