// Moments as lists show them.
import { locale } from '../../languages';

/** A moment as lists show it. */
export const when = (at: string): string =>
  new Date(at).toLocaleString(locale(), {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
  });
