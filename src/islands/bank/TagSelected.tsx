// A tag for many questions at once, in one step.
import { Button, Group, Popover, TextInput } from '@mantine/core';
import { schemaResolver, useForm } from '@mantine/form';
import { useState } from 'react';
import { z } from 'zod';
import { changedBy } from '../../core/banks';
import type { Tag } from '../../core/model';
import { tagOf } from '../parts/cells';
import { focusNext } from '../parts/focus';
import { changeItems, itemById } from '../state/bank';
import { i18n } from '../../languages';

const schema = z.object({
  tag: z.string().trim().min(1, i18n._('Type a word, or level: beginner.')),
});

async function tagAll(ids: readonly string[], tag: Tag): Promise<void> {
  const items = ids.flatMap((id) => itemById(id) ?? []);
  const changed = changedBy(items, { is: 'add-tag', tag });
  await changeItems(
    i18n._('Tag {changed, plural, one {# question} other {# questions}}', {
      changed: changed.length,
    }),
    changed,
  );
}

export function TagSelected({ ids }: { ids: readonly string[] }) {
  const [isOpen, setOpen] = useState(false);
  const form = useForm({
    initialValues: { tag: '' },
    validate: schemaResolver(schema, { sync: true }),
  });
  const submit = form.onSubmit(({ tag }) => {
    setOpen(false);
    form.reset();
    // The field is left at once, so that Ctrl+Z right behind Enter is the page's and not the closing field's.
    focusNext();
    void tagAll(ids, tagOf(tag.trim()));
  });
  return (
    <Popover opened={isOpen} onChange={setOpen} trapFocus position="bottom-end">
      <Popover.Target>
        <Button onClick={() => setOpen(!isOpen)}>
          {i18n._('Tag {ids, plural, one {# question} other {# questions}}', { ids: ids.length })}
        </Button>
      </Popover.Target>
      <Popover.Dropdown>
        <form onSubmit={submit}>
          <Group gap="xs" align="flex-start">
            <TextInput
              aria-label={i18n._('Tag')}
              placeholder={i18n._('words, or level: beginner')}
              {...form.getInputProps('tag')}
            />
            <Button type="submit" variant="filled">
              {i18n._('Tag {ids, number}', { ids: ids.length })}
            </Button>
          </Group>
        </form>
      </Popover.Dropdown>
    </Popover>
  );
}
