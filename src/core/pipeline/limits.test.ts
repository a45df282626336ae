// What once held the program up for minutes is answered quickly, with questions or with a sentence that says why not.
import { beforeAll, describe, expect, it } from 'vitest';
import { fill, gatherSource, learnBlank, STARTERS } from '.';
import { HOSTILE, RUN_SIGNS } from '../../../tests/hostile';
import { counter, demo, item, surroundings } from '../../../tests/make';
import { spent, tooSlow, yardstick } from '../../../tests/processor-time';

/**
 * How many times an ordinary table of 3,000 questions each may take. They take twice that at most where nothing else
 * runs, one of them nine times (and took a thousand and more); counting coverage costs time too.
 */
const MOST_TIMES = 20;
let limit = 0;

beforeAll(async () => {
  limit = MOST_TIMES * (await yardstick());
});

describe('hostile input', () => {
  it.each(Object.entries(HOSTILE))('%s', async (_, make) => {
    const source = make();
    const gathered = await spent(async () => {
      const { items, findings } = await gatherSource(source, {}, { id: counter() });
      expect(items.length + findings.length).toBeGreaterThan(0);
      for (const { message } of findings.filter(({ level }) => level === 'block')) {
        expect(message).not.toMatch(/call stack|undefined|Invalid|Cannot read/);
        expect(message.length).toBeLessThan(600);
      }
    });
    expect(gathered).toBeLessThan(limit);
    expect(await spent(() => learnBlank(source, surroundings))).toBeLessThan(limit);
  });
  it('a match of 5,000 pairs, fitted and filled', async () => {
    const pairs = Array.from({ length: 5000 }, (_, n) => ({
      left: { plain: `left ${n}` },
      right: { plain: `right ${n}` },
    }));
    const items = [item({ kind: 'match', options: undefined, pairs }), item({ id: 'b', ref: 'B' })];
    for (const layout of STARTERS) {
      expect(
        await spent(() => fill({ items, layout, setTitle: 'T' }, surroundings)),
        layout.name,
      ).toBeLessThan(limit);
    }
  });
});

it('one question whose text goes on over thousands of lines', async () => {
  // Damaged data, read as typed questions: one label, and all that follows belongs to it, since one line alone asks.
  const [asking, ...rest] = new TextDecoder().decode(demo('bank.json')).split('?');
  const data = `${asking}?${rest.join('')}`;
  const lines = data.split('\n').slice(0, 6000);
  const text = lines.with(232, '      &   },').join('\n');
  const source = { name: 'a.txt', bytes: new TextEncoder().encode(text) };
  const took = await spent(async () => {
    const { items } = await gatherSource(source, { as: 'questions' }, { id: counter() });
    expect(items).toHaveLength(1);
  });
  expect(took).toBeLessThan(limit);
});

describe('long runs of one sign', () => {
  const LENGTH = 6000;
  const places: Record<string, (run: string) => { name: string; text: string }> = {
    'in a stem': (run) => ({
      name: 'a.txt',
      text: `1. What${run}is it?\na) x\nb) *y\n\n2. Who?\na) p\nb) *q\n`,
    }),
    'at the end of a line': (run) => ({
      name: 'a.txt',
      text: `1. What is it?${run}\na) x${run}\nb) *y${run}\n`,
    }),
    'at the start of a line': (run) => ({
      name: 'a.txt',
      text: `${run}1. What is it?\n${run}a) x\n${run}b) *y\n`,
    }),
    'as a line': (run) => ({
      name: 'a.txt',
      text: `1. What?\n${run}\na) x\nb) *y\nAnswer: ${run}\n`,
    }),
    'in a reply': (run) => ({
      name: 'a.md',
      text: `| Q | A | B | Key |\n|---|---|---|---|\n| What${run}? | x | **y**${run} | B |\n`,
    }),
    'in a term': (run) => ({
      name: 'a.txt',
      text: `pound${run} - the water\ncill - ${run}a step\nweir - a dam\n`,
    }),
    'in a cell': (run) => ({
      name: 'a.csv',
      text: `Question,A,B,Right\n"What${run}",x,"${run}y",B\nWho?,x,y,A\n`,
    }),
    'in a page': (run) => ({
      name: 'a.html',
      text: `<html><body><p>1. What${run}?</p><p>a) x${run}</p><p>b) <b>y</b></p></body></html>`,
    }),
  };
  const WAYS = ['lettered', 'starred', 'marked-text', 'board', 'qti-3.0'].map(
    (way) => `starter-${way}`,
  );

  it.each(Object.entries(places))('%s cost no more than their length', async (_, place) => {
    const slow: string[] = [];
    for (const sign of RUN_SIGNS) {
      const timed = (times: number): Promise<number> => {
        const { name, text } = place(sign.repeat(Math.floor((LENGTH * times) / sign.length)));
        return spent(() =>
          gatherSource({ name, bytes: new TextEncoder().encode(text) }, {}, { id: counter() }),
        );
      };
      await timed(0.1);
      slow.push(...(await tooSlow(sign, [() => timed(0.9), () => timed(3.6)])));
    }
    expect(slow).toEqual([]);
  });
  it('in the texts of questions that are filled cost no more than their length', async () => {
    const slow: string[] = [];
    for (const sign of RUN_SIGNS) {
      const timed = async (length: number): Promise<number> => {
        const run = `What${sign.repeat(Math.floor(length / sign.length))}?`;
        let most = 0;
        // One of each way in which texts travel: cells, a text file, marked text, a board, a package.
        for (const layout of STARTERS.filter(({ id }) => WAYS.includes(id))) {
          const items = [
            item({ stem: { plain: run }, hint: { plain: run }, explanation: { plain: run } }),
          ];
          most = Math.max(
            most,
            await spent(() => fill({ items, layout, setTitle: 'T' }, surroundings)),
          );
        }
        return most;
      };
      slow.push(...(await tooSlow(sign, [() => timed(2000), () => timed(8000)])));
    }
    expect(slow).toEqual([]);
  });
});
