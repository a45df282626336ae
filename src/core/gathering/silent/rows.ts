// Columns that are still open, and the rows that tell what they are.
import type { Role } from '../../model';
import { saysKinds, type Profile } from '../../shared/table/profile';
import type { Region } from '../../shared/table/region';

/** A column as it is understood so far; those with the role `ignore` are still open. */
export type Silent = {
  profile: Profile;
  heading: string;
  role: Role;
  because: string;
  sure: boolean;
};

const SAMPLE = 60;
/** So many of the rows must bear a reading out; a few may be faulty. */
export const DECODES = 0.85;

/** The cells of these columns, row by row. */
export type Rows = readonly (readonly string[])[];

/** The rows that hold more than a word or two, at most so many as a sample needs. */
export function rowsOf(region: Region, first: number, drafts: readonly Silent[]): Rows {
  const rows: string[][] = [];
  for (let r = first; r <= region.bottom && rows.length < SAMPLE; r++) {
    const cells = drafts.map(({ profile }) => region.cell(r, profile.column));
    if (cells.filter(Boolean).length > 2) {
      rows.push(cells);
    }
  }
  return rows;
}

/** Texts that are no key, no mark, no kind and no count. */
export const isText = ({ profile }: Silent): boolean =>
  profile.filled > 0 &&
  profile.letters < 0.7 &&
  profile.verdicts < 0.7 &&
  !saysKinds(profile) &&
  !profile.counts;

/** Says what a column is, and why. */
export function setRole(draft: Silent, role: Role, because: string, sure: boolean): void {
  Object.assign(draft, { role, because, sure });
}
