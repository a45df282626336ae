// What a dropped file becomes where one is: a blank where layouts are taught, answers in Results, a source everywhere else.
import { useLocation } from 'wouter';
import { bringPictures } from '../parts/bring-pictures';
import { itemById } from '../state/bank';
import { bringFiles } from '../state/gather';
import { teachBlanks } from '../state/layouts';
import { arePictures } from '../state/pictures';
import { bringResults } from '../state/sittings';
import { useView } from '../state/view';
import { i18n } from '../../languages';

/** The name of the area that takes files by itself. */
export const DROP_AREA = 'whole page';

const teaches = (path: string): boolean =>
  path.startsWith('/layouts') || path.startsWith('/hand-over');

/** The question that the bank shows beside its grid; pictures that are dropped there are its own. */
function useShownQuestion(path: string): string | undefined {
  const shown = useView((view) => view.shown);
  return path.startsWith('/bank') && shown && itemById(shown) ? shown : undefined;
}

function wordsAt(path: string, shown: string | undefined): string {
  if (shown) {
    return i18n._('Drop pictures for {ref}, or files to look at their questions', {
      ref: itemById(shown)!.ref,
    });
  }
  if (path.startsWith('/results')) {
    return i18n._('Drop files of answers to see what they say of the questions');
  }
  return teaches(path)
    ? i18n._('Drop receivers’ blanks to teach them')
    : i18n._('Drop the files to look at their questions');
}

/** What to do with files that are dropped, and the words for it. */
export function useDropped(): { take: (files: File[]) => void; words: string } {
  const [path, go] = useLocation();
  const shown = useShownQuestion(path);
  const take = (files: File[]): void => {
    if (shown && arePictures(files)) {
      void bringPictures(shown, files);
    } else if (path.startsWith('/results')) {
      void bringResults(files).then((id) => id && go(`/results/${id}`));
    } else if (teaches(path)) {
      go('/layouts');
      void teachBlanks(files).then((id) => id && go(`/layouts/${id}`));
    } else {
      go('/gather');
      void bringFiles(files);
    }
  };
  return { take, words: wordsAt(path, shown) };
}
