// The state of a question as a sign and a word.
import { VisuallyHidden } from '@mantine/core';
import { LEVEL_WORDS, SIGNS } from './Finding';

export type State = 'fine' | 'warn' | 'block';

/** `fine` is the word for a question with nothing against it. */
export function StateSign({ state, fine }: { state: State; fine: string }) {
  return (
    <>
      <span aria-hidden>{state === 'fine' ? '✓' : SIGNS[state]}</span>
      <VisuallyHidden>{state === 'fine' ? fine : LEVEL_WORDS[state]}</VisuallyHidden>
    </>
  );
}
