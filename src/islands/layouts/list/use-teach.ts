// Teaching blanks, and going to what was learned of a single one.
import { useCallback } from 'react';
import { useLocation } from 'wouter';
import { teachBlanks } from '../../state/layouts';

export type Teach = (files: readonly File[]) => void;

export function useTeach(): Teach {
  const [, go] = useLocation();
  return useCallback(
    (files) => {
      void teachBlanks(files).then((id) => id && go(`/layouts/${id}`));
    },
    [go],
  );
}
