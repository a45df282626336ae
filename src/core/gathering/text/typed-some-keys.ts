// A last line that answers some questions by their numbers, 'Answers: 4 cill 5 True', as a list with a line for each. And instructions
// between questions that go on counting: 'Choose:' between 2 and 3.
import { headsAnswers } from '../../shared/vocabulary/answer-lines';
import { anew, countUp, isLine, type Lines } from './retyping';

const NAMED = /^\s*(\p{L}[\p{L} ]{1,30}?)\s*:\s*(?=\(?\d)(\S.*)$/su;
const ENTRY = /(?:^|[\s,;]+)\(?(\d{1,3})[.):]?\s+(?=\S)/gu;
const COUNTED = /^\s*(?:\p{L}{1,14}\.?\s)?[([]?(\d{1,3})[.):\]]\s*\S/u;
const FEWEST = 2;

/** The number of the question that a line begins; undefined of any other line. */
const numberIn = (line: Lines[number]): number | undefined => {
  const n = isLine(line) ? COUNTED.exec(line.text)?.[1] : undefined;
  return n === undefined ? undefined : Number(n);
};

/** The entries of a key by the numbers of its questions, which go up. */
function entriesIn(key: string, asked: ReadonlySet<number>): string[] {
  const found = [...key.matchAll(ENTRY)].reduce<RegExpExecArray[]>((own, match) => {
    const n = Number(match[1]);
    return asked.has(n) && n > Number(own.at(-1)?.[1] ?? 0) ? [...own, match] : own;
  }, []);
  return found[0]?.index === 0
    ? found.map((match, at) => {
        const text = key.slice(match.index + match[0].length, found[at + 1]?.index);
        return `${match[1]}. ${text.replace(/[\s,;.]+$/u, '')}`;
      })
    : [];
}

/** Such a line below all questions as a list. */
export function someAnswered(lines: Lines): Lines {
  const at = lines.findLastIndex(({ text }) => text.trim());
  const line = lines[at];
  const [, name = '', key = ''] = (line && isLine(line) && NAMED.exec(line.text)) || [];
  if (!line || !headsAnswers(name)) {
    return lines;
  }
  const asked = new Set(lines.slice(0, at).flatMap((one) => numberIn(one) ?? []));
  const entries = entriesIn(key, asked);
  // A key of all questions, from the first on, is read as it stands.
  return entries.length < FEWEST || entries[0]!.startsWith('1.')
    ? lines
    : [
        ...lines.slice(0, at),
        ...['', 'Answers', ...entries].map((text) => anew(line, text)),
        ...lines.slice(at + 1),
      ];
}

const TASK = /^\s*\p{Lu}[^?？؟\d]{2,60}:\s*$/u;

const LETTERED = /^\s*[([]?[a-dA-D][).\]]\s*\S/u;
/** Whether the questions of a text are counted one by one through all of it, some of them with options that letters count. */
function areCounted(lines: Lines): boolean {
  const numbers = lines.flatMap((line) => numberIn(line) ?? []);
  return (
    numbers.length > FEWEST && countUp(numbers) && lines.some(({ text }) => LETTERED.test(text))
  );
}

/** Such instructions set off as titles, where the questions around them are counted one by one. */
export function tasksBetween(lines: Lines): Lines {
  // Above the first question of such a text an instruction heads those below it, and asks nothing by itself.
  let last = areCounted(lines) ? 0 : undefined;
  return lines.map((line, at) => {
    const next = lines.slice(at + 1, at + 3).find(({ text }) => text.trim());
    const isBetween =
      last !== undefined &&
      isLine(line) &&
      TASK.test(line.text) &&
      next !== undefined &&
      numberIn(next) === last + 1;
    last = numberIn(line) ?? last;
    return isBetween ? { ...line, heading: 1 } : line;
  });
}
