// Clues with the word that they ask for in capitals and brackets behind them, as those of crosswords and anagrams have it:
// '4 It barks (DOG)', '1. TEGA (GATE)'.
import { isCluesTitle } from '../../shared/vocabulary/clues';
import { anew, isLine, type Lines } from './retyping';

const NUMBER = String.raw`(?:[([]?\d{1,3}\s?[.):\]]?\s+)?`;
const IN_CAPITALS = new RegExp(
  String.raw`^\s*${NUMBER}(\S.*?)\s*[([]\s*(\p{Lu}[\p{Lu}'’ -]{1,24}?)\s*[)\]]\s*\.?\s*$`,
  'su',
);
const IN_ANY = new RegExp(
  String.raw`^\s*${NUMBER}(\S.*?)\s*[([]\s*(\p{L}[\p{L}'’ -]{1,24}?)\s*[)\]]\s*\.?\s*$`,
  'su',
);
const FEWEST = 3;
const MOSTLY = 0.7;
/** Words in brackets that come again say something of their lines, and answer none. */
const DISTINCT = 0.8;
const LONGEST_TITLE = 40;
const ASKS = /[?？؟]/u;

const isTitle = ({ text }: Lines[number]): boolean =>
  text.trim() !== '' && text.trim().length <= LONGEST_TITLE;

type Clue = { clue: string; word: string };

/** The clues of a text by their lines; none where few of its lines are such. */
function cluesIn(lines: Lines, pattern: RegExp): (Clue | undefined)[] {
  const found = lines.map((line) => {
    const [, clue, word] = (isLine(line) && pattern.exec(line.text)) || [];
    return clue && word ? { clue, word } : undefined;
  });
  const clues = found.filter((one) => one !== undefined);
  const filled = lines.filter(
    (line, at) => line.text.trim() && !(found[at + 1] && !found[at] && isTitle(line)),
  ).length;
  const areMost = clues.length >= FEWEST && clues.length >= filled * MOSTLY;
  const distinct = new Set(clues.map(({ word }) => word.toLowerCase())).size;
  // Questions with their answers in brackets are known by their signs.
  const areClues = !clues.some(({ clue }) => ASKS.test(clue));
  return areMost && areClues && distinct >= clues.length * DISTINCT ? found : [];
}

/** Such clues as questions with their answers, the titles above them as those of parts. */
export function cluesAnswered(lines: Lines): Lines {
  const isCrossword = lines.some((line) => isLine(line) && isCluesTitle(line.text));
  const found = cluesIn(lines, isCrossword ? IN_ANY : IN_CAPITALS);
  if (!found.length) {
    return lines;
  }
  return lines.flatMap((line, at) => {
    const own = found[at];
    if (own) {
      return [anew(line, `Question: ${own.clue}`), anew(line, `Answer: ${own.word}`)];
    }
    return [found[at + 1] && isTitle(line) ? { ...line, heading: 1 } : line];
  });
}
