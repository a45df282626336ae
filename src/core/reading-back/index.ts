// The independent way home: what a finished file says, read by its layout alone, and compared with what was meant.
// Shares only the model and the helpers with the road out; nothing here may be taken from fitting or writers.
import type { Column, Difference, Item, Layout, Option, Role, Table } from '../model';
import { columnIndex } from '../shared/cells';
import { numberOf, secondsOf } from '../shared/normalise';

type Cells = { get(role: Role): string; all(role: Role): string[] };

function rowCells(layout: Layout, row: readonly string[]): Cells {
  const columns = new Map<Role, Column[]>();
  for (const column of layout.columns) columns.set(column.role, [...(columns.get(column.role) ?? []), column].sort((a, b) => (a.n ?? 0) - (b.n ?? 0)));
  const all = (role: Role): string[] => (columns.get(role) ?? []).map((column) => row[columnIndex(column.column)] ?? '');
  return { all, get: (role) => all(role)[0] ?? '' };
}

function keyIndexes(text: string, layout: Layout, options: readonly string[]): number[] {
  const { style, separator = ',' } = layout.key;
  if (style === 'text') {
    const whole = options.indexOf(text);
    return whole >= 0 ? [whole] : text.split(layout.key.separator ?? '; ').map((part) => options.indexOf(part));
  }
  const parts = text.split(separator).map((part) => part.trim()).filter(Boolean);
  if (style === 'letter') return parts.map((part) => (/^[A-Za-z]$/.test(part) ? part.toUpperCase().charCodeAt(0) - 65 : -1));
  return parts.map((part) => (/^\d+$/.test(part) ? Number(part) - (style === 'number' ? 1 : 0) : -1));
}

function joinedOptions(layout: Layout, cells: Cells): string[] {
  const split = (role: 'options' | 'wrongs'): string[] => {
    const column = layout.columns.find((candidate) => candidate.role === role);
    return column && cells.get(role) ? cells.get(role).split(column.separator ?? ';') : [];
  };
  if (layout.key.style === 'right-column') return [cells.get('right'), ...cells.all('wrong'), ...split('wrongs')].filter((text) => text !== '');
  const joined = split('options');
  return joined.length ? joined : cells.all('option').filter((text) => text !== '');
}

function readOptions(layout: Layout, cells: Cells): Option[] {
  const texts = joinedOptions(layout, cells);
  const { key } = layout;
  const of = (right: (text: string, index: number) => boolean, plain = (text: string): string => text): Option[] =>
    texts.map((text, index) => ({ text: { plain: plain(text) }, right: right(text, index) }));
  switch (key.style) {
    case 'marker': return of((text) => text.startsWith(key.marker ?? '*'), (text) => (text.startsWith(key.marker ?? '*') ? text.slice((key.marker ?? '*').length) : text));
    case 'verdict': return of((_, index) => cells.all('verdict')[index] === (key.right ?? 'correct'));
    case 'weight': return of((_, index) => (numberOf(cells.all('weight')[index] ?? '') ?? 0) > 0);
    case 'first': case 'right-column': return of((_, index) => index === 0);
    case 'word': {
      const said = cells.get('key');
      return [{ text: { plain: key.right ?? 'true' }, right: said === (key.right ?? 'true') }, { text: { plain: key.wrong ?? 'false' }, right: said === (key.wrong ?? 'false') }];
    }
    default: { const right = new Set(keyIndexes(cells.get('key'), layout, texts)); return of((_, index) => right.has(index)); }
  }
}

function readItem(layout: Layout, row: readonly string[], n: number): Item {
  const cells = rowCells(layout, row);
  const has = (role: Role): boolean => layout.columns.some((column) => column.role === role);
  const code = cells.get('kind');
  const declared = layout.kinds.find((kind) => kind.code === code)?.kind;
  const choices = has('option') || has('options') || has('right') || layout.key.style === 'word';
  const right = choices ? readOptions(layout, cells) : [];
  const kind = declared ?? (choices ? (right.filter((option) => option.right).length > 1 ? 'choice-many' : 'choice-one') : 'card');
  const typed = kind === 'short' || kind === 'card';
  const answers = has('accepted') ? [cells.get('accepted')] : has('option') ? cells.all('option') : [cells.get('key') || cells.get('right')];
  const separator = layout.columns.find((column) => column.role === 'accepted')?.separator ?? '; ';
  const text = (role: Role): string | undefined => cells.get(role) || undefined;
  const seconds = secondsOf(cells.get('seconds'));
  const points = numberOf(cells.get('points'));
  return {
    id: `row-${n}`, ref: cells.get('ref'), kind, stem: { plain: cells.get('stem') },
    ...(typed ? { accepted: answers.flatMap((answer) => (has('accepted') && kind === 'short' ? answer.split(separator) : [answer])).filter(Boolean) } : choices ? { options: right } : {}),
    ...(text('title') ? { title: text('title')! } : {}),
    ...(text('hint') ? { hint: { plain: text('hint')! } } : {}), ...(text('explanation') ? { explanation: { plain: text('explanation')! } } : {}),
    ...(seconds !== undefined ? { seconds } : {}), ...(points !== undefined ? { points } : {}),
    ...(text('category') ? { category: text('category')!.split(' > ') } : {}),
    ...(text('image') ? { media: [{ at: 'stem' as const, href: text('image')! }] } : {}),
  };
}

/** Every question that a file of this layout holds, down to the first row without one. */
export function readBack(table: Table, layout: Layout): Item[] {
  const sheet = table.sheets.find((candidate) => candidate.name === layout.file.sheet) ?? table.sheets[0];
  if (!sheet || layout.shape !== 'rows') return [];
  const own = layout.columns.filter((column) => column.role !== 'ignore' && column.role !== 'number-in-file' && column.role !== 'constant').map((column) => columnIndex(column.column));
  const items: Item[] = [];
  for (let r = (layout.file.firstRow ?? 2) - 1; r < sheet.rows.length; r++) {
    const row = sheet.rows[r]!;
    if (!own.some((column) => row[column])) break;
    items.push(readItem(layout, row, items.length + 1));
  }
  return items;
}

/** The fields of a question that a layout carries, each as one comparable text. */
function saying(item: Item, layout: Layout): Record<string, string> {
  const has = (role: Role): boolean => layout.columns.some((column) => column.role === role);
  const ordered = layout.key.style === 'first' || layout.key.style === 'right-column';
  const options = ordered ? [...(item.options ?? [])].sort((a, b) => Number(b.right) - Number(a.right)) : item.options ?? [];
  const fields: Record<string, string> = { stem: item.stem.plain };
  if (has('kind') && layout.kinds.length) fields['kind'] = item.kind;
  if (item.accepted) fields['accepted'] = item.accepted.filter(Boolean).join(' | ');
  else {
    if (layout.key.style !== 'word') options.forEach((option, index) => { fields[`options.${index}`] = option.text.plain; });
    fields['key'] = options.flatMap((option, index) => (option.right ? [String.fromCharCode(65 + index)] : [])).join(', ');
  }
  if (has('ref')) fields['ref'] = item.ref;
  if (has('title')) fields['title'] = item.title ?? '';
  if (has('hint')) fields['hint'] = item.hint?.plain ?? '';
  if (has('explanation')) fields['explanation'] = item.explanation?.plain ?? '';
  if (has('points')) fields['points'] = String(item.points ?? layout.columns.find((column) => column.role === 'points')?.default ?? '');
  if (has('seconds')) fields['seconds'] = String(item.seconds ?? '');
  if (has('category')) fields['category'] = item.category?.join(' > ') ?? '';
  if (has('image')) fields['image'] = item.media?.[0]?.href ?? '';
  return fields;
}

/** Compares question by question, field by field. `meant` are the questions as they were to stand in the file. */
export function compare(meant: readonly Item[], found: readonly Item[], layout: Layout): Difference[] {
  const differences: Difference[] = [];
  for (let i = 0; i < Math.max(meant.length, found.length); i++) {
    const [a, b] = [meant[i], found[i]];
    const ref = a?.ref ? { ref: a.ref } : {};
    if (!a || !b) {
      differences.push({ n: i + 1, ...ref, field: 'question', meant: a?.stem.plain ?? '', found: b?.stem.plain ?? '' });
      continue;
    }
    const [want, got] = [saying(a, layout), saying(b, layout)];
    for (const name of new Set([...Object.keys(want), ...Object.keys(got)])) {
      if ((want[name] ?? '') !== (got[name] ?? '')) differences.push({ n: i + 1, ...ref, field: name, meant: want[name] ?? '', found: got[name] ?? '' });
    }
  }
  return differences;
}

/** The set's title as the file says it; undefined where the layout has no cell for it. */
export function readSetTitle(table: Table, layout: Layout): string | undefined {
  const cell = layout.file.cells?.find((candidate) => candidate.role === 'set-title')?.cell;
  const match = cell && /^([A-Z]+)(\d+)$/.exec(cell);
  const sheet = table.sheets.find((candidate) => candidate.name === layout.file.sheet);
  return match ? sheet?.rows[Number(match[2]) - 1]?.[columnIndex(match[1]!)] ?? '' : undefined;
}
