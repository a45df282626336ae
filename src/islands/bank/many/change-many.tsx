// Many questions changed at once: what will change is seen before it is done, in one step that undo takes back.
import { Button, Group, Select, Stack, Text } from '@mantine/core';
import { modals } from '@mantine/modals';
import { useDeferredValue, useMemo, useState } from 'react';
import { changedBy, changeWords, type ManyChange } from '../../../core/banks';
import type { Item } from '../../../core/model';
import { changesBetween } from '../../../core/shared/fields';
import { messageOf } from '../../parts/message-of';
import { say } from '../../parts/say';
import { bankState, changeItems, itemById } from '../../state/bank';
import { ACTS, changeOf, EMPTY, type ManyForm } from './change-of';
import { Fields } from './Fields';
import { Preview, type Seen } from './Preview';
import { i18n } from '../../../languages';

/** So many of the changed questions are shown. */
const SHOWN = 25;

type Outcome = { changed: Item[]; seen: Seen[] } | { problem: string };
const NOTHING: Outcome = { changed: [], seen: [] };

/** What a change would make of the questions. */
function outcomeOf(ids: readonly string[], change: ManyChange | undefined): Outcome {
  if (!change) {
    return NOTHING;
  }
  const own = new Set(ids);
  const items = ids.flatMap((id) => itemById(id) ?? []);
  const taken = new Set(
    bankState()
      .items.filter(({ id }) => !own.has(id))
      .map(({ ref }) => ref),
  );
  try {
    const changed = changedBy(items, change, taken);
    const seen = changed.slice(0, SHOWN).map((after): Seen => {
      const before = itemById(after.id)!;
      return { before, changes: changesBetween(before, after) };
    });
    return { changed, seen };
  } catch (error) {
    return { problem: messageOf(error, i18n._('This can’t be changed.')) };
  }
}

function ChangeMany({ ids }: { ids: readonly string[] }) {
  const [form, setForm] = useState<ManyForm>(EMPTY);
  const change = useMemo(() => changeOf(form), [form]);
  const asked = useDeferredValue(change);
  const outcome = useMemo(() => outcomeOf(ids, asked), [ids, asked]);
  const set = (part: Partial<ManyForm>): void => setForm((now) => ({ ...now, ...part }));
  const many = 'changed' in outcome ? outcome.changed.length : 0;
  const apply = (): void => {
    if (!change || 'problem' in outcome) {
      return;
    }
    modals.closeAll();
    const label = `${changeWords(change)}: ${i18n._('{many, plural, one {# question} other {# questions}}', { many })}`;
    void changeItems(label, outcome.changed).then(() =>
      say(
        i18n._(
          '{many, plural, one {# question} other {# questions}} changed. Undo takes it back.',
          { many },
        ),
      ),
    );
  };
  return (
    <Stack gap="sm">
      <Select
        label={i18n._('What is done to {ids, plural, one {# question} other {# questions}}', {
          ids: ids.length,
        })}
        data={ACTS}
        value={form.act}
        allowDeselect={false}
        onChange={(act) => setForm({ ...EMPTY, act: act ?? EMPTY.act })}
      />
      <Fields form={form} onChange={set} />
      {'problem' in outcome ? (
        <Text role="alert" c="var(--brick-ink)">
          {outcome.problem}
        </Text>
      ) : (
        <Preview seen={outcome.seen} many={many} of={ids.length} />
      )}
      <Group justify="flex-end">
        <Button onClick={() => modals.closeAll()}>{i18n._('Cancel')}</Button>
        <Button variant="filled" disabled={!many} onClick={apply}>
          {i18n._('Change {many, plural, one {# question} other {# questions}}', { many })}
        </Button>
      </Group>
    </Stack>
  );
}

/** Asks what is to be done to these questions. */
export const showChangeMany = (ids: readonly string[]): void => {
  modals.open({
    title: i18n._('Change many'),
    size: 'lg',
    children: <ChangeMany ids={[...ids]} />,
  });
};
