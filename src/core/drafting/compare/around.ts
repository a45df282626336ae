// What is told of a reply as a whole: what stands around its questions, and where its keys point.
import type { Asked, Finding } from '../../model';
import { count } from '../../shared/plain';
import { finding } from '../finding';
import { keyOfRow, placeOfKey, type RowItem } from './row-item';
import type { Rows } from './rows';

/** The place of a line. */
export const at = (line: number): Finding['where'] => ({ line });
/** A finding of a reply. */
export const note = (
  rule: string,
  level: Finding['level'],
  message: string,
  line?: number,
): Finding => ({
  ...finding(rule, level, message),
  ...(line === undefined ? {} : { where: at(line) }),
});

/** What a reply has around its questions that was not asked for; all of it is left out. */
export function aroundFindings(
  { talk, heading, hasNumbers, hasLabels }: Rows,
  place: string,
): Finding[] {
  return [
    ...(heading === undefined
      ? []
      : [note('reply-heading', 'note', `${place} has a heading line; it is left out.`, heading)]),
    ...(hasNumbers
      ? [note('reply-numbering', 'note', `${place} numbers its lines; the numbers are taken off.`)]
      : []),
    ...(hasLabels
      ? [
          note(
            'reply-labels',
            'note',
            `${place} puts letters before its options; they are taken off.`,
          ),
        ]
      : []),
    ...(talk.length
      ? [
          note(
            'reply-chatter',
            'note',
            `${place} has ${count(talk.length, 'line')} of talk; ${talk.length === 1 ? 'it is' : 'they are'} left out.`,
            talk[0],
          ),
        ]
      : []),
  ];
}

/** Keys that are all one too far, told by one that points past the last option while none points at the first. */
export function keyOffset(rows: Rows['rows'], asked: Asked): number {
  const options = asked.columns.filter(({ role }) => role === 'option').length;
  if (!options) {
    return 0;
  }
  const places = rows.map((row) => placeOfKey(keyOfRow(row, asked), asked, []) ?? 0);
  if (Math.max(...places) === options && !places.includes(0)) {
    return -1;
  }
  return Math.min(...places) === -1 && !places.includes(options - 1) ? 1 : 0;
}

const FEW = 4;
/** Every right option of a reply at one place is no accident. */
export function onePlace(made: readonly RowItem[], place: string): Finding[] {
  const places = made.flatMap(({ item: { options = [], kind } }) => {
    const right = options.findIndex((option) => option.right);
    return kind === 'true-false' || right < 0 ? [] : [right];
  });
  return places.length >= FEW && new Set(places).size === 1
    ? [
        note(
          'reply-key-one-place',
          'warn',
          `${place} has every right option in the same place (${String.fromCharCode(65 + places[0]!)}): look whether the key is true.`,
        ),
      ]
    : [];
}
