// The list of commands, fetched when it is first asked for.
import type { ComponentType } from 'react';
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import { sayProblem } from '../parts/say';
import { i18n } from '../../languages';

const hold = createStore<{ List?: ComponentType }>(() => ({}));

/** Opens the list of commands, or closes it where it is open. */
export async function toggleCommands(): Promise<void> {
  try {
    const [{ Commands }, { spotlight }] = await Promise.all([
      import('./Commands'),
      import('@mantine/spotlight'),
    ]);
    hold.setState({ List: Commands });
    spotlight.toggle();
  } catch {
    sayProblem(i18n._('The commands could not be fetched. Look whether the program still runs.'));
  }
}

/** The list, from when it has been asked for. */
export const useCommandList = (): ComponentType | undefined => useStore(hold, ({ List }) => List);
