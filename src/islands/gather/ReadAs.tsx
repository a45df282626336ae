// How the source was read, in words that can be overruled one by one, with the reason of each.
import { Menu } from '@mantine/core';
import { useState } from 'react';
import type { Encoding, KeyStyle, Overrule, ReadAs as As, Separator } from '../../core/model';
import { overrule, setFormatting, useGather } from '../state/gather';
import { AS_WORDS, KEY_CHOICES, KEY_WORDS, SEPARATOR_WORDS } from '../parts/roles';
import { defined } from '../../core/shared/defined';

type Choice<T> = { value: T; label: string };

function Chip<T>({
  name,
  value,
  choices,
  unsure,
  why,
  onChoose,
}: {
  name: string;
  value: string;
  choices: Choice<T>[];
  unsure?: boolean;
  why?: string | undefined;
  onChoose: (value: T) => void;
}) {
  return (
    <Menu position="bottom-start" withinPortal>
      <Menu.Target>
        <button
          type="button"
          className={`chip ${unsure ? 'unsure' : ''}`}
          title={why ? `because ${why}` : undefined}
        >
          {unsure && <span className="sign">?</span>}
          {name} <u>{value}</u>
        </button>
      </Menu.Target>
      <Menu.Dropdown>
        {why && <Menu.Label>because {why}</Menu.Label>}
        {choices.map((choice) => (
          <Menu.Item key={choice.label} onClick={() => onChoose(choice.value)}>
            {choice.label}
          </Menu.Item>
        ))}
      </Menu.Dropdown>
    </Menu>
  );
}

function RangeField() {
  const { overrule: chosen } = useGather();
  const [text, setText] = useState(chosen.range ?? '');
  const use = (): void => {
    void overrule({ range: text.trim() || undefined });
  };
  return (
    <label className="chip range">
      range{' '}
      <input
        value={text}
        placeholder="whole sheet"
        size={10}
        spellCheck={false}
        onChange={(event) => setText(event.target.value)}
        onBlur={() => {
          if ((chosen.range ?? '') !== text.trim()) {
            use();
          }
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter') {
            use();
          }
        }}
      />
    </label>
  );
}

/** The key of running text: by the signs and answer lines that stand there, or by an emphasis that the user names. */
function TextKey() {
  const { answer, overrule: chosen } = useGather();
  if (!answer) {
    return null;
  }
  const { key, because } = answer.reading;
  const words = {
    bold: 'bold',
    underline: 'underlining',
    italic: 'italics',
    mark: 'colour',
  } as const;
  const value =
    key.style === 'letter'
      ? 'answer lines'
      : (words[key.marker as keyof typeof words] ?? `the sign ${key.marker ?? '*'}`);
  const choices: Choice<Overrule['emphasis'] | undefined>[] = [
    { value: undefined, label: 'As found' },
    { value: null, label: 'Signs and answer lines only' },
    { value: 'bold', label: 'Bold' },
    { value: 'underline', label: 'Underlining' },
    { value: 'mark', label: 'Colour' },
    { value: 'italic', label: 'Italics' },
  ];
  return (
    <Chip
      name="right answer by"
      value={chosen.emphasis === null ? 'signs only' : value}
      unsure={answer.reading.unsure.includes('key')}
      why={because['key']}
      choices={choices}
      onChoose={(emphasis) => void overrule({ emphasis })}
    />
  );
}

export function ReadAs() {
  const { answer, overrule: chosen } = useGather();
  if (!answer) {
    return null;
  }
  const { reading, sheets, sheet, readable } = answer;
  const inRows = reading.as === 'table' || reading.as === undefined;
  const isText = answer.text !== undefined;
  const asChoices = readable.length ? readable : inRows ? [] : (['table'] as const);
  const why = (path: string): string | undefined => reading.because[path];
  const unsure = (path: string): boolean => reading.unsure.includes(path);
  const rows = Array.from(
    { length: Math.min(12, sheet?.rows.length ?? 0) },
    (_, index) => sheet?.lines?.[index] ?? index + 1,
  );
  const reasons = (inRows && !isText ? ['key', 'headingRow', 'sheet'] : ['as', 'key'])
    .flatMap((path) => why(path) ?? [])
    .slice(0, inRows && !isText ? 1 : 2);
  return (
    <section className="panel read-as" aria-label="How the source was read">
      <div>
        <span>Read as</span>
        {(asChoices.length > 0 || reading.as === 'package') && (
          <Chip<As | undefined>
            name=""
            value={AS_WORDS[chosen.as ?? reading.as ?? 'table']}
            why={why('as')}
            choices={[
              { value: undefined, label: 'As found' },
              ...asChoices.map((value) => ({ value, label: AS_WORDS[value] })),
            ]}
            onChoose={(value) =>
              void overrule({
                as: value,
                columns: undefined,
                headingRow: undefined,
                key: undefined,
                separator: undefined,
              })
            }
          />
        )}
        {sheets.length > 1 && (
          <Chip
            name="sheet"
            value={reading.sheet ?? ''}
            unsure={unsure('sheet')}
            why={why('sheet')}
            choices={sheets.map(({ name, hidden, rows: count }) => ({
              value: name,
              label: `${name} (${count} rows${hidden ? ', hidden' : ''})`,
            }))}
            onChoose={(value) =>
              void overrule({
                sheet: value,
                columns: undefined,
                headingRow: undefined,
                key: undefined,
              })
            }
          />
        )}
        {sheet && inRows && (
          <Chip<number | null>
            name={reading.headingRow === null ? '' : 'headings in row'}
            value={reading.headingRow === null ? 'no headings' : String(reading.headingRow)}
            why={why('headingRow')}
            choices={[
              { value: null, label: 'No headings' },
              ...rows.map((row) => ({ value: row, label: `Row ${row}` })),
            ]}
            onChoose={(value) =>
              void overrule({ headingRow: value, columns: undefined, key: undefined })
            }
          />
        )}
        {isText && <TextKey />}
        {sheet && inRows && (
          <Chip<KeyStyle>
            name="right answer by"
            value={KEY_WORDS[reading.key.style]}
            unsure={unsure('key')}
            why={why('key')}
            choices={KEY_CHOICES.map((style) => ({ value: style, label: KEY_WORDS[style] }))}
            onChoose={(style) =>
              void overrule({
                key: defined({ style, marker: style === 'marker' ? '*' : undefined }),
              })
            }
          />
        )}
        {reading.separator && (
          <Chip<Separator>
            name="columns by"
            value={SEPARATOR_WORDS[reading.separator]!}
            why={why('separator')}
            choices={([',', ';', '\t', '|'] as const).map((value) => ({
              value,
              label: SEPARATOR_WORDS[value]!,
            }))}
            onChoose={(value) =>
              void overrule({
                separator: value,
                columns: undefined,
                headingRow: undefined,
                key: undefined,
              })
            }
          />
        )}
        {reading.encoding && (
          <Chip<Encoding>
            name=""
            value={reading.encoding}
            why={why('encoding')}
            choices={(['utf-8', 'utf-16le', 'windows-1252'] as const).map((value) => ({
              value,
              label: value,
            }))}
            onChoose={(value) => void overrule({ encoding: value })}
          />
        )}
        {sheet && <RangeField key={chosen.range ?? ''} />}
        {reading.as !== 'terms' && (
          <Chip<'keep' | 'strip'>
            name="formatting"
            value={chosen.formatting === 'strip' ? 'stripped' : 'kept'}
            why="bold, italic, raised and lowered signs and links inside a text are kept unless you strip them; your choice is remembered"
            choices={[
              { value: 'keep', label: 'Keep it' },
              { value: 'strip', label: 'Strip it' },
            ]}
            onChoose={(value) => void setFormatting(value)}
          />
        )}
      </div>
      <p className="soft">
        {reasons.length ? `because ${reasons.join('; ')}. ` : ''}
        {sheet
          ? 'Point at a column, a row’s number or drag over cells to say otherwise.'
          : isText
            ? 'Mend the text here and look again; the questions follow.'
            : ''}
      </p>
    </section>
  );
}
