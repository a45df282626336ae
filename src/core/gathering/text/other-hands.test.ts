// Typed texts as other hands leave them. The habits are common practice, no source.
import { describe, expect, it } from 'vitest';
import { gatherSource } from '../../pipeline';
import { counter } from '../../../../tests/make';
import { brief } from '../../../../tests/say';

const read = (text: string, name = 'typed.txt') =>
  gatherSource({ name, bytes: new TextEncoder().encode(text) }, {}, { id: counter() });
const briefs = async (text: string) => (await read(text)).items.map(brief);

describe('statements and questions with their answers behind them', () => {
  it('statements below one another, each with its verdict', async () => {
    expect(
      await briefs(
        'True or false?\n\nCanals flow uphill. FALSE\nLocks hold water. TRUE\nA windlass is a boat. FALSE\nTowpaths were for horses. TRUE\n',
      ),
    ).toEqual([
      'true-false: Canals flow uphill. [TRUE / *FALSE]',
      'true-false: Locks hold water. [*TRUE / FALSE]',
      'true-false: A windlass is a boat. [TRUE / *FALSE]',
      'true-false: Towpaths were for horses. [*TRUE / FALSE]',
    ]);
  });

  it('a verdict of two words', async () => {
    expect(
      (
        await briefs(
          '1. Het water stijgt. (waar)\n2. Een boot is een vis. (niet waar)\n3. Een stuw houdt water tegen. (waar)\n',
        )
      )[1],
    ).toBe('true-false: Een boot is een vis. [waar / *niet waar]');
  });

  it('answers in brackets, where no two are the same', async () => {
    expect(
      await briefs(
        '1.- ¿Cuál es el planeta rojo? (Marte)\n2.- ¿Cuál es el más grande? (Júpiter)\n3.- ¿Cuál es el más cercano? (Mercurio)\n',
      ),
    ).toEqual([
      'short: ¿Cuál es el planeta rojo? [Marte]',
      'short: ¿Cuál es el más grande? [Júpiter]',
      'short: ¿Cuál es el más cercano? [Mercurio]',
    ]);
  });

  it('points in brackets are none', async () => {
    const items = await briefs('1. Who keeps it? (2)\n2. Who opens it? (3)\n3. Who steers? (1)\n');
    expect(items.every((one) => one.startsWith('open:'))).toBe(true);
  });

  it('numbers with a unit behind numbered questions below a title', async () => {
    expect(
      await briefs(
        'Numbers\n1. How many millimetres are in a metre? 1000\n2. How many degrees has a right angle? 90°\n3. How many seconds are in an hour? 3600 s\n',
      ),
    ).toEqual([
      'short: How many millimetres are in a metre? [1000]',
      'short: How many degrees has a right angle? [90°]',
      'short: How many seconds are in an hour? [3600 s]',
    ]);
  });
});

describe('several things on a line', () => {
  it('the answer with points and topic beside it', async () => {
    const { items } = await read(
      '1. Who wrote the play?\na. Marlowe\nb. Shakespeare\nc. Jonson\nANS: B   PTS: 1   TOPIC: drama\n\n2. Who acted in it?\na. Burbage\nb. Newton\nc. Drake\nANS: A   PTS: 2   TOPIC: stage\n',
    );
    expect(items.map(brief)).toEqual([
      'choice-one: Who wrote the play? [Marlowe / *Shakespeare / Jonson]',
      'choice-one: Who acted in it? [*Burbage / Newton / Drake]',
    ]);
    expect(items.map(({ points, category }) => [points, category])).toEqual([
      [1, ['drama']],
      [2, ['stage']],
    ]);
  });

  it('options behind a word for them', async () => {
    expect(
      await briefs(
        'Question: Which metal rusts?\nOptions: gold | iron | silver | tin\nAnswer: iron\n\nQuestion: Which metal is liquid?\nOptions: mercury | lead | zinc | copper\nAnswer: mercury\n',
      ),
    ).toEqual([
      'choice-one: Which metal rusts? [gold / *iron / silver / tin]',
      'choice-one: Which metal is liquid? [*mercury / lead / zinc / copper]',
    ]);
  });
});

describe('what stands beside options and statements', () => {
  it('a number with a line to write the answer on says nothing', async () => {
    expect(
      await briefs(
        '1) A lock is used to\nA) store grain.\nB) raise boats.\n1) ______\n\n2) A towpath was used by\nA) horses.\nB) trains.\n2) ______\n\nAnswer Key\n1) B\n2) A\n',
      ),
    ).toEqual([
      'choice-one: A lock is used to [store grain. / *raise boats.]',
      'choice-one: A towpath was used by [*horses. / trains.]',
    ]);
  });

  it('two letters to choose from behind a statement', async () => {
    expect(
      (
        await briefs(
          '1. The Romans built roads.   T   F\n2. The wheel is new.   T   F\n3. Paper is made of wood.   T   F\n\nKey: 1 T, 2 F, 3 T\n',
        )
      )[1],
    ).toBe('true-false: The wheel is new. [True / *False]');
  });

  it('an answer in brackets on a line of its own', async () => {
    expect(
      await briefs(
        '1. Which is nearest the sun?\n   Mercury\n   Venus\n   (Answer: Mercury)\n\n2. Which has a red spot?\n   Saturn\n   Jupiter\n   (Answer: Jupiter)\n',
      ),
    ).toEqual([
      'choice-one: Which is nearest the sun? [*Mercury / Venus]',
      'choice-one: Which has a red spot? [Saturn / *Jupiter]',
    ]);
  });

  it('the letter of the right one behind options on one line', async () => {
    expect(
      (
        await briefs(
          '1. Which is a fish?   a) cod   b) cat   c) cow   (a)\n2. Which is a bird?   a) dog   b) duck   c) deer   (b)\n',
        )
      )[1],
    ).toBe('choice-one: Which is a bird? [dog / *duck / deer]');
  });

  it('lettered statements that end with one of two letters', async () => {
    expect(
      await briefs(
        'Vrai ou faux ?\na. Le canal est droit. V\nb. L’écluse est un pont. F\nc. Le chemin longe l’eau. V\n',
      ),
    ).toEqual([
      'true-false: Le canal est droit. [*Vrai / Faux]',
      'true-false: L’écluse est un pont. [Vrai / *Faux]',
      'true-false: Le chemin longe l’eau. [*Vrai / Faux]',
    ]);
  });

  it('one line of answers below several questions', async () => {
    expect(
      await briefs(
        '1. The front of a boat is the ______.\n2. The back is the ______.\n3. It is steered by the ______.\nAnswers: bow, stern, rudder\n',
      ),
    ).toEqual([
      'gap: The front of a boat is the {{1}}. [bow]',
      'gap: The back is the {{1}}. [stern]',
      'gap: It is steered by the {{1}}. [rudder]',
    ]);
  });

  it('plus and minus behind options', async () => {
    expect(
      await briefs(
        '1. Which are mammals?\na) whale +\nb) shark -\nc) bat +\n\n2. Which are reptiles?\na) newt -\nb) adder +\nc) lizard +\n',
      ),
    ).toEqual([
      'choice-many: Which are mammals? [*whale / shark / *bat]',
      'choice-many: Which are reptiles? [newt / *adder / *lizard]',
    ]);
  });

  it('numbered tasks with points and lines to write on below a title are no options of it', async () => {
    const { items } = await read(
      'Kapitel 1\n\n1. Was ist ein Deich? [2 P]\n_________________\n\n2. Nenne zwei Boote. [1 P]\n_________________\n\n3. Erkläre eine Schleuse. [4 P]\n_________________\n',
    );
    expect(items.map(({ kind, points }) => [kind, points])).toEqual([
      ['open', 2],
      ['open', 1],
      ['open', 4],
    ]);
  });
});

describe('lists of words', () => {
  it.each([
    [
      'joined by dots',
      '1. la pomme ....... the apple\n2. la poire ....... the pear\n3. la prune ....... the plum\n',
    ],
    ['parted by bars', 'la pomme|the apple\nla poire|the pear\nla prune|the plum\n'],
  ])('%s', async (_, text) => {
    expect(await briefs(text)).toEqual([
      'card: la pomme [the apple]',
      'card: la poire [the pear]',
      'card: la prune [the plum]',
    ]);
  });
});

describe('worksheets that were filled in', () => {
  it('pairs joined by dots below a task to match', async () => {
    expect(
      await briefs(
        'Match the tool and the job\n\nsaw ..... cutting\nplane ..... smoothing\nawl ..... piercing\nrasp ..... shaping\n',
      ),
    ).toEqual([
      'match: Match the tool and the job [saw=cutting / plane=smoothing / awl=piercing / rasp=shaping]',
    ]);
  });

  it.each([
    ['behind the steps', '___ plant the seed (2)\n___ dig the soil (1)\n___ harvest (3)\n'],
    ['on the lines', '__2__ plant the seed\n__1__ dig the soil\n__3__ harvest\n'],
  ])('steps in the order of their places, %s', async (_, steps) => {
    expect(await briefs(`Sort these into the right order (1 = first):\n${steps}`)).toEqual([
      'order: Sort these into the right order (1 = first): [dig the soil > plant the seed > harvest]',
    ]);
  });

  it('words in brackets behind gaps go in, and that is said', async () => {
    const { items, findings } = await read(
      'Fill in the blanks:\n1. Making bread rise is called ________ (proving).\n2. A ________ (baker) makes bread.\n3. Flour is ground in a ________ (mill).\n',
    );
    expect(items.map(brief)[1]).toBe('gap: A {{1}} makes bread. [baker]');
    expect(findings.filter(({ rule }) => rule === 'solution-in-brackets')).toHaveLength(3);
  });

  it('such words only help where the solution stands behind', async () => {
    expect(
      await briefs('1. We ____ (sail) home. [sailed]\n2. She ____ (steer) well. [steered]\n'),
    ).toEqual(['gap: We {{1}} (sail) home. [sailed]', 'gap: She {{1}} (steer) well. [steered]']);
  });
});

it('a term on one line and its definition on the next', async () => {
  expect(
    await briefs(
      'Flashcards\n\nlock\nA chamber that raises and lowers boats.\n\nweir\nA low dam across a river.\n\ntowpath\nA path for horses beside a canal.\n',
    ),
  ).toEqual([
    'card: lock [A chamber that raises and lowers boats.]',
    'card: weir [A low dam across a river.]',
    'card: towpath [A path for horses beside a canal.]',
  ]);
});

it('a quoted line behind a question explains it', async () => {
  const { items } = await read(
    '**1. Which knot slips?**\n\n- [ ] Reef knot\n- [x] Noose\n\n> It tightens.\n\n**2. Which joins two ropes?**\n\n- [x] Sheet bend\n- [ ] Clove hitch\n\n> The ropes may differ.\n',
    'reply.md',
  );
  expect(items.map(({ explanation }) => explanation?.plain)).toEqual([
    'It tightens.',
    'The ropes may differ.',
  ]);
});
