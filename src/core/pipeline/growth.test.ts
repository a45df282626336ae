// What many rows and lines cost grows with their number: no table is looked at again and again for each of its rows.
import { expect, it } from 'vitest';
import { gatherSource, learnBlank } from '.';
import { counter, surroundings } from '../../../tests/make';
import { spent, tooSlow } from '../../../tests/processor-time';

const FEW = 1500;

const table = (heads: string, row: (n: number) => string, count: number): string =>
  [heads, ...Array.from({ length: count }, (_, n) => row(n))].join('\n');
const lines = (line: (n: number) => string, count: number): string =>
  Array.from({ length: count }, (_, n) => line(n)).join('\n');

type Make = (count: number) => { name: string; text: string };
/** Typed texts of questions, `share` of them for each row. */
const typed = (share: number, blocks: Record<string, (n: number) => string>) =>
  Object.fromEntries(
    Object.entries(blocks).map(([name, block]): [string, Make] => [
      name,
      (count) => ({ name: 'a.txt', text: lines(block, Math.ceil(count * share)) }),
    ]),
  );

/** Files of so many rows, of all the forms that a table or a text may be taken for. */
const FILES: Record<string, Make> = {
  'an ordinary table': (count) => ({
    name: 'a.csv',
    text: table('Question,A,B,Right', (n) => `What is it number ${n}?,a,b,A`, count),
  }),
  'rows that begin with a level of their own': (count) => ({
    name: 'a.csv',
    text: table('Level,Why?', (n) => `L${n}x,What is it number ${n}?`, count),
  }),
  'rows with names, below numbers and an empty corner': (count) => ({
    name: 'a.csv',
    text: table(',1,2', (n) => `name ${n}x,a,b`, count),
  }),
  'numbers from row to row': (count) => ({
    name: 'a.csv',
    text: table('100,200,300', (n) => `${n},${n + 1},${n + 2}`, count),
  }),
  'sentences with gaps beside lists of words': (count) => ({
    name: 'a.csv',
    text: table(
      'Sentence,Missing word,Wrong words',
      (n) => `Lock ${n} holds ____ boats,two${n},"one, three, four${n}"`,
      count,
    ),
  }),
  'lists beside a key of pairs': (count) => ({
    name: 'a.csv',
    text: table(
      'Task,Column A,Column B,Pairs',
      (n) => `Match ${n},1) a 2) b${n},a) x b) y${n},"1b, 2a"`,
      count,
    ),
  }),
  'chapters in a list of terms': (count) => ({
    name: 'a.txt',
    text: lines((n) => (n % 4 ? `term ${n} - meaning ${n}` : `Chapter ${n} - part ${n}`), count),
  }),
  'field names in front': (count) => ({
    name: 'a.csv',
    text: lines((n) => `${['Question', 'A', 'B', 'Answer'][n % 4]!},text ${n}`, count),
  }),
  'typed questions': (count) => ({
    name: 'a.txt',
    text: lines(
      (n) => `${n + 1}. What is it number ${n}?\nAnswer choices:\na) x\nb) *y\n`,
      Math.ceil(count / 4),
    ),
  }),
  ...typed(0.3, {
    'clues with their words in capitals': (n) => `${n + 1} It is number ${n} (WORD${n}X)`,
    'sentences with a word in capitals': (n) => `The ${n}th of them is called NAME of some.`,
    'options with nought and one': (n) => `What is ${n}?\nthat one ${n}x 1\nthis one ${n}y 0\n`,
    'options between strokes': (n) => `${n + 1}. What is ${n}: one / _two_ / three`,
    'options with bare letters': (n) =>
      `${n + 1}. What is ${n}?\nA one   B two   C three\nAnswer: B\n`,
    'keys in short': (n) => `Pytanie ${n + 1}. Co to?\nA) jeden\nB) dwa\nOdp. A\n`,
    'model answers': (n) => `${n + 1}. Name two.\nModel answer:\n- one ${n}\n- two\n`,
    'words behind gaps': (n) => `${n + 1}.  ${n} + 8 = ____        ${n + 8}`,
    'choices in brackets': (n) => `${n + 1}. She (go / goes) ${n} times.  -> goes`,
    stations: (n) => `Station ${n + 1} - Place ${n}\n   What is it? (it)\n   Who is it? (me)`,
    'gaps that count on': (n) => `The keeper (${n + 1}) ____ up.\n`,
    'verdicts with what is right': (n) => `${n + 1}. It is ${n}. → false, it is more`,
  }),
  ...typed(1, {
    'answers below their questions': (n) => `Q What is it number ${n}?\nA This one ${n}\n`,
    'answers behind their questions': (n) => `What is it number ${n}? - this ${n}\nand ${n}\n`,
  }),
  ...typed(1 / 3, {
    'options with an x and an o': (n) => `${n + 1}. What is it?\nx this ${n}\no that ${n}\n`,
    'options in capitals': (n) => `${n + 1}. What is it?\na) THIS ${n}\nb) that ${n}\n`,
    'feedback of options': (n) =>
      `${n + 1}. What?\na) x\nb) y\nAnswer: a\nFeedback (a): u${n}\nFeedback (b): v\n`,
    'lines to write on': (n) => `${n + 1}. Why is it ${n}?\n${'_'.repeat(30)}\n`,
    'a table each': (n) => `| Question | Answer |\n|---|---|\n| What is ${n}? | x${n} |\n\n${n}\n`,
  }),
  'marked text': (count) => ({
    name: 'a.txt',
    text: lines(
      (n) => `::Q${n} @ topic${n % 5}\n?? What is number ${n}?\n!! this ${n}\n~~ that\n`,
      Math.ceil(count / 4),
    ),
  }),
};

it.each(Object.entries(FILES))('%s: gathered and learned', async (name, make) => {
  const source = (count: number): { name: string; bytes: Uint8Array } => {
    const file = make(count);
    return { name: file.name, bytes: new TextEncoder().encode(file.text) };
  };
  const gathered = (count: number) => (): Promise<number> =>
    spent(() => gatherSource(source(count), {}, { id: counter() }));
  const learned = (count: number) => (): Promise<number> =>
    spent(() => learnBlank(source(count), surroundings));
  await gathered(FEW / 10)();
  expect(await tooSlow(name, [gathered(FEW), gathered(FEW * 4)])).toEqual([]);
  expect(await tooSlow(name, [learned(FEW), learned(FEW * 4)])).toEqual([]);
});
