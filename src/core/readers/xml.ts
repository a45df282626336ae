// A thin face over the streaming XML parser: local names only, and no entity that the XML standard does not define.
import { SaxesParser } from 'saxes';

export type Attributes = Record<string, string>;
export type Handlers = {
  open?(name: string, attributes: Attributes): unknown;
  text?(text: string): void;
  close?(name: string): unknown;
};

/** What is done with an element by its local name; a name that is not in the table does nothing and gives false. */
export type ByName<T extends unknown[]> = (name: string, ...given: T) => boolean;

/** A table of handlers as one handler. Names of elements are somebody's text, so no name of an object's own is found. */
export function byName<T extends unknown[]>(
  table: Record<string, (...given: T) => unknown>,
): ByName<T> {
  const handlers = new Map(Object.entries(table));
  return (name, ...given) => {
    const handler = handlers.get(name);
    handler?.(...given);
    return handler !== undefined;
  };
}

const localNames = new Map<string, string>();
/** The name without its prefix; kept, since a sheet repeats a dozen names a million times. */
function localName(name: string): string {
  let local = localNames.get(name);
  if (local === undefined) {
    local = name.slice(name.indexOf(':') + 1);
    if (localNames.size < 500) {
      localNames.set(name, local);
    }
  }
  return local;
}

/** Runs the handlers over a document. Throws an Error where the XML is not well-formed; readers turn it into a finding. */
export function parseXml(xml: string, handlers: Handlers): void {
  const parser = new SaxesParser({ xmlns: false, position: false });
  parser.on('error', (error) => {
    throw error;
  });
  parser.on('opentag', (tag) => handlers.open?.(localName(tag.name), tag.attributes));
  parser.on('text', (text) => handlers.text?.(text));
  parser.on('cdata', (text) => handlers.text?.(text));
  parser.on('closetag', (tag) => handlers.close?.(localName(tag.name)));
  parser.write(xml.startsWith('\ufeff') ? xml.slice(1) : xml).close();
}

/** Undoes the escape by which workbooks write signs that XML can't hold, `_x000D_` (ECMA-376 part 1, 22.4.2.4). */
export const unescapeCell = (text: string): string =>
  text.includes('_x')
    ? text.replace(/_x([0-9A-Fa-f]{4})_/g, (_, hex: string) =>
        String.fromCharCode(parseInt(hex, 16)),
      )
    : text;
