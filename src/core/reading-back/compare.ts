// What was meant against what was found, question by question and field by field.
import type { Difference, Item, Layout, Option, Role, Text } from '../model';
import { tagText } from '../shared/plain';

const letters = (options: readonly Option[]): string =>
  options
    .flatMap((option, index) => (option.right ? [String.fromCharCode(65 + index)] : []))
    .join(', ');
const joined = (texts: readonly (string | undefined)[]): string =>
  texts.filter(Boolean).join(' | ');

type Carries = (role: Role) => boolean;

/** Whether a layout has a place for a role, by its own description. */
function carrying({ shape, columns, lines, marks, file }: Layout): Carries {
  const inPackage: readonly Role[] = [
    'title',
    'explanation',
    'feedback',
    'kind',
    'points',
    'category',
    ...(file.standard === 'common-cartridge-1.3'
      ? []
      : (['ref', 'seconds', 'attempts', 'tags'] as const)),
  ];
  switch (shape) {
    case 'grid':
      return (role) => role === 'category' || role === 'points';
    case 'marked-text':
      return (role) =>
        (role === 'title' && marks?.titleOpen !== undefined) ||
        (role === 'feedback' && marks?.feedback !== undefined) ||
        (role === 'category' && marks?.category !== undefined);
    case 'package':
      return (role) => inPackage.includes(role);
    default:
      return (role) =>
        columns.some((column) => column.role === role) ||
        (lines ?? []).some((line) => line.cells.some((cell) => cell.role === role));
  }
}

const said = ({ plain, html }: Text, isRich: boolean): string => (isRich && html ? html : plain);

/** The answers as comparable texts. */
function answers(item: Item, layout: Layout, carries: Carries): Record<string, string> {
  const fields: Record<string, string> = {};
  const isRich = layout.shape === 'package';
  if (item.accepted && (!item.options || item.kind === 'short' || item.kind === 'card')) {
    fields['accepted'] = joined(item.accepted);
    return fields;
  }
  item.pairs?.forEach(({ left, right }, index) => {
    fields[`pairs.${index}`] = `${said(left, isRich)} | ${said(right, isRich)}`;
  });
  item.steps?.forEach((step, index) => {
    fields[`steps.${index}`] = said(step, isRich);
  });
  item.gaps?.forEach((gap, index) => {
    fields[`gaps.${index}`] = joined(gap.accepted);
    if (isRich && gap.options?.length) {
      fields[`gaps.${index}.options`] = joined(gap.options);
    }
  });
  if (item.number) {
    fields['number'] =
      `${item.number.value}${carries('tolerance') || isRich ? ` ± ${item.number.tolerance}` : ''}${carries('unit') || !carries('value') ? ` ${item.number.unit ?? ''}` : ''}`.trim();
  }
  if (!item.options) {
    return fields;
  }
  const ordered = layout.key.style === 'first' || layout.key.style === 'right-column';
  const options = ordered
    ? [...item.options].sort((a, b) => Number(b.right) - Number(a.right))
    : item.options;
  if (layout.key.style !== 'word' || layout.shape !== 'rows') {
    options.forEach((option, index) => {
      fields[`options.${index}`] = said(option.text, isRich);
    });
  }
  fields['key'] = letters(options);
  if (carries('feedback')) {
    options.forEach((option, index) => {
      if (option.feedback?.plain) {
        fields[`options.${index}.feedback`] = option.feedback.plain;
      }
    });
  }
  if (carries('weight')) {
    const share =
      Math.round(10_000 / Math.max(1, options.filter((option) => option.right).length)) / 100;
    fields['weights'] = options
      .map((option) => option.weight ?? (option.right ? share : 0))
      .join(', ');
  }
  return fields;
}

/** The fields of a question that a layout carries, each as one comparable text. */
function saying(item: Item, layout: Layout, carries: Carries): Record<string, string> {
  const fields: Record<string, string> = {
    stem: said(item.stem, layout.shape === 'package'),
    ...answers(item, layout, carries),
  };
  if (carries('kind') && (layout.kinds.length || layout.shape === 'package')) {
    fields['kind'] = item.kind;
  }
  const beside: [Role, string][] = [
    ['ref', item.ref],
    ['title', item.title ?? ''],
    ['hint', item.hint?.plain ?? ''],
    ['explanation', item.explanation?.plain ?? ''],
    [
      'points',
      String(
        item.points ??
          (layout.shape === 'package'
            ? 1
            : (layout.columns.find((column) => column.role === 'points')?.default ?? '')),
      ),
    ],
    ['seconds', String(item.seconds ?? '')],
    ['attempts', String(item.attempts ?? '')],
    ['category', item.category?.join(' > ') ?? ''],
    ['tags', item.tags?.map(tagText).join(', ') ?? ''],
    ['image', item.media?.[0]?.href ?? ''],
    ['endings', item.endings?.join(', ') ?? ''],
  ];
  for (const [role, text] of beside) {
    if (carries(role)) {
      fields[role] = text;
    }
  }
  return fields;
}

/** Compares question by question, field by field. `meant` are the questions as they were to stand in the file. */
export function compare(
  meant: readonly Item[],
  found: readonly Item[],
  layout: Layout,
): Difference[] {
  const differences: Difference[] = [];
  const carries = carrying(layout);
  for (let i = 0; i < Math.max(meant.length, found.length); i++) {
    const [a, b] = [meant[i], found[i]];
    const ref = a?.ref ? { ref: a.ref } : {};
    if (!a || !b) {
      differences.push({
        n: i + 1,
        ...ref,
        field: 'question',
        meant: a?.stem.plain ?? '',
        found: b?.stem.plain ?? '',
      });
      continue;
    }
    const [want, got] = [saying(a, layout, carries), saying(b, layout, carries)];
    for (const name of new Set([...Object.keys(want), ...Object.keys(got)])) {
      if ((want[name] ?? '') !== (got[name] ?? '')) {
        differences.push({
          n: i + 1,
          ...ref,
          field: name,
          meant: want[name] ?? '',
          found: got[name] ?? '',
        });
      }
    }
  }
  return differences;
}
