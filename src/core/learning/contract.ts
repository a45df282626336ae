// What learning gives, whatever the blank was.
import type { Layout } from '../model';

/** A layout with a reason for each guess by its path, and the paths that want a look. */
export type LearnedLayout = { layout: Layout; because: Record<string, string>; unsure: string[] };

/** A learned layout that is unsure of one path more. */
export const doubted = (learned: LearnedLayout, path: string): LearnedLayout => ({
  ...learned,
  unsure: [...new Set([...learned.unsure, path])],
});
