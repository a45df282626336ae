// The numbers and letters that an open document sets in front of the items of its lists (OpenDocument 1.3 part 3, 5.3).
import { figure } from '../written/figures';
import type { Attributes } from '../xml';
import type { ListLevel, Styles } from './styles';

type OpenList = { style: string; counts: number[]; isFresh: boolean };

/** Follows the lists of a document while it is read, and counts their items. */
export class Lists {
  private readonly open: OpenList[] = [];
  /** How far each style's list was counted, for lists that go on with it, and by the list's own name. */
  private readonly counted = new Map<string, number[]>();

  constructor(private readonly styles: Styles) {}

  begin(a: Attributes): void {
    const outer = this.open.at(-1);
    const style = a['text:style-name'] ?? outer?.style ?? '';
    const goesOn = a['text:continue-numbering'] === 'true' ? style : a['text:continue-list'];
    const counts = outer?.counts ?? (goesOn ? this.counted.get(goesOn) : undefined) ?? [];
    this.open.push({ style, counts, isFresh: false });
    if (!outer) {
      this.counted.set(style, counts);
      if (a['xml:id']) {
        this.counted.set(a['xml:id'], counts);
      }
    }
  }

  /** An item begins; its first paragraph gets the label. */
  item(a: Attributes): void {
    const list = this.open.at(-1);
    if (!list) {
      return;
    }
    const at = this.open.length - 1;
    const start = a['text:start-value'] ? Number(a['text:start-value']) : undefined;
    const first = this.levelAt(this.open.length)?.start ?? 1;
    list.counts[at] = start ?? (list.counts[at] ?? first - 1) + 1;
    list.counts.length = at + 1;
    list.isFresh = true;
  }

  end(): void {
    this.open.pop();
  }

  private levelAt(depth: number): ListLevel | undefined {
    return this.styles.lists.get(this.open.at(-1)?.style ?? '')?.get(depth);
  }

  /** The label of a paragraph that begins here; undefined where none does. */
  label(): { label: string; level: number } | undefined {
    const list = this.open.at(-1);
    const depth = this.open.length;
    const level = this.levelAt(depth);
    if (!list?.isFresh || !level) {
      return undefined;
    }
    list.isFresh = false;
    if (level.format === '•') {
      return { label: '•', level: depth - 1 };
    }
    if (!level.format) {
      return undefined;
    }
    const numbers = list.counts
      .slice(depth - level.shown, depth)
      .map((n, at) =>
        figure(n, this.levelAt(depth - level.shown + at + 1)?.format ?? level.format),
      );
    return { label: `${level.before}${numbers.join('.')}${level.behind}`.trim(), level: depth - 1 };
  }
}
