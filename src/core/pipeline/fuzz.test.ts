// Mutated inputs end in questions or findings, never in an exception or a hang. `npm run fuzz` runs 100,000 of them.
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { readdirSync, readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { ItemSchema } from '../model';
import { seeded } from '../shared/chance';
import { Problem } from '../shared/problem';
import { fillAll } from './filling';
import { learnBlank } from './layouts';
import { gatherSource } from './sources';
import { EVERY_KIND } from '../../../tests/kinds';
import { counter, demo, surroundings } from '../../../tests/make';
import { spent, yardstick } from '../../../tests/processor-time';

const COUNT = Number(process.env['COWSLIP_FUZZ'] ?? 600);
/** From which input on they are read; to look at one again without those before it. */
const FROM = Number(process.env['COWSLIP_FUZZ_FROM'] ?? 0);
const SEED = Number(process.env['COWSLIP_FUZZ_SEED'] ?? 20261125);
const fixtures = new URL('../../../tests/fixtures/', import.meta.url);
const texts: Record<string, string> = {
  'typed.txt':
    '1. What opens?\na) Wall\nb) *Gate\n\n2) What floats?\nA. Cork\nB. Brick\nAnswer: A\nExplanation: It is light.\n\nAnswer key\n1. b\n2. a',
  'reply.md':
    'Sure!\n\n| # | Question | A | B | Key |\n|--|--|--|--|--|\n| 1 | What \\| why? | a | **b** | A |\n\n```json\n[{"question":"x?","options":["a","b"],"answer":1}]\n```\n',
  'terms.txt': 'Words\n\npound - the water\ncill - a step\nweir - a dam\n',
  'page.html':
    '<html><body><h1>Quiz</h1><ol><li>What?<ol type="a"><li>x</li><li><b>y</b></li></ol></li></ol><table><tr><td>Question</td><td>A</td></tr><tr><td colspan=2>x</td></tr></table></body></html>',
  'one.xml':
    '<qti-assessment-item xmlns="http://www.imsglobal.org/xsd/imsqtiasi_v3p0" identifier="a" title="b"><qti-response-declaration identifier="RESPONSE" cardinality="single" base-type="identifier"><qti-correct-response><qti-value>A</qti-value></qti-correct-response></qti-response-declaration><qti-item-body><qti-choice-interaction response-identifier="RESPONSE" max-choices="1"><qti-prompt>x</qti-prompt><qti-simple-choice identifier="A">a</qti-simple-choice></qti-choice-interaction></qti-item-body></qti-assessment-item>',
  'bank.json':
    '{"format":"question-bank","version":1,"name":"x","items":[],"layouts":[],"sources":[],"receipts":[],"pictures":{},"blanks":[]}',
};
const seeds: { name: string; bytes: Uint8Array }[] = [
  ...Object.entries(texts).map(([name, text]) => ({ name, bytes: strToU8(text) })),
  ...[
    'second-evening.xlsx',
    'evening-host.xlsx',
    'reply-with-faults.txt',
    'course-shelf.csv',
    'card-box.tsv',
  ].map((name) => ({ name, bytes: demo(name) })),
  ...readdirSync(fixtures)
    .filter((name) => !name.endsWith('.md'))
    .map((name) => ({ name, bytes: new Uint8Array(readFileSync(new URL(name, fixtures))) })),
  { name: 'x.bank.zip', bytes: zipSync({ 'bank.json': strToU8(texts['bank.json']!) }) },
];
const SIGNS = [
  '"',
  '\t',
  ',',
  '|',
  '\n',
  '*',
  '<',
  '>',
  '&',
  '```',
  '\u0000',
  '\ud800',
  '|---|',
  '1.',
  'a)',
  '(',
  '[',
  '{',
  '=1+1',
  '\u202e',
  '-----',
  '&#x0;',
  ']]>',
];

/** One to four cuts, copies, swaps of bytes or signs put in. */
function mutate(bytes: Uint8Array, random: () => number): Uint8Array {
  let result = bytes;
  for (let times = 1 + Math.floor(random() * 4); times > 0; times--) {
    const at = Math.floor(random() * result.length);
    const length = Math.floor(random() ** 3 * Math.min(400, result.length));
    const kind = Math.floor(random() * 5);
    const middle =
      kind === 0
        ? new Uint8Array()
        : kind === 1
          ? Uint8Array.from({ length: 1 + Math.floor(random() * 4) }, () =>
              Math.floor(random() * 256),
            )
          : kind === 2
            ? result.slice(at, at + length)
            : strToU8(SIGNS[Math.floor(random() * SIGNS.length)]!);
    const rest =
      kind === 2 || kind === 3
        ? result.subarray(at)
        : result.subarray(at + (kind === 4 ? 1 : length));
    result = Uint8Array.from([...result.subarray(0, at), ...middle, ...rest]);
  }
  return result;
}

/** A package is taken apart and one of its parts mutated, so that the damage reaches the readers behind the zip. */
function mutateFile(bytes: Uint8Array, random: () => number): Uint8Array {
  if (bytes[0] !== 0x50 || random() < 0.2) {
    return mutate(bytes, random);
  }
  const parts = unzipSync(bytes);
  const names = Object.keys(parts).filter((name) => /\.(?:xml|json|rels)$/.test(name));
  const name = names[Math.floor(random() * names.length)]!;
  return zipSync({ ...parts, [name]: mutate(parts[name]!, random) }, { level: 0 });
}

/** A damaged blank is learned as far as it goes; filling it gives files or a plain sentence, never another error. */
async function asBlank(name: string, bytes: Uint8Array, n: number): Promise<void> {
  const { layout } = await learnBlank({ name, bytes }, surroundings).catch((error: unknown) => {
    throw new Error(
      `blank ${n} from ${name}: ${String(error instanceof Error ? error.stack : error)}`,
    );
  });
  await fillAll({ items: EVERY_KIND, layout, blank: bytes, setTitle: 'T' }, surroundings).catch(
    (error: unknown) => {
      if (
        !(error instanceof Problem) ||
        !/^(?:The blank|This layout|Files of the kind)/.test(error.message)
      ) {
        throw new Error(
          `filling blank ${n} from ${name}: ${String(error instanceof Error ? error.stack : error)}`,
        );
      }
    },
  );
}

/** What comes of one input as a source; what is no item at all is an error. */
async function asSource(name: string, bytes: Uint8Array, n: number): Promise<void> {
  const answer = await gatherSource({ name, bytes }, {}, { id: counter() }).catch(
    (error: unknown) => {
      throw new Error(
        `input ${n} from ${name}: ${String(error instanceof Error ? error.stack : error)}\n${strFromU8(bytes.subarray(0, 400), true)}`,
      );
    },
  );
  for (const item of answer.items) {
    const { error } = ItemSchema.safeParse(item);
    if (error) {
      throw new Error(`input ${n} from ${name} gave no item: ${JSON.stringify(error.issues[0])}`);
    }
  }
  expect(answer.items.length + answer.findings.length).toBeGreaterThan(0);
}

/** How many times an ordinary table of 3,000 questions one input may take. */
const MOST_TIMES = 10;

it(
  `${COUNT} mutated inputs`,
  async () => {
    const random = seeded(SEED);
    const limit = MOST_TIMES * (await yardstick());
    let slowest = 0;
    for (let n = 0; n < COUNT; n++) {
      const { name, bytes: whole } = seeds[Math.floor(random() * seeds.length)]!;
      const bytes = mutateFile(whole, random);
      if (n < FROM) {
        continue;
      }
      let took = await spent(() => asSource(name, bytes, n));
      slowest = Math.max(slowest, took);
      if (n % 4 === 0 && /\.(?:xlsx|ods|csv|tsv|txt|md|xls)$/.test(name)) {
        took += await spent(() => asBlank(name, bytes, n));
      }
      if (took > limit) {
        throw new Error(`input ${n} from ${name} took ${Math.round(took)} ms of ${limit}`);
      }
    }
    if (COUNT > 5000) {
      process.stdout.write(`${COUNT} mutated inputs, the slowest in ${Math.round(slowest)} ms\n`);
    }
  },
  Math.max(300_000, COUNT * 200),
);
