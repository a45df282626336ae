// A bank of any size from a seed: the same seed gives the same bank. Made anew by each bench, never shipped as a file.
import type { Item, Kind } from '../../src/core/model';
import { seeded } from '../../src/core/shared/chance';

const THINGS = [
  'paddle',
  'gate',
  'cill',
  'balance beam',
  'windlass',
  'pound',
  'by-wash',
  'towpath',
  'bollard',
  'stop plank',
  'side pond',
  'gauge board',
];
const PLACES = [
  'top lock',
  'bottom lock',
  'staircase',
  'Pell Lane bridge',
  'long pound',
  'feeder',
  'basin',
  'winding hole',
];
const DOES = [
  'opens',
  'holds',
  'turns',
  'is checked',
  'is painted',
  'is raised',
  'is shut',
  'is greased',
];
const KINDS: readonly Kind[] = [
  'choice-one',
  'choice-one',
  'choice-one',
  'choice-many',
  'true-false',
  'short',
  'card',
];

/** `size` questions of the kinds of this slice. */
export function makeBank(size: number, seed = 7): Item[] {
  const random = seeded(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  return Array.from({ length: size }, (_, index): Item => {
    const kind = pick(KINDS);
    const stem = {
      plain: `Question ${index + 1}: what ${pick(DOES)} first at the ${pick(PLACES)} when the ${pick(THINGS)} ${pick(DOES)}?`,
    };
    const base = {
      id: `bench-${index}`,
      ref: `B-${String(index + 1).padStart(5, '0')}`,
      kind,
      stem,
      points: 1 + Math.floor(random() * 3),
      seconds: pick([15, 20, 30, 40]),
      category: ['Locks', pick(PLACES)],
      tags: [{ name: 'level', value: pick(['beginner', 'middle', 'high']) }],
    };
    if (kind === 'card' || kind === 'short') {
      return { ...base, accepted: [`the ${pick(THINGS)} of the ${pick(PLACES)}, number ${index}`] };
    }
    if (kind === 'true-false') {
      const yes = random() < 0.5;
      return {
        ...base,
        options: [
          { text: { plain: 'True' }, right: yes },
          { text: { plain: 'False' }, right: !yes },
        ],
      };
    }
    const right = Math.floor(random() * 4);
    return {
      ...base,
      options: Array.from({ length: 4 }, (_unused, n) => ({
        text: { plain: `the ${pick(THINGS)} at the ${pick(PLACES)}, ${n + 1}` },
        right: n === right || (kind === 'choice-many' && n === (right + 1) % 4),
      })),
    };
  });
}

/** The bank as a csv that a person might bring: lettered options, a key column, points, seconds, category. */
export function asCsv(items: readonly Item[]): string {
  const quote = (text: string): string =>
    /[",\n]/.test(text) ? `"${text.replace(/"/g, '""')}"` : text;
  const rows = items
    .filter((item) => item.options)
    .map((item) => {
      const options = Array.from(
        { length: 4 },
        (_, index) => item.options![index]?.text.plain ?? '',
      );
      const key = item
        .options!.flatMap((option, index) =>
          option.right ? [String.fromCharCode(65 + index)] : [],
        )
        .join(';');
      return [
        item.ref,
        item.stem.plain,
        ...options,
        key,
        String(item.points),
        String(item.seconds),
        item.category!.join(' > '),
      ]
        .map(quote)
        .join(',');
    });
  return ['Ref,Question,A,B,C,D,Right answer,Points,Seconds,Category', ...rows].join('\r\n');
}

/** The middle of five timed runs, in milliseconds, after one run to warm up. */
export async function median(run: () => unknown): Promise<number> {
  await run();
  const times: number[] = [];
  for (let i = 0; i < 5; i++) {
    const started = performance.now();
    await run();
    times.push(performance.now() - started);
  }
  return times.sort((a, b) => a - b)[2]!;
}
