// What the texts of lines look like: questions, numbers, names of options.
import { numberOf } from '../../shared/normalise';

export const ASKS = /[?？؟…:]\s*$|_{2,}/u;
/** Whether a text is a number. */
export const isNumber = (text: string): boolean => numberOf(text) !== undefined;
export const KEYS = /^[[(]?(?:[A-Ja-j]|\d{1,2})[\])]?(?:\s?[,;/&+ ]\s?(?:[A-Ja-j]|\d{1,2}))*$/u;

/** Several letters or numbers of options, with the sign between them. */
export const SEVERAL =
  /^[[(]?(?:[A-Ja-j]|\d{1,2})(\s?[,;/&+ ]\s?)(?:[A-Ja-j]|\d{1,2})(?![\p{L}\p{N}])/u;

/** What questions are called by: a number of several figures, or letters in front of one. */
const CODE = /^\p{Lu}{1,6}[-_.]?\d{1,6}$|^\d{2,6}$/u;

/** Whether texts are codes, each another one. */
export const areCodes = (texts: readonly string[]): boolean =>
  texts.length > 1 &&
  new Set(texts).size === texts.length &&
  texts.every((text) => CODE.test(text));
