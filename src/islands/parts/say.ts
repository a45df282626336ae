// Short messages at the corner of the page, whose corner is fetched with the first of them. What asks for an answer stands in its
// place instead.
import type { NotificationData, notifications } from '@mantine/notifications';
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import { i18n } from '../../languages';

const hold = createStore(() => ({ hasSaid: false }));

/** Whether anything has been said at all. */
export const useHasSaid = (): boolean => useStore(hold, ({ hasSaid }) => hasSaid);

/** The sign that closes a message has no words of its own. */
const closeButtonProps = { 'aria-label': i18n._('Close this message') };

let corner: typeof notifications | undefined;

/** Fetches what shows messages; from then on they are shown as soon as they are said. */
export async function fetchCorner(): Promise<void> {
  corner = (await import('@mantine/notifications')).notifications;
}

async function show(message: NotificationData): Promise<void> {
  hold.setState({ hasSaid: true });
  if (!corner) {
    await fetchCorner();
  }
  corner!.show({ ...message, closeButtonProps });
}

export const say = (message: string): void => void show({ message, color: 'leaf' });
export const sayProblem = (message: string): void =>
  void show({ message, color: 'red', autoClose: 12_000, role: 'alert' });
