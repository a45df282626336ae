// One question as understood, with what stopped it and the ways to mend it here.
import { useState } from 'react';
import type { Finding, Item } from '../../core/model';
import { leaveOut, mend, placeOf, useGather } from '../state/gather';
import { Answers } from '../parts/Answers';
import { Pictures, Rich } from '../parts/Rich';
import { FindingNote } from '../parts/Finding';
import { withFields } from '../parts/item-cells';
import { KIND_NAMES } from '../../core/shared/kind-names';
import { pickRight } from '../parts/pick-right';

function StemEditor({ item, onDone }: { item: Item; onDone: () => void }) {
  const [text, setText] = useState(item.stem.plain);
  const keep = (): void => {
    if (text.trim() && text !== item.stem.plain) {
      void mend(item, { stem: { plain: text.trim() } });
    }
    onDone();
  };
  return (
    <textarea
      className="edit-text"
      aria-label="Text of the question"
      autoFocus
      rows={2}
      value={text}
      onChange={(event) => setText(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === 'Enter' && !event.shiftKey) {
          event.preventDefault();
          keep();
        }
        if (event.key === 'Escape') {
          onDone();
        }
      }}
    />
  );
}

function Facts({ item }: { item: Item }) {
  const facts = [
    item.points !== undefined && item.points !== 1 ? `${item.points} pts` : '',
    item.seconds ? `${item.seconds} s` : '',
  ].filter(Boolean);
  return <span className="facts mono">{facts.join(' · ')}</span>;
}

export function Understood({
  item,
  n,
  findings,
}: {
  item: Item;
  n: number;
  findings: readonly Finding[];
}) {
  const [editing, setEditing] = useState(false);
  const { out, taken } = useGather();
  const place = placeOf(item);
  const isOut = out.has(place);
  const isTaken = taken.has(place);
  const choice =
    item.kind === 'choice-one' || item.kind === 'choice-many' || item.kind === 'true-false';
  const take = (finding: Finding): void => {
    void mend(item, withFields(item, finding.mend?.patch as Partial<Item>));
  };
  return (
    <article
      className={`understood ${isOut ? 'out' : ''} ${isTaken ? 'taken' : ''}`}
      tabIndex={0}
      aria-label={`Question ${n}`}
      onKeyDown={(event) => {
        if (event.target !== event.currentTarget) {
          return;
        }
        if (event.key === 'F2') {
          event.preventDefault();
          setEditing(true);
        }
        if (event.key === 'Delete') {
          leaveOut(item, !isOut);
        }
        const letter = event.key.length === 1 ? event.key.toUpperCase().charCodeAt(0) - 65 : -1;
        if (
          choice &&
          !event.ctrlKey &&
          !event.metaKey &&
          letter >= 0 &&
          letter < (item.options?.length ?? 0)
        ) {
          void mend(item, pickRight(item, letter));
        }
      }}
    >
      <span className="mono n">{n}</span>
      <div className="body">
        {editing ? (
          <StemEditor item={item} onDone={() => setEditing(false)} />
        ) : (
          <p className="stem" onDoubleClick={() => setEditing(true)}>
            {item.stem.plain ? <Rich text={item.stem} /> : <em>no text</em>}
            {item.kind !== 'choice-one' && (
              <span className="kind-word">{KIND_NAMES[item.kind]}</span>
            )}
          </p>
        )}
        <Pictures media={item.media} />
        <Answers
          item={item}
          {...(choice && !isTaken
            ? { onPick: (index: number) => void mend(item, pickRight(item, index)) }
            : {})}
        />
        {(item.hint || item.explanation || item.category) && (
          <p className="soft small beside-words">
            {[
              item.category?.join(' > '),
              item.hint && `hint: ${item.hint.plain}`,
              item.explanation && `why: ${item.explanation.plain}`,
            ]
              .filter(Boolean)
              .join(' · ')}
          </p>
        )}
        {!isTaken &&
          findings.map((finding, index) => (
            <FindingNote key={index} finding={finding} onMend={take} />
          ))}
        {isTaken && <p className="soft small">in the bank</p>}
      </div>
      <div className="side">
        <Facts item={item} />
        {!isTaken && (
          <span className="tools">
            <button type="button" className="link" onClick={() => setEditing(true)}>
              Edit
            </button>
            <button type="button" className="link" onClick={() => leaveOut(item, !isOut)}>
              {isOut ? 'Put back' : 'Leave out'}
            </button>
          </span>
        )}
      </div>
    </article>
  );
}
