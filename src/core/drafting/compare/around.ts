// What is told of a reply as a whole: what stands around its questions, and where its keys point.
import type { Asked, Finding } from '../../model';
import { finding } from '../finding';
import { keyOfRow, placeOfKey, type RowItem } from './row-item';
import type { Rows } from './rows';
import { say } from '../../shared/say';

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
      : [
          note(
            'reply-heading',
            'note',
            say('{place} has a heading line; it is left out.', { place }),
            heading,
          ),
        ]),
    ...(hasNumbers
      ? [
          note(
            'reply-numbering',
            'note',
            say('{place} numbers its lines; the numbers are taken off.', { place }),
          ),
        ]
      : []),
    ...(hasLabels
      ? [
          note(
            'reply-labels',
            'note',
            say('{place} puts letters before its options; they are taken off.', { place }),
          ),
        ]
      : []),
    ...(talk.length
      ? [
          note(
            'reply-chatter',
            'note',
            say(
              '{place} has {talk, plural, one {# line} other {# lines}} of talk; {talk, plural, one {it is} other {they are}} left out.',
              { place, talk: talk.length },
            ),
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
          say(
            '{place} has every right option in the same place ({places}): look whether the key is true.',
            { place, places: String.fromCharCode(65 + places[0]!) },
          ),
        ),
      ]
    : [];
}
