// Tables that stand sideways, with a row for each option, in parts with titles, or under words nobody met. The habits are common
// practice, no source.
import { describe, expect, it } from 'vitest';
import { gatherSource } from '../pipeline';
import { counter } from '../../../tests/make';
import { brief } from '../../../tests/say';

const bytesOf = (lines: readonly string[]): Uint8Array =>
  new TextEncoder().encode(`${lines.join('\n')}\n`);
const read = (lines: readonly string[], overrule = {}) =>
  gatherSource({ name: 'sheet.csv', bytes: bytesOf(lines) }, overrule, { id: counter() });

describe('questions that are not a row each', () => {
  it('stand beside one another, and each names the cell of its question', async () => {
    const { items, findings, reading } = await read([
      ',Q1,Q2,Q3',
      'Question,Which gate is lower?,What is a pound?,Who opens a paddle?',
      'Answer A,the tail gate,a coin,the keeper',
      'Answer B,the head gate,a reach of water,the skipper',
      'Correct,A,B,C',
    ]);
    expect(items.map(brief)).toEqual([
      'choice-one: Which gate is lower? [*the tail gate / the head gate]',
      'choice-one: What is a pound? [a coin / *a reach of water]',
      'choice-one: Who opens a paddle? [the keeper / the skipper]',
    ]);
    expect(items.map(({ origin }) => origin?.cell)).toEqual(['B2', 'C2', 'D2']);
    expect(reading.because['as']).toContain('each further column holds a question');
    expect(findings.map(({ level, where }) => [level, where?.cell])).toEqual([['block', 'D2']]);
  });

  it('a table whose first column holds words for fields stays a table', async () => {
    const { items } = await read([
      'Term,Meaning',
      'question,what is asked',
      'answer,what is said',
      'points,what it counts',
    ]);
    expect(items.map(({ kind }) => kind)).toEqual(['card', 'card', 'card']);
  });

  it('have a row for each option, whose letter has a column of its own', async () => {
    const { items } = await read([
      'No,Question,Option,Option text,Correct?',
      '1,Which of these float?,a,Cork,yes',
      ',,b,Brick,no',
      ',,c,Oak,yes',
      '2,Which metal rusts?,a,Gold,no',
      ',,b,Iron,yes',
      ',,c,Zinc,no',
    ]);
    expect(items.map(brief)).toEqual([
      'choice-many: Which of these float? [*Cork / Brick / *Oak]',
      'choice-one: Which metal rusts? [Gold / *Iron / Zinc]',
    ]);
  });
});

describe('parts with a title', () => {
  it('right below the headings as well as further down', async () => {
    const { items, findings } = await read([
      'Nr,Task,right,wrong 1,wrong 2',
      'Part A: Way,,,,',
      '1,Who goes first?,barges,rowers,sailors',
      '2,When may one enter?,at green,at red,always',
      'Part B: Knots,,,,',
      '3,Which knot holds a bollard?,a hitch,a bow,a braid',
    ]);
    expect(items.map(({ category }) => category)).toEqual([
      ['Part A: Way'],
      ['Part A: Way'],
      ['Part B: Knots'],
    ]);
    expect(findings).toEqual([]);
  });

  it('whose questions are counted anew in each part, without headings', async () => {
    const { items } = await read([
      'ROUND 1,,',
      '1,Which country has the most islands?,Sweden',
      '2,What is the capital of Peru?,Lima',
      '3,Which desert is the largest hot one?,Sahara',
      ',,',
      'ROUND 2,,',
      '1,Who made the first film with sound?,Alan Crosland',
      '2,In which year was it?,1927',
      '3,How long is a reel?,11 minutes',
    ]);
    expect(items.map(({ accepted }) => accepted)).toEqual(
      ['Sweden', 'Lima', 'Sahara', 'Alan Crosland', '1927', '11 minutes'].map((text) => [text]),
    );
    expect(items.map(({ points }) => points)).toEqual(Array(6).fill(undefined));
  });
});

describe('words that were never met', () => {
  it('a language nobody learned is told by its cells', async () => {
    const { items, reading } = await read([
      '番号,問題,選択肢1,選択肢2,選択肢3,選択肢4,正解',
      '1,日本の首都はどこですか。,大阪,東京,京都,札幌,2',
      '2,一番長い川はどれですか。,信濃川,利根川,石狩川,天塩川,1',
      '3,富士山の高さは何メートルですか。,3190,3776,2999,4001,2',
      '4,一番大きい島はどれですか。,九州,四国,本州,北海道,3',
    ]);
    expect(reading.columns.map(({ role }) => role)).toEqual([
      'number-in-file',
      'stem',
      ...Array<string>(4).fill('option'),
      'key',
    ]);
    expect(items.map(({ options }) => options!.findIndex(({ right }) => right))).toEqual([
      1, 0, 1, 2,
    ]);
  });

  it('an abbreviation of the maker’s own is a property, and unsure', async () => {
    const { items, reading } = await read([
      'Prompt,Answer,Distractors,DOK',
      'Which is an adverb?,quickly,quick;quicken,1',
      'Which is passive?,It was opened.,He opened it.;Open it!,2',
      'Which has a prefix?,unlock,locker;locks,1',
    ]);
    expect(items[1]!.tags).toEqual([{ name: 'dok', value: '2' }]);
    expect(reading.unsure).toContain('columns.D');
  });

  it('the text that a question is about may have a column before it', async () => {
    const { items, reading } = await read([
      'Vignette,Lead-in,A,B,Key',
      'A boat of 20 m waits below a lock of 18 m.,What does the keeper do?,open,refuse,B',
      'The gauge has fallen by 30 cm since the morning.,What is checked first?,the weir,the weather,A',
      'Two boats come from both sides at the same time.,Which one goes first?,the one let down,the faster,A',
    ]);
    expect(items[0]!.stem.plain).toBe(
      'A boat of 20 m waits below a lock of 18 m.\nWhat does the keeper do?',
    );
    // Two columns that ask are rare enough to be looked at, whatever the first of them is called.
    expect(reading.unsure).toContain('columns.B');
  });

  it('one step alone is in no order', async () => {
    const { items } = await read([
      'Year,Event,Place',
      '1761,The first canal opened,Harrowmere',
      '1805,The great flood,Lower Fen',
      '1847,The railway took the trade,Harrowmere',
    ]);
    expect(items.map(({ kind }) => kind)).not.toContain('order');
    expect(items[1]!.accepted).toEqual(['The great flood']);
  });
});

describe('letters in front of rows', () => {
  it('count the options of the question above, with a tick beside the right one', async () => {
    const { items } = await read([
      'Question 1,What is mulch?,',
      'A,Cover for soil,x',
      'B,A shovel,',
      'C,A bird,',
      ',,',
      'Question 2,When are bulbs planted?,',
      'A,Summer,',
      'B,Autumn,x',
      'C,Spring,',
    ]);
    expect(items.map(brief)).toEqual([
      'choice-one: What is mulch? [*Cover for soil / A shovel / A bird]',
      'choice-one: When are bulbs planted? [Summer / *Autumn / Spring]',
    ]);
  });
});

describe('a row for each option', () => {
  it('keeps what a column says of each of them, and of the question what it says once', async () => {
    const { items } = await read([
      'question_id,question,option,is_correct,feedback,source',
      '1,Which knot makes a loop?,Bowline,1,Yes,p. 4',
      '1,Which knot makes a loop?,Reef knot,0,Joins two ropes,p. 4',
      '1,Which knot makes a loop?,Clove hitch,0,For posts,p. 4',
      '2,Which rope floats?,Nylon,0,,p. 5',
      '2,Which rope floats?,Polypropylene,1,,p. 5',
    ]);
    expect(items.map(brief)).toEqual([
      'choice-one: Which knot makes a loop? [*Bowline / Reef knot / Clove hitch]',
      'choice-one: Which rope floats? [Nylon / *Polypropylene]',
    ]);
    expect(items[0]!.options!.map(({ feedback }) => feedback?.plain)).toEqual([
      'Yes',
      'Joins two ropes',
      'For posts',
    ]);
  });
});

describe('a row for each part of a question', () => {
  it('is read as pairs where two words stand in each, and as steps where they are called so', async () => {
    expect(
      (
        await read([
          'Consigne;Colonne A;Colonne B',
          'Associez.;farine;blé',
          ';beurre;lait',
          ';miel;abeille',
          'Reliez.;four;cuire',
          ';fouet;battre',
        ])
      ).items.map(brief),
    ).toEqual([
      'match: Associez. [farine=blé / beurre=lait / miel=abeille]',
      'match: Reliez. [four=cuire / fouet=battre]',
    ]);
    // The task may stand again in each row.
    expect(
      (
        await read([
          'Task;Left item;Right item',
          'Bird and sound;owl;hoot',
          'Bird and sound;duck;quack',
          'Bird and food;owl;mouse',
          'Bird and food;heron;fish',
        ])
      ).items.map(brief),
    ).toEqual([
      'match: Bird and sound [owl=hoot / duck=quack]',
      'match: Bird and food [owl=mouse / heron=fish]',
    ]);
    // Points beside the first row are those of the question, not a verdict on that step.
    const { items } = await read([
      'Task;Step;Points',
      'Make bread;mix;4',
      ';knead;',
      ';bake;',
      'Make tea;boil;2',
      ';pour;',
      ';wait;',
    ]);
    expect(items.map(brief)).toEqual([
      'order: Make bread [mix > knead > bake]',
      'order: Make tea [boil > pour > wait]',
    ]);
    expect(items.map(({ points }) => points)).toEqual([4, 2]);
  });
});

it.each([
  [
    'texts that several questions are about',
    [
      'Text;Question;Answer',
      'A lock lifts boats.;What lifts?;a lock',
      ';What is lifted?;boats',
      'A weir holds water.;What holds?;a weir',
      ';What is held?;water',
    ],
  ],
  [
    'topics that stand above several questions',
    [
      'Topic;Question;Answer',
      'Locks;What lifts?;a lock',
      ';What is lifted?;boats',
      'Weirs;What holds?;a weir',
      ';What is held?;water',
    ],
  ],
])('%s make no pairs of them', async (_, lines) => {
  const { items } = await read(lines);
  expect(items.map(({ kind }) => kind)).toEqual(['short', 'short', 'short', 'short']);
});
