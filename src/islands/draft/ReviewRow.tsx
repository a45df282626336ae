// One question that was made: what it came from, itself, why its wrong options stand there, and what is decided of it.
import { Trans } from '@lingui/react';
import { Button, Group, Text } from '@mantine/core';
import type { Finding, Item, Lent, Term } from '../../core/model';
import { optionLetter } from '../../core/shared/plain';
import { Answers } from '../parts/Answers';
import { FindingNote } from '../parts/Finding';
import { LinkButton } from '../parts/LinkButton';
import { QuestionForm } from '../parts/QuestionForm';
import {
  decideDraft,
  drawAnew,
  lockOption,
  mendDraft,
  openDraft,
  swap,
  swapOthers,
  useDrafting,
  type Bench,
  type Verdict,
} from '../state/drafting';
import { madeFrom, SIGNS, VERDICTS } from './words';
import { i18n } from '../../languages';

function Lender({ id, lent, isLocked }: { id: string; lent: Lent; isLocked: boolean }) {
  const { option, from, why } = lent;
  const letter = optionLetter(option);
  return (
    <li>
      <Trans
        id="<0>{letter}</0> from {from}: {why}"
        values={{ letter, from, why }}
        components={{ 0: <span className="mono" /> }}
      />{' '}
      {!isLocked && (
        <LinkButton
          fz={12.5}
          aria-label={i18n._('Swap option {letter}', { letter })}
          onClick={() => void swap(id, option)}
        >
          {i18n._('Swap')}
        </LinkButton>
      )}{' '}
      <LinkButton
        fz={12.5}
        aria-pressed={isLocked}
        aria-label={i18n._('{isLocked, select, true {Locked} other {Lock}} option {letter}', {
          isLocked,
          letter,
        })}
        title={i18n._('A locked option stays when others are chosen.')}
        onClick={() => lockOption(id, option)}
      >
        {isLocked ? i18n._('Locked') : i18n._('Lock')}
      </LinkButton>
    </li>
  );
}

function Lenders({ id, lent }: { id: string; lent: readonly Lent[] }) {
  const locked = useDrafting().reviews.terms?.locked?.[id] ?? [];
  return (
    <>
      <ul className="lenders">
        {[...lent]
          .sort((a, b) => a.option - b.option)
          .map((one) => (
            <Lender key={one.option} id={id} lent={one} isLocked={locked.includes(one.option)} />
          ))}
      </ul>
      {locked.length > 0 && locked.length < lent.length && (
        <LinkButton fz={12.5} onClick={() => void swapOthers(id)}>
          {i18n._('Choose the others anew')}
        </LinkButton>
      )}
    </>
  );
}

/** The slips of wrong options, where their feedback names them. */
const Slips = ({ item }: { item: Item }) => (
  <ul className="lenders">
    {(item.options ?? []).map(({ feedback }, index) =>
      feedback ? (
        <li key={index}>
          <span className="mono">{optionLetter(index)}</span> {feedback.plain}
        </li>
      ) : null,
    )}
  </ul>
);

type Props = {
  bench: Bench;
  item: Item;
  n: number;
  verdict: Verdict | undefined;
  lent: readonly Lent[];
  /** The term that it asks for. */
  term: Term | undefined;
  findings: readonly Finding[];
  isOpen: boolean;
  isMending: boolean;
  onMend: (id: string | undefined) => void;
};

function Acts({
  bench,
  item,
  verdict,
  onMend,
}: Pick<Props, 'bench' | 'item' | 'verdict' | 'onMend'>) {
  const decide = (next: Verdict): void =>
    decideDraft(bench, item.id, verdict === next ? undefined : next);
  return (
    <Group gap={6} mt={6}>
      <Button
        size="xs"
        variant={verdict === 'kept' ? 'filled' : 'default'}
        aria-pressed={verdict === 'kept'}
        onClick={() => decide('kept')}
      >
        {i18n._('Keep')}
      </Button>
      <Button size="xs" aria-pressed={verdict === 'out'} onClick={() => decide('out')}>
        {i18n._('Throw out')}
      </Button>
      <LinkButton fz={13} onClick={() => onMend(item.id)}>
        {i18n._('Mend')}
      </LinkButton>
      {item.variant && (
        <LinkButton fz={13} onClick={() => void drawAnew(item.id)}>
          {i18n._('Draw anew')}
        </LinkButton>
      )}
    </Group>
  );
}

/** The question as it would stand in the bank; its gaps as lines. */
const stemOf = ({ stem }: Item): string => stem.plain.replace(/\{\{\d+\}\}/g, '_____');

export function ReviewRow({
  bench,
  item,
  n,
  verdict,
  lent,
  term,
  findings,
  isOpen,
  isMending,
  onMend,
}: Props) {
  const state = verdict ?? 'left';
  const hasWhy = isOpen && item.kind === 'choice-one';
  return (
    <article
      className={`review-row ${state} ${isOpen ? 'open' : ''}`}
      aria-label={i18n._('Drafted question {n, number}, {verdict}', {
        n,
        verdict: VERDICTS[state],
      })}
      aria-current={isOpen ? 'true' : undefined}
      onClick={() => (isOpen ? undefined : openDraft(item.id))}
    >
      <div className="review-from">
        <span className="sign" aria-hidden>
          {SIGNS[state]}
        </span>{' '}
        <span className="mono soft">{n}</span>{' '}
        <Text span size="xs" c="dimmed">
          {VERDICTS[state]}
        </Text>
        <p>{madeFrom(item, term)}</p>
      </div>
      <div className="review-question">
        {isMending ? (
          <QuestionForm
            item={item}
            onKeep={(edits) => mendDraft(bench, item.id, edits)}
            onDone={() => onMend(undefined)}
          />
        ) : (
          <>
            <p className="stem">{stemOf(item)}</p>
            <Answers item={item} stacked={isOpen} />
            {hasWhy && lent.length > 0 && <Lenders id={item.id} lent={lent} />}
            {hasWhy && item.variant && <Slips item={item} />}
            {findings.map((finding, index) => (
              <FindingNote key={index} finding={finding} />
            ))}
            <Acts bench={bench} item={item} verdict={verdict} onMend={onMend} />
          </>
        )}
      </div>
    </article>
  );
}
