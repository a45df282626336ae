// Reasons that say that a person decided it.
import { say, toSay } from './say';

const CHOSEN = toSay('you chose it');
const SAID_FOR = toSay('you said so for {name}');
/** Stands for a name where only the words around it are asked for. */
const ANY = '\u0000';

/** The reason of what a person decided here. */
export const byChoice = (): string => say(CHOSEN);

/** The reason of what was decided at an earlier source or blank. */
export const saidFor = (name: string): string => say(SAID_FOR, { name });

/** Whether a reason says, in the language that is spoken or in English, that a person decided it, here or at an earlier source or blank. */
export function isDecided(because: string): boolean {
  const around = [SAID_FOR.replace('{name}', ANY), saidFor(ANY)].map((text) => text.split(ANY));
  return (
    because === CHOSEN ||
    because === byChoice() ||
    around.some(
      ([before = '', after = '']) => because.startsWith(before) && because.endsWith(after),
    )
  );
}
