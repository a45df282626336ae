// Lines whose labels and names are typed in another script than Latin, with those in Latin script.
import type { DocumentLine } from '../../model';
import {
  hasOtherScript,
  labelInLatin,
  nameInEnglish,
  placeInLatin,
} from '../../shared/vocabulary/other-labels';
import { anew, isLine, OFTEN, type Lines } from './retyping';

/** A line with other signs in its first places and as many as before; its runs keep how they are set. */
function relabelled(line: DocumentLine, text: string): DocumentLine {
  if (text.length !== line.text.length || !line.runs) {
    return { ...anew(line, text), ...(line.label ? { label: labelInLatin(line.label) } : {}) };
  }
  let from = 0;
  const runs = line.runs.map((run) => {
    const own = text.slice(from, from + run.text.length);
    from += run.text.length;
    return { ...run, text: own };
  });
  return { ...line, text, runs };
}

/** Whether lines count with the first and the second letter of another alphabet, as options do. */
const countsOn = (labelled: readonly string[]): boolean =>
  ['a', 'b'].every(
    (letter) =>
      labelled.filter((text) => new RegExp(`^\\W*${letter}\\s?[).:\\]]`, 'i').test(text)).length >=
      1,
  );

/** The lines with labels, names and places for letters in Latin script, where any are typed in another. */
export function inLatinScript(lines: Lines): Lines {
  if (!lines.some(({ text }) => hasOtherScript(text))) {
    return lines;
  }
  const named = lines.map((line) => (isLine(line) ? nameInEnglish(line.text) : undefined));
  const labels = lines.map(({ text }) => labelInLatin(text));
  const changed = labels.filter((text, at) => text !== lines[at]!.text);
  const isCounted = changed.length >= OFTEN && (countsOn(changed) || changed.every(isNumbered));
  return lines.map((line, at) => {
    if (named[at]) {
      return anew(line, named[at]);
    }
    const text = placeInLatin(isCounted ? labels[at]! : line.text);
    return text === line.text ? line : relabelled(line, text);
  });
}

const isNumbered = (text: string): boolean => /^\s*\(?\d/u.test(text);
