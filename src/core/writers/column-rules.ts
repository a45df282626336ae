// What a layout lets stand in a column: one of a list of words, or text up to a length.
import type { Column, Layout, Role } from '../model';
import { optionLetter } from '../shared/plain';

/** Options that a form has where neither its limits nor its columns say how many. */
const USUAL_OPTIONS = 4;

function letters({ limits, columns }: Layout): string[] {
  const places = columns.filter(({ role }) => role === 'option').length;
  const length = limits.optionsMax ?? (places || USUAL_OPTIONS);
  return Array.from({ length }, (_, index) => optionLetter(index));
}

/** The words of a key's cell; none where it takes several letters, or repeats the text of an option. */
function keyWords(layout: Layout): string[] | undefined {
  const { style, separator, right = 'true', wrong = 'false' } = layout.key;
  if (style === 'word') {
    return [right, wrong];
  }
  return style === 'letter' && !separator ? letters(layout) : undefined;
}

/** Roles whose words follow from the layout rather than from the column. */
const WORDS: Partial<Record<Role, (layout: Layout) => string[] | undefined>> = {
  kind: ({ kinds }) => kinds.map(({ code }) => code).filter(Boolean),
  verdict: ({ key }) => [key.right ?? 'correct', key.wrong ?? 'incorrect'],
  key: keyWords,
  seconds: ({ limits }) => limits.seconds?.map(String),
};

/** The words that a column takes; undefined where it takes any text. */
export function wordsOf({ values, role }: Column, layout: Layout): string[] | undefined {
  const words = values?.length ? values : WORDS[role]?.(layout);
  return words?.length ? words : undefined;
}

/** The greatest length of a column's text, in the layout's way of counting; undefined where there is none. */
export function mostOf({ max, role }: Column, { limits }: Layout): number | undefined {
  const byRole: Partial<Record<Role, number | undefined>> = {
    stem: limits.stem,
    option: limits.option,
    right: limits.option,
    wrong: limits.option,
    accepted: limits.option,
    hint: limits.hint,
    explanation: limits.explanation,
    title: limits.title,
  };
  return max ?? byRole[role];
}
