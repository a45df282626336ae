// What the texts of lines look like: questions, numbers, names of options.
import { numberOf } from '../../shared/normalise';

export const ASKS = /[?？؟…:]\s*$|_{2,}/u;
/** Whether a text is a number. */
export const isNumber = (text: string): boolean => numberOf(text) !== undefined;
export const KEYS = /^[[(]?(?:[A-Ja-j]|\d{1,2})[\])]?(?:\s?[,;/&+ ]\s?(?:[A-Ja-j]|\d{1,2}))*$/u;

/** Several letters or numbers of options, with the sign between them. */
export const SEVERAL =
  /^[[(]?(?:[A-Ja-j]|\d{1,2})(\s?[,;/&+ ]\s?)(?:[A-Ja-j]|\d{1,2})(?![\p{L}\p{N}])/u;
