// Lines whose names in front say what they are: an option that is right or wrong, 'Wrong: a wall', or a question's text.
import type { Collected } from './collected';
import type { Names } from './names';
import { plainOfPieces, type Draft } from './draft';
import { whole, type TypedLine } from './typed-line';

/** Takes a line as what its name says; false where it says neither, or no question waits for it. */
export const takesNamed = (line: TypedLine, found: Collected, names: Names): boolean =>
  takesOption(line, found, names) || takesStem(line, found, names);

function takesOption(line: TypedLine, found: Collected, names: Names): boolean {
  const named = names.optionIn(line.text);
  if (!named || !(found.current || found.waits)) {
    return false;
  }
  const to = line.text.trimEnd().length;
  found.addOption(line, { family: 'named', counts: 'bullet', to, mark: 'named', ...named });
  return true;
}

/** Whether a label alone stands for a question, whose text comes below. */
const isEmpty = ({ stem, options }: Draft): boolean =>
  !options.length && stem.every((piece) => plainOfPieces([piece]) === '');

/** Takes a line as the text of the question whose label stands alone above it: 'Question 1 / Stem: …'. */
function takesStem(line: TypedLine, found: Collected, names: Names): boolean {
  const { current } = found;
  const field = current && isEmpty(current) ? names.fieldIn(line.text) : undefined;
  if (!current || field?.role !== 'question') {
    return false;
  }
  current.stem = [{ ...whole(line), from: field.from }];
  return true;
}
