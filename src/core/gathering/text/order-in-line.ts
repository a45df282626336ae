// Steps that stand in one line behind a task, and in their order in its answer: 'Put into order: fill, open, enter'.
import type { Text } from '../../model';
import { alike } from '../../shared/normalise';

const TASK = /^(.{3,}?[:：])\s*(\S.*)$/su;
const FEWEST = 3;
/** What parts steps in a line, what parts most first. */
const SIGNS = ['→', '>', ';', ',', '/', '|', ' - ', ' – '] as const;

const partsOf = (text: string, sign: string): string[] =>
  text
    .replace(/[.。]\s*$/u, '')
    .split(sign)
    .map((part) => part.trim())
    .filter(Boolean);

/** The task and its steps in their order, where an answer says the parts behind the task again, each once; else undefined. */
export function orderInLine(
  stem: string,
  said: string,
): { stem: string; steps: Text[] } | undefined {
  const [, task, listed] = TASK.exec(stem) ?? [];
  if (task === undefined || listed === undefined) {
    return undefined;
  }
  const sameOf = (parts: readonly string[]): string => parts.map(alike).sort().join('\n');
  // What parts the steps of the task may not be what parts those of the answer.
  const answers = SIGNS.map((sign) => partsOf(said, sign));
  for (const sign of SIGNS) {
    const own = partsOf(listed, sign);
    const isList = own.length >= FEWEST && new Set(own.map(alike)).size === own.length;
    const same = sameOf(own);
    const ordered = isList ? answers.find((parts) => sameOf(parts) === same) : undefined;
    if (ordered) {
      return { stem: task, steps: ordered.map((plain) => ({ plain })) };
    }
  }
  return undefined;
}
