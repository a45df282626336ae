// What learning gives, whatever the blank was.
import type { Layout } from '../model';

/** A layout with a reason for each guess by its path, and the paths that want a look. */
export type LearnedLayout = { layout: Layout; because: Record<string, string>; unsure: string[] };
