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

/** The words of a heading, and the code of the language behind them. */
type Coded = { words: string; code: string };

/** A heading without the code of its language, and that code; undefined where it ends with none. */
function coded(heading: string): Coded | undefined {
  const [, words = '', code = ''] = BEHIND.exec(heading) ?? [];
  const isApart = /[\s_([-]/u.test(heading.slice(words.length, words.length + 1));
  return isApart && CODES.has(code.toLowerCase())
    ? { words: bareWords(words), code: code.toLowerCase() }
    : undefined;
}

/** What a heading with a code may say at least so often in each language for their turns to tell. */
const LEAST_EACH = 3;

/** Whether each language has as many columns as the others, in the same turn: their words are those of their own language. */
function inTheSameTurn(headings: readonly (Coded | undefined)[]): boolean {
  const codes = headings.flatMap((one) => one?.code ?? []);
  const [first = '', second] = [...new Set(codes)];
  const each = codes.filter((code) => code === first).length;
  const places = codes.flatMap((code, at) => (code === first ? [at] : []));
  const steps = new Set(places.slice(1).map((at, index) => at - places[index]!));
  const isEven = [...new Set(codes)].every(
    (code) => codes.filter((one) => one === code).length === each,
  );
  return second !== undefined && each >= LEAST_EACH && isEven && steps.size === 1;
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
  const inTurn = inTheSameTurn(headings);
  const isTold = (at: number): boolean =>
    inTurn || headings.some((one) => one?.code === own?.code && one?.words === headings[at]?.words);
  const isOther = (at: number): boolean =>
    headings[at] !== undefined && headings[at].code !== own?.code && isTold(at);
  const asksTwice = inTurn || headings.some((one, at) => one?.words === own?.words && isOther(at));
  return blank || !own || !asksTwice
    ? [...assigned]
    : assigned.map((one, at) =>
        isOther(at) && !said.has(at) ? takenFor(one, 'tag', BESIDE) : one,
      );
}
