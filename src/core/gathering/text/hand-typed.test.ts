// Typed texts as people leave them, one habit each. Common practice, no source.
import { describe, expect, it } from 'vitest';
import { brief } from '../../../../tests/say';
import { briefsOf as briefs, gatherTyped as read } from '../../../../tests/typed';

describe('lists of terms', () => {
  it.each([
    [
      'in two columns by wide gaps, with forms behind commas',
      'Vokabeln\n\ndas Boot, -e        boat\ndie Schleuse, -n    lock\ndas Wehr, -e        weir',
      ['card: das Boot, -e [boat]', 'card: die Schleuse, -n [lock]', 'card: das Wehr, -e [weir]'],
    ],
    [
      'with a star before each and a bar between',
      'Unit 1: Boats\n* bow | front of the boat\n* stern | back of it\n\nUnit 2: Locks\n* cill | step below the gates',
      [
        'card: bow [front of the boat]',
        'card: stern [back of it]',
        'card: cill [step below the gates]',
      ],
    ],
  ])('%s', async (_, text, expected) => {
    expect(await briefs(text)).toEqual(expected);
  });

  it('keep the titles of their parts as categories', async () => {
    const { items } = await read(
      'Unit 1: Boats\n* bow – front of the boat\n* stern – back of it\n\nUnit 2: Locks\n* pound – water between locks\n* cill – step below the gates',
    );
    expect(items.map(({ category }) => category?.[0])).toEqual([
      'Unit 1: Boats',
      'Unit 1: Boats',
      'Unit 2: Locks',
      'Unit 2: Locks',
    ]);
  });

  it('are none where wide gaps part questions from answers or statements from verdicts', async () => {
    const kinds = (await read('Ice floats.      T\nLead floats.      F\nOil floats.      T')).items;
    expect(kinds.map(({ kind }) => kind)).not.toContain('card');
  });
});

describe('what stands around questions', () => {
  it('a level in brackets behind the number', async () => {
    const { items } = await read(
      '1. [Easy] What floats?\nA. a hull\nB. a stone\nAnswer: A\n\n2. [Hard] What opens?\nA. a wall\nB. a gate\nAnswer: B',
    );
    expect(items.map(({ stem, tags }) => [stem.plain, tags?.[0]?.value])).toEqual([
      ['What floats?', 'Easy'],
      ['What opens?', 'Hard'],
    ]);
  });

  it('a topic and a level above each question, with a blank line between', async () => {
    const { items } = await read(
      'Topic: Safety\nDifficulty: 2\n\nWhat do you do first?\n(a) Jump in\n(b) Throw a line *\n\nTopic: Boats\nDifficulty: 1\n\nWhich end is the stern?\n(a) the front\n(b) the back *',
    );
    expect(items.map((item) => [item.stem.plain, item.category, item.tags?.[0]?.value])).toEqual([
      ['What do you do first?', ['Safety'], '2'],
      ['Which end is the stern?', ['Boats'], '1'],
    ]);
  });

  it('a remark right below the options', async () => {
    const { items } = await read(
      'What floats?\nA - a hull\nB - a stone\nNote:\tIt is hollow.\n\nWhat opens?\nA - a wall\nB - a gate\n\nSolutions\n1 A\n2 B',
    );
    expect(items[0]?.explanation?.plain).toBe('It is hollow.');
    expect(items.map(brief)).toEqual([
      'choice-one: What floats? [*a hull / a stone]',
      'choice-one: What opens? [a wall / *a gate]',
    ]);
  });

  it('a task that says its points is one, wherever it stands', async () => {
    const { items, findings } = await read(
      'What floats? (1 point)\na) a hull\nb) a stone\nAnswer: a\n\nLead floats. (false) (1 point)\n\nExplain why iron ships float. (3 points)',
    );
    expect(items.map(({ kind, points }) => [kind, points])).toEqual([
      ['choice-one', 1],
      ['true-false', 1],
      ['open', 3],
    ]);
    expect(findings.filter(({ rule }) => rule === 'lone-sentence')).toEqual([]);
  });

  it('a wish at the end is no task', async () => {
    const { items } = await read(
      'What floats?\na) a hull\nb) a stone\nAnswer: a\n\nWhat opens?\na) a wall\nb) a gate\nAnswer: b\n\nGood luck with it!',
    );
    expect(items).toHaveLength(2);
  });
});

describe('answers', () => {
  it.each([
    [
      'fractions are kept whole',
      '1) 1/2 + 1/4 = ____\n2) Half of 24 = ____\n\nSolutions: 1) 3/4  2) 12',
      ['gap: 1/2 + 1/4 = {{1}} [3/4]', 'gap: Half of 24 = {{1}} [12]'],
    ],
    [
      'Q. and A. stand in turn',
      'Q. Who leads?\nA. The skipper\n\nQ. Who steers?\nA. The steerer',
      ['short: Who leads? [The skipper]', 'short: Who steers? [The steerer]'],
    ],
    [
      'words in braces are what goes into the gaps',
      'Keep to the {right} and pass {port} to {port}.\nThe keeper opens the {paddles|paddle}.',
      [
        'gap: Keep to the {{1}} and pass {{2}} to {{3}}. [right / port / port]',
        'gap: The keeper opens the {{1}}. [paddles|paddle]',
      ],
    ],
    [
      'the first question of a text without numbers has its answer too',
      'How deep is the lock?\nLösung = 3 m\n\nWho waits?\na. a boat\nb. a wall\nLösung = a',
      ['short: How deep is the lock? [3 m]', 'choice-one: Who waits? [*a boat / a wall]'],
    ],
    [
      'a key that counts every question counts the open ones',
      'Explain the lock.\n______________\n______________\n\nWhat floats?\nA) a hull\nB) a stone\n\nWhat opens?\nA) a wall\nB) a gate\n\nSolutions\n2A  3B',
      [
        'open: Explain the lock. []',
        'choice-one: What floats? [*a hull / a stone]',
        'choice-one: What opens? [a wall / *a gate]',
      ],
    ],
    [
      'several letters stand below a number across',
      '1. What floats?\na. a hull\nb. a stone\nc. cork\n2. What opens?\na. a wall\nb. a gate\nc. a sill\n\nAnswers\n1\t2\nA, C\tB',
      [
        'choice-many: What floats? [*a hull / a stone / *cork]',
        'choice-one: What opens? [a wall / *a gate / a sill]',
      ],
    ],
  ])('%s', async (_, text, expected) => {
    expect(await briefs(text)).toEqual(expected);
  });

  it('an open task above a line of answers keeps none of them', async () => {
    const items = await briefs(
      '1. What floats?\nRichtig: a hull\n2. Who waits?\nRichtig: a boat\n3. Explain the lock.\n4. The ____ lies between two ____.\nRichtig: pound; locks',
    );
    expect(items.slice(2)).toEqual([
      'open: Explain the lock. []',
      'gap: The {{1}} lies between two {{2}}. [pound / locks]',
    ]);
  });

  it('a letter alone is a verdict where others bear it out, and doubted where none does', async () => {
    const doubts = async (...lines: string[]) =>
      (await read(lines.join('\n'))).findings.filter(({ rule }) => rule === 'verdict-by-letter')
        .length;
    expect(
      await doubts(
        '1. Give the symbol of fluorine.',
        'Answer: F',
        '',
        '2. What is ice?',
        'Answer: water',
      ),
    ).toBe(1);
    expect(await doubts('1. Ice floats.', 'Answer: T', '', '2. Lead floats.', 'Answer: F')).toBe(0);
  });
});

describe('options and steps', () => {
  it.each([
    [
      'options on one line end in a sign that is none of theirs',
      '1. What floats?\nA) iron; B) stone; C) cork\nANSWER: C\n\n2. What opens?\nA) a gate; B) a wall; C) a roof\nANSWER: A',
      [
        'choice-one: What floats? [iron / stone / *cork]',
        'choice-one: What opens? [*a gate / a wall / a roof]',
      ],
    ],
    [
      'plus and minus stand before options on one line',
      '1. What floats?\n- a) iron    - b) stone    + c) cork\n\n2. What opens?\n+ a) a gate    - b) a wall',
      [
        'choice-one: What floats? [iron / stone / *cork]',
        'choice-one: What opens? [*a gate / a wall]',
      ],
    ],
    [
      'numbers before steps are their places',
      'Task 1\nOrder the events from earliest to latest.\n(3) It was closed.\n(1) It was dug.\n(2) It was widened.\n\nTask 2\nOrder the locks from the top.\n(2) Middle\n(1) Top\n(3) Bottom',
      [
        'order: Order the events from earliest to latest. [It was dug. > It was widened. > It was closed.]',
        'order: Order the locks from the top. [Top > Middle > Bottom]',
      ],
    ],
    [
      'steps stand below a task in a text without numbers',
      'Put the life of a frog in the right order.\n1) egg\n2) tadpole\n3) frog\n\nWhat floats?\na) a hull\nb) a stone\nAnswer: a\n\nWhat opens?\na) a wall\nb) a gate\nAnswer: b',
      [
        'order: Put the life of a frog in the right order. [egg > tadpole > frog]',
        'choice-one: What floats? [*a hull / a stone]',
        'choice-one: What opens? [a wall / *a gate]',
      ],
    ],
    [
      'a pair may begin with a word for points',
      'Q1 Match each thing with its use.\npoints = change the track\nbrake = slows the train\n\nQ2 What floats?\na. a hull *\nb. a stone\n\nQ3 What opens?\na. a wall\nb. a gate *',
      [
        'match: Match each thing with its use. [points=change the track / brake=slows the train]',
        'choice-one: What floats? [*a hull / a stone]',
        'choice-one: What opens? [a wall / *a gate]',
      ],
    ],
  ])('%s', async (_, text, expected) => {
    expect(await briefs(text)).toEqual(expected);
  });
});
