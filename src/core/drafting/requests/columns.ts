// Which columns a reply is to have: those of the receiver's file that hold what a person writes, in its order.
import type { Asked, AskedColumn, AskedLimits, Kind, Layout, Wish } from '../../model';
import { optionLetter } from '../../shared/plain';
import { leastOf, strictestLengths } from '../../shared/strictest';

/** Kinds that are asked for in one and the same form. */
export type Form = 'choice' | 'true-false' | 'short' | 'card';

const FORM_OF: Partial<Record<Kind, Form>> = {
  'choice-one': 'choice',
  'choice-many': 'choice',
  'true-false': 'true-false',
  short: 'short',
  card: 'card',
};

/** The kinds of a wish by form; kinds that no plain table can hold are left out. */
export function formsOf(kinds: readonly Kind[]): { form: Form; kinds: Kind[] }[] {
  const forms = new Map<Form, Kind[]>();
  for (const kind of kinds) {
    const form = FORM_OF[kind];
    if (form) {
      forms.set(form, [...(forms.get(form) ?? []), kind]);
    }
  }
  return [...forms].map(([form, of]) => ({ form, kinds: of }));
}

const optionColumns = (options: number): AskedColumn[] =>
  Array.from({ length: options }, (_, n) => ({
    heading: `Option ${optionLetter(n)}`,
    role: 'option',
    n: n + 1,
  }));

const DEFAULTS: Readonly<Record<Form, (options: number) => AskedColumn[]>> = {
  choice: (options) => [
    { heading: 'Question', role: 'stem' },
    ...optionColumns(options),
    { heading: 'Right option', role: 'key' },
  ],
  'true-false': () => [
    { heading: 'Statement', role: 'stem' },
    { heading: 'True or false', role: 'key' },
  ],
  short: () => [
    { heading: 'Question', role: 'stem' },
    { heading: 'Answer', role: 'accepted' },
  ],
  card: () => [
    { heading: 'Term', role: 'stem' },
    { heading: 'Definition', role: 'accepted' },
  ],
};

const WRITTEN = new Set(['stem', 'option', 'key', 'accepted', 'category', 'explanation', 'hint']);
type KeyStyle = Asked['key']['style'];
const KEY_STYLES: ReadonlySet<string> = new Set<KeyStyle>([
  'letter',
  'number',
  'number-from-0',
  'text',
]);

/** The columns of a receiver's file, where it has rows with a column for each part of a choice. */
function columnsOfLayout(layout: Layout, options: number): AskedColumn[] | undefined {
  if (layout.shape !== 'rows' || !KEY_STYLES.has(layout.key.style)) {
    return undefined;
  }
  const columns = layout.columns.flatMap(({ heading, role, n }): AskedColumn[] =>
    WRITTEN.has(role) && !(role === 'option' && (n ?? 1) > options)
      ? [
          {
            heading: heading?.trim() || role,
            role: role as AskedColumn['role'],
            ...(n ? { n } : {}),
          },
        ]
      : [],
  );
  const has = (role: string): boolean => columns.some((column) => column.role === role);
  const enough = columns.filter(({ role }) => role === 'option').length >= options;
  return has('stem') && has('key') && enough ? columns : undefined;
}

/** The strictest of the receivers' lengths and the wish's own. */
export const limitsOf = ({ limits, layouts = [] }: Wish): AskedLimits =>
  strictestLengths(layouts, limits);

const DEFAULT_OPTIONS = 4;

/** How many options a question gets: as wished, but no more than any receiver takes. */
export const optionsOf = ({ options = DEFAULT_OPTIONS, layouts = [] }: Wish): number =>
  Math.max(2, leastOf([options, ...layouts.map(({ limits }) => limits.optionsMax)])!);

/** The columns and the key's notation for one form: the first receiver's own where its file has them. */
export function columnsFor(form: Form, wish: Wish): Pick<Asked, 'columns' | 'key' | 'options'> {
  const options = form === 'choice' ? optionsOf(wish) : 0;
  const [layout] = wish.layouts ?? [];
  const own = form === 'choice' && layout ? columnsOfLayout(layout, options) : undefined;
  if (own && layout) {
    return { columns: own, options, key: { style: layout.key.style as KeyStyle } };
  }
  const style: Record<Form, KeyStyle> = {
    choice: 'letter',
    'true-false': 'word',
    short: 'none',
    card: 'none',
  };
  return { columns: DEFAULTS[form](options), options, key: { style: style[form] } };
}
