// Replies of writing assistants: objects among talk, objects that break off, YAML, and what the first line promises.
import { describe, expect, it } from 'vitest';
import { counter } from '../../../../tests/make';
import { brief } from '../../../../tests/say';
import type { Finding, Item } from '../../model';
import { gatherSource } from '../../pipeline';
import { promisedIn } from '../../shared/promise';
import { jsonPart } from './json-part';

const gathered = async (text: string): Promise<{ items: Item[]; findings: Finding[] }> =>
  gatherSource({ name: 'reply.txt', text }, {}, { id: counter() });
const rulesOf = ({ findings }: { findings: Finding[] }): string[] =>
  findings.filter(({ level }) => level !== 'note').map(({ rule }) => rule);

const FLOATS = '{"question":"What floats?","options":["cork","brick"],"answer":"cork"}';
const SINKS = '{"question":"What sinks?","options":["cork","brick"],"answer":"brick"}';

describe('objects in a reply', () => {
  it.each([
    ['in a fence', `Sure!\n\n\`\`\`json\n[${FLOATS},\n${SINKS}]\n\`\`\`\nAnything else?`],
    ['among talk', `Sure! Here it is:\n\n[${FLOATS},\n${SINKS}]\n\nLet me know.`],
    ['under a key, with a comma too many', `{"questions":[${FLOATS},${SINKS},]}`],
  ])('are read %s', async (_, text) => {
    const { items } = await gathered(text);
    expect(items.map(brief)).toEqual([
      expect.stringContaining('*cork'),
      expect.stringContaining('*brick'),
    ]);
  });

  it.each([
    ['in a list', `[${FLOATS},\n${SINKS},\n{"question":"What opens?","options":["gate","wa`],
    ['under a key', `{"questions":[${FLOATS},\n${SINKS},\n{"question":"What op`],
    [
      'in a fence',
      `\`\`\`json\n[${FLOATS},\n${SINKS},\n{"question":"What opens?","options":[{"text":"gate"}`,
    ],
  ])('that break off %s are told and left out; the whole ones are read', async (where, text) => {
    const { items, findings } = await gathered(text);
    expect(items).toHaveLength(2);
    expect(findings).toContainEqual(
      expect.objectContaining({
        rule: 'object-torn',
        level: 'warn',
        where: { file: 'reply.txt', line: where === 'in a fence' ? 4 : 3 },
        message: expect.stringContaining('What op') as string,
      }),
    );
  });

  it.each([
    [
      'a bracket too many',
      (text: string) => text.replace('"question":"What is 5', ']"question":"What is 5'),
    ],
    ['a quote that is lost', (text: string) => text.replace('"What is 5', 'What is 5')],
    ['a piece that is lost', (text: string) => text.replace('options":["a 5","b 5"],', '')],
    [
      'a list that ends too early',
      (text: string) => text.replace('b 5"],"answer":"b 5"},', 'b 5"]]'),
    ],
  ])(
    'damaged in the middle by %s: all others are read, and the place is told',
    async (_, damage) => {
      const objects = Array.from(
        { length: 12 },
        (_one, n) => `{"question":"What is ${n}?","options":["a ${n}","b ${n}"],"answer":"b ${n}"}`,
      );
      const text = damage(`{"title":"Numbers","questions":[\n${objects.join(',\n')}\n]}`);
      const { items, findings } = await gathered(text);
      const others = [0, 1, 2, 3, 4, 6, 7, 8, 9, 10, 11].map((n) => `What is ${n}?`);
      expect(items.map(({ stem }) => stem.plain)).toEqual(expect.arrayContaining(others));
      for (const one of items.filter(({ stem }) => stem.plain !== 'What is 5?')) {
        expect(brief(one)).toMatch(/^choice-one: What is (\d+)\? \[a \1 \/ \*b \1\]$/);
      }
      expect(findings).toContainEqual(
        expect.objectContaining({
          rule: expect.stringMatching(/^object-(?:torn|mended)$/) as string,
          level: 'warn',
          where: { file: 'reply.txt', line: 7 },
        }),
      );
      // The frame around the list is not taken for one that is torn.
      expect(findings.filter(({ rule }) => rule.startsWith('object-'))).toHaveLength(1);
    },
  );

  it('are but a part of a text that speaks of them', () => {
    expect(jsonPart(`[${FLOATS}]`)?.torn).toBeUndefined();
    expect(jsonPart(`{"a":1}\n${'What does the line above say? '.repeat(5)}`)).toBeUndefined();
    expect(jsonPart('1. What floats?\na) {cork}')).toBeUndefined();
    // A bracket inside a string closes nothing.
    expect(jsonPart('[{"a":"x]}"},{"a":"y')).toMatchObject({ torn: { text: '{"a":"y' } });
  });

  it('may be written in YAML', async () => {
    const yaml = [
      'questions:',
      '  - question: "What floats?"',
      '    options: [cork, brick]',
      '    answer: cork',
      '  - question: What sinks?',
      '    options:',
      '      - cork',
      '      - brick',
      '    answer: brick',
    ].join('\n');
    for (const text of [yaml, `Here you go:\n\n\`\`\`yaml\n${yaml}\n\`\`\`\n`]) {
      const { items } = await gathered(text);
      expect(items.map(brief)).toEqual([
        expect.stringContaining('*cork'),
        expect.stringContaining('*brick'),
      ]);
    }
  });
});

describe('what the first lines promise', () => {
  it.each([
    ['Great topic! Here are your 7 questions about tea.', 7],
    ['Here are ten multiple-choice questions:', 10],
    ['Voici douze questions à choix multiple.', 12],
    ['Hier sind fünf Fragen zum Kanal.', 5],
    ['Aquí tienes 8 preguntas sobre ríos:', 8],
    ['How many questions are there in 4 rounds?', undefined],
    ['Locks and weirs', undefined],
    ['5 questions | tea | green', undefined],
  ])('“%s”', (text, expected) => {
    expect(promisedIn(text)?.count).toBe(expected);
  });

  const CHOICE = (n: number): string => `${n}. What is ${n} and ${n}?\na) ${n + n} *\nb) ${n}\n`;

  it('is told where fewer came, and not where as many or more did', async () => {
    const told = await gathered(`Here are 3 questions about sums.\n\n${CHOICE(1)}\n${CHOICE(2)}`);
    expect(rulesOf(told)).toEqual(['fewer-than-promised']);
    const kept = await gathered(`Here are 2 questions about sums.\n\n${CHOICE(1)}\n${CHOICE(2)}`);
    expect(rulesOf(kept)).toEqual([]);
    const chosen = await gathered(`Answer any 2 questions.\n\n${[1, 2, 3].map(CHOICE).join('\n')}`);
    expect(rulesOf(chosen)).toEqual([]);
  });

  it('is told of a table in a reply too', async () => {
    const rows = ['What floats? | cork | brick | A', 'What sinks? | cork | brick | B'];
    const table = ['Question | A | B | Answer', '---|---|---|---', ...rows].join('\n');
    expect(rulesOf(await gathered(`Here are 5 questions:\n\n${table}`))).toContain(
      'fewer-than-promised',
    );
    expect(rulesOf(await gathered(`Here are 2 questions:\n\n${table}`))).toEqual([]);
  });
});

describe('labels of options', () => {
  const warned = async (...options: string[]): Promise<string[]> => {
    const { findings } = await gathered(`1. What floats?\n${options.join('\n')}\n`);
    return findings.filter(({ rule }) => rule === 'option-labels').map(({ message }) => message);
  };

  it('that skip one or stand twice are told', async () => {
    expect(await warned('A. cork *', 'B. brick', 'D. stone')).toEqual([
      'Option C is missing: D follows B.',
    ]);
    expect(await warned('a) cork *', 'b) brick', 'c) stone', 'c) lead')).toEqual([
      expect.stringContaining('Two options are called C'),
    ]);
    expect(await warned('A. cork *', 'B. brick', 'C. stone')).toEqual([]);
  });
});
