// Sheets typed in an evening, as they come: one more way each to number, to answer, to offer, to head. Common practice, no source.
import { describe, expect, it } from 'vitest';
import { briefsOf, gatherTyped } from '../../../../tests/typed';

describe('numbers and names in front of lines', () => {
  it('a word and its own word for a number: Question n° 1, Pregunta núm. 2', async () => {
    const lines = (word: string) =>
      [1, 2]
        .map(
          (n) =>
            `Question ${word}${n} – À l’écluse, je dois :\nA. sauter\nB. attendre\nRéponse : B\n`,
        )
        .join('\n');
    for (const word of ['n°', 'n° ', 'num. ', 'No. ', '#']) {
      expect(await briefsOf(lines(word))).toEqual(
        Array(2).fill('choice-one: À l’écluse, je dois : [sauter / *attendre]'),
      );
    }
  });
  it('letters in front of numbers above named answers, though each second line asks nothing', async () => {
    expect(
      await briefsOf(
        'Q1. How long is the cut?\nAns: 12 km\nQ2. How many gates has a lock?\nAns: four\nQ3. Who turns the paddles?\nAns: the keeper\n',
      ),
    ).toEqual([
      'short: How long is the cut? [12 km]',
      'short: How many gates has a lock? [four]',
      'short: Who turns the paddles? [the keeper]',
    ]);
  });
  it('a title above numbered terms is no term, whatever sign stands in it', async () => {
    const { items } = await gatherTyped(
      'Vocabulary – Week 12\n\n1. pound – a level reach of water\n2. cill – a step below the gates\n3. weir – a wall that water runs over\n',
    );
    expect(items.map(({ stem }) => stem.plain)).toEqual(['pound', 'cill', 'weir']);
  });
});

describe('answers', () => {
  it('a letter between two signs below the options', async () => {
    const typed = (sign: string) =>
      `1. Vests are worn by\n   A  children\n   B  everyone\n   C  nobody\n   ${sign}B${sign}\n\n2. First one\n   A  jumps\n   B  calls\n   C  waits\n   ${sign}C${sign}\n`;
    for (const sign of ['*', '==', '"']) {
      expect(await briefsOf(typed(sign))).toEqual([
        'choice-one: Vests are worn by [children / *everyone / nobody]',
        'choice-one: First one [jumps / calls / *waits]',
      ]);
    }
  });
  it('options parted by strokes behind a question, with the right ones listed below', async () => {
    expect(
      await briefsOf(
        'Les capitales\nQuelle est la capitale de l’Espagne ? Madrid / Séville / Valence\nQuelle est la capitale de l’Italie ? Milan / Rome / Naples\nQuelle est la capitale du Portugal ? Porto / Faro / Lisbonne\n\nCorrigé : Madrid, Rome, Lisbonne\n',
      ),
    ).toEqual([
      'choice-one: Quelle est la capitale de l’Espagne ? [*Madrid / Séville / Valence]',
      'choice-one: Quelle est la capitale de l’Italie ? [Milan / *Rome / Naples]',
      'choice-one: Quelle est la capitale du Portugal ? [Porto / Faro / *Lisbonne]',
    ]);
  });
  it('a star at some of them', async () => {
    expect(
      await briefsOf(
        'In which year did the wall fall? 1987 / 1989* / 1991\nWho was first? Armstrong* / Aldrin\nWhich are metals? iron* / glass / tin*\n',
      ),
    ).toEqual([
      'choice-one: In which year did the wall fall? [1987 / *1989 / 1991]',
      'choice-one: Who was first? [*Armstrong / Aldrin]',
      'choice-many: Which are metals? [*iron / glass / *tin]',
    ]);
  });
  it('two spellings behind a question are its answers, and nothing is offered', async () => {
    expect(
      await briefsOf(
        '1. Who keeps the lock? the keeper / a lock keeper\n2. What turns? the windlass / a windlass\n3. What falls? the water / water\n',
      ),
    ).toEqual([
      expect.stringMatching(/^short/),
      expect.stringMatching(/^short/),
      expect.stringMatching(/^short/),
    ]);
  });
  it('in brackets behind two questions, below statements with their verdicts', async () => {
    expect(
      await briefsOf(
        'T  F   1. A lock runs on steam.        (F)\nT  F   2. Paddles let water in.        (T)\nT  F   3. Both gates open at once.     (F)\n\n4. What is between the gates? (the chamber)\n5. Who works it alone? (a trained keeper)\n',
      ),
    ).toEqual([
      'true-false: A lock runs on steam. [True / *False]',
      'true-false: Paddles let water in. [*True / False]',
      'true-false: Both gates open at once. [True / *False]',
      'short: What is between the gates? [the chamber]',
      'short: Who works it alone? [a trained keeper]',
    ]);
  });
});

describe('places and parts', () => {
  it('places in brackets behind steps put them in order, below a task for it', async () => {
    const steps = '- The gate opens. [3]\n- The boat ties up. [1]\n- The paddles are wound. [2]\n';
    expect(await briefsOf(`Put these in the right order:\n${steps}`)).toEqual([
      'order: Put these in the right order: [The boat ties up. > The paddles are wound. > The gate opens.]',
    ]);
  });
  it('a topic in a paragraph of its own stands above all questions up to the next', async () => {
    const { items } = await gatherTyped(
      'Topic: Safety\n\n1. Vests are worn by\na) children\nb) everyone *\n\n2. First one\na) jumps\nb) calls *\n\nTopic: Knots\n\n3. A fixed loop is a\na) reef\nb) bowline *\n',
    );
    expect(items.map(({ category }) => category)).toEqual([['Safety'], ['Safety'], ['Knots']]);
  });
});

describe('options', () => {
  it('in two columns are read downwards, with a key that names the answers', async () => {
    expect(
      await briefsOf(
        '____  1.  What unit measures force?\n      a. joule    c. watt\n      b. newton   d. pascal\n____  2.  Which conducts best?\n      a. glass    c. copper\n      b. wood     d. rubber\n\nAnswer Section\n1. ANS: B\n2. ANS: C\n',
      ),
    ).toEqual([
      'choice-one: What unit measures force? [joule / *newton / watt / pascal]',
      'choice-one: Which conducts best? [glass / wood / *copper / rubber]',
    ]);
  });
  it('with a ring in front of each, below questions that letters count in parts; the key names part and letter', async () => {
    expect(
      await briefsOf(
        'Aufgabe 1: Kreuze an (je 1 Punkt)\na) Wann war das?\n   O 1776   O 1789   O 1804\nb) Wer war er?\n   O ein Dichter   O ein König   O ein Maler\n\nAufgabe 2: Richtig oder falsch? (je 1 Punkt)\na) Es war ein Turm.\nb) Er war Maler.\n\nLösungen:\n1a) 1789\n1b) ein König\n2a) richtig\n2b) falsch\n',
      ),
    ).toEqual([
      'choice-one: Wann war das? [1776 / *1789 / 1804]',
      'choice-one: Wer war er? [ein Dichter / *ein König / ein Maler]',
      'true-false: Es war ein Turm. [*richtig / falsch]',
      'true-false: Er war Maler. [richtig / *falsch]',
    ]);
  });
  it('that ask and go on are questions with options of their own: what holds them is doubted', async () => {
    const { reading } = await gatherTyped(
      'Aufgabe 1: Kreuze an\na) Wann war das? O 1776 O 1789\nb) Wer war er? O ein Dichter O ein König\nAntwort: b\n\nAufgabe 2: Kreuze auch hier an\na) Wo war das? O hier O dort\nb) Wie war es? O gut O schlecht\nAntwort: a\n',
    );
    expect(reading.unsure).toContain('as');
  });
});

describe('what stands beside', () => {
  it('a question goes on behind its question mark, up to the sign before the answer', async () => {
    expect(
      await briefsOf(
        'Who am I? I have keys but no locks. = a keyboard\nWho am I? I get wetter the more I dry. = a towel\nWho am I? I have hands but cannot clap. = a clock\n',
      ),
    ).toEqual([
      'short: Who am I? I have keys but no locks. [a keyboard]',
      'short: Who am I? I get wetter the more I dry. [a towel]',
      'short: Who am I? I have hands but cannot clap. [a clock]',
    ]);
  });
  it('names below terms: the first answers, the others are kept as tags', async () => {
    const { items } = await gatherTyped(
      'Term: pound\nDef: a level reach\nExample: The long pound is five miles.\n\nTerm: cill\nDef: a step below gates\nExample: The boat caught on the cill.\n',
    );
    expect(items).toMatchObject([
      {
        kind: 'card',
        accepted: ['a level reach'],
        tags: [{ name: 'Example', value: 'The long pound is five miles.' }],
      },
      { kind: 'card', accepted: ['a step below gates'] },
    ]);
  });
  it('verdicts by letters in the words that are offered above', async () => {
    expect(
      await briefsOf(
        'Vrai ou faux ?\n1. La Loire est un fleuve.\tV\n2. Le mont Blanc est en Espagne.\tF\n3. Paris a vingt arrondissements.\tV\n',
      ),
    ).toEqual([
      'true-false: La Loire est un fleuve. [*Vrai / Faux]',
      'true-false: Le mont Blanc est en Espagne. [Vrai / *Faux]',
      'true-false: Paris a vingt arrondissements. [*Vrai / Faux]',
    ]);
  });
  it('a time and lines to write on in brackets; metres are no minutes', async () => {
    const { items } = await gatherTyped(
      '1. Which is largest? (20s)\n* one\n- two\n\n2. Which is deepest? (2 m)\n- one\n* two\n\n3. Explain why it is so. (4 lines)\n',
    );
    expect(items).toMatchObject([
      { stem: { plain: 'Which is largest?' }, seconds: 20 },
      { stem: { plain: 'Which is deepest? (2 m)' } },
      { stem: { plain: 'Explain why it is so.' }, lines: 4 },
    ]);
  });
  it('named lines below a question end where the next question’s name begins, whatever counts the parts above', async () => {
    const item = (text: string, wrong: string, right: string) =>
      `Item: ${text}\n${wrong}\n✓ ${right}\nClue = Look again.\nLevel = medium\n`;
    const typed = `Section 1: Bridges\n\n${item('What is a pontoon on?', 'Piles', 'Floats')}${item('What is between supports?', 'Pitch', 'Span')}Section 2: Shapes\n\n${item('Which is rigid?', 'Octagon', 'Triangle')}${item('Which is round?', 'Rhombus', 'Circle')}`;
    expect(await briefsOf(typed)).toEqual([
      'choice-one: What is a pontoon on? [Piles / *Floats]',
      'choice-one: What is between supports? [Pitch / *Span]',
      'choice-one: Which is rigid? [Octagon / *Triangle]',
      'choice-one: Which is round? [Rhombus / *Circle]',
    ]);
  });
});
