// What the user must know wherever they are: what is not saved, what another tab changed, what was being typed.
import { useEffect, useState } from 'react';
import type { Conflict } from '../../store/port';
import type { KeptLayout } from '../../core/model';
import { Bar } from '../parts/Bar';
import { applyEdits } from '../parts/edits';
import { LinkButton } from '../parts/LinkButton';
import { bankState, itemById, retrySaving, settleConflict, useBank } from '../state/bank';
import { answerDraft, watchDrafts, type Draft } from '../state/draft';
import { loadNewVersion, useOffline } from '../state/offline';
import { useSinceFile } from '../state/since-file';
import { saveAsFile } from './BankMenu';
import { fieldWords } from '../parts/field-words';
import { valueWords } from '../parts/value-words';

const SHOWN = 90;

const SaveAsFile = () => <LinkButton onClick={saveAsFile}>Save this bank as a file</LinkButton>;

/** What is to be known of the store. */
export function Notice() {
  const notice = useBank((state) => state.notice);
  return notice ? (
    <Bar tone="warn" role="alert" acts={<SaveAsFile />}>
      {notice}
    </Bar>
  ) : null;
}

/** Much was done since the bank was last saved as a file. */
export function NoFile() {
  const bank = useBank((state) => state.info.id);
  const isSaved = useBank((state) => state.save.unsaved === 0);
  const since = useSinceFile(bank);
  return since && isSaved ? (
    <Bar
      tone="note"
      role="status"
      acts={
        <>
          <SaveAsFile />
          <LinkButton onClick={since.putOff}>Later</LinkButton>
        </>
      }
    >
      {since.steps} changes of this bank are in no file yet. They are in this browser alone, which
      may be cleared.
    </Bar>
  ) : null;
}

/** A newer edition of the program lies ready; it is loaded when all is saved. */
export function NewVersion() {
  const isReady = useOffline((state) => state.isNewReady);
  const isSaved = useBank((bank) => bank.save.unsaved === 0);
  return isReady ? (
    <Bar
      tone="note"
      role="status"
      acts={
        isSaved ? <LinkButton onClick={loadNewVersion}>Load it</LinkButton> : 'when all is saved'
      }
    >
      A new version of Cowslip is here.
    </Bar>
  ) : null;
}

/** Steps that the disk does not have, with what can be done about it. */
export function Unsaved() {
  const { state, why, unsaved } = useBank((bank) => bank.save);
  if (state !== 'failed') {
    return null;
  }
  return (
    <Bar
      tone="block"
      role="alert"
      acts={
        <>
          <LinkButton onClick={retrySaving}>Try now</LinkButton>
          <SaveAsFile />
        </>
      }
    >
      {unsaved === 1 ? 'One step is' : `${unsaved} steps are`} not saved: {why}. It is tried again
      by itself; nothing is lost as long as this page stays open.
    </Bar>
  );
}

/** What a clash is about, as people call it. */
function nameOf({ kind, id, mine, theirs }: Conflict): string {
  if (kind === 'items') {
    const item = itemById(id) ?? ((mine ?? theirs) as { ref?: string } | undefined);
    return item?.ref ?? 'A question';
  }
  const known = (bankState()[kind] as readonly { id: string }[]).find((entry) => entry.id === id);
  const layout = (known as Partial<KeptLayout> | undefined)?.layout;
  return layout ? `The layout ${layout.name}` : 'A record';
}

/** What this tab had written there before; nothing where there was nothing. */
const earlierWords = ({ earlier = [] }: Conflict): string =>
  earlier.length
    ? ` Before that it was to be ${earlier.map((value) => `“${valueWords(value, SHOWN)}”`).join(', ')}.`
    : '';

function sentenceOf(conflict: Conflict): string {
  const { path, mine, theirs } = conflict;
  const name = nameOf(conflict);
  if (path) {
    return `${name}, ${fieldWords(path)}: another tab wrote “${valueWords(theirs, SHOWN)}”; here it was to be “${valueWords(mine, SHOWN)}”.${earlierWords(conflict)}`;
  }
  if (!theirs) {
    return `${name} was removed in another tab. Here it said “${valueWords(mine, SHOWN)}”.`;
  }
  return mine
    ? `${name} came in from another tab too. There it says “${valueWords(theirs, SHOWN)}”; here “${valueWords(mine, SHOWN)}”.`
    : `${name} was to be removed, but another tab has changed it to “${valueWords(theirs, SHOWN)}”. It was kept.`;
}

function mineWords({ path, mine, theirs }: Conflict): string {
  if (path) {
    return 'Use mine';
  }
  return theirs && !mine ? 'Remove it all the same' : 'Bring mine back';
}

/** Every field that two tabs changed, with both texts. */
export function Conflicts() {
  const conflicts = useBank((state) => state.conflicts);
  return conflicts.map((conflict) => (
    <Bar
      key={`${conflict.id} ${conflict.path}`}
      tone="warn"
      role="alert"
      acts={
        <>
          <LinkButton onClick={() => void settleConflict(conflict, true)}>
            {mineWords(conflict)}
          </LinkButton>
          <LinkButton onClick={() => void settleConflict(conflict, false)}>
            Keep the other
          </LinkButton>
        </>
      }
    >
      {sentenceOf(conflict)}
    </Bar>
  ));
}

function DraftBar({ draft, onDone }: { draft: Draft; onDone: () => void }) {
  const item = itemById(draft.item);
  if (!item) {
    return null;
  }
  const putIn = (): void => {
    const edit = { id: item.id, field: draft.field, text: draft.text };
    void applyEdits(`Edit ${item.ref}`, [edit]).then(() => answerDraft(draft));
    onDone();
  };
  const letGo = (): void => {
    answerDraft(draft);
    onDone();
  };
  return (
    <Bar
      tone="warn"
      role="status"
      acts={
        <>
          <LinkButton onClick={putIn}>Put it in</LinkButton>
          <LinkButton onClick={letGo}>Let it go</LinkButton>
        </>
      }
    >
      When the page closed you were typing in {item.ref}: “{draft.text.slice(0, 120)}”.
    </Bar>
  );
}

/** Texts that were being typed when a page closed or crashed: offered, never put in unasked. */
export function Drafts() {
  const phase = useBank((state) => state.phase);
  const bank = useBank((state) => state.info.id);
  const [drafts, setDrafts] = useState<readonly Draft[]>([]);
  useEffect(() => {
    if (phase !== 'ready') {
      return undefined;
    }
    const stop = watchDrafts(bank, (more) => setDrafts((drafts) => [...drafts, ...more]));
    return () => {
      stop();
      setDrafts([]);
    };
  }, [phase, bank]);
  return drafts.map((draft) => (
    <DraftBar
      key={`${draft.item} ${draft.field} ${draft.from}`}
      draft={draft}
      onDone={() => setDrafts(drafts.filter((other) => other !== draft))}
    />
  ));
}
