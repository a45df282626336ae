// Answers that are typed: texts, numbers, gaps in a sentence.
import type { Item } from '../../model';
import { optionLetter } from '../../shared/plain';
import { inlineXml, picturesAt } from './content';
import {
  declare,
  mapResponse,
  paragraph,
  RESPONSE,
  scoreIf,
  setScore,
  variable,
  type Made,
  type Parts,
} from './scoring';
import { el, text, type Node } from './xml';

const entry = (identifier: string, length: number): Node =>
  el('qti-text-entry-interaction', {
    'response-identifier': identifier,
    'expected-length': Math.max(4, length),
  });
const longest = (texts: readonly string[]): number =>
  Math.max(1, ...texts.map(({ length }) => length));

/** Answers typed in; each accepted one earns all points. */
export function short(item: Item, made: Made): Parts {
  const accepted = item.accepted ?? [];
  return {
    declarations: [
      declare({
        cardinality: 'single',
        baseType: 'string',
        correct: accepted.slice(0, 1),
        mapped: accepted.map((key) => ({ key, score: made.points, isText: true })),
        upper: made.points,
      }),
    ],
    body: [paragraph(item, made), el('p', {}, entry(RESPONSE, longest(accepted)))],
    scoring: [setScore(mapResponse())],
  };
}

/** A number, right within its tolerance. */
export function number(item: Item, made: Made): Parts {
  const { value: right, tolerance, unit } = item.number!;
  const bound = (limit: number): Node =>
    el('qti-base-value', { 'base-type': 'float' }, text(String(Number(limit.toPrecision(12)))));
  // Two bounds rather than an equality with a tolerance, since programs leave that mode out.
  const equal =
    tolerance > 0
      ? el(
          'qti-and',
          {},
          el('qti-gte', {}, variable(RESPONSE), bound(right - tolerance)),
          el('qti-lte', {}, variable(RESPONSE), bound(right + tolerance)),
        )
      : el(
          'qti-equal',
          { 'tolerance-mode': 'exact' },
          variable(RESPONSE),
          el('qti-correct', { identifier: RESPONSE }),
        );
  return {
    declarations: [declare({ cardinality: 'single', baseType: 'float', correct: [right] })],
    body: [
      paragraph(item, made),
      el(
        'p',
        {},
        entry(RESPONSE, 8),
        ...(unit ? [el('span', { class: 'unit' }, text(` ${unit}`))] : []),
      ),
    ],
    scoring: [scoreIf(equal, made.points)],
  };
}

type Gap = NonNullable<Item['gaps']>[number];

const gapIdentifier = (index: number): string => `${RESPONSE}_${index + 1}`;

function declareGap({ accepted, options }: Gap, index: number, score: number): Node {
  const identifier = gapIdentifier(index);
  if (!options?.length) {
    return declare({
      identifier,
      cardinality: 'single',
      baseType: 'string',
      correct: accepted.slice(0, 1),
      mapped: accepted.map((key) => ({ key, score, isText: true })),
    });
  }
  const keys = accepted
    .map((word) => options.indexOf(word))
    .filter((place) => place >= 0)
    .map(optionLetter);
  return declare({
    identifier,
    cardinality: 'single',
    baseType: 'identifier',
    correct: keys.slice(0, 1),
    mapped: keys.map((key) => ({ key, score })),
  });
}

/** Where a gap is typed or chosen. */
function gapPlace({ accepted, options }: Gap, index: number): Node {
  const identifier = gapIdentifier(index);
  return options?.length
    ? el(
        'qti-inline-choice-interaction',
        { 'response-identifier': identifier, shuffle: false },
        ...options.map((word, n) =>
          el('qti-inline-choice', { identifier: optionLetter(n) }, text(word)),
        ),
      )
    : entry(identifier, longest(accepted));
}

/** The sentence with its gaps; a place that no gap belongs to says nothing. */
function sentence(item: Item): Node[] {
  // Every second part is the number of a gap.
  return inlineXml(item.stem)
    .split(/\{\{(\d+)\}\}/)
    .map((part, index): Node => {
      if (index % 2 === 0) {
        return { raw: part };
      }
      const gap = item.gaps?.[Number(part) - 1];
      return gap ? gapPlace(gap, Number(part) - 1) : text('');
    });
}

/** Typed or chosen gaps in a running sentence, each worth its share. */
export function gaps(item: Item, made: Made): Parts {
  const list = item.gaps ?? [];
  const share = made.points / Math.max(1, list.length);
  const scores = list.map((_, index) => mapResponse(gapIdentifier(index)));
  return {
    declarations: list.map((gap, index) => declareGap(gap, index, share)),
    body: [el('p', {}, ...sentence(item), ...picturesAt(item, { at: 'stem' }, made))],
    scoring: [setScore(el('qti-sum', {}, ...scores))],
  };
}
