// What drafting says of a whole list, template or reply.
import type { Finding } from '../model';

/** A finding about no question in particular. */
export const finding = (rule: string, level: Finding['level'], message: string): Finding => ({
  rule,
  level,
  message,
});
