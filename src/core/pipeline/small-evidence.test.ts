// What single columns of a table or form show: words to choose from, numbers of questions, answers that share the key's column.
import { describe, expect, it } from 'vitest';
import { counter, item, options, surroundings } from '../../../tests/make';
import { gatherColumns } from '../../../tests/typed';
import { fill, learnBlank } from '.';

const csv = (...lines: string[]): Uint8Array =>
  new TextEncoder().encode(`${lines.join('\r\n')}\r\n`);
const roles = async (...lines: string[]): Promise<string[]> => {
  const { layout } = await learnBlank({ name: 'form.csv', bytes: csv(...lines) }, surroundings);
  return layout.columns.map(({ role }) => role);
};

describe('sentences with gaps', () => {
  it('have their words to choose from in a column of their own, several of which one cell answers with', async () => {
    const { items } = await gatherColumns([
      'Sentence;Word bank;Solution',
      'The ___ holds the ___ back.;gate, water, rope;gate, water',
      'A ___ turns the gear.;windlass, oar;windlass',
    ]);
    expect(items.map(({ gaps }) => gaps)).toEqual([
      [
        { accepted: ['gate'], options: ['gate', 'water', 'rope'] },
        { accepted: ['water'], options: ['gate', 'water', 'rope'] },
      ],
      [{ accepted: ['windlass'], options: ['windlass', 'oar'] }],
    ]);
  });
});

describe('a heading with the sign for a number', () => {
  it.each(['Q#', 'Item #', '# Question'])('%s numbers the questions', async (heading) => {
    const form = [
      `${heading};Prompt;Opt A;Opt B;Key`,
      '1;What floats?;cork;lead;A',
      '2;What sinks?;wood;iron;B',
    ];
    expect(await roles(...form)).toEqual(['number-in-file', 'stem', 'option', 'option', 'key']);
  });
  it('numbers nothing where its cells do not count', async () => {
    const form = [
      'Item #;Prompt;Opt A;Opt B;Key',
      '20;What floats?;cork;lead;A',
      '15;What sinks?;wood;iron;B',
    ];
    expect((await roles(...form))[0]).not.toBe('number-in-file');
  });
});

describe('a board', () => {
  it('names its categories without the word that calls them so', async () => {
    const { items } = await gatherColumns([
      'Points;Category: Locks;;Category: Birds;',
      ';Question;Answer;Question;Answer',
      '100;What holds water back?;gates;What dives?;kingfisher',
      '200;What turns paddles?;windlass;What hoots?;owl',
    ]);
    expect(items.map(({ category }) => category?.[0])).toEqual([
      'Locks',
      'Birds',
      'Locks',
      'Birds',
    ]);
  });
});

describe('answers in the column of the key', () => {
  it('stand there with the sign that the sample has between several, and come home as meant', async () => {
    const blank = csv(
      'type,question,answer,choices',
      'single,What floats?,cork,cork|lead|iron',
      'multi,Which float?,cork|wood,cork|wood|iron',
      'text,What burns?,oil|wood,',
    );
    const { layout } = await learnBlank({ name: 'form.csv', bytes: blank }, surroundings);
    const items = [
      item({
        kind: 'short',
        stem: { plain: 'Name one.' },
        options: undefined,
        accepted: ['cill', 'sill'],
      }),
      item({
        kind: 'choice-many',
        stem: { plain: 'Which?' },
        options: options('*a cill', 'a rope', '*a gate'),
      }),
    ];
    const { bytes, receipt } = await fill(
      { items, layout, blank },
      { ...surroundings, id: counter() },
    );
    expect(new TextDecoder().decode(bytes).split('\r\n').slice(1, 3)).toEqual([
      'text,Name one.,cill|sill,',
      'multi,Which?,a cill|a gate,a cill|a rope|a gate',
    ]);
    expect(receipt.readBack.differences).toEqual([]);
  });
});

it('a sentence with gaps is the first question of a table without headings', async () => {
  const { items } = await gatherColumns([
    'Se montan las ____ a punto de ____.;claras;nieve;;cloze',
    '¿Qué verdura crece bajo tierra?;El calabacín;El tomate;-> La zanahoria;pick one',
    '¿Cuántos gramos hay en medio kilo?;500;;;numeric',
    '¿Qué se cuece?;-> El arroz;La sal;El agua;pick one',
    'El queso se hace con pan.;True;-> False;;true/false',
  ]);
  expect(items.map(({ kind }) => kind)).toEqual([
    'gap',
    'choice-one',
    'number',
    'choice-one',
    'true-false',
  ]);
});
