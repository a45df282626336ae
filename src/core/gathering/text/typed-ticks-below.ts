// Statements with a tick in one of two columns that a line above them heads: 'true   false' above '1. Ice floats.   x'.
import { trueFalseInitials, verdictPair } from '../../shared/vocabulary/verdicts';
import { isLine, OFTEN, retyped, type Lines } from './retyping';

const TAB = '        ';
const HEADS = /^\s*(\p{L}{1,12})\s{2,}(\p{L}{1,12})\s*$/u;
const BOX = String.raw`[([]\s*([xX✓✔]?)\s*[)\]]`;
/** A box below each of the two. */
const BOXED = new RegExp(String.raw`^\s*(\S.*?\S)\s{2,}${BOX}\s+${BOX}\s*$`, 'su');
const TICKED = /^\s*(\S.*?\S)\s{2,}([xX✓✔*+])\s*$/su;

type Heads = { words: readonly [string, string]; places: readonly [number, number] };

const shown = ({ source, text }: Lines[number]): string => (source ?? text).replace(/\t/gu, TAB);

/** Two words for true and false side by side, and where each begins; undefined of any other line. */
function headsIn(text: string): Heads | undefined {
  const [, first, second] = HEADS.exec(text) ?? [];
  const isPair =
    verdictPair([first ?? '', second ?? '']) ?? trueFalseInitials(first ?? '', second ?? '');
  return first && second && isPair
    ? { words: [first, second], places: [text.indexOf(first), text.lastIndexOf(second)] }
    : undefined;
}

/** The head that stands above a place: the one whose middle is nearer. */
function headAt({ words, places }: Heads, at: number): string {
  const [first, second] = words.map((word, n) => Math.abs(places[n]! + word.length / 2 - at)) as [
    number,
    number,
  ];
  return first <= second ? words[0] : words[1];
}

/** A statement and the head that is ticked for it; undefined where none is, or both are. */
function tickedIn(text: string, heads: Heads): string | undefined {
  const [, boxed, first = '', second = ''] = BOXED.exec(text) ?? [];
  if (boxed) {
    const isOne = Boolean(first) !== Boolean(second);
    return isOne ? `${boxed} (${heads.words[first ? 0 : 1]})` : undefined;
  }
  const [, statement] = TICKED.exec(text) ?? [];
  return statement && `${statement} (${headAt(heads, text.trimEnd().length - 1)})`;
}

/** Such statements with the word that is ticked behind them, where each line below the heads has a tick. */
export function ticksBelowHeads(lines: Lines): Lines {
  const at = lines.findIndex((line) => isLine(line) && headsIn(shown(line)) !== undefined);
  const heads = at < 0 ? undefined : headsIn(shown(lines[at]!));
  const below = lines.slice(at + 1).filter((line) => isLine(line) && line.text.trim());
  if (!heads || below.filter((line) => tickedIn(shown(line), heads)).length < OFTEN) {
    return lines;
  }
  return retyped(lines, (row) => {
    if (row === at) {
      return `${heads.words[0]} / ${heads.words[1]}`;
    }
    const text = row > at && isLine(lines[row]!) ? shown(lines[row]!) : '';
    return text ? tickedIn(text, heads) : undefined;
  });
}
