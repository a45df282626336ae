// More typed texts as people leave them, one habit each. Common practice, no source.
import { describe, expect, it } from 'vitest';
import { brief } from '../../../../tests/say';
import { briefsOf as briefs, gatherTyped as read } from '../../../../tests/typed';

describe('more by hand', () => {
  it.each([
    [
      'lists side by side are counted by letters and Roman numbers',
      'Q1) Match the following:\nA. Bow        i. left\nB. Stern      ii. front\nC. Port       iii. back\nAns: A-ii, B-iii, C-i\n\nQ2) Which is the odd one out?\nA. Oar\nB. Paddle\nC. Anchor\nAns: C',
      [
        'match: Match the following: [Bow=front / Stern=back / Port=left]',
        'choice-one: Which is the odd one out? [Oar / Paddle / *Anchor]',
      ],
    ],
    [
      'a numbered word list below its title',
      'Wordlist unit 7\n1. to moor = festmachen\n2. to row = rudern\n3. lock = Schleuse',
      ['card: to moor [festmachen]', 'card: to row [rudern]', 'card: lock [Schleuse]'],
    ],
    [
      'numbers count the gaps of a text and their words',
      'Ergänze die Wörter.\n\nDas Boot fährt in die (1) ______. Der Wärter schließt das (2) ______.\n\nLösung: (1) Kammer (2) Tor',
      ['gap: Das Boot fährt in die {{1}}. Der Wärter schließt das {{2}}. [Kammer / Tor]'],
    ],
    [
      'the letter stands in brackets behind options on one line',
      'Q1. Ropes should be\n(a) tied (b) held (c) cut  [b]\n\nQ2. Paddles are wound\n(a) slowly (b) fast (c) never  [a]',
      [
        'choice-one: Ropes should be [tied / *held / cut]',
        'choice-one: Paddles are wound [*slowly / fast / never]',
      ],
    ],
    [
      'no blank stands behind labels, and none but a blank before the letter',
      'What is below the gates?\nA)Cill B)Weir C)Pound\nCorrect answer A\n\nWhere does a windlass fit?\nA)On the beam B)On the spindle\nCorrect answer B',
      [
        'choice-one: What is below the gates? [*Cill / Weir / Pound]',
        'choice-one: Where does a windlass fit? [On the beam / *On the spindle]',
      ],
    ],
    [
      'an answer stands behind a wide gap, with its name',
      '1  Which is heaviest?      a) feather   b) stone      Answer b\n2  Which is lightest?      a) feather   b) brick      Answer a',
      [
        'choice-one: Which is heaviest? [feather / *stone]',
        'choice-one: Which is lightest? [*feather / brick]',
      ],
    ],
    [
      'a gap has choices in brackets and its word behind an arrow',
      'Complete:\n1. We arrived ___ noon. (at/in/on)  -> at\n2. The keys are ___ the table. (at/in/on)  -> on',
      ['gap: We arrived {{1}} noon. [at]', 'gap: The keys are {{1}} the table. [on]'],
    ],
    [
      'a mark scheme names questions as they are named',
      'Q.1 Which gate is opened first?          [1]\n    (a) the bottom gate\n    (b) the level one\nQ.2 State two uses of a boathook.        [2]\n\nMark scheme\nQ.1 b\nQ.2 fending off; picking up ropes',
      [
        'choice-one: Which gate is opened first? [the bottom gate / *the level one]',
        'short: State two uses of a boathook. [fending off / picking up ropes]',
      ],
    ],
    [
      'model answers stand below counted tasks',
      'Fr. 1: Nenne drei Teile. (3 P.)\nMusterlösung: Bug, Heck, Ruder\n\nFr. 2: Rechne: 12 m + 350 cm = ____ m (1 P.)\nMusterlösung: 15,5',
      [
        'short: Nenne drei Teile. [Bug, Heck, Ruder]',
        'gap: Rechne: 12 m + 350 cm = {{1}} m [15,5]',
      ],
    ],
  ])('%s', async (_, text, expected) => {
    expect(await briefs(text)).toEqual(expected);
  });

  it('kinds named between questions take nothing from the part they stand in', async () => {
    const { items } = await read(
      'Topic 1: Locks\n\nMultiple choice\n\n1. What holds the gates?\nA. Chains\nB. Water\nAnswer: B\n\nTrue or false\n\n2. Gates open by themselves.\nAnswer: False\n\nTopic 2: Boats\n\nMultiple choice\n\n3. What is the kitchen?\nA. Galley\nB. Head\nAnswer: A',
    );
    expect(items.map(({ category }) => category?.[0])).toEqual([
      'Topic 1: Locks',
      'Topic 1: Locks',
      'Topic 2: Boats',
    ]);
  });

  it('a short answer may stand behind one question of several, and a word behind a gap is doubted', async () => {
    const { items, findings } = await read(
      '1. What is the crew? Two\n\n2. Who waits at the gate?\na) a boat *\nb) a wall\n\n3. ______ wind the paddles. (Windlasses)',
    );
    expect(items.map(brief)).toEqual([
      'short: What is the crew? [Two]',
      'choice-one: Who waits at the gate? [*a boat / a wall]',
      'gap: {{1}} wind the paddles. [Windlasses]',
    ]);
    expect(findings.filter(({ rule }) => rule === 'solution-in-brackets')).toHaveLength(1);
  });

  it('things to name below a task are no steps', async () => {
    const { items } = await read(
      '1. Name the parts of a lock:\n   - gate\n   - sill\n\n2. Who waits?\na) a boat *\nb) a wall',
    );
    expect(items[0]?.kind).not.toBe('order');
  });
});
