// Pictures added to a question, with what came and what did not said.
import { count } from '../../core/shared/plain';
import { addPictures } from '../state/pictures';
import { say, sayProblem } from './say';

export async function bringPictures(id: string, files: readonly File[]): Promise<void> {
  const { added, refused } = await addPictures(id, files);
  if (added) {
    say(`${count(added, 'picture')} added. Undo takes ${added === 1 ? 'it' : 'them'} back.`);
  }
  if (refused.length) {
    sayProblem(refused.join(' '));
  }
}
