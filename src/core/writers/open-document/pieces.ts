// Rows and cells of an open document's table as pieces of its XML: each keeps its text to the byte until it is changed.

/** A row or cell as it stands; `times` says how often it is repeated, `tag` is what its element is called. */
export type Piece = {
  tag: string;
  attributes: string;
  inner: string | undefined;
  raw: string;
  times: number;
};
/** What stands between two rows: columns, groups, shapes. */
export type Between = { text: string };

const attribute = (attributes: string, name: string): string | undefined =>
  new RegExp(`(?:^|\\s)${name}="([^"]*)"`).exec(attributes)?.[1];
export const attributeOf = attribute;

const PATTERNS = {
  rows: {
    pattern: /<(table:table-row)((?:\s[^>]*?)?)(?:\/>|>([\s\S]*?)<\/table:table-row>)/g,
    times: 'table:number-rows-repeated',
  },
  cells: {
    pattern:
      /<(table:table-cell|table:covered-table-cell)((?:\s[^>]*?)?)(?:\/>|>([\s\S]*?)<\/\1>)/g,
    times: 'table:number-columns-repeated',
  },
} as const;

/** Takes XML apart into rows or cells and what stands between them. */
export function piecesOf(xml: string, kind: keyof typeof PATTERNS): (Piece | Between)[] {
  const { pattern, times } = PATTERNS[kind];
  const found: (Piece | Between)[] = [];
  let at = 0;
  for (const match of xml.matchAll(pattern)) {
    if (match.index > at) {
      found.push({ text: xml.slice(at, match.index) });
    }
    found.push({
      tag: match[1]!,
      attributes: match[2]!,
      inner: match[3],
      raw: match[0],
      times: Number(attribute(match[2]!, times) ?? 1),
    });
    at = match.index + match[0].length;
  }
  if (at < xml.length) {
    found.push({ text: xml.slice(at) });
  }
  return found;
}

/** Whether it is a row or cell rather than what stands between. */
export const isPiece = (part: Piece | Between): part is Piece => 'tag' in part;

/** The same piece repeated another number of times. */
export function repeated(piece: Piece, times: number, kind: keyof typeof PATTERNS): string {
  if (times === piece.times) {
    return piece.raw;
  }
  const name = PATTERNS[kind].times;
  const attributes =
    piece.attributes.replace(new RegExp(`\\s${name}="[^"]*"`), '') +
    (times > 1 ? ` ${name}="${times}"` : '');
  return element(piece.tag, attributes, piece.inner);
}

/** An element with its attributes as they stand; one without content closes itself. */
export const element = (tag: string, attributes: string, inner: string | undefined): string =>
  inner === undefined ? `<${tag}${attributes}/>` : `<${tag}${attributes}>${inner}</${tag}>`;

/** Which rows or cells are replaced. */
export type Replacing = {
  kind: keyof typeof PATTERNS;
  /** Their places in order, counted from `first`. */
  places: readonly number[];
  first: number;
  /** What becomes of a row or cell; there is none past the end. */
  change: (piece: Piece | undefined, place: number) => string;
  /** So many empty rows or cells. */
  pad: (times: number) => string;
};

/**
 * The XML with some of its rows or cells, counted from `first`, replaced by what `change` makes of them. Repeated ones are
 * taken apart no further than needed; `change` is called with undefined for places past the end.
 */
export function replaced(
  pieces: readonly (Piece | Between)[],
  { kind, places, first, change, pad }: Replacing,
): string {
  const parts: string[] = [];
  let next = 0;
  let at = first;
  const lastPiece = pieces.findLastIndex(isPiece);
  const past = (): void => {
    for (; next < places.length; next++) {
      if (places[next]! > at) {
        parts.push(pad(places[next]! - at));
      }
      parts.push(change(undefined, places[next]!));
      at = places[next]! + 1;
    }
  };
  pieces.forEach((piece, index) => {
    if (!isPiece(piece)) {
      parts.push(piece.text);
      return;
    }
    const end = at + piece.times;
    while (next < places.length && places[next]! < end) {
      const place = places[next]!;
      if (place > at) {
        parts.push(repeated(piece, place - at, kind));
      }
      parts.push(change({ ...piece, times: 1 }, place));
      at = place + 1;
      next++;
    }
    if (at < end) {
      parts.push(repeated(piece, end - at, kind));
    }
    at = end;
    if (index === lastPiece) {
      past();
    }
  });
  if (lastPiece < 0) {
    past();
  }
  return parts.join('');
}
