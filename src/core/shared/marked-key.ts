// How marked text tells its right options, by its signs.
import type { Layout } from '../model';

/** The key that signs make: letters where a line names the right options, else a sign in front of them. */
export const keyOfMarks = ({ keyLine, right }: NonNullable<Layout['marks']>): Layout['key'] =>
  keyLine ? { style: 'letter' } : { style: 'marker', marker: right };
