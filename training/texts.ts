// How typed texts, documents and replies are understood, by factor: npm run understanding -- texts [--count N --seed N --show N],
// with --files 1 for documents as another program writes them, with --replies 1 for replies of writing assistants.
import { gatherOpened, openSource } from '../src/core/pipeline/sources';
import type { Document, Opened } from '../src/core/model';
import { documentFile } from './documents';
import { material } from './grow/draw.mjs';
import { drawReply } from './grow/replies.mjs';
import { drawText, type DrawnText, type TextTruth } from './grow/texts.mjs';
import { held, option, Tallies } from './tallied';

type Drawn = {
  opened: Opened;
  shown: string[];
  truth: TextTruth[];
  factors: Record<string, unknown>;
};

async function open(drawn: DrawnText): Promise<Opened> {
  if (!drawn.isDocument) {
    return openSource({ name: 'typed.txt', text: drawn.text });
  }
  const document: Document = { file: 'a.docx', format: 'docx', lines: drawn.lines, findings: [] };
  return { is: 'document' as const, document };
}

async function draw(seed: number, n: number): Promise<Drawn> {
  if (option('replies', 0)) {
    const { text, truth, factors } = drawReply(seed, n, material);
    const opened = await openSource({ name: 'reply.txt', text });
    return { opened, shown: text.split('\n'), truth, factors };
  }
  const drawn = drawText(seed, n, material);
  const isFile = option('files', 0) && drawn.isDocument;
  const opened = isFile
    ? await openSource({ name: 'a.docx', bytes: await documentFile(drawn.lines) })
    : await open(drawn);
  const shown = drawn.lines.map((one) => `${one.label ?? ''}${one.heading ? '#' : ''} ${one.text}`);
  return { opened, shown, truth: drawn.truth, factors: drawn.factors };
}

const [seed, count, show] = [option('seed', 51), option('count', 400), option('show', 0)];
const tallies = new Tallies();
let shown = 0;
for (let n = 0; n < count; n++) {
  const drawn = await draw(seed, n);
  let id = 0;
  const { items, reading, findings } = gatherOpened(drawn.opened, {}, { id: () => `i${++id}` });
  const { points, of, wrong } = held(drawn.truth, items);
  const isDoubted = reading.unsure.length > 0 || findings.some(({ level }) => level !== 'note');
  tallies.add(drawn.factors, points, of, isDoubted);
  if (points < of && shown < show) {
    shown++;
    const how = Object.entries(drawn.factors).map(([name, value]) => `${name} ${String(value)}`);
    console.log(
      `--- ${n}: ${items.length} of ${drawn.truth.length} as ${reading.as}; ${how.join(', ')}`,
    );
    console.log(
      drawn.shown
        .slice(0, option('lines', 14))
        .map((text) => `   | ${text}`)
        .join('\n'),
    );
    console.log(wrong.slice(0, 4).join('\n'), isDoubted ? 'doubted' : 'IN SILENCE');
  }
}
tallies.print();
