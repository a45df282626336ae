// From what a row says about its key to the options that are right, with what stands in the way.
import type { Key, Option } from '../model';
import { alike } from '../shared/normalise';
import { optionLetter } from '../shared/plain';
import { rightByWeights } from '../shared/weights';
import { placeOfLetter } from '../shared/vocabulary/alphabets';
import { verdictOf } from '../shared/vocabulary/verdicts';
import { placesByLabels, withoutSign, withoutWording } from '../understanding';
import { say } from '../shared/say';
import { asOptions, byText, type KeyInput, type Problem } from './key-by-text';

const range = (n: number): string =>
  n ? say('A to {n}', { n: optionLetter(n - 1) }) : say('none');

/** The parts of a key cell: split by its separator, by the usual signs, or letter by letter (`AC`). */
function partsOf(text: string, key: Key): string[] {
  if (/^[A-Za-z\d]$/.test(text)) {
    return [text];
  }
  const parts = text
    .split(/[,;/|&+\n]|\s+(?:and|und|et|y|e|en|a|i|och|og|ja|és|ve|și|и|та|και)\s+|\s+/u)
    .map((part) => part.trim().replace(/^[([]|[)\].:]+$/g, ''))
    .filter(Boolean);
  return parts.flatMap((part) =>
    key.style === 'letter' && /^[A-Ja-j]{2,}$/.test(part) ? [...part] : [part],
  );
}

/** `A`, `b)`, `3` as an index from 0; undefined where the part is neither. */
const indexOfPart = (part: string, style: Key['style']): number | undefined =>
  placeOfLetter(part) ??
  (/^\d{1,2}$/.test(part) ? Number(part) - (style === 'number-from-0' ? 0 : 1) : undefined);

function byPosition(
  { cell, text, key }: KeyInput,
  options: readonly string[],
): { right: Set<number>; problems: Problem[] } {
  const right = new Set<number>();
  const problems: Problem[] = [];
  for (const part of partsOf(withoutWording(text, options), key)) {
    const index = indexOfPart(part, key.style);
    if (index === undefined) {
      return byText({ cell, text, key }, options);
    }
    if (index >= 0 && index < options.length) {
      right.add(index);
    } else {
      problems.push({
        rule: 'key-past-last-option',
        level: 'block',
        field: 'key',
        message: say(
          '{cell} says {part}, but there {options, plural, one {is} other {are}} {options, plural, one {# option} other {# options}} ({range}). Choose the right one.',
          { cell, part, options: options.length, range: range(options.length) },
        ),
      });
    }
  }
  return { right, problems };
}

/** Whether a verdict says right: as the source's own word does, else as any word for it does. */
function saysRight(text: string, { right, wrong }: Key): boolean {
  const said = alike(text);
  if (right !== undefined && said === alike(right)) {
    return true;
  }
  return (wrong === undefined || said !== alike(wrong)) && verdictOf(text) === true;
}

/** What stands beside the options of a row, in their order. */
type Beside = { verdicts: readonly string[]; weights: readonly (number | undefined)[] };
type Resolved = { options: Option[]; problems: Problem[] };

const whole = (options: Option[]): Resolved => ({ options, problems: [] });

/** The options whose right ones are told by what they carry or by what stands beside them. */
const CARRIED: Partial<
  Record<Key['style'], (input: KeyInput, texts: readonly string[], beside: Beside) => Resolved>
> = {
  marker: ({ key, setOff }, texts) =>
    whole(
      texts.map((text, index) =>
        setOff ? { text: { plain: text }, right: setOff[index] === true } : markedOption(text, key),
      ),
    ),
  verdict: ({ key }, texts, { verdicts }) =>
    whole(
      texts.map((plain, index) => ({
        text: { plain },
        right: saysRight(verdicts[index] ?? '', key),
      })),
    ),
  weight: (_, texts, { weights }) => {
    const right = rightByWeights(texts.map((_text, index) => weights[index]));
    return whole(
      texts.map((plain, index) => ({
        text: { plain },
        right: right[index]!,
        ...(weights[index] !== undefined ? { weight: weights[index] } : {}),
      })),
    );
  },
  first: (_, texts) => whole(asOptions(texts, new Set([0]))),
  'right-column': (_, texts) => whole(asOptions(texts, new Set([0]))),
};

/** The options whose headings the key says, where its text is none of the options; undefined where it names none. */
function namedByHeading(
  { key, text, headings = [], labels = [] }: KeyInput,
  texts: readonly string[],
): ReadonlySet<number> | undefined {
  const said = alike(text);
  if (key.style !== 'text' || texts.some((option) => alike(option) === said)) {
    return undefined;
  }
  const whole = headings.findIndex((heading) => heading && alike(heading) === said);
  const places = whole >= 0 ? [whole] : placesByLabels(text, labels);
  return places && new Set(places);
}

/**
 * The right options of a row by the source's key style, and the problems met. Marks are taken off the option texts;
 * verdicts and weights stand in the order of the options.
 */
export function resolveKey(input: KeyInput, texts: readonly string[], beside: Beside): Resolved {
  const carried = CARRIED[input.key.style];
  if (carried) {
    return carried(input, texts, beside);
  }
  if (!input.text) {
    return whole(asOptions(texts, new Set()));
  }
  const named = namedByHeading(input, texts);
  if (named) {
    return whole(asOptions(texts, named));
  }
  // An option's own text outranks its reading as a letter or number: the key "A" among options "A", "B", "C" is both.
  const { style } = input.key;
  const { right, problems } =
    style === 'letter' || style.startsWith('number')
      ? byPosition(input, texts)
      : byTextOrPosition(input, texts);
  return { options: asOptions(texts, right), problems };
}

function byTextOrPosition(
  input: KeyInput,
  texts: readonly string[],
): { right: Set<number>; problems: Problem[] } {
  const found = byText(input, texts);
  if (found.right.size || !/^[A-Ja-j]$/.test(input.text)) {
    return found;
  }
  return byPosition(input, texts);
}

/** An option without its sign, right where it carries the sign of the right ones. */
function markedOption(text: string, { marker, wrong }: Key): Option {
  const right = marker ? withoutSign(text, marker) : undefined;
  if (right !== undefined) {
    return { text: { plain: right }, right: true };
  }
  return { text: { plain: (wrong ? withoutSign(text, wrong) : undefined) ?? text }, right: false };
}
