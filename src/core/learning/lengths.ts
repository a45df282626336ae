// A greatest length that is said without what it counts, as another beside it says it.
import type { Region } from '../shared/table/region';
import { characterLimit } from './sentences';

/** What is counted may stand between in short, '150 car. max'. */
const MOST = String.raw`(?:(\d{2,4})\s*(?:\p{L}{1,5}\.\s*)?max\.?|max\.?\s*(\d{2,4})(?:\s*\p{L}{1,5}\.)?)`;
const IN_BRACKETS = new RegExp(String.raw`[([]\s*${MOST}\s*[)\]]`, 'iu');
const ALONE = new RegExp(`^[([]?\\s*${MOST}\\s*[)\\]]?$`, 'iu');

/** A greatest length that a heading gives in brackets without its unit: `(200 max)`, `[max. 80]`; two digits at least, since a few are options. */
export const bareLimit = (heading: string): number | undefined => {
  const match = IN_BRACKETS.exec(heading);
  return match ? Number(match[1] ?? match[2]) : undefined;
};

/** A greatest length that is all a cell below a heading says, "80 max." or "(max. 40)"; undefined of any other text. */
export const lengthAlone = (said: string): number | undefined => {
  const match = ALONE.exec(said.trim());
  return match ? Number(match[1] ?? match[2]) : undefined;
};

const NUMBER_BEHIND = /[([]\s*(\d{2,4})\s*[)\]]\s*$/u;

/** A number in brackets behind a heading as its greatest length, where a heading beside it says in brackets what it counts. */
export function limitLikeOthers(
  region: Region,
  headingRow: number | undefined,
  heading: string,
): number | undefined {
  const number = NUMBER_BEHIND.exec(heading)?.[1];
  if (number === undefined || headingRow === undefined) {
    return undefined;
  }
  const others = Array.from({ length: region.right - region.left + 1 }, (_, n) =>
    region.cell(headingRow, region.left + n),
  );
  const saysWhat = (other: string): boolean =>
    /[([][^()[\]]*\d[^()[\]]*[)\]]\s*$/u.test(other) &&
    (characterLimit(other) ?? bareLimit(other)) !== undefined;
  return others.some(saysWhat) ? Number(number) : undefined;
}
