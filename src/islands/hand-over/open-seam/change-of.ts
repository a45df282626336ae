// What a change is about.
import type { Change, Layout } from '../../../core/model';
import { i18n } from '../../../languages';

const PART = /^parts\.(\d+)\./;

/** A field's place within its question: 'options.2' for 'parts.1.options.2'. */
export const placeOf = (field: string): string => field.replace(PART, '');
export const fieldOf = ({ field }: Change): string => placeOf(field);

/** Which of the questions that one became: 0 for the first. */
export const partOf = ({ field }: Change): number => Number(PART.exec(field)?.[1] ?? 0);

const TEXTS = /^(?:stem$|options|accepted|pairs|steps|gaps|hint|explanation|title)/;

/** Whether a text can be written in its place for this receiver alone. */
export const isText = (change: Change): boolean => TEXTS.test(fieldOf(change));

/** Time limits offered in place of the one that was taken. */
const OFFERED = 2;

/** The receiver's other time limits, the nearest first. */
export function otherSeconds(change: Change, { limits }: Layout): number[] {
  if (fieldOf(change) !== 'seconds') {
    return [];
  }
  const from = Number(change.from);
  return (limits.seconds ?? [])
    .filter((seconds) => String(seconds) !== change.to)
    .sort((a, b) => Math.abs(a - from) - Math.abs(b - from))
    .slice(0, OFFERED);
}

const SHOWN_ELSEWHERE = new Set(['seconds', 'kind']);

/** The sentence of a change, with what it becomes where no cell beside it says so. */
export function sentenceOf(change: Change): string {
  const isSaid = !change.to || SHOWN_ELSEWHERE.has(fieldOf(change)) || isText(change);
  return `${change.why}.${isSaid ? '' : i18n._(' Becomes {to}.', { to: change.to })}`;
}
