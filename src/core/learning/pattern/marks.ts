// The signs of a pattern, as far as signs alone say them: what a layout of marked text is looked at and compared by.
import { OPTION_LABELS, STEM_LABELS, type Layout, type Part, type Pattern } from '../../model';
import { defined } from '../../shared/defined';

type Marks = NonNullable<Layout['marks']>;
type Around = { before: string; after?: string | undefined };

const COUNTER = /(?<!\{)\{([aA1n])\}(?!\})/u;

/** A label with its counter in front of a text, without the sign before it: 'a)' of '*{a}) '. */
function labelOf<Of extends string>(before: string, forms: readonly Of[]): Of | undefined {
  const plain = before
    .replace(COUNTER, (_, counter: string) => (counter === 'n' ? '1' : counter))
    .trim();
  return COUNTER.test(before)
    ? [...forms].sort((a, b) => b.length - a.length).find((form) => plain.endsWith(form))
    : undefined;
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

type PartOf = (role: Part['role']) => Part | undefined;

/** Signs of options, right and wrong, or those of the line that names the right ones. */
function answerMarks(partOf: PartOf): Pick<Marks, 'right'> & Partial<Marks> {
  const [option, key] = [partOf('option'), partOf('key')];
  const optionLabel = labelOf(option?.before ?? '', OPTION_LABELS);
  const sign = signOf(option, optionLabel);
  const label = { optionLabel: optionLabel ?? ('none' as const) };
  if (!key || key.style === 'word') {
    return { ...label, right: sign ?? '*', wrong: signOf(option?.wrong, optionLabel) };
  }
  const keyStyle = key.style === 'letter' ? undefined : key.style;
  return { ...label, right: '*', option: sign, keyLine: key.before.trim(), keyStyle };
}

/** What opens a question: a frame around all of it, or a sign in front of its text. */
function openMarks(stem: Part | undefined, frame: Partial<Marks>): Partial<Marks> {
  const stemLabel = labelOf(stem?.before ?? '', STEM_LABELS);
  const sign = signOf(stem, stemLabel);
  const opens = sign === undefined ? {} : { open: sign, openAt: 'stem' as const };
  return {
    stemLabel: stemLabel ?? ('none' as const),
    ...(frame.open ? { ...frame, stem: sign } : opens),
  };
}

/** Feedback behind options or below them, else the explanation of the question. */
function feedbackMarks(partOf: PartOf): Partial<Marks> {
  const option = partOf('option');
  const told = option?.feedback ?? option?.feedbackLine?.before;
  const explanation = partOf('explanation');
  return told === undefined && explanation
    ? { feedback: explanation.before.trim(), feedbackAt: 'question' }
    : { feedback: told?.trim() };
}

function categoryMarks(category: Part | undefined): Partial<Marks> {
  return category
    ? {
        category: category.before.trim(),
        categoryClose: category.after?.trim(),
        categoryAt: category.isShared ? undefined : 'question',
      }
    : {};
}

/** The name of the set between two signs or behind one, else a title in front of each text. */
function titleMarks(title: Pattern['title'], stem: Part | undefined): Partial<Marks> {
  if (!title) {
    return { titleOpen: stem?.title?.open, titleClose: stem?.title?.close };
  }
  return title.after
    ? { titleOpen: title.before.trim(), titleClose: title.after.trim() }
    : { setTitle: title.before.trim() };
}

/** The signs of a pattern; those that no sign says are left to the pattern itself. */
export function marksOfPattern({ forms, between, title }: Pattern): Marks {
  const all = forms.flatMap(({ parts }) => parts);
  const partOf: PartOf = (role) => all.find((part) => part.role === role);
  const [first] = forms;
  return defined({
    ...answerMarks(partOf),
    ...openMarks(partOf('stem'), frameOf(first?.parts[0], first?.below)),
    ...feedbackMarks(partOf),
    ...categoryMarks(partOf('category')),
    ...titleMarks(title, partOf('stem')),
    between: between.includes('') ? ('blank-line' as const) : ('none' as const),
    numberLine: first?.parts[0]?.above?.find((line) => line.includes('{n}')),
    accepted: partOf('accepted')?.before.trim(),
    pair: (partOf('pair') ?? partOf('card'))?.between?.trim(),
    fields: fieldsOf(all),
  });
}
