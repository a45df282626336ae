// A later edition of a file beside what the bank has of it: what is ticked takes its place, the rest stays as it was mended.
import { Button, Checkbox, Group, Modal, SimpleGrid, Stack, Text } from '@mantine/core';
import { useState } from 'react';
import type { Item } from '../../core/model';
import { Answers } from '../parts/Answers';
import { say } from '../parts/say';
import { leaveAllOut } from '../state/gather';
import { replaceByEditions } from '../state/gather/replacing';
import type { Differing } from './use-differing';
import { i18n } from '../../languages';

function Edition({ name, item }: { name: string; item: Item }) {
  return (
    <div>
      <Text size="xs" c="dimmed">
        {name}
      </Text>
      <Text size="sm">{item.stem.plain}</Text>
      <Answers item={item} stacked />
    </div>
  );
}

type Props = { differing: readonly Differing[]; onClose: () => void };

function Editions({ differing, onClose }: Props) {
  // What is shown stays while the bank changes under it.
  const [shown] = useState(differing);
  const [ticked, setTicked] = useState<ReadonlySet<string>>(
    () => new Set(shown.filter(({ isMended }) => !isMended).map(({ inBank }) => inBank.id)),
  );
  const mended = shown.filter(({ isMended }) => isMended).length;
  const tick = (id: string): void => {
    const next = new Set(ticked);
    if (!next.delete(id)) {
      next.add(id);
    }
    setTicked(next);
  };
  const replace = (): void => {
    const chosen = shown.filter(({ inBank }) => ticked.has(inBank.id));
    const what = i18n._('{chosen, plural, one {# question} other {# questions}}', {
      chosen: chosen.length,
    });
    void replaceByEditions(chosen);
    leaveAllOut(
      shown.map(({ now }) => now),
      true,
    );
    say(i18n._('{what} replaced in the bank. Undo brings back what stood there.', { what }));
    onClose();
  };
  return (
    <Stack gap="sm">
      <Text role="status">
        {i18n._(
          'The bank has {shown, plural, one {# question} other {# questions}} of this file in another wording. What is ticked is replaced by what the file says now; the others stay as they are in the bank.{mended, plural, =0 {} one { # question mended here since is not ticked.} other { # questions mended here since are not ticked.}}',
          {
            shown: shown.length,
            mended,
          },
        )}
      </Text>
      <Stack
        gap="xs"
        mah="55vh"
        style={{ overflow: 'auto' }}
        tabIndex={0}
        role="list"
        aria-label={i18n._('What differs')}
      >
        {shown.map(({ now, inBank, isMended }) => (
          <Group key={inBank.id} role="listitem" wrap="nowrap" align="flex-start">
            <Checkbox
              aria-label={i18n._('Replace {ref}', { ref: inBank.ref || inBank.stem.plain })}
              checked={ticked.has(inBank.id)}
              onChange={() => tick(inBank.id)}
            />
            <SimpleGrid cols={{ base: 1, sm: 2 }} flex={1}>
              <Edition
                name={i18n._(
                  'In the bank, {ref}{isMended, select, true {, mended here since} other {}}',
                  { ref: inBank.ref, isMended },
                )}
                item={inBank}
              />
              <Edition name={i18n._('In the file now')} item={now} />
            </SimpleGrid>
          </Group>
        ))}
      </Stack>
      <Group justify="flex-end">
        <Button onClick={onClose}>{i18n._('Close')}</Button>
        <Button variant="filled" disabled={!ticked.size} onClick={replace}>
          {i18n._('Replace {ticked, plural, one {# question} other {# questions}}', {
            ticked: ticked.size,
          })}
        </Button>
      </Group>
    </Stack>
  );
}

export function LaterEdition({ differing, onClose }: Props) {
  return (
    <Modal opened onClose={onClose} size="xl" title={i18n._('A later edition')}>
      <Editions differing={differing} onClose={onClose} />
    </Modal>
  );
}
