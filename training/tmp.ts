// How typed texts are understood, by factor: npm run understanding -- texts [--count N --seed N --show N].
import { gatherOpened, openSource } from '../src/core/pipeline/sources';
import type { Document, Item, Opened } from '../src/core/model';
import { material } from './grow/draw.mjs';
import { drawText, type DrawnText, type TextTruth } from './grow/texts.mjs';

const option = (name: string, otherwise: number): number => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? otherwise : Number(process.argv[at + 1]);
};
const plain = (text: string): string => text.replace(/\s+/gu, ' ').trim();

type Check = (truth: TextTruth, item: Item) => string | undefined;

const said = (what: string, got: unknown, meant: unknown): string =>
  `${what} ${JSON.stringify(got)} not ${JSON.stringify(meant)}`;

/** What is looked at in a question; each gives a sentence where it came out otherwise. */
const CHECKS: readonly Check[] = [
  ({ stem }, item) =>
    stem && plain(item.stem.plain) !== plain(stem)
      ? said('stem', item.stem.plain, stem)
      : undefined,
  ({ options }, item) => {
    const texts = item.options?.map(({ text }) => plain(text.plain));
    return options && JSON.stringify(texts) !== JSON.stringify(options.map(plain))
      ? said('options', texts, options)
      : undefined;
  },
  ({ options, key }, item) => {
    const right = item.options?.flatMap((option, index) => (option.right ? [index] : []));
    return options && String(right) !== String(key) ? said('key', right, key) : undefined;
  },
  ({ trueFalse }, item) => {
    const isRight = item.kind === 'true-false' && item.options?.[0]?.right === trueFalse;
    return trueFalse === undefined || isRight ? undefined : `true-false came as ${item.kind}`;
  },
  ({ options, trueFalse, kind }, item) =>
    options || trueFalse !== undefined || kind === 'number' || item.kind === kind
      ? undefined
      : `${kind} came as ${item.kind}`,
  ({ accepted }, item) =>
    accepted && String(item.accepted) !== String(accepted)
      ? said('accepted', item.accepted, accepted)
      : undefined,
  ({ explanation }, item) =>
    explanation && item.explanation?.plain !== explanation
      ? said('explanation', item.explanation?.plain, explanation)
      : undefined,
];

/** What of a question came out otherwise, a sentence for each part. */
const faults = (truth: TextTruth, item: Item | undefined): string[] =>
  item ? CHECKS.flatMap((check) => check(truth, item) ?? []) : ['missing'];

async function open(drawn: DrawnText): Promise<Opened> {
  if (!drawn.isDocument) {
    return openSource({ name: 'typed.txt', text: drawn.text });
  }
  const document: Document = { file: 'a.docx', format: 'docx', lines: drawn.lines, findings: [] };
  return { is: 'document' as const, document };
}

type Tally = { points: number; of: number; whole: number; n: number };
const tallies = new Map<string, Tally>();
const [seed, count, show] = [option('seed', 51), option('count', 400), option('show', 0)];
let shown = 0;
let dbg: any;
(globalThis as any).DBG = (holds: number, d: any[], drafts: any[], e: any, q: any) => { const qs = drafts.map((x: any) => q(x, e).toFixed(2)); dbg = [holds.toFixed(3), Math.min(...qs.map(Number)), ...qs]; };
let silent = 0;
for (let n = 0; n < count; n++) {
  dbg = undefined;
  const drawn = drawText(seed, n, material);
  let id = 0;
  const { items, reading, findings } = gatherOpened(
    await open(drawn),
    {},
    { id: () => `i${++id}` },
  );
  const wrong = drawn.truth.map((truth, index) => faults(truth, items[index]));
  const extra = Math.max(0, items.length - drawn.truth.length);
  const points = wrong.filter((one) => !one.length).length;
  const of = drawn.truth.length + extra;
  const isWhole = points === of;
  if (dbg) console.error([isWhole ? 1 : 0, +(reading.unsure.length>0||findings.some(({level})=>level!=='note')), dbg.join(' '), n].join(' '));
  if (dbg && !isWhole && !reading.unsure.length && !findings.some(({ level }) => level !== 'note')) console.log('S', n, 'key',drawn.factors.key,'stem',drawn.factors.stem,'opt',drawn.factors.option, drawn.factors.kinds, dbg.join(' '), wrong.flatMap((o,i)=>o.map(t=>`${i+1} [${dbg[2+i]}]: ${t}`)).slice(0,3).join(' || '), findings.filter(f=>f.rule==='line-left-out').map(f=>f.message.slice(0,90)).join(' / '));
  if (!isWhole && !reading.unsure.length && !findings.some(({ level }) => level !== 'note')) {
    silent++;
  }
  for (const [name, values] of Object.entries({ all: 'all', ...drawn.factors })) {
    for (const value of [values].flat()) {
      const key = `${name}: ${String(value)}`;
      const tally = tallies.get(key) ?? { points: 0, of: 0, whole: 0, n: 0 };
      tallies.set(key, tally);
      tally.points += points;
      tally.of += of;
      tally.whole += isWhole ? 1 : 0;
      tally.n++;
    }
  }
  if (!isWhole && shown < show) {
    shown++;
    const { key, stem, option: own, blank } = drawn.factors;
    console.log(
      `--- ${n}: key ${key}, stem ${stem}, option ${own}, blank ${blank}; ${items.length} of ${drawn.truth.length} as ${reading.as}`,
    );
    console.log(
      drawn.lines
        .slice(0, 14)
        .map((one) => `   | ${one.label ?? ''}${one.heading ? '#' : ''} ${one.text}`)
        .join('\n'),
    );
    console.log(
      wrong
        .flatMap((one, index) => one.map((text) => `   ${index + 1}: ${text}`))
        .slice(0, 4)
        .join('\n'),
    );
  }
}
const line = ([name, { points, of, whole, n }]: [string, Tally]): string =>
  `${name.padEnd(30)} ${String(n).padStart(4)}  points ${((100 * points) / of).toFixed(1).padStart(5)} %, whole ${((100 * whole) / n).toFixed(0).padStart(3)} %`;
const [all, ...factors] = [...tallies];
console.log(line(all!), `, wrong in silence ${silent}`);
factors
  .filter(([, { n }]) => n >= count / 60)
  .sort((a, b) => a[1].points / a[1].of - b[1].points / b[1].of)
  .slice(0, option('factors', 30))
  .forEach((one) => console.log(line(one)));
