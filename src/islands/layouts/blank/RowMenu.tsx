// What pointing at a row's number of the blank offers.
import { Menu, UnstyledButton } from '@mantine/core';
import type { KeptLayout, Layout } from '../../../core/model';
import { changeLayout } from '../../state/layouts';
import { i18n } from '../../../languages';

export function RowMenu({ kept, row }: { kept: KeptLayout; row: number }) {
  const { layout } = kept;
  const { firstRow: first = 2, sample } = layout.file;
  const change = (label: string, file: Partial<Layout['file']>, path: string) => (): void => {
    void changeLayout(
      kept,
      i18n._('{label} of {name}', { label, name: layout.name }),
      { ...layout, file: { ...layout.file, ...file } },
      [`file.${path}`],
    );
  };
  const samplesFrom =
    sample && sample[1] >= row ? ([row, sample[1]] as [number, number]) : undefined;
  return (
    <Menu position="right-start">
      <Menu.Target>
        <UnstyledButton className="row-number" aria-label={i18n._('Row {row}: point', { row })}>
          {row}
        </UnstyledButton>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Item
          onClick={change(
            i18n._('Headings'),
            { headingRow: row, firstRow: Math.max(first, row + 1) },
            'headingRow',
          )}
        >
          {i18n._('The headings are in row {row}', { row })}
        </Menu.Item>
        <Menu.Item
          onClick={change(i18n._('First row'), { firstRow: row, sample: samplesFrom }, 'firstRow')}
        >
          {i18n._('Questions begin in row {row}', { row })}
        </Menu.Item>
        {row >= first && (
          <Menu.Item onClick={change(i18n._('Samples'), { sample: [first, row] }, 'sample')}>
            {i18n._('Rows {first} to {row} are samples', { first, row })}
          </Menu.Item>
        )}
        {sample && (
          <Menu.Item onClick={change(i18n._('No samples'), { sample: undefined }, 'sample')}>
            {i18n._('There are no sample rows')}
          </Menu.Item>
        )}
      </Menu.Dropdown>
    </Menu>
  );
}
