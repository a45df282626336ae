// What the styles of an OpenDocument sheet say about cells, words and sheets (OpenDocument 1.3 part 3, 16 and 20).
import type { Look } from '../../model';
import { byName, type Attributes } from '../xml';

/** Grounds that say nothing. */
const NO_FILL = /^(?:transparent|#ffffff)?$/i;

/** What each property of words means where its value is like this. */
const LOOKS: readonly (readonly [property: string, value: RegExp, look: Look])[] = [
  ['fo:font-weight', /^(?:bold|[6-9]00)$/, { bold: true }],
  ['fo:font-style', /italic|oblique/, { italic: true }],
  ['style:text-underline-style', /^(?!none)./, { underline: true }],
  ['fo:color', /^(?!#000000)#/, { mark: true }],
  ['style:text-position', /^sub|^-/, { sub: true }],
  ['style:text-position', /^super|^[1-9]/, { sup: true }],
];

const lookOf = (a: Attributes): Look =>
  LOOKS.reduce<Look>(
    (all, [property, value, look]) => (value.test(a[property] ?? '') ? { ...all, ...look } : all),
    {},
  );

/** Collects the styles while the document is parsed; `looks` by the style's name, `hidden` the names of hidden sheets' styles. */
export class StyleCollector {
  readonly looks = new Map<string, Look>();
  readonly hidden = new Set<string>();
  /** Styles whose cells may be filled on a protected sheet. */
  readonly unlocked = new Set<string>();
  private name = '';

  private readonly opening = byName<[Attributes]>({
    'table-properties': (a) => {
      if (a['table:display'] === 'false') {
        this.hidden.add(this.name);
      }
    },
    'table-cell-properties': (a) => {
      if (a['style:cell-protect'] === 'none') {
        this.unlocked.add(this.name);
      }
      if (!NO_FILL.test(a['fo:background-color'] ?? '')) {
        this.add({ mark: true });
      }
    },
    'text-properties': (a) => this.add(lookOf(a)),
  });

  open(element: string, a: Attributes): void {
    if (element === 'style') {
      this.name = a['style:name'] ?? '';
    } else if (this.name) {
      this.opening(element, a);
    }
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
