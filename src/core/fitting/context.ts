// What a layout can carry, worked out once and asked for every question.
import type { Column, Kind, Layout, Role } from '../model';

export type Context = {
  layout: Layout;
  having(role: Role): Column[];
  optionSlots: number;
  /** Whether the key can name several right options. */
  manyKeys: boolean;
  /** The receiver's kinds with their codes; `undefined` code where it has no word for the kind. */
  accepts(kind: Kind): boolean;
  codeOf(kind: Kind): string | undefined;
  /** Whether cells land in plain text, where a spreadsheet program might run them. */
  plainText: boolean;
};

const MANY = new Set<Layout['key']['style']>(['marker', 'verdict', 'weight']);

/** Kinds that the columns alone can carry, where the receiver names none. */
function kindsByColumns(layout: Layout, slots: number, many: boolean): Set<Kind> {
  const roles = new Set(layout.columns.map((column) => column.role));
  if (layout.key.style === 'word') return new Set(['true-false']);
  const kinds = new Set<Kind>();
  if (slots > 0) { kinds.add('choice-one').add('true-false'); if (many) kinds.add('choice-many'); }
  if (slots === 0 && roles.has('accepted')) kinds.add('card').add('short');
  if (roles.has('value')) kinds.add('number');
  return kinds;
}

/** The context of a layout of the shape rows. */
export function contextOf(layout: Layout): Context {
  const by = new Map<Role, Column[]>();
  for (const column of layout.columns) by.set(column.role, [...(by.get(column.role) ?? []), column]);
  for (const list of by.values()) list.sort((a, b) => (a.n ?? 0) - (b.n ?? 0));
  const having = (role: Role): Column[] => by.get(role) ?? [];
  const joined = having('options').length || having('wrongs').length;
  const optionSlots = joined ? 26 : having('option').length + having('right').length + having('wrong').length;
  const many = MANY.has(layout.key.style) || (['letter', 'number', 'number-from-0'].includes(layout.key.style) && (layout.key.separator !== undefined || layout.kinds.some(({ kind }) => kind === 'choice-many')));
  const codes = new Map(layout.kinds.map(({ kind, code }) => [kind, code]));
  const byColumns = codes.size ? undefined : kindsByColumns(layout, optionSlots, many);
  return {
    layout, having, optionSlots, manyKeys: many,
    accepts: (kind) => byColumns?.has(kind) ?? codes.has(kind),
    codeOf: (kind) => codes.get(kind),
    plainText: layout.file.format === 'csv' || layout.file.format === 'tsv' || layout.file.format === 'txt',
  };
}
