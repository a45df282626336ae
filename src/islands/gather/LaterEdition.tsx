// A later edition of a file beside what the bank has of it: what is ticked takes its place, the rest stays as it was mended.
import { Button, Checkbox, Group, Modal, SimpleGrid, Stack, Text } from '@mantine/core';
import { useState } from 'react';
import type { Item } from '../../core/model';
import { count } from '../../core/shared/plain';
import { Answers } from '../parts/Answers';
import { say } from '../parts/say';
import { leaveAllOut } from '../state/gather';
import { replaceByEditions } from '../state/gather/replacing';
import type { Differing } from './use-differing';

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
    const what = count(chosen.length, 'question');
    void replaceByEditions(chosen);
    leaveAllOut(
      shown.map(({ now }) => now),
      true,
    );
    say(`${what} replaced in the bank. Undo brings back what stood there.`);
    onClose();
  };
  return (
    <Stack gap="sm">
      <Text role="status">
        The bank has {count(shown.length, 'question')} of this file in another wording. What is
        ticked is replaced by what the file says now; the others stay as they are in the bank.
        {mended > 0 &&
          ` ${count(mended, 'question')} mended here since ${mended === 1 ? 'is' : 'are'} not ticked.`}
      </Text>
      <Stack
        gap="xs"
        mah="55vh"
        style={{ overflow: 'auto' }}
        tabIndex={0}
        role="list"
        aria-label="What differs"
      >
        {shown.map(({ now, inBank, isMended }) => (
          <Group key={inBank.id} role="listitem" wrap="nowrap" align="flex-start">
            <Checkbox
              aria-label={`Replace ${inBank.ref || inBank.stem.plain}`}
              checked={ticked.has(inBank.id)}
              onChange={() => tick(inBank.id)}
            />
            <SimpleGrid cols={{ base: 1, sm: 2 }} flex={1}>
              <Edition
                name={`In the bank, ${inBank.ref}${isMended ? ', mended here since' : ''}`}
                item={inBank}
              />
              <Edition name="In the file now" item={now} />
            </SimpleGrid>
          </Group>
        ))}
      </Stack>
      <Group justify="flex-end">
        <Button onClick={onClose}>Close</Button>
        <Button variant="filled" disabled={!ticked.size} onClick={replace}>
          Replace {count(ticked.size, 'question')}
        </Button>
      </Group>
    </Stack>
  );
}

export function LaterEdition({ differing, onClose }: Props) {
  return (
    <Modal opened onClose={onClose} size="xl" title="A later edition">
      <Editions differing={differing} onClose={onClose} />
    </Modal>
  );
}
