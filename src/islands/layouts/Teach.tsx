// One layout: the blank as it looks, with a role over each column; what was learned and why; a question filled in as proof.
import { Menu } from '@mantine/core';
import { useEffect, useMemo, useState } from 'react';
import { Link } from 'wouter';
import type { Column, Fitted, KeptLayout, KeyStyle, Kind, Layout, Role } from '../../core/model';
import { cellName, columnIndex, columnLetters } from '../../core/shared/cells';
import { KIND_NAMES } from '../../core/shared/item-cells';
import { core } from '../../workers/client';
import type { SheetView } from '../../workers/protocol';
import { KEY_WORDS, ROLE_GROUPS, ROLE_WORDS } from '../parts/roles';
import { useBank } from '../state/bank';
import { changeColumn, changeLayout, sheetsOf } from '../state/layouts';

const ROWS_SHOWN = 60;

function RolePicker({ kept, letters }: { kept: KeptLayout; letters: string }) {
  const column = kept.layout.columns.find((candidate) => candidate.column === letters);
  const role: Role = column?.role ?? 'ignore';
  const unsure = kept.unsure.includes(`columns.${letters}`);
  const because = kept.because[`columns.${letters}`];
  const name = role === 'option' ? `option ${String.fromCharCode(64 + (column?.n ?? 1))}` : role === 'ignore' ? 'aside' : ROLE_WORDS[role];
  return (
    <Menu position="bottom-start">
      <Menu.Target><button type="button" className={`role role-${role} ${unsure ? 'unsure' : ''}`} title={because ? `because ${because}` : undefined}><span className="mono letters"><span className="visually-hidden">Column </span>{letters}</span> <span className="mono name">{unsure ? '? ' : ''}{name}</span><span className="visually-hidden">, {ROLE_WORDS[role]}. Change</span></button></Menu.Target>
      <Menu.Dropdown mah={420} style={{ overflowY: 'auto' }}>
        {because && <Menu.Label>{ROLE_WORDS[role]}, because {because}</Menu.Label>}
        {ROLE_GROUPS.map(([group, roles]) => [<Menu.Label key={group}>{group}</Menu.Label>, ...roles.map((next) => <Menu.Item key={next} onClick={() => void changeColumn(kept, { ...(column ?? { column: letters }), role: next } as Column)}>{ROLE_WORDS[next]}</Menu.Item>)])}
      </Menu.Dropdown>
    </Menu>
  );
}

/** How wide a column of the blank is shown, by what it takes. */
function widthOf(layout: Layout, index: number, isForm: boolean): number {
  const role = layout.columns.find((column) => columnIndex(column.column) === index)?.role;
  if (!isForm) return 120;
  if (role === 'stem' || role === 'accepted' || role === 'explanation') return 190;
  return role === undefined || role === 'ignore' ? 58 : role === 'number-in-file' ? 88 : 104;
}

type CellMark = { word: string; tone: string };

/** What a cell of the blank is, for its colour and its title. */
function markOf(layout: Layout, row: number, column: number): CellMark | undefined {
  const { headingRow, firstRow = 2, sample, cells } = layout.file;
  const own = cells?.find((cell) => cell.cell === cellName(row - 1, column));
  if (own) return { word: own.role === 'set-title' ? 'the set’s title goes here' : 'the set’s description goes here', tone: 'title-cell' };
  if (row === headingRow) return { word: 'heading', tone: 'heading-cell' };
  if (sample && row >= sample[0] && row <= sample[1]) return { word: 'sample, cleared by a fill', tone: 'sample-cell' };
  if (row >= firstRow) return { word: '', tone: 'fill-cell' };
  return undefined;
}

function BlankView({ kept, sheet, fitted }: { kept: KeptLayout; sheet: SheetView; fitted: Fitted | undefined }) {
  const { layout } = kept;
  const isForm = !layout.file.sheet || sheet.name === layout.file.sheet;
  const widest = Math.min(30, Math.max(1, ...sheet.rows.slice(0, ROWS_SHOWN).map((row) => row.length), ...(isForm ? layout.columns.map((column) => columnIndex(column.column) + 1) : [])));
  const first = layout.file.firstRow ?? 2;
  const shown = sheet.rows.slice(0, Math.min(ROWS_SHOWN, isForm ? Math.max(first + 3, layout.file.sample?.[1] ?? 0) + 2 : ROWS_SHOWN));
  while (isForm && shown.length < first + 1) shown.push([]);
  const setCell = (role: 'set-title' | 'set-description', cell: string): void => {
    const cells = [...(layout.file.cells ?? []).filter((own) => own.role !== role), { cell, role }];
    void changeLayout(kept, `Title cell of ${layout.name}`, { ...layout, file: { ...layout.file, cells } });
  };
  return (
    <div className="table-scroll blank-view">
      <table className="sheet mono">
        <thead><tr><th aria-label="Row" />{Array.from({ length: widest }, (_, c) => <th key={c} scope="col" style={{ minWidth: widthOf(layout, c, isForm) }}>{isForm ? <RolePicker kept={kept} letters={columnLetters(c)} /> : columnLetters(c)}</th>)}</tr></thead>
        <tbody>
          {shown.map((row, r) => (
            <tr key={r}>
              <th scope="row">
                {isForm ? (
                  <Menu position="right-start">
                    <Menu.Target><button type="button" className="row-number" aria-label={`Row ${r + 1}: point`}>{r + 1}</button></Menu.Target>
                    <Menu.Dropdown>
                      <Menu.Item onClick={() => void changeLayout(kept, `Headings of ${layout.name}`, { ...layout, file: { ...layout.file, headingRow: r + 1, firstRow: Math.max(layout.file.firstRow ?? 2, r + 2) } }, ['file.headingRow'])}>The headings are in row {r + 1}</Menu.Item>
                      <Menu.Item onClick={() => void changeLayout(kept, `First row of ${layout.name}`, { ...layout, file: { ...layout.file, firstRow: r + 1, ...(layout.file.sample && layout.file.sample[1] >= r + 1 ? { sample: [r + 1, layout.file.sample[1]] as [number, number] } : { sample: undefined }) } }, ['file.firstRow'])}>Questions begin in row {r + 1}</Menu.Item>
                      {r + 1 >= first && <Menu.Item onClick={() => void changeLayout(kept, `Samples of ${layout.name}`, { ...layout, file: { ...layout.file, sample: [first, r + 1] } }, ['file.sample'])}>Rows {first} to {r + 1} are samples</Menu.Item>}
                      {layout.file.sample && <Menu.Item onClick={() => void changeLayout(kept, `No samples in ${layout.name}`, { ...layout, file: { ...layout.file, sample: undefined } }, ['file.sample'])}>There are no sample rows</Menu.Item>}
                    </Menu.Dropdown>
                  </Menu>
                ) : r + 1}
              </th>
              {Array.from({ length: widest }, (_, c) => {
                const numbered = layout.columns.find((column) => columnIndex(column.column) === c)?.role === 'number-in-file';
                const mark = isForm && !(numbered && r + 1 >= first) ? markOf(layout, r + 1, c) : undefined;
                const preview = isForm && r + 1 === first ? fitted?.cells?.[0]?.[columnLetters(c)] : undefined;
                const text = row[c] ?? '';
                return (
                  <td key={c} className={`${mark?.tone ?? ''} ${preview !== undefined ? 'preview' : ''}`} title={mark?.word || undefined} onDoubleClick={() => { if (isForm && r + 1 < first) setCell('set-title', cellName(r, c)); }}>
                    {preview !== undefined ? <span title={text ? `in place of “${text}”` : undefined}>{String(preview)}</span> : text || (mark?.tone === 'title-cell' ? <em>title of the set</em> : '')}
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

function NumberField({ label, value, onChange }: { label: string; value: number | undefined; onChange: (value: number | undefined) => void }) {
  const [text, setText] = useState(String(value ?? ''));
  useEffect(() => setText(String(value ?? '')), [value]);
  return <label>{label}<input className="field mono" inputMode="numeric" value={text} placeholder="no limit" onChange={(event) => setText(event.target.value)} onBlur={() => { const next = /^\d+$/.test(text.trim()) && Number(text) > 0 ? Number(text) : undefined; if (next !== value) onChange(next); else setText(String(value ?? '')); }} /></label>;
}

const KINDS_HERE: readonly Kind[] = ['choice-one', 'choice-many', 'true-false', 'short', 'card'];

/** The receiver's word for each kind; a kind without a word is not taken. */
function Kinds({ kept }: { kept: KeptLayout }) {
  const { layout, because } = kept;
  const hasColumn = layout.columns.some((column) => column.role === 'kind');
  const setCode = (kind: Kind, code: string): void => {
    const kinds = [...layout.kinds.filter((own) => own.kind !== kind), ...(code ? [{ kind, code }] : [])];
    void changeLayout(kept, `Kinds of ${layout.name}`, { ...layout, kinds: kinds.sort((a, b) => KINDS_HERE.indexOf(a.kind) - KINDS_HERE.indexOf(b.kind)) }, ['kinds']);
  };
  return (
    <div>
      <b>Kinds</b>{!hasColumn && !layout.kinds.length && <span className="soft"> as the columns allow</span>}
      {(hasColumn || layout.kinds.length > 0) && KINDS_HERE.map((kind) => {
        const code = layout.kinds.find((own) => own.kind === kind)?.code ?? '';
        return <label key={`${kind} ${code}`}>{KIND_NAMES[kind]}<input className="field mono code" defaultValue={code} placeholder="not taken" onBlur={(event) => { const next = event.target.value.trim(); if (next !== code) setCode(kind, next); }} /></label>;
      })}
      {because['kinds'] && <p className="why">because {because['kinds']}</p>}
    </div>
  );
}

const SHAPE_WORDS: Partial<Record<Layout['shape'], string>> = { grid: 'a board: categories across, levels down', blocks: 'blocks of rows, the field’s name in front', 'marked-text': 'plain text with signs' };
const MARK_WORDS: readonly (readonly [keyof NonNullable<Layout['marks']>, string])[] = [['right', 'right option'], ['wrong', 'wrong option'], ['stemLabel', 'before a question'], ['optionLabel', 'before an option'], ['open', 'opens the options'], ['close', 'closes the options'], ['category', 'category'], ['titleOpen', 'opens the title'], ['titleClose', 'closes the title'], ['feedback', 'feedback'], ['pair', 'between the halves of a pair'], ['comment', 'comment'], ['escape', 'takes a sign as text']];

/** What was learned of a blank whose questions are not a row each. */
function OtherShape({ kept: { layout, because } }: { kept: KeptLayout }) {
  const { grid, lines, marks } = layout;
  return (
    <div>
      <p className="note warn"><span><span className="sign" aria-hidden>!</span> This is {SHAPE_WORDS[layout.shape]}. It is understood and kept, but files of this shape can’t be filled yet.</span></p>
      {because['shape'] && <p className="why">because {because['shape']}</p>}
      {grid && <p className="small">Questions in columns <span className="mono">{grid.firstColumn}</span> to <span className="mono">{grid.lastColumn}</span>, levels <span className="mono">{grid.levels.join(', ')}</span>, each answer {grid.answer} its question.</p>}
      {lines && <p className="small">{lines.map((line) => `${line.label}: ${line.cells.map((cell) => `${ROLE_WORDS[cell.role]} in ${cell.column}`).join(', ')}`).join('; ')}</p>}
      {marks && <dl className="cells mono">{MARK_WORDS.filter(([name]) => marks[name] && marks[name] !== 'none').map(([name, words]) => <div key={name}><dt>{words}</dt><dd>{marks[name]}</dd></div>)}</dl>}
    </div>
  );
}

function Learned({ kept }: { kept: KeptLayout }) {
  const { layout, because } = kept;
  const change = (label: string, next: Partial<Layout>, path: string): void => { void changeLayout(kept, label, { ...layout, ...next }, [path]); };
  const limit = (name: 'stem' | 'option' | 'optionsMin' | 'optionsMax' | 'perFile' | 'hint' | 'explanation', label: string) => (
    <div key={name}><NumberField label={label} value={layout.limits[name]} onChange={(value) => change(`Limit in ${layout.name}`, { limits: { ...layout.limits, [name]: value } }, `limits.${name}`)} />{because[`limits.${name}`] && <p className="why">because {because[`limits.${name}`]}</p>}</div>
  );
  return (
    <aside className="panel learned" aria-label="What was learned">
      <h2>What was learned</h2>
      {layout.shape !== 'rows' && <OtherShape kept={kept} />}
      <div>
        <label>Right answer by
          <select className="field" value={layout.key.style} onChange={(event) => change(`Key of ${layout.name}`, { key: { ...layout.key, style: event.target.value as KeyStyle } }, 'key')}>{Object.entries(KEY_WORDS).map(([style, words]) => <option key={style} value={style}>{words}</option>)}</select>
        </label>
        {['letter', 'number', 'number-from-0', 'text'].includes(layout.key.style) && <label>several joined by<input className="field mono" size={3} value={layout.key.separator ?? ''} placeholder="one only" onChange={(event) => change(`Key of ${layout.name}`, { key: { ...layout.key, separator: event.target.value || undefined } }, 'key')} /></label>}
        {layout.key.style === 'marker' && <label>the sign<input className="field mono" size={3} value={layout.key.marker ?? '*'} onChange={(event) => change(`Key of ${layout.name}`, { key: { ...layout.key, marker: event.target.value || '*' } }, 'key')} /></label>}
        {because['key'] && <p className="why">because {because['key']}</p>}
      </div>
      <Kinds kept={kept} />
      {limit('stem', 'Question, characters')}
      {limit('option', layout.columns.some((column) => column.role === 'option') ? 'Option, characters' : 'Answer, characters')}
      {limit('optionsMin', 'Options at least')}
      {limit('optionsMax', 'Options at most')}
      {limit('perFile', 'Questions per file')}
      {layout.columns.some((column) => column.role === 'seconds') && (
        <div>
          <label>Seconds it takes<input className="field mono" key={layout.limits.seconds?.join()} defaultValue={layout.limits.seconds?.join(', ') ?? ''} placeholder="any" onBlur={(event) => { const seconds = event.target.value.split(/[^\d.]+/).filter(Boolean).map(Number); if (seconds.join() !== (layout.limits.seconds ?? []).join()) change(`Seconds of ${layout.name}`, { limits: { ...layout.limits, seconds: seconds.length ? seconds : undefined } }, 'limits.seconds'); }} /></label>
          {because['limits.seconds'] && <p className="why">because {because['limits.seconds']}</p>}
        </div>
      )}
      {layout.file.separator && <div><b>File</b> <span className="mono">.{layout.file.format}, {layout.file.encoding}, {layout.file.newline}</span></div>}
      <p className="soft small">Point at a column’s letter to change what it takes, at a row’s number to say where questions begin, and double-click a cell above them to put the set’s title there.</p>
    </aside>
  );
}

export function Teach({ kept }: { kept: KeptLayout }) {
  const [sheets, setSheets] = useState<SheetView[]>([]);
  const [tab, setTab] = useState<string>();
  const items = useBank((state) => state.items);
  const [fitted, setFitted] = useState<Fitted>();
  const { layout } = kept;
  useEffect(() => { void sheetsOf(layout).then(setSheets); }, [layout.blank?.digest]); // eslint-disable-line react-hooks/exhaustive-deps -- the blank's bytes decide, not the layout
  const sample = useMemo(() => items.find((item) => item.options && item.options.length > 2) ?? items[0], [items]);
  useEffect(() => {
    const candidates = [sample, items.find((item) => item.kind === 'card')].flatMap((item) => item ?? []);
    void Promise.all(candidates.map((item) => core().fitOne(item.id, layout))).then((answers) => setFitted(answers.find((answer) => answer.fitted.cells)?.fitted ?? answers[0]?.fitted));
  }, [sample, layout, items]);
  const current = sheets.find((sheet) => sheet.name === tab) ?? sheets.find((sheet) => sheet.name === layout.file.sheet) ?? sheets[0];
  return (
    <>
      <div className="place-head">
        <h1><Link href="/layouts" className="soft">Layouts</Link> / <input className="name-field" aria-label="Name of the layout" size={Math.max(12, layout.name.length)} defaultValue={layout.name} onBlur={(event) => { const name = event.target.value.trim(); if (name && name !== layout.name) void changeLayout(kept, `Rename ${layout.name}`, { ...layout, name }); }} /></h1>
        <span className="facts">{layout.blank?.name}{kept.unsure.length ? `, ${kept.unsure.length} ${kept.unsure.length === 1 ? 'guess wants' : 'guesses want'} a look` : ', nothing unsure'}</span>
        <div className="actions"><Link href="/hand-over" className="button main">Hand over to {layout.name}</Link></div>
      </div>
      <div className="teach-body">
        <section className="panel blank" aria-label="The blank">
          {sheets.length > 1 && <div className="tabs" role="tablist">{sheets.map((sheet) => <button key={sheet.name} type="button" role="tab" aria-selected={sheet === current} onClick={() => setTab(sheet.name)}>{sheet.name}{sheet.hidden ? ' (hidden)' : ''}</button>)}</div>}
          {current ? <BlankView kept={kept} sheet={current} fitted={fitted} /> : <p className="soft pad">The blank is not in this browser any more. Drop it again to see and fill it.</p>}
          {fitted && layout.shape === 'rows' && <p className="pad soft small">Row {layout.file.firstRow} shows {fitted.cells ? 'a question of the bank as it would be written' : `that no question of the bank fits yet: ${fitted.reason}`}.</p>}
        </section>
        <Learned kept={kept} />
      </div>
    </>
  );
}
