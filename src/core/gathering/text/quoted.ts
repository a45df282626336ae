// Lines that are set off by the sign of a quotation, "> …", below a question that has its answer.
import type { Collected } from './collected';
import type { Names } from './names';
import { whole, type TypedLine } from './typed-line';

/** So much of a text may be quoted for the rest to be more than its frame. */
const MOSTLY = 0.4;
const isQuoted = ({ line }: TypedLine): boolean => /^\s*>/u.test(line.source ?? '');

/** Whether some lines are set off as quotations, and not the text as a whole, as a forwarded one is. */
export function quotesParts(lines: readonly TypedLine[]): boolean {
  const quoted = lines.filter(isQuoted).length;
  return quoted > 0 && quoted < lines.filter(({ isBlank }) => !isBlank).length * MOSTLY;
}

/** Takes a quoted line below options as more about their question, unless it names what it is; whether it did. */
export function takesQuoted(line: TypedLine, found: Collected, names: Names): boolean {
  const { current } = found;
  if (!current?.options.length || !isQuoted(line) || names.fieldIn(line.text)) {
    return false;
  }
  found.remark(whole(line), line);
  return true;
}
