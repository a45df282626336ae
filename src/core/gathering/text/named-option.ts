// An option whose name in front says whether it is right: 'Wrong: a wall'.
import type { Collected } from './collected';
import type { Names } from './names';
import type { TypedLine } from './typed-line';

/** Takes a line as such an option; false where it is none, or no question waits for one. */
export function takesNamed(line: TypedLine, found: Collected, names: Names): boolean {
  const named = names.optionIn(line.text);
  if (!named || !(found.current || found.waits)) {
    return false;
  }
  const to = line.text.trimEnd().length;
  found.addOption(line, { family: 'named', counts: 'bullet', to, mark: 'named', ...named });
  return true;
}
