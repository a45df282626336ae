// The choice that a worksheet offers beside a statement: 'T / F', '(richtig oder falsch)'.
import { verdictPair, type VerdictPair } from '../../shared/vocabulary/verdict-pairs';

const WORD = String.raw`[([]?\s*\p{L}{1,12}(?: \p{L}{1,8})?\s*[)\]]?`;
const BETWEEN = String.raw`\s*(?:\/|\||–|—|\s-\s|\s(?:or|oder|ou|o|of|eller|lub|neu)\s)\s*`;
const TWO = `(${WORD})${BETWEEN}(${WORD})`;
/** Behind a statement: at its end, parted by a blank or in brackets. */
const BEHIND = new RegExp(String.raw`(?:\s|(?<=[.!]))[([{]?\s*${TWO}\s*[)\]}]?\s*\.?\s*$`, 'u');
const ANYWHERE = new RegExp(
  String.raw`(?<![\p{L}])(\p{L}{1,12})${BETWEEN}(?:(?:par|mit|con|met|com|with)\s)?(\p{L}{1,12})(?![\p{L}])`,
  'gu',
);
/** So much of the end of a statement is looked at. */
const LONGEST = 50;

const bare = (word: string): string => word.replace(/[()[\]\s]+/gu, ' ').trim();

/** Two letters or words that only blanks part, behind the end of a sentence: 'Paper is made of wood. T F'. */
const SIDE_BY_SIDE = /(?<=[.!]["'”’)]*)\s+(\p{L}{1,12})\s+(\p{L}{1,12})\s*$/u;

/** The statement without the choice behind it, and the two words; undefined where none is offered. */
export function offeredBehind(text: string): { at: number; pair: VerdictPair } | undefined {
  const start = Math.max(0, text.length - LONGEST);
  const end = text.slice(start);
  const match = BEHIND.exec(end) ?? SIDE_BY_SIDE.exec(end);
  const pair = match ? verdictPair([bare(match[1]!), bare(match[2]!)]) : undefined;
  return match && pair && start + match.index > 0 ? { at: start + match.index, pair } : undefined;
}

const LETTER_BEHIND = /\s*[([]\p{L}[)\]]/gu;

/** The two words between which a line lets one choose: 'True or false?', 'Juist of onjuist?'; undefined where it offers none. */
export function pairOffered(text: string): VerdictPair | undefined {
  // Their letters may stand behind the words: 'vera (V) o falsa (F)'.
  for (const [, first, second] of text.replace(LETTER_BEHIND, '').matchAll(ANYWHERE)) {
    const pair = verdictPair([first!, second!]);
    if (pair) {
      return pair;
    }
  }
  return undefined;
}

/** Whether a line speaks of judging statements. */
export const offersVerdicts = (text: string): boolean => pairOffered(text) !== undefined;

/** So many words offer two verdicts, and ask nothing else. */
const OFFER = 4;

/** Whether a line is nothing but the offer to judge statements. */
export const isOffer = (text: string): boolean =>
  offersVerdicts(text) && text.trim().split(/[\s/]+/u).length <= OFFER;
