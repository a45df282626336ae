// Files dropped before what shows where they go has been fetched: they are taken all the same.
import { useEffect, useRef, useState, type ComponentType } from 'react';
import { DROP_AREA, useDropped } from './use-dropped';

const holdsFiles = (event: DragEvent): boolean =>
  event.dataTransfer?.types.includes('Files') ?? false;
const isTaken = ({ target }: DragEvent): boolean =>
  target instanceof Element && target.closest(`[data-drop-area="${DROP_AREA}"]`) !== null;

/**
 * The area that shows where files go, fetched once the pointer or the attention leaves the page, as both do on the way to a file,
 * or one is dragged in. Files that are dropped without it are taken here.
 */
export function useDrops(): ComponentType | undefined {
  const [Area, setArea] = useState<ComponentType>();
  const { take } = useDropped();
  const latest = useRef(take);
  useEffect(() => {
    latest.current = take;
  });
  useEffect(() => {
    let isAsked = false;
    const want = (): void => {
      if (isAsked) {
        return;
      }
      isAsked = true;
      import('./DropAnywhere').then(
        ({ DropAnywhere }) => setArea(() => DropAnywhere),
        // Without the words files are taken all the same; they may be had later.
        () => (isAsked = false),
      );
    };
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
  return Area;
}
