// Samples of marked text whose lines have words or signs in front: what is written for the sample's own questions is the sample,
// to the letter, and is read home as the same questions.
import { describe, expect, it } from 'vitest';
import { item, options, surroundings } from '../../../../tests/make';
import { fill, learnBlank, readBackFile } from '../../pipeline';
import type { Item } from '../../model';

const bytesOf = (text: string): Uint8Array => new TextEncoder().encode(text);

const FLOATS = item({
  id: 'a',
  ref: 'Q-1',
  stem: { plain: 'What floats?' },
  options: options('*cork', 'stone', 'iron'),
  category: ['Wood'],
  explanation: { plain: 'Cork is light.' },
  points: 1,
  hint: { plain: 'Look.' },
});
const SINKS = item({
  id: 'b',
  ref: 'Q-2',
  stem: { plain: 'What sinks?' },
  options: options('wood', '*lead', 'cork'),
  category: ['Metal'],
  explanation: { plain: 'Lead is heavy.' },
  points: 2,
  hint: { plain: 'Look.' },
});

async function written(sample: string, items: Item[]) {
  const blank = { name: 'sample.txt', bytes: bytesOf(sample) };
  const { layout, unsure } = await learnBlank(blank, surroundings);
  const { bytes, receipt } = await fill(
    { items, layout, setTitle: 'Set', blank: blank.bytes },
    surroundings,
  );
  const back = await readBackFile({ name: 'set.txt', bytes }, layout, items);
  return { layout, unsure, text: new TextDecoder().decode(bytes), receipt, back };
}

describe('a sample of marked text', () => {
  it.each([
    [
      'words with a colon, the category in each block',
      'T: Wood\nQ: What floats?\nR: cork\nW: stone\nW: iron\nE: Cork is light.\n\nT: Metal\nQ: What sinks?\nW: wood\nR: lead\nW: cork\nE: Lead is heavy.\n',
    ],
    [
      'words that open and close each question, without a blank behind the sign',
      'BEGIN\nWhat floats?\nOK=cork\nNO=stone\nNO=iron\nEND\nBEGIN\nWhat sinks?\nNO=wood\nOK=lead\nNO=cork\nEND\n',
    ],
    [
      'signs in front of the question and below its options',
      '@> Wood\n?> What floats?\n+> cork\n-> stone\n-> iron\n&> Cork is light.\n\n@> Metal\n?> What sinks?\n-> wood\n+> lead\n-> cork\n&> Lead is heavy.\n',
    ],
    [
      'a frame around each question',
      '|==\nWhat floats?\n+> cork\n-> stone\n-> iron\n==|\n|==\nWhat sinks?\n-> wood\n+> lead\n-> cork\n==|\n',
    ],
    [
      'letters and a line that names the right one',
      '?> What floats?\na) cork\nb) stone\nc) iron\n!> A\n\n?> What sinks?\na) wood\nb) lead\nc) cork\n!> B\n',
    ],
    [
      'bare words, the key by number, points and the set’s name',
      'form Set\n\nask What floats?\nopt cork\nopt stone\nopt iron\nkey 1\nworth 1\n\nask What sinks?\nopt wood\nopt lead\nopt cork\nkey 2\nworth 2\n',
    ],
    [
      'letters with a colon as options, and a line with the answer',
      'Q: What floats?\nA: cork\nB: stone\nC: iron\nAnswer: A\n\nQ: What sinks?\nA: wood\nB: lead\nC: cork\nAnswer: B\n',
    ],
    [
      'signs alone, the key by its text',
      '?? What floats?\n-- cork\n-- stone\n-- iron\n!! cork\n\n?? What sinks?\n-- wood\n-- lead\n-- cork\n!! lead\n',
    ],
    [
      'a tag in front of each line and around each question',
      '<question>\n<text>What floats?\n<yes>cork\n<no>stone\n<no>iron\n</question>\n<question>\n<text>What sinks?\n<no>wood\n<yes>lead\n<no>cork\n</question>\n',
    ],
    [
      'numbers behind a hash, indented lines, a hint',
      '#1 What floats?\n   [x] cork\n   [ ] stone\n   [ ] iron\n   {tip} Look.\n#2 What sinks?\n   [ ] wood\n   [x] lead\n   [ ] cork\n   {tip} Look.\n',
    ],
    [
      'a category between signs above each question',
      '== Wood ==\n? What floats?\n+ cork\n- stone\n- iron\n! Cork is light.\n\n== Metal ==\n? What sinks?\n- wood\n+ lead\n- cork\n! Lead is heavy.\n',
    ],
    [
      'frames of two words, a sign for the text inside, the key by number',
      'BEGIN QUESTION\nTEXT What floats?\nCHOICE cork\nCHOICE stone\nCHOICE iron\nCORRECT 1\nSCORE 1\nEND QUESTION\n\nBEGIN QUESTION\nTEXT What sinks?\nCHOICE wood\nCHOICE lead\nCHOICE cork\nCORRECT 2\nSCORE 2\nEND QUESTION\n',
    ],
    [
      'the star behind the right option',
      '1) What floats?\nA. cork *\nB. stone\nC. iron\n\n2) What sinks?\nA. wood\nB. lead *\nC. cork\n',
    ],
    [
      'the question between two signs, feedback below',
      '{{What floats?}}\n=> cork\n-> stone\n-> iron\n~~ Cork is light.\n\n{{What sinks?}}\n-> wood\n=> lead\n-> cork\n~~ Lead is heavy.\n',
    ],
    [
      'the category below, small letters in the key',
      'What floats?\na- cork\nb- stone\nc- iron\nAnswer: a\nTopic: Wood\n\nWhat sinks?\na- wood\nb- lead\nc- cork\nAnswer: b\nTopic: Metal\n',
    ],
    [
      'words with a bar behind them, the key by its text',
      'question | What floats?\noption | cork\noption | stone\noption | iron\nright | cork\n\nquestion | What sinks?\noption | wood\noption | lead\noption | cork\nright | lead\n',
    ],
    [
      'letters in square brackets, a sign apart from them, a category above the number, a word below',
      'Topic: Wood\n#1 What floats?\n! [A] cork\n[B] stone\n[C] iron\nFeedback: Cork is light.\n\nTopic: Metal\n#2 What sinks?\n[A] wood\n! [B] lead\n[C] cork\nFeedback: Lead is heavy.\n',
    ],
    [
      'answers set in, and a key right behind its sign that stands out',
      'Q: What floats?\n  (a) cork\n  (b) stone\n  (c) iron\nKEY=a\nPoints: 1\n\nQ: What sinks?\n  (a) wood\n  (b) lead\n  (c) cork\nKEY=b\nPoints: 2\n',
    ],
    [
      'a head, and no empty lines between numbered questions whose options have no letters',
      'Name: Set\n\n1) What floats?\ncork\nstone\niron\n@right 1\n2) What sinks?\nwood\nlead\ncork\n@right 2\n',
    ],
    [
      'a question mark in front of questions, which is no comment',
      '? What floats?\n[x] cork\n[ ] stone\n[ ] iron\n\n? What sinks?\n[ ] wood\n[x] lead\n[ ] cork\n',
    ],
    [
      'a line that counts above each question',
      'Question 1\nWhat floats?\n(*) cork\n( ) stone\n( ) iron\nFeedback: Cork is light.\n\nQuestion 2\nWhat sinks?\n( ) wood\n(*) lead\n( ) cork\nFeedback: Lead is heavy.\n',
    ],
  ])('with %s is written again to the letter', async (_what, sample) => {
    const { text, back, layout, unsure } = await written(sample, [FLOATS, SINKS]);
    expect(unsure).toEqual([]);
    expect(layout.shape).toBe('marked-text');
    expect(text).toBe(sample);
    expect(back.differences).toEqual([]);
    expect(back.items.map(({ stem }) => stem.plain)).toEqual(['What floats?', 'What sinks?']);
  });
  it('of cards with words in front of their sides is written again to the letter', async () => {
    const sample = 'Card: weir\nMeans: a low wall\n\nCard: cill\nMeans: a ledge\nMeans: a step\n';
    const short = (id: string, stem: string, ...accepted: string[]): Item =>
      item({ id, ref: id, kind: 'short', stem: { plain: stem }, options: undefined, accepted });
    const { text, unsure, back } = await written(sample, [
      short('c1', 'weir', 'a low wall'),
      short('c2', 'cill', 'a ledge', 'a step'),
    ]);
    expect(unsure).toEqual([]);
    expect(text).toBe(sample);
    expect(back.differences).toEqual([]);
  });
  it('with a kind of question that has a sign of its own takes that kind as well', async () => {
    const { unsure, layout } = await written(
      '@q What floats?\n@t cork\n@f stone\n@f iron\n\n@q What sinks?\n@f wood\n@t lead\n@f cork\n\n@match Which is which?\ncork :: light\nlead :: heavy\n',
      [FLOATS],
    );
    expect(layout.marks).toMatchObject({ open: '@q', right: '@t', wrong: '@f' });
    expect(unsure).toEqual([]);
    expect(layout.kinds.map(({ kind }) => kind)).toEqual(['choice-one', 'match']);
  });
  it('leaves out a question whose text would be taken for a sign', async () => {
    const sample =
      '|==\nWhat floats?\n+> cork\n-> stone\n==|\n|==\nWhat sinks?\n+> stone\n-> cork\n==|\n';
    const { receipt } = await written(sample, [
      item({ ...FLOATS, options: options('*a +> b', 'c') }),
      SINKS,
    ]);
    expect(receipt.leftOut.map(({ reason }) => reason)).toEqual([
      expect.stringContaining('a sign of the form'),
    ]);
  });
});

describe('a head of named lines above the questions', () => {
  const sample = [
    '#TITLE Set',
    '#CATEGORY Wood',
    '',
    '[1] What floats?',
    'a) cork (x)',
    'b) stone',
    'c) iron',
    '',
    '[2] What sinks?',
    'a) wood',
    'b) lead (x)',
    'c) cork',
    '',
  ].join('\n');

  it('names the set and the category; the numbers keep their brackets', async () => {
    const { layout, unsure, text, back } = await written(sample, [
      { ...FLOATS, explanation: undefined, hint: undefined },
    ]);
    expect(layout.marks).toMatchObject({
      setTitle: '#TITLE',
      category: '#CATEGORY',
      stemLabel: '[1]',
      optionLabel: 'a)',
      right: '(x)',
      rightAt: 'behind',
    });
    expect(unsure).toEqual([]);
    expect(text.split('\n').slice(0, 5)).toEqual([
      '#TITLE Set',
      '',
      '#CATEGORY Wood',
      '',
      '[1] What floats?',
    ]);
    expect(back.differences).toEqual([]);
  });
});
