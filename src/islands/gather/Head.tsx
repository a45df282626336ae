// The head of a source on the bench: how much of it was understood, and the next act: to take it, then to go on with it.
import { Button } from '@mantine/core';
import { useState } from 'react';
import { useLocation } from 'wouter';
import type { Finding } from '../../core/model';
import { PlaceHead, type MainAct } from '../parts/PlaceHead';
import { fetched } from '../parts/fetched';
import { say } from '../parts/say';
import { these } from '../parts/these';
import { useActs } from '../state/acts';
import { useAnnounce } from '../state/announce';
import {
  agree,
  leaveAllOut,
  openSource,
  placeOf,
  putAway,
  ready,
  useGather,
} from '../state/gather';
import { bankState } from '../state/bank';
import { handOverOnly } from '../state/hand-over';
import { useDiffering } from './use-differing';
import { useKnown } from './use-known';
import { i18n } from '../../languages';

const LaterEdition = fetched(() =>
  import('./LaterEdition').then((module) => ({ default: module.LaterEdition })),
);

/** A first few, to see how they come out. */
const FEW = 3;
/** Reading this long is worth a word. */
const LONG_MS = 1000;

const questionsWith = (findings: readonly Finding[], level: Finding['level']): number =>
  new Set(findings.flatMap((one) => (one.level === level && one.item ? [one.item] : []))).size;

function useFacts(known: number, differing: number): string {
  const { items, findings, answer, taken } = useGather();
  const blocked = questionsWith(findings, 'block');
  const look = questionsWith(findings, 'warn');
  const left = findings
    .filter(({ rule }) => rule === 'row-left-out')
    .reduce((sum, { count: rows = 1 }) => sum + rows, 0);
  return [
    i18n._('{items, plural, one {# question} other {# questions}} understood', {
      items: items.length,
    }),
    blocked ? i18n._('{blocked, number} of them blocked', { blocked }) : '',
    look ? i18n._('{look, number} to look at', { look }) : '',
    left ? i18n._('{left, plural, one {# row} other {# rows}} left out', { left }) : '',
    known ? i18n._('{known, number} in the bank already', { known }) : '',
    differing ? i18n._('{differing, number} in the bank in another wording', { differing }) : '',
    taken.size ? i18n._('{taken, number} in the bank', { taken: taken.size }) : '',
    answer && answer.ms > LONG_MS
      ? i18n._('read in {ms} s', { ms: (answer.ms / 1000).toFixed(1) })
      : '',
  ]
    .filter(Boolean)
    .join(', ');
}

function take(how: { most?: number; onlyChosen?: boolean } = {}): void {
  const taken = agree(how);
  if (taken) {
    say(
      i18n._(
        '{taken, plural, one {# question is in the bank. Undo takes it back.} other {# questions are in the bank. Undo takes them back.}}',
        { taken },
      ),
    );
  }
}

/** The questions that were taken from the source on the bench. */
const takenFrom = (records: readonly string[]): string[] =>
  bankState()
    .sources.filter(({ id }) => records.includes(id))
    .flatMap(({ items }) => items);

/** What is done next: the questions are taken, then handed over. */
function useNext(): MainAct {
  const state = useGather();
  const [, go] = useLocation();
  const all = ready(state);
  const can = all.length;
  const { taken, records, name, chosen } = state;
  const own = all.filter((item) => chosen.has(placeOf(item))).length;
  if (own && own < can) {
    return {
      label: i18n._('Take the {own, number} chosen into the bank', { own }),
      run: () => take({ onlyChosen: true }),
      help: i18n._('Accept, import or save only what you chose.'),
    };
  }
  if (can || !taken.size) {
    return {
      label: can
        ? i18n._('Take {can, plural, one {# question} other {# questions}} into the bank', { can })
        : i18n._('Nothing to take yet'),
      isDisabled: !can,
      run: () => take(),
      help: i18n._('Accept, import or save what was understood.'),
    };
  }
  return {
    label: i18n._('Hand over {these}', { these: these(taken.size) }),
    help: i18n._('Export just these.'),
    run: () => {
      handOverOnly(i18n._('from {name}', { name }), takenFrom(records));
      go('/hand-over');
    },
  };
}

/** What was understood, and the first thing that stopped. */
function spoken(name: string, facts: string, findings: readonly Finding[]): string {
  const stopped = findings.find(({ level }) => level === 'block');
  return `${name}: ${facts}.${stopped ? i18n._(' Blocked: {message}', { message: stopped.message }) : ''}`;
}

export function Head() {
  const state = useGather();
  const [, go] = useLocation();
  const onBench = useKnown();
  const { known } = onBench;
  const differing = useDiffering(onBench);
  const [isCompared, setCompared] = useState(false);
  const facts = useFacts(known.length, differing.length);
  useAnnounce(spoken(state.name, facts, state.findings));
  const main = useNext();
  const can = ready(state).length;
  const next = state.tray.find(({ id, ready: more }) => id !== state.open && more > 0);
  const acts = [
    { label: i18n._('Put away'), words: i18n._('Close this source'), run: () => putAway() },
    ...(known.length
      ? [
          {
            label: i18n._('Leave out the {known, number} known', { known: known.length }),
            words: i18n._('Take only new questions: the same file again, doubles'),
            run: () => leaveAllOut(known, true),
          },
        ]
      : []),
    ...(differing.length
      ? [
          {
            label: i18n._(
              'See the {differing, number} that {differing, plural, one {differs} other {differ}}',
              { differing: differing.length },
            ),
            words: i18n._('A later edition of the same file: replace, keep what was mended'),
            run: () => setCompared(true),
          },
        ]
      : []),
    ...(can > FEW
      ? [
          {
            label: i18n._('First three only'),
            words: i18n._('Try with a few'),
            run: () => take({ most: FEW }),
          },
        ]
      : []),
    ...(state.taken.size && !can
      ? [
          {
            label: i18n._('See them in the bank'),
            words: i18n._('Look at what was taken'),
            run: () => go('/bank'),
          },
        ]
      : []),
    ...(next && !can
      ? [
          {
            label: i18n._('Bring the next: {name}', { name: next.name }),
            words: i18n._('The next source that waits'),
            run: () => void openSource(next.id),
          },
        ]
      : []),
  ];
  useActs('gather', acts);
  return (
    <PlaceHead title={state.name} facts={facts} main={main}>
      {acts.map(({ label, run }) => (
        <Button key={label} onClick={run}>
          {label}
        </Button>
      ))}
      {isCompared && <LaterEdition differing={differing} onClose={() => setCompared(false)} />}
    </PlaceHead>
  );
}
