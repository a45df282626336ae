// Short messages at the corner of the page, which is fetched once the page stands. What asks for an answer stands in its place
// instead.
import type { NotificationData, notifications } from '@mantine/notifications';
import type { ComponentType } from 'react';
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import { i18n } from '../../languages';

type Corner = { show: typeof notifications.show; Shown: ComponentType };
const hold = createStore<Partial<Corner>>(() => ({}));

/** What shows the messages, once it is there. */
export const useCorner = (): ComponentType | undefined => useStore(hold, ({ Shown }) => Shown);

/** Fetches what shows messages; from then on they are shown as soon as they are said. */
export async function fetchCorner(): Promise<Corner> {
  const [{ notifications: own }, { Corner: Shown }] = await Promise.all([
    import('@mantine/notifications'),
    import('./Corner'),
  ]);
  hold.setState({ show: own.show, Shown });
  return { show: own.show, Shown };
}

/** The sign that closes a message has no words of its own. */
const closeButtonProps = { 'aria-label': i18n._('Close this message') };

async function show(message: NotificationData): Promise<void> {
  const said = hold.getState().show ?? (await fetchCorner()).show;
  said({ ...message, closeButtonProps });
}

export const say = (message: string): void => void show({ message, color: 'leaf' });
export const sayProblem = (message: string): void =>
  void show({ message, color: 'red', autoClose: 12_000, role: 'alert' });
