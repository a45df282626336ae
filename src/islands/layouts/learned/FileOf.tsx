// The file itself: its format, how its text is cut and encoded, and where a block is pasted that no file can carry.
import { Stack } from '@mantine/core';
import type { KeptLayout, Layout } from '../../../core/model';
import { Bar } from '../../parts/Bar';
import type { Choices } from '../../parts/Commit';
import { PickRow, TextRow } from '../../parts/FieldRow';
import { changeLayout } from '../../state/layouts';
import { i18n } from '../../../languages';

type File = Layout['file'];
const FORMATS: Choices<File['format']> = [
  ['xlsx', '.xlsx'],
  ['ods', '.ods'],
  ['csv', '.csv'],
  ['tsv', '.tsv'],
  ['txt', i18n._('.txt with tabs')],
];
const ENCODINGS: Choices<NonNullable<File['encoding']>> = [
  ['utf-8', 'UTF-8'],
  ['utf-8-bom', i18n._('UTF-8 with its mark')],
  ['utf-16le', 'UTF-16'],
  ['windows-1252', i18n._('Windows-1252')],
];
const SEPARATORS: Choices<NonNullable<File['separator']>> = [
  [',', i18n._('comma')],
  [';', i18n._('semicolon')],
  ['\t', i18n._('tab')],
  ['|', i18n._('bar')],
];
const STANDARDS: Choices<NonNullable<File['standard']>> = [
  ['qti-3.0', i18n._('QTI 3.0')],
  ['qti-2.1', i18n._('QTI 2.1')],
  ['common-cartridge-1.3', i18n._('Common Cartridge 1.3')],
];
const LINE_ENDS: Choices<NonNullable<File['newline']>> = [
  ['lf', 'LF'],
  ['crlf', i18n._('CR LF')],
];
const QUOTES: Choices<NonNullable<File['quote']>> = [
  ['minimal', i18n._('where needed')],
  ['all', i18n._('around every field')],
  ['none', i18n._('never')],
];

const isText = ({ format }: File): boolean =>
  format === 'csv' || format === 'tsv' || format === 'txt';

/** A file of another format: what only the one says goes, what the other needs is said. */
function inFormat(file: File, format: File['format']): File {
  if (format === 'xlsx' || format === 'ods') {
    const { separator: _s, encoding: _e, newline: _n, quote: _q, ...rest } = file;
    return { ...rest, format, sheet: file.sheet ?? i18n._('Questions') };
  }
  const { sheet: _sheet, ...rest } = file;
  return {
    ...rest,
    format,
    separator: format === 'csv' ? ',' : '\t',
    encoding: 'utf-8',
    newline: 'crlf',
    quote: 'minimal',
  };
}

type Props = { file: File; shape: Layout['shape']; change: (next: Partial<File>) => void };

/** How a text file is cut and encoded. */
function TextFile({ file, shape, change }: Props) {
  return (
    <>
      {shape !== 'marked-text' && (
        <PickRow
          label={i18n._('Separator')}
          value={file.separator ?? ','}
          choices={SEPARATORS}
          onPick={(separator) => change({ separator })}
        />
      )}
      <PickRow
        label={i18n._('Encoding')}
        value={file.encoding ?? 'utf-8'}
        choices={ENCODINGS}
        onPick={(encoding) => change({ encoding })}
      />
      <PickRow
        label={i18n._('Line ends')}
        value={file.newline ?? 'lf'}
        choices={LINE_ENDS}
        onPick={(newline) => change({ newline })}
      />
      {shape === 'rows' && (
        <PickRow
          label={i18n._('Quotes')}
          value={file.quote ?? 'minimal'}
          choices={QUOTES}
          onPick={(quote) => change({ quote })}
        />
      )}
    </>
  );
}

/** Names of sheets as workbooks take them: 31 signs at most, none of those that part names. */
const isSheetName = (name: string): boolean =>
  name !== '' && name.length <= 31 && !/[\\/?*[\]:]/.test(name);
const CELL = /^[A-Z]{1,3}[1-9]\d*$/;

function PasteAt({ kept }: { kept: KeptLayout }) {
  const { layout } = kept;
  return (
    <TextRow
      label={i18n._('Pasted at cell')}
      value={layout.pasteAt ?? ''}
      placeholder={i18n._('a file')}
      onCommit={(text) => {
        const cell = text.toUpperCase();
        if (cell && !CELL.test(cell)) {
          return false;
        }
        void changeLayout(
          kept,
          i18n._('Paste at {cell} in {name}', {
            cell: cell || i18n._('no cell'),
            name: layout.name,
          }),
          {
            ...layout,
            pasteAt: cell || undefined,
          },
        );
        return true;
      }}
    />
  );
}

/** What only a layout of the user's own can change. */
function OwnFile({
  file,
  shape,
  change,
  onFormat,
}: Props & { onFormat: (format: File['format']) => void }) {
  return (
    <>
      {shape === 'rows' && (
        <PickRow label={i18n._('Format')} value={file.format} choices={FORMATS} onPick={onFormat} />
      )}
      {!isText(file) && file.sheet !== undefined && (
        <TextRow
          label={i18n._('Sheet')}
          value={file.sheet}
          onCommit={(sheet) => isSheetName(sheet) && (change({ sheet }), true)}
        />
      )}
    </>
  );
}

export function FileOf({ kept }: { kept: KeptLayout }) {
  const { layout, because } = kept;
  const { file, shape } = layout;
  const isOwn = !layout.blank;
  const put = (next: File): void => {
    void changeLayout(kept, i18n._('File of {name}', { name: layout.name }), {
      ...layout,
      file: next,
    });
  };
  const change = (next: Partial<File>): void => put({ ...file, ...next });
  const encoding = isText(file) && file.encoding ? `, ${file.encoding}` : '';
  return (
    <details open={isOwn}>
      <summary>
        <b>{i18n._('File')}</b>{' '}
        <span className="mono soft">
          .{file.format}
          {encoding}
        </span>
      </summary>
      <Stack gap={3}>
        {because['file.format'] && (
          <Bar tone="warn">{i18n._('Because {because}.', { because: because['file.format'] })}</Bar>
        )}
        {isOwn && (
          <OwnFile
            file={file}
            shape={shape}
            change={change}
            onFormat={(format) => put(inFormat(file, format))}
          />
        )}
        {shape === 'package' && (
          <PickRow
            label={i18n._('Standard')}
            value={file.standard ?? 'qti-3.0'}
            choices={STANDARDS}
            onPick={(standard) => change({ standard })}
          />
        )}
        {isText(file) && <TextFile file={file} shape={shape} change={change} />}
        {shape === 'rows' && <PasteAt kept={kept} />}
      </Stack>
    </details>
  );
}
