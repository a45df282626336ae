// Reasons that say that a person decided it.

export const CHOSEN = 'you chose it';
const SAID_FOR = 'you said so for ';

/** The reason of what was decided at an earlier source or blank. */
export const saidFor = (name: string): string => SAID_FOR + name;

/** Whether a reason says that a person decided it, here or at an earlier source or blank. */
export const isDecided = (because: string): boolean =>
  because === CHOSEN || because.startsWith(SAID_FOR);
