// The very cells that a fitted question becomes.
import type { CellValue, Column, Item, Option, Role } from '../model';
import { guardFormula } from '../shared/formula-like';
import { optionLetter } from '../shared/plain';
import { Refusal } from './changes';
import type { Context } from './context';

type Put = (column: Column | undefined, value: CellValue | undefined) => void;

const rightIndexes = (options: readonly Option[]): number[] => options.flatMap((option, index) => (option.right ? [index] : []));

/** The key cell's text in the layout's notation. */
function keyText(item: Item, { layout: { key } }: Context): string {
  const options = item.options ?? [];
  const right = rightIndexes(options);
  const separator = key.separator ?? ',';
  switch (key.style) {
    case 'letter': return right.map(optionLetter).join(separator);
    case 'number': return right.map((index) => index + 1).join(separator);
    case 'number-from-0': return right.join(separator);
    case 'text': return right.map((index) => options[index]!.text.plain).join(key.separator ?? '; ');
    case 'word': return options[0]?.right ? key.right ?? 'true' : key.wrong ?? 'false';
    default: return '';
  }
}

/** Options in the order in which the file wants them: the right one first where its place is the key. */
function ordered(item: Item, { layout: { key } }: Context): Option[] {
  const options = item.options ?? [];
  return key.style === 'first' || key.style === 'right-column' ? [...options.filter((option) => option.right), ...options.filter((option) => !option.right)] : options;
}

function joined(texts: readonly string[], separator: string): string {
  const clash = texts.find((text) => text.includes(separator.trim() || separator));
  if (clash) throw new Refusal(`“${clash}” holds the sign ${JSON.stringify(separator.trim() || separator)} that the receiver puts between options`);
  return texts.join(separator);
}

function putOptions(item: Item, context: Context, put: Put): void {
  const { key } = context.layout;
  if (key.style === 'word') { put(context.having('key')[0], keyText(item, context)); return; }
  const options = ordered(item, context);
  const texts = options.map((option) => {
    const { plain } = option.text;
    if (key.style !== 'marker') return plain;
    const marker = key.marker ?? '*';
    if (!option.right && plain.startsWith(marker)) throw new Refusal(`a wrong option begins with ${marker}, the receiver's sign for a right one`);
    return option.right ? `${marker}${plain}` : plain;
  });
  const all = context.having('options')[0];
  if (all) put(all, joined(texts, all.separator ?? ';'));
  context.having('option').forEach((column, index) => put(column, texts[index]));
  if (key.style === 'right-column') {
    put(context.having('right')[0], texts[0]);
    const rest = context.having('wrongs')[0];
    if (rest) put(rest, joined(texts.slice(1), rest.separator ?? ';'));
    context.having('wrong').forEach((column, index) => put(column, texts[index + 1]));
  }
  const share = Math.round(10_000 / Math.max(1, rightIndexes(options).length)) / 100;
  options.forEach((option, index) => {
    put(context.having('verdict')[index], option.right ? key.right ?? 'correct' : key.wrong ?? 'incorrect');
    put(context.having('weight')[index], option.weight ?? (option.right ? share : 0));
    put(context.having('feedback')[index], option.feedback?.plain);
  });
  put(context.having('key')[0], keyText(item, context));
}

function putAccepted(item: Item, context: Context, put: Put): void {
  const texts = item.accepted ?? [];
  const own = context.having('accepted')[0];
  const columns = own ? [own] : context.having('option');
  if (columns.length > 1) {
    if (texts.length > columns.length) throw new Refusal(`it has ${texts.length} accepted answers; the receiver has room for ${columns.length}`);
    columns.forEach((column, index) => put(column, texts[index]));
  } else if (columns[0]) put(columns[0], texts.length > 1 ? joined(texts, columns[0].separator ?? '; ') : texts[0]);
  else put(context.having('key')[0] ?? context.having('right')[0], texts[0]);
}

const simple: Partial<Record<Role, (item: Item) => CellValue | undefined>> = {
  ref: (item) => item.ref, title: (item) => item.title, stem: (item) => item.stem.plain,
  hint: (item) => item.hint?.plain, explanation: (item) => item.explanation?.plain,
  points: (item) => item.points, seconds: (item) => item.seconds, attempts: (item) => item.attempts,
  lines: (item) => item.lines, endings: (item) => item.endings?.join(', '),
  category: (item) => item.category?.join(' > '), image: (item) => item.media?.[0]?.href, 'image-alt': (item) => item.media?.[0]?.alt,
  use: (item) => item.use, by: (item) => item.origin?.by, value: (item) => item.number?.value, tolerance: (item) => item.number?.tolerance, unit: (item) => item.number?.unit,
  shuffle: (item) => (item.shuffle === undefined ? undefined : item.shuffle ? 'yes' : 'no'),
  across: (item) => (item.across === undefined ? undefined : item.across ? 'across' : 'down'),
};

function tagCell(item: Item, column: Column, place: number): string | undefined {
  if (column.tag) return item.tags?.filter((tag) => tag.name === column.tag).map((tag) => tag.value).join(', ') || undefined;
  const heading = column.heading ?? '';
  const tag = item.tags?.[/\bvalue\b|\bname\b/i.test(heading) ? Math.floor(place / 2) : place];
  if (!tag) return undefined;
  if (/\bname\b/i.test(heading)) return tag.name ?? 'tag';
  return /\bvalue\b/i.test(heading) ? tag.value : tag.name ? `${tag.name}: ${tag.value}` : tag.value;
}

function putBeside(item: Item, context: Context, put: Put): void {
  for (const [role, value] of Object.entries(simple)) {
    for (const column of context.having(role as Role)) put(column, value(item) ?? column.default);
  }
  const tags = context.having('tags')[0];
  if (tags) put(tags, item.tags?.map((tag) => (tag.name ? `${tag.name}: ${tag.value}` : tag.value)).join(tags.separator ?? ', '));
  context.having('tag').forEach((column, index) => put(column, tagCell(item, column, index)));
  for (const column of context.having('constant')) put(column, column.default);
  put(context.having('kind')[0], context.codeOf(item.kind) ?? item.kind);
}

/** The cells of a question, by column letters; empty ones are left out. May throw a Refusal. */
export function cellsOf(item: Item, context: Context): Record<string, CellValue> {
  const cells: Record<string, CellValue> = Object.create(null) as Record<string, CellValue>;
  const put: Put = (column, value) => {
    if (!column || value === undefined || value === '') return;
    cells[column.column] = typeof value === 'string' && context.plainText ? guardFormula(value) : value;
  };
  putBeside(item, context, put);
  if (item.options) putOptions(item, context, put);
  if (item.accepted) putAccepted(item, context, put);
  for (const column of context.layout.columns) {
    if (column.required && cells[column.column] === undefined && column.role !== 'ignore' && !column.default) throw new Refusal(`the receiver asks for ${column.heading ?? column.role}, which this question lacks`);
  }
  return cells;
}
