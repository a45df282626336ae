// Questions with all that belongs to them on one line, and answers below them behind a letter. Common practice, no source.
import { describe, expect, it } from 'vitest';
import { briefsOf, gatherTyped } from '../../../../tests/typed';

describe('on one line', () => {
  it('a prize, a question, its options by letters with colons and the right letter', async () => {
    const { items } = await gatherTyped(
      'Quiz: who knows?\n\n50 €: What lifts boats? A: lock B: bridge C: quay [A]\n100 €: What is a bollard? A: fish B: rope C: post [C]\n',
    );
    expect(
      items.map(({ stem, options, tags }) => [
        stem.plain,
        options?.map(({ text, right }) => `${right ? '*' : ''}${text.plain}`),
        tags,
      ]),
    ).toEqual([
      ['What lifts boats?', ['*lock', 'bridge', 'quay'], [{ value: '50 €' }]],
      ['What is a bollard?', ['fish', 'rope', '*post'], [{ value: '100 €' }]],
    ]);
  });
  it('a question and its answer by name with a bar between them, below levels', async () => {
    const { items } = await gatherTyped(
      'Level 1\nQ: 2+2 | A: 4\nQ: 3+5 | A: 8\nLevel 2\nQ: 12x3 | A: 36\nQ: 81/9 | A: 9\n',
    );
    expect(items.map(({ stem, accepted, category }) => [stem.plain, accepted, category])).toEqual([
      ['2+2', ['4'], ['Level 1']],
      ['3+5', ['8'], ['Level 1']],
      ['12x3', ['36'], ['Level 2']],
      ['81/9', ['9'], ['Level 2']],
    ]);
  });
  it('a word and others between strokes of which one is in capitals', async () => {
    expect(
      await briefsOf(
        'Choose the word that means the same.\n\nbig: small / LARGE / thin\nquick: slow / old / FAST\nbegin: START / end / stop\n',
      ),
    ).toEqual([
      'choice-one: big: [small / *LARGE / thin]',
      'choice-one: quick: [slow / old / *FAST]',
      'choice-one: begin: [*START / end / stop]',
    ]);
  });
  it('T F in front of statements without numbers, with their verdict behind', async () => {
    expect(
      await briefsOf(
        'TRUE OR FALSE\n\nT F  A canal is a river.  (F)\nT F  Locks lift boats.  (T)\n',
      ),
    ).toEqual([
      'true-false: A canal is a river. [True / *False]',
      'true-false: Locks lift boats. [*True / False]',
    ]);
  });
  it('numbers and what they are called are cards', async () => {
    expect(await briefsOf('Lesson 7\n\n17 = seventeen\n70 = seventy\n16 = sixteen\n')).toEqual([
      'card: 17 [seventeen]',
      'card: 70 [seventy]',
      'card: 16 [sixteen]',
    ]);
  });
});

it('a letter with a colon below each counted question opens its answer', async () => {
  expect(
    await briefsOf(
      '1 - Where is the exit?\nR: Next to the kitchen.\n\n2 - Who is the first aider?\nR: Ms Holt.\n',
    ),
  ).toEqual([
    'short: Where is the exit? [Next to the kitchen.]',
    'short: Who is the first aider? [Ms Holt.]',
  ]);
});
it('what is set off below stays so where no letter opens anything', async () => {
  const { reading } = await gatherTyped(
    '<html><body><p>1. Which cheese is blue?</p><p>Brie</p><p><b>Stilton</b></p><p>2. Which is Greek?</p><p><b>Feta</b></p><p>Edam</p></body></html>',
    'page.html',
  );
  expect(reading.key).toEqual({ style: 'marker', marker: 'bold' });
});
it('the blank for a letter in front of the first of two lists is no part of it', async () => {
  expect(
    await briefsOf(
      'Matching\n\n1. ___ cill        a. the water between locks\n2. ___ pound       b. the step below the gates\n3. ___ windlass    c. a crank\n\nKey: 1-b, 2-a, 3-c\n',
    ),
  ).toEqual([
    'match: Matching [cill=the step below the gates / pound=the water between locks / windlass=a crank]',
  ]);
});
