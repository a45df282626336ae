// The bank's name with the other banks behind it, and the bank as a file.
import { Button, Menu } from '@mantine/core';
import { useRef, useState } from 'react';
import type { BankInfo } from '../../core/model';
import { fetched } from '../parts/fetched';
import { messageOf } from '../parts/message-of';
import { say, sayProblem } from '../parts/say';
import { useActs } from '../state/acts';
import { useBank } from '../state/bank';
import { openBankFile, saveBankFile } from '../state/bank-file';
import { copyBank, openBank, openDemo, openOwn, otherBanks, resetDemo } from '../state/banks';
import { DEMO } from '../state/demo';
import type { Asked } from './BankDialog';
import { BankRoom } from './BankRoom';
import { CUT_LABEL } from './cut-label';

const BankDialog = fetched(() => import('./BankDialog'));
const EarlierStates = fetched(() => import('./EarlierStates'));
const DEMO_ID = DEMO.id;

/** Hands over the bank as a file, and says what could not go along. */
export function saveAsFile(): void {
  saveBankFile().then(
    ({ missing }) => {
      if (missing.length) {
        sayProblem(
          `The bank is saved as a file, but the browser no longer has the blank of ${missing.join(', ')}; drop it anew to fill it.`,
        );
      }
    },
    (error: unknown) =>
      sayProblem(`The bank could not be made into a file: ${messageOf(error, 'try once more.')}`),
  );
}

async function takeBankFile(file: File): Promise<void> {
  const problem = await openBankFile(file);
  if (problem) {
    sayProblem(problem);
  } else {
    say(`${file.name} is open as a bank of its own.`);
  }
}

/** The list of the computer's files, opened from a menu that closes at once. */
function useBankFile(): { open: () => void; field: React.ReactNode } {
  const input = useRef<HTMLInputElement>(null);
  const field = (
    // The library's own button for files closes with the menu that it would stand in.
    // eslint-disable-next-line no-restricted-syntax -- never seen: only the browser's list of files is
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
          void takeBankFile(file);
        }
      }}
    />
  );
  return { open: () => input.current?.click(), field };
}

export function BankMenu() {
  const name = useBank((state) => state.info.name);
  const id = useBank((state) => state.info.id);
  const [others, setOthers] = useState<BankInfo[]>([]);
  const [asked, setAsked] = useState<Asked | 'earlier' | undefined>();
  const { open, field } = useBankFile();
  useActs('banks', [
    {
      label: 'Open the demo bank',
      words: '60 questions for lock keepers',
      run: () => void openDemo(),
    },
    { label: 'Open my questions', words: 'Your own bank', run: () => void openOwn() },
    { label: 'New bank', words: 'An empty one beside the others', run: () => setAsked('new') },
    { label: 'Rename this bank', words: 'Another name', run: () => setAsked('rename') },
    {
      label: 'Copy this bank',
      words: 'Duplicate, a bank like this one',
      run: () => void copyBank(),
    },
    ...(id === DEMO_ID
      ? []
      : [
          {
            label: 'Remove this bank',
            words: 'Delete, throw away; its file is offered first',
            run: () => setAsked('remove'),
          },
        ]),
    { label: 'Open a bank file', words: 'A zip saved earlier: restore, load', run: open },
    {
      label: 'Save this bank as a file',
      words: 'One zip that comes back as it went: backup, download, share',
      run: saveAsFile,
    },
    {
      label: 'Earlier states of this bank',
      words: 'Go back, restore, automatic copies, history',
      run: () => setAsked('earlier'),
    },
    { label: 'Put the demo back', words: 'As it ships: reset', run: () => void resetDemo() },
  ]);
  return (
    <>
      <Menu position="bottom-start" width={280} onOpen={() => void otherBanks().then(setOthers)}>
        <Menu.Target>
          <Button
            variant="subtle"
            color="slate"
            px="xs"
            maw={220}
            miw={44}
            rightSection="▾"
            title="Other banks"
            data-testid="bank-name"
            styles={{ root: { flexShrink: 1 }, ...CUT_LABEL }}
          >
            {name || 'Opening'}
          </Button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Label>Open</Menu.Label>
          <Menu.Item onClick={() => void openOwn()}>My questions</Menu.Item>
          <Menu.Item onClick={() => void openDemo()}>Demo: lock keepers</Menu.Item>
          {others.map((other) => (
            <Menu.Item key={other.id} onClick={() => void openBank(other)}>
              {other.name}
            </Menu.Item>
          ))}
          <Menu.Item onClick={open}>A bank file …</Menu.Item>
          <Menu.Divider />
          <Menu.Item onClick={() => setAsked('new')}>New bank …</Menu.Item>
          <Menu.Item onClick={() => setAsked('rename')}>Rename this bank …</Menu.Item>
          <Menu.Item onClick={() => void copyBank()}>Copy this bank</Menu.Item>
          {id !== DEMO_ID && (
            <Menu.Item onClick={() => setAsked('remove')}>Remove this bank …</Menu.Item>
          )}
          <Menu.Divider />
          <Menu.Item onClick={saveAsFile}>Save this bank as a file</Menu.Item>
          <Menu.Item onClick={() => setAsked('earlier')}>Earlier states …</Menu.Item>
          <Menu.Item onClick={() => void resetDemo()}>Put the demo back to how it ships</Menu.Item>
          <Menu.Divider />
          <BankRoom />
        </Menu.Dropdown>
      </Menu>
      {field}
      {asked === 'earlier' && <EarlierStates onClose={() => setAsked(undefined)} />}
      {asked && asked !== 'earlier' && (
        <BankDialog asked={asked} onClose={() => setAsked(undefined)} />
      )}
    </>
  );
}
