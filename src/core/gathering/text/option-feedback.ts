// What is said of single options: 'Feedback (a): …' below all of them, or a line of feedback below each.
import type { Item, Option, Role } from '../../model';
import { letterPlace } from '../../shared/plain';
import { cleanText } from '../../shared/normalise';
import { textOfPieces, type Draft } from './draft';
import type { Piece } from './tokens';

const SAYING: ReadonlySet<Role> = new Set<Role>(['feedback', 'explanation']);
const OF_OPTION = /^\p{L}[\p{L} ]*?[\s(["[]+([A-Ja-j]|\d{1,2})[)\]]?$/u;
const LEAST = 2;

/** What stands in front of a piece in its line, without the sign behind it: 'Difficulty', 'Feedback (a)'. */
export const nameBefore = ({ line, from }: Piece): string =>
  cleanText(line.text.slice(0, from).replace(/^[^\p{L}\p{N}]+|[\s:=–—-]+$/gu, ''));

type Field = Draft['fields'][number];

/** The option that the name of a field says, by its letter or number. */
function placeNamed({ piece }: Field): number | undefined {
  const label = OF_OPTION.exec(nameBefore(piece))?.[1];
  if (label === undefined) {
    return undefined;
  }
  return /\d/u.test(label) ? Number(label) - 1 : letterPlace(label);
}

/** The option that a field stands right below, where each has lines of its own. */
function placeAbove({ options }: Draft, { piece }: Field): number | undefined {
  const lastOf = (n: number): number => options[n]?.pieces.at(-1)?.line.line ?? Infinity;
  const place = options.findLastIndex((_, n) => lastOf(n) < piece.line.line);
  return place < 0 ? undefined : place;
}

/** The fields of a question that speak of one option each, with its place; none where they do not. */
function feedbackPlaces(draft: Draft): Map<Field, number> {
  const fields = draft.fields.filter(({ role }) => SAYING.has(role));
  const { length } = draft.options;
  const named = fields.flatMap((field): [Field, number][] => {
    const place = placeNamed(field);
    return place !== undefined && place < length ? [[field, place]] : [];
  });
  if (named.length >= LEAST) {
    return new Map(named);
  }
  const placed = fields.flatMap((field): [Field, number][] => {
    const place = placeAbove(draft, field);
    return place === undefined ? [] : [[field, place]];
  });
  const places = new Set(placed.map(([, place]) => place));
  // One below the last option alone is said of the whole question.
  const isOfEach = placed.length >= LEAST && places.size === placed.length;
  return new Map(isOfEach && placed.length >= length - 1 ? placed : []);
}

/**
 * A question's fields without those that speak of its options, and what these say, by the places of `options`, which are all that its
 * lines hold; as it is where it became something else.
 */
export function feedbackApart(
  draft: Draft,
  { options = [] }: Pick<Item, 'options'>,
  keep: boolean,
): { draft: Draft; feedback: ReadonlyMap<number, NonNullable<Option['feedback']>> } {
  const areAll = options.length > 1 && options.length === draft.options.length;
  const places = areAll && draft.fields.length ? feedbackPlaces(draft) : undefined;
  if (!places?.size) {
    return { draft, feedback: new Map() };
  }
  const feedback = new Map(
    [...places].map(([{ piece }, place]) => [place, textOfPieces([piece], keep)] as const),
  );
  const fields = draft.fields.filter((field) => !places.has(field));
  return { draft: { ...draft, fields }, feedback };
}

/** Options with what is said of each. */
export const withFeedback = (
  { options }: Pick<Item, 'options'>,
  feedback: ReadonlyMap<number, NonNullable<Option['feedback']>>,
): Pick<Item, 'options'> =>
  options && feedback.size
    ? {
        options: options.map((option, place) => {
          const said = feedback.get(place);
          return said ? { ...option, feedback: said } : option;
        }),
      }
    : {};
