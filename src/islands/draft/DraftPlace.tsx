// Draft: questions made from terms, with a writing assistant, from a formula; each looked over before it enters the bank.
import { SegmentedControl, Stack } from '@mantine/core';
import { useEffect, type ReactNode } from 'react';
import { useLocation } from 'wouter';
import { count } from '../../core/shared/plain';
import { Bar } from '../parts/Bar';
import { Busy } from '../parts/Busy';
import { LinkButton } from '../parts/LinkButton';
import { PlaceHead, type MainAct } from '../parts/PlaceHead';
import { useActs } from '../state/acts';
import { useBank } from '../state/bank';
import {
  drawVariants,
  keepable,
  keepAll,
  makeFromTerms,
  openDrafting,
  setDrafting,
  stopDrafting,
  takeKept,
  tally,
  useDrafting,
  writeRequests,
  type Bench,
  type DraftingState,
} from '../state/drafting';
import { handOverOnly } from '../state/hand-over';
import { AssistantBench } from './AssistantBench';
import { CalculatedBench } from './CalculatedBench';
import { ReviewPanel } from './ReviewPanel';
import { TermsBench } from './TermsBench';
import { takeLabel, tallyWords } from './words';

const BENCHES: { value: Bench; label: string }[] = [
  { value: 'terms', label: 'From terms' },
  { value: 'assistant', label: 'With an assistant' },
  { value: 'calculated', label: 'Calculated' },
];

/** The act that makes questions on a bench. */
function makingAct(state: DraftingState): MainAct {
  const isBusy = Boolean(state.busy);
  const acts: Record<Bench, MainAct> = {
    terms: {
      label: 'Make questions',
      help: 'One or more for each term.',
      isDisabled: isBusy || !state.terms.text.trim() || !state.terms.kinds.length,
      run: () => void makeFromTerms(),
    },
    assistant: {
      label: 'Write the requests',
      help: 'As plain text, to copy into an assistant of your own.',
      isDisabled: isBusy || !(state.ask.topic + state.ask.terms + state.ask.text).trim(),
      run: () => void writeRequests(),
    },
    calculated: {
      label: `Draw ${count(state.template.count, 'variant')}`,
      help: 'Each with other values and its own result.',
      isDisabled: isBusy || !state.template.formula.trim(),
      run: () => void drawVariants(),
    },
  };
  return acts[state.bench];
}

/** Once something is made: what is kept is taken; until then, all that is left can be kept in one act. */
function nextAct(state: DraftingState): MainAct | undefined {
  const review = state.reviews[state.bench];
  if (!review?.items.length || state.busy) {
    return undefined;
  }
  const { kept } = tally(review);
  const left = keepable(review).length;
  if (left && !kept) {
    return {
      label: `Keep all ${left}`,
      help: 'All that nothing was decided of, but for those that can’t be used.',
      run: () => keepAll(state.bench),
    };
  }
  return {
    label: takeLabel(kept),
    help: 'They enter the bank in one step that undo takes back.',
    isDisabled: !kept,
    run: () => takeKept(state.bench),
  };
}

function TakenBar() {
  const { taken } = useDrafting();
  const [, go] = useLocation();
  if (!taken) {
    return null;
  }
  const handOver = (): void => {
    handOverOnly('just drafted', taken.ids);
    go('/hand-over');
  };
  return (
    <Bar
      tone="fine"
      role="status"
      acts={
        <>
          <LinkButton data-main onClick={handOver}>
            Hand over these {taken.ids.length}
          </LinkButton>
          {taken.asPool && <LinkButton onClick={() => go('/sets')}>See the pool</LinkButton>}
        </>
      }
    >
      {count(taken.ids.length, 'question')} in the bank.
    </Bar>
  );
}

function Acts({ state }: { state: DraftingState }) {
  const review = state.reviews[state.bench];
  const making = makingAct(state);
  const kept = review ? tally(review).kept : 0;
  useActs('draft', [
    ...(making.isDisabled
      ? []
      : [{ label: making.label, words: making.help ?? '', run: making.run }]),
    ...(kept && state.bench === 'calculated'
      ? [
          {
            label: 'Take them as a pool',
            words: 'A set that draws one of the variants at each attempt',
            run: () => takeKept('calculated', true),
          },
        ]
      : []),
  ]);
  return null;
}

/** What can be done besides the next act, once something is made. */
function FurtherActs({ state }: { state: DraftingState }) {
  const review = state.reviews[state.bench];
  const making = makingAct(state);
  if (!nextAct(state)) {
    return null;
  }
  return (
    <>
      <LinkButton disabled={making.isDisabled ?? false} onClick={making.run}>
        {making.label}
      </LinkButton>
      {state.bench === 'calculated' && review && tally(review).kept > 0 && (
        <LinkButton onClick={() => takeKept('calculated', true)}>Take them as a pool</LinkButton>
      )}
    </>
  );
}

const PANELS: Record<Bench, () => ReactNode> = {
  terms: TermsBench,
  assistant: AssistantBench,
  calculated: CalculatedBench,
};

export default function DraftPlace() {
  const state = useDrafting();
  const bank = useBank(({ info }) => info.id);
  useEffect(() => {
    void openDrafting();
  }, [bank]);
  const { bench, busy, far, problem, reviews } = state;
  const review = reviews[bench];
  const Panel = PANELS[bench];
  return (
    <Stack gap="sm" className="draft-place">
      <PlaceHead
        title="Draft"
        facts={review?.items.length ? tallyWords(review) : undefined}
        main={nextAct(state) ?? makingAct(state)}
      >
        <FurtherActs state={state} />
      </PlaceHead>
      <Acts state={state} />
      <SegmentedControl
        aria-label="What questions are made from"
        value={bench}
        data={BENCHES}
        onChange={(value) => setDrafting({ bench: value, problem: undefined, open: undefined })}
        style={{ alignSelf: 'flex-start' }}
      />
      {busy && <Busy what={busy} far={far} unit="terms" onStop={stopDrafting} />}
      {problem && (
        <Bar tone="block" role="alert">
          {problem}
        </Bar>
      )}
      <TakenBar />
      <div className="draft-halves">
        <section className="draft-wish" aria-label="What is asked for" tabIndex={-1}>
          <Panel />
        </section>
        <ReviewPanel bench={bench} />
      </div>
    </Stack>
  );
}
