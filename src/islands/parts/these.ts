// What an act is for, with its number: 'these 20', and 'this one' where it is one.
import { i18n } from '../../languages';
export const these = (count: number): string =>
  count === 1 ? i18n._('this one') : i18n._('these {count, number}', { count });
