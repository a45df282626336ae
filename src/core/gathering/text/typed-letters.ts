// Letters in front of lines that stand for words: 'F:' before what asks and 'R:' before what answers, 'T' or 'F' before a statement.
import { groupBy } from '../../shared/group-by';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { trueFalseInitials, verdictPair } from '../../shared/vocabulary/verdicts';
import { isLine, countUp, OFTEN, retyped, whereOften, type Lines } from './retyping';
import { asksOutright } from './typed-line';

const NAMED = /^\s*(\p{Lu}\p{L}{0,2})\s?:\s+(\S.*)$/u;
/** Letters that count options, or are known for what they stand for. */
const KNOWN: ReadonlySet<string> = new Set(['Q', 'A', 'B', 'C', 'D', 'E']);
const MOSTLY = 0.8;

type Named = { at: number; name: string; text: string };

/** The lines that a letter or two open, with a colon behind. */
const namedIn = (lines: Lines): Named[] =>
  lines.flatMap((line, at) => {
    const [, name, text = ''] = (isLine(line) && NAMED.exec(line.text)) || [];
    return name && !KNOWN.has(name) ? [{ at, name, text }] : [];
  });

/** The letter that opens lines which ask; undefined where none does. */
function askingLetter(named: readonly Named[]): string | undefined {
  const found = [...groupBy(named, ({ name }) => name)].find(
    ([, own]) =>
      own.length >= OFTEN &&
      own.filter(({ text }) => asksOutright(text)).length >= own.length * MOSTLY,
  );
  return found?.[0];
}

/** The letter of lines that come by turns with those that ask, each right behind one of them; undefined where none does. */
function answeringLetter(named: readonly Named[], asking: string): string | undefined {
  const [, second] = named;
  const isTurn = named.every(({ name }, index) => name === (index % 2 ? second?.name : asking));
  return second && second.name !== asking && isTurn ? second.name : undefined;
}

/** Lines that a letter opens with the word that it stands for. */
export function lettersForWords(lines: Lines): Lines {
  const named = namedIn(lines);
  const asking = askingLetter(named);
  if (asking === undefined) {
    return lines;
  }
  const answering = answeringLetter(named, asking);
  const words = new Map([
    [asking, 'Question'],
    ...(answering ? [[answering, 'Answer'] as const] : []),
  ]);
  const anewAt = new Map(
    named.flatMap(({ at, name, text }) =>
      words.has(name) ? [[at, `${words.get(name)!}: ${text}`] as const] : [],
    ),
  );
  return retyped(lines, (at) => anewAt.get(at));
}

const JUDGED =
  /^\s*(?:[([]\s*(\p{L}{1,8})\s*[)\]]|_{1,}\s*(\p{L}{1,8})\s*_{1,}|(\p{Lu}\p{L}{0,7}))\s+([([]?\d{1,3}[.):\]]\s*\S.*)$/u;

/** A statement with its verdict behind it rather than in front of its number: '( T ) 1. Mercury is a liquid.' */
export function verdictsInFront(lines: Lines): Lines {
  const found = lines.map((line) => {
    const match = (isLine(line) && JUDGED.exec(line.text)) || undefined;
    return match && { word: match[1] ?? match[2] ?? match[3]!, text: match[4]! };
  });
  const judged = found.filter((one) => one !== undefined);
  const [first = '', second = '', ...others] = new Set(judged.map(({ word }) => word));
  const isPair =
    verdictPair([first, second]) !== undefined || trueFalseInitials(first, second) !== undefined;
  return judged.length < OFTEN || !isPair || others.length
    ? lines
    : retyped(lines, (at) => found[at] && `${found[at].text} (${found[at].word})`);
}

const PAIR_FIRST =
  /^\s*[([]?(\p{L}{1,12})[)\]]?\s*[/|]?\s*[([]?(?<![\p{L}])(\p{L}{1,12})[)\]]?\s+(?=[([]?\d{1,3}[.):\]]\s|\s*\p{Lu}\S*\s.*[.!]\s*[([]\p{L}{1,12}[)\]]\s*$)/su;
/** A numbered statement without the two words in front of it of which one is to be ringed, 'T  F  1. …'; undefined of another line. */
function withoutPair(text: string): string[] | undefined {
  const [whole, one, other] = PAIR_FIRST.exec(text) ?? [];
  if (whole === undefined || one === undefined || other === undefined) {
    return undefined;
  }
  const isPair = trueFalseInitials(one, other) ?? verdictPair([one, other]);
  return isPair ? [text.slice(whole.length)] : undefined;
}
/** Numbered statements without such words. */
export const pairsInFront = whereOften(withoutPair);

const GLUED = /(?<![\p{L}\p{N}])(\d{1,3})(\p{Lu})(?![\p{L}\p{N}])/gu;

/** A key of verdicts without blanks, '1T 2F 3F', with them: '1 T, 2 F, 3 F'. */
export function verdictsApart(lines: Lines): Lines {
  return retyped(lines, (at) => {
    const line = lines[at]!;
    const found = isLine(line) ? [...line.text.matchAll(GLUED)] : [];
    const [first = '', second = '', ...others] = new Set(found.map(([, , letter]) => letter!));
    const isKey =
      found.length > OFTEN &&
      !others.length &&
      countUp(found.map(([, n]) => Number(n))) &&
      trueFalseInitials(first, second) !== undefined;
    return isKey
      ? line.text.replace(GLUED, '$1 $2,').replace(/,+(?=\s*[,;]|\s*\.?\s*$)/gu, '')
      : undefined;
  });
}

const INITIAL = /^\s*(\p{Lu})\s?:\s+(\S.*)$/u;
const LEAST_OPTIONS = 2;

type Opening = { is: 'question' | 'answer' | 'other' } | { is: 'initial'; letter: string };

/** What opens a line: a name for the question or the answer, a letter, or anything else. */
function openingOf(line: Lines[number]): Opening {
  const role = isLine(line) ? fieldOfLine(line.text)?.role : 'stem';
  if (role === 'question' || role === 'answer') {
    return { is: role };
  }
  const letter = role ? undefined : INITIAL.exec(line.text)?.[1];
  return letter ? { is: 'initial', letter } : { is: 'other' };
}

/** Where lines stand that a letter opens, by the letter: between a question and its answer, and behind the answer. */
function initialsIn(lines: Lines): Record<'between' | 'behind', Map<string, number[]>> {
  const found = { between: new Map<string, number[]>(), behind: new Map<string, number[]>() };
  let place: keyof typeof found | undefined;
  for (const [at, line] of lines.entries()) {
    if (!line.text.trim()) {
      continue;
    }
    const opening = openingOf(line);
    if (opening.is === 'initial' && place) {
      const places = found[place];
      places.set(opening.letter, [...(places.get(opening.letter) ?? []), at]);
      // One line behind the answer says why.
      place = place === 'behind' ? undefined : place;
    } else {
      place = PLACES[opening.is];
    }
  }
  return found;
}
const PLACES = {
  question: 'between',
  answer: 'behind',
  initial: undefined,
  other: undefined,
} as const;

/** Lines between a question and its answer that one letter opens are its options, a line behind the answer says why: 'Q: O: O: A: E:'. */
export function initialsForParts(lines: Lines): Lines {
  if (lines.filter(({ text }) => INITIAL.test(text)).length < OFTEN) {
    return lines;
  }
  const { between, behind } = initialsIn(lines);
  const anewAt = new Map<number, string>();
  const textAt = (at: number): string => INITIAL.exec(lines[at]!.text)![2]!;
  const isRun = (places: readonly number[]): boolean =>
    places.filter((at, index) => places[index + 1] === at + 1).length >= OFTEN;
  for (const [, places] of between) {
    if (places.length >= OFTEN * LEAST_OPTIONS && isRun(places)) {
      places.forEach((at) => anewAt.set(at, `- ${textAt(at)}`));
    }
  }
  for (const [letter, places] of behind) {
    // 'B:' below 'A:' is the next option.
    if (letter !== 'B' && places.length >= OFTEN && !isRun(places) && !between.has(letter)) {
      places.forEach((at) => anewAt.set(at, `Explanation: ${textAt(at)}`));
    }
  }
  return retyped(lines, (at) => anewAt.get(at));
}

const NAMED_BEHIND =
  /^(.*[?:.…_])\s*[([]\s*(\p{L}[\p{L} ]{0,16}?)\s*[:=]\s*([A-Ja-j](?:\s*[,;&+/]\s*[A-Ja-j])*)\s*[)\]]\s*$/su;
/** A letter in brackets behind a question, with its name: 'What floats? (Answer: b)'. */
export function answerNamedBehind(text: string): string[] | undefined {
  const [, question, name, letter] = NAMED_BEHIND.exec(text) ?? [];
  return question && letter && fieldOfLine(`${name}: ${letter}`)?.role === 'answer'
    ? [question, `Answer: ${letter}`]
    : undefined;
}
