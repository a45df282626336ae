// Pairs to be matched, and steps to be put in order.
import type { Item } from '../../model';
import { seeded, shuffled } from '../../shared/chance';
import { inline } from './content';
import {
  declare,
  mapResponse,
  prompt,
  RESPONSE,
  setScore,
  whenCorrect,
  type Made,
  type Parts,
} from './scoring';
import { el, type Node } from './xml';

/** Pairs; a right-hand side that serves several is offered once and may be used as often. */
export function match(item: Item, made: Made): Parts {
  const pairs = item.pairs ?? [];
  const sides = [...new Map(pairs.map(({ right }) => [right.plain, right])).values()];
  const places = new Map(sides.map((side, index) => [side.plain, index + 1]));
  const sideOf = (plain: string): string => `R${places.get(plain)}`;
  const uses = new Map<string, number>();
  pairs.forEach(({ right }) => uses.set(right.plain, (uses.get(right.plain) ?? 0) + 1));
  const keys = pairs.map(({ right }, index) => `L${index + 1} ${sideOf(right.plain)}`);
  const associable = (identifier: string, content: Node, times: number): Node =>
    el('qti-simple-associable-choice', { identifier, 'match-max': times }, content);
  return {
    declarations: [
      declare({
        cardinality: 'multiple',
        baseType: 'directedPair',
        correct: keys,
        mapped: keys.map((key) => ({ key, score: made.points / keys.length })),
        upper: made.points,
      }),
    ],
    body: [
      el(
        'qti-match-interaction',
        {
          'response-identifier': RESPONSE,
          shuffle: item.shuffle ?? true,
          'max-associations': pairs.length,
        },
        prompt(item, made),
        el(
          'qti-simple-match-set',
          {},
          ...pairs.map(({ left }, index) => associable(`L${index + 1}`, inline(left), 1)),
        ),
        el(
          'qti-simple-match-set',
          {},
          ...shuffled(sides, seeded(sides.length * 31 + 7)).map((side) =>
            associable(sideOf(side.plain), inline(side), uses.get(side.plain) ?? 0),
          ),
        ),
      ),
    ],
    scoring: [setScore(mapResponse())],
  };
}

/** Steps to be put in order. */
export function order(item: Item, made: Made): Parts {
  const steps = (item.steps ?? []).map((step, index) => ({ step, id: `S${index + 1}` }));
  // Drawn order in the file too, so that a program that does not shuffle gives nothing away.
  const drawn = shuffled(steps, seeded(steps.length * 17 + 3));
  return {
    declarations: [
      declare({
        cardinality: 'ordered',
        baseType: 'identifier',
        correct: steps.map(({ id }) => id),
      }),
    ],
    body: [
      el(
        'qti-order-interaction',
        { 'response-identifier': RESPONSE, shuffle: true },
        prompt(item, made),
        ...drawn.map(({ step, id }) => el('qti-simple-choice', { identifier: id }, inline(step))),
      ),
    ],
    scoring: [whenCorrect(made.points)],
  };
}
