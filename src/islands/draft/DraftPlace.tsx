// Draft: questions made from terms, with a writing assistant, from a formula; each looked over before it enters the bank.
import { SegmentedControl, Stack } from '@mantine/core';
import { useEffect, type ReactNode } from 'react';
import { useLocation } from 'wouter';
import { Bar } from '../parts/Bar';
import { Busy } from '../parts/Busy';
import { isTyping } from '../parts/keys';
import { LinkButton } from '../parts/LinkButton';
import { PlaceHead, type MainAct } from '../parts/PlaceHead';
import { these } from '../parts/these';
import { useActs } from '../state/acts';
import { useBank } from '../state/bank';
import {
  copyRequest,
  drawVariants,
  keepable,
  keepAll,
  makeFromTerms,
  openDrafting,
  setDrafting,
  stopDrafting,
  takeKept,
  takeReply,
  tally,
  useDrafting,
  writeRequests,
  type Bench,
  type DraftingState,
  type TakenAs,
} from '../state/drafting';
import { handOverOnly } from '../state/hand-over';
import { AssistantBench } from './AssistantBench';
import { CalculatedBench } from './CalculatedBench';
import { ReviewPanel } from './ReviewPanel';
import { TermsBench } from './TermsBench';
import { takeLabel, tallyWords } from './words';
import { i18n } from '../../languages';

const BENCHES: { value: Bench; label: string }[] = [
  { value: 'terms', label: i18n._('From terms') },
  { value: 'assistant', label: i18n._('With an assistant') },
  { value: 'calculated', label: i18n._('Calculated') },
];

/** The act that makes questions on a bench. */
function makingAct(state: DraftingState): MainAct {
  const isBusy = Boolean(state.busy);
  const acts: Record<Bench, MainAct> = {
    terms: {
      label: i18n._('Make questions'),
      help: i18n._('One or more for each term.'),
      isDisabled: isBusy || !state.terms.text.trim() || !state.terms.kinds.length,
      run: () => void makeFromTerms(),
    },
    assistant: {
      label: state.sent.length ? i18n._('Write the requests anew') : i18n._('Write the requests'),
      help: i18n._('As plain text, to copy into an assistant of your own.'),
      isDisabled:
        isBusy ||
        !state.ask.kinds.length ||
        !(state.ask.topic + state.ask.terms + state.ask.text).trim(),
      run: () => void writeRequests(),
    },
    calculated: {
      label: i18n._('Draw {count, plural, one {# variant} other {# variants}}', {
        count: state.template.count,
      }),
      help: i18n._('Each with other values and its own result.'),
      isDisabled: isBusy || !state.template.formula.trim(),
      run: () => void drawVariants(),
    },
  };
  return acts[state.bench];
}

/** The request that is to be sent next: to copy it is the next act until all are sent. */
function sendingAct({ bench, sent, busy }: DraftingState): MainAct | undefined {
  const first = sent.filter(({ asked }) => !asked.again && !asked.isForCategories);
  const next = sent.find(({ state }) => state === 'to send');
  if (bench !== 'assistant' || !next || busy) {
    return undefined;
  }
  const at = first.indexOf(next) + 1;
  const isLater = next.asked.again
    ? i18n._('Copy the next request')
    : i18n._('Copy request {at} of {first}', { at, first: first.length });
  return {
    label: next.asked.isForCategories ? i18n._('Copy the request') : isLater,
    help: i18n._('Paste it into your assistant, and its reply anywhere here.'),
    run: () => void copyRequest(next.id),
  };
}

/** A reply pasted anywhere in the place belongs to the request that waits for one. */
function usePastedReply({ bench, sent }: DraftingState): void {
  const waiting = sent.find(({ state }) => state === 'waiting')?.id;
  useEffect(() => {
    const take = (event: ClipboardEvent): void => {
      const text = event.clipboardData?.getData('text/plain') ?? '';
      if (waiting && text.trim() && !isTyping(event.target)) {
        event.preventDefault();
        void takeReply(waiting, text);
      }
    };
    if (bench !== 'assistant' || !waiting) {
      return undefined;
    }
    document.addEventListener('paste', take);
    return () => document.removeEventListener('paste', take);
  }, [bench, waiting]);
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
      label: left === 1 ? i18n._('Keep the one left') : i18n._('Keep all {left, number}', { left }),
      help: i18n._('All that nothing was decided of, but for those that can’t be used.'),
      run: () => keepAll(state.bench),
    };
  }
  return {
    label: takeLabel(kept),
    help: i18n._('They enter the bank in one step that undo takes back.'),
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
    handOverOnly(i18n._('just drafted'), taken.ids);
    go('/hand-over');
  };
  return (
    <Bar
      tone="fine"
      role="status"
      acts={
        <>
          <LinkButton data-main onClick={handOver}>
            {i18n._('Hand over {these}', { these: these(taken.ids.length) })}
          </LinkButton>
          {taken.as !== 'questions' && (
            <LinkButton onClick={() => go('/sets')}>
              {i18n._('See the {as}', { as: taken.as })}
            </LinkButton>
          )}
        </>
      }
    >
      {i18n._('{ids, plural, one {# question} other {# questions}} in the bank.', {
        ids: taken.ids.length,
      })}
    </Bar>
  );
}

/** Besides the bank they can go into a set: variants as a pool, all else as they are. */
const asSet = (bench: Bench): { as: TakenAs; label: string; words: string } =>
  bench === 'calculated'
    ? {
        as: 'pool',
        label: i18n._('Take them as a pool'),
        words: i18n._('A set that draws one of the variants at each attempt'),
      }
    : {
        as: 'set',
        label: i18n._('Take them as a set'),
        words: i18n._('Also a set of their own, to hand over or print'),
      };

function Acts({ state }: { state: DraftingState }) {
  const review = state.reviews[state.bench];
  const making = makingAct(state);
  const kept = review ? tally(review).kept : 0;
  useActs('draft', [
    ...(making.isDisabled
      ? []
      : [{ label: making.label, words: making.help ?? '', run: making.run }]),
    ...(kept
      ? [{ ...asSet(state.bench), run: () => takeKept(state.bench, asSet(state.bench).as) }]
      : []),
  ]);
  return null;
}

/** What can be done besides the next act, once something is made. */
function FurtherActs({ state }: { state: DraftingState }) {
  const review = state.reviews[state.bench];
  const making = makingAct(state);
  const next = nextAct(state);
  const isSending = Boolean(sendingAct(state));
  if (!next && !isSending) {
    return null;
  }
  return (
    <>
      {next && isSending && (
        <LinkButton disabled={next.isDisabled ?? false} onClick={next.run}>
          {next.label}
        </LinkButton>
      )}
      <LinkButton disabled={making.isDisabled ?? false} onClick={making.run}>
        {making.label}
      </LinkButton>
      {review && tally(review).kept > 0 && (
        <LinkButton onClick={() => takeKept(state.bench, asSet(state.bench).as)}>
          {asSet(state.bench).label}
        </LinkButton>
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
  usePastedReply(state);
  return (
    <Stack gap="sm" className="draft-place">
      <PlaceHead
        title={i18n._('Draft')}
        facts={review?.items.length ? tallyWords(review) : undefined}
        main={sendingAct(state) ?? nextAct(state) ?? makingAct(state)}
      >
        <FurtherActs state={state} />
      </PlaceHead>
      <Acts state={state} />
      <SegmentedControl
        aria-label={i18n._('What questions are made from')}
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
        <section className="draft-wish" aria-label={i18n._('What is asked for')} tabIndex={-1}>
          <Panel />
        </section>
        <ReviewPanel bench={bench} />
      </div>
    </Stack>
  );
}
