// The sign between several right answers in one cell.
import type { Column } from '../../model';
import { bareWords } from '../../shared/normalise';
import { separatorIn, speaksOfKey } from '../key-sentences';
import { isAboutWrong, sentencesOf, type KeyEvidence } from './evidence';

const SEVERAL = /^[\p{L}\p{N}]{1,2}\s?([,;|/+&])\s?[\p{L}\p{N}]{1,2}(?![\p{L}\p{N}])/u;
/** Two keys joined, as an example shows them. */
const EXAMPLE = /(?<![\p{L}\p{N}])(?:[A-J]\s?[,;|/+]\s?[A-J]|\d\s?[,;|/+]\s?\d)(?![\p{L}\p{N}])/u;
const PLACES = /^(?:[A-J]{2,}|[a-j]{2,}|[1-9]{2,})$/u;
/** Whether a sample names several options with nothing between them, one after the other: 'AC'. */
const isGlued = (value: string): boolean =>
  PLACES.test(value) && [...value].every((sign, at) => at === 0 || sign > value[at - 1]!);

/** The sign between several keys: as a sample shows it, else as the notes about the column or the sentences about several say. */
export function separatorOf(
  evidence: KeyEvidence,
  key: Column,
  values: readonly string[],
): string | undefined {
  const shown = values.map((value) => SEVERAL.exec(value)?.[1]).find(Boolean);
  if (shown !== undefined || values.some(isGlued)) {
    return shown ?? '';
  }
  const said = separatorIn(evidence.note(key.column));
  if (said) {
    return said;
  }
  // Other columns join things as well: a sentence about those names them.
  const others = evidence.columns
    .filter((column) => ['tags', 'wrongs', 'accepted', 'category'].includes(column.role))
    .map((column) => bareWords(column.heading ?? ''))
    .filter(Boolean);
  return evidence.words
    .flatMap(sentencesOf)
    .filter(
      (text) =>
        (speaksOfKey(text) || EXAMPLE.test(text)) &&
        !others.some((name) => bareWords(text).includes(name)),
    )
    .filter((text) => !isAboutWrong(text))
    .map(separatorIn)
    .find(Boolean);
}
