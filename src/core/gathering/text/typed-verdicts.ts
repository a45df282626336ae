// Statements to judge, typed anew: boxes for true and false beside a statement, the choice in front of it, a verdict below it.
import {
  trueFalseInitials,
  trueFalsePair,
  trueFalseWords,
  verdictPair,
} from '../../shared/vocabulary/verdicts';
import { alike } from '../../shared/normalise';
import { offeredBehind } from './offered';
import { anew, isLine, OFTEN, type Lines } from './retyping';
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

/** What two boxes with their words say of a statement; undefined where not exactly one of them is ticked. */
function truthOf(statement: string, boxes: readonly (string | undefined)[]): Ticked | undefined {
  const [x1, box1, name1 = '', x2, box2, name2 = ''] = boxes;
  const words: [string, string] = trueFalseInitials(name1, name2) ?? [name1, name2];
  const isPair = trueFalsePair(...words) ?? verdictPair(words);
  const ticks = [isTicked(x1, box1), isTicked(x2, box2)];
  return isPair && ticks[0] !== ticks[1]
    ? { statement: statement.trim(), words, first: ticks[0]! }
    : undefined;
}

/** A statement with two boxes in front of it or behind, one of them ticked; undefined of any other line. */
function truthTicked(text: string): Ticked | undefined {
  const first = BOXES_FIRST.exec(text);
  if (first) {
    return truthOf(first[7]!, first.slice(1, 7));
  }
  const last = BOXES_LAST.exec(text);
  return last ? truthOf(last[1]!, last.slice(2)) : undefined;
}

const COUNTED = /^\s*[([]?\d{1,3}[.):\]]/u;

/** Statements with boxes for true and false, counted where they are not: each asks by itself, whatever stands above them. */
export function statementsTicked(lines: Lines): Lines {
  const found = lines.map((line) => (isLine(line) ? truthTicked(line.text) : undefined));
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
    const [one, other] = ticked.words;
    return [
      `${number}${ticked.statement}`,
      `a) ${one}`,
      `b) ${other}`,
      `Answer: ${ticked.first ? 'a' : 'b'}`,
    ].map((text) => anew(line, text));
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
const capitalised = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);

/** A statement behind the choice that it is offered, 'True or false: …', without a number: the choice behind it, where no name is. */
export function choiceBehind(text: string): string[] | undefined {
  const statement = withoutChoice(text);
  const [, choice = ''] = FRAMED.exec(text) ?? [];
  const words = choice.split(/\s*[/|]\s*|\s+\p{L}{1,4}\s+/u);
  return statement !== text && words.length === 2 && WHOLE.test(statement)
    ? [`${statement} (${words.map((word) => capitalised(word)).join('/')})`]
    : undefined;
}
