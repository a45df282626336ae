// The numbers and letters that a word processor sets in front of paragraphs by itself (ECMA-376 part 1, 17.9).
import { parseXml } from '../xml';

type Level = { format: string; text: string; start: number };
type List = { levels: Map<number, Level>; abstract: string; restarts: boolean };

const ROMAN: readonly (readonly [number, string])[] = [
  [1000, 'm'],
  [900, 'cm'],
  [500, 'd'],
  [400, 'cd'],
  [100, 'c'],
  [90, 'xc'],
  [50, 'l'],
  [40, 'xl'],
  [10, 'x'],
  [9, 'ix'],
  [5, 'v'],
  [4, 'iv'],
  [1, 'i'],
];

function roman(n: number): string {
  let rest = n;
  return ROMAN.map(([value, sign]) => {
    const times = Math.floor(rest / value);
    rest -= times * value;
    return sign.repeat(times);
  }).join('');
}

function figure(n: number, format: string): string {
  switch (format) {
    case 'lowerLetter':
      return String.fromCharCode(97 + ((n - 1) % 26));
    case 'upperLetter':
      return String.fromCharCode(65 + ((n - 1) % 26));
    case 'lowerRoman':
      return roman(n);
    case 'upperRoman':
      return roman(n).toUpperCase();
    default:
      return String(n);
  }
}

/** The lists of a document by their id. */
export function readNumbering(xml: string): Map<string, List> {
  const abstracts = new Map<string, Map<number, Level>>();
  const lists = new Map<string, List>();
  let levels: Map<number, Level> | undefined;
  let level: Level | undefined;
  let list:
    | { id: string; abstract: string; own: Map<number, Level>; starts: Map<number, number> }
    | undefined;
  let place = 0;
  if (!xml) {
    return lists;
  }
  parseXml(xml, {
    open(name, a) {
      const value = a['w:val'] ?? '';
      if (name === 'abstractNum') {
        abstracts.set(a['w:abstractNumId'] ?? '', (levels = new Map()));
      } else if (name === 'num') {
        list = { id: a['w:numId'] ?? '', abstract: '', own: new Map(), starts: new Map() };
      } else if (name === 'abstractNumId' && list) {
        list.abstract = value;
      } else if (name === 'lvlOverride') {
        place = Number(a['w:ilvl']);
      } else if (name === 'startOverride' && list) {
        list.starts.set(place, Number(value));
      } else if (name === 'lvl') {
        (list ? list.own : levels)?.set(
          Number(a['w:ilvl']),
          (level = { format: 'decimal', text: '', start: 1 }),
        );
      } else if (level && name === 'numFmt') {
        level.format = value;
      } else if (level && name === 'lvlText') {
        level.text = value;
      } else if (level && name === 'start') {
        level.start = Number(value) || 0;
      }
    },
    close(name) {
      if (name === 'lvl') {
        level = undefined;
      }
      if (name !== 'num' || !list) {
        return;
      }
      const merged = new Map([...(abstracts.get(list.abstract) ?? []), ...list.own]);
      for (const [at, start] of list.starts) {
        const own = merged.get(at);
        if (own) {
          merged.set(at, { ...own, start });
        }
      }
      lists.set(list.id, {
        levels: merged,
        abstract: list.abstract,
        restarts: list.starts.size > 0,
      });
      list = undefined;
    },
  });
  return lists;
}

/** Counts as the word processor does: deeper levels start anew below a higher one; lists of one form count on. */
export class Numberer {
  private readonly counters = new Map<string, number[]>();
  constructor(private readonly lists: Map<string, List>) {}

  /** The label of the next paragraph in a list; empty where the list has none. */
  next(listId: string, depth: number): string {
    const list = this.lists.get(listId);
    const level = list?.levels.get(depth);
    if (!list || !level) {
      return '';
    }
    const key = list.restarts ? `own ${listId}` : `form ${list.abstract}`;
    const counts = this.counters.get(key) ?? [];
    this.counters.set(key, counts);
    counts[depth] = (counts[depth] ?? level.start - 1) + 1;
    counts.length = depth + 1;
    if (level.format === 'bullet') {
      return '•';
    }
    if (level.format === 'none') {
      return '';
    }
    return level.text
      .replace(/%(\d)/g, (_, digit: string) => {
        const at = Number(digit) - 1;
        return figure(
          counts[at] ?? list.levels.get(at)?.start ?? 1,
          list.levels.get(at)?.format ?? 'decimal',
        );
      })
      .trim();
  }
}
