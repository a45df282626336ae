// What a check of the craft is: a note on how a question is written, by published guidelines. One file each.
import type { ItemCheck } from '../checks';

export type CraftCheck = Omit<ItemCheck, 'level'>;

/**
 * The guidelines most of these come from: Haladyna, Downing and Rodriguez, A Review of Multiple-Choice Item-Writing
 * Guidelines for Classroom Assessment, Applied Measurement in Education 15 (2002), 309-333; they number thirty-one. The
 * numbers and wordings here are from memory.
 */
export const GUIDELINES = 'Haladyna, Downing and Rodriguez (2002), from memory';
