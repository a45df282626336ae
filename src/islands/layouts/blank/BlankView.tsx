// The blank as it looks, with a role over each column; pointing at a column, a row or a cell corrects what was learned.
import { useMemo } from 'react';
import type { Fitted, KeptLayout, Layout } from '../../../core/model';
import { cellName, columnLetters } from '../../../core/shared/cells';
import type { SheetView } from '../../../workers/protocol';
import { changeLayout } from '../../state/layouts';
import { BlankCell } from './BlankCell';
import { markOf, previewOf, shownOf, widthOf } from './marks';
import { RolePicker } from './RolePicker';
import { RowMenu } from './RowMenu';
import { i18n } from '../../../languages';

type Shown = { kept: KeptLayout; sheet: SheetView; fitted: Fitted | undefined };

/** Whether the sheet is the one that is filled, and whether its rows and columns can be pointed at. */
function formOf({ file, shape }: Layout, sheet: SheetView): { isForm: boolean; points: boolean } {
  const isForm = !file.sheet || sheet.name === file.sheet;
  return { isForm, points: isForm && shape === 'rows' };
}

function setTitleCell(kept: KeptLayout, cell: string): void {
  const { layout } = kept;
  const others = (layout.file.cells ?? []).filter(({ role }) => role !== 'set-title');
  void changeLayout(kept, i18n._('Title cell of {name}', { name: layout.name }), {
    ...layout,
    file: { ...layout.file, cells: [...others, { cell, role: 'set-title' }] },
  });
}

const indexes = (length: number): number[] => Array.from({ length }, (_, index) => index);

function Row({
  kept,
  sheet,
  fitted,
  cells,
  row,
  width,
}: Shown & { cells: readonly string[]; row: number; width: number }) {
  const { layout } = kept;
  const { isForm, points } = formOf(layout, sheet);
  const preview = useMemo(
    () => (isForm ? previewOf(layout, fitted) : new Map<string, string>()),
    [isForm, layout, fitted],
  );
  const canPoint = points && row < (layout.file.firstRow ?? 2);
  return (
    <tr>
      <th scope="row">{points ? <RowMenu kept={kept} row={row} /> : row}</th>
      {indexes(width).map((column) => {
        const name = cellName(row - 1, column);
        const place = `${row - 1}:${column}`;
        return (
          <BlankCell
            key={column}
            text={cells[column] ?? ''}
            mark={isForm ? markOf(layout, row, column) : undefined}
            filled={preview.get(name)}
            looks={sheet.looks?.[place] ?? ''}
            note={sheet.notes?.[place]}
            onPoint={canPoint ? () => setTitleCell(kept, name) : undefined}
          />
        );
      })}
    </tr>
  );
}

export function BlankView({ kept, sheet, fitted }: Shown) {
  const { layout } = kept;
  const { isForm, points } = formOf(layout, sheet);
  const { rows, width } = shownOf(layout, sheet.rows, points);
  return (
    <div
      className="blank-view"
      tabIndex={0}
      role="group"
      aria-label={i18n._('Sheet {name}', { name: sheet.name })}
    >
      <table className="sheet mono">
        <thead>
          <tr>
            <th aria-label={i18n._('Row')} />
            {indexes(width).map((column) => (
              <th key={column} scope="col" style={{ minWidth: widthOf(layout, column, isForm) }}>
                {points ? (
                  <RolePicker kept={kept} letters={columnLetters(column)} />
                ) : (
                  columnLetters(column)
                )}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((cells, index) => (
            <Row
              key={index}
              kept={kept}
              sheet={sheet}
              fitted={fitted}
              cells={cells}
              row={index + 1}
              width={width}
            />
          ))}
        </tbody>
      </table>
    </div>
  );
}
