// Short messages at the corner of the page. What asks for an answer stands in its place instead.
import { notifications } from '@mantine/notifications';

/** The sign that closes a message has no words of its own. */
const closeButtonProps = { 'aria-label': 'Close this message' };

export const say = (message: string): void => {
  notifications.show({ message, color: 'leaf', closeButtonProps });
};
export const sayProblem = (message: string): void => {
  notifications.show({
    message,
    color: 'red',
    autoClose: 12_000,
    role: 'alert',
    closeButtonProps,
  });
};
