// A list of records under its headings.
import { Box, Paper, Table, VisuallyHidden } from '@mantine/core';
import type { ReactNode } from 'react';

/** A list under its headings; the last column holds what can be done, and its heading is only heard. */
export function Listed({
  label,
  headings,
  acts,
  children,
}: {
  label: string;
  headings: readonly string[];
  acts: string;
  children: ReactNode;
}) {
  return (
    <Paper component="section" aria-label={label} style={{ flex: 'none' }}>
      <Box pos="relative" style={{ overflowX: 'auto' }}>
        <Table miw={620}>
          <Table.Thead>
            <Table.Tr>
              {headings.map((heading) => (
                <Table.Th key={heading}>{heading}</Table.Th>
              ))}
              <Table.Th>
                <VisuallyHidden>{acts}</VisuallyHidden>
              </Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>{children}</Table.Tbody>
        </Table>
      </Box>
    </Paper>
  );
}
