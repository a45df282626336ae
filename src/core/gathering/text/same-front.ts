// A letter that stands in front of every question besides its label: 'Number 1' above 'Q. Who opens the gate?'.
import { pieceText, type Draft } from './draft';

const LETTER = /^\s*(\p{Lu})\s?[.):]\s+(?=\S)/u;
const LEAST = 2;

/** Takes such a letter off, where all questions have the same one, which counts no options. */
export function takeSameFront(drafts: readonly Draft[]): void {
  const places = drafts.map(({ stem }) => stem.findIndex((piece) => pieceText(piece).trim()));
  const found = drafts.map(({ stem }, at) => {
    const first = stem[places[at]!];
    return first ? LETTER.exec(pieceText(first)) : null;
  });
  const [letter] = new Set(found.map((match) => match?.[1]));
  const isEach = drafts.length >= LEAST && found.every((match) => match?.[1] === letter);
  if (!isEach || letter === undefined || letter === 'A') {
    return;
  }
  drafts.forEach(({ stem }, at) => {
    const first = stem[places[at]!]!;
    stem[places[at]!] = { ...first, from: first.from + found[at]![0].length };
  });
}
