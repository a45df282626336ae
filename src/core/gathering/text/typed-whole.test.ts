// Ways of typing that show by the whole text: clues, capitals, letters with a legend, nought and one. The habits are common practice, no source.
import { describe, expect, it } from 'vitest';
import { briefsOf, gatherTyped } from '../../../../tests/typed';

describe('answers that a line has in itself', () => {
  it('words in capitals and brackets behind clues, below the direction that they go', async () => {
    const { items } = await gatherTyped(
      'Canal crossword\n\nAcross\n1 It holds the water back (GATE)\n4 It lifts a boat (LOCK)\n\nDown\n2 Bird that dives for fish, blue and orange (KINGFISHER)\n3 Rope to tie up with (LINE)\n',
    );
    expect(items.map(({ stem, accepted, category }) => [stem.plain, accepted, category])).toEqual([
      ['It holds the water back', ['GATE'], ['Across']],
      ['It lifts a boat', ['LOCK'], ['Across']],
      ['Bird that dives for fish, blue and orange', ['KINGFISHER'], ['Down']],
      ['Rope to tie up with', ['LINE'], ['Down']],
    ]);
  });
  it('words whose letters are mixed, with the word in brackets', async () => {
    expect(
      await briefsOf('Sort the letters\n\n1. OABT (BOAT)\n2. EROP (ROPE)\n3. GERDIB (BRIDGE)\n'),
    ).toEqual(['short: OABT [BOAT]', 'short: EROP [ROPE]', 'short: GERDIB [BRIDGE]']);
  });
  it('what stands in brackets again and again answers nothing', async () => {
    const { items } = await gatherTyped(
      'Name the parts\n\n1. The upper gate (ALL)\n2. The lower gate (ALL)\n3. The side pond (ALL)\n',
    );
    expect(items.flatMap(({ accepted = [] }) => accepted)).toEqual([]);
  });
  it('words in capitals below a line that asks for gaps to be filled', async () => {
    expect(
      await briefsOf(
        'Fill in the missing words.\n\nA boat rises in the LOCK.\nThe step below the gates is the CILL.\nWater comes in by the GROUND PADDLE of the upper gate.\n',
      ),
    ).toEqual([
      'gap: A boat rises in the {{1}}. [lock]',
      'gap: The step below the gates is the {{1}}. [cill]',
      'gap: Water comes in by the {{1}} of the upper gate. [ground paddle]',
    ]);
  });
  it('nought and one behind options', async () => {
    expect(
      await briefsOf(
        '1 Who works the paddles?\nthe keeper 1\nthe dog 0\n\n2 What floats?\ncork 1\noak 1\nlead 0\n',
      ),
    ).toEqual([
      'choice-one: Who works the paddles? [*the keeper / the dog]',
      'choice-many: What floats? [*cork / *oak / lead]',
    ]);
  });
  it('options between strokes, with a sign at the right one, behind a question or below it', async () => {
    expect(
      await briefsOf(
        '1. A lock lifts: trains / _boats_ / planes\n2. Its gates are of: paper / glass / _oak_\n',
      ),
    ).toEqual([
      'choice-one: A lock lifts: [trains / *boats / planes]',
      'choice-one: Its gates are of: [paper / glass / *oak]',
    ]);
    const { items } = await gatherTyped(
      'Question 1 (easy)\nWhat is green?\ngrass* / snow / coal\n\nQuestion 2 (hard)\nWhat is a weir?\nfish / dam* / bird\n',
    );
    expect(items.map(({ options, tags }) => [options?.length, tags])).toEqual([
      [3, [{ name: 'Difficulty', value: 'easy' }]],
      [3, [{ name: 'Difficulty', value: 'hard' }]],
    ]);
  });
  it('the stroke behind the letter of an option parts nothing', async () => {
    expect(
      await briefsOf(
        '1) What floats?\na/ lead\nb/ ✓ cork\n\n2) What is red?\na/ ✓ a rose\nb/ snow\n',
      ),
    ).toEqual([
      'choice-one: What floats? [lead / *cork]',
      'choice-one: What is red? [*a rose / snow]',
    ]);
  });
  it('options on one line whose letters a gap parts from nothing, even once in a text', async () => {
    const { items, findings } = await gatherTyped(
      '1. What is a pound?\n   Answer: the water between two locks\n\n2. Which of these floats?\n   A iron   B cork   C lead\n   Answer: B\n',
    );
    expect(items[1]!.options?.map(({ text, right }) => [text.plain, right])).toEqual([
      ['iron', false],
      ['cork', true],
      ['lead', false],
    ]);
    expect(findings).toEqual([]);
  });
});

describe('answers told around a line', () => {
  it('a word of any language with a letter behind it, below the options', async () => {
    expect(
      await briefsOf(
        'Pytanie 1. Co pływa?\nA) korek\nB) ołów\nOdp. A\n\nPytanie 2. Co tonie?\nA) drewno\nB) żelazo\nOdp. B\n',
      ),
    ).toEqual([
      'choice-one: Co pływa? [*korek / ołów]',
      'choice-one: Co tonie? [drewno / *żelazo]',
    ]);
  });
  it('letters in front of statements, by what the line above says of them', async () => {
    expect(
      await briefsOf(
        'Write A if you agree, D if you disagree.\n\nA  Cork floats.\nD  Lead floats.\nA  Ice floats.\n',
      ),
    ).toEqual([
      'choice-one: Cork floats. [*Agree / Disagree]',
      'choice-one: Lead floats. [Agree / *Disagree]',
      'choice-one: Ice floats. [*Agree / Disagree]',
    ]);
  });
  it('what is right instead, behind a verdict', async () => {
    const { items } = await gatherTyped(
      'Richtig oder falsch?\n\n1. Eis sinkt. → falsch, es schwimmt\n2. Kork schwimmt. → richtig\n',
    );
    expect(
      items.map(({ stem, options, explanation }) => [
        stem.plain,
        options?.find(({ right }) => right)?.text.plain,
        explanation?.plain,
      ]),
    ).toEqual([
      ['Eis sinkt.', 'falsch', 'es schwimmt'],
      ['Kork schwimmt.', 'richtig', undefined],
    ]);
  });
  it('a list of what a good answer says is no list of options', async () => {
    const { items, findings, reading } = await gatherTyped(
      '1. Name two dangers at a lock. (2 points)\nModel answer:\n- deep water\n- moving gates\n\n2. What does the red flag mean? (1 point)\nModel answer:\n- the lock is closed\n',
    );
    expect(
      items.map(({ kind, explanation, accepted }) => [kind, explanation?.plain, accepted]),
    ).toEqual([
      ['open', 'Model answer: deep water; moving gates', undefined],
      ['short', undefined, ['the lock is closed']],
    ]);
    expect([findings, reading.unsure]).toEqual([[], []]);
  });
  it('one more question with a name in place of its number', async () => {
    const { items } = await gatherTyped(
      'Round one\n\n1 What is a cill? A step\n2 What is a weir? A dam\n3 What is a pound? Water\nTIEBREAK: How many locks are there? 1,204\n',
    );
    expect(items.map(({ accepted, tags }) => [accepted, tags])).toEqual([
      [['A step'], undefined],
      [['A dam'], undefined],
      [['Water'], undefined],
      [['1,204'], [{ value: 'TIEBREAK' }]],
    ]);
  });
  it('pairs that dots join, however much they say', async () => {
    expect(
      await briefsOf(
        'Match the tool with its use.\n\nwindlass ...... turns the gear of the paddles\nthrow line ...... helps a person who fell into the water\npole ...... measures\n',
      ),
    ).toEqual([
      'match: Match the tool with its use. [windlass=turns the gear of the paddles / throw line=helps a person who fell into the water / pole=measures]',
    ]);
  });
});

describe('what is around texts, and what is left out', () => {
  it('brackets around every term of a list are no part of it', async () => {
    expect(
      await briefsOf(
        '[bowline]\na loop that does not slip\n\n[hitch]\nties a rope to a post\n\n[bend]\njoins two ropes of one size\n',
      ),
    ).toEqual([
      'card: bowline [a loop that does not slip]',
      'card: hitch [ties a rope to a post]',
      'card: bend [joins two ropes of one size]',
    ]);
  });
  it('a line that was left out is told as it is typed', async () => {
    const { findings } = await gatherTyped(
      'True or False? Write T or F.\n\nT  Cork floats.\nF  Lead floats.\nT  Ice floats.\n',
    );
    expect(findings.map(({ message }) => message)).toEqual([
      'Line 1 says “True or False? Write T or F.”, with no options and no answer. It was left out as no question.',
    ]);
  });
});
