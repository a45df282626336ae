// A layout column by column.
import { Box, Table, Text, VisuallyHidden } from '@mantine/core';
import { Fragment } from 'react';
import type { Column, Fitted, KeptLayout, Layout, Role } from '../../../core/model';
import { LinkButton } from '../../parts/LinkButton';
import { PlaceCells } from '../../parts/PlaceCells';
import { setColumns } from '../../state/layouts';
import { ColumnRow } from './ColumnRow';
import { i18n } from '../../../languages';

const HEADINGS = [
  i18n._('Heading'),
  i18n._('Takes'),
  i18n._('Required'),
  i18n._('Default'),
  i18n._('At most'),
  i18n._('Only these words'),
  i18n._('Sign between several'),
];

const NEXT: readonly (readonly [string, Role, string])[] = [
  [i18n._('an option'), 'option', i18n._('Option')],
  [i18n._('a hint'), 'hint', i18n._('Hint')],
  [i18n._('points'), 'points', i18n._('Points')],
  [i18n._('seconds'), 'seconds', i18n._('Seconds')],
  [i18n._('a category'), 'category', i18n._('Category')],
  [i18n._('an explanation'), 'explanation', i18n._('Explanation')],
  [i18n._('any other'), 'ignore', i18n._('New column')],
];

/** The columns with a new one: an option stands behind the last one, everything else at the end. */
function withColumn(columns: readonly Column[], role: Role, heading: string): Column[] {
  const n = columns.filter((column) => column.role === role).length + 1;
  const isOption = role === 'option';
  const behind = columns.findLastIndex((column) => column.role === 'option') + 1;
  const place = isOption && behind ? behind : columns.length;
  return columns.toSpliced(place, 0, {
    column: 'A',
    heading: isOption ? `${heading} ${n}` : heading,
    role,
  });
}

function AddColumns({ kept }: { kept: KeptLayout }) {
  const { layout } = kept;
  return (
    <Text p="sm">
      {i18n._('Add')}{' '}
      {NEXT.map(([words, role, heading], index) => (
        <Fragment key={words}>
          {index > 0 && ', '}
          <LinkButton
            onClick={() =>
              void setColumns(
                kept,
                i18n._('Add a column to {name}', { name: layout.name }),
                withColumn(layout.columns, role, heading),
              )
            }
          >
            {words}
          </LinkButton>
        </Fragment>
      ))}
      .
    </Text>
  );
}

function Example({ layout, fitted }: { layout: Layout; fitted: Fitted }) {
  return (
    <Box p="sm" role="group" aria-label={i18n._('A question of the bank in these columns')}>
      <Text c="dimmed" size="sm">
        {fitted.cells
          ? i18n._('A question of the bank as it would be written:')
          : i18n._('No question of the bank fits yet: {reason}.', { reason: fitted.reason ?? '' })}
      </Text>
      {fitted.cells && <PlaceCells layout={layout} fitted={fitted} />}
    </Box>
  );
}

export function ColumnsView({ kept, fitted }: { kept: KeptLayout; fitted: Fitted | undefined }) {
  const { layout } = kept;
  const isOwn = !layout.blank;
  return (
    <div className="blank-view" tabIndex={0} role="group" aria-label={i18n._('Columns')}>
      <Table horizontalSpacing={4} verticalSpacing={4} aria-label={i18n._('Columns of the file')}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th>
              <VisuallyHidden>{i18n._('Column')}</VisuallyHidden>
            </Table.Th>
            {HEADINGS.map((heading) => (
              <Table.Th key={heading}>{heading}</Table.Th>
            ))}
            {isOwn && (
              <Table.Th>
                <VisuallyHidden>{i18n._('Move or remove')}</VisuallyHidden>
              </Table.Th>
            )}
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {layout.columns.map((column, index) => (
            <ColumnRow key={column.column} kept={kept} column={column} index={index} />
          ))}
        </Table.Tbody>
      </Table>
      {isOwn ? (
        <AddColumns kept={kept} />
      ) : (
        <Text p="sm" c="dimmed" size="sm">
          {i18n._(
            'Headings and the order of the columns are the receiver’s; what each one takes is yours to correct.',
          )}
        </Text>
      )}
      {fitted && <Example layout={layout} fitted={fitted} />}
    </div>
  );
}
