// What a blank's samples show that its headings and words do not say.
import type { LearnedLayout } from '../learning';
import type { Table } from '../model';
import { withGapsShown } from './gaps-shown';
import { withKindsShown } from './kinds-shown';
import { withRowsShown } from './rows-shown';

/** A learned layout with the rows, the kinds and the gaps that its blank's samples show. */
export const withSamplesShown = (learned: LearnedLayout, table: Table): LearnedLayout =>
  withGapsShown(withKindsShown(withRowsShown(learned, table), table), table);
