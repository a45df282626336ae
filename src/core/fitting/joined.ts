// Several texts in one cell.
import { refusal } from './changes';
import type { Context } from './context';

/** The texts with the receiver's separator between; refused where one of them holds that sign itself. */
export function joined(texts: readonly string[], separator: string): string {
  const clash = texts.find((text) => text.includes(separator.trim() || separator));
  if (clash !== undefined && texts.length > 0) {
    throw refusal('separator-in-text', { text: clash, sign: separator.trim() || separator });
  }
  return texts.join(separator);
}

/** The texts of a role that has one cell for all of them. */
export const inOneCell = (
  role: 'options' | 'wrongs',
  texts: readonly string[],
  context: Context,
): string[] => [joined(texts, context.having(role)[0]!.separator ?? ';')];
