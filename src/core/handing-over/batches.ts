// Numbered files where there are more questions than one file takes.
import type { Taken } from './taken';

/**
 * The questions in as many files as `most` (questions of the file) asks for; one empty file where there are none. A
 * question that became several stays in one file, even where it alone is over the number.
 */
export function batches(taken: readonly Taken[], most: number): Taken[][] {
  const files: Taken[][] = [[]];
  let room = most;
  for (const question of taken) {
    const size = question.fit.as.length;
    if (size > room && files.at(-1)!.length) {
      files.push([]);
      room = most;
    }
    files.at(-1)!.push(question);
    room -= size;
  }
  return files;
}
