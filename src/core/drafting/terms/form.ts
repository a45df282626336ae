// The form of a text: what gives away at a glance that one option is not like the others.
import { alike } from '../../shared/normalise';

/** Articles are one form: neither 'the gate' nor 'a gate' stands out beside the other. */
const ARTICLES = new Set(
  "a an the ein eine der die das un une le la l' el los las una il lo gli de het een en ett".split(
    ' ',
  ),
);
/** A first word that begins so large a share of the texts, and is so short, is a lead: an article, 'to', 'zu'. */
const LEAD_SHARE = 0.08;
const LEAD_LENGTH = 4;

const sameLead = (word: string): string => (ARTICLES.has(word) ? 'article' : word);
const firstWord = (text: string): string => /^[\p{L}']+(?=\s)/u.exec(text)?.[0] ?? '';

/** The short first words that begin many of the texts, as their form. */
export function leadsOf(texts: readonly string[]): ReadonlySet<string> {
  const counts = new Map<string, number>();
  for (const text of texts) {
    const word = sameLead(firstWord(alike(text)));
    if (word === 'article' || (word && word.length <= LEAD_LENGTH)) {
      counts.set(word, (counts.get(word) ?? 0) + 1);
    }
  }
  const least = Math.max(2, texts.length * LEAD_SHARE);
  return new Set([...counts].filter(([, n]) => n >= least).map(([word]) => word));
}

/** Lengths in words: one, a few, a phrase, a sentence, more. */
const BANDS = [1, 3, 7, 14, 30];

const NUMBER = /^[~≈<>]?\s*[-+]?\d[\d.,\s]*(.*)$/u;

/** Of a number, whether something stands behind it and whether that is a unit; other texts by their letters. */
function lettersOf(text: string): string {
  const number = NUMBER.exec(text);
  if (number) {
    return number[1]!.trim() ? `number ${number[1]!.trim().toLowerCase()}` : 'number';
  }
  const isCapital = /^\p{Lu}/u.test(text);
  // Two letters are a sign ('Fe', 'pH'), not a word.
  if (/^\p{L}{1,2}$/u.test(text)) {
    return 'sign';
  }
  return isCapital ? 'capital' : 'small';
}

/** What two texts must share to stand side by side unnoticed; equal strings are equal forms. */
export type Form = { letters: string; lead: string; band: number; isSentence: boolean };

/** The form of a text, where these leads are known. */
export function formOf(text: string, leads: ReadonlySet<string>): Form {
  const like = alike(text);
  const first = sameLead(firstWord(like));
  const words = like.split(' ').filter(Boolean).length;
  return {
    letters: lettersOf(text.trim()),
    lead: leads.has(first) ? first : '',
    band: BANDS.filter((most) => words > most).length,
    isSentence: /[.!?]$/u.test(text.trim()),
  };
}

/** A form as one word, by which texts of it are found. */
export const formKey = ({ letters, lead, band, isSentence }: Form): string =>
  `${letters}|${lead}|${band}|${isSentence}`;

/** How much of two forms is the same, from 0 to 1. A number beside a word, or a sign beside a word, is nothing alike. */
export function sameForm(a: Form, b: Form): number {
  const [kindA, kindB] = [a.letters.split(' ')[0], b.letters.split(' ')[0]];
  const isWordA = kindA === 'capital' || kindA === 'small';
  const isWordB = kindB === 'capital' || kindB === 'small';
  if (isWordA !== isWordB || (!isWordA && kindA !== kindB)) {
    return 0;
  }
  return (
    0.3 +
    0.2 * Number(a.letters === b.letters) +
    0.2 * Number(a.lead === b.lead) +
    0.2 * Math.max(0, 1 - Math.abs(a.band - b.band) / 2) +
    0.1 * Number(a.isSentence === b.isSentence)
  );
}
