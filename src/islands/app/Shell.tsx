// What stands around every place: the bar with bank, search, undo and save state, and the rail of places.
import { Menu, useMantineColorScheme } from '@mantine/core';
import { spotlight } from '@mantine/spotlight';
import IconMoon from '@tabler/icons-react/dist/esm/icons/IconMoon.mjs';
import IconSun from '@tabler/icons-react/dist/esm/icons/IconSun.mjs';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { Link, useLocation } from 'wouter';
import { applyEdits } from '../bank/edits';
import { itemById, redo, settleConflict, undo, useBank } from '../state/bank';
import { useHandOver } from '../state/hand-over';
import { takeDraft, type Draft } from '../state/draft';
import type { BankInfo } from '../../core/model';
import {
  openBankFile,
  openDemo,
  openOther,
  openOwn,
  otherBanks,
  resetDemo,
  saveBankFile,
} from '../state/banks';
import { say, sayProblem } from '../parts/say';
import { isTyping } from '../parts/keys';
import { useFileDrop } from './use-file-drop';

const clock = (at: Date | undefined): string =>
  at?.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' }) ?? '';

function SaveState() {
  const save = useBank((state) => state.save);
  const words =
    save.state === 'saving'
      ? 'Saving …'
      : save.state === 'failed'
        ? `Not saved: ${save.why ?? ''}`
        : `Saved ${clock(save.at)}`;
  return (
    <span className={`save ${save.state}`} role="status" data-testid="save">
      {words}
    </span>
  );
}

function BankMenu() {
  const info = useBank((state) => state.info);
  const [others, setOthers] = useState<BankInfo[]>([]);
  const input = useRef<HTMLInputElement>(null);
  const take = async (file: File): Promise<void> => {
    const problem = await openBankFile(file);
    if (problem) {
      sayProblem(problem);
    } else {
      say(`${file.name} is open as a bank of its own.`);
    }
  };
  return (
    <>
      <Menu position="bottom-start" width={280} onOpen={() => void otherBanks().then(setOthers)}>
        <Menu.Target>
          <button type="button" className="bank-name" title="Other banks">
            {info.name || 'Opening'} ▾
          </button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Label>Open</Menu.Label>
          <Menu.Item onClick={() => void openOwn()}>My questions</Menu.Item>
          <Menu.Item onClick={() => void openDemo()}>Demo: lock keepers</Menu.Item>
          {others.map((other) => (
            <Menu.Item key={other.id} onClick={() => void openOther(other)}>
              {other.name}
            </Menu.Item>
          ))}
          <Menu.Item onClick={() => input.current?.click()}>A bank file …</Menu.Item>
          <Menu.Divider />
          <Menu.Item onClick={() => void saveBankFile()}>Save this bank as a file</Menu.Item>
          <Menu.Item onClick={() => void resetDemo()}>Put the demo back to how it ships</Menu.Item>
        </Menu.Dropdown>
      </Menu>
      <input
        ref={input}
        type="file"
        hidden
        accept=".zip"
        data-testid="bank-file"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) {
            void take(file);
          }
        }}
      />
    </>
  );
}

function DemoButton() {
  const bank = useBank((state) => state.info.id);
  return bank === 'demo' || !bank ? null : (
    <button type="button" className="quiet" onClick={() => void openDemo()}>
      Open the demo
    </button>
  );
}

function SchemeSwitch() {
  const { colorScheme, setColorScheme } = useMantineColorScheme();
  const dark =
    colorScheme === 'dark' ||
    (colorScheme === 'auto' &&
      typeof document !== 'undefined' &&
      document.documentElement.dataset['mantineColorScheme'] === 'dark');
  return (
    <button
      type="button"
      className="quiet"
      aria-label={dark ? 'Light scheme' : 'Dark scheme'}
      onClick={() => setColorScheme(dark ? 'light' : 'dark')}
    >
      {dark ? <IconSun size={17} aria-hidden /> : <IconMoon size={17} aria-hidden />}
    </button>
  );
}

function Top() {
  const undoLabel = useBank((state) => state.undo.at(-1)?.label);
  const redoLabel = useBank((state) => state.redo.at(-1)?.label);
  return (
    <header className="top">
      <span className="brand">Cowslip</span>
      <BankMenu />
      <DemoButton />
      <button type="button" className="find" onClick={() => spotlight.open()}>
        <span>Find a question or a command</span>
        <kbd>Ctrl K</kbd>
      </button>
      <div className="top-end">
        <button
          type="button"
          className="quiet"
          aria-disabled={!undoLabel}
          onClick={() => void undo()}
          title={undoLabel ? `Undo: ${undoLabel}` : 'Nothing to undo'}
        >
          Undo
        </button>
        <button
          type="button"
          className="quiet"
          aria-disabled={!redoLabel}
          onClick={() => void redo()}
          title={redoLabel ? `Redo: ${redoLabel}` : 'Nothing to redo'}
        >
          Redo
        </button>
        <SaveState />
        <SchemeSwitch />
      </div>
    </header>
  );
}

type Count = { text: string; look?: boolean };

function RailLink({
  to,
  name,
  count,
  words,
}: {
  to: string;
  name: string;
  count?: Count;
  words?: string;
}) {
  const [path] = useLocation();
  return (
    <Link href={to} aria-current={path.startsWith(to) ? 'page' : undefined}>
      {name}
      {count && (
        <span className={`count ${count.look ? 'look' : ''}`}>
          {count.text}
          {words && <span className="visually-hidden"> {words}</span>}
        </span>
      )}
    </Link>
  );
}

function Rail() {
  const waiting = useBank((state) => state.waiting);
  const questions = useBank((state) => state.items.length);
  const blocking = useBank((state) => {
    let n = 0;
    for (const list of state.findings.values()) {
      if (list.some((finding) => finding.level === 'block')) {
        n++;
      }
    }
    return n;
  });
  const layouts = useBank((state) => state.layouts.length);
  const changing = useHandOver().columns.reduce((sum, column) => sum + column.counts[1], 0);
  const receipts = useBank((state) => state.receipts.length);
  const sources = useBank((state) => state.sources.length);
  return (
    <nav className="rail" aria-label="Places">
      <RailLink
        to="/gather"
        name="Gather"
        {...(waiting ? { count: { text: String(waiting), look: true }, words: 'to agree to' } : {})}
      />
      <RailLink
        to="/bank"
        name="Bank"
        count={{ text: String(questions), look: blocking > 0 }}
        words={blocking ? `questions, ${blocking} blocked` : 'questions'}
      />
      <RailLink to="/layouts" name="Layouts" count={{ text: String(layouts) }} words="layouts" />
      <RailLink
        to="/hand-over"
        name="Hand over"
        {...(changing
          ? { count: { text: String(changing), look: true }, words: 'questions with changes' }
          : {})}
      />
      <RailLink to="/rehearse" name="Rehearse" />
      <span className="rest" />
      <RailLink
        to="/records"
        name="Records"
        count={{ text: String(receipts + sources) }}
        words="sources and receipts"
      />
      <RailLink to="/help" name="Help" />
    </nav>
  );
}

/** Undo, redo and help wherever one is; a text being typed keeps its own keys. */
function useKeys(): void {
  const [, go] = useLocation();
  useEffect(() => {
    const press = (event: KeyboardEvent): void => {
      if (event.key === '?' && !event.ctrlKey && !event.metaKey && !isTyping(event.target)) {
        go('/help');
        return;
      }
      if (!(event.ctrlKey || event.metaKey) || isTyping(event.target)) {
        return;
      }
      const key = event.key.toLowerCase();
      if (key === 'z' && !event.shiftKey) {
        event.preventDefault();
        void undo();
      } else if (key === 'y' || (key === 'z' && event.shiftKey)) {
        event.preventDefault();
        void redo();
      }
    };
    document.addEventListener('keydown', press);
    return () => document.removeEventListener('keydown', press);
  }, [go]);
}

function Conflicts() {
  const conflicts = useBank((state) => state.conflicts);
  return conflicts.map(({ id, theirs, mine }) => (
    <div className="bar warn" role="alert" key={id}>
      <span>
        {mine?.ref} was changed in another tab meanwhile. There it says “
        {theirs?.item.stem.plain.slice(0, 90) ?? 'nothing, it was removed'}”; here it said “
        {mine?.stem.plain.slice(0, 90)}”.
      </span>
      <button type="button" className="link" onClick={() => settleConflict(id, true)}>
        Use mine
      </button>
      <button type="button" className="link" onClick={() => settleConflict(id, false)}>
        Keep the other
      </button>
    </div>
  ));
}

/** Text that was being typed when the page closed or crashed: offered, never put in unasked. */
function DraftBar() {
  const phase = useBank((state) => state.phase);
  const bank = useBank((state) => state.info.id);
  const [draft, setDraft] = useState<Draft>();
  useEffect(() => {
    if (phase === 'ready') {
      void takeDraft(bank).then(setDraft);
    }
  }, [phase, bank]);
  const item = draft && itemById(draft.item);
  if (!draft || !item) {
    return null;
  }
  return (
    <div className="bar warn" role="status">
      <span>
        When the page closed you were typing in {item.ref}: “{draft.text.slice(0, 120)}”.
      </span>
      <button
        type="button"
        className="link"
        onClick={() => {
          void applyEdits(`Edit ${item.ref}`, [
            { id: item.id, field: draft.field, text: draft.text },
          ]);
          setDraft(undefined);
        }}
      >
        Put it in
      </button>
      <button type="button" className="link" onClick={() => setDraft(undefined)}>
        Let it go
      </button>
    </div>
  );
}

export function Shell({ children }: { children: ReactNode }) {
  useKeys();
  const drop = useFileDrop();
  return (
    <div className="shell">
      <Top />
      <Rail />
      <main className={`place ${drop.over ? 'dropping' : ''}`} data-drop={drop.words} tabIndex={-1}>
        <Conflicts />
        <DraftBar />
        {children}
      </main>
    </div>
  );
}
