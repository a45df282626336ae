// Letters that stand for words, and words of the maker's own behind answers. The habits are common practice, no source.
import { describe, expect, it } from 'vitest';
import { briefsOf, gatherTyped } from '../../../../tests/typed';

const read = (...lines: string[]) => gatherTyped(`${lines.join('\n')}\n`);
const briefs = (...lines: string[]) => briefsOf(`${lines.join('\n')}\n`);

describe('a letter in front of lines', () => {
  it('asks where its lines do, with the title of a part above', async () => {
    const { items } = await read(
      'Kapitel 1: Der Wald',
      '',
      'F: Welcher Baum wirft Nadeln ab?',
      'Tanne',
      'Lärche (richtig)',
      '',
      'F: Was frisst der Käfer?',
      'Rinde (richtig)',
      'Blätter',
      '',
      'Kapitel 2: Der Fluss',
      '',
      'F: Wie heißt der Anfang?',
      'Mündung',
      'Quelle (richtig)',
    );
    expect(items.map(({ stem, category }) => [category?.[0], stem.plain])).toEqual([
      ['Kapitel 1: Der Wald', 'Welcher Baum wirft Nadeln ab?'],
      ['Kapitel 1: Der Wald', 'Was frisst der Käfer?'],
      ['Kapitel 2: Der Fluss', 'Wie heißt der Anfang?'],
    ]);
  });

  it('answers where it takes turns with one that asks', async () => {
    expect(
      await briefs('P: ¿Qué flota?', 'R: el corcho', '', 'P: ¿Qué arde?', 'R: la madera'),
    ).toEqual(['short: ¿Qué flota? [el corcho]', 'short: ¿Qué arde? [la madera]']);
  });

  it('says true or false of a statement behind its number, however it is set off', async () => {
    const judged = [
      'true-false: mercury is a liquid. [*true / false]',
      'true-false: gold is light. [true / *false]',
      'true-false: helium is a gas. [*true / false]',
    ];
    for (const [yes, no] of [
      ['( T )', '( F )'],
      ['__T__', '__F__'],
      ['(true)', '(false)'],
    ]) {
      const found = await briefs(
        `${yes!} 1. Mercury is a liquid.`,
        `${no!} 2. Gold is light.`,
        `${yes!} 3. Helium is a gas.`,
      );
      expect(found.map((text) => text.toLowerCase())).toEqual(judged);
    }
  });
});

describe('words of the maker’s own', () => {
  it('behind an answer say more of the question, in a line of several or in lines of their own', async () => {
    const { items } = await read(
      '1. Photosynthesis takes place in the',
      ' A. nucleus',
      ' B. chloroplast',
      ' ANS: B  PTS: 1  DIF: Easy',
      '2. Water enters roots by',
      ' A. osmosis',
      ' B. digestion',
      ' ANS: A  PTS: 2  DIF: Medium',
    );
    expect(items.map(({ points, tags }) => [points, tags])).toEqual([
      [1, [{ name: 'DIF', value: 'Easy' }]],
      [2, [{ name: 'DIF', value: 'Medium' }]],
    ]);
    const cards = await read(
      'Term: erosion',
      'Meaning: the wearing away of rock',
      'Example: The cliff shows a lot of it.',
      '',
      'Term: delta',
      'Meaning: land at a river’s mouth',
      'Example: The Nile has a large one.',
    );
    expect(cards.items.map(({ accepted, explanation }) => [accepted, explanation?.plain])).toEqual([
      [['the wearing away of rock'], 'The cliff shows a lot of it.'],
      [['land at a river’s mouth'], 'The Nile has a large one.'],
    ]);
  });
});

it('letters between a question and its answer open its options, and one behind the answer its reason', async () => {
  const text = [
    ...[
      'Q: What does a fuse do?',
      'O: It stores energy',
      'O: It protects the circuit',
      'O: It hums',
    ],
    ...['A: It protects the circuit', 'E: It melts first.', ''],
    ...['Q: Which metal is liquid?', 'O: Tin', 'O: Mercury', 'A: Mercury', 'E: From −39 °C on.'],
  ].join('\n');
  expect(await briefsOf(text)).toEqual([
    'choice-one: What does a fuse do? [It stores energy / *It protects the circuit / It hums]',
    'choice-one: Which metal is liquid? [Tin / *Mercury]',
  ]);
  const { items } = await gatherTyped(text);
  expect(items.map(({ explanation }) => explanation?.plain)).toEqual([
    'It melts first.',
    'From −39 °C on.',
  ]);
});

it('a letter in brackets behind a question is its key where a word for it stands in front', async () => {
  const asked = (name: string) =>
    ['1. What does a fuse do?', '2. Which metal is liquid?']
      .map((question) => `${question} (${name}: b)\n  a. Tin\n  b. Mercury\n`)
      .join('');
  expect(await briefsOf(asked('Answer'))).toEqual([
    'choice-one: What does a fuse do? [Tin / *Mercury]',
    'choice-one: Which metal is liquid? [Tin / *Mercury]',
  ]);
  expect((await briefsOf(asked('Level')))[0]).toContain('(Level: b)');
});
