// Tables whose headings say little or nothing: what stands below them tells.
import { describe, expect, it } from 'vitest';
import { gatherColumns as read, rightOnes } from '../../../tests/typed';

describe('headings that count columns and say nothing else', () => {
  it('are headings, also where they stand again, beside a note in the margin', async () => {
    const { items, reading } = await read([
      'Column 1,Column 2,,',
      'paddle,a sluice in a gate,,',
      'weir,a low dam,,look again',
      'Column 1,Column 2,,',
      'sill,a stone step,,',
      'pound,a level stretch,,',
    ]);
    expect(reading).toMatchObject({ headingRow: 1 });
    expect(items.map(({ stem }) => stem.plain)).toEqual(['paddle', 'weir', 'sill', 'pound']);
  });

  const MIXED = [
    'Field 1,Field 2,Field 3,Field 4,Field 5,Field 6',
    'Who waits?,2,a lock,a boat,a weir,choose one',
    'What is a weir?,a low dam,,,,typed answer',
    'Iron floats.,false,,,,true or false',
    'What opens?,1,a gate,a wall,a roof,choose one',
    'Which float?,1/3,a hull,a stone,a cork,pick all that fit',
    'What is a sill?,a stone step,,,,typed answer',
  ];
  it('are told apart by what stands below: answers of all kinds, and words for the kinds', async () => {
    const { items } = await read(MIXED);
    expect(items.map(({ kind }) => kind)).toEqual([
      'choice-one',
      'short',
      'true-false',
      'choice-one',
      'choice-many',
      'short',
    ]);
    expect(items.map(rightOnes)).toEqual([
      ['a boat'],
      [],
      ['false'],
      ['a gate'],
      ['a hull', 'a cork'],
      [],
    ]);
  });
});

it('ordinals beside numbers are words: halves of pairs', async () => {
  const { items } = await read([
    'Task,First half 1,Second half 1,First half 2,Second half 2,First half 3,Second half 3',
    'Match each part.,gate,oak,sill,stone,rope,hemp',
    'Match each worker.,keeper,lock,crew,boat,dredger,pound',
    'Match each use.,winch,lifting,pole,pushing,bollard,tying',
  ]);
  expect(
    items.map(({ pairs }) => pairs?.map(({ left, right }) => [left.plain, right.plain])),
  ).toEqual([
    [
      ['gate', 'oak'],
      ['sill', 'stone'],
      ['rope', 'hemp'],
    ],
    [
      ['keeper', 'lock'],
      ['crew', 'boat'],
      ['dredger', 'pound'],
    ],
    [
      ['winch', 'lifting'],
      ['pole', 'pushing'],
      ['bollard', 'tying'],
    ],
  ]);
});

it('wrong answers that some rows join by a slash are several', async () => {
  const { items } = await read([
    'Question,Correct answer,Incorrect answers',
    'Who waits?,a boat,a lock / a weir',
    'What opens?,a gate,a wall',
    'What floats?,a hull,a stone / a sill',
    'Who steers?,the crew,the keeper',
    'What is in a lock?,water,sand',
  ]);
  expect(items.map(({ options }) => options?.length)).toEqual([3, 2, 3, 2, 2]);
});

it.each([
  ['are several where no right answer holds one', 'a gate', [3, 2, 2, 2, 3]],
  ['are one text where a right answer holds one too', 'Ely, a town', [2, 2, 2, 2, 2]],
])('short wrong answers behind commas in a few rows %s', async (_, right, options) => {
  const { items } = await read([
    'Question;Right answer;Incorrect answers',
    'Who waits?;a boat;a lock, a weir',
    `What opens?;${right};a wall`,
    'What floats?;a hull;a stone',
    'Who steers?;the crew;the keeper',
    'What is in a lock?;water;sand, gravel',
  ]);
  expect(items.map((item) => item.options?.length)).toEqual(options);
});

it('a first question that says its kind explains no headings', async () => {
  const { items } = await read([
    'Type;Question;Answer;Option 1;Option 2;Option 3',
    'Card;paddle;a sluice;;;',
    'Single choice;Who waits at the gate?;1;a boat;a lock;a weir',
    'True/false;Iron floats.;false;;;',
    'Single choice;What opens for a boat?;2;a wall;a gate;a roof',
    'Short answer;What is a low dam called?;weir;;;',
  ]);
  expect(items.map(({ kind }) => kind)).toEqual([
    'card',
    'choice-one',
    'true-false',
    'choice-one',
    'short',
  ]);
});

it('a file of even columns is a table, though its first heading looks like an option’s letter', async () => {
  const { items } = await read([
    'B. ans.,Question,A,B,C',
    'B,What opens for a boat?,a wall,a gate,a roof',
    'A,What floats on a pound?,a hull,a stone,a sill',
    'B. ans.,Question,A,B,C',
    'C,Who steers it home?,nobody,a stone,the crew',
  ]);
  expect(items.map(rightOnes)).toEqual([['a gate'], ['a hull'], ['the crew']]);
});

it('a sign that always stands twice parts wrong answers and no columns', async () => {
  const { items } = await read([
    'Question,Correct answer,Wrong answers',
    'What opens for a boat?,a gate,a wall || a roof || a floor',
    'What floats on a pound?,a hull,a stone || a sill || a weir',
    'Who steers it home?,the crew,nobody || the wind || the lock,,note',
  ]);
  expect(items.map(({ options }) => options?.length)).toEqual([4, 4, 4]);
});

it('words missing from gaps are no tags', async () => {
  const { items } = await read([
    'No.;Gap text;Missing words;Points',
    '1;The ____ leave the heart, the ____ come back.;arteries, veins;1',
    '2;The ____ raises a note, the ____ lowers it.;sharp, flat;2',
    '3;A ____ opens the lock.;gate;1',
    '4;The ____ turns into a ____.;caterpillar, butterfly;2',
  ]);
  expect(items.map(({ gaps }) => gaps?.map(({ accepted }) => accepted[0]))).toEqual([
    ['arteries', 'veins'],
    ['sharp', 'flat'],
    ['gate'],
    ['caterpillar', 'butterfly'],
  ]);
});

it('commas part wrong answers with capitals behind them, where the right ones have none', async () => {
  const { items } = await read([
    'Question;Correct answer;Wrong answers',
    'How is the gate opened?;By pushing the beam;By pulling at the rope of the boat, By waiting',
    'What floats on a pound?;A hull;A stone',
    'Who steers it home?;The crew;Nobody at all who is there, The wind, The lock',
    'What opens for a boat?;A gate;A wall',
    'What steers it?;A tiller;A mast',
  ]);
  expect(items.map(({ options }) => options?.length)).toEqual([3, 2, 4, 2, 2]);
});

it('rules below headings are no row, though an empty column parts the table', async () => {
  const { items } = await read([
    'Eingereicht von;Frageform;;Frage;Antwort',
    'freiwillig;;;höchstens 200 Zeichen;…',
    'Marit;Kurzantwort;;Was schwimmt auf dem Wasser?;der Rumpf',
    'Odile;Kurzantwort;;Was öffnet sich für ein Boot?;das Tor',
    'Ennis;Kurzantwort;;Wer steuert das Boot nach Hause?;die Leute',
  ]);
  expect(items.map(({ stem }) => stem.plain)).toEqual([
    'Was schwimmt auf dem Wasser?',
    'Was öffnet sich für ein Boot?',
    'Wer steuert das Boot nach Hause?',
  ]);
});
