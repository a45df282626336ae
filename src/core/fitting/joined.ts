// Several texts in one cell.
import { Refusal } from './changes';

/** The texts with the receiver's separator between; refused where one of them holds that sign itself. */
export function joined(texts: readonly string[], separator: string): string {
  const clash = texts.find((text) => text.includes(separator.trim() || separator));
  if (clash !== undefined && texts.length > 0) {
    throw new Refusal(
      `“${clash}” holds the sign ${JSON.stringify(separator.trim() || separator)} that the receiver puts between answers`,
    );
  }
  return texts.join(separator);
}
