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

/** What of a question came out otherwise; one word for each part. */
function faults(truth: TextTruth, item: Item | undefined): string[] {
  if (!item) {
    return ['missing'];
  }
  const wrong: string[] = [];
  const texts = item.options?.map(({ text }) => plain(text.plain));
  const key = item.options?.flatMap(({ right }, index) => (right ? [index] : []));
  if (truth.stem && plain(item.stem.plain) !== plain(truth.stem)) {
    wrong.push(`stem “${item.stem.plain}” not “${truth.stem}”`);
  }
  if (truth.options && JSON.stringify(texts) !== JSON.stringify(truth.options.map(plain))) {
    wrong.push(`options ${JSON.stringify(texts)} not ${JSON.stringify(truth.options)}`);
  } else if (truth.options && String(key) !== String(truth.key)) {
    wrong.push(`key ${String(key)} not ${String(truth.key)}`);
  }
  if (truth.trueFalse !== undefined) {
    const isRight = item.kind === 'true-false' && item.options?.[0]?.right === truth.trueFalse;
    if (!isRight) {
      wrong.push(`true-false came as ${item.kind}`);
    }
  } else if (!truth.options && item.kind !== truth.kind && truth.kind !== 'number') {
    wrong.push(`${truth.kind} came as ${item.kind}`);
  }
  if (truth.accepted && String(item.accepted) !== String(truth.accepted)) {
    wrong.push(`accepted ${String(item.accepted)} not ${String(truth.accepted)}`);
  }
  if (truth.explanation && item.explanation?.plain !== truth.explanation) {
    wrong.push(`explanation “${item.explanation?.plain}” not “${truth.explanation}”`);
  }
  return wrong;
}

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
let silent = 0;
for (let n = 0; n < count; n++) {
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
const said = ([name, { points, of, whole, n }]: [string, Tally]): string =>
  `${name.padEnd(30)} ${String(n).padStart(4)}  points ${((100 * points) / of).toFixed(1).padStart(5)} %, whole ${((100 * whole) / n).toFixed(0).padStart(3)} %`;
const [all, ...factors] = [...tallies];
console.log(said(all!), `, wrong in silence ${silent}`);
factors
  .filter(([, { n }]) => n >= count / 60)
  .sort((a, b) => a[1].points / a[1].of - b[1].points / b[1].of)
  .slice(0, option('factors', 30))
  .forEach((one) => console.log(said(one)));
