// A file dropped anywhere on any place: a blank where layouts are taught, a source everywhere else.
import { useEffect, useState } from 'react';
import { useLocation } from 'wouter';
import { bringFiles } from '../state/gather';
import { teachBlanks } from '../state/layouts';

export function useFileDrop(): { over: boolean; words: string } {
  const [over, setOver] = useState(false);
  const [path, go] = useLocation();
  const blank = path.startsWith('/layouts') || path.startsWith('/hand-over');
  useEffect(() => {
    const holdsFile = (event: DragEvent): boolean =>
      [...(event.dataTransfer?.types ?? [])].includes('Files');
    const onOver = (event: DragEvent): void => {
      if (holdsFile(event)) {
        event.preventDefault();
        setOver(true);
      }
    };
    const onLeave = (event: DragEvent): void => {
      if (!event.relatedTarget) {
        setOver(false);
      }
    };
    const onDrop = (event: DragEvent): void => {
      if (!holdsFile(event)) {
        return;
      }
      event.preventDefault();
      setOver(false);
      const files = [...(event.dataTransfer?.files ?? [])];
      if (!files.length) {
        return;
      }
      if (blank) {
        go('/layouts');
        void teachBlanks(files).then((id) => id && go(`/layouts/${id}`));
      } else {
        go('/gather');
        void bringFiles(files);
      }
    };
    document.addEventListener('dragover', onOver);
    document.addEventListener('dragleave', onLeave);
    document.addEventListener('drop', onDrop);
    return () => {
      document.removeEventListener('dragover', onOver);
      document.removeEventListener('dragleave', onLeave);
      document.removeEventListener('drop', onDrop);
    };
  }, [blank, go]);
  return {
    over,
    words: blank
      ? 'Drop receivers’ blanks to teach them'
      : 'Drop the files to look at their questions',
  };
}
