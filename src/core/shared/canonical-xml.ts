// XML written in the one manner that splicing relies on: attributes in double quotes, no comments, no CDATA sections, and
// the usual prefixes. Elements are found by the XML parser and its positions; what is written so already stays to the byte.
import { SaxesParser } from 'saxes';
import { escapeMarkup } from './markup';

/** A stretch of the text and what takes its place. */
type Splice = { from: number; to: number; text: string };

/** Prefixes by the namespace that they stand for, as the splicer expects them. */
export type Prefixes = Readonly<Record<string, string>>;

const ATTRIBUTE = /([^\s=/<>]+)\s*=\s*(?:"([^"]*)"|'([^']*)')/g;
const START = /^<([^\s/>]+)([\s\S]*?)(\/?)>$/;
/** A start tag as splicing expects it. */
const PLAIN = /^<[^\s/>]+(?: [^\s=/<>]+="[^">]*")*\s*\/?>$/;

/** What names a namespace; it begins at one place, so that a long text without any is walked over once. */
const NAMESPACE = /(?<=\s)xmlns:([^\s=/<>"']+)\s*=\s*(?:"([^"]*)"|'([^']*)')/g;

/** The prefixes of a document that stand for a namespace under another name than expected. */
function renamed(xml: string, prefixes: Prefixes): Map<string, string> {
  const names = new Map<string, string>();
  for (const [, name = '', double, single] of xml.matchAll(NAMESPACE)) {
    const wanted = prefixes[double ?? single ?? ''];
    if (wanted && name !== wanted) {
      names.set(name, wanted);
    }
  }
  return names;
}

function rename(name: string, names: ReadonlyMap<string, string>): string {
  const colon = name.indexOf(':');
  const prefix = name.slice(0, Math.max(0, colon));
  if (prefix === 'xmlns') {
    return `xmlns:${names.get(name.slice(colon + 1)) ?? name.slice(colon + 1)}`;
  }
  const wanted = names.get(prefix);
  return wanted ? wanted + name.slice(colon) : name;
}

function startTag(raw: string, names: ReadonlyMap<string, string>): string {
  const [, name = '', attributes = '', close = ''] = START.exec(raw) ?? [];
  const written = [...attributes.matchAll(ATTRIBUTE)].map(
    ([, key = '', double, single]) =>
      ` ${rename(key, names)}="${(double ?? single!.replaceAll('"', '&quot;')).replaceAll('>', '&gt;')}"`,
  );
  return `<${rename(name, names)}${written.join('')}${close}>`;
}

/** Finds what is written otherwise, in the order of the text. */
class Finder {
  readonly splices: Splice[] = [];
  private end = 0;

  constructor(
    private readonly xml: string,
    private readonly names: ReadonlyMap<string, string>,
  ) {}

  private splice(from: number, to: number, text: string): void {
    if (from >= this.end && text !== this.xml.slice(from, to)) {
      this.splices.push({ from, to, text });
    }
    this.end = to;
  }

  /** A start or end tag that ends at a place: no attribute holds a bare <, so that the last one begins it. */
  tag(to: number): void {
    const from = this.xml.lastIndexOf('<', to - 1);
    if (from < this.end) {
      return;
    }
    const raw = this.xml.slice(from, to);
    if (raw.startsWith('</')) {
      this.splice(from, to, `</${rename(raw.slice(2, -1).trim(), this.names)}>`);
    } else if (this.names.size || !PLAIN.test(raw)) {
      this.splice(from, to, startTag(raw, this.names));
    } else {
      this.end = to;
    }
  }

  /** A comment or section, which the parser tells of somewhere before its closing signs. */
  section(opening: string, closing: string, text: string): void {
    const from = this.xml.indexOf(opening, this.end);
    const close = this.xml.indexOf(closing, from + opening.length);
    if (from >= 0 && close >= 0) {
      this.splice(from, close + closing.length, text);
    }
  }
}

/** Whether a text may hold anything that is written otherwise; most parts hold nothing of the kind. */
const MAY_DIFFER = /='|=\s|\s=|<!--|<!\[CDATA\[|="[^"<>]*>|<[^<>\t\n\r]*[\t\n\r][^<>]*>/;

/**
 * The document in the one manner. Text that is not well-formed comes back as it is: what reads it next tells of that.
 */
export function canonicalXml(xml: string, prefixes: Prefixes = {}): string {
  const names = renamed(xml, prefixes);
  if (!names.size && !MAY_DIFFER.test(xml)) {
    return xml;
  }
  const finder = new Finder(xml, names);
  const parser = new SaxesParser({ xmlns: false });
  try {
    parser.on('error', (error) => {
      throw error;
    });
    parser.on('opentag', () => finder.tag(parser.position));
    parser.on('closetag', () => finder.tag(parser.position));
    parser.on('comment', () => finder.section('<!--', '-->', ''));
    parser.on('cdata', (text) => finder.section('<![CDATA[', ']]>', escapeMarkup(text)));
    parser.write(xml).close();
  } catch {
    return xml;
  }
  let text = '';
  let at = 0;
  for (const splice of finder.splices) {
    text += xml.slice(at, splice.from) + splice.text;
    at = splice.to;
  }
  return text + xml.slice(at);
}
