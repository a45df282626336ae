// What stands in the places of one question.
import type { Column, Role } from '../model';

/** What stands in the places of a role, the first place first; separators where one place holds several. */
export type Said = {
  get(role: Role): string;
  all(role: Role): string[];
  has(role: Role): boolean;
  separator(role: Role): string | undefined;
  /** The columns of a role, the first place first; none in blocks, whose cells are no columns. */
  columns(role: Role): readonly Column[];
};

/** The roles that typed answers may stand in, the likeliest first. */
export const ANSWER_ROLES: readonly Role[] = ['accepted', 'option', 'key', 'options', 'right'];

/** The answers that were typed out, in the first of the roles that the layout has room for. */
export function typed(said: Said, roles: readonly Role[] = ANSWER_ROLES): string[] {
  const role = roles.find((candidate) => said.has(candidate));
  return role ? said.all(role).filter((text) => text !== '') : [];
}
