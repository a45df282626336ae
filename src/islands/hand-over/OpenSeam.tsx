// One question against one receiver: its fields at the left, the very cells at the right, every change named between.
import { useMemo, useState } from 'react';
import type { Change, Decision, KeptLayout, Layout } from '../../core/model';
import { lengthOf, overFrom } from '../../core/shared/lengths';
import { useAsk } from '../state/asking';
import { decide, leaveQuestion, useHandOver } from '../state/hand-over';
import { useBank } from '../state/bank';
import { belongs, furtherParts, linesOf } from './seam-lines';

function OwnText({
  change,
  layout,
  onKeep,
  onCancel,
}: {
  change: Change;
  layout: Layout;
  onKeep: (text: string) => void;
  onCancel: () => void;
}) {
  const [text, setText] = useState(change.from);
  const field = change.field.replace(/^parts\.\d+\./, '');
  const most =
    field === 'stem'
      ? layout.limits.stem
      : field === 'hint'
        ? layout.limits.hint
        : field === 'explanation' || field.endsWith('.feedback')
          ? layout.limits.explanation
          : field === 'title'
            ? layout.limits.title
            : layout.limits.option;
  const length = lengthOf(text, layout.limits.count);
  return (
    <form
      className="own-text"
      onSubmit={(event) => {
        event.preventDefault();
        onKeep(text.trim());
      }}
    >
      <textarea
        className="edit-text"
        aria-label={`Text for ${layout.name}`}
        autoFocus
        rows={3}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Escape') {
            onCancel();
          }
          if (event.key === 'Enter' && !event.shiftKey) {
            event.preventDefault();
            onKeep(text.trim());
          }
        }}
      />
      <span className={`mono counter ${most && length > most ? 'over' : ''}`}>
        {length}
        {most ? ` of ${most}${length > most ? `, ${length - most} over` : ''}` : ''}
      </span>
      <button type="submit" className="button small main">
        Write this for {layout.name}
      </button>
    </form>
  );
}

function ChangeRow({
  change,
  layout,
  decision,
  onDecide,
}: {
  change: Change;
  layout: Layout;
  decision: Decision;
  onDecide: (decision: Decision | undefined) => void;
}) {
  const [writing, setWriting] = useState(false);
  const own = (text: string): void => {
    onDecide({ ...decision, own: { ...decision.own, [change.field]: text } });
    setWriting(false);
  };
  const field = change.field.replace(/^parts\.\d+\./, '');
  const isText =
    field === 'stem' || /^(?:options|accepted|pairs|steps|gaps|hint|explanation|title)/.test(field);
  const others =
    field === 'seconds'
      ? (layout.limits.seconds ?? [])
          .filter((seconds) => String(seconds) !== change.to)
          .sort((a, b) => Math.abs(a - Number(change.from)) - Math.abs(b - Number(change.from)))
          .slice(0, 2)
      : [];
  return (
    <div className="change note warn">
      <span>
        {change.why}.
        {change.to && field !== 'seconds' && field !== 'kind' && !isText
          ? ` Becomes ${change.to}.`
          : ''}
      </span>
      <span className="ways">
        {isText && change.to !== '' && !writing && (
          <button type="button" className="link" onClick={() => setWriting(true)}>
            Write it for this receiver
          </button>
        )}
        {others.map((seconds) => (
          <button key={seconds} type="button" className="link" onClick={() => own(String(seconds))}>
            Take {seconds}
          </button>
        ))}
        {decision.own?.[change.field] !== undefined && (
          <button
            type="button"
            className="link"
            onClick={() => {
              const { [change.field]: _gone, ...rest } = decision.own ?? {};
              onDecide({ ...decision, own: rest });
            }}
          >
            Back to the bank’s text
          </button>
        )}
        <button type="button" className="link" onClick={() => onDecide({ leaveOut: true })}>
          Leave it out
        </button>
      </span>
      {writing && (
        <OwnText change={change} layout={layout} onKeep={own} onCancel={() => setWriting(false)} />
      )}
    </div>
  );
}

/** The text with the words past the limit highlighted. */
function Marked({
  text,
  most,
  layout,
}: {
  text: string;
  most: number | undefined;
  layout: Layout;
}) {
  const over = most ? overFrom(text, most, layout.limits.count) : -1;
  // Whole words: the one that the limit falls into is over as well.
  const from = over < 0 ? -1 : text.slice(0, over).search(/\S*$/u);
  return from < 0 ? (
    <>{text}</>
  ) : (
    <>
      {text.slice(0, from)}
      <mark>{text.slice(from)}</mark>
    </>
  );
}

/** What a further question holds that one became for this receiver. */
function FurtherPart({
  places,
  n,
  of,
  changes,
  row,
}: {
  places: ReturnType<typeof furtherParts>[number];
  n: number;
  of: number;
  changes: React.ReactNode;
  row: string;
}) {
  return (
    <section className="seam-line">
      <div>
        <small>
          question {n} of {of}
        </small>
      </div>
      <div className="gutter sign" aria-hidden>
        +
      </div>
      <div>
        {places.map((place, index) => (
          <p key={index} className="mono">
            <small>
              {place.place}
              {row} {place.heading}
            </small>
            {place.value}
          </p>
        ))}
      </div>
      {changes}
    </section>
  );
}

export function OpenSeam({
  id,
  n,
  kept,
  row,
  onGo,
}: {
  id: string;
  n: number;
  kept: KeptLayout;
  row: number;
  onGo: (row: number) => void;
}) {
  const { columns, ids } = useHandOver();
  const items = useBank((state) => state.items);
  const { layout } = kept;
  const decision = kept.variants?.[id] ?? {};
  const { answer } = useAsk(
    (worker) =>
      worker.fitOne(
        id,
        layout,
        kept.variants?.[id],
        layout.shape === 'grid' ? { ids: [...ids], decisions: kept.variants ?? {} } : undefined,
      ),
    [id, layout, kept.variants, items, ids],
  );
  const column = columns.find((candidate) => candidate.layout === layout.id);
  const changing = useMemo(
    () =>
      column ? [...column.states].flatMap((state, index) => (state === 1 ? [index] : [])) : [],
    [column],
  );
  if (!answer?.item) {
    return <aside className="panel open-seam" />;
  }
  const { fitted, item } = answer;
  const onDecide = (next: Decision | undefined): void => decide(layout.id, id, next);
  const lines = linesOf(item, layout, fitted);
  const parts = furtherParts(layout, fitted);
  const ofPart = (change: Change): number => Number(/^parts\.(\d+)\./.exec(change.field)?.[1] ?? 0);
  const unplaced = fitted.changes.filter(
    (change) => !ofPart(change) && !lines.some((line) => belongs(change, line.field)),
  );
  const rowFor = (change: Change, index: number) => (
    <ChangeRow
      key={`${change.field} ${index}`}
      change={change}
      layout={layout}
      decision={decision}
      onDecide={onDecide}
    />
  );
  const place = changing.indexOf(row);
  const sure =
    column && layout.shape === 'rows' && column.rows
      ? String((layout.file.firstRow ?? 1) + column.rows[row]!)
      : '';
  return (
    <aside className="panel open-seam" aria-label={`Question ${n} in the file for ${layout.name}`}>
      <h2>
        Question {n} in the file for {layout.name}
      </h2>
      <div className="open-seam-scroll">
        {fitted.state === 'refused' && (
          <div className="note block">
            <span>
              <span className="sign" aria-hidden>
                ✕
              </span>{' '}
              It does not fit: {fitted.reason}.
            </span>
            {decision.leaveOut && (
              <button type="button" className="link" onClick={() => onDecide(undefined)}>
                Put it back
              </button>
            )}
          </div>
        )}
        {lines.map((line) => {
          const own = fitted.changes.filter((change) => belongs(change, line.field));
          const [first] = line.right;
          return (
            <section key={line.field} className="seam-line">
              <div>
                <small>{line.name}</small>
                {line.left.map((text, index) => (
                  <p key={index}>
                    <Marked
                      text={text}
                      most={line.most ? line.most + line.lead : undefined}
                      layout={layout}
                    />
                  </p>
                ))}
              </div>
              <div className="gutter sign" aria-hidden>
                {own.length ? '!' : line.right.length ? '=' : '–'}
              </div>
              <div>
                {first ? (
                  <>
                    <small>
                      {line.right.length > 1 && first.heading
                        ? `${first.place}${sure} to ${line.right.at(-1)!.place}${sure}`
                        : `${first.place}${first.heading ? sure : ''} ${first.heading}`}
                    </small>
                    {line.right.map((one, index) => (
                      <p key={index} className="mono">
                        {one.value}
                      </p>
                    ))}
                  </>
                ) : (
                  <>
                    <small>{layout.shape === 'rows' ? 'no column' : 'no place'}</small>
                    <p className="mono soft">{fitted.as ? 'stays in the bank' : ''}</p>
                  </>
                )}
              </div>
              {own.map(rowFor)}
            </section>
          );
        })}
        {parts.map((places, index) => (
          <FurtherPart
            key={index}
            places={places}
            n={index + 2}
            of={parts.length + 1}
            row={sure && String(Number(sure) + index + 1)}
            changes={fitted.changes.filter((change) => ofPart(change) === index + 1).map(rowFor)}
          />
        ))}
        {unplaced.map(rowFor)}
        {fitted.text !== undefined && (
          <section className="pad">
            <small className="soft">in the file</small>
            <pre className="paragraph mono">{fitted.text}</pre>
          </section>
        )}
      </div>
      <footer>
        <button
          type="button"
          className="button small"
          disabled={!changing.some((index) => index < row)}
          onClick={() => onGo(changing.filter((index) => index < row).at(-1)!)}
        >
          Previous change
        </button>
        <button
          type="button"
          className="button small"
          disabled={!changing.some((index) => index > row)}
          onClick={() => onGo(changing.find((index) => index > row)!)}
        >
          Next change
        </button>
        <button type="button" className="link small" onClick={() => leaveQuestion(id, true)}>
          Leave out of every file
        </button>
        <span className="soft small mono">
          {place >= 0 ? `${place + 1} of ${changing.length}` : `${changing.length} with changes`}
        </span>
      </footer>
    </aside>
  );
}
