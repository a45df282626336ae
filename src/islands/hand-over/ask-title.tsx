// The set's title is asked for before the first fill, since it stands in the file and names it.
import { Button, Group, Stack, Text, TextInput } from '@mantine/core';
import { schemaResolver, useForm } from '@mantine/form';
import { modals } from '@mantine/modals';
import { z } from 'zod';
import { i18n } from '../../languages';

const schema = z.object({ title: z.string().trim().min(1, i18n._('Type a title for the set.')) });

function TitleForm({ usual, onTitle }: { usual: string; onTitle: (title: string) => void }) {
  const form = useForm({
    initialValues: { title: usual },
    validate: schemaResolver(schema, { sync: true }),
  });
  const submit = form.onSubmit(({ title }) => {
    modals.closeAll();
    onTitle(title.trim());
  });
  return (
    <form onSubmit={submit}>
      <Stack gap="sm">
        <TextInput
          label={i18n._('Title of the set')}
          data-autofocus
          {...form.getInputProps('title')}
          // What is offered is typed over, not typed on to.
          onFocus={(event) => event.currentTarget.select()}
        />
        <Text c="dimmed" size="sm">
          {i18n._(
            'It stands in the file where the receiver has a place for it, and names the file.',
          )}
        </Text>
        <Group gap="xs" justify="flex-end">
          <Button onClick={() => modals.closeAll()}>{i18n._('Cancel')}</Button>
          <Button type="submit" variant="filled">
            {i18n._('Fill')}
          </Button>
        </Group>
      </Stack>
    </form>
  );
}

/** Asks for the title; `usual` is offered. */
export function askTitle(usual: string, onTitle: (title: string) => void): void {
  modals.open({
    title: i18n._('What is this set called?'),
    children: <TitleForm usual={usual} onTitle={onTitle} />,
  });
}
