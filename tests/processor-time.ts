// What work costs in processor time, and the yardstick that says how fast the machine is that a test happens to run on.
import { gatherSource, learnBlank } from '../src/core/pipeline';
import { counter, surroundings } from './make';

/** Milliseconds of processor time, since a busy machine may stand still for seconds. */
export async function spent(work: () => Promise<unknown>): Promise<number> {
  const started = process.cpuUsage();
  await work();
  const { user, system } = process.cpuUsage(started);
  return (user + system) / 1000;
}

const ROWS = 3000;
/** The first ones are slower, until what they run is compiled. */
const MEASURES = 4;

/**
 * Milliseconds of processor time that an ordinary table of 3,000 questions takes to be gathered and learned here: the
 * measure of whatever must not take longer than that so many times.
 */
export async function yardstick(): Promise<number> {
  const row = (_: unknown, n: number): string =>
    `What is ${n} plus ${n % 7}?,it is ${n},perhaps ${n + 1},rather ${n + 2},${'ABC'[n % 3]}`;
  const text = ['Question,A,B,C,Right', ...Array.from({ length: ROWS }, row)].join('\n');
  const source = { name: 'a.csv', bytes: new TextEncoder().encode(text) };
  let least = Infinity;
  for (let measured = 0; measured < MEASURES; measured++) {
    const once = await spent(async () => {
      await gatherSource(source, {}, { id: counter() });
      await learnBlank(source, surroundings);
    });
    least = Math.min(least, once);
  }
  return least;
}

/** Four times the size in at most this many times the time: what looks back over all of it takes sixteen. */
const MOST_RATIO = 9;
const LEAST_MS = 60;

/**
 * What is said of work whose cost grows faster than its size; the second measure is of four times the size. The time of
 * the process holds that of its collector and compiler as well, whenever they come, so what looks slow is measured
 * again: what looks back is slow each time.
 */
export async function tooSlow(
  name: string,
  [once, fourTimes]: [() => Promise<number>, () => Promise<number>],
): Promise<string[]> {
  let [short, long] = [0, 0];
  for (let measured = 0; measured < MEASURES - 1; measured++) {
    [short, long] = [await once(), await fourTimes()];
    if (long <= LEAST_MS * 4 || long <= MOST_RATIO * Math.max(short, LEAST_MS / 4)) {
      return [];
    }
  }
  return [`${JSON.stringify(name)}: ${Math.round(short)} ms, then ${Math.round(long)} ms`];
}
