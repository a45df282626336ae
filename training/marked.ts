// How samples of marked text are learned, by factor: npm run understanding -- marked [--count N --seed N --show N]. Other questions
// are filled into the learned layout, and must come out to the letter as the drawn receiver takes them.
import { createHash } from 'node:crypto';
import type { Item } from '../src/core/model';
import { fill, learnBlank } from '../src/core/pipeline';
import { material } from './grow/draw.mjs';
import { drawMarked, type DrawnRow } from './grow/marked.mjs';
import { option, Tallies } from './tallied';

let id = 0;
const surroundings = {
  now: () => '2026-01-01T00:00:00Z',
  id: () => `i${++id}`,
  digest: (bytes: Uint8Array) => Promise.resolve(createHash('sha256').update(bytes).digest('hex')),
};

const itemOf = ({ item, options, rights }: DrawnRow, n: number): Item => ({
  id: `q${n}`,
  ref: `Q-${n}`,
  kind: rights.length > 1 ? 'choice-many' : 'choice-one',
  stem: { plain: item.stem },
  options: options.map((text, at) => ({ text: { plain: text }, right: rights.includes(at) })),
  category: [item.category],
  explanation: { plain: item.feedback },
  points: item.points,
});

/** The lines of a text that hold something, without its comments. */
const linesOf = (text: string, comment: string | undefined): string[] =>
  text
    .split('\n')
    .map((line) => line.trimEnd())
    .filter((line) => line && !(comment && line.startsWith(comment)));

const [seed, count, show] = [option('seed', 61), option('count', 300), option('show', 0)];
const tallies = new Tallies();
let shown = 0;
for (let n = 0; n < count; n++) {
  const drawn = drawMarked(seed, n, material);
  const bytes = new TextEncoder().encode(drawn.sample);
  const { layout, unsure } = await learnBlank({ name: 'sample.txt', bytes }, surroundings);
  const filled = await fill(
    { items: drawn.others.map(itemOf), layout, setTitle: 'Evening', blank: bytes },
    surroundings,
  ).catch(() => undefined);
  const text = filled ? new TextDecoder().decode(filled.bytes) : '';
  const [own, meant] = [linesOf(text, drawn.comment), linesOf(drawn.expected, drawn.comment)];
  const wrong =
    meant.filter((line, at) => own[at] !== line).length + Math.max(0, own.length - meant.length);
  tallies.add(drawn.factors, Math.max(0, meant.length - wrong), meant.length, unsure.length > 0);
  if (wrong && shown < show) {
    shown++;
    const how = Object.entries(drawn.factors).map(([name, value]) => `${name} ${String(value)}`);
    console.log(`--- ${n}: ${how.join(', ')}; ${unsure.length ? 'doubted' : 'IN SILENCE'}`);
    console.log(
      drawn.sample
        .split('\n')
        .slice(0, 16)
        .map((line) => `   | ${line}`)
        .join('\n'),
    );
    console.log(JSON.stringify(layout.marks));
    console.log(
      own
        .slice(0, 10)
        .map((line) => `   > ${line}`)
        .join('\n'),
    );
  }
}
tallies.print();
