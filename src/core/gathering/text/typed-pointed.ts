// Right options that a sign points at, typed anew: '> dolphin' among lines without it, 'red / green -> RED', and accepted answers
// behind equals signs below their question.
import type { DocumentLine } from '../../model';
import { alike } from '../../shared/normalise';
import { partsOf } from './option-line';
import { isLine, OFTEN, rewritten, type Lines } from './retyping';

const POINTS = /^\s*(?:>{1,2}|»|→|⇒|▶|►|➔|➜|=>|->)\s*(?=\S)/u;
const LABELLED = /^\s*[([]?(?:[A-Ja-j]|\d{1,2})[.):\]]\s/u;

/** A line as it was typed: the sign of a quotation may be one that points. */
const typed = ({ source, text }: DocumentLine): string => source ?? text;

/** The places of lines between blank ones. */
function paragraphsOf(lines: Lines): number[][] {
  const all: number[][] = [[]];
  lines.forEach(({ text }, at) => {
    if (text.trim()) {
      all.at(-1)!.push(at);
    } else {
      all.push([]);
    }
  });
  return all.filter(({ length }) => length > 1);
}

/** Whether some of the lines below a first one are pointed at, and the others, which no letter counts, are not. */
function isPointed(lines: Lines, [, ...below]: readonly number[]): boolean {
  const pointed = below.filter((at) => POINTS.test(typed(lines[at]!)));
  return (
    below.length > 1 &&
    pointed.length > 0 &&
    pointed.length < below.length &&
    below.every((at) => isLine(lines[at]!) && !LABELLED.test(typed(lines[at]!).replace(POINTS, '')))
  );
}

/** Options of which the right ones are pointed at, paragraph after paragraph and not always the last ones: ticked behind. */
export function optionsPointedAt(lines: Lines): Lines {
  const paragraphs = paragraphsOf(lines);
  const pointed = paragraphs.filter((one) => isPointed(lines, one));
  const isBefore = pointed.some((one) => !POINTS.test(typed(lines[one.at(-1)!]!)));
  if (pointed.length < OFTEN || pointed.length * 2 < paragraphs.length || !isBefore) {
    return lines;
  }
  const options = new Set(pointed.flatMap(([, ...below]) => below));
  return lines.map((line, at) => {
    const text = typed(line);
    return options.has(at) && POINTS.test(text)
      ? rewritten(line, `${text.replace(POINTS, '').trimEnd()} ✓`)
      : line;
  });
}

const ARROW = /^(.*\S)\s*(?:-+>|=+>|→|⇒|➔|➜|►|=)\s*(\S.*?)\s*$/su;
const SIGNS = ['|', ';', '/', ','] as const;

/** The parts of a list that hold a text as one of them; undefined where no sign parts it so. */
const partsWith = (list: string, right: string): string[] | undefined =>
  SIGNS.map((sign) => partsOf(list, sign)).find((own) =>
    own.some((part) => alike(part) === alike(right)),
  );

const COUNTED_LIST = /^\s*[([]?(\d{1,3})[.):\]]\s+(?=\S)/u;
const FEWEST_LISTED = 3;
/** A counted list with one of its words behind an arrow, '1. oak, ash, carrot -> carrot': its number and its options; undefined of another line. */
function listBeforeArrow(
  text: string,
): { n: string; options: string[]; right: string } | undefined {
  const n = COUNTED_LIST.exec(text)?.[1];
  const [, list = '', right = ''] = ARROW.exec(text.replace(COUNTED_LIST, '')) ?? [];
  const options = n && !/[?？:]/u.test(list) ? partsWith(list, right) : undefined;
  return options && options.length >= FEWEST_LISTED ? { n: n!, options, right } : undefined;
}

/** Such lists as options of the task that stands above all of them. */
export function listsBeforeArrows(lines: Lines): Lines {
  const found = lines.map((line) => (isLine(line) ? listBeforeArrow(line.text) : undefined));
  const first = found.findIndex(Boolean);
  const above = lines.slice(0, Math.max(0, first)).findLastIndex(({ text }) => text.trim());
  if (found.filter(Boolean).length < OFTEN || above < 0) {
    return lines;
  }
  const task = lines[above]!.text.trim();
  return lines.flatMap((line, at) => {
    const list = found[at];
    const typedAnew = list
      ? [`${list.n}. ${task}`, ...list.options.map((one) => `- ${one}`), `Answer: ${list.right}`]
      : [at === above ? '' : line.text];
    return list || at === above ? typedAnew.map((text) => rewritten(line, text)) : [line];
  });
}

/** Options on one line with the right one's text behind an arrow, 'red / green -> RED': a line each, and the answer below. */
export function optionsBeforeArrow(text: string): string[] | undefined {
  const [, offered = '', right = ''] = ARROW.exec(text) ?? [];
  const from = offered.search(/[?:？]\s/u) + 1;
  const stem = offered.slice(0, from).trim();
  const parts = partsWith(offered.slice(from), right);
  return parts && parts.length > 1
    ? [...(stem ? [stem] : []), ...parts.map((part) => `- ${part}`), `Answer: ${right}`]
    : undefined;
}

const GAP_POINTED = /^(.*(?:_{2,}|\.{5,}|…{2,}).*\S)\s*(?:-+>|=+>|→|⇒)\s*(\S.{0,60}?)\s*$/su;
const GAP_WIDE =
  /^(?=\s*[^\s_])(.*_{2,}[^_:]*?)(?:\t+|[ \u00a0]{3,})(?=\S)(?![([]?(?:[A-Za-z]|\d)[.):\]]|[_([])([^_:]{1,40})$/su;
/** A sentence with a gap and its word behind an arrow or a wide blank: the word on a line of its own. */
export function gapBeforeArrow(text: string): string[] | undefined {
  const [, sentence, word] = GAP_POINTED.exec(text) ?? GAP_WIDE.exec(text.trimEnd()) ?? [];
  return sentence && word ? [sentence.trimEnd(), `Answer: ${word.trim()}`] : undefined;
}

const CHOICE_POINTED =
  /^(.*[([{]([^()[\]{}]*[/|][^()[\]{}]*)[)\]}].*\S)\s*(?:-+>|=+>|→|⇒|[–—-])\s+(\S.{0,40}?)\s*$/su;
/** A sentence with choices in it, of which one stands behind an arrow or a dash: that one on a line of its own. */
export function choiceBeforeArrow(text: string): string[] | undefined {
  const [, sentence, choices = '', word = ''] = CHOICE_POINTED.exec(text) ?? [];
  const isOne = choices.split(/[/|]/u).some((choice) => alike(choice) === alike(word));
  return sentence && isOne ? [sentence, `Answer: ${word}`] : undefined;
}

const EQUALS = /^\s*(?:=|-+>|=>|→|⇒)\s+(?=\S)/u;
const isEquals = (line: DocumentLine): boolean =>
  EQUALS.test(typed(line)) && !LABELLED.test(typed(line).replace(EQUALS, ''));

/** The lines of a paragraph that answer, each with all below the same question; undefined where some line has nothing below it that does. */
function answersOf(lines: Lines, paragraph: readonly number[]): number[][] | undefined {
  const groups: number[][] = [];
  for (const [place, at] of paragraph.entries()) {
    const answers = isEquals(lines[at]!);
    if (place === 0 && answers) {
      return undefined;
    }
    if (!answers) {
      groups.push([]);
    } else {
      groups.at(-1)!.push(at);
    }
  }
  return groups.every(({ length }) => length > 0) ? groups : undefined;
}

/** Answers behind equals signs or arrows, with nothing else below the question: what it accepts. */
export function answersBehindEquals(lines: Lines): Lines {
  const answers = new Map<number, readonly number[]>();
  for (const paragraph of paragraphsOf(lines)) {
    for (const below of answersOf(lines, paragraph) ?? []) {
      below.forEach((at) => answers.set(at, below));
    }
  }
  return lines.flatMap((line, at) => {
    const all = answers.get(at);
    if (!all || all[0] !== at) {
      return all ? [] : [line];
    }
    const texts = all.map((one) => typed(lines[one]!).replace(EQUALS, '').trim());
    return [rewritten(line, `Answer: ${texts.join(' | ')}`)];
  });
}

const CROSSED = /^\s*([xXoO0])\s{1,3}(?=\S)/u;

/** Letters in the place of ticks and empty boxes, below question after question: 'x the gate', 'o the wall'. */
export function optionsCrossed(lines: Lines): Lines {
  const isCrossed = (at: number): boolean => isLine(lines[at]!) && CROSSED.test(typed(lines[at]!));
  const signOf = (at: number): string => CROSSED.exec(typed(lines[at]!))![1]!.toLowerCase();
  const runs = paragraphsOf(lines).flatMap(([first, ...below]) => {
    const isRun = !isCrossed(first!) && below.length > 1 && below.every(isCrossed);
    return isRun && new Set(below.map(signOf)).size > 1 ? [below] : [];
  });
  const own = new Set(runs.length < OFTEN ? [] : runs.flat());
  return lines.map((line, at) =>
    own.has(at)
      ? rewritten(line, typed(line).replace(CROSSED, signOf(at) === 'x' ? '[x] ' : '[ ] '))
      : line,
  );
}
