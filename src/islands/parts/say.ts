// Short messages at the corner of the page. What asks for an answer stands in its place instead.
import { notifications } from '@mantine/notifications';
import { i18n } from '../../languages';

/** The sign that closes a message has no words of its own. */
const closeButtonProps = { 'aria-label': i18n._('Close this message') };

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
