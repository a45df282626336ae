// What packages of open standards have a place for, besides questions and answers.
import type { Layout, Role } from '../model';

const IN_EVERY_PACKAGE: readonly Role[] = [
  'title',
  'explanation',
  'feedback',
  'kind',
  'points',
  'category',
];
/** What a cartridge has no place for, other packages have. */
const IN_TEST_PACKAGES: readonly Role[] = [
  ...IN_EVERY_PACKAGE,
  'ref',
  'seconds',
  'attempts',
  'tags',
];

/** The roles that a package of a layout's standard has a place for; pictures go along with their texts. */
export const rolesOfPackage = ({ file }: Layout): readonly Role[] =>
  file.standard === 'common-cartridge-1.3' ? IN_EVERY_PACKAGE : IN_TEST_PACKAGES;
