// One question as understood, with what stopped it and the ways to mend it here.
import { Group, Text, Textarea } from '@mantine/core';
import { useRef, useState, type KeyboardEvent } from 'react';
import type { Finding, Item } from '../../core/model';
import { KIND_NAMES } from '../../core/shared/kind-names';
import { Answers } from '../parts/Answers';
import { FindingNote } from '../parts/Finding';
import { withFields } from '../parts/cells';
import { LinkButton } from '../parts/LinkButton';
import { hasKey, pickRight } from '../parts/pick-right';
import { Pictures, Rich } from '../parts/Rich';
import { leaveOut, mend, placeOf, useGather } from '../state/gather';

function StemEditor({ item, onDone }: { item: Item; onDone: () => void }) {
  const [text, setText] = useState(item.stem.plain);
  const keep = (): void => {
    if (text.trim() && text !== item.stem.plain) {
      void mend(item, { stem: { plain: text.trim() } });
    }
    onDone();
  };
  const press = (event: KeyboardEvent): void => {
    if (event.key === 'Enter' && !event.shiftKey) {
      event.preventDefault();
      keep();
    }
    if (event.key === 'Escape') {
      onDone();
    }
  };
  return (
    <Textarea
      aria-label="Text of the question"
      autoFocus
      autosize
      minRows={2}
      value={text}
      onChange={(event) => setText(event.currentTarget.value)}
      onBlur={keep}
      onKeyDown={press}
    />
  );
}

function Stem({ item, onEdit }: { item: Item; onEdit: () => void }) {
  return (
    <p className="stem" onDoubleClick={onEdit}>
      {item.stem.plain ? <Rich text={item.stem} /> : <em>no text</em>}
      {item.kind !== 'choice-one' && <span className="kind-word">{KIND_NAMES[item.kind]}</span>}
    </p>
  );
}

/** What stands beside a question: its category, hint and explanation. */
function BesideWords({ item }: { item: Item }) {
  const words = [
    item.category?.join(' > '),
    item.hint && `hint: ${item.hint.plain}`,
    item.explanation && `why: ${item.explanation.plain}`,
  ].filter(Boolean);
  return words.length ? (
    <Text c="dimmed" size="sm" mt={2}>
      {words.join(' · ')}
    </Text>
  ) : null;
}

function Facts({ item }: { item: Item }) {
  const facts = [
    item.points !== undefined && item.points !== 1 ? `${item.points} pts` : '',
    item.seconds ? `${item.seconds} s` : '',
  ].filter(Boolean);
  return <span className="facts mono">{facts.join(' · ')}</span>;
}

type Acts = { onEdit: () => void; onLeave: () => void; onRight: (index: number) => void };

/** The keys of a question: F2 edits it, Delete leaves it out, a letter marks that option as right. */
function keysOf(item: Item, { onEdit, onLeave, onRight }: Acts) {
  return (event: KeyboardEvent): void => {
    if (event.target !== event.currentTarget || event.ctrlKey || event.metaKey) {
      return;
    }
    if (event.key === 'F2') {
      event.preventDefault();
      onEdit();
    } else if (event.key === 'Delete') {
      onLeave();
    } else if (event.key.length === 1 && hasKey(item)) {
      const letter = event.key.toUpperCase().charCodeAt(0) - 'A'.charCodeAt(0);
      if (letter >= 0 && letter < (item.options?.length ?? 0)) {
        onRight(letter);
      }
    }
  };
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
  const [isEditing, setEditing] = useState(false);
  const card = useRef<HTMLElement>(null);
  const { out, taken } = useGather();
  const isOut = out.has(placeOf(item));
  const isTaken = taken.has(placeOf(item));
  const acts: Acts = {
    onEdit: () => setEditing(true),
    onLeave: () => leaveOut(item, !isOut),
    onRight: (index) => void mend(item, pickRight(item, index)),
  };
  const done = (): void => {
    setEditing(false);
    card.current?.focus({ preventScroll: true });
  };
  const takeMend = (finding: Finding): void => {
    void mend(item, withFields(item, finding.mend?.patch as Partial<Item>));
  };
  const pick = hasKey(item) && !isTaken ? { onPick: acts.onRight } : {};
  return (
    <article
      ref={card}
      className={`understood ${isOut ? 'out' : ''} ${isTaken ? 'taken' : ''}`}
      tabIndex={0}
      aria-label={`Question ${n}`}
      onKeyDown={keysOf(item, acts)}
    >
      <span className="mono n">{n}</span>
      <div className="body">
        {isEditing ? (
          <StemEditor item={item} onDone={done} />
        ) : (
          <Stem item={item} onEdit={acts.onEdit} />
        )}
        <Pictures media={item.media} />
        <Answers item={item} {...pick} />
        <BesideWords item={item} />
        {!isTaken &&
          findings.map((finding, index) => (
            <FindingNote key={index} finding={finding} onMend={takeMend} />
          ))}
      </div>
      <div className="side">
        <Facts item={item} />
        {isTaken ? (
          <Text c="dimmed" size="sm">
            in the bank
          </Text>
        ) : (
          <Group gap={10} justify="flex-end" fz={13} c="dimmed">
            <LinkButton fw={400} onClick={acts.onEdit}>
              Edit
            </LinkButton>
            <LinkButton fw={400} onClick={acts.onLeave}>
              {isOut ? 'Put back' : 'Leave out'}
            </LinkButton>
          </Group>
        )}
      </div>
    </article>
  );
}
