// What a set comes to: questions, points, time, kinds, levels.
import type { Item, Kind, QuestionSet } from '../../model';

export type SetFacts = {
  /** What a learner gets at one attempt; a pool counts by what it draws. */
  questions: number;
  points: number;
  seconds: number;
  /** Questions that say no time. */
  untimed: number;
  kinds: Map<Kind, number>;
};

/** A card is learned and not scored; all else counts one point where none are said. */
export const pointsOf = ({ points, kind }: Item): number => points ?? Number(kind !== 'card');

const rounded = (value: number): number => Math.round(value * 100) / 100;

/** What a set comes to. A pool's points and time are its questions' mean, as often as it draws. */
export function factsOf(
  { sections }: Pick<QuestionSet, 'sections'>,
  itemById: (id: string) => Item | undefined,
): SetFacts {
  const facts: SetFacts = { questions: 0, points: 0, seconds: 0, untimed: 0, kinds: new Map() };
  sections.forEach(({ items: ids, draw }) => {
    const items = ids.flatMap((id) => itemById(id) ?? []);
    const drawn = Math.min(draw ?? items.length, items.length);
    const share = items.length ? drawn / items.length : 0;
    facts.questions += drawn;
    for (const item of items) {
      facts.points += pointsOf(item) * share;
      facts.seconds += (item.seconds ?? 0) * share;
      facts.untimed += item.seconds === undefined ? share : 0;
      facts.kinds.set(item.kind, (facts.kinds.get(item.kind) ?? 0) + 1);
    }
  });
  return {
    ...facts,
    points: rounded(facts.points),
    seconds: Math.round(facts.seconds),
    untimed: Math.round(facts.untimed),
  };
}
