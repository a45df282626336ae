// Steps with their places in front of them: '(3) The canal was closed.' above '(1) The canal was dug.'
import type { Draft } from './draft';

/** Which option each place has, where the numbers in front of them count, but not as they stand; undefined where they count up. */
export function placesOfSteps({ options }: Pick<Draft, 'options'>): number[] | undefined {
  const areNumbers = options.length > 1 && options.every(({ style }) => style === 'number');
  const places = options.map((_, place) => options.findIndex(({ n }) => n === place));
  const isMoved = places.some((at, place) => at !== place);
  return areNumbers && isMoved && places.every((at) => at >= 0) ? places : undefined;
}
