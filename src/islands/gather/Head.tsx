// The head of a source on the bench: how much of it was understood, and the next act: to take it, then to go on with it.
import { Button } from '@mantine/core';
import { useState } from 'react';
import { useLocation } from 'wouter';
import type { Finding } from '../../core/model';
import { count } from '../../core/shared/plain';
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
    `${count(items.length, 'question')} understood`,
    blocked ? `${blocked} of them blocked` : '',
    look ? `${look} to look at` : '',
    left ? `${count(left, 'row')} left out` : '',
    known ? `${known} in the bank already` : '',
    differing ? `${differing} in the bank in another wording` : '',
    taken.size ? `${taken.size} in the bank` : '',
    answer && answer.ms > LONG_MS ? `read in ${(answer.ms / 1000).toFixed(1)} s` : '',
  ]
    .filter(Boolean)
    .join(', ');
}

function take(how: { most?: number; onlyChosen?: boolean } = {}): void {
  const taken = agree(how);
  if (taken) {
    const them = taken === 1 ? 'it' : 'them';
    say(
      `${count(taken, 'question')} ${taken === 1 ? 'is' : 'are'} in the bank. Undo takes ${them} back.`,
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
      label: `Take the ${own} chosen into the bank`,
      run: () => take({ onlyChosen: true }),
      help: 'Accept, import or save only what you chose.',
    };
  }
  if (can || !taken.size) {
    return {
      label: can ? `Take ${count(can, 'question')} into the bank` : 'Nothing to take yet',
      isDisabled: !can,
      run: () => take(),
      help: 'Accept, import or save what was understood.',
    };
  }
  return {
    label: `Hand over ${these(taken.size)}`,
    help: 'Export just these.',
    run: () => {
      handOverOnly(`from ${name}`, takenFrom(records));
      go('/hand-over');
    },
  };
}

/** What was understood, and the first thing that stopped. */
function spoken(name: string, facts: string, findings: readonly Finding[]): string {
  const stopped = findings.find(({ level }) => level === 'block');
  return `${name}: ${facts}.${stopped ? ` Blocked: ${stopped.message}` : ''}`;
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
    { label: 'Put away', words: 'Close this source', run: () => putAway() },
    ...(known.length
      ? [
          {
            label: `Leave out the ${known.length} known`,
            words: 'Take only new questions: the same file again, doubles',
            run: () => leaveAllOut(known, true),
          },
        ]
      : []),
    ...(differing.length
      ? [
          {
            label: `See the ${differing.length} that ${differing.length === 1 ? 'differs' : 'differ'}`,
            words: 'A later edition of the same file: replace, keep what was mended',
            run: () => setCompared(true),
          },
        ]
      : []),
    ...(can > FEW
      ? [{ label: 'First three only', words: 'Try with a few', run: () => take({ most: FEW }) }]
      : []),
    ...(state.taken.size && !can
      ? [{ label: 'See them in the bank', words: 'Look at what was taken', run: () => go('/bank') }]
      : []),
    ...(next && !can
      ? [
          {
            label: `Bring the next: ${next.name}`,
            words: 'The next source that waits',
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
