// The question at hand as a form: every field of it, taken over in one step.
import {
  Button,
  Checkbox,
  Group,
  Select,
  SimpleGrid,
  Stack,
  Textarea,
  TextInput,
} from '@mantine/core';
import { schemaResolver, useForm, type UseFormReturnType } from '@mantine/form';
import { useState, type KeyboardEvent } from 'react';
import { z } from 'zod';
import { KINDS, type Item } from '../../core/model';
import { kindName } from '../../core/shared/kind-names';
import { optionLetter } from '../../core/shared/plain';
import { cellText, type CellField } from './cells';
import type { Edit } from './edits';
import { LinkButton } from './LinkButton';
import { hasKey } from './pick-right';
import { i18n } from '../../languages';

const numeric = (what: string) =>
  z
    .string()
    .refine(
      (text) => /^\s*\d*[.,]?\d*\s*$/.test(text),
      i18n._('Type {what} as a number.', { what }),
    );

const schema = z.object({
  stem: z.string().trim().min(1, i18n._('Type the text of the question.')),
  kind: z.string(),
  title: z.string(),
  answers: z.array(z.object({ text: z.string(), isRight: z.boolean(), feedback: z.string() })),
  points: numeric(i18n._('the points')),
  seconds: z.string(),
  category: z.string(),
  tags: z.string(),
  hint: z.string(),
  explanation: z.string(),
  attempts: numeric(i18n._('the attempts')),
});
type Values = z.infer<typeof schema>;
type Form = UseFormReturnType<Values>;

const FURTHER = [
  'title',
  'points',
  'seconds',
  'attempts',
  'category',
  'tags',
  'hint',
  'explanation',
] as const;
const LABELS: Record<(typeof FURTHER)[number], string> = {
  title: i18n._('Title'),
  points: i18n._('Points'),
  seconds: i18n._('Seconds'),
  attempts: i18n._('Attempts'),
  category: i18n._('Category'),
  tags: i18n._('Tags'),
  hint: i18n._('Hint'),
  explanation: i18n._('Explanation'),
};
/** One more answer than there are can be typed without a button. */
const SPARE = 1;
const MOST_ANSWERS = 26;

const answerField = (index: number): CellField => `options.${index}`;
const feedbackField = (index: number): CellField => `feedback.${index}`;

function answersOf(item: Item): Values['answers'] {
  const texts = Array.from({ length: MOST_ANSWERS }, (_, index) =>
    cellText(item, answerField(index)),
  );
  const filled = texts.findLastIndex((text) => text !== '') + 1;
  const shown = Math.max(filled, item.options?.length ?? 0) + SPARE;
  return texts.slice(0, shown).map((text, index) => ({
    text,
    isRight: item.options?.[index]?.right ?? false,
    feedback: cellText(item, feedbackField(index)),
  }));
}

const valuesOf = (item: Item): Values => ({
  stem: item.stem.plain,
  kind: kindName(item.kind),
  title: cellText(item, 'title'),
  answers: answersOf(item),
  points: cellText(item, 'points'),
  seconds: cellText(item, 'seconds'),
  category: cellText(item, 'category'),
  tags: cellText(item, 'tags'),
  hint: cellText(item, 'hint'),
  explanation: cellText(item, 'explanation'),
  attempts: cellText(item, 'attempts'),
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
    ...values.answers.flatMap(({ feedback }, index) =>
      changed(feedbackField(index), feedback, before.answers[index]?.feedback ?? ''),
    ),
    ...FURTHER.flatMap((field) => changed(field, values[field], before[field])),
    ...(hasKey(item) ? changed('key', key(values.answers), key(before.answers)) : []),
    // The kind last: what it takes along are the answers as they are typed now.
    ...changed('kind', values.kind, before.kind),
  ];
}

/** Whether more than one answer may be right. */
const takesSeveral = (kind: string): boolean => kind === kindName('choice-many');

type LineProps = { form: Form; item: Item; index: number; hasFeedback: boolean };

function AnswerLine({ form, item, index, hasFeedback }: LineProps) {
  const letter = optionLetter(index);
  const { isRight = false, text = '' } = form.values.answers[index] ?? {};
  const turn = (next: boolean): void => {
    // One right answer at most, where the kind takes one.
    if (!takesSeveral(form.values.kind)) {
      form.values.answers.forEach((_, at) => form.setFieldValue(`answers.${at}.isRight`, false));
    }
    form.setFieldValue(`answers.${index}.isRight`, next);
  };
  return (
    <div>
      <Group gap="xs" wrap="nowrap">
        <TextInput
          size="xs"
          flex={1}
          aria-label={i18n._('Answer {letter}', { letter })}
          leftSection={<span className="mono">{letter}</span>}
          {...form.getInputProps(`answers.${index}.text`)}
        />
        {hasKey(item) && (
          <Checkbox
            label={i18n._('right')}
            aria-label={i18n._('Answer {letter} is right', { letter })}
            checked={isRight}
            onChange={(event) => turn(event.currentTarget.checked)}
          />
        )}
      </Group>
      {hasFeedback && text && (
        <TextInput
          size="xs"
          ml={28}
          mt={2}
          placeholder={i18n._('said of {letter} once it was chosen', { letter })}
          aria-label={i18n._('Feedback on {letter}', { letter })}
          {...form.getInputProps(`answers.${index}.feedback`)}
        />
      )}
    </div>
  );
}

const KIND_WORDS = KINDS.map((kind) => kindName(kind));

export type QuestionFormProps = {
  item: Item;
  /** Given what was changed, cell by cell. */
  onKeep: (edits: Edit[]) => void;
  onDone: () => void;
};

export default function WholeQuestionForm({ item, onKeep, onDone }: QuestionFormProps) {
  const [hasFeedback, setFeedback] = useState(
    item.options?.some(({ feedback }) => feedback) ?? false,
  );
  const form = useForm<Values>({
    initialValues: valuesOf(item),
    validate: schemaResolver(schema, { sync: true }),
  });
  const submit = form.onSubmit((values) => {
    onKeep(editsOf(item, values));
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
    <form
      onSubmit={submit}
      onKeyDown={press}
      aria-label={i18n._('Edit {ref}', { ref: item.ref || i18n._('the question') })}
    >
      <Stack gap={8}>
        <Textarea
          label={i18n._('Question')}
          autosize
          minRows={2}
          autoFocus
          {...form.getInputProps('stem')}
        />
        {form.values.answers.map((_, index) => (
          <AnswerLine key={index} form={form} item={item} index={index} hasFeedback={hasFeedback} />
        ))}
        {hasKey(item) && !hasFeedback && (
          <LinkButton fz={13} onClick={() => setFeedback(true)}>
            {i18n._('Feedback on each answer')}
          </LinkButton>
        )}
        <SimpleGrid cols={2} spacing="xs" verticalSpacing={6}>
          <Select
            size="xs"
            label={i18n._('Kind')}
            allowDeselect={false}
            data={KIND_WORDS}
            {...form.getInputProps('kind')}
          />
          {FURTHER.map((field) => (
            <TextInput key={field} size="xs" label={LABELS[field]} {...form.getInputProps(field)} />
          ))}
        </SimpleGrid>
        <Group gap="xs">
          <Button type="submit" variant="filled">
            {i18n._('Keep')}
          </Button>
          <Button onClick={onDone}>{i18n._('Cancel')}</Button>
        </Group>
      </Stack>
    </form>
  );
}
