// The signs of a pattern, as far as signs alone say them: what a layout of marked text is looked at and compared by.
import { OPTION_LABELS, STEM_LABELS, type Layout, type Part, type Pattern } from '../../model';
import { defined } from '../../shared/defined';

type Marks = NonNullable<Layout['marks']>;
type Around = { before: string; after?: string | undefined };

const COUNTER = /\{([aA1n])\}/u;

/** A label with its counter in front of a text, without the sign before it: 'a)' of '*{a}) '. */
function labelOf<Of extends string>(before: string, forms: readonly Of[]): Of | undefined {
  const plain = before
    .replace(COUNTER, (_, counter: string) => (counter === 'n' ? '1' : counter))
    .trim();
  return COUNTER.test(before) ? forms.find((form) => plain.endsWith(form)) : undefined;
}

/** What stands in front without the label and the blanks: a sign. */
function signOf(around: Around | undefined, label: string | undefined): string | undefined {
  const plain = around?.before
    .replace(COUNTER, (_, counter: string) => (counter === 'n' ? '1' : counter))
    .trim();
  const sign =
    plain === undefined || label === undefined
      ? plain
      : plain.slice(0, plain.length - label.length).trim();
  return sign || undefined;
}

const FIELD: ReadonlySet<Part['role']> = new Set(['ref', 'points', 'seconds', 'hint', 'title']);

/** Lines that say something of their own, with the place where they stand. */
function fieldsOf(parts: readonly Part[]): Marks['fields'] {
  const stem = parts.findIndex(({ role }) => role === 'stem');
  const fields = parts.flatMap(({ role, before }, at) =>
    FIELD.has(role)
      ? [{ sign: before.trim(), field: role, at: at < stem ? 'above' : 'below' }]
      : [],
  );
  return fields.length ? (fields as Marks['fields']) : undefined;
}

function frameOf(part: Part | undefined, below: readonly string[] = []): Partial<Marks> {
  const [open] = (part?.above ?? []).filter(Boolean);
  const close = below.filter(Boolean).at(-1);
  return open && close ? { open: open.trim(), close: close.trim(), openAt: 'question' } : {};
}

/** The signs of a pattern; those that no sign says are left to the pattern itself. */
export function marksOfPattern({ forms, between, title }: Pattern): Marks {
  const all = forms.flatMap(({ parts }) => parts);
  const partOf = (role: Part['role']): Part | undefined => all.find((part) => part.role === role);
  const [stem, option, key, explanation, category] = (
    ['stem', 'option', 'key', 'explanation', 'category'] as const
  ).map(partOf);
  const stemLabel = labelOf(stem?.before ?? '', STEM_LABELS);
  const optionLabel = labelOf(option?.before ?? '', OPTION_LABELS);
  const opens = signOf(stem, stemLabel);
  const frame = frameOf(forms[0]!.parts[0], forms[0]!.below);
  const lead: Partial<Marks> = frame.open
    ? { ...frame, ...(opens ? { stem: opens } : {}) }
    : { ...(opens ? { open: opens, openAt: 'stem' } : {}) };
  const sign = signOf(option, optionLabel);
  const isNamed = key !== undefined && key.style !== 'word';
  const told = option?.feedback?.trim() ?? option?.feedbackLine?.before.trim();
  return defined({
    right: (isNamed ? undefined : sign) ?? '*',
    option: isNamed ? sign : undefined,
    wrong: isNamed ? undefined : signOf(option?.wrong, optionLabel),
    optionLabel: optionLabel ?? ('none' as const),
    stemLabel: stemLabel ?? ('none' as const),
    between: between.includes('') ? ('blank-line' as const) : ('none' as const),
    ...lead,
    keyLine: isNamed ? key.before.trim() : undefined,
    keyStyle: isNamed && key.style !== 'letter' ? (key.style as Marks['keyStyle']) : undefined,
    feedback: told ?? explanation?.before.trim(),
    feedbackAt: told === undefined && explanation ? ('question' as const) : undefined,
    category: category?.before.trim(),
    categoryClose: category?.after?.trim(),
    categoryAt: category && !category.isShared ? ('question' as const) : undefined,
    accepted: partOf('accepted')?.before.trim(),
    ...(title && !title.after ? { setTitle: title.before.trim() } : {}),
    titleOpen: title?.after ? title.before.trim() : stem?.title?.open,
    titleClose: title?.after?.trim() ?? stem?.title?.close,
    pair: (partOf('pair') ?? partOf('card'))?.between?.trim(),
    fields: fieldsOf(all),
  });
}
