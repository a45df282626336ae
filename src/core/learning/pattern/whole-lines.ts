// Samples whose lines each say all of a question.
import { tellTruth } from './beside';
import { byLines, type Blocks } from './blocks';
import { gapsIn } from './classes';

/** Whether each line says all of a question by itself: a sentence with gaps between the same signs, or a statement with its verdict. */
function areWhole(parted: readonly Blocks[]): boolean {
  const lines = parted.flatMap(({ blocks }) => blocks.flat());
  const signs = lines.map(({ text }) => gapsIn(text)?.open);
  const areGaps = signs[0] !== undefined && signs.every((sign) => sign === signs[0]);
  return areGaps || (lines.length > 1 && tellTruth(lines));
}

/** The lines of such a sample as a question each; undefined of another one. */
export function wholeLines(lines: readonly string[]): Blocks[] | undefined {
  const parted = byLines(lines);
  return areWhole(parted) ? parted : undefined;
}
