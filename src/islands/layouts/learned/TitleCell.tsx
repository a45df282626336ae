// The cell of the form that takes the set's title.
import type { KeptLayout, Layout } from '../../../core/model';
import { TextRow } from '../../parts/FieldRow';
import { changeLayout } from '../../state/layouts';
import { i18n } from '../../../languages';

const CELL = /^[A-Z]{1,2}[1-9]\d?$/;
const CELL_WIDTH = 84;

function withTitleCell(layout: Layout, cell: string): Layout {
  const others = (layout.file.cells ?? []).filter(({ role }) => role !== 'set-title');
  const cells = cell ? [...others, { cell, role: 'set-title' as const }] : others;
  return { ...layout, file: { ...layout.file, cells } };
}

export function TitleCell({ kept }: { kept: KeptLayout }) {
  const { layout } = kept;
  return (
    <TextRow
      label={i18n._('Cell of the set’s title')}
      width={CELL_WIDTH}
      placeholder={i18n._('none')}
      value={layout.file.cells?.find(({ role }) => role === 'set-title')?.cell ?? ''}
      onCommit={(text) => {
        const cell = text.toUpperCase();
        if (cell && !CELL.test(cell)) {
          return false;
        }
        void changeLayout(
          kept,
          i18n._('Title cell of {name}', { name: layout.name }),
          withTitleCell(layout, cell),
        );
        return true;
      }}
    />
  );
}
