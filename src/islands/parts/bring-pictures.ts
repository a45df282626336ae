// Pictures added to a question, with what came and what did not said.
import { addPictures } from '../state/pictures';
import { say, sayProblem } from './say';
import { i18n } from '../../languages';

export async function bringPictures(id: string, files: readonly File[]): Promise<void> {
  const { added, refused } = await addPictures(id, files);
  if (added) {
    say(
      i18n._(
        '{added, plural, one {# picture} other {# pictures}} added. Undo takes {added, plural, one {it} other {them}} back.',
        { added },
      ),
    );
  }
  if (refused.length) {
    sayProblem(refused.join(' '));
  }
}
