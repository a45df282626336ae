// Statements to judge, typed anew: boxes for true and false beside a statement, the choice in front of it, a verdict below it.
import {
  trueFalseInitials,
  trueFalsePair,
  trueFalseWords,
  verdictPair,
} from '../../shared/vocabulary/verdicts';
import { alike } from '../../shared/normalise';
import { offeredBehind, offersVerdicts, pairOffered } from './offered';
import type { VerdictPair } from '../../shared/vocabulary/verdict-pairs';
import { anew, capitalised, COUNTED, isLine, judgedLines, OFTEN, type Lines } from './retyping';
import { withoutChoice } from './without-options';

const BOX = String.raw`(?:[([]\s*([xX✓✔]?)\s*[)\]]|([☐☑☒□■]))`;
const WORD = String.raw`\s*(\p{L}{1,12})`;
const BOXES_FIRST = new RegExp(
  String.raw`^\s*${BOX}${WORD}\s*[/,]?\s*${BOX}${WORD}\s*[:.)–-]?\s+(\S.*)$`,
  'u',
);
const BOXES_LAST = new RegExp(
  String.raw`^(\S.*?)\s+${BOX}${WORD}\s*[/,]?\s*${BOX}${WORD}\s*$`,
  'u',
);

const isTicked = (letter: string | undefined, box: string | undefined): boolean =>
  Boolean(letter) || (box !== undefined && /[☑☒■]/u.test(box));

/** A statement, the two words beside it, and which of them is ticked. */
type Ticked = { statement: string; words: readonly [string, string]; first: boolean };

/** The words that two names are short for: those that the text offers, where they begin so. */
function wordsOf(names: [string, string], offered: VerdictPair | undefined): [string, string] {
  const own = offered && [offered.right, offered.wrong].map((word) => word.toLowerCase());
  const words = names.map((name) => own?.find((word) => word.startsWith(name.toLowerCase())));
  const [first, second] = words;
  return first && second && first !== second
    ? [first, second]
    : (trueFalseInitials(...names) ?? names);
}

/** What two boxes with their words say of a statement; undefined where not exactly one of them is ticked. */
function truthOf(
  statement: string,
  boxes: readonly (string | undefined)[],
  offered: VerdictPair | undefined,
): Ticked | undefined {
  const [x1, box1, name1 = '', x2, box2, name2 = ''] = boxes;
  const words = wordsOf([name1, name2], offered);
  const isPair = trueFalsePair(...words) ?? verdictPair(words);
  const ticks = [isTicked(x1, box1), isTicked(x2, box2)];
  return isPair && ticks[0] !== ticks[1]
    ? { statement: statement.trim(), words, first: ticks[0]! }
    : undefined;
}

/** A statement with two boxes in front of it or behind, one of them ticked; undefined of any other line. */
function truthTicked(text: string, offered: VerdictPair | undefined): Ticked | undefined {
  const first = BOXES_FIRST.exec(text);
  if (first) {
    return truthOf(first[7]!, first.slice(1, 7), offered);
  }
  const last = BOXES_LAST.exec(text);
  return last ? truthOf(last[1]!, last.slice(2), offered) : undefined;
}

/** Statements with boxes for true and false, counted where they are not: each asks by itself, whatever stands above them. */
export function statementsTicked(lines: Lines): Lines {
  const offers = lines.find((line) => isLine(line) && offersVerdicts(line.text));
  const offered = offers && pairOffered(offers.text);
  const found = lines.map((line) => (isLine(line) ? truthTicked(line.text, offered) : undefined));
  if (found.filter(Boolean).length < OFTEN) {
    return lines;
  }
  let n = 0;
  return lines.flatMap((line, at) => {
    const ticked = found[at];
    if (ticked === undefined) {
      return [line];
    }
    n++;
    const number = COUNTED.test(ticked.statement) ? '' : `${n}. `;
    return judgedLines(`${number}${ticked.statement}`, ticked.words, ticked.first).map((text) =>
      anew(line, text),
    );
  });
}

const NUMBERED = /^\W*\d{1,3}[.):\]]\s*/u;
const VERDICT_FIRST = /^\s*(\p{L}{2,12})\s*(?:[–—,;:.-]+\s+(\S.*))?$/u;

/** A verdict with its reason below a statement that offers the choice, 'True or false: …' and 'False – …': an answer and an explanation. */
export function verdictsBelow(lines: Lines): Lines {
  const offers = (text = ''): boolean => {
    const bare = text.replace(NUMBERED, '');
    return withoutChoice(bare) !== bare;
  };
  return lines.flatMap((line, at) => {
    const [, word = '', reason] = (isLine(line) && VERDICT_FIRST.exec(line.text)) || [];
    // 'Richtig - F' names the answer.
    const isNamed = reason !== undefined && (reason.length < 2 || trueFalseWords(reason));
    const isBelow = word !== '' && !isNamed && trueFalseWords(word) && offers(lines[at - 1]?.text);
    return isBelow
      ? [`Answer: ${word}`, ...(reason ? [`Explanation: ${reason}`] : [])].map((text) =>
          anew(line, text),
        )
      : [line];
  });
}

const VERDICT_BEHIND =
  /^(.*\S)\s+[([]\s*(\p{L}{1,12})\s*(?:[:;,–—-]\s+([^()[\]]+?)\s*)?[)\]]\s*\.?\s*$/su;

/** A verdict in brackets behind a statement that offers the choice, with its reason, 'T / F (F: the Volga is longer)': a line each. */
export function verdictInBrackets(text: string): string[] | undefined {
  const [, offering = '', word = '', reason] = VERDICT_BEHIND.exec(text) ?? [];
  const offered = offeredBehind(offering);
  const isOne =
    offered && [offered.pair.right, offered.pair.wrong].some((one) => alike(one) === alike(word));
  if (!isOne) {
    return undefined;
  }
  const { right, wrong } = offered.pair;
  return [
    `${offering.slice(0, offered.at).trimEnd()} (${right}/${wrong})`,
    `Answer: ${word}`,
    ...(reason ? [`Explanation: ${reason}`] : []),
  ];
}

const LETTERED = /^\s*[([]?[A-Ja-j]\s?[.):\]]\s/u;
/** A verdict in brackets behind a whole statement, with its reason, '(false: it is a boat)': the reason on a line of its own. */
export function verdictWithReason(text: string): string[] | undefined {
  const [, statement = '', word = '', reason] = VERDICT_BEHIND.exec(text) ?? [];
  const isJudged =
    reason !== undefined &&
    trueFalseWords(word) !== undefined &&
    /[.!]$/u.test(statement) &&
    !LETTERED.test(text);
  return isJudged ? [`${statement} (${word})`, `Explanation: ${reason}`] : undefined;
}

const WHOLE = /[.!…]['"”’»]*\s*(?:[([][^()[\]]{1,20}[)\]])?\s*$/u;
const FRAMED = /^([^:?–-]{5,24}?)\s*[:?–-]\s+(.*)$/su;

/** A statement behind the choice that it is offered, 'True or false: …', without a number: the choice behind it, where no name is. */
export function choiceBehind(text: string): string[] | undefined {
  const statement = withoutChoice(text);
  const [, choice = ''] = FRAMED.exec(text) ?? [];
  const words = choice.split(/\s*[/|]\s*|\s+\p{L}{1,4}\s+/u);
  return statement !== text && words.length === 2 && WHOLE.test(statement)
    ? [`${statement} (${words.map((word) => capitalised(word)).join('/')})`]
    : undefined;
}

/** A counted statement with a verdict behind a dash, behind its full stop or in brackets. */
const JUDGED =
  /^\s*[([]?([A-Ja-j]|\d{1,2})[).:\]]\s+(\S.*?)(?:\s+[–—-]\s*|(?<=[.!])\s+|\s+\()(\p{L}{1,12})\)?\s*$/su;

type Judged = { label: string; front: string | undefined; statement: string; word: string };
function judgedIn(text: string): Judged | undefined {
  const [, label, statement, word] = JUDGED.exec(text) ?? [];
  // A number with what closes it stays as the numbers of the other questions are.
  const front = COUNTED.exec(text)?.[0].trim();
  return label && statement && word ? { label, front, statement, word } : undefined;
}

type Judging = { right: string; words: readonly [string, string] };

/** The words for true and false that a line above statements names, 'Vrai ou faux', of which letters are short. */
function wordsAbove(
  text: string,
  letters: readonly [string, string],
): [string, string] | undefined {
  const words = text.match(/\p{L}+/gu) ?? [];
  for (const [at, yes] of words.entries()) {
    const no = words.slice(at + 1, at + 3).find((other) => trueFalsePair(yes, other)?.trueFirst);
    if (no && alike(yes).startsWith(letters[0]) && alike(no).startsWith(letters[1])) {
      return [yes, no];
    }
  }
  return undefined;
}

/** How statements are judged: the word that says true, and both words as learners read them; undefined where they are not. */
function judgedBy(run: readonly Judged[], above: string): Judging | undefined {
  const [one, other, ...more] = [...new Set(run.map(({ word }) => alike(word)))];
  if (!one || !other || more.length) {
    return undefined;
  }
  const pairs: [string, string][] = [
    [one, other],
    [other, one],
  ];
  const pair = pairs.find(([yes, no]) => {
    const words = trueFalseInitials(yes, no) ?? [yes, no];
    return trueFalsePair(...words)?.trueFirst ?? verdictPair([...words])?.right === words[0];
  });
  if (!pair) {
    return undefined;
  }
  const areLetters = pair.every(({ length }) => length === 1);
  return {
    right: pair[0],
    words: areLetters ? (wordsAbove(above, pair) ?? ['True', 'False']) : pair,
  };
}

const optionOf = ({ label, statement, word }: Judged): string => `${label}) ${statement} (${word})`;
const statementOf = ({ front, statement, word }: Judged, index: number, by: Judging): string[] =>
  judgedLines(
    `${front ?? `${index + 1}.`} ${statement}`,
    [capitalised(by.words[0]), capitalised(by.words[1])],
    alike(word) === by.right,
  );

/** Statements below one another that letters count, or that end with a dash and a verdict: each asks by itself. */
export function statementsInRuns(lines: Lines): Lines {
  const found = lines.map((line) => (isLine(line) ? judgedIn(line.text) : undefined));
  const anewAt = new Map<number, string[]>();
  let above = '';
  for (let at = 0; at < lines.length; at++) {
    let end = at;
    while (found[end]) {
      end++;
    }
    const run = found.slice(at, end) as Judged[];
    const by = run.length >= OFTEN ? judgedBy(run, above) : undefined;
    // Below a question with a number the verdicts are those of its options.
    const areOptions = COUNTED.test(above) && /[?？؟:]\s*$/u.test(above);
    const isCounted = run.every(
      ({ label, statement }) => /\d/.test(label) && /[.!]$/u.test(statement),
    );
    if (by && !isCounted) {
      run.forEach((one, index) =>
        anewAt.set(at + index, areOptions ? [optionOf(one)] : statementOf(one, index, by)),
      );
    }
    at = Math.max(at, end - 1);
    above = lines[at]!.text.trim() ? lines[at]!.text : above;
  }
  return anewAt.size
    ? lines.flatMap((line, at) => anewAt.get(at)?.map((text) => anew(line, text)) ?? [line])
    : lines;
}
