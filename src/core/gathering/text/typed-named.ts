// Lines behind an answer that a word of the maker's own opens, question after question: 'DIF: Easy', 'Example: The cliff erodes.'
import type { DocumentLine } from '../../model';
import { groupBy } from '../../shared/group-by';
import { bareWords } from '../../shared/normalise';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { kindOfWord } from '../../shared/vocabulary/kinds';
import { saysLevel } from '../../shared/vocabulary/levels';
import { meaningOfWords } from '../../understanding';
import { isLine, OFTEN, retyped, type Lines } from './retyping';
import { asksOutright } from './typed-line';

const NAMED = /^\s*(\p{L}[\p{L} ]{1,14}?)\s?:\s+(\S.*)$/u;
/** A few words say something of a question, more of them explain it. */
const FEW_WORDS = 3;

const SAID = 0.5;
/** Whether a word names nothing that a question has. */
function isUnknown(name: string): boolean {
  const said = meaningOfWords(name);
  const isSaid = said !== undefined && said.meaning !== 'ignore' && said.p >= SAID;
  return !isSaid && kindOfWord(name) === undefined && !saysLevel(name);
}

/** 'Difficulty: hard' is no field, and stands among them. */
const saysHowHard = (text: string): boolean => {
  const said = meaningOfWords(NAMED.exec(text)?.[1] ?? '');
  return said?.meaning === 'tag' && said.p >= SAID;
};

type Named = { at: number; name: string; text: string };

/** A line that a word opens which names nothing known; what asks begins a question of its own. */
function ownName(line: DocumentLine, role: unknown): Omit<Named, 'at'> | undefined {
  const [, name, text = ''] = (isLine(line) && NAMED.exec(line.text)) || [];
  return role === undefined && name !== undefined && isUnknown(name) && !asksOutright(text)
    ? { name, text }
    : undefined;
}

/** Such lines, each behind a line that a known word opens or another of its kind. */
function namedBehind(lines: Lines): Named[] {
  const found: Named[] = [];
  let isBehind = false;
  lines.forEach((line, at) => {
    const isFilled = line.text.trim() !== '';
    const role = isFilled && isLine(line) ? fieldOfLine(line.text)?.role : undefined;
    const own = isBehind && isFilled ? ownName(line, role) : undefined;
    if (own) {
      found.push({ at, ...own });
    } else {
      const isNamed = role !== undefined && role !== 'question';
      isBehind = isNamed || (isBehind && isFilled && saysHowHard(line.text));
    }
  });
  return found;
}

/** Such lines said to be tags or explanations, where each of their words comes in several questions. */
export function ownNames(lines: Lines): Lines {
  const often = [...groupBy(namedBehind(lines), ({ name }) => bareWords(name)).values()].filter(
    (own) => own.length >= OFTEN,
  );
  const typed = new Map(
    often.flatMap((own) => {
      const isShort = own.every(({ text }) => text.split(/\s+/u).length <= FEW_WORDS);
      return own.map(
        ({ at, name, text }) =>
          [at, isShort ? `Tags: ${name}:${text}` : `Explanation: ${text}`] as const,
      );
    }),
  );
  return typed.size ? retyped(lines, (at) => typed.get(at)) : lines;
}

const COUNTED_ALONE =
  /^\s*(\p{L}{2,14}\s?)(\d{1,3})\s*(?:[.:]?|[/|·–—-]\s*(\p{L}[^?!]{1,40}))\s*$/u;

/** Names that only count what stands below them by its own names, 'Card 1' above 'Front: …': empty lines instead, or the topic that stands beside. */
export function countsAlone(lines: Lines): Lines {
  const found = lines.flatMap((line, at) => {
    const [, name, n, topic] = (isLine(line) && COUNTED_ALONE.exec(line.text)) || [];
    return name === undefined ? [] : [{ at, name: name.trim(), n: Number(n), topic }];
  });
  const below = found.map(({ at }) => {
    const line = lines.slice(at + 1).find(({ text }) => text.trim());
    return line && isLine(line) ? NAMED.exec(line.text)?.[1] : undefined;
  });
  const areCounts =
    found.length >= OFTEN &&
    new Set(found.map(({ name }) => name)).size === 1 &&
    found.every(({ n }, index) => n === found[0]!.n + index) &&
    below[0] !== undefined &&
    new Set(below).size === 1;
  const typed = new Map(
    found.map(({ at, topic }) => [at, topic === undefined ? '' : `Topic: ${topic.trim()}`]),
  );
  return areCounts ? retyped(lines, (at) => typed.get(at)) : lines;
}
