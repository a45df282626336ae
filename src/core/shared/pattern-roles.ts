// The roles that a receiver's pattern has lines for.
import type { Kind, Part, Pattern, Role } from '../model';

const ROLES: Partial<Record<Part['role'], Role>> = {
  card: 'accepted',
  options: 'option',
  feedbacks: 'feedback',
};

/** The roles of all parts; a question and its options are always among them. */
export const rolesOfPattern = ({ forms }: Pattern): Role[] => [
  'stem',
  'option',
  ...forms
    .flatMap(({ parts }) => parts)
    .flatMap(({ role, feedback, feedbackLine, title, points, category, tolerance }): Role[] => [
      ROLES[role] ?? (role as Role),
      ...(feedback === undefined && !feedbackLine ? [] : ['feedback' as const]),
      ...(title ? ['title' as const] : []),
      ...(points ? ['points' as const] : []),
      ...(category ? ['category' as const] : []),
      ...(tolerance ? ['tolerance' as const] : []),
    ]),
];

/** Whether questions of a kind say true or false by a word of the pattern's own, in place of their options. */
export const saysTruthByWord = ({ forms }: Pattern, kind: Kind): boolean =>
  forms.find(({ kinds }) => kinds.includes(kind))?.parts.some(({ words }) => words !== undefined) ??
  false;
