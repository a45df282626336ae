// The bank's name with the other banks behind it, and the bank as a file.
import { Menu } from '@mantine/core';
import { useRef, useState } from 'react';
import type { BankInfo } from '../../core/model';
import { messageOf } from '../parts/message-of';
import { say, sayProblem } from '../parts/say';
import { useBank } from '../state/bank';
import { openBankFile, saveBankFile } from '../state/bank-file';
import { openBank, openDemo, openOwn, otherBanks, resetDemo } from '../state/banks';

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

export function BankMenu() {
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
            <Menu.Item key={other.id} onClick={() => void openBank(other)}>
              {other.name}
            </Menu.Item>
          ))}
          <Menu.Item onClick={() => input.current?.click()}>A bank file …</Menu.Item>
          <Menu.Divider />
          <Menu.Item onClick={saveAsFile}>Save this bank as a file</Menu.Item>
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
