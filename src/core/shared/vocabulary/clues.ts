// What stands above the clues of a crossword, in the languages this program reads; common practice, no source.
import { bareWords } from '../normalise';
import { wholly } from './phrases';

const TITLE = wholly({
  en: ['across', 'down'],
  de: ['waagerecht', 'waagrecht', 'senkrecht'],
  fr: ['horizontal(?:ement)?', 'vertical(?:ement)?'],
  es: ['horizontal(?:es)?', 'vertical(?:es)?'],
  it: ['orizzontal[ei]', 'vertical[ei]'],
  nl: ['horizontaal', 'verticaal'],
  pt: ['horizonta(?:l|is)', 'vertica(?:l|is)'],
  cy: ['ar draws', 'i lawr'],
});
const LONGEST = 24;

/** Whether a line says in which direction the words of the clues below it go. */
export const isCluesTitle = (text: string): boolean =>
  text.length <= LONGEST && TITLE.test(bareWords(text));
