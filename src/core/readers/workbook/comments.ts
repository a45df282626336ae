// Notes that hang on cells.
import type { Sheet } from '../../model';
import { parseRange } from '../../shared/cells';
import { parseXml } from '../xml';

/** The notes on the cells of a sheet. */
export function readComments(xml: string): Sheet['comments'] {
  const comments: Sheet['comments'] = [];
  let place: { top: number; left: number } | undefined;
  let inText = false;
  let text = '';
  parseXml(xml, {
    open(name, a) {
      if (name === 'comment') {
        place = parseRange(a['ref'] ?? '');
        text = '';
      } else if (name === 't') {
        inText = true;
      }
    },
    text(piece) {
      if (inText) {
        text += piece;
      }
    },
    close(name) {
      if (name === 't') {
        inText = false;
      } else if (name === 'comment' && place) {
        comments.push({ row: place.top, column: place.left, text: text.trim() });
      }
    },
  });
  return comments;
}
