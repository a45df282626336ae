// A layout column by column: what each takes, whether it must be filled, with what when a question says nothing.
import type { Column, Fitted, KeptLayout, Role } from '../../core/model';
import { placesOf } from '../parts/becomes';
import { roleWords } from '../../core/shared/roles';
import { ROLE_GROUPS } from '../parts/roles';
import { changeColumn, changeLayout, setColumns } from '../state/layouts';

const SEPARATED = new Set<Role>([
  'options',
  'wrongs',
  'tags',
  'accepted',
  'pair',
  'option',
  'category',
]);

/** A field that is taken over when it is left, so that one edit is one step. */
function Cell({
  label,
  value,
  width,
  mono = true,
  placeholder,
  onChange,
}: {
  label: string;
  value: string;
  width: number;
  mono?: boolean;
  placeholder?: string;
  onChange: (text: string) => void;
}) {
  return (
    <input
      key={value}
      className={`field ${mono ? 'mono' : ''}`}
      aria-label={label}
      style={{ width }}
      defaultValue={value}
      placeholder={placeholder}
      onBlur={(event) => {
        if (event.target.value.trim() !== value) {
          onChange(event.target.value.trim());
        }
      }}
      onKeyDown={(event) => {
        if (event.key === 'Enter') {
          event.currentTarget.blur();
        }
      }}
    />
  );
}

function ColumnRow({ kept, column, index }: { kept: KeptLayout; column: Column; index: number }) {
  const { columns } = kept.layout;
  const isOwn = !kept.layout.blank;
  const of = `of column ${column.column}`;
  const change = (next: Partial<Column>): void => {
    const merged: Record<string, unknown> = { ...column, ...next };
    for (const [name, value] of Object.entries(merged)) {
      if (value === undefined || value === '') {
        delete merged[name];
      }
    }
    void changeColumn(kept, merged as Column);
  };
  const move = (by: number): void => {
    const list = [...columns];
    list.splice(index, 1);
    list.splice(index + by, 0, column);
    void setColumns(kept, `Move a column of ${kept.layout.name}`, list);
  };
  return (
    <tr>
      <td className="mono">{column.column}</td>
      <td>
        {isOwn ? (
          <Cell
            label={`Heading ${of}`}
            value={column.heading ?? ''}
            width={150}
            mono={false}
            onChange={(heading) => change({ heading })}
          />
        ) : (
          column.heading
        )}
      </td>
      <td>
        <select
          className="field"
          aria-label={`What column ${column.column} takes`}
          value={column.role}
          onChange={(event) => change({ role: event.target.value as Role })}
        >
          {ROLE_GROUPS.map(([group, roles]) => (
            <optgroup key={group} label={group}>
              {roles.map((role) => (
                <option key={role} value={role}>
                  {roleWords(role)}
                </option>
              ))}
            </optgroup>
          ))}
        </select>
        {column.n ? <span className="mono soft"> {column.n}</span> : null}
      </td>
      <td>
        <input
          type="checkbox"
          aria-label={`Column ${column.column} must be filled`}
          checked={column.required ?? false}
          onChange={(event) => change({ required: event.target.checked || undefined })}
        />
      </td>
      <td>
        <Cell
          label={`Default ${of}`}
          value={column.default ?? ''}
          width={64}
          onChange={(text) => change({ default: text })}
        />
      </td>
      <td>
        <Cell
          label={`Most characters ${of}`}
          value={column.max ? String(column.max) : ''}
          width={44}
          onChange={(text) => change({ max: /^[1-9]\d*$/.test(text) ? Number(text) : undefined })}
        />
      </td>
      <td>
        <Cell
          label={`Words ${of}, with commas`}
          value={column.values?.join(', ') ?? ''}
          width={92}
          placeholder="any"
          onChange={(text) =>
            change({ values: text ? text.split(/\s*,\s*/).filter(Boolean) : undefined })
          }
        />
      </td>
      <td>
        {SEPARATED.has(column.role) && (
          <Cell
            label={`Separator ${of}`}
            value={column.separator ?? ''}
            width={36}
            onChange={(text) => change({ separator: text })}
          />
        )}
      </td>
      {isOwn && (
        <td className="tools">
          <button
            type="button"
            className="link small"
            disabled={index === 0}
            aria-label={`Move column ${column.column} to the left`}
            onClick={() => move(-1)}
          >
            ←
          </button>{' '}
          <button
            type="button"
            className="link small"
            disabled={index === columns.length - 1}
            aria-label={`Move column ${column.column} to the right`}
            onClick={() => move(1)}
          >
            →
          </button>{' '}
          <button
            type="button"
            className="link small"
            aria-label={`Remove column ${column.column}`}
            onClick={() =>
              void setColumns(
                kept,
                `Remove a column of ${kept.layout.name}`,
                columns.filter((one) => one !== column),
              )
            }
          >
            ✕
          </button>
        </td>
      )}
    </tr>
  );
}

const NEXT: readonly (readonly [string, Role, string])[] = [
  ['an option', 'option', 'Option'],
  ['a hint', 'hint', 'Hint'],
  ['points', 'points', 'Points'],
  ['seconds', 'seconds', 'Seconds'],
  ['a category', 'category', 'Category'],
  ['an explanation', 'explanation', 'Explanation'],
  ['any other', 'ignore', 'New column'],
];

export function ColumnsView({ kept, fitted }: { kept: KeptLayout; fitted: Fitted | undefined }) {
  const { layout } = kept;
  const isOwn = !layout.blank;
  const add = (role: Role, heading: string): void => {
    const n = layout.columns.filter((column) => column.role === role).length + 1;
    const column: Column = {
      column: 'A',
      heading: role === 'option' ? `${heading} ${n}` : heading,
      role,
    };
    // An option stands behind the last one, everything else at the end.
    const at =
      role === 'option'
        ? layout.columns.findLastIndex((one) => one.role === 'option') + 1
        : layout.columns.length;
    void setColumns(kept, `Add a column to ${layout.name}`, [
      ...layout.columns.slice(0, at || layout.columns.length),
      column,
      ...layout.columns.slice(at || layout.columns.length),
    ]);
  };
  return (
    <div className="table-scroll blank-view">
      <table className="plain columns-table">
        <thead>
          <tr>
            <th />
            <th>Heading</th>
            <th>Takes</th>
            <th>Must</th>
            <th>Default</th>
            <th>Most</th>
            <th>Only these words</th>
            <th>Sign between several</th>
            {isOwn && (
              <th>
                <span className="visually-hidden">Move or remove</span>
              </th>
            )}
          </tr>
        </thead>
        <tbody>
          {layout.columns.map((column, index) => (
            <ColumnRow key={column.column} kept={kept} column={column} index={index} />
          ))}
        </tbody>
      </table>
      {isOwn ? (
        <p className="pad">
          Add{' '}
          {NEXT.map(([words, role, heading], index) => (
            <span key={words}>
              {index > 0 && ', '}
              <button type="button" className="link" onClick={() => add(role, heading)}>
                {words}
              </button>
            </span>
          ))}
          .
        </p>
      ) : (
        <p className="pad soft small">
          Headings and the order of the columns are the receiver’s; what each one takes is yours to
          correct.
        </p>
      )}
      {isOwn && (
        <p className="pad">
          The set’s title stands in{' '}
          <Cell
            label="Cell of the set’s title"
            value={layout.file.cells?.find((cell) => cell.role === 'set-title')?.cell ?? ''}
            width={60}
            placeholder="none"
            onChange={(cell) => {
              const rest = (layout.file.cells ?? []).filter((own) => own.role !== 'set-title');
              const isCell = /^[A-Z]{1,2}[1-9]\d?$/.test(cell.toUpperCase());
              void changeLayout(kept, `Title cell of ${layout.name}`, {
                ...layout,
                file: {
                  ...layout.file,
                  cells: isCell ? [...rest, { cell: cell.toUpperCase(), role: 'set-title' }] : rest,
                },
              });
            }}
          />
        </p>
      )}
      {fitted && (
        <div className="pad">
          <p className="soft small">
            {fitted.cells
              ? 'A question of the bank as it would be written:'
              : `No question of the bank fits yet: ${fitted.reason ?? ''}.`}
          </p>
          {fitted.cells && (
            <dl className="cells mono">
              {placesOf(layout, fitted).map((place, index) => (
                <div key={index}>
                  <dt>
                    {place.place} {place.heading}
                  </dt>
                  <dd>{place.value}</dd>
                </div>
              ))}
            </dl>
          )}
        </div>
      )}
    </div>
  );
}
