// Steps that stand in one line behind a task, and in their order in its answer: 'Put into order: fill, open, enter'.
import type { Text } from '../../model';
import { alike } from '../../shared/normalise';

const TASK = /^(.{3,}?[:：])\s*(\S.*)$/su;
const FEWEST = 3;

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
  for (const sign of [';', ',', '/', '|', ' - ', ' – ']) {
    const own = partsOf(listed, sign);
    const ordered = partsOf(said, sign);
    const isSame = [...own].map(alike).sort().join('\n') === ordered.map(alike).sort().join('\n');
    if (own.length >= FEWEST && isSame && new Set(own.map(alike)).size === own.length) {
      return { stem: task, steps: ordered.map((plain) => ({ plain })) };
    }
  }
  return undefined;
}
