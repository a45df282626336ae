import { useEffect, useRef } from 'react';
import { useLocation } from 'wouter';

/** Opens a layout that is being kept, unless the person has gone elsewhere before it was. */
export function useOpenLayout(): (kept: Promise<string>) => void {
  const [location, go] = useLocation();
  const here = useRef<string | null>(location);
  useEffect(() => {
    here.current = location;
    return () => {
      here.current = null;
    };
  }, [location]);
  return (kept) => {
    const from = here.current;
    void kept.then((id) => {
      if (here.current === from) {
        go(`/layouts/${id}`);
      }
    });
  };
}
