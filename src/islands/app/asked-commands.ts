// The list of commands, fetched when it is first asked for.
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';

const hold = createStore(() => ({ isAsked: false }));

/** Opens the list of commands, or closes it where it is open. */
export function toggleCommands(): void {
  hold.setState({ isAsked: true });
  void import('@mantine/spotlight').then(({ spotlight }) => spotlight.toggle());
}

/** Whether the list has been asked for at all. */
export const useAsked = (): boolean => useStore(hold, ({ isAsked }) => isAsked);
