// Greatest lengths that are said without what they count, as others beside them say it.
import type { Region } from '../shared/table/region';
import { bareLimit, characterLimit } from './sentences';

const ALONE = /^(?:max\.?\s*(\d{2,4})|(\d{2,4})\s*max\.?)$/iu;
/** A greatest length that is all a cell below a heading says, "80 max."; undefined of any other text. */
export function lengthAlone(said: string): number | undefined {
  const [, behind, before] = ALONE.exec(said.trim()) ?? [];
  const number = behind ?? before;
  return number === undefined ? undefined : Number(number);
}

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
