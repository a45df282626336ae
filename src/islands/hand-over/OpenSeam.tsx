// One question against one receiver: its fields at the left, the very cells at the right, every change named between.
import { useEffect, useMemo, useState } from 'react';
import type { Change, Fitted, Item, Layout } from '../../core/model';
import { cellText } from '../../core/shared/item-cells';
import { lengthOf, overFrom } from '../../core/shared/lengths';
import { optionLetter } from '../../core/shared/plain';
import { core } from '../../workers/client';
import type { Decision } from '../../workers/protocol';
import { decide, leaveQuestion, useHandOver } from '../state/hand-over';
import { useBank } from '../state/bank';

type Line = { field: string; name: string; left: string[]; cells: { column: string; heading: string; value: string }[] };

/** The question's fields beside the cells that carry them. */
function linesOf(item: Item, layout: Layout, fitted: Fitted): Line[] {
  const cells = (...roles: string[]): Line['cells'] => layout.columns.filter((column) => roles.includes(column.role) && fitted.cells?.[0]?.[column.column] !== undefined)
    .map((column) => ({ column: column.column, heading: column.heading ?? '', value: String(fitted.cells![0]![column.column]) }));
  const lines: Line[] = [{ field: 'stem', name: item.kind === 'card' ? 'term' : 'question', left: [item.stem.plain], cells: cells('stem') }];
  if (item.options) {
    lines.push({ field: 'options', name: 'options', left: item.options.map((option, index) => `${optionLetter(index)}  ${option.text.plain}`), cells: cells('option', 'options', 'right', 'wrong', 'wrongs', 'verdict', 'weight') });
    lines.push({ field: 'key', name: 'right answer', left: [cellText(item, 'key')], cells: cells('key') });
  }
  if (item.accepted) lines.push({ field: 'accepted', name: item.kind === 'card' ? 'definition' : 'accepted', left: item.accepted, cells: item.options ? [] : cells('accepted', 'option', 'key', 'right') });
  lines.push({ field: 'kind', name: 'kind', left: [cellText(item, 'kind')], cells: cells('kind') });
  if (item.seconds !== undefined) lines.push({ field: 'seconds', name: 'time limit', left: [`${item.seconds} s`], cells: cells('seconds') });
  for (const [field, role] of [['points', 'points'], ['category', 'category'], ['ref', 'ref'], ['hint', 'hint'], ['explanation', 'explanation']] as const) {
    const text = cellText(item, field);
    if (text) lines.push({ field, name: field === 'ref' ? 'reference' : field, left: [text], cells: cells(role) });
  }
  return lines.filter((line) => line.field !== 'kind' || line.cells.length || fitted.changes.some((change) => change.field === 'kind'));
}

const belongs = (change: Change, field: string): boolean => change.field === field || change.field.startsWith(`${field}.`);

function OwnText({ change, layout, onKeep, onCancel }: { change: Change; layout: Layout; onKeep: (text: string) => void; onCancel: () => void }) {
  const [text, setText] = useState(change.from);
  const most = change.field === 'stem' ? layout.limits.stem : change.field.startsWith('options') || change.field.startsWith('accepted') ? layout.limits.option : undefined;
  const length = lengthOf(text, layout.limits.count);
  return (
    <form className="own-text" onSubmit={(event) => { event.preventDefault(); onKeep(text.trim()); }}>
      <textarea className="edit-text" aria-label={`Text for ${layout.name}`} autoFocus rows={3} value={text} onChange={(event) => setText(event.target.value)} onKeyDown={(event) => { if (event.key === 'Escape') onCancel(); if (event.key === 'Enter' && !event.shiftKey) { event.preventDefault(); onKeep(text.trim()); } }} />
      <span className={`mono counter ${most && length > most ? 'over' : ''}`}>{length}{most ? ` of ${most}${length > most ? `, ${length - most} over` : ''}` : ''}</span>
      <button type="submit" className="button small main">Write this for {layout.name}</button>
    </form>
  );
}

function ChangeRow({ change, layout, decision, onDecide }: { change: Change; layout: Layout; decision: Decision; onDecide: (decision: Decision | undefined) => void }) {
  const [writing, setWriting] = useState(false);
  const own = (text: string): void => { onDecide({ ...decision, own: { ...decision.own, [change.field]: text } }); setWriting(false); };
  const isText = change.field === 'stem' || /^(?:options|accepted|hint|explanation|title)/.test(change.field);
  const others = change.field === 'seconds' ? (layout.limits.seconds ?? []).filter((seconds) => String(seconds) !== change.to).sort((a, b) => Math.abs(a - Number(change.from)) - Math.abs(b - Number(change.from))).slice(0, 2) : [];
  return (
    <div className="change note warn">
      <span>{change.why}.{change.to && change.field !== 'seconds' && !isText ? ` Becomes ${change.to}.` : ''}</span>
      <span className="ways">
        {isText && change.to !== '' && !writing && <button type="button" className="link" onClick={() => setWriting(true)}>Write it for this receiver</button>}
        {others.map((seconds) => <button key={seconds} type="button" className="link" onClick={() => own(String(seconds))}>Take {seconds}</button>)}
        {decision.own?.[change.field] !== undefined && <button type="button" className="link" onClick={() => { const { [change.field]: _gone, ...rest } = decision.own ?? {}; onDecide({ ...decision, own: rest }); }}>Back to the bank’s text</button>}
        <button type="button" className="link" onClick={() => onDecide({ leaveOut: true })}>Leave it out</button>
      </span>
      {writing && <OwnText change={change} layout={layout} onKeep={own} onCancel={() => setWriting(false)} />}
    </div>
  );
}

/** The text with the words past the limit highlighted. */
function Marked({ text, most, layout }: { text: string; most: number | undefined; layout: Layout }) {
  const over = most ? overFrom(text, most, layout.limits.count) : -1;
  // Whole words: the one that the limit falls into is over as well.
  const from = over < 0 ? -1 : text.slice(0, over).search(/\S*$/u);
  return from < 0 ? <>{text}</> : <>{text.slice(0, from)}<mark>{text.slice(from)}</mark></>;
}

export function OpenSeam({ id, n, layout, row, onGo }: { id: string; n: number; layout: Layout; row: number; onGo: (row: number) => void }) {
  const { columns, decisions } = useHandOver();
  const items = useBank((state) => state.items);
  const decision = decisions[layout.id]?.[id] ?? {};
  const [answer, setAnswer] = useState<{ fitted: Fitted; item?: Item }>();
  useEffect(() => {
    let late = false;
    void core().fitOne(id, layout, decisions[layout.id]?.[id]).then((found) => { if (!late) setAnswer(found); });
    return () => { late = true; };
  }, [id, layout, decisions, items]);
  const column = columns.find((candidate) => candidate.layout === layout.id);
  const changing = useMemo(() => (column ? [...column.states].flatMap((state, index) => (state === 1 ? [index] : [])) : []), [column]);
  if (!answer?.item) return <aside className="panel open-seam" />;
  const { fitted, item } = answer;
  const onDecide = (next: Decision | undefined): void => decide(layout.id, id, next);
  const lines = linesOf(item, layout, fitted);
  const unplaced = fitted.changes.filter((change) => !lines.some((line) => belongs(change, line.field)));
  const place = changing.indexOf(row);
  const at = layout.file.firstRow !== undefined && column ? layout.file.firstRow + [...column.states.slice(0, row)].filter((state) => state !== 2).length : undefined;
  return (
    <aside className="panel open-seam" aria-label={`Question ${n} in the file for ${layout.name}`}>
      <h2>Question {n} in the file for {layout.name}</h2>
      <div className="open-seam-scroll">
        {fitted.state === 'refused' && <div className="note block"><span><span className="sign" aria-hidden>✕</span> It does not fit: {fitted.reason}.</span>{decision.leaveOut && <button type="button" className="link" onClick={() => onDecide(undefined)}>Put it back</button>}</div>}
        {lines.map((line) => {
          const own = fitted.changes.filter((change) => belongs(change, line.field));
          const limit = line.field === 'stem' ? layout.limits.stem : undefined;
          return (
            <section key={line.field} className="seam-line">
              <div><small>{line.name}</small>{line.left.map((text, index) => <p key={index}><Marked text={text} most={limit ?? (line.field === 'options' && layout.limits.option ? layout.limits.option + 3 : undefined)} layout={layout} /></p>)}</div>
              <div className="gutter sign" aria-hidden>{own.length ? '!' : line.cells.length ? '=' : '–'}</div>
              <div>{line.cells.length ? <><small>{line.cells.length > 1 ? `${line.cells[0]!.column}${at ?? ''} to ${line.cells.at(-1)!.column}${at ?? ''}` : `${line.cells[0]!.column}${at ?? ''} ${line.cells[0]!.heading}`}</small>{line.cells.map((cell) => <p key={cell.column} className="mono">{cell.value}</p>)}</> : <><small>no column</small><p className="mono soft">{fitted.cells ? 'stays in the bank' : ''}</p></>}</div>
              {own.map((change, index) => <ChangeRow key={`${change.field} ${index}`} change={change} layout={layout} decision={decision} onDecide={onDecide} />)}
            </section>
          );
        })}
        {unplaced.map((change, index) => <ChangeRow key={index} change={change} layout={layout} decision={decision} onDecide={onDecide} />)}
      </div>
      <footer>
        <button type="button" className="button small" disabled={!changing.some((index) => index < row)} onClick={() => onGo(changing.filter((index) => index < row).at(-1)!)}>Previous change</button>
        <button type="button" className="button small" disabled={!changing.some((index) => index > row)} onClick={() => onGo(changing.find((index) => index > row)!)}>Next change</button>
        <button type="button" className="link small" onClick={() => leaveQuestion(id, true)}>Leave out of every file</button>
        <span className="soft small mono">{place >= 0 ? `${place + 1} of ${changing.length}` : `${changing.length} with changes`}</span>
      </footer>
    </aside>
  );
}
