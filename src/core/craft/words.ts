// Words that several checks of the craft look for, in the languages this program reads.
import type { Item, Option } from '../model';
import { bareWords } from '../shared/normalise';

/** Words that turn a question round. */
const NEGATIVES =
  'not|except|never|isnt|arent|doesnt|cannot|nicht|kein|keine|keiner|keinen|ausser|pas|sauf|jamais|excepto|nunca|niet|geen|behalve|non|tranne|eccetto|nao|exceto|ddim';
const NEGATIVE = new RegExp(
  `(?<![\\p{L}'’])(?:${NEGATIVES}|no es|n['’]est pas|isn['’]t|aren['’]t|doesn['’]t|außer|não)(?![\\p{L}])`,
  'iu',
);

/** The first word of a text that turns it round; undefined where there is none. */
export const negativeIn = (text: string): string | undefined => NEGATIVE.exec(text)?.[0];

/** Words that leave no exception. */
const ABSOLUTE =
  /(?<!\p{L})(?:always|never|all|none|only|completely|every|immer|niemals|nie|alle|ausschließlich|toujours|jamais|tous|siempre|nunca|todos|altijd|nooit|sempre|mai)(?!\p{L})/iu;
/** The first word of a text that leaves no exception; undefined where there is none. */
export const absoluteIn = (text: string): string | undefined => ABSOLUTE.exec(text)?.[0];

/** Whether a question offers options of which one or several are right; true and false are none. */
export const offersChoices = ({ kind, options = [] }: Item): boolean =>
  (kind === 'choice-one' || kind === 'choice-many') && options.length > 1;

/** The texts of a question's options. */
export const optionTexts = ({ options = [] }: Item): string[] =>
  options.map(({ text }) => text.plain.trim());

/** The one right option with its place; undefined where several are right, or none. */
export function soleRight({ options = [] }: Item): { option: Option; at: number } | undefined {
  const at = options.findIndex(({ right }) => right);
  return at >= 0 && options.filter(({ right }) => right).length === 1
    ? { option: options[at]!, at }
    : undefined;
}

const LEAST_LETTERS = 5;
/** The words of a text that carry its meaning: long ones, without accents. */
export const contentWords = (text: string): string[] =>
  bareWords(text)
    .split(' ')
    .filter((word) => word.length >= LEAST_LETTERS && !/^\d+$/.test(word));

const NUMBER = /^[^\d\p{L}-]{0,2}(-?\d+(?:[.,]\d+)?)\s*[\p{L}%°€£$/²³]{0,12}\.?$/u;
/** The number that an option is; undefined where it is more than a number with its unit. */
export const numberIn = (text: string): number | undefined => {
  const digits = NUMBER.exec(text.trim())?.[1];
  return digits === undefined ? undefined : Number(digits.replace(',', '.'));
};

const ALL =
  /^(?:all (?:of )?(?:the |these |those )?(?:above|answers|options|these|of these|of them)|alle (?:antworten|genannten|oben genannten|bovenstaande).*|toutes (?:les|ces) r[ée]ponses.*|todas las anteriores|tutte le precedenti|todas as anteriores|alles hierboven)\.?$/iu;
const NONE =
  /^(?:none (?:of )?(?:the |these |those )?(?:above|answers|options|these|of these|of them)|keine (?:der|von).*|aucune (?:des|de ces).*|ninguna de las anteriores|nessuna delle precedenti|nenhuma das anteriores|geen van (?:bovenstaande|deze).*)\.?$/iu;
/** Whether an option says that all of the others are right. */
export const saysAll = (text: string): boolean => ALL.test(text.trim());
/** Whether an option says that none of the others is right. */
export const saysNone = (text: string): boolean => NONE.test(text.trim());
