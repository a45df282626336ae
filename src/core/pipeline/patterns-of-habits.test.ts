// Samples in habits of their own: what a receiver of such a sample is handed, and what is read home from it.
import { describe, expect, it } from 'vitest';
import type { Item } from '../model';
import { readMarkedSet } from '../reading-back';
import { fill, fits, learnBlank } from '.';
import { counter, item, surroundings } from '../../../tests/make';
import { HABITS_AROUND } from '../../../tests/habits-around-texts';
import { HABITS, word } from '../../../tests/marked-habits';

describe('a sample in habits of its own', () => {
  it.each([...HABITS, ...HABITS_AROUND])('%s', async (_, sample, items, text) => {
    const bytes = new TextEncoder().encode(sample);
    const { layout, unsure } = await learnBlank({ name: 'sample.txt', bytes }, surroundings);
    expect(unsure).toEqual([]);
    const filled = await fill({ items, layout, blank: bytes }, { ...surroundings, id: counter() });
    expect(new TextDecoder().decode(filled.bytes)).toBe(text);
    const { items: read } = readMarkedSet(text, layout);
    expect(read.map(({ kind, stem }) => [kind, stem.plain])).toEqual(
      items.map(({ kind, stem }) => [kind, stem.plain]),
    );
    const rightOf = (one: Item): string[] | undefined =>
      one.options?.flatMap(({ text: { plain }, right }) => (right ? [plain.toLowerCase()] : []));
    const aroundOf = ({ category, media, number, options }: Item): unknown => [
      category,
      media,
      number,
      options?.map(({ feedback }) => feedback?.plain),
    ];
    expect(read.filter(({ kind }) => kind !== 'true-false').map(aroundOf)).toEqual(
      items.filter(({ kind }) => kind !== 'true-false').map(aroundOf),
    );
    const isTruth = ({ kind }: Item): boolean => kind === 'true-false';
    expect(read.map((one) => (isTruth(one) ? one.options?.[0]?.right : rightOf(one)))).toEqual(
      items.map((one) => (isTruth(one) ? one.options?.[0]?.right : rightOf(one))),
    );
  });

  it('of one question of each kind, without a sign in front of any', async () => {
    const sample =
      'Match the part with its work.\ngate -> holds the water\npaddle -> lets it in\nbeam -> moves the gate\n\nPut in order.\n1> close the gates\n2> open the paddles\n3> wait\n\nA lock has two [gates] and a [chamber].\n';
    const { layout, unsure } = await learnBlank(
      { name: 'sample.txt', bytes: new TextEncoder().encode(sample) },
      surroundings,
    );
    expect(unsure).toEqual([]);
    expect(layout.pattern?.forms.map(({ kinds }) => kinds)).toEqual([
      ['match'],
      ['order'],
      ['gap'],
    ]);
    const { items } = readMarkedSet(sample, layout);
    expect(items).toMatchObject([
      { kind: 'match', pairs: [{ right: { plain: 'holds the water' } }, {}, {}] },
      { kind: 'order', steps: [{ plain: 'close the gates' }, {}, { plain: 'wait' }] },
      { kind: 'gap', gaps: [{ accepted: ['gates'] }, { accepted: ['chamber'] }] },
    ]);
  });

  it('is unsure where signs alone tell another right option than lines do', async () => {
    const sample =
      '? What floats?\n! Cork\n- Iron\n- Lead\n# boats\n\n? What opens?\n! A gate\n- A wall\n- A hill\n# locks\n';
    const { layout, unsure } = await learnBlank(
      { name: 'sample.txt', bytes: new TextEncoder().encode(sample) },
      surroundings,
    );
    expect(unsure).toEqual(['pattern']);
    expect(readMarkedSet(sample, layout).items.map(({ options }) => options?.[0]?.right)).toEqual([
      true,
      true,
    ]);
  });

  it.each([
    ['bare questions', '', 2],
    ['questions behind a word', 'Question: ', 3],
  ])(
    'is unsure where nothing but the place of an option may tell that it is right: %s',
    async (_, sign, count) => {
      const questions = [
        'What opens?\nA gate\nA wall\nA hill',
        'What floats?\nCork\nIron\nLead',
        'What steers?\nRudder\nRope\nLamp',
      ];
      const sample = questions.slice(0, count).map((text) => `${sign}${text}\n`);
      const { layout, unsure } = await learnBlank(
        { name: 'sample.txt', bytes: new TextEncoder().encode(sample.join('\n')) },
        surroundings,
      );
      expect(unsure).toEqual(['pattern']);
      expect(layout).toMatchObject({
        key: { style: 'first' },
        pattern: { forms: [{ parts: [{}, { role: 'option', first: true }] }] },
      });
    },
  );

  it('on one line refuses a text that has the sign between the parts', async () => {
    const sample =
      'Q: What opens? ; A: a gate\nQ: What floats? ; A: cork\nQ: What stands? ; A: a wall\n';
    const bytes = new TextEncoder().encode(sample);
    const { layout } = await learnBlank({ name: 'sample.txt', bytes }, surroundings);
    const sly = { ...word, stem: { plain: 'A step; what is it called?' } };
    expect(fits([sly, word], layout)).toMatchObject([
      { state: 'refused', code: 'sign-in-text' },
      { state: 'fits' },
    ]);
  });

  it('of two lines that each say all of a question takes them for two', async () => {
    const truth = (id: string, stem: string, right: boolean): Item =>
      item({
        id,
        kind: 'true-false',
        stem: { plain: stem },
        options: ['true', 'false'].map((plain, n) => ({
          text: { plain },
          right: (n === 0) === right,
        })),
      });
    const bytes = new TextEncoder().encode('The sky is blue. [true]\nGrass is red. [false]\n');
    const { layout, unsure } = await learnBlank({ name: 'sample.txt', bytes }, surroundings);
    expect(unsure).toEqual([]);
    const items = [
      truth('a', 'Cork floats.', true),
      truth('b', 'Lead floats.', false),
      truth('c', 'Ice sinks.', false),
    ];
    const filled = await fill({ items, layout, blank: bytes }, { ...surroundings, id: counter() });
    expect(new TextDecoder().decode(filled.bytes)).toBe(
      'Cork floats. [true]\nLead floats. [false]\nIce sinks. [false]\n',
    );
  });
  it('with gaps whose words stand in brackets behind the sentence', async () => {
    const sample =
      'Fill the gap: The ___ lies under the gate. (cill)\nFill the gap: A ___ holds the river back. (weir)\nFill the gap: Boats wait in the ___. (pound)\n';
    const bytes = new TextEncoder().encode(sample);
    const { layout, unsure } = await learnBlank({ name: 'sample.txt', bytes }, surroundings);
    expect(unsure).toEqual([]);
    const gap = item({
      kind: 'gap',
      stem: { plain: 'A {{1}} floats.' },
      options: undefined,
      gaps: [{ accepted: ['boat'] }],
    });
    const filled = await fill(
      { items: [gap], layout, blank: bytes },
      { ...surroundings, id: counter() },
    );
    const text = new TextDecoder().decode(filled.bytes);
    expect(text).toBe('Fill the gap: A ___ floats. (boat)\n');
    expect(readMarkedSet(text, layout).items).toMatchObject([
      { kind: 'gap', stem: { plain: 'A {{1}} floats.' }, gaps: [{ accepted: ['boat'] }] },
    ]);
  });
});
