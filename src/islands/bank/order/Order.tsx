// The tags and categories of the bank: counted, renamed, made one, split, moved below one another, taken off.
import { Group, SimpleGrid, Stack, Text } from '@mantine/core';
import { modals } from '@mantine/modals';
import { useMemo } from 'react';
import {
  categoryTree,
  changedBy,
  changeWords,
  tagCounts,
  type ManyChange,
} from '../../../core/banks';
import { say } from '../../parts/say';
import { bankState, changeItems, useBank } from '../../state/bank';
import { setView } from '../../state/view';
import { Categories } from './Categories';
import { Tags } from './Tags';
import { i18n } from '../../../languages';

/** Makes a change to every question that it is about, in one step. */
function apply(change: ManyChange): void {
  const changed = changedBy(bankState().items, change);
  if (changed.length) {
    const label = `${changeWords(change)}: ${i18n._('{changed, plural, one {# question} other {# questions}}', { changed: changed.length })}`;
    void changeItems(label, changed).then(() =>
      say(
        i18n._(
          '{changed, plural, one {# question} other {# questions}} changed. Undo takes it back.',
          { changed: changed.length },
        ),
      ),
    );
  }
}

/** Shows questions in the bank: those of a tag, or those that a search finds. */
function show(criteria: { tag: string } | { search: string }): void {
  modals.closeAll();
  setView({ search: '', kind: '', level: '', tag: '', ...criteria });
}

function Order() {
  const items = useBank((state) => state.items);
  const tags = useMemo(() => tagCounts(items), [items]);
  const tree = useMemo(() => categoryTree(items), [items]);
  return (
    <SimpleGrid cols={{ base: 1, sm: 2 }} spacing="lg">
      <Stack gap={4} component="section" aria-label={i18n._('Categories of the bank')}>
        <Group justify="space-between">
          <Text fw={600}>{i18n._('Categories')}</Text>
          <Text size="sm" c="dimmed">
            {i18n._('drag one onto another, or choose where it goes')}
          </Text>
        </Group>
        <Categories
          tree={tree}
          onChange={apply}
          onShow={(words) => show({ search: `category:"${words}"` })}
        />
      </Stack>
      <Stack gap={4} component="section" aria-label={i18n._('Tags of the bank')}>
        <Group justify="space-between">
          <Text fw={600}>{i18n._('Tags')}</Text>
          <Text size="sm" c="dimmed">
            {i18n._('a name that is there already makes them one')}
          </Text>
        </Group>
        <Tags tags={tags} onChange={apply} onShow={(tag) => show({ tag })} />
      </Stack>
    </SimpleGrid>
  );
}

/** Shows the tags and categories of the bank. */
export const showOrder = (): void => {
  modals.open({ title: i18n._('Tags and categories'), size: '62rem', children: <Order /> });
};
