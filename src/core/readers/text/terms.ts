// A list of terms, one a line: `term - definition`, `term : definition`, `term = definition`, or with a tab or comma.
import type { Sheet } from '../../model';
import { groupBy } from '../../shared/group-by';
import { inlineMarkdown } from './markdown';
import {
  areLabelled,
  areUnlabelled,
  FEWEST_BLOCKS,
  LONGEST_TERM,
  LONGEST_TITLE,
  type Filled,
} from './labelled-terms';
import { withWideGaps } from './wide-gaps';
import { withoutCounts, withoutWraps } from './wrapped';
import { toSay } from '../../shared/say';

/** What joins terms in a list that was typed to be printed. */
export const DOTS = toSay('a row of dots');
/** What parts terms in a list that was typed in two columns. */
const GAP = toSay('a wide gap');
const SIGNS: readonly (readonly [string, RegExp])[] = [
  [toSay('a spaced hyphen'), /^(.{1,80}?)\s+[-–—]{1,2}\s+(\S.*)$/su],
  [toSay('a colon'), /^([^:]{1,80}?)\s*:\s+(\S.*)$/su],
  [toSay('an equals sign'), /^([^=]{1,80}?)\s*={1,2}>?\s*(\S.*)$/su],
  // A gap in a sentence is followed by its end.
  [DOTS, /^(\p{L}[^.…]{0,60}?)\s*(?:\.{4,}|…{2,})\s*(\p{L}[^.…?!]{0,60})$/su],
  [toSay('an arrow'), /^(.{1,80}?)\s*(?:->|→)\s*(\S.*)$/su],
  [toSay('a bar'), /^([^|]{1,80}?)\s+\|\s+([^|]+)$/su],
  // Options, boxes and verdicts stand behind wide gaps as well, and so do answers behind questions.
  [
    GAP,
    /^(?![([])([^?？؟_[\]☐☑]{2,80}?)(?: |\u00a0){3,}(?=\S)(?!\(?[A-Za-z\d][).]|[A-Z]\s*\/)([^_?？؟[\]☐☑]{2,80})$/su,
  ],
];
const LABEL = /^\s*(?:[-–•●*·]\s+|\(?\d{1,3}[.)]\s+)/u;

const STARRED = /^\s*\*\s+\S/u;

export type Terms = {
  sheet: Pick<Sheet, 'name' | 'rows' | 'lines' | 'rich'>;
  /** The line of each definition, where it stands below its term. */
  lastLines?: readonly number[];
  share: number;
  /** Whether every filled line is a term with its definition or the title of some. */
  isWhole: boolean;
  /** Whether all lines with a label are terms with their definitions that ask nothing, and hardly any other line stands around them. */
  isLabelled: boolean;
  /** The lines of which the first sign is a star and the rest a term with its definition. */
  starred: number;
  /** How much of the terms are unlike: what stands in front of line after line is a name and no term. */
  distinct: number;
  sign: string;
};

/** Whether a line is the title of the terms right below it; the letters of a glossary say nothing of them. */
const headsTerms = (line: string, next: string | undefined, pattern: RegExp): boolean =>
  line.length > 1 &&
  line.length <= LONGEST_TITLE &&
  !/[.?!:;,]$/u.test(line) &&
  next !== undefined &&
  pattern.test(next);

/** So much longer, most definitions are. */
const MUCH = 1.5;
const MOSTLY_LONGER = 0.6;

/**
 * A list in which each term has its definition on the line below and an empty one behind: a short text that ends as no sentence,
 * and a longer one. Undefined where a text is laid out otherwise.
 */
function readTwoLines(name: string, lines: readonly string[]): Terms | undefined {
  const blocks: { text: string; number: number }[][] = [];
  lines.forEach((line, index) => {
    const text = line.trim();
    if (text && (index === 0 || !lines[index - 1]!.trim())) {
      blocks.push([]);
    }
    if (text) {
      blocks.at(-1)!.push({ text, number: index + 1 });
    }
  });
  // A title may stand alone above the first.
  const all = blocks[0]?.length === 1 ? blocks.slice(1) : blocks;
  const areCards = all.every(
    ([term, definition, ...more]) =>
      definition !== undefined &&
      !more.length &&
      term!.text.length <= LONGEST_TERM &&
      !/[.?!:;,]$/u.test(term!.text) &&
      !LABEL.test(term!.text) &&
      !/^\W*\p{L}{1,20}\s*:/u.test(term!.text + definition.text) &&
      definition.text.length > term!.text.length &&
      !/[?？؟]$/u.test(definition.text),
  );
  if (all.length < FEWEST_BLOCKS || !areCards) {
    return undefined;
  }
  const longer = all.filter(
    ([term, definition]) => definition!.text.length > term!.text.length * MUCH,
  );
  if (longer.length < all.length * MOSTLY_LONGER) {
    return undefined;
  }
  return {
    sheet: {
      name,
      rows: withoutWraps(all.map((block) => block.map(({ text }) => inlineMarkdown(text).text))),
      lines: all.map(([term]) => term!.number),
    },
    lastLines: all.map((block) => block.at(-1)!.number),
    share: 1,
    isWhole: true,
    isLabelled: false,
    starred: 0,
    distinct: new Set(all.map(([term]) => term!.text)).size / all.length,
    sign: toSay('a new line'),
  };
}

const COUNTED = /^(\p{L}{2,20})\s+(\d{1,3}|[IVX]{1,4})$/u;

/** Which terms are no words but count parts, 'Chapter 3': others count with the same word, or it stands apart from all lines. */
function countParts(
  filled: readonly Filled[],
  matches: readonly (RegExpExecArray | null)[],
): boolean[] {
  const words = matches.map((match) => COUNTED.exec(match?.[1]!.trim() ?? '')?.[1]);
  const byWord = groupBy(words, (word) => word);
  return words.map(
    (word, at) => word !== undefined && (filled[at]!.isApart || byWord.get(word)!.length > 1),
  );
}

/** Whether the first line stands apart from the terms, which stand right below one another: their title, whatever sign it holds. */
const headsAll = (
  filled: readonly Filled[],
  matches: readonly (RegExpExecArray | null)[],
): boolean =>
  filled[0]!.isApart &&
  matches.filter(Boolean).length > FEWEST_BLOCKS &&
  !filled.some(({ isApart }, at) => at > 0 && isApart);

const OPENS = /\([^)]*$/u;
/** A line as its two halves; undefined where the sign stands within brackets, 'Words (English -> Swedish)'. */
function halvesBy(pattern: RegExp, line: string): RegExpExecArray | null {
  const match = pattern.exec(inlineMarkdown(line).text);
  return match && !(OPENS.test(match[1]!) && match[2]!.includes(')')) ? match : null;
}

/** The terms of lines that a pattern splits, each with the title above it, and the titles. */
function rowsBy(
  pattern: RegExp,
  filled: readonly Filled[],
): { rows: string[][]; numbers: number[]; titles: ReadonlySet<string> } {
  const rows: string[][] = [];
  const numbers: number[] = [];
  const titles = new Set<string>();
  let title = '';
  const matches = filled.map(({ line }) => halvesBy(pattern, line));
  const unlabelled = areUnlabelled(filled);
  const hasTitle = headsAll(filled, matches);
  const areParts = countParts(filled, matches).map(
    (isPart, at) => isPart || unlabelled[at]! || (at === 0 && hasTitle),
  );
  for (const [index, { line, number }] of filled.entries()) {
    const match = matches[index];
    if (match && !areParts[index]) {
      rows.push([match[1]!.trim(), match[2]!.trim(), title]);
      numbers.push(number);
    } else if (areParts[index] || headsTerms(line, filled[index + 1]?.line, pattern)) {
      title = line;
      titles.add(title);
    }
  }
  return { rows, numbers, titles };
}

/** How much of the terms are unlike, and of the definitions behind wide gaps: two words that come again there are verdicts. */
function distinctIn(rows: readonly (readonly string[])[], sign: string): number {
  const terms = new Set(rows.map(([term]) => term!.replace(/(?<=\p{L}\s?)\d+$/u, ''))).size;
  const definitions = new Set(rows.map(([, definition]) => definition)).size;
  return (sign === GAP ? Math.min(terms, definitions) : terms) / rows.length;
}

/** The list by the sign that splits most lines; `share` is how many of the filled lines it splits. */
export function readTerms(name: string, lines: readonly string[]): Terms | undefined {
  const filled = withoutCounts(withWideGaps(lines)).flatMap((line, index) =>
    line.trim()
      ? [
          {
            line: line.replace(LABEL, '').trim(),
            number: index + 1,
            isApart: !lines[index - 1]?.trim() && !lines[index + 1]?.trim(),
            isSetOff: !lines[index - 1]?.trim(),
            hasLabel: LABEL.test(line),
          },
        ]
      : [],
  );
  const tries = SIGNS.map(([sign, pattern]) => ({
    sign,
    pattern,
    hits: filled.filter(({ line }) => halvesBy(pattern, line)).length,
  })).sort((a, b) => b.hits - a.hits);
  const best = tries[0];
  const below = readTwoLines(name, lines);
  if (below && (!best || best.hits * 2 < filled.length)) {
    return below;
  }
  if (!best || best.hits < 2) {
    return undefined;
  }
  const { rows, numbers, titles } = rowsBy(best.pattern, filled);
  if (rows.length < 2) {
    return undefined;
  }
  // One title alone is that of the list.
  const width = titles.size > 1 ? 3 : 2;
  return {
    sheet: { name, rows: withoutWraps(rows).map((row) => row.slice(0, width)), lines: numbers },
    // The titles of several parts belong to the list as well.
    share: (rows.length + (titles.size > 1 ? titles.size : 0)) / filled.length,
    isWhole: rows.length + titles.size === filled.length,
    isLabelled: areLabelled(filled, rows),
    starred: lines.filter(
      (line) => STARRED.test(line) && best.pattern.test(line.replace(LABEL, '').trim()),
    ).length,
    distinct: distinctIn(rows, best.sign),
    sign: best.sign,
  };
}
