// The file itself: its format, how its text is cut and encoded, and where a block is pasted that no file can carry.
import type { KeptLayout, Layout } from '../../core/model';
import { changeLayout } from '../state/layouts';

type File = Layout['file'];
const ENCODINGS: readonly (readonly [NonNullable<File['encoding']>, string])[] = [
  ['utf-8', 'UTF-8'],
  ['utf-8-bom', 'UTF-8 with its mark'],
  ['utf-16le', 'UTF-16'],
  ['windows-1252', 'Windows-1252'],
];
const SEPARATORS: readonly (readonly [NonNullable<File['separator']>, string])[] = [
  [',', 'comma'],
  [';', 'semicolon'],
  ['\t', 'tab'],
  ['|', 'bar'],
];
const STANDARDS: readonly (readonly [NonNullable<File['standard']>, string])[] = [
  ['qti-3.0', 'QTI 3.0'],
  ['qti-2.1', 'QTI 2.1'],
  ['common-cartridge-1.3', 'Common Cartridge 1.3'],
];

function Pick<T extends string>({
  label,
  value,
  choices,
  onChange,
}: {
  label: string;
  value: T;
  choices: readonly (readonly [T, string])[];
  onChange: (value: T) => void;
}) {
  return (
    <label>
      {label}
      <select
        className="field"
        value={value}
        onChange={(event) => onChange(event.target.value as T)}
      >
        {choices.map(([choice, words]) => (
          <option key={choice} value={choice}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}

export function FileOf({ kept }: { kept: KeptLayout }) {
  const { layout } = kept;
  const { file } = layout;
  const isOwn = !layout.blank;
  const change = (next: Partial<File>): void => {
    void changeLayout(kept, `File of ${layout.name}`, { ...layout, file: { ...file, ...next } });
  };
  const isText = file.format === 'csv' || file.format === 'tsv' || file.format === 'txt';
  const asFormat = (format: File['format']): void => {
    if (format === 'xlsx' || format === 'ods') {
      const { separator: _s, encoding: _e, newline: _n, quote: _q, ...rest } = file;
      void changeLayout(kept, `File of ${layout.name}`, {
        ...layout,
        file: { ...rest, format, sheet: file.sheet ?? 'Questions' },
      });
      return;
    }
    const { sheet: _sheet, ...rest } = file;
    void changeLayout(kept, `File of ${layout.name}`, {
      ...layout,
      file: {
        ...rest,
        format,
        separator: format === 'csv' ? ',' : '\t',
        encoding: 'utf-8',
        newline: 'crlf',
        quote: 'minimal',
      },
    });
  };
  return (
    <details open={isOwn}>
      <summary>
        <b>File</b>{' '}
        <span className="mono soft">
          .{file.format}
          {isText && file.encoding ? `, ${file.encoding}` : ''}
        </span>
      </summary>
      {kept.because['file.format'] && (
        <p className="note warn">
          <span>
            <span className="sign" aria-hidden>
              !
            </span>{' '}
            Because {kept.because['file.format']}.
          </span>
        </p>
      )}
      {isOwn && layout.shape === 'rows' && (
        <Pick
          label="Format"
          value={file.format}
          choices={[
            ['xlsx', '.xlsx'],
            ['ods', '.ods'],
            ['csv', '.csv'],
            ['tsv', '.tsv'],
            ['txt', '.txt with tabs'],
          ]}
          onChange={asFormat}
        />
      )}
      {layout.shape === 'package' && (
        <Pick
          label="Standard"
          value={file.standard ?? 'qti-3.0'}
          choices={STANDARDS}
          onChange={(standard) => change({ standard })}
        />
      )}
      {isText && layout.shape !== 'marked-text' && (
        <Pick
          label="Separator"
          value={file.separator ?? ','}
          choices={SEPARATORS}
          onChange={(separator) => change({ separator })}
        />
      )}
      {isText && (
        <Pick
          label="Encoding"
          value={file.encoding ?? 'utf-8'}
          choices={ENCODINGS}
          onChange={(encoding) => change({ encoding })}
        />
      )}
      {isText && (
        <Pick
          label="Line ends"
          value={file.newline ?? 'lf'}
          choices={[
            ['lf', 'LF'],
            ['crlf', 'CR LF'],
          ]}
          onChange={(newline) => change({ newline })}
        />
      )}
      {isText && layout.shape === 'rows' && (
        <Pick
          label="Quotes"
          value={file.quote ?? 'minimal'}
          choices={[
            ['minimal', 'where needed'],
            ['all', 'around every field'],
            ['none', 'never'],
          ]}
          onChange={(quote) => change({ quote })}
        />
      )}
      {isOwn && !isText && file.sheet !== undefined && (
        <label>
          Sheet
          <input
            key={file.sheet}
            className="field mono code"
            defaultValue={file.sheet}
            onBlur={(event) => {
              const sheet = event.target.value.trim();
              if (
                sheet &&
                sheet !== file.sheet &&
                !/[\\/?*[\]:]/.test(sheet) &&
                sheet.length <= 31
              ) {
                change({ sheet });
              }
            }}
          />
        </label>
      )}
      {layout.shape === 'rows' && (
        <label>
          Pasted at cell
          <input
            key={layout.pasteAt}
            className="field mono"
            defaultValue={layout.pasteAt ?? ''}
            placeholder="a file"
            onBlur={(event) => {
              const cell = event.target.value.trim().toUpperCase();
              if (cell !== (layout.pasteAt ?? '') && (!cell || /^[A-Z]{1,3}[1-9]\d*$/.test(cell))) {
                void changeLayout(kept, `Paste at ${cell || 'no cell'} in ${layout.name}`, {
                  ...layout,
                  pasteAt: cell || undefined,
                });
              }
            }}
          />
        </label>
      )}
    </details>
  );
}
