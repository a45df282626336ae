// The blank as it looks, with a role over each column; pointing at a column, a row or a cell corrects what was learned.
import { Menu } from '@mantine/core';
import type { Fitted, KeptLayout, Layout, Role } from '../../core/model';
import { cellName, columnIndex, columnLetters } from '../../core/shared/cells';
import type { SheetView } from '../../workers/protocol';
import { roleWords } from '../../core/shared/roles';
import { ROLE_GROUPS } from '../parts/roles';
import { changeColumn, changeLayout } from '../state/layouts';

const ROWS_SHOWN = 60;

function RolePicker({ kept, letters }: { kept: KeptLayout; letters: string }) {
  const column = kept.layout.columns.find((candidate) => candidate.column === letters);
  const role: Role = column?.role ?? 'ignore';
  const unsure = kept.unsure.includes(`columns.${letters}`);
  const because = kept.because[`columns.${letters}`];
  const name =
    role === 'option'
      ? `option ${String.fromCharCode(64 + (column?.n ?? 1))}`
      : role === 'ignore'
        ? 'aside'
        : roleWords(role);
  return (
    <Menu position="bottom-start">
      <Menu.Target>
        <button
          type="button"
          className={`role role-${role} ${unsure ? 'unsure' : ''}`}
          title={because ? `because ${because}` : undefined}
        >
          <span className="mono letters">
            <span className="visually-hidden">Column </span>
            {letters}
          </span>{' '}
          <span className="mono name">
            {unsure ? '? ' : ''}
            {name}
          </span>
          <span className="visually-hidden">, {roleWords(role)}. Change</span>
        </button>
      </Menu.Target>
      <Menu.Dropdown mah={420} style={{ overflowY: 'auto' }}>
        {because && (
          <Menu.Label>
            {roleWords(role)}, because {because}
          </Menu.Label>
        )}
        {ROLE_GROUPS.map(([group, roles]) => [
          <Menu.Label key={group}>{group}</Menu.Label>,
          ...roles.map((next) => (
            <Menu.Item
              key={next}
              onClick={() =>
                void changeColumn(kept, {
                  ...(column ?? { column: letters }),
                  role: next,
                })
              }
            >
              {roleWords(next)}
            </Menu.Item>
          )),
        ])}
      </Menu.Dropdown>
    </Menu>
  );
}

/** How wide a column of the blank is shown, by what it takes. */
function widthOf(layout: Layout, index: number, isForm: boolean): number {
  const role = layout.columns.find((column) => columnIndex(column.column) === index)?.role;
  if (!isForm || layout.shape !== 'rows') {
    return index ? 150 : 90;
  }
  if (role === 'stem' || role === 'accepted' || role === 'explanation') {
    return 190;
  }
  return role === undefined || role === 'ignore' ? 58 : role === 'number-in-file' ? 88 : 104;
}

type CellMark = { word: string; tone: string };

/** What a cell of the blank is, for its colour and its title. */
function markOf(layout: Layout, row: number, column: number): CellMark | undefined {
  const { headingRow, firstRow = 2, sample, cells } = layout.file;
  const own = cells?.find((cell) => cell.cell === cellName(row - 1, column));
  if (own) {
    return {
      word:
        own.role === 'set-title' ? 'the set’s title goes here' : 'the set’s description goes here',
      tone: 'title-cell',
    };
  }
  if (layout.grid) {
    return row === layout.grid.categoryRow || column === columnIndex(layout.grid.levelColumn)
      ? { word: row === layout.grid.categoryRow ? 'categories' : 'levels', tone: 'heading-cell' }
      : undefined;
  }
  if (row === headingRow) {
    return { word: 'heading', tone: 'heading-cell' };
  }
  if (
    layout.lines &&
    layout.file.firstColumn &&
    column === columnIndex(layout.file.firstColumn) &&
    row >= firstRow
  ) {
    return { word: 'names the field', tone: 'heading-cell' };
  }
  if (sample && row >= sample[0] && row <= sample[1]) {
    return { word: 'sample, cleared by a fill', tone: 'sample-cell' };
  }
  if (row >= firstRow && layout.shape === 'rows') {
    return { word: '', tone: 'fill-cell' };
  }
  return undefined;
}

/** A question's cells by their place on the blank, 'C8'. */
function previewOf({ shape, file }: Layout, fitted: Fitted | undefined): Map<string, string> {
  const cells = (fitted?.cells ?? []).flatMap((row, index) =>
    Object.entries(row).map(
      ([place, value]) =>
        [
          shape === 'grid' ? place : `${place}${(file.firstRow ?? 2) + index}`,
          String(value),
        ] as const,
    ),
  );
  return new Map(cells);
}

/** What pointing at a row's number offers. */
function RowMenu({ kept, row }: { kept: KeptLayout; row: number }) {
  const { layout } = kept;
  const first = layout.file.firstRow ?? 2;
  const { sample } = layout.file;
  const file = (label: string, change: Partial<Layout['file']>, path: string): void => {
    void changeLayout(
      kept,
      `${label} of ${layout.name}`,
      { ...layout, file: { ...layout.file, ...change } },
      [path],
    );
  };
  return (
    <Menu position="right-start">
      <Menu.Target>
        <button type="button" className="row-number" aria-label={`Row ${row}: point`}>
          {row}
        </button>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Item
          onClick={() =>
            file(
              'Headings',
              { headingRow: row, firstRow: Math.max(first, row + 1) },
              'file.headingRow',
            )
          }
        >
          The headings are in row {row}
        </Menu.Item>
        <Menu.Item
          onClick={() =>
            file(
              'First row',
              { firstRow: row, sample: sample && sample[1] >= row ? [row, sample[1]] : undefined },
              'file.firstRow',
            )
          }
        >
          Questions begin in row {row}
        </Menu.Item>
        {row >= first && (
          <Menu.Item onClick={() => file('Samples', { sample: [first, row] }, 'file.sample')}>
            Rows {first} to {row} are samples
          </Menu.Item>
        )}
        {sample && (
          <Menu.Item onClick={() => file('No samples', { sample: undefined }, 'file.sample')}>
            There are no sample rows
          </Menu.Item>
        )}
      </Menu.Dropdown>
    </Menu>
  );
}

export function BlankView({
  kept,
  sheet,
  fitted,
}: {
  kept: KeptLayout;
  sheet: SheetView;
  fitted: Fitted | undefined;
}) {
  const { layout } = kept;
  const isForm = !layout.file.sheet || sheet.name === layout.file.sheet;
  const points = isForm && layout.shape === 'rows';
  const widest = Math.min(
    30,
    Math.max(
      1,
      ...sheet.rows.slice(0, ROWS_SHOWN).map((row) => row.length),
      ...(points ? layout.columns.map((column) => columnIndex(column.column) + 1) : []),
    ),
  );
  const first = layout.file.firstRow ?? 2;
  const shown = sheet.rows.slice(
    0,
    Math.min(
      ROWS_SHOWN,
      points ? Math.max(first + 3, layout.file.sample?.[1] ?? 0) + 2 : ROWS_SHOWN,
    ),
  );
  while (points && shown.length < first + 1) {
    shown.push([]);
  }
  const preview = isForm ? previewOf(layout, fitted) : new Map<string, string>();
  const setTitleCell = (cell: string): void => {
    const cells = [
      ...(layout.file.cells ?? []).filter((own) => own.role !== 'set-title'),
      { cell, role: 'set-title' as const },
    ];
    void changeLayout(kept, `Title cell of ${layout.name}`, {
      ...layout,
      file: { ...layout.file, cells },
    });
  };
  return (
    <div
      className="table-scroll blank-view"
      tabIndex={0}
      role="group"
      aria-label={`Sheet ${sheet.name}`}
    >
      <table className="sheet mono">
        <thead>
          <tr>
            <th aria-label="Row" />
            {Array.from({ length: widest }, (_, c) => (
              <th key={c} scope="col" style={{ minWidth: widthOf(layout, c, isForm) }}>
                {points ? <RolePicker kept={kept} letters={columnLetters(c)} /> : columnLetters(c)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {shown.map((row, r) => (
            <tr key={r}>
              <th scope="row">{points ? <RowMenu kept={kept} row={r + 1} /> : r + 1}</th>
              {Array.from({ length: widest }, (_, c) => {
                const counted =
                  layout.columns.find((column) => columnIndex(column.column) === c)?.role ===
                  'number-in-file';
                const mark =
                  isForm && !(counted && r + 1 >= first) ? markOf(layout, r + 1, c) : undefined;
                const filled = preview.get(cellName(r, c));
                const text = row[c] ?? '';
                const changes =
                  filled !== undefined && (filled !== text || mark?.tone === 'sample-cell');
                const look = sheet.looks?.[`${r}:${c}`] ?? '';
                const note = sheet.notes?.[`${r}:${c}`];
                return (
                  <td
                    key={c}
                    className={`${mark?.tone ?? ''} ${changes ? 'preview' : ''} ${look.includes('b') ? 'is-bold' : ''} ${look.includes('m') ? 'is-coloured' : ''}`}
                    title={
                      [
                        mark?.word,
                        note && `note: ${note}`,
                        look.includes('l') && 'a drop-down list',
                      ]
                        .filter(Boolean)
                        .join('; ') || undefined
                    }
                    onDoubleClick={() => {
                      if (points && r + 1 < first) {
                        setTitleCell(cellName(r, c));
                      }
                    }}
                  >
                    {changes ? (
                      <span title={text ? `in place of “${text}”` : undefined}>{filled}</span>
                    ) : (
                      text ||
                      (mark?.tone === 'title-cell' ? (
                        <em>
                          {mark.word.includes('title')
                            ? 'title of the set'
                            : 'description of the set'}
                        </em>
                      ) : (
                        ''
                      ))
                    )}
                    {note && (
                      <sup className="hint-mark" aria-label="has a note">
                        ✎
                      </sup>
                    )}
                    {look.includes('l') && !text && !changes && (
                      <span className="hint-mark" aria-hidden>
                        ▾
                      </span>
                    )}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
