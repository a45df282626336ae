// What a bank is called, and whether it goes for good: asked before it is done.
import { Button, Group, Modal, Stack, Text, TextInput } from '@mantine/core';
import { useState, type FormEvent } from 'react';
import { messageOf } from '../parts/message-of';
import { sayProblem } from '../parts/say';
import { useBank } from '../state/bank';
import { saveBankFile } from '../state/bank-file';
import { newBank, removeBank, renameBank } from '../state/banks';
import { forgetCopies } from '../state/copies';
import { i18n } from '../../languages';

export type Asked = 'new' | 'rename' | 'remove';

const TITLES: Record<Asked, string> = {
  new: i18n._('New bank'),
  rename: i18n._('Rename this bank'),
  remove: i18n._('Remove this bank'),
};

const tell = (error: unknown): void =>
  sayProblem(messageOf(error, i18n._('It could not be done.')));

function NameForm({ asked, onClose }: { asked: 'new' | 'rename'; onClose: () => void }) {
  const before = useBank((state) => state.info.name);
  const [name, setName] = useState(asked === 'rename' ? before : '');
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (name.trim()) {
      onClose();
      (asked === 'new' ? newBank(name.trim()) : renameBank(name.trim())).catch(tell);
    }
  };
  return (
    <form onSubmit={submit}>
      <Stack gap="sm">
        <TextInput
          label={i18n._('Name of the bank')}
          data-autofocus
          value={name}
          onChange={(event) => setName(event.currentTarget.value)}
        />
        <Group justify="flex-end">
          <Button onClick={onClose}>{i18n._('Cancel')}</Button>
          <Button type="submit" variant="filled" disabled={!name.trim()}>
            {asked === 'new' ? i18n._('Make it') : i18n._('Rename it')}
          </Button>
        </Group>
      </Stack>
    </form>
  );
}

function Remove({ onClose }: { onClose: () => void }) {
  const name = useBank((state) => state.info.name);
  const id = useBank((state) => state.info.id);
  const items = useBank((state) => state.items.length);
  const remove = (): void => {
    onClose();
    removeBank()
      .then(() => forgetCopies(id))
      .catch(tell);
  };
  return (
    <Stack gap="sm">
      <Text>
        {i18n._(
          '{name} holds {items, plural, one {# question} other {# questions}}. Removing it can’t be undone; its file brings it back as it is.',
          { name, items },
        )}
      </Text>
      <Group justify="flex-end">
        <Button onClick={onClose}>{i18n._('Keep it')}</Button>
        <Button onClick={remove}>{i18n._('Remove without a file')}</Button>
        <Button variant="filled" onClick={() => void saveBankFile().then(remove, tell)}>
          {i18n._('Save its file, then remove it')}
        </Button>
      </Group>
    </Stack>
  );
}

export default function BankDialog({ asked, onClose }: { asked: Asked; onClose: () => void }) {
  return (
    <Modal opened onClose={onClose} title={TITLES[asked]}>
      {asked === 'remove' ? (
        <Remove onClose={onClose} />
      ) : (
        <NameForm asked={asked} onClose={onClose} />
      )}
    </Modal>
  );
}
