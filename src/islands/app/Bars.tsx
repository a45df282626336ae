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
import { i18n } from '../../languages';

const SHOWN = 90;

const SaveAsFile = () => (
  <LinkButton onClick={saveAsFile}>{i18n._('Save this bank as a file')}</LinkButton>
);

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
          <LinkButton onClick={since.putOff}>{i18n._('Later')}</LinkButton>
        </>
      }
    >
      {i18n._(
        '{steps, number} changes of this bank are in no file yet. They are in this browser alone, which may be cleared.',
        { steps: since.steps },
      )}
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
        isSaved ? (
          <LinkButton onClick={loadNewVersion}>{i18n._('Load it')}</LinkButton>
        ) : (
          i18n._('when all is saved')
        )
      }
    >
      {i18n._('A new version of Cowslip is here.')}
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
          <LinkButton onClick={retrySaving}>{i18n._('Try now')}</LinkButton>
          <SaveAsFile />
        </>
      }
    >
      {i18n._(
        '{unsaved, plural, one {One step is} other {{unsaved, number} steps are}} not saved: {why}. It is tried again by itself; nothing is lost as long as this page stays open.',
        { unsaved, why },
      )}
    </Bar>
  );
}

/** What a clash is about, as people call it. */
function nameOf({ kind, id, mine, theirs }: Conflict): string {
  if (kind === 'items') {
    const item = itemById(id) ?? ((mine ?? theirs) as { ref?: string } | undefined);
    return item?.ref ?? i18n._('A question');
  }
  const known = (bankState()[kind] as readonly { id: string }[]).find((entry) => entry.id === id);
  const layout = (known as Partial<KeptLayout> | undefined)?.layout;
  return layout ? i18n._('The layout {name}', { name: layout.name }) : i18n._('A record');
}

/** What this tab had written there before; nothing where there was nothing. */
const earlierWords = ({ earlier = [] }: Conflict): string =>
  earlier.length
    ? i18n._(' Before that it was to be {earlier}.', {
        earlier: earlier.map((value) => `“${valueWords(value, SHOWN)}”`).join(', '),
      })
    : '';

function sentenceOf(conflict: Conflict): string {
  const { path, mine, theirs } = conflict;
  const name = nameOf(conflict);
  if (path) {
    return i18n._(
      '{name}, {fieldWords}: another tab wrote “{valueWords}”; here it was to be “{valueWords2}”.{earlierWords}',
      {
        name,
        fieldWords: fieldWords(path),
        valueWords: valueWords(theirs, SHOWN),
        valueWords2: valueWords(mine, SHOWN),
        earlierWords: earlierWords(conflict),
      },
    );
  }
  if (!theirs) {
    return i18n._('{name} was removed in another tab. Here it said “{valueWords}”.', {
      name,
      valueWords: valueWords(mine, SHOWN),
    });
  }
  return mine
    ? i18n._(
        '{name} came in from another tab too. There it says “{valueWords}”; here “{valueWords2}”.',
        { name, valueWords: valueWords(theirs, SHOWN), valueWords2: valueWords(mine, SHOWN) },
      )
    : i18n._(
        '{name} was to be removed, but another tab has changed it to “{valueWords}”. It was kept.',
        { name, valueWords: valueWords(theirs, SHOWN) },
      );
}

function mineWords({ path, mine, theirs }: Conflict): string {
  if (path) {
    return i18n._('Use mine');
  }
  return theirs && !mine ? i18n._('Remove it all the same') : i18n._('Bring mine back');
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
            {i18n._('Keep the other')}
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
    void applyEdits(i18n._('Edit {ref}', { ref: item.ref }), [edit]).then(() => answerDraft(draft));
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
          <LinkButton onClick={putIn}>{i18n._('Put it in')}</LinkButton>
          <LinkButton onClick={letGo}>{i18n._('Let it go')}</LinkButton>
        </>
      }
    >
      {i18n._('When the page closed you were typing in {ref}: “{draft}”.', {
        ref: item.ref,
        draft: draft.text.slice(0, 120),
      })}
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
