// Roles that are held to their limits and lists before any cell is filled.
import type { Role } from '../model';

/** Roles whose texts have been through their limits already. */
export const FITTED = new Set<Role>([
  'stem',
  'option',
  'hint',
  'explanation',
  'title',
  'accepted',
  'right',
  'wrong',
  'pair',
  'left',
  'right-side',
  'step',
  'feedback',
]);

/** Roles whose lists of words were held when their field was fitted. */
export const LISTED_ELSEWHERE = new Set<Role>(['seconds', 'kind', 'verdict', 'key']);
