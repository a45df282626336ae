// The bank's name with the other banks behind it, and the bank as a file.
import { Button, Menu } from '@mantine/core';
import { useRef, useState } from 'react';
import type { BankInfo } from '../../core/model';
import { fetched } from '../parts/fetched';
import { messageOf } from '../parts/message-of';
import { say, sayProblem } from '../parts/say';
import { useActs, type Act } from '../state/acts';
import { useBank } from '../state/bank';
import { openBankFile, saveBankFile } from '../state/bank-file';
import { copyBank, openBank, openDemo, openOwn, otherBanks, resetDemo } from '../state/banks';
import { DEMO } from '../state/demo';
import type { Asked } from './BankDialog';
import { BankRoom } from './BankRoom';
import { CUT_LABEL } from './cut-label';
import { i18n } from '../../languages';

const BankDialog = fetched(() => import('./BankDialog'));
const EarlierStates = fetched(() => import('./EarlierStates'));
const DEMO_ID = DEMO.id;

/** Hands over the bank as a file, and says what could not go along. */
export function saveAsFile(): void {
  saveBankFile().then(
    ({ missing }) => {
      if (missing.length) {
        sayProblem(
          i18n._(
            'The bank is saved as a file, but the browser no longer has the blank of {missing}; drop it anew to fill it.',
            { missing: missing.join(', ') },
          ),
        );
      }
    },
    (error: unknown) =>
      sayProblem(
        i18n._('The bank could not be made into a file: {messageOf}', {
          messageOf: messageOf(error, i18n._('try once more.')),
        }),
      ),
  );
}

async function takeBankFile(file: File): Promise<void> {
  const problem = await openBankFile(file);
  if (problem) {
    sayProblem(problem);
  } else {
    say(i18n._('{name} is open as a bank of its own.', { name: file.name }));
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

/** What may be done with banks; `ask` opens the dialog that asks for what is needed first. */
const actsOf = ({
  id,
  ask,
  open,
}: {
  id: string;
  ask: (what: Asked | 'earlier') => void;
  open: () => void;
}): Act[] => [
  {
    label: i18n._('Open the demo bank'),
    words: i18n._('60 questions for lock keepers'),
    run: () => void openDemo(),
  },
  {
    label: i18n._('Open my questions'),
    words: i18n._('Your own bank'),
    run: () => void openOwn(),
  },
  {
    label: i18n._('New bank'),
    words: i18n._('An empty one beside the others'),
    run: () => ask('new'),
  },
  {
    label: i18n._('Rename this bank'),
    words: i18n._('Another name'),
    run: () => ask('rename'),
  },
  {
    label: i18n._('Copy this bank'),
    words: i18n._('Duplicate, a bank like this one'),
    run: () => void copyBank(),
  },
  ...(id === DEMO_ID
    ? []
    : [
        {
          label: i18n._('Remove this bank'),
          words: i18n._('Delete, throw away; its file is offered first'),
          run: () => ask('remove'),
        },
      ]),
  {
    label: i18n._('Open a bank file'),
    words: i18n._('A zip saved earlier: restore, load'),
    run: open,
  },
  {
    label: i18n._('Save this bank as a file'),
    words: i18n._('One zip that comes back as it went: backup, download, share'),
    run: saveAsFile,
  },
  {
    label: i18n._('Earlier states of this bank'),
    words: i18n._('Go back, restore, automatic copies, history'),
    run: () => ask('earlier'),
  },
  {
    label: i18n._('Put the demo back'),
    words: i18n._('As it ships: reset'),
    run: () => void resetDemo(),
  },
];

export function BankMenu() {
  const name = useBank((state) => state.info.name);
  const id = useBank((state) => state.info.id);
  const [others, setOthers] = useState<BankInfo[]>([]);
  const [asked, setAsked] = useState<Asked | 'earlier' | undefined>();
  const { open, field } = useBankFile();
  useActs('banks', actsOf({ id, ask: setAsked, open }));
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
            title={i18n._('Other banks')}
            data-testid="bank-name"
            styles={{ root: { flexShrink: 1 }, ...CUT_LABEL }}
          >
            {name || i18n._('Opening')}
          </Button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Label>{i18n._('Open')}</Menu.Label>
          <Menu.Item onClick={() => void openOwn()}>{i18n._('My questions')}</Menu.Item>
          <Menu.Item onClick={() => void openDemo()}>{i18n._('Demo: lock keepers')}</Menu.Item>
          {others.map((other) => (
            <Menu.Item key={other.id} onClick={() => void openBank(other)}>
              {other.name}
            </Menu.Item>
          ))}
          <Menu.Item onClick={open}>{i18n._('A bank file …')}</Menu.Item>
          <Menu.Divider />
          <Menu.Item onClick={() => setAsked('new')}>{i18n._('New bank …')}</Menu.Item>
          <Menu.Item onClick={() => setAsked('rename')}>{i18n._('Rename this bank …')}</Menu.Item>
          <Menu.Item onClick={() => void copyBank()}>{i18n._('Copy this bank')}</Menu.Item>
          {id !== DEMO_ID && (
            <Menu.Item onClick={() => setAsked('remove')}>{i18n._('Remove this bank …')}</Menu.Item>
          )}
          <Menu.Divider />
          <Menu.Item onClick={saveAsFile}>{i18n._('Save this bank as a file')}</Menu.Item>
          <Menu.Item onClick={() => setAsked('earlier')}>{i18n._('Earlier states …')}</Menu.Item>
          <Menu.Item onClick={() => void resetDemo()}>
            {i18n._('Put the demo back to how it ships')}
          </Menu.Item>
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
