// Questions that are known by a letter and a number or a letter alone, as the answers below all of them name them: 'B1 … ____' above
// 'B1 mycelium', 'a) … ____' above '(a: tongs, b: bellows)'.
import { letterPlace } from '../../shared/plain';
import {
  anew,
  countUp,
  isLine,
  keyHeading,
  namesAnswers,
  OFTEN,
  retyped,
  type Lines,
} from './retyping';
import { asksOutright, drawnIn } from './typed-line';

const CODED = /^\s*([A-H]\s?\d{1,2})\s*[.):]?\s+(\S.*)$/su;
const FEWEST = 3;
const MOSTLY = 0.8;

type Coded = { at: number; code: string; text: string };

const codedIn = (lines: Lines, from: number, to: number): Coded[] =>
  lines.slice(from, to).flatMap((line, n) => {
    const [, code, text] = (isLine(line) && CODED.exec(line.text)) || [];
    return code && text ? [{ at: from + n, code: code.replace(/\s/u, ''), text }] : [];
  });

/** Such questions and answers counted through, where both have nearly the same codes, each once. */
export function codesCounted(lines: Lines): Lines {
  const head = keyHeading(lines);
  const asked = head < 0 ? [] : codedIn(lines, 0, head);
  const answered = head < 0 ? [] : codedIn(lines, head + 1, lines.length);
  const numbers = new Map(asked.map(({ code }, n) => [code, n + 1]));
  const known = answered.filter(({ code }) => numbers.has(code));
  const isKey =
    asked.length >= FEWEST &&
    numbers.size === asked.length &&
    new Set(known.map(({ code }) => code)).size === known.length &&
    known.length === answered.length &&
    known.length >= asked.length * MOSTLY;
  const texts = new Map(
    [...asked, ...answered].map(({ at, code, text }) => [at, `${numbers.get(code)}. ${text}`]),
  );
  return isKey ? retyped(lines, (at) => texts.get(at)) : lines;
}

const LETTERED = /^\s*[([]?([a-h])[).\]]\s+(\S.*)$/su;
const PAIR = /([a-h])\s*[:=)–-]\s*([^,;:=]+?)\s*(?:[,;]\s*|$)/gu;

/** A key by letters begins with the first: a look before any closer one. */
const FIRST = /^\s*[([]?a\s*[:=)–-]/u;

/** The words of a line that answers by letters from the first on, 'a: tongs, b: bellows'; none of another line. */
function wordsByLetter(text: string): string[] {
  if (!FIRST.test(text)) {
    return [];
  }
  const inner = text.trim().replace(/^[([](.*)[)\]]$/su, '$1');
  const found = [...inner.matchAll(PAIR)];
  const isWhole = found.map(([whole]) => whole).join('') === inner;
  return isWhole && countUp(found.map(([, letter]) => letterPlace(letter!) + 1))
    ? found.map(([, , word]) => word!)
    : [];
}

/** Tasks with letters that have a gap each or ask, with their answers below them, where one line names all of these by letter. */
export function wordsAtLetters(lines: Lines): Lines {
  const key = lines.findIndex((line) => isLine(line) && wordsByLetter(line.text).length > OFTEN);
  const words = key < 0 ? [] : wordsByLetter(lines[key]!.text);
  const tasks = lines.slice(0, Math.max(0, key)).flatMap((line, at) => {
    const [, letter, text = ''] = (isLine(line) && LETTERED.exec(line.text)) || [];
    const asks = drawnIn(text) > 0 || asksOutright(text);
    return letter ? [{ at, place: letterPlace(letter) + 1, asks }] : [];
  });
  const isKey =
    words.length > OFTEN &&
    tasks.length === words.length &&
    countUp(tasks.map(({ place }) => place)) &&
    tasks.every(({ asks }) => asks) &&
    !namesAnswers(lines.filter((_, at) => at !== key));
  const answers = new Map(tasks.map(({ at }, n) => [at, words[n]!]));
  return isKey
    ? lines.flatMap((line, at) => {
        const answer = answers.get(at);
        const own = at === key ? anew(line, '') : line;
        return answer === undefined ? [own] : [own, anew(line, `Answer: ${answer}`)];
      })
    : lines;
}
