// The whole question, and the cells it becomes for each receiver in view: the seam inside the bank.
import type { KeptLayout } from '../../core/model';
import { placesOf } from '../parts/becomes';
import { KIND_NAMES } from '../../core/shared/kind-names';
import { Answers } from '../parts/Answers';
import { Pictures, Rich } from '../parts/Rich';
import { FindingNote } from '../parts/Finding';
import { useAsk } from '../state/asking';
import { changeItems, itemById, useBank } from '../state/bank';
import { pickRight } from '../parts/pick-right';
import { takeMends } from './Mends';

const NONE: readonly never[] = [];

function Receiver({ kept, id, version }: { kept: KeptLayout; id: string; version: unknown }) {
  const { answer } = useAsk((worker) => worker.fitOne(id, kept.layout), [id, kept, version]);
  const fitted = answer?.fitted;
  if (!fitted) {
    return null;
  }
  return (
    <details className="receiver">
      <summary>
        <span
          className={`sign ${fitted.state === 'fits' ? 'fine' : fitted.state === 'changes' ? 'warn' : 'block'}`}
          aria-hidden
        >
          {fitted.state === 'fits' ? '✓' : fitted.state === 'changes' ? '!' : '✕'}
        </span>{' '}
        {kept.layout.name}:{' '}
        {fitted.state === 'fits'
          ? 'fits'
          : fitted.state === 'changes'
            ? `${fitted.changes.length} ${fitted.changes.length === 1 ? 'change' : 'changes'}`
            : fitted.reason}
      </summary>
      {fitted.changes.map((change, index) => (
        <p key={index} className="note warn">
          {change.field}: {change.why}
        </p>
      ))}
      {fitted.cells && (
        <dl className="cells mono">
          {placesOf(kept.layout, fitted).map((place, index) => (
            <div key={index}>
              <dt>
                {place.place} {place.heading}
              </dt>
              <dd>{place.value}</dd>
            </div>
          ))}
        </dl>
      )}
      {fitted.text !== undefined && <pre className="paragraph mono">{fitted.text}</pre>}
    </details>
  );
}

export function SidePanel({ id }: { id: string | undefined }) {
  const items = useBank((state) => state.items);
  const findings = useBank((state) => (id ? state.findings.get(id) : undefined)) ?? NONE;
  const layouts = useBank((state) => state.layouts);
  const item = id ? itemById(id) : undefined;
  if (!item) {
    return (
      <aside className="panel side-panel" aria-label="Question">
        <p className="soft">Choose a question to see it whole.</p>
      </aside>
    );
  }
  const choice =
    item.kind === 'choice-one' || item.kind === 'choice-many' || item.kind === 'true-false';
  const facts = [
    item.points !== undefined ? `${item.points} ${item.points === 1 ? 'point' : 'points'}` : '',
    item.seconds ? `${item.seconds} s` : '',
    item.category?.join(' > ') ?? '',
  ].filter(Boolean);
  return (
    <aside
      className="panel side-panel"
      aria-label={`Question ${item.ref}`}
      data-testid="side-panel"
    >
      <p className="soft">
        <span className="mono">{item.ref}</span> · {KIND_NAMES[item.kind]}
        {facts.length ? ` · ${facts.join(' · ')}` : ''}
      </p>
      <h2>{item.stem.plain ? <Rich text={item.stem} /> : <em>no text yet</em>}</h2>
      <Pictures media={item.media} />
      <Answers
        item={item}
        stacked
        {...(choice
          ? {
              onPick: (index: number) =>
                void changeItems(`Key of ${item.ref}`, [{ ...item, ...pickRight(item, index) }]),
            }
          : {})}
      />
      {findings.map((finding, index) => (
        <FindingNote key={index} finding={finding} onMend={(one) => void takeMends([one])} />
      ))}
      {item.hint && (
        <p>
          <b>Hint</b> {item.hint.plain}
        </p>
      )}
      {item.explanation && (
        <p>
          <b>Explanation</b> {item.explanation.plain}
        </p>
      )}
      {item.tags && (
        <p className="soft">
          {item.tags.map((tag) => (tag.name ? `${tag.name}: ${tag.value}` : tag.value)).join(', ')}
        </p>
      )}
      {layouts.some((kept) => kept.chosen) && (
        <section>
          <h3>In the receivers’ files</h3>
          {layouts
            .filter((kept) => kept.chosen)
            .map((kept) => (
              <Receiver key={kept.id} kept={kept} id={item.id} version={items} />
            ))}
        </section>
      )}
      {item.origin?.file && (
        <p className="soft small">
          from {item.origin.file}
          {item.origin.sheet ? `, ${item.origin.sheet}` : ''}
          {item.origin.row ? `, row ${item.origin.row}` : ''}
          {item.origin.by ? `, by ${item.origin.by}` : ''}
        </p>
      )}
    </aside>
  );
}
