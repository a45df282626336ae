// The round form as those meet it who fill it in; its key is the first response, and all responses come out as one csv.
import { Button, Fieldset, Group, Paper, Stack, Text, TextInput, Title } from '@mantine/core';
import { useState } from 'react';
import {
  keyResponse,
  responsesCsv,
  type FormQuestion,
  type Response,
} from '../../stand-ins/form-host/take';
import { MainButton } from '../parts/PlaceHead';
import { Choices } from './Choices';
import { useAnswersFile } from './use-answers-file';
import { i18n } from '../../languages';

/** Date and time as every spreadsheet program reads them (ISO 8601 with a blank). */
const now = (): string => new Date().toISOString().slice(0, 19).replace('T', ' ');

/** The picked options of each question, counted from 1. */
type Picked = Readonly<Record<number, readonly number[]>>;

function Question({
  question: { ask, options, key },
  n,
  picked,
  onPick,
}: {
  question: FormQuestion;
  n: number;
  picked: readonly number[];
  onPick: (picked: number[]) => void;
}) {
  const several = key.length > 1;
  return (
    <Fieldset legend={`${n}. ${ask}`}>
      <Choices
        texts={options}
        several={several}
        picked={picked.map((place) => place - 1)}
        onPick={(own) => onPick(own.map((place) => place + 1))}
        {...(several ? { label: i18n._('Several may be right.') } : {})}
      />
    </Fieldset>
  );
}

export function FillForm({
  title,
  questions,
  onEnd,
}: {
  title: string;
  questions: readonly FormQuestion[];
  onEnd: () => void;
}) {
  const [responses, setResponses] = useState<readonly Response[]>(() => [
    keyResponse(questions, now()),
  ]);
  const [by, setBy] = useState('');
  const [picked, setPicked] = useState<Picked>({});
  const sent = responses.length - 1;
  const send = (): void => {
    const own = questions.map((_, n) => picked[n] ?? []);
    setResponses([
      ...responses,
      {
        by: by.trim() || i18n._('Learner {sent, number}', { sent: sent + 1 }),
        at: now(),
        picked: own,
      },
    ]);
    setPicked({});
    setBy('');
  };
  const file = useAnswersFile(i18n._('{title}, responses.csv', { title }), () =>
    responsesCsv(questions, responses),
  );
  return (
    <Paper
      component="section"
      aria-label={i18n._('Form')}
      maw={720}
      p="lg"
      style={{ flex: 'none' }}
    >
      <Stack gap="md">
        <Title order={2}>{title}</Title>
        <Text role="status" c="dimmed" size="sm" data-testid="responses">
          {i18n._(
            '{sent, plural, one {# response} other {# responses}} besides the key, which is the first.',
            { sent },
          )}
        </Text>
        <TextInput
          label={i18n._('Name')}
          placeholder={i18n._('Learner {sent, number}', { sent: sent + 1 })}
          value={by}
          onChange={(event) => setBy(event.currentTarget.value)}
        />
        {questions.map((question, n) => (
          <Question
            key={question.row}
            question={question}
            n={n + 1}
            picked={picked[n] ?? []}
            onPick={(own) => setPicked({ ...picked, [n]: own })}
          />
        ))}
        <Group gap="xs">
          <MainButton act={{ label: i18n._('Send'), run: send }} />
          <Button disabled={!sent} onClick={file.take}>
            {i18n._('Take the responses')}
          </Button>
          <Button disabled={!sent} onClick={file.toResults}>
            {i18n._('See them in Results')}
          </Button>
          <Button onClick={onEnd}>{i18n._('Stop')}</Button>
        </Group>
      </Stack>
    </Paper>
  );
}
