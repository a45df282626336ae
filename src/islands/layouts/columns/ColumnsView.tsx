// A layout column by column.
import { Box, Table, Text, VisuallyHidden } from '@mantine/core';
import { Fragment } from 'react';
import type { Column, Fitted, KeptLayout, Layout, Role } from '../../../core/model';
import { LinkButton } from '../../parts/LinkButton';
import { PlaceCells } from '../../parts/PlaceCells';
import { setColumns } from '../../state/layouts';
import { ColumnRow } from './ColumnRow';

const HEADINGS = [
  'Heading',
  'Takes',
  'Required',
  'Default',
  'At most',
  'Only these words',
  'Sign between several',
];

const NEXT: readonly (readonly [string, Role, string])[] = [
  ['an option', 'option', 'Option'],
  ['a hint', 'hint', 'Hint'],
  ['points', 'points', 'Points'],
  ['seconds', 'seconds', 'Seconds'],
  ['a category', 'category', 'Category'],
  ['an explanation', 'explanation', 'Explanation'],
  ['any other', 'ignore', 'New column'],
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
      Add{' '}
      {NEXT.map(([words, role, heading], index) => (
        <Fragment key={words}>
          {index > 0 && ', '}
          <LinkButton
            onClick={() =>
              void setColumns(
                kept,
                `Add a column to ${layout.name}`,
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
    <Box p="sm" role="group" aria-label="A question of the bank in these columns">
      <Text c="dimmed" size="sm">
        {fitted.cells
          ? 'A question of the bank as it would be written:'
          : `No question of the bank fits yet: ${fitted.reason ?? ''}.`}
      </Text>
      {fitted.cells && <PlaceCells layout={layout} fitted={fitted} />}
    </Box>
  );
}

export function ColumnsView({ kept, fitted }: { kept: KeptLayout; fitted: Fitted | undefined }) {
  const { layout } = kept;
  const isOwn = !layout.blank;
  return (
    <div className="blank-view" tabIndex={0} role="group" aria-label="Columns">
      <Table horizontalSpacing={4} verticalSpacing={4} aria-label="Columns of the file">
        <Table.Thead>
          <Table.Tr>
            <Table.Th>
              <VisuallyHidden>Column</VisuallyHidden>
            </Table.Th>
            {HEADINGS.map((heading) => (
              <Table.Th key={heading}>{heading}</Table.Th>
            ))}
            {isOwn && (
              <Table.Th>
                <VisuallyHidden>Move or remove</VisuallyHidden>
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
          Headings and the order of the columns are the receiver’s; what each one takes is yours to
          correct.
        </Text>
      )}
      {fitted && <Example layout={layout} fitted={fitted} />}
    </div>
  );
}
