// Several texts in one cell.
import { refusal } from './changes';

/** The texts with the receiver's separator between; refused where one of them holds that sign itself. */
export function joined(texts: readonly string[], separator: string): string {
  const clash = texts.find((text) => text.includes(separator.trim() || separator));
  if (clash !== undefined && texts.length > 0) {
    throw refusal('separator-in-text', { text: clash, sign: separator.trim() || separator });
  }
  return texts.join(separator);
}
