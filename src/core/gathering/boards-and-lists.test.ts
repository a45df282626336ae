// Boards whichever way they lie, and cells that hold lists: two to match, and the wrong words for gaps.
import { describe, expect, it } from 'vitest';
import { gatherColumns as read, rightOnes } from '../../../tests/typed';

describe('boards', () => {
  const QUESTIONS = [
    ['What holds water?', ['the gate'], ['Locks'], 100],
    ['What winds a paddle?', ['a windlass'], ['Locks'], 200],
    ['What is in front?', ['the bow'], ['Boats'], 100],
    ['What steers?', ['the tiller'], ['Boats'], 200],
  ];
  it.each([
    [
      'whose headings name the category with a word for the question and for the answer',
      [
        'Points,Locks question,Locks answer,Boats question,Boats answer',
        '100,What holds water?,the gate,What is in front?,the bow',
        '200,What winds a paddle?,a windlass,What steers?,the tiller',
      ],
    ],
    [
      'whose headings name it alone above the questions',
      [
        'Level;Locks;Answer: Locks;Boats;Answer: Boats',
        '100;What holds water?;the gate;What is in front?;the bow',
        '200;What winds a paddle?;a windlass;What steers?;the tiller',
      ],
    ],
    [
      'whose cells hold the answer behind a slash',
      [
        ',Locks,Boats',
        '100,What holds water? / the gate,What is in front? / the bow',
        '200,What winds a paddle? / a windlass,What steers? / the tiller',
      ],
    ],
    [
      'on their side, with the answers below the questions',
      [
        'Category,100,200',
        'Locks,What holds water?,What winds a paddle?',
        ',the gate,a windlass',
        'Boats,What is in front?,What steers?',
        ',the bow,the tiller',
      ],
    ],
    [
      'whose rows say which of them answer, with short clues',
      [
        'Category,Locks,Boats',
        'Question 100,What holds water?,What is in front?',
        'Answer 100,the gate,the bow',
        'Question 200,What winds a paddle?,What steers?',
        'Answer 200,a windlass,the tiller',
      ],
    ],
    [
      'on their side, whose columns say so of each level',
      [
        'Category,Question 100,Answer 100,Question 200,Answer 200',
        'Locks,What holds water?,the gate,What winds a paddle?,a windlass',
        'Boats,What is in front?,the bow,What steers?,the tiller',
      ],
    ],
    [
      'on their side, whose rows say what is in them',
      [
        ',100 points,200 points',
        'Locks (questions),What holds water?,What winds a paddle?',
        'Locks (answers),the gate,a windlass',
        'Boats (questions),What is in front?,What steers?',
        'Boats (answers),the bow,the tiller',
      ],
    ],
  ])('%s', async (_, table) => {
    const { items, reading } = await read(table);
    expect(reading).toMatchObject({ as: 'board', unsure: [] });
    const found = items.map(({ stem, accepted, category, points }) => [
      stem.plain,
      accepted,
      category,
      points,
    ]);
    expect(found).toHaveLength(QUESTIONS.length);
    expect(found).toEqual(expect.arrayContaining(QUESTIONS));
  });

  it('on their side say in which cell of the sheet each question stands', async () => {
    const { items, reading } = await read([
      'Category,100,200',
      'Locks,What holds water?,What winds a paddle?',
      ',the gate,a windlass',
      'Boats,What is in front?,What steers?',
      ',the bow,the tiller',
    ]);
    expect(items.map(({ origin }) => [origin?.cell, origin?.row])).toEqual([
      ['B2', 2],
      ['C2', 2],
      ['B4', 4],
      ['C4', 4],
    ]);
    expect(reading).toMatchObject({
      headingRow: 1,
      columns: [
        { column: 'A', role: 'category' },
        { column: 'B', role: 'stem', heading: '100' },
        { column: 'C', role: 'stem', heading: '200' },
      ],
      because: { as: '2 categories stand down and 2 levels across' },
    });
  });

  it('are none where numbers head the options of questions', async () => {
    const { items } = await read([
      'Question,1,2,3,Right',
      'What holds water?,the gate,the tiller,the bow,1',
      'What steers?,the gate,the tiller,the bow,2',
    ]);
    expect(items.map(rightOnes)).toEqual([['the gate'], ['the tiller']]);
  });
});

describe('two lists to match in a cell each', () => {
  it('are put together as the key beside them says, whatever their headings count', async () => {
    const { items } = await read([
      'Exercise;Column A;Column B;Solution',
      'Match the part and its use;"1. gate\n2. paddle\n3. beam";"a. moves the gate\nb. holds water\nc. lets water in";1b 2c 3a',
      'Match the end;"1. bow\n2. stern";"a. back\nb. front";1b 2a',
    ]);
    expect(
      items.map(({ kind, pairs }) => [
        kind,
        pairs?.map((pair) => [pair.left.plain, pair.right.plain]),
      ]),
    ).toEqual([
      [
        'match',
        [
          ['gate', 'holds water'],
          ['paddle', 'lets water in'],
          ['beam', 'moves the gate'],
        ],
      ],
      [
        'match',
        [
          ['bow', 'front'],
          ['stern', 'back'],
        ],
      ],
    ]);
  });
});

describe('wrong words beside gaps', () => {
  it.each(['Distractors', 'Wrong suggestions', 'False words (by comma)'])(
    'called %s are offered with the right one',
    async (heading) => {
      const { items } = await read([
        `Sentence;Solution;${heading}`,
        'The ___ lies under the gate.;cill;beam, rope',
        'Boats wait in the ___.;pound;lamp, horn',
        'Turn the ___ to wind a paddle.;windlass;rudder, rope',
      ]);
      expect(items.map(({ gaps, tags }) => [gaps, tags])).toEqual([
        [[{ accepted: ['cill'], options: ['cill', 'beam', 'rope'] }], undefined],
        [[{ accepted: ['pound'], options: ['pound', 'lamp', 'horn'] }], undefined],
        [[{ accepted: ['windlass'], options: ['windlass', 'rudder', 'rope'] }], undefined],
      ]);
    },
  );
});
