// How the lines of a key name the right options of their questions, or say true or false.
import type { Part } from '../../model';
import { alike } from '../../shared/normalise';
import { lineAround } from '../../shared/pattern-line';
import type { Line } from './blocks';
import { listedIn } from './classes';
import { letterSign } from './front';
import { SEVERAL } from './shapes';
import type { Told } from './told';
import { truthWords } from './truth-words';

const LABEL_OF_EACH = /^(\(?)([a-zA-Z]|\d{1,2})([.):\]=]\s?|\s[-–:=]\s)(?=\S)/u;

/** The letter or number in front of a text as a pattern has it, and the text behind it. */
export function labelOfEach(text: string): { each: string; rest: string } | undefined {
  const [whole = '', open = '', label = '', close = ''] = LABEL_OF_EACH.exec(text) ?? [];
  const counter = /\d/u.test(label) ? '{1}' : letterSign(label);
  return whole ? { each: open + counter + close, rest: text.slice(whole.length) } : undefined;
}

/** Letters or numbers in front of each of several in one line, that run from the first on. */
export function labelsIn(lines: readonly Line[], between: string): Partial<Part> {
  const each = labelOfEach(lines[0]?.text ?? '')?.each;
  const isCounted = lines.every(({ text }) =>
    text
      .split(between)
      .every((one, n) => one.startsWith(lineAround({ before: each ?? '' }, '', n))),
  );
  return each && isCounted ? { each } : {};
}

/** The texts of options, and those that one line lists. */
const optionTexts = (lines: readonly Told[]): string[] =>
  lines.flatMap(({ part, text }) =>
    part === 'option' || part === 'options' ? [alike(text), ...listedIn(text).map(alike)] : [],
  );

/** Signs between several right options that a line says again. */
const JOINTS = ['; ', ', ', ' | ', ' / ', ';', '|'];

/** Whether lines say options again as they are, several of them between signs, or with their letter or number in front. */
function againIn(lines: readonly Line[], texts: readonly string[]): Partial<Part> | undefined {
  if (lines.every(({ text }) => texts.includes(alike(text)))) {
    return { style: 'text' };
  }
  const between = JOINTS.find((joint) =>
    lines.every(({ text }) => text.split(joint).every((one) => texts.includes(alike(one)))),
  );
  if (between) {
    return { style: 'text', between };
  }
  const labels = lines.map(({ text }) => labelOfEach(text));
  const [first] = labels;
  const isEach = labels.every(
    (label) => label && label.each === first?.each && texts.includes(alike(label.rest)),
  );
  return isEach && first ? { style: 'text', each: first.each } : undefined;
}

/** How the lines of a key name the right ones of all questions' options, or say true or false. */
export function keyPart(lines: readonly Line[], all: readonly (readonly Told[])[]): Partial<Part> {
  const texts = optionTexts(all.flat());
  const words = truthWords(
    lines.map(({ text }) => text),
    texts.length === 0,
  );
  if (words) {
    return { style: 'word', words };
  }
  const between = lines.map(({ text }) => SEVERAL.exec(text)?.[1]).find(Boolean);
  const joined = between ? { between } : {};
  const again = againIn(lines, texts);
  if (again) {
    return { ...again, ...joined };
  }
  if (lines.every(({ text }) => /\d/u.test(text))) {
    const isZero = lines.some(({ text }) => /(?<!\d)0/u.test(text));
    return { style: isZero ? 'number-from-0' : 'number', ...joined };
  }
  return {
    style: lines.some(({ text }) => /[A-J]/u.test(text)) ? 'letter' : 'small-letter',
    ...joined,
  };
}
