// One question as understood, with what stopped it and the ways to mend it here.
import { Group, Spoiler, Text, Textarea, UnstyledButton } from '@mantine/core';
import { useRef, useState, type KeyboardEvent, type MouseEvent } from 'react';
import type { Finding, Item } from '../../core/model';
import { Answers } from '../parts/Answers';
import { editedBy } from '../parts/edits';
import { FindingNote } from '../parts/Finding';
import { withFields } from '../parts/cells';
import { LinkButton } from '../parts/LinkButton';
import { hasKey, pickRight } from '../parts/pick-right';
import { QuestionForm } from '../parts/QuestionForm';
import { Pictures, Rich } from '../parts/Rich';
import {
  anchorAt,
  chooseTo,
  chosenItems,
  leaveAllOut,
  leaveOut,
  mend,
  placeOf,
  toggleChosen,
  useGather,
} from '../state/gather';
import { besideWords } from './beside-words';
import { keysOf, type CardActs } from './card-acts';
import { KindMenu } from './KindMenu';
import { i18n } from '../../languages';

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
      aria-label={i18n._('Text of the question')}
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

function Stem({ item, isTaken, onEdit }: { item: Item; isTaken: boolean; onEdit: () => void }) {
  return (
    <div className="stem" onDoubleClick={onEdit}>
      {item.stem.plain ? <Rich text={item.stem} /> : <em>{i18n._('no text')}</em>}
      <KindMenu item={item} isFixed={isTaken} />
    </div>
  );
}

/** Longer than this, what stands beside a question is folded. */
const FOLDED_FROM = 66;

/** What stands beside a question: everything that was read and is neither question nor answer. */
function BesideWords({ item }: { item: Item }) {
  const words = besideWords(item);
  return words.length ? (
    <Spoiler
      maxHeight={FOLDED_FROM}
      showLabel={i18n._('all of it')}
      hideLabel="less"
      mt={2}
      styles={{ control: { fontSize: 13 } }}
    >
      <Text c="dimmed" size="sm" component="div">
        {words.map(([name, text]) => (
          <div key={name}>
            <span className="beside-name">{name}</span> {text}
          </div>
        ))}
      </Text>
    </Spoiler>
  ) : null;
}

function Facts({ item }: { item: Item }) {
  const facts = [
    item.points !== undefined && item.points !== 1
      ? i18n._('{points, number} pts', { points: item.points })
      : '',
    item.seconds ? `${item.seconds}\u00a0s` : '',
  ].filter(Boolean);
  return <span className="facts mono">{facts.join(' · ')}</span>;
}

/** The question's number, by which it is chosen among others. */
function Number({ item, n, isChosen }: { item: Item; n: number; isChosen: boolean }) {
  const press = (event: MouseEvent): void => {
    event.stopPropagation();
    if (event.shiftKey) {
      chooseTo(item);
    } else {
      toggleChosen(item);
    }
  };
  return (
    <UnstyledButton
      className="mono n"
      tabIndex={-1}
      aria-pressed={isChosen}
      aria-label={i18n._('Choose question {n, number}', { n })}
      title={i18n._('Choose it (Space); with Shift all up to here')}
      onClick={press}
    >
      {n}
    </UnstyledButton>
  );
}

type Editing = 'stem' | 'all' | undefined;

/** The question as it reads, or one of its editors. */
function Body({
  item,
  findings,
  editing,
  isTaken,
  acts,
  onDone,
}: {
  item: Item;
  findings: readonly Finding[];
  editing: Editing;
  isTaken: boolean;
  acts: CardActs;
  onDone: () => void;
}) {
  if (editing === 'all') {
    return (
      <QuestionForm
        item={item}
        onKeep={(edits) => void mend(item, changedFields(item, editedBy(item, edits)))}
        onDone={onDone}
      />
    );
  }
  const takeMend = (finding: Finding): void => {
    void mend(item, withFields(item, finding.mend?.patch as Partial<Item>));
  };
  const pick = hasKey(item) && !isTaken ? { onPick: acts.onRight } : {};
  return (
    <>
      {editing === 'stem' ? (
        <StemEditor item={item} onDone={onDone} />
      ) : (
        <Stem item={item} isTaken={isTaken} onEdit={acts.onEdit} />
      )}
      <Pictures media={item.media} />
      <Answers item={item} {...pick} />
      <BesideWords item={item} />
      {!isTaken &&
        findings.map((finding, index) => (
          <FindingNote key={index} finding={finding} onMend={takeMend} />
        ))}
    </>
  );
}

/** The fields in which a question differs from what it was; those that are gone are undefined. */
function changedFields(before: Item, after: Item): Partial<Item> {
  const names = new Set([...Object.keys(before), ...Object.keys(after)]) as Set<keyof Item>;
  return Object.fromEntries(
    [...names].flatMap((name) => (before[name] === after[name] ? [] : [[name, after[name]]])),
  );
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
  const [editing, setEditing] = useState<Editing>();
  const card = useRef<HTMLElement>(null);
  const { out, taken, chosen } = useGather();
  const place = placeOf(item);
  const [isOut, isTaken, isChosen] = [out.has(place), taken.has(place), chosen.has(place)];
  const acts: CardActs = {
    onEdit: () => setEditing('stem'),
    onEditAll: () => setEditing('all'),
    onLeave: () => (isChosen ? leaveAllOut(chosenItems(), !isOut) : leaveOut(item, !isOut)),
    onRight: (index) => void mend(item, pickRight(item, index)),
  };
  const done = (): void => {
    setEditing(undefined);
    card.current?.focus({ preventScroll: true });
  };
  const click = (event: MouseEvent): void => {
    if (event.shiftKey) {
      chooseTo(item);
    } else if (event.ctrlKey || event.metaKey) {
      toggleChosen(item);
    }
  };
  const marks = [isOut && 'out', isTaken && 'taken', isChosen && 'chosen'].filter(Boolean);
  return (
    <article
      ref={card}
      className={`understood ${marks.join(' ')}`}
      tabIndex={0}
      data-item={item.id}
      aria-label={i18n._('Question {n, number}', { n })}
      onKeyDown={keysOf(item, acts)}
      onFocus={() => anchorAt(item)}
      onClick={click}
    >
      <Number item={item} n={n} isChosen={isChosen} />
      <div className="body">
        <Body
          item={item}
          findings={findings}
          editing={editing}
          isTaken={isTaken}
          acts={acts}
          onDone={done}
        />
      </div>
      <div className="side">
        <Facts item={item} />
        {isTaken ? (
          <Text c="dimmed" size="sm">
            {i18n._('in the bank')}
          </Text>
        ) : (
          <Group gap={10} justify="flex-end" fz={13} c="dimmed">
            <LinkButton fw={400} onClick={acts.onEditAll}>
              {i18n._('Edit')}
            </LinkButton>
            <LinkButton fw={400} onClick={() => leaveOut(item, !isOut)}>
              {isOut ? i18n._('Put back') : i18n._('Leave out')}
            </LinkButton>
          </Group>
        )}
      </div>
    </article>
  );
}
