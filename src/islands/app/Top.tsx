// The bar on top: the bank, search and commands, undo, and whether everything is saved.
import { useMantineColorScheme } from '@mantine/core';
import { spotlight } from '@mantine/spotlight';
import IconMoon from '@tabler/icons-react/dist/esm/icons/IconMoon.mjs';
import IconSun from '@tabler/icons-react/dist/esm/icons/IconSun.mjs';
import { redo, undo, useBank, type SaveState as Save } from '../state/bank';
import { openDemo } from '../state/banks';
import { BankMenu } from './BankMenu';

const clock = (at: Date | undefined): string =>
  at?.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' }) ?? '';

const WORDS: Record<Save['state'], (save: Save) => string> = {
  saving: () => 'Saving …',
  saved: ({ at }) => `Saved ${clock(at)}`,
  failed: ({ unsaved }) => `Not saved: ${unsaved} ${unsaved === 1 ? 'step' : 'steps'}`,
  memory: () => 'In this page only',
};

function SaveState() {
  const save = useBank((state) => state.save);
  return (
    <span className={`save ${save.state}`} role="status" data-testid="save" title={save.why}>
      {WORDS[save.state](save)}
    </span>
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

export function Top() {
  const undoLabel = useBank((state) => state.undo.at(-1)?.step.label);
  const redoLabel = useBank((state) => state.redo.at(-1)?.step.label);
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
