// The numbers and letters that a word processor sets in front of paragraphs by itself (ECMA-376 part 1, 17.9).
import { figure } from '../written/figures';
import { byName, parseXml, type Attributes } from '../xml';

type Level = { format: string; text: string; start: number };
type List = { levels: Map<number, Level>; abstract: string; restarts: boolean };

/** A list while its element is read: its form, and what it sets otherwise. */
type OpenList = {
  id: string;
  abstract: string;
  levels: Map<number, Level>;
  starts: Map<number, number>;
};

class NumberingReader {
  readonly lists = new Map<string, List>();
  private readonly abstracts = new Map<string, Map<number, Level>>();
  /** The form that is open. */
  private form: Map<number, Level> | undefined;
  private list: OpenList | undefined;
  private level: Level | undefined;
  /** The level that an override is of. */
  private place = 0;

  readonly open = byName<[Attributes]>({
    abstractNum: (a) => {
      this.form = new Map();
      this.abstracts.set(a['w:abstractNumId'] ?? '', this.form);
    },
    num: (a) => {
      this.list = { id: a['w:numId'] ?? '', abstract: '', levels: new Map(), starts: new Map() };
    },
    abstractNumId: (a) => {
      if (this.list) {
        this.list.abstract = a['w:val'] ?? '';
      }
    },
    lvlOverride: (a) => {
      this.place = Number(a['w:ilvl']);
    },
    startOverride: (a) => this.list?.starts.set(this.place, Number(a['w:val'] ?? '')),
    lvl: (a) => {
      this.level = { format: 'decimal', text: '', start: 1 };
      (this.list?.levels ?? this.form)?.set(Number(a['w:ilvl']), this.level);
    },
    numFmt: (a) => this.say({ format: a['w:val'] ?? '' }),
    lvlText: (a) => this.say({ text: a['w:val'] ?? '' }),
    start: (a) => this.say({ start: Number(a['w:val'] ?? '') || 0 }),
  });

  readonly close = byName<[]>({
    lvl: () => {
      this.level = undefined;
    },
    num: () => {
      if (this.list) {
        this.lists.set(this.list.id, this.merged(this.list));
      }
      this.list = undefined;
    },
  });

  private say(facts: Partial<Level>): void {
    Object.assign(this.level ?? {}, facts);
  }

  /** The list's own levels over those of its form. */
  private merged({ abstract, levels, starts }: OpenList): List {
    const all = new Map([...(this.abstracts.get(abstract) ?? []), ...levels]);
    for (const [place, start] of starts) {
      const level = all.get(place);
      if (level) {
        all.set(place, { ...level, start });
      }
    }
    return { levels: all, abstract, restarts: starts.size > 0 };
  }
}

/** The lists of a document by their id. */
export function readNumbering(xml: string): Map<string, List> {
  const reader = new NumberingReader();
  if (xml) {
    parseXml(xml, reader);
  }
  return reader.lists;
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
        const place = Number(digit) - 1;
        const { start = 1, format = 'decimal' } = list.levels.get(place) ?? {};
        return figure(counts[place] ?? start, format);
      })
      .trim();
  }
}
