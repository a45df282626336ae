// The receivers that the program knows, each with what its file takes.
import { Anchor, Badge, Box, Checkbox, Paper, Table, Text, VisuallyHidden } from '@mantine/core';
import { Link } from 'wouter';
import type { KeptLayout } from '../../../core/model';
import { LinkButton } from '../../parts/LinkButton';
import { choose, removeLayout } from '../../state/layouts';
import { keyInWords, limitsInWords, SHAPES } from './words';
import { i18n } from '../../../languages';

const HEADINGS = [
  i18n._('Receiver'),
  i18n._('File'),
  i18n._('Right answer by'),
  i18n._('Takes at most'),
  i18n._('Wants a look'),
  i18n._('In view'),
];

function Doubts({ kept }: { kept: KeptLayout }) {
  const doubts = kept.unsure.length;
  return doubts ? (
    <Badge color="cowslip">! {doubts}</Badge>
  ) : (
    <Text component="span" c="dimmed" size="sm">
      {i18n._('nothing')}
    </Text>
  );
}

function LayoutRow({ kept }: { kept: KeptLayout }) {
  const { layout } = kept;
  return (
    <Table.Tr>
      <Table.Td>
        <Anchor component={Link} href={`/layouts/${kept.id}`} c="var(--leaf-ink)">
          {layout.name}
        </Anchor>
        {layout.family && (
          <Text component="span" display="block" c="dimmed" size="xs">
            {i18n._('one of the blanks of {family}', { family: layout.family })}
          </Text>
        )}
      </Table.Td>
      <Table.Td>
        <span className="mono">.{layout.file.format}</span>{' '}
        <Text component="span" c="dimmed" size="sm">
          {SHAPES[layout.shape]}
        </Text>
      </Table.Td>
      <Table.Td c={keyInWords(layout) ? undefined : 'dimmed'}>
        {keyInWords(layout) ?? i18n._('no options to choose from')}
      </Table.Td>
      <Table.Td>{limitsInWords(layout)}</Table.Td>
      <Table.Td>
        <Doubts kept={kept} />
      </Table.Td>
      <Table.Td>
        <Checkbox
          aria-label={i18n._('{name} in view', { name: layout.name })}
          checked={kept.chosen}
          onChange={(event) => void choose(kept, event.currentTarget.checked)}
        />
      </Table.Td>
      <Table.Td>
        <LinkButton
          fz={13}
          aria-label={i18n._('Remove {name}', { name: layout.name })}
          onClick={() => void removeLayout(kept)}
        >
          {i18n._('Remove')}
        </LinkButton>
      </Table.Td>
    </Table.Tr>
  );
}

export function LayoutTable({ layouts }: { layouts: readonly KeptLayout[] }) {
  return (
    <Paper style={{ flex: 'none' }}>
      <Box pos="relative" style={{ overflowX: 'auto' }}>
        <Table aria-label={i18n._('Receivers')} miw={760}>
          <Table.Thead>
            <Table.Tr>
              {HEADINGS.map((heading) => (
                <Table.Th key={heading}>{heading}</Table.Th>
              ))}
              <Table.Th>
                <VisuallyHidden>{i18n._('Remove')}</VisuallyHidden>
              </Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {layouts.map((kept) => (
              <LayoutRow key={kept.id} kept={kept} />
            ))}
          </Table.Tbody>
        </Table>
      </Box>
    </Paper>
  );
}
