// What a page says of its parts: words to press that hide the rest, 'Show answer' and the answer, and classes that name remarks.
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { attribute, childrenOf, isElement, type Element } from '../../shared/html/tree';

/** Longer words to press say more than what they show. */
const FEW_WORDS = 5;

/** The word that names what is shown, among the words to press: 'answer' in 'Show the answer'; undefined where none does. */
function namedIn(words: string, text: string): string | undefined {
  const all = words
    .replace(/[^\p{L}\s]+/gu, ' ')
    .trim()
    .split(/\s+/u);
  return all.length > FEW_WORDS
    ? undefined
    : all
        .flatMap((_, from) => all.slice(from, from + 1))
        .find((word) => fieldOfLine(`${word}: ${text}`) !== undefined);
}

/** The words to press of an element that hides the rest of it; undefined of any other. */
export const pressedOf = (element: Element): Element | undefined =>
  element.tagName === 'details'
    ? childrenOf(element)
        .filter(isElement)
        .find(({ tagName }) => tagName === 'summary')
    : undefined;

/** What stands in front of what was hidden, 'answer: ', where the words to press name it and it doesn't name itself. */
export function nameInFront(words: string, text: string): string {
  const isNamed = fieldOfLine(text) !== undefined;
  const name = isNamed || !text.trim() || text.includes('\n') ? undefined : namedIn(words, text);
  return name ? `${name}: ` : '';
}

const REMARKS: ReadonlySet<string> = new Set(['explanation', 'feedback', 'hint']);

/** The word for a remark, 'feedback: ', that the class of an element names, where its text does not name itself; empty elsewhere. */
export function remarkInFront(element: Element, text: string): string {
  const words = attribute(element, 'class')
    .split(/[\s_-]+/u)
    .filter(Boolean);
  const isNamed = fieldOfLine(text) !== undefined;
  const word = words.find((one) => REMARKS.has(fieldOfLine(`${one}: x`)?.role ?? ''));
  return word && text.trim() && !isNamed ? `${word}: ` : '';
}
