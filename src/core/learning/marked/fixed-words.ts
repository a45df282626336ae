// Words that stand in front of lines of a sample as signs do: "Q: ", "RIGHT ", "OPT*=", and lone ones that open and close a question.
import type { Layout } from '../../model';

type Marks = NonNullable<Layout['marks']>;

/** A word with the sign behind it, or one in capitals with a blank behind it. */
const WORDED =
  /^\s*(\p{L}[\p{L}\d_-]{0,14}\s?[*+!✓]?\s?[:=>|]+|\p{Lu}[\p{Lu}\d_-]{1,14}(?=\s)|[[<{(]\p{L}[\p{L}\d_-]{0,14}[\]>})]|[@#\\.$&%]\p{L}[\p{L}\d_-]{0,14}(?=\s))(\s*)(?=\S)/u;
/** A line of one word in capitals, in brackets or not. */
const ALONE = /^\s*(\p{Lu}[\p{Lu}\d_-]{1,14}|[[<{(]\/?\p{L}[\p{L}\d_-]{0,14}[\]>})])\s*$/u;
const OFTEN = 2;
const SIGN_APART = /^\s*[^\p{L}\p{N}\s"'“„«¿¡([{]{1,3}\s+\S/u;
/** Signs of no text, one for each word (Unicode's private use). */
const FIRST_SIGN = 0xe100;
const MOST = 40;

export type FixedWords = {
  many: number;
  /** What each word says of its sign, as a comment would. */
  said: readonly string[];
  /** A line with the word in front of it as a sign. */
  hide: (line: string) => string;
  /** Marks with the words in the place of their signs. */
  shown: (marks: Marks) => Marks;
};

/** A first word with a blank behind it, however it is written. */
const FIRST_WORD = /^\s*(\p{L}[\p{L}\d_-]{0,14})(\s+)(?=\S)/u;
/** So much of a text begins with one of a few words where they are signs, and not the beginnings of sentences. */
const COVERED = 0.8;
const MOST_BARE = 10;
const CAPITALS = /^\p{Lu}[\p{Lu}\d_-]+$/u;

/** The blocks between blank lines. */
function blocksIn(body: readonly string[]): string[][] {
  const blocks: string[][] = [[]];
  for (const line of body) {
    if (line.trim()) {
      blocks.at(-1)!.push(line);
    } else {
      blocks.push([]);
    }
  }
  return blocks.filter((block) => block.length > 1);
}

/**
 * Words that begin nearly every line of a sample, and each of its blocks in the same manner, without any sign behind them:
 * 'ask …', 'opt …', 'key …'. Empty where the lines are sentences.
 */
function bareFirstWords(body: readonly string[]): ReadonlySet<string> {
  const blocks = blocksIn(body).map((block) => block.map((line) => FIRST_WORD.exec(line)?.[1]));
  const counts = new Map<string, number>();
  blocks.flat().forEach((word) => word && counts.set(word, (counts.get(word) ?? 0) + 1));
  const words = [...counts].filter(([, n]) => n >= OFTEN).map(([word]) => word);
  // Beside words in capitals, one that is none begins a sentence.
  const capitals = words.filter((word) => CAPITALS.test(word));
  const often = new Set(capitals.length > 1 ? capitals : words);
  const lines = blocks.flat();
  const covered = lines.filter((word) => word && often.has(word)).length;
  const areMany = blocks.length > 1 && often.size > 1 && often.size <= MOST_BARE;
  const opener = blocks[0]?.[0];
  const openAlike = blocks.every(([first]) => first !== undefined && first === opener);
  return areMany && openAlike && covered >= lines.length * COVERED ? often : new Set();
}

/** Lines of words that open and close each block alike: 'BEGIN QUESTION', 'END QUESTION'. */
function borderLines(body: readonly string[]): ReadonlySet<string> {
  const blocks = blocksIn(body).map((block) => block.map((line) => line.trim()));
  const [first] = blocks;
  const all = (at: 0 | -1): boolean => blocks.every((block) => block.at(at) === first?.at(at));
  // A word with a text behind its sign says something of the question, though samples say the same.
  const isSaid = [first?.[0], first?.at(-1)].some((line) => /[:=]\s*\S/u.test(line ?? ''));
  const hasBoth = blocks.length > 1 && all(0) && all(-1) && !isSaid;
  return hasBoth && first ? new Set([first[0]!, first.at(-1)!]) : new Set();
}

/** More lines above the questions are no head. */
const MOST_HEAD = 4;

/** The words of the lines that stand apart above the questions, each with one: they come once, in the manner of the others. */
function headWords(body: readonly string[], bare: ReadonlySet<string>): string[] {
  const first = body.findIndex((line) => line.trim());
  const end = body.findIndex((line, at) => at > first && !line.trim());
  if (first < 0 || end < 0 || end - first > MOST_HEAD) {
    return [];
  }
  const words = body
    .slice(first, end)
    .map((line) => wordIn(line)?.word ?? (bare.size ? FIRST_WORD.exec(line)?.[1] : undefined));
  return words.every((word) => word !== undefined) ? words : [];
}

type WordIn = { word: string; rest: string; isTight: boolean } | undefined;

const bareWordIn = (line: string, bare: ReadonlySet<string>): WordIn => {
  const match = FIRST_WORD.exec(line);
  return match && bare.has(match[1]!)
    ? { word: match[1]!, rest: line.slice(match[0].length), isTight: false }
    : undefined;
};

/** A sign that says right or wrong in front of a label. */
const SIGN_BEFORE = /^\s*[^\p{L}\p{N}\s([]{1,2}\s?(?=[([]|[A-Ja-j]:\s)/u;
/** Letters that count options, 'A: … B: …', are labels and no words. */
const LETTER = /^\s*(?:([A-Ja-j])[:]|[([]([A-Ja-j])[)\]])\s+\S/u;
function labelledLines(body: readonly string[]): ReadonlySet<string> {
  const letterOf = (line: string | undefined): string | undefined =>
    LETTER.exec((line ?? '').replace(SIGN_BEFORE, ''))
      ?.slice(1)
      .find(Boolean)
      ?.toUpperCase();
  const labelled = body.filter((line, at) => {
    const code = letterOf(line)?.charCodeAt(0);
    const [before, next] = [letterOf(body[at - 1]), letterOf(body[at + 1])];
    return (
      code !== undefined &&
      (before?.charCodeAt(0) === code - 1 || (code === 65 && next?.charCodeAt(0) === code + 1))
    );
  });
  return new Set(labelled);
}

const wordIn = (line: string): WordIn => {
  const alone = ALONE.exec(line)?.[1];
  if (alone) {
    return { word: alone, rest: '', isTight: false };
  }
  const match = WORDED.exec(line);
  return match
    ? { word: match[1]!, rest: line.slice(match[0].length), isTight: match[2] === '' }
    : undefined;
};

/** The words that stand in front of several lines. */
export function fixedWords(body: readonly string[]): FixedWords {
  const times = new Map<string, number>();
  const tight = new Set<string>();
  const loose = new Set<string>();
  const bare = bareFirstWords(body);
  const head = headWords(body, bare);
  const all = new Set([...bare, ...head]);
  // A word with a sign behind it is told by the two together; a word in capitals by itself, where others stand bare.
  const signedWord = (line: string): WordIn => {
    const found = wordIn(line);
    return found && (!all.has(found.word) || !bareWordIn(line, all)) ? found : undefined;
  };
  const labelled = labelledLines(body);
  const borders = borderLines(body);
  const wordOf = (line: string): WordIn => {
    if (labelled.has(line)) {
      return undefined;
    }
    return borders.has(line.trim())
      ? { word: line.trim(), rest: '', isTight: false }
      : (signedWord(line) ?? bareWordIn(line, all));
  };
  for (const found of body.flatMap((line) => wordOf(line) ?? [])) {
    times.set(found.word, (times.get(found.word) ?? 0) + 1);
    if (found.rest !== '') {
      (found.isTight ? tight : loose).add(found.word);
    }
  }
  const words = [...times]
    .filter(([word, n]) => n >= OFTEN || head.includes(word))
    .map(([word]) => word)
    .slice(0, MOST);
  const signs = new Map(words.map((word, at) => [word, String.fromCodePoint(FIRST_SIGN + at)]));
  const back = new Map([...signs].map(([word, sign]) => [sign, word]));
  // A sign of no word with a blank behind it says that the others only lost theirs.
  const isApart = body.some((line) => wordOf(line) === undefined && SIGN_APART.test(line));
  const isTight = words.length > 0 && tight.size > loose.size && !isApart;
  return {
    many: words.length,
    said: words.map((word) => `${signs.get(word)} ${word.toLowerCase()}`),
    hide(line) {
      const found = wordOf(line);
      const sign = found && signs.get(found.word);
      return sign ? `${sign} ${found.rest}`.trimEnd() : line;
    },
    shown(marks) {
      const word = (sign: string): string => back.get(sign) ?? sign;
      const entries = Object.entries(marks).map(([name, value]) => [
        name,
        typeof value === 'string' ? word(value) : value,
      ]);
      const fields = marks.fields?.map((one) => ({ ...one, sign: word(one.sign) }));
      return {
        ...(Object.fromEntries(entries) as Marks),
        ...(fields ? { fields } : {}),
        ...(isTight ? { tight: true } : {}),
      };
    },
  };
}
