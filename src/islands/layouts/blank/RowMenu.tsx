// What pointing at a row's number of the blank offers.
import { Menu, UnstyledButton } from '@mantine/core';
import type { KeptLayout, Layout } from '../../../core/model';
import { changeLayout } from '../../state/layouts';

export function RowMenu({ kept, row }: { kept: KeptLayout; row: number }) {
  const { layout } = kept;
  const { firstRow: first = 2, sample } = layout.file;
  const change = (label: string, file: Partial<Layout['file']>, path: string) => (): void => {
    void changeLayout(
      kept,
      `${label} of ${layout.name}`,
      { ...layout, file: { ...layout.file, ...file } },
      [`file.${path}`],
    );
  };
  const samplesFrom =
    sample && sample[1] >= row ? ([row, sample[1]] as [number, number]) : undefined;
  return (
    <Menu position="right-start">
      <Menu.Target>
        <UnstyledButton className="row-number" aria-label={`Row ${row}: point`}>
          {row}
        </UnstyledButton>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Item
          onClick={change(
            'Headings',
            { headingRow: row, firstRow: Math.max(first, row + 1) },
            'headingRow',
          )}
        >
          The headings are in row {row}
        </Menu.Item>
        <Menu.Item
          onClick={change('First row', { firstRow: row, sample: samplesFrom }, 'firstRow')}
        >
          Questions begin in row {row}
        </Menu.Item>
        {row >= first && (
          <Menu.Item onClick={change('Samples', { sample: [first, row] }, 'sample')}>
            Rows {first} to {row} are samples
          </Menu.Item>
        )}
        {sample && (
          <Menu.Item onClick={change('No samples', { sample: undefined }, 'sample')}>
            There are no sample rows
          </Menu.Item>
        )}
      </Menu.Dropdown>
    </Menu>
  );
}
