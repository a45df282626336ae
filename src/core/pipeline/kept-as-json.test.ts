// Questions kept as JSON by programs, and pages that hide their answers. JSON: RFC 8259; details and summary: WHATWG HTML, 4.11.
import { describe, expect, it } from 'vitest';
import { briefsOf, gatherTyped } from '../../../tests/typed';

const gather = (records: unknown) => gatherTyped(JSON.stringify(records), 'a.json');
const CHOICE = {
  type: 'multiple_choice',
  question: 'What floats?',
  choices: ['cork', 'lead'],
  correct: 0,
};

describe('records of several kinds', () => {
  it.each([
    [
      'objects of two texts',
      [
        { left: 'bend', right: 'joins' },
        { left: 'hitch', right: 'ties' },
      ],
    ],
    [
      'lists of two',
      [
        ['bend', 'joins'],
        ['hitch', 'ties'],
      ],
    ],
    ['keys with their values', { bend: 'joins', hitch: 'ties' }],
  ])('pairs kept as %s are matched', async (_, pairs) => {
    const { items } = await gather([CHOICE, { type: 'matching', question: 'Match.', pairs }]);
    expect(items[1]!.pairs?.map(({ left, right }) => [left.plain, right.plain])).toEqual([
      ['bend', 'joins'],
      ['hitch', 'ties'],
    ]);
  });
  it.each([[[1, 0, 2]], [[2, 1, 3]]])(
    'steps come in the order %j of their numbers',
    async (order) => {
      const { items } = await gather([
        CHOICE,
        {
          type: 'ordering',
          question: 'Order.',
          items: ['fill', 'dig', 'sail'],
          correct_order: order,
        },
      ]);
      expect([items[1]!.kind, items[1]!.steps?.map(({ plain }) => plain)]).toEqual([
        'order',
        ['dig', 'fill', 'sail'],
      ]);
    },
  );
  it('nothing of what is said for right and for wrong answers is lost', async () => {
    const { items } = await gather([
      CHOICE,
      {
        ...CHOICE,
        question: 'What bobs?',
        feedback: { correct: 'It is light.', incorrect: 'Lead sinks.' },
      },
    ]);
    expect(items[1]!.explanation?.plain).toMatch(/It is light\..*Lead sinks\./su);
  });
});

describe('a page', () => {
  const question = (
    n: number,
    asks: string,
    options: string[],
    summary: string,
    answer: string,
  ): string =>
    `<div><p>${n}. ${asks}</p><ul>${options.map((one) => `<li>${one}</li>`).join('')}</ul><details><summary>${summary}</summary>${answer}</details></div>`;
  it.each(['Show answer', 'Show the answer', 'Answer', 'Lösung anzeigen', 'Voir la réponse'])(
    'hides its answers below “%s”',
    async (summary) => {
      const page = `<html><body>${question(1, 'What floats?', ['cork', 'lead'], summary, 'cork')}${question(2, 'What sinks?', ['cork', 'lead'], summary, '<p>lead</p>')}</body></html>`;
      expect(await briefsOf(page)).toEqual([
        'choice-one: What floats? [*cork / lead]',
        'choice-one: What sinks? [cork / *lead]',
      ]);
    },
  );
});

describe('a last line that says how right answers are marked', () => {
  it.each([
    ['> **Note:** Answers are marked with ✔.', '✔'],
    ['The right answers are marked with *.', '*'],
    ['Richtige Antworten sind mit ✓ gekennzeichnet.', '✓'],
  ])('%s: it explains no question', async (legend, sign) => {
    const { items, findings } = await gatherTyped(
      `**Q1.** What floats?  \n- A. cork ${sign}  \n- B. lead  \n\n**Q2.** What sinks?  \n- A. lead ${sign}  \n- B. cork  \n\n${legend}\n`,
    );
    expect(
      items.map(({ explanation, options }) => [explanation, options?.map(({ right }) => right)]),
    ).toEqual([
      [undefined, [true, false]],
      [undefined, [true, false]],
    ]);
    expect(findings.map(({ rule }) => rule)).toEqual(['line-left-out']);
  });
});

describe('a sheet of exercises without names', () => {
  it('judges by yes and no, matches labelled halves, and fills gaps', async () => {
    expect(
      await briefsOf(
        'Réponds par oui ou par non.\n1) Le bois flotte. oui\n2) Le fer flotte. non\n\nAssocie.\nA. marteau – 2. clou\nB. clé – 1. boulon\nC. tournevis – 3. vis\n\nÉcris le mot qui manque.\n1) On coupe le bois avec une ______. (scie)\n2) On plante un clou avec un ______. (marteau)\n',
      ),
    ).toEqual([
      'true-false: Le bois flotte. [*oui / non]',
      'true-false: Le fer flotte. [oui / *non]',
      'match: Associe. [marteau=clou / clé=boulon / tournevis=vis]',
      'gap: On coupe le bois avec une {{1}}. [scie]',
      'gap: On plante un clou avec un {{1}}. [marteau]',
    ]);
  });
});
