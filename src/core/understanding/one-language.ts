// Tables whose questions stand in two languages side by side, each heading with the code of its own: one of them is read, and the
// others are kept beside it.
import { bareWords } from '../shared/normalise';
import { takenFor, type Assigned } from './assign';
import { roleOfMeaning, type Meaning, type TableView } from './contract';

/** Codes of languages as ISO 639-1 has them, of those that headings are read in. */
const CODES: ReadonlySet<string> = new Set(
  'en de fr es it nl pt cy pl sv da no nb fi cs sk hu ro tr ga gd eu ca ru uk el'.split(' '),
);
const BEHIND = /^(.*?\S)[\s_-]*[([]?([A-Za-z]{2})[)\]]?\s*$/u;

/** A heading without the code of its language, and that code; undefined where it ends with none. */
function coded(heading: string): { words: string; code: string } | undefined {
  const [, words = '', code = ''] = BEHIND.exec(heading) ?? [];
  const isApart = /[\s_([-]/u.test(heading.slice(words.length, words.length + 1));
  return isApart && CODES.has(code.toLowerCase())
    ? { words: bareWords(words), code: code.toLowerCase() }
    : undefined;
}

/** How sure it is that another language of a table is none of its questions' parts. */
const BESIDE = 0.6;

/** A table with the columns of all languages but that of the first question taken for what is only kept. */
export function withOneLanguage(
  { columns, blank }: TableView,
  assigned: readonly Assigned[],
  said: ReadonlyMap<number, Meaning>,
): Assigned[] {
  const headings = columns.map(({ heading }) => coded(heading));
  const asking = assigned.findIndex(({ meaning }) => roleOfMeaning(meaning) === 'stem');
  const own = headings[asking];
  const isTold = (at: number): boolean =>
    headings.some((one) => one?.code === own?.code && one?.words === headings[at]?.words);
  const isOther = (at: number): boolean =>
    headings[at] !== undefined && headings[at].code !== own?.code && isTold(at);
  const asksTwice = headings.some((one, at) => one?.words === own?.words && isOther(at));
  return blank || !own || !asksTwice
    ? [...assigned]
    : assigned.map((one, at) =>
        isOther(at) && !said.has(at) ? takenFor(one, 'tag', BESIDE) : one,
      );
}
