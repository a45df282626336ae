// Documents and pages with questions in their text and in tables beside it.
import { Document, Packer, Paragraph, Table, TableCell, TableRow } from 'docx';
import { describe, expect, it } from 'vitest';
import { gatherSource } from '.';
import { counter } from '../../../tests/make';
import { brief } from '../../../tests/say';

const paragraphs = (...texts: string[]): Paragraph[] => texts.map((text) => new Paragraph(text));
const table = (...rows: string[][]): Table =>
  new Table({
    rows: rows.map(
      (row) =>
        new TableRow({
          children: row.map((text) => new TableCell({ children: [new Paragraph(text)] })),
        }),
    ),
  });
async function read(children: (Paragraph | Table)[]) {
  const bytes = new Uint8Array(await Packer.toBuffer(new Document({ sections: [{ children }] })));
  return gatherSource({ name: 'test.docx', bytes }, {}, { id: counter() });
}

const QUESTIONS = paragraphs(
  '1. What lifts boats?',
  'a) a bridge',
  'b) a lock *',
  '2. What is a pound?',
  'a) water between locks *',
  'b) a coin',
);
const CHOICES = [
  'choice-one: What lifts boats? [a bridge / *a lock]',
  'choice-one: What is a pound? [*water between locks / a coin]',
];
const CARDS = ['card: windlass [crank for paddles]', 'card: weir [a dam]'];

describe('a document', () => {
  it('with questions and a list of terms in a table has both', async () => {
    const { items, findings } = await read([
      ...QUESTIONS,
      table(['windlass', 'crank for paddles'], ['weir', 'a dam']),
    ]);
    expect(items.map(brief)).toEqual([...CHOICES, ...CARDS]);
    expect(findings.map(({ rule, level }) => [rule, level])).toEqual([['text-and-tables', 'note']]);
  });
  it('keeps the order of both, and each question its lines', async () => {
    const { items, blocks } = await read([
      table(['windlass', 'crank for paddles'], ['weir', 'a dam']),
      ...QUESTIONS,
    ]);
    expect(items.map(brief)).toEqual([...CARDS, ...CHOICES]);
    expect(blocks).toEqual([
      { from: 1, to: 2 },
      { from: 3, to: 4 },
      { from: 5, to: 7 },
      { from: 8, to: 10 },
    ]);
    expect(items.map(({ origin }) => origin?.row)).toEqual([1, 3, 5, 8]);
  });
  it('whose table says most has that alone, and the questions are told', async () => {
    const long = 'with many words about what it is and what it is for, all of them in one cell';
    const { items, findings } = await read([
      table(['windlass', `a crank ${long}`], ['weir', `a dam ${long}`], ['cill', `a step ${long}`]),
      ...QUESTIONS,
    ]);
    expect(items.map(({ kind }) => kind)).toEqual(['card', 'card', 'card']);
    expect(findings.map(({ rule }) => rule)).toEqual(['questions-beside-table']);
  });
  it('whose table is the key of its questions has these alone', async () => {
    const { items } = await read([
      ...paragraphs(
        '1. What lifts boats?',
        'a) a bridge',
        'b) a lock',
        '2. What is a pound?',
        'a) water between locks',
        'b) a coin',
        'Answers',
      ),
      table(['1', 'b'], ['2', 'a']),
    ]);
    expect(items.map(brief)).toEqual(CHOICES);
  });
  it('whose table holds points has no cards of them', async () => {
    const { items } = await read([
      ...QUESTIONS,
      table(['Question', 'Points'], ['1', '2'], ['2', '3']),
    ]);
    expect(items.map(brief)).toEqual(CHOICES);
  });
});
