// Who wrote what in the sources that wait: questions, faults at their places, doubles, and a note to each, ready to be copied.
import { Button, Group, List, Modal, Stack, Table, Text } from '@mantine/core';
import { useEffect, useState } from 'react';
import type { Contribution } from '../../core/pipeline/together';
import { quoted } from '../../core/shared/plain';
import { copyText } from '../parts/copy-text';
import { LinkButton } from '../parts/LinkButton';
import { messageOf } from '../parts/message-of';
import { compareAll, openSource } from '../state/gather';
import { i18n } from '../../languages';

/** So many faults and doubles of one source are shown before one asks for more. */
const FEW = 3;
const LONGEST = 60;

type Line = { key: string; where: string; words: string; isBlocking: boolean };

const linesOf = ({ faults, doubles }: Contribution): Line[] => [
  ...faults.map(({ where, message, isBlocking }, index) => ({
    key: `fault ${index}`,
    where,
    words: message,
    isBlocking,
  })),
  ...doubles.map(({ where, text, of }, index) => ({
    key: `double ${index}`,
    where,
    words: i18n._('{text} is like one of {of}.', {
      text: quoted(text, LONGEST),
      of: of ?? i18n._('the bank'),
    }),
    isBlocking: false,
  })),
];

function Lines({ lines }: { lines: readonly Line[] }) {
  const [isWhole, setWhole] = useState(false);
  const shown = isWhole ? lines : lines.slice(0, FEW);
  if (!lines.length) {
    return <Text size="sm">{i18n._('nothing to mend')}</Text>;
  }
  return (
    <List size="sm" spacing={2}>
      {shown.map(({ key, where, words, isBlocking }) => (
        <List.Item key={key}>
          {where && (
            <Text component="span" ff="monospace" fz={13}>
              {where}{' '}
            </Text>
          )}
          <Text component="span" c={isBlocking ? 'var(--brick-ink)' : undefined}>
            {words}
          </Text>
        </List.Item>
      ))}
      {lines.length > shown.length && (
        <List.Item>
          <LinkButton onClick={() => setWhole(true)}>
            {i18n._('{lines, number} more', { lines: lines.length - shown.length })}
          </LinkButton>
        </List.Item>
      )}
    </List>
  );
}

function Source({ one, onClose }: { one: Contribution; onClose: () => void }) {
  const open = (): void => {
    onClose();
    void openSource(one.id);
  };
  return (
    <Table.Tr style={{ verticalAlign: 'top' }}>
      <Table.Th scope="row" fw={600} style={{ verticalAlign: 'top' }}>
        {one.by}
        <Text size="xs" c="dimmed">
          {one.name}
        </Text>
      </Table.Th>
      <Table.Td>{one.questions ? one.questions : i18n._('none yet')}</Table.Td>
      <Table.Td>
        <Lines lines={linesOf(one)} />
      </Table.Td>
      <Table.Td>
        <Stack gap={2} align="flex-start">
          <LinkButton onClick={open}>{i18n._('Open')}</LinkButton>
          <LinkButton
            aria-label={i18n._('Copy the note to {by}', { by: one.by })}
            onClick={() =>
              void copyText(
                one.note,
                i18n._('The note to {by} is in the clipboard.', { by: one.by }),
              )
            }
          >
            {i18n._('Copy a note')}
          </LinkButton>
        </Stack>
      </Table.Td>
    </Table.Tr>
  );
}

function sumWords(all: readonly Contribution[]): string {
  const questions = all.reduce((sum, one) => sum + one.questions, 0);
  const doubles = all.reduce((sum, one) => sum + one.doubles.length, 0);
  const empty = all.filter((one) => !one.questions).map(({ by }) => by);
  const parts = [
    i18n._(
      '{questions, plural, one {# question} other {# questions}} from {all, plural, one {# source} other {# sources}}',
      { questions, all: all.length },
    ),
    ...(doubles
      ? [`${i18n._('{doubles, plural, one {# double} other {# doubles}}', { doubles })}`]
      : []),
    ...(empty.length ? [i18n._('nothing yet from {empty}', { empty: empty.join(', ') })] : []),
  ];
  return `${parts.join('; ')}.`;
}

function Sources({ onClose }: { onClose: () => void }) {
  const [all, setAll] = useState<readonly Contribution[]>();
  const [problem, setProblem] = useState<string>();
  useEffect(() => {
    compareAll().then(setAll, (error: unknown) =>
      setProblem(messageOf(error, i18n._('The sources could not be compared.'))),
    );
  }, []);
  if (!all) {
    return <Text role="status">{problem ?? i18n._('Reading all of them …')}</Text>;
  }
  const notes = all.map(({ note }) => note).join('\n\n');
  return (
    <Stack gap="sm">
      <Text role="status">{sumWords(all)}</Text>
      <Table.ScrollContainer minWidth={600} mah="60vh">
        <Table stickyHeader>
          <Table.Thead>
            <Table.Tr>
              <Table.Th>{i18n._('Who')}</Table.Th>
              <Table.Th>{i18n._('Questions')}</Table.Th>
              <Table.Th>{i18n._('To mend, and what is there twice')}</Table.Th>
              <Table.Th>{i18n._('Acts')}</Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {all.map((one) => (
              <Source key={one.id} one={one} onClose={onClose} />
            ))}
          </Table.Tbody>
        </Table>
      </Table.ScrollContainer>
      <Group justify="flex-end">
        <Button onClick={() => void copyText(notes, i18n._('All notes are in the clipboard.'))}>
          {i18n._('Copy all notes')}
        </Button>
        <Button variant="filled" onClick={onClose}>
          {i18n._('Close')}
        </Button>
      </Group>
    </Stack>
  );
}

/** Who wrote what in all that waits. */
export const Together = ({ onClose }: { onClose: () => void }) => (
  <Modal opened onClose={onClose} title={i18n._('Who wrote what')} size="xl">
    <Sources onClose={onClose} />
  </Modal>
);
