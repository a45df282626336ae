// What was learned of a blank, with the reason of each guess, to be corrected by hand.
import { useEffect, useState } from 'react';
import type { KeptLayout, KeyStyle, Kind, Layout } from '../../core/model';
import { KIND_NAMES } from '../../core/shared/kind-names';
import { roleWords } from '../../core/shared/roles';
import { KEY_WORDS } from '../parts/roles';
import { changeLayout } from '../state/layouts';
import { FileOf } from './FileOf';

function NumberField({
  label,
  value,
  onChange,
}: {
  label: string;
  value: number | undefined;
  onChange: (value: number | undefined) => void;
}) {
  const [text, setText] = useState(String(value ?? ''));
  useEffect(() => setText(String(value ?? '')), [value]);
  return (
    <label>
      {label}
      <input
        className="field mono"
        inputMode="numeric"
        value={text}
        placeholder="no limit"
        onChange={(event) => setText(event.target.value)}
        onBlur={() => {
          const next = /^\d+$/.test(text.trim()) && Number(text) > 0 ? Number(text) : undefined;
          if (next !== value) {
            onChange(next);
          } else {
            setText(String(value ?? ''));
          }
        }}
      />
    </label>
  );
}

const KINDS_HERE: readonly Kind[] = [
  'choice-one',
  'choice-many',
  'true-false',
  'match',
  'order',
  'short',
  'number',
  'gap',
  'open',
  'upload',
  'card',
];

/** The receiver's word for each kind; a kind without a word is not taken, and where words have no column a tick says it. */
function Kinds({ kept }: { kept: KeptLayout }) {
  const { layout, because } = kept;
  const hasColumn =
    layout.columns.some((column) => column.role === 'kind') ||
    (layout.lines ?? []).some((line) => line.role === 'kind');
  const setKinds = (kinds: Layout['kinds']): void => {
    void changeLayout(
      kept,
      `Kinds of ${layout.name}`,
      {
        ...layout,
        kinds: [...kinds].sort((a, b) => KINDS_HERE.indexOf(a.kind) - KINDS_HERE.indexOf(b.kind)),
      },
      ['kinds'],
    );
  };
  const without = (kind: Kind): Layout['kinds'] => layout.kinds.filter((own) => own.kind !== kind);
  return (
    <details open={hasColumn || kept.unsure.includes('kinds')}>
      <summary>
        <b>Kinds</b>{' '}
        <span className="soft">
          {layout.kinds.length
            ? layout.kinds.map(({ kind }) => KIND_NAMES[kind]).join(', ')
            : 'as the columns allow'}
        </span>
      </summary>
      {KINDS_HERE.map((kind) => {
        const own = layout.kinds.find((one) => one.kind === kind);
        return hasColumn ? (
          <label key={`${kind} ${own?.code}`}>
            {KIND_NAMES[kind]}
            <input
              className="field mono code"
              defaultValue={own?.code ?? ''}
              placeholder="not taken"
              onBlur={(event) => {
                const next = event.target.value.trim();
                if (next !== (own?.code ?? '')) {
                  setKinds(next ? [...without(kind), { kind, code: next }] : without(kind));
                }
              }}
            />
          </label>
        ) : (
          <label key={kind}>
            {KIND_NAMES[kind]}
            <input
              type="checkbox"
              checked={own !== undefined}
              onChange={(event) =>
                setKinds(
                  event.target.checked ? [...without(kind), { kind, code: '' }] : without(kind),
                )
              }
            />
          </label>
        );
      })}
      {because['kinds'] && <p className="why">because {because['kinds']}</p>}
    </details>
  );
}

type Marks = NonNullable<Layout['marks']>;
const MARK_WORDS: readonly (readonly [keyof Marks, string])[] = [
  ['right', 'right option'],
  ['wrong', 'wrong option'],
  ['open', 'opens the options'],
  ['close', 'closes the options'],
  ['category', 'category'],
  ['titleOpen', 'opens the title'],
  ['titleClose', 'closes the title'],
  ['feedback', 'feedback'],
  ['pair', 'between the halves of a pair'],
  ['keyLine', 'names the right answer'],
  ['comment', 'comment'],
  ['escape', 'takes a sign as text'],
];
const LABELS = {
  stemLabel: ['none', '1.', '1)'],
  optionLabel: ['none', 'a)', 'a.', 'A)', 'A.', '1)', '1.'],
} as const;

/** The signs of marked text, each to be typed over. */
function Signs({ kept }: { kept: KeptLayout }) {
  const { layout, because } = kept;
  const marks: Marks = layout.marks ?? { right: '*' };
  const change = (next: Partial<Marks>): void => {
    const merged: Record<string, unknown> = { ...marks, ...next };
    for (const [name, value] of Object.entries(merged)) {
      if (value === '') {
        delete merged[name];
      }
    }
    const own = {
      ...merged,
      right: (merged['right'] as string | undefined) ?? marks.right,
    } as Marks;
    void changeLayout(
      kept,
      `Signs of ${layout.name}`,
      { ...layout, marks: own, key: { style: 'marker', marker: own.right } },
      ['marks.right'],
    );
  };
  return (
    <div>
      <b>Signs</b>
      {MARK_WORDS.map(([name, words]) => (
        <label key={`${name} ${marks[name]}`}>
          {words}
          <input
            className="field mono"
            defaultValue={marks[name] ?? ''}
            placeholder="none"
            onBlur={(event) => {
              const text = event.target.value.trim();
              if (text !== (marks[name] ?? '')) {
                change({ [name]: text });
              }
            }}
          />
        </label>
      ))}
      {(['stemLabel', 'optionLabel'] as const).map((name) => (
        <label key={name}>
          {name === 'stemLabel' ? 'before a question' : 'before an option'}
          <select
            className="field mono"
            value={marks[name] ?? 'none'}
            onChange={(event) => change({ [name]: event.target.value })}
          >
            {LABELS[name].map((label) => (
              <option key={label}>{label}</option>
            ))}
          </select>
        </label>
      ))}
      <label>
        between two questions
        <select
          className="field"
          value={marks.between ?? 'blank-line'}
          onChange={(event) => change({ between: event.target.value as 'none' })}
        >
          <option value="blank-line">a blank line</option>
          <option value="none">nothing</option>
        </select>
      </label>
      {because['marks.right'] && <p className="why">because {because['marks.right']}</p>}
    </div>
  );
}

/** A board's levels and what is known of its categories. */
function BoardOf({ kept }: { kept: KeptLayout }) {
  const { layout } = kept;
  const { grid } = layout;
  if (!grid) {
    return null;
  }
  return (
    <div>
      <b>Board</b> <span className="soft">{kept.because['shape']}</span>
      <p className="small">
        Questions in columns <span className="mono">{grid.firstColumn}</span> to{' '}
        <span className="mono">{grid.lastColumn}</span>, levels{' '}
        <span className="mono">{grid.levels.join(', ')}</span>, each answer {grid.answer} its
        question.
      </p>
      <label>
        The receiver keeps its own categories
        <input
          type="checkbox"
          checked={grid.locked ?? false}
          onChange={(event) =>
            void changeLayout(kept, `Categories of ${layout.name}`, {
              ...layout,
              grid: { ...grid, locked: event.target.checked },
            })
          }
        />
      </label>
      <p className="why">
        {grid.locked
          ? 'Questions of other categories take the next free column, as a named change.'
          : 'Headings of the board are replaced by the categories of your questions.'}
      </p>
    </div>
  );
}

function KeyOf({ kept }: { kept: KeptLayout }) {
  const { layout, because } = kept;
  const change = (key: Layout['key']): void => {
    void changeLayout(kept, `Key of ${layout.name}`, { ...layout, key }, ['key']);
  };
  return (
    <div>
      <label>
        Right answer by
        <select
          className="field"
          value={layout.key.style}
          onChange={(event) => change({ ...layout.key, style: event.target.value as KeyStyle })}
        >
          {Object.entries(KEY_WORDS).map(([style, words]) => (
            <option key={style} value={style}>
              {words}
            </option>
          ))}
        </select>
      </label>
      {['letter', 'number', 'number-from-0', 'text'].includes(layout.key.style) && (
        <label>
          several joined by
          <input
            className="field mono"
            size={3}
            value={layout.key.separator ?? ''}
            placeholder="one only"
            onChange={(event) =>
              change({ ...layout.key, separator: event.target.value || undefined })
            }
          />
        </label>
      )}
      {layout.key.style === 'marker' && (
        <label>
          the sign
          <input
            className="field mono"
            size={3}
            value={layout.key.marker ?? '*'}
            onChange={(event) => change({ ...layout.key, marker: event.target.value || '*' })}
          />
        </label>
      )}
      {(layout.key.style === 'verdict' || layout.key.style === 'word') &&
        (['right', 'wrong'] as const).map((name) => (
          <label key={`${name} ${layout.key[name]}`}>
            word for {name}
            <input
              className="field mono"
              defaultValue={layout.key[name] ?? ''}
              onBlur={(event) => {
                if (event.target.value.trim() !== (layout.key[name] ?? '')) {
                  change({ ...layout.key, [name]: event.target.value.trim() || undefined });
                }
              }}
            />
          </label>
        ))}
      {because['key'] && <p className="why">because {because['key']}</p>}
    </div>
  );
}

export function Learned({ kept }: { kept: KeptLayout }) {
  const { layout, because } = kept;
  const change = (label: string, next: Partial<Layout>, path: string): void => {
    void changeLayout(kept, label, { ...layout, ...next }, [path]);
  };
  const limit = (
    name: 'stem' | 'option' | 'optionsMin' | 'optionsMax' | 'perFile' | 'hint' | 'explanation',
    label: string,
  ) => (
    <div key={name}>
      <NumberField
        label={label}
        value={layout.limits[name]}
        onChange={(value) =>
          change(
            `Limit in ${layout.name}`,
            { limits: { ...layout.limits, [name]: value } },
            `limits.${name}`,
          )
        }
      />
      {because[`limits.${name}`] && <p className="why">because {because[`limits.${name}`]}</p>}
    </div>
  );
  const inCells = layout.shape === 'rows' || layout.shape === 'blocks';
  return (
    <aside className="panel learned" aria-label="What was learned">
      <h2>{layout.blank ? 'What was learned' : 'What it takes'}</h2>
      {inCells && <KeyOf kept={kept} />}
      {layout.lines && (
        <p className="small">
          Blocks of rows:{' '}
          {layout.lines
            .map(
              (line) =>
                `${line.label}: ${line.cells.map((cell) => `${roleWords(cell.role)} in ${cell.column}`).join(', ')}`,
            )
            .join('; ')}
        </p>
      )}
      {layout.shape === 'marked-text' && <Signs kept={kept} />}
      <BoardOf kept={kept} />
      <Kinds kept={kept} />
      {limit('stem', 'Question, characters')}
      {limit(
        'option',
        layout.columns.some((column) => column.role === 'option') || layout.shape !== 'rows'
          ? 'Option, characters'
          : 'Answer, characters',
      )}
      {limit('optionsMin', 'Options at least')}
      {limit('optionsMax', 'Options at most')}
      {limit('perFile', 'Questions per file')}
      <label>
        Counts lengths by
        <select
          className="field"
          value={layout.limits.count ?? 'graphemes'}
          onChange={(event) =>
            change(
              `Counting in ${layout.name}`,
              { limits: { ...layout.limits, count: event.target.value as 'bytes' } },
              'limits.count',
            )
          }
        >
          <option value="graphemes">characters as seen</option>
          <option value="utf16">UTF-16 units</option>
          <option value="bytes">bytes</option>
        </select>
      </label>
      {(layout.columns.some((column) => column.role === 'seconds') || layout.limits.seconds) && (
        <div>
          <label>
            Seconds it takes
            <input
              className="field mono"
              key={layout.limits.seconds?.join()}
              defaultValue={layout.limits.seconds?.join(', ') ?? ''}
              placeholder="any"
              onBlur={(event) => {
                const seconds = event.target.value
                  .split(/[^\d.]+/)
                  .filter(Boolean)
                  .map(Number);
                if (seconds.join() !== (layout.limits.seconds ?? []).join()) {
                  change(
                    `Seconds of ${layout.name}`,
                    { limits: { ...layout.limits, seconds: seconds.length ? seconds : undefined } },
                    'limits.seconds',
                  );
                }
              }}
            />
          </label>
          {because['limits.seconds'] && <p className="why">because {because['limits.seconds']}</p>}
        </div>
      )}
      <label>
        It shuffles the options itself
        <input
          type="checkbox"
          checked={layout.shuffles ?? false}
          onChange={(event) =>
            change(
              `Shuffling of ${layout.name}`,
              { shuffles: event.target.checked || undefined },
              'shuffles',
            )
          }
        />
      </label>
      <FileOf kept={kept} />
      {layout.blank && layout.shape === 'rows' && (
        <p className="soft small">
          Point at a column’s letter to change what it takes, at a row’s number to say where
          questions begin, and double-click a cell above them to put the set’s title there.
        </p>
      )}
    </aside>
  );
}
