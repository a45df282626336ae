// The question at hand as a form: every field of it, taken over in one step.
import { Button, Checkbox, Group, Stack, Textarea, TextInput } from '@mantine/core';
import { schemaResolver, useForm, type UseFormReturnType } from '@mantine/form';
import type { KeyboardEvent } from 'react';
import { z } from 'zod';
import type { Item } from '../../../core/model';
import { optionLetter } from '../../../core/shared/plain';
import { applyEdits, type Edit } from '../../parts/edits';
import { cellText, type CellField } from '../../parts/cells';
import { hasKey } from '../../parts/pick-right';

const numeric = (what: string) =>
  z.string().refine((text) => /^\s*\d*[.,]?\d*\s*$/.test(text), `Type ${what} as a number.`);

const schema = z.object({
  stem: z.string().trim().min(1, 'Type the text of the question.'),
  answers: z.array(z.object({ text: z.string(), isRight: z.boolean() })),
  points: numeric('the points'),
  seconds: z.string(),
  category: z.string(),
  tags: z.string(),
  hint: z.string(),
  explanation: z.string(),
});
type Values = z.infer<typeof schema>;
type Form = UseFormReturnType<Values>;

const FURTHER = ['points', 'seconds', 'category', 'tags', 'hint', 'explanation'] as const;
const LABELS: Record<(typeof FURTHER)[number], string> = {
  points: 'Points',
  seconds: 'Seconds',
  category: 'Category',
  tags: 'Tags',
  hint: 'Hint',
  explanation: 'Explanation',
};
/** One more answer than there are can be typed without a button. */
const SPARE = 1;
const MOST_ANSWERS = 26;

const answerField = (index: number): CellField => `options.${index}`;

function answersOf(item: Item): Values['answers'] {
  const texts = Array.from({ length: MOST_ANSWERS }, (_, index) =>
    cellText(item, answerField(index)),
  );
  const filled = texts.findLastIndex((text) => text !== '') + 1;
  const shown = Math.max(filled, item.options?.length ?? 0) + SPARE;
  return texts
    .slice(0, shown)
    .map((text, index) => ({ text, isRight: item.options?.[index]?.right ?? false }));
}

const valuesOf = (item: Item): Values => ({
  stem: item.stem.plain,
  answers: answersOf(item),
  points: cellText(item, 'points'),
  seconds: cellText(item, 'seconds'),
  category: cellText(item, 'category'),
  tags: cellText(item, 'tags'),
  hint: cellText(item, 'hint'),
  explanation: cellText(item, 'explanation'),
});

/** What the form changes, cell by cell; the key last, since it names options. */
function editsOf(item: Item, values: Values): Edit[] {
  const before = valuesOf(item);
  const changed = (field: CellField, text: string, old: string): Edit[] =>
    text.trim() === old.trim() ? [] : [{ id: item.id, field, text: text.trim(), base: item }];
  const key = (answers: Values['answers']): string =>
    answers.flatMap(({ isRight }, index) => (isRight ? [optionLetter(index)] : [])).join(', ');
  return [
    ...changed('stem', values.stem, before.stem),
    ...values.answers.flatMap(({ text }, index) =>
      changed(answerField(index), text, before.answers[index]?.text ?? ''),
    ),
    ...FURTHER.flatMap((field) => changed(field, values[field], before[field])),
    ...(hasKey(item) ? changed('key', key(values.answers), key(before.answers)) : []),
  ];
}

function AnswerLine({ form, item, index }: { form: Form; item: Item; index: number }) {
  const letter = optionLetter(index);
  const isRight = form.values.answers[index]?.isRight ?? false;
  const turn = (next: boolean): void => {
    // One right answer at most, where the kind takes one.
    if (item.kind !== 'choice-many') {
      form.values.answers.forEach((_, at) => form.setFieldValue(`answers.${at}.isRight`, false));
    }
    form.setFieldValue(`answers.${index}.isRight`, next);
  };
  return (
    <Group gap="xs" wrap="nowrap">
      <TextInput
        size="xs"
        flex={1}
        aria-label={`Answer ${letter}`}
        leftSection={<span className="mono">{letter}</span>}
        {...form.getInputProps(`answers.${index}.text`)}
      />
      {hasKey(item) && (
        <Checkbox
          label="right"
          aria-label={`Answer ${letter} is right`}
          checked={isRight}
          onChange={(event) => turn(event.currentTarget.checked)}
        />
      )}
    </Group>
  );
}

export function QuestionForm({ item, onDone }: { item: Item; onDone: () => void }) {
  const form = useForm<Values>({
    initialValues: valuesOf(item),
    validate: schemaResolver(schema, { sync: true }),
  });
  const submit = form.onSubmit((values) => {
    void applyEdits(`Edit ${item.ref}`, editsOf(item, values));
    onDone();
  });
  const press = (event: KeyboardEvent): void => {
    if (event.key === 'Escape') {
      event.stopPropagation();
      onDone();
    }
    if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
      event.preventDefault();
      event.stopPropagation();
      submit();
    }
  };
  return (
    <form onSubmit={submit} onKeyDown={press} aria-label={`Edit ${item.ref}`}>
      <Stack gap={8}>
        <Textarea label="Question" autosize minRows={2} autoFocus {...form.getInputProps('stem')} />
        {form.values.answers.map((_, index) => (
          <AnswerLine key={index} form={form} item={item} index={index} />
        ))}
        {FURTHER.map((field) => (
          <TextInput key={field} size="xs" label={LABELS[field]} {...form.getInputProps(field)} />
        ))}
        <Group gap="xs">
          <Button type="submit" variant="filled">
            Keep
          </Button>
          <Button onClick={onDone}>Cancel</Button>
        </Group>
      </Stack>
    </form>
  );
}
