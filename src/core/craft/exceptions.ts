// What a bank does without: a check of the craft as a whole, or at one question, with the reason that somebody gave.

/** A check that one question does without, and why. */
export type CraftException = { check: string; item: string; reason: string };
/** A check that is switched off, by its id, or an exception. */
export type CraftOff = string | CraftException;

/** What an exception of a question is called among the checks that are off. */
export const exceptionName = (check: string, item: string): string => `${check} ${item}`;

/** The names of what is off: ids of checks, and of exceptions. */
export const namesOff = (off: readonly CraftOff[]): string[] =>
  off.map((one) => (typeof one === 'string' ? one : exceptionName(one.check, one.item)));

/** What is off after a check was switched off or on, for a whole bank or (`at`) for one question. */
export function switchedOff(
  off: readonly CraftOff[],
  check: string,
  isOn: boolean,
  at?: Omit<CraftException, 'check'>,
): CraftOff[] {
  const [name] = namesOff([at ? { check, ...at } : check]);
  const others = off.filter((one) => namesOff([one])[0] !== name);
  return isOn ? others : [...others, at ? { check, ...at } : check];
}
