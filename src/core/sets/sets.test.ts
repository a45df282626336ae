// Sets: drawn by a plan, counted, and shuffled into versions.
import { describe, expect, it } from 'vitest';
import type { Item, Plan, PlanLine, PlanMost } from '../model';
import { seeded } from '../shared/chance';
import { factsOf } from '../shared/sets/facts';
import { shortWords } from '../shared/sets/short';
import { isWanted, whereWords } from '../shared/sets/where';
import { drawByPlan, versionsOf } from './index';

const item = (id: string, more: Partial<Item> = {}): Item => ({
  id,
  ref: id,
  kind: 'choice-one',
  stem: { plain: `Question ${id}?` },
  options: [
    { text: { plain: 'cork' }, right: true },
    { text: { plain: 'brick' }, right: false },
    { text: { plain: 'lead' }, right: false },
  ],
  ...more,
});
const plan = (...lines: PlanLine[]): Plan => ({ lines, seed: 7 });
const SAFETY = { category: 'Safety' };
const GATES = { category: 'Safety > Gates' };

describe('what a line of a plan wants', () => {
  const gates = item('1', {
    category: ['Safety', 'Gates'],
    tags: [{ name: 'level', value: 'beginner' }],
  });

  it.each([
    [{}, true],
    [SAFETY, true],
    [GATES, true],
    [{ category: 'Safe' }, false],
    [{ tag: { name: 'level', value: 'beginner' } }, true],
    [{ tag: { value: 'beginner' } }, false],
    [{ kind: 'short' as const }, false],
  ])('%j', (where, expected) => {
    expect(isWanted(gates, where)).toBe(expected);
  });

  it('is said in words', () => {
    expect(whereWords({ ...GATES, tag: { name: 'level', value: 'beginner' } })).toBe(
      'Safety > Gates, level: beginner',
    );
    expect(whereWords({})).toBe('any question');
  });
});

describe('a draw by a plan', () => {
  const bank = Array.from({ length: 60 }, (_, n) =>
    item(`q${n}`, { category: n % 3 ? ['Safety', n % 2 ? 'Gates' : 'Paddles'] : ['History'] }),
  );

  it('takes as many for each line as it wants, no question twice, the same for the same seed', () => {
    const drawn = drawByPlan(
      bank,
      plan({ where: SAFETY, take: 9 }, { where: { category: 'History' }, take: 4 }),
    );
    expect(drawn.byLine.map((ids) => ids.length)).toEqual([9, 4]);
    expect(new Set(drawn.chosen).size).toBe(13);
    expect(drawn.short).toEqual([]);
    const again = drawByPlan(
      bank,
      plan({ where: SAFETY, take: 9 }, { where: { category: 'History' }, take: 4 }),
    );
    expect(again).toEqual(drawn);
    const other = drawByPlan(bank, { ...plan({ where: SAFETY, take: 9 }), seed: 8 });
    expect(other.chosen).not.toEqual(drawn.byLine[0]);
  });

  it('moves a question to the line that no other can fill', () => {
    const few = [item('a', { category: ['Safety', 'Gates'] }), item('b', { category: ['Safety'] })];
    for (let seed = 0; seed < 20; seed++) {
      const { byLine, short } = drawByPlan(few, {
        lines: [
          { where: SAFETY, take: 1 },
          { where: GATES, take: 1 },
        ],
        seed,
      });
      expect(byLine).toEqual([['b'], ['a']]);
      expect(short).toEqual([]);
    }
  });

  it('says line by line what is missing', () => {
    const wanted = plan(
      { where: { category: 'History' }, take: 30 },
      { where: { kind: 'short' }, take: 2 },
    );
    const { short, byLine } = drawByPlan(bank, wanted);
    expect(short).toEqual([
      { line: 0, wanted: 30, present: 20 },
      { line: 1, wanted: 2, present: 0 },
    ]);
    expect(shortWords(short[0]!, wanted, byLine[0]!.length)).toBe(
      'History: 30 wanted, the bank has 20.',
    );
  });

  it('leaves held ones, uses those of lately last, and never two that are nearly alike', () => {
    const wanted = plan({ where: {}, take: 30 });
    const usedLately = new Set(bank.slice(0, 30).map(({ id }) => id));
    const { chosen } = drawByPlan(bank, wanted, { usedLately });
    expect(chosen.filter((id) => usedLately.has(id))).toEqual([]);
    const held = drawByPlan(bank, wanted, { usedLately, held: ['q3'] }).chosen;
    expect(held).toContain('q3');
    const group = new Map(bank.map(({ id }, n) => [id, n % 10]));
    const areAlike = (a: string, b: string): boolean => group.get(a) === group.get(b);
    const apart = drawByPlan(bank, wanted, { areAlike });
    expect(apart.chosen).toHaveLength(10);
    expect(apart.short).toEqual([{ line: 0, wanted: 30, present: 60 }]);
  });

  it('fills as many places as any choice could, against all choices of small banks', () => {
    const random = seeded(11);
    for (let round = 0; round < 150; round++) {
      const lines: PlanLine[] = Array.from({ length: 3 }, (_, n) => ({
        where: { tag: { value: `t${n}` } },
        take: Math.floor(random() * 3),
      }));
      const few = Array.from({ length: 6 }, (_, n) =>
        item(`${n}`, {
          tags: [0, 1, 2].filter(() => random() < 0.4).map((t) => ({ value: `t${t}` })),
        }),
      );
      const { chosen } = drawByPlan(few, { lines, seed: round });
      expect(chosen).toHaveLength(mostPlaces(few, lines));
    }
  });
});

/** The most places that can be filled, by trying every way. */
function mostPlaces(items: readonly Item[], lines: readonly PlanLine[]): number {
  const [first, ...rest] = items;
  if (!first) {
    return 0;
  }
  const ways = lines.flatMap(({ where, take }, line) =>
    take > 0 && isWanted(first, where)
      ? [
          1 +
            mostPlaces(
              rest,
              lines.map((one, n) => (n === line ? { ...one, take: take - 1 } : one)),
            ),
        ]
      : [],
  );
  return Math.max(mostPlaces(rest, lines), ...ways);
}

describe('a draw that may come to so much at most', () => {
  const priced = Array.from({ length: 30 }, (_, n) =>
    item(`q${n}`, {
      category: [n % 2 ? 'Safety' : 'History'],
      points: 1 + (n % 3),
      seconds: 30 * (1 + (n % 4)),
    }),
  );
  const byId = new Map(priced.map((one) => [one.id, one]));
  const lines = [
    { where: SAFETY, take: 6 },
    { where: { category: 'History' }, take: 6 },
  ];
  const costOf = (chosen: readonly string[]) =>
    factsOf({ sections: [{ items: [...chosen] }] }, (id) => byId.get(id));

  it.each([[{ points: 14 }], [{ minutes: 8 }], [{ points: 20, minutes: 10 }]])(
    '%j is never passed, whatever is drawn',
    (most) => {
      for (let seed = 0; seed < 40; seed++) {
        const { chosen } = drawByPlan(priced, { lines, seed, most });
        const { points, seconds } = costOf(chosen);
        expect(points).toBeLessThanOrEqual((most as PlanMost).points ?? Infinity);
        expect(seconds).toBeLessThanOrEqual(((most as PlanMost).minutes ?? Infinity) * 60);
      }
    },
  );

  it('fills every line where the cheapest questions allow it', () => {
    // Ten of one point and two of two are the least that twelve questions come to.
    for (let seed = 0; seed < 20; seed++) {
      expect(drawByPlan(priced, { lines, seed, most: { points: 14 } }).chosen).toHaveLength(12);
    }
  });

  it('says of a line that more would go over, and keeps what is held', () => {
    const most = { points: 5 };
    const drawn = drawByPlan(priced, { lines, seed: 3, most }, { held: ['q2', 'q5'] });
    expect(drawn.chosen).toEqual(expect.arrayContaining(['q2', 'q5']));
    expect(drawn.short.length).toBeGreaterThan(0);
    const [first] = drawn.short;
    expect(first).toMatchObject({ bound: true, wanted: 6 });
    expect(shortWords(first!, { lines, seed: 3, most }, drawn.byLine[first!.line]!.length)).toMatch(
      /6 wanted, \d drawn; more would go over 5 points\.$/,
    );
  });

  it('without a bound is drawn as before', () => {
    const plain = drawByPlan(priced, { lines, seed: 9 });
    expect(drawByPlan(priced, { lines, seed: 9, most: { points: 1000 } })).toEqual(plain);
  });
});

describe('what a set comes to', () => {
  const items = new Map(
    [
      item('a', { points: 2, seconds: 30 }),
      item('b', { seconds: 60 }),
      item('c', { kind: 'card' }),
      item('d', { points: 4, seconds: 20 }),
    ].map((one) => [one.id, one]),
  );
  const find = (id: string): Item | undefined => items.get(id);

  it('counts a pool by what it draws, and leaves out what is gone', () => {
    expect(factsOf({ sections: [{ items: ['a', 'b', 'c', 'gone'] }] }, find)).toMatchObject({
      questions: 3,
      points: 3,
      seconds: 90,
      untimed: 1,
    });
    expect(factsOf({ sections: [{ items: ['a', 'd'], draw: 1 }] }, find)).toMatchObject({
      questions: 1,
      points: 3,
      seconds: 25,
    });
    expect(factsOf({ sections: [] }, find)).toMatchObject({ questions: 0, points: 0 });
  });
});

describe('versions', () => {
  const above = item('x', {
    options: [
      { text: { plain: 'cork' }, right: false },
      { text: { plain: 'wood' }, right: false },
      { text: { plain: 'all of the above' }, right: true },
    ],
  });
  const items = [...Array.from({ length: 12 }, (_, n) => item(`q${n}`)), above];

  it('hold the same questions in another order, each with the key of its own options', () => {
    const [first, second, third] = versionsOf(items, 3, 5);
    expect(first!.items).toEqual(items);
    for (const version of [second!, third!]) {
      expect(version.items.map(({ id }) => id).sort()).toEqual(items.map(({ id }) => id).sort());
      expect(version.items.map(({ id }) => id)).not.toEqual(items.map(({ id }) => id));
      version.items.forEach(({ options }, n) => {
        expect(options![version.key[n]!.charCodeAt(0) - 65]!.right).toBe(true);
      });
      expect(version.items.find(({ id }) => id === 'x')).toEqual(above);
    }
    expect(second!.key).not.toEqual(third!.key);
    expect(versionsOf(items, 3, 5)[2]).toEqual(third);
  });
});
