// How the source was read, in words that can be overruled one by one, with the reason of each.
import { Menu } from '@mantine/core';
import { useState } from 'react';
import type { Encoding, KeyStyle, Separator } from '../../core/model';
import { overrule, useGather } from '../state/gather';
import { KEY_CHOICES, KEY_WORDS, SEPARATOR_WORDS } from '../parts/roles';

type Choice<T> = { value: T; label: string };

function Chip<T>({ name, value, choices, unsure, why, onChoose }: { name: string; value: string; choices: Choice<T>[]; unsure?: boolean; why?: string | undefined; onChoose: (value: T) => void }) {
  return (
    <Menu position="bottom-start" withinPortal>
      <Menu.Target><button type="button" className={`chip ${unsure ? 'unsure' : ''}`} title={why ? `because ${why}` : undefined}>{unsure && <span className="sign">?</span>}{name} <u>{value}</u></button></Menu.Target>
      <Menu.Dropdown>
        {why && <Menu.Label>because {why}</Menu.Label>}
        {choices.map((choice) => <Menu.Item key={choice.label} onClick={() => onChoose(choice.value)}>{choice.label}</Menu.Item>)}
      </Menu.Dropdown>
    </Menu>
  );
}

function RangeField() {
  const { overrule: chosen } = useGather();
  const [text, setText] = useState(chosen.range ?? '');
  const use = (): void => { void overrule({ range: text.trim() || undefined }); };
  return (
    <label className="chip range">range <input value={text} placeholder="whole sheet" size={10} spellCheck={false} onChange={(event) => setText(event.target.value)} onBlur={() => { if ((chosen.range ?? '') !== text.trim()) use(); }} onKeyDown={(event) => { if (event.key === 'Enter') use(); }} /></label>
  );
}

export function ReadAs() {
  const { answer } = useGather();
  if (!answer) return null;
  const { reading, sheets, sheet } = answer;
  const why = (path: string): string | undefined => reading.because[path];
  const unsure = (path: string): boolean => reading.unsure.includes(path);
  const rows = Array.from({ length: Math.min(12, sheet?.rows.length ?? 0) }, (_, index) => sheet?.lines?.[index] ?? index + 1);
  const reasons = ['key', 'headingRow', 'sheet'].flatMap((path) => why(path) ?? []).slice(0, 1);
  return (
    <section className="panel read-as" aria-label="How the source was read">
      <div>
        <span>Read as</span>
        {sheets.length > 1 && <Chip name="sheet" value={reading.sheet ?? ''} unsure={unsure('sheet')} why={why('sheet')} choices={sheets.map(({ name, hidden, rows: count }) => ({ value: name, label: `${name} (${count} rows${hidden ? ', hidden' : ''})` }))} onChoose={(value) => void overrule({ sheet: value, columns: undefined, headingRow: undefined, key: undefined })} />}
        <Chip<number | null> name={reading.headingRow === null ? '' : 'headings in row'} value={reading.headingRow === null ? 'no headings' : String(reading.headingRow)} why={why('headingRow')} choices={[{ value: null, label: 'No headings' }, ...rows.map((row) => ({ value: row, label: `Row ${row}` }))]} onChoose={(value) => void overrule({ headingRow: value, columns: undefined, key: undefined })} />
        <Chip<KeyStyle> name="right answer by" value={KEY_WORDS[reading.key.style]} unsure={unsure('key')} why={why('key')} choices={KEY_CHOICES.map((style) => ({ value: style, label: KEY_WORDS[style] }))} onChoose={(style) => void overrule({ key: { style, ...(style === 'marker' ? { marker: '*' } : {}) } })} />
        {reading.separator && <Chip<Separator> name="columns by" value={SEPARATOR_WORDS[reading.separator]!} why={why('separator')} choices={([',', ';', '\t', '|'] as const).map((value) => ({ value, label: SEPARATOR_WORDS[value]! }))} onChoose={(value) => void overrule({ separator: value, columns: undefined, headingRow: undefined, key: undefined })} />}
        {reading.encoding && <Chip<Encoding> name="" value={reading.encoding} why={why('encoding')} choices={(['utf-8', 'utf-16le', 'windows-1252'] as const).map((value) => ({ value, label: value }))} onChoose={(value) => void overrule({ encoding: value })} />}
        <RangeField />
      </div>
      <p className="soft">{reasons.length ? `because ${reasons.join('; ')}. ` : ''}Point at a column to say otherwise.</p>
    </section>
  );
}
