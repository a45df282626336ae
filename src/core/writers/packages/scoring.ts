// What items declare and how they score, in the names of QTI 3.
import type { Item } from '../../model';
import { defined } from '../../shared/defined';
import { inline, picturesAt, type Media } from './content';
import { el, text, type Node } from './xml';

/** What an item is made of. `scoring` sets SCORE; a person scores where it is empty. */
export type Parts = { declarations: Node[]; body: Node[]; scoring: Node[] };
/** What the parts of an item draw on. */
export type Made = {
  media: Media;
  /** The way from the item's folder to the package's root. */
  from: string;
  points: number;
};

/** The identifier of an item's one response. */
export const RESPONSE = 'RESPONSE';
const value = (content: string | number): Node => el('qti-value', {}, text(String(content)));
/** The value of a response or outcome. */
export const variable = (identifier: string): Node => el('qti-variable', { identifier });
const round = (n: number): number => Math.round(n * 10_000) / 10_000;

/** A response that earns points. */
type Mapped = { key: string; score: number; isText?: boolean };

/** A response: its form, what is right, and what is mapped to points. */
type Declared = {
  identifier?: string;
  cardinality: 'single' | 'multiple' | 'ordered';
  baseType: 'identifier' | 'string' | 'float' | 'directedPair' | 'file';
  correct?: readonly (string | number)[];
  mapped?: readonly Mapped[];
  /** The most points that all entries together give. */
  upper?: number;
};

const mapEntry = ({ key, score, isText }: Mapped): Node =>
  el(
    'qti-map-entry',
    defined({
      'map-key': key,
      'mapped-value': round(score),
      'case-sensitive': isText ? false : undefined,
    }),
  );

/** The declaration of a response. */
export function declare({
  identifier = RESPONSE,
  cardinality,
  baseType,
  correct = [],
  mapped = [],
  upper,
}: Declared): Node {
  const bounds = defined({
    'lower-bound': 0,
    'upper-bound': upper === undefined ? undefined : round(upper),
    'default-value': 0,
  });
  return el(
    'qti-response-declaration',
    { identifier, cardinality, 'base-type': baseType },
    correct.length ? el('qti-correct-response', {}, ...correct.map(value)) : undefined,
    mapped.length ? el('qti-mapping', bounds, ...mapped.map(mapEntry)) : undefined,
  );
}

/** Sets the item's score to what the expression gives. */
export const setScore = (expression: Node): Node =>
  el('qti-set-outcome-value', { identifier: 'SCORE' }, expression);
/** The points that a response is mapped to. */
export const mapResponse = (identifier = RESPONSE): Node => el('qti-map-response', { identifier });
/** Gives the points where the condition holds. */
export const scoreIf = (condition: Node, points: number): Node =>
  el(
    'qti-response-condition',
    {},
    el(
      'qti-response-if',
      {},
      condition,
      setScore(el('qti-base-value', { 'base-type': 'float' }, text(String(points)))),
    ),
  );
/** Gives the points where the response is the right one. */
export const whenCorrect = (points: number): Node =>
  scoreIf(
    el('qti-match', {}, variable(RESPONSE), el('qti-correct', { identifier: RESPONSE })),
    points,
  );

/** The text and pictures of the question itself. */
export const stemOf = (item: Item, made: Made): Node[] => [
  inline(item.stem),
  ...picturesAt(item, { at: 'stem' }, made),
];
/** The question as the prompt of an interaction. */
export const prompt = (item: Item, made: Made): Node => el('qti-prompt', {}, ...stemOf(item, made));
/** The question as a paragraph before an interaction that stands in the text. */
export const paragraph = (item: Item, made: Made): Node => el('p', {}, ...stemOf(item, made));
