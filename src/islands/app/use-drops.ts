// Files dropped before what shows where they go has been fetched: they are taken all the same.
import { useEffect, useRef, useState } from 'react';
import { useDropped } from './use-dropped';

/** The name of the area that takes files by itself. */
export const DROP_AREA = 'whole page';

const holdsFiles = (event: DragEvent): boolean =>
  event.dataTransfer?.types.includes('Files') ?? false;
const isTaken = ({ target }: DragEvent): boolean =>
  target instanceof Element && target.closest('[data-drop-area]') !== null;

/**
 * Whether the area that shows where files go is to be fetched: once the pointer or the attention leaves the page, as both do on
 * the way to a file, or one is dragged in. Files that are dropped without it are taken here.
 */
export function useDrops(): boolean {
  const [isWanted, setWanted] = useState(false);
  const { take } = useDropped();
  const latest = useRef(take);
  useEffect(() => {
    latest.current = take;
  });
  useEffect(() => {
    const want = (): void => setWanted(true);
    const over = (event: DragEvent): void => {
      want();
      if (holdsFiles(event)) {
        event.preventDefault();
      }
    };
    const drop = (event: DragEvent): void => {
      if (holdsFiles(event) && !isTaken(event)) {
        event.preventDefault();
        latest.current([...event.dataTransfer!.files]);
      }
    };
    window.addEventListener('blur', want);
    document.documentElement.addEventListener('mouseleave', want);
    window.addEventListener('dragover', over);
    window.addEventListener('drop', drop, true);
    return () => {
      window.removeEventListener('blur', want);
      document.documentElement.removeEventListener('mouseleave', want);
      window.removeEventListener('dragover', over);
      window.removeEventListener('drop', drop, true);
    };
  }, []);
  return isWanted;
}
