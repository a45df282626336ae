// Words of sets that stand in several of their parts.
import { i18n } from '../../languages';
const MINUTE = 60;

/** A time in minutes and seconds: '4 min 30 s'. */
export const timeWords = (seconds: number): string =>
  [
    seconds >= MINUTE ? i18n._('{floor, number} min', { floor: Math.floor(seconds / MINUTE) }) : '',
    seconds % MINUTE ? `${seconds % MINUTE} s` : '',
  ]
    .filter(Boolean)
    .join(' ');
