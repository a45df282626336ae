// What the styles of an OpenDocument sheet say about cells, words and sheets (OpenDocument 1.3 part 3, 16 and 20).
import type { Look } from '../../model';
import type { Attributes } from '../xml';
import { defined } from '../../shared/defined';

/** Collects the styles while the document is parsed; `looks` by the style's name, `hidden` the names of hidden sheets' styles. */
export class StyleCollector {
  readonly looks = new Map<string, Look>();
  readonly hidden = new Set<string>();
  /** Styles whose cells may be filled on a protected sheet. */
  readonly unlocked = new Set<string>();
  private name = '';

  open(element: string, a: Attributes): void {
    if (element === 'style') {
      this.name = a['style:name'] ?? '';
      return;
    }
    if (!this.name) {
      return;
    }
    if (element === 'table-properties' && a['table:display'] === 'false') {
      this.hidden.add(this.name);
    }
    if (element === 'table-cell-properties' && a['style:cell-protect'] === 'none') {
      this.unlocked.add(this.name);
    }
    if (element === 'table-cell-properties') {
      const fill = a['fo:background-color'] ?? '';
      if (fill && !/^(?:transparent|#ffffff)$/i.test(fill)) {
        this.add({ mark: true });
      }
    }
    if (element !== 'text-properties') {
      return;
    }
    const position = a['style:text-position'] ?? '';
    this.add(
      defined({
        bold: /^(?:bold|[6-9]00)$/.test(a['fo:font-weight'] ?? '') ? true : undefined,
        italic: /italic|oblique/.test(a['fo:font-style'] ?? '') ? true : undefined,
        underline: /^(?!none)./.test(a['style:text-underline-style'] ?? '') ? true : undefined,
        mark: /^(?!#000000)#/.test(a['fo:color'] ?? '') ? true : undefined,
        ...(/^sub|^-/.test(position)
          ? { sub: true }
          : /^super|^[1-9]/.test(position)
            ? { sup: true }
            : {}),
      }),
    );
  }

  private add(look: Look): void {
    this.looks.set(this.name, { ...this.looks.get(this.name), ...look });
  }
  close(element: string): void {
    if (element === 'style') {
      this.name = '';
    }
  }
}
