// What a text of a form offers to choose from.

const TWO =
  /(?<![\p{L}\d])(\p{L}+)\s*(?:\/|\||\bor\b|\boder\b|\bou\b|\bo\b|\bof\b|\beller\b)\s*(?=(\p{L}+))/giu;

/** Each two words between which a text offers the choice, "yes / no", "(across or down)". */
export const offered = (text: string): string[][] =>
  [...text.matchAll(TWO)].map(([, first, second]) => [first!, second!]);
