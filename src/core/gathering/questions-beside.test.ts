// Rows of several questions, and texts that several questions are about. The habits are common practice, no source.
import { describe, expect, it } from 'vitest';
import { brief } from '../../../tests/say';
import { gatherColumns } from '../../../tests/typed';

const ROUNDS = [
  'Topic;Question 1;Answer 1;Question 2;Answer 2;Comment',
  'Locks;What holds the water?;The gate;What lets it in?;The paddle;by Ines',
  'Boats;What steers?;The tiller;;;',
  'Banks;Who cuts the reed?;The lengthsman;What grows there?;Sedge;',
];

describe('rows that hold several questions', () => {
  it('give each of them, with what they share, its cell and no empty ones', async () => {
    const { items, findings, reading } = await gatherColumns(ROUNDS);
    expect(items.map(brief)).toEqual([
      'short: What holds the water? [The gate]',
      'short: What lets it in? [The paddle]',
      'short: What steers? [The tiller]',
      'short: Who cuts the reed? [The lengthsman]',
      'short: What grows there? [Sedge]',
    ]);
    expect(items.map(({ category }) => category?.[0])).toEqual([
      'Locks',
      'Locks',
      'Boats',
      'Banks',
      'Banks',
    ]);
    expect(items.map(({ origin }) => origin?.cell)).toEqual(['B2', 'D2', 'B3', 'B4', 'D4']);
    expect(reading.columns.map(({ column }) => column)).toEqual(['A', 'B', 'C', 'F', 'D', 'E']);
    expect(findings.find(({ rule }) => rule === 'several-in-a-row')?.message).toBe(
      'Each row holds up to 2 questions beside one another; all were read.',
    );
    expect(findings.filter(({ level }) => level === 'block')).toEqual([]);
  });

  it('with options and a key of their own', async () => {
    const { items } = await gatherColumns([
      'Frage;A;B;richtig;Frage;A;B;richtig',
      'Was schwimmt?;Kork;Blei;A;Was sinkt?;Kork;Blei;B',
      'Was brennt?;Stein;Holz;B;Was rostet?;Eisen;Gold;A',
      'Was klebt?;Harz;Sand;A;Was schmilzt?;Eis;Ton;A',
    ]);
    expect(items.map(brief)).toEqual([
      'choice-one: Was schwimmt? [*Kork / Blei]',
      'choice-one: Was sinkt? [Kork / *Blei]',
      'choice-one: Was brennt? [Stein / *Holz]',
      'choice-one: Was rostet? [*Eisen / Gold]',
      'choice-one: Was klebt? [*Harz / Sand]',
      'choice-one: Was schmilzt? [*Eis / Ton]',
    ]);
  });

  it('tell of a row that is too long, and are one table where a person says so', async () => {
    const { findings } = await gatherColumns([
      'Question 1;Answer 1;Question 2;Answer 2',
      'What floats?;Cork;What sinks?;Lead',
      'What burns?;Wood;What rusts?;Iron; or steel',
      'What melts?;Ice;What glues?;Resin',
    ]);
    expect(findings.filter(({ rule }) => rule === 'columns-shifted')).toHaveLength(1);
    expect((await gatherColumns(ROUNDS, 'a.csv', { as: 'table' })).items).toHaveLength(3);
  });

  it('are no such rows where one question stands in two languages, or has two texts', async () => {
    const two = await gatherColumns([
      'Question;Answer;Frage;Antwort',
      'What floats?;Cork;Was schwimmt?;Kork',
      'What sinks?;Lead;Was sinkt?;Blei',
      'What burns?;Wood;Was brennt?;Holz',
    ]);
    expect(two.items).toHaveLength(3);
  });
});

describe('texts that questions are about', () => {
  it('stand in rows of their own, in a column in front of the questions', async () => {
    const { items, findings } = await gatherColumns([
      'No;Text;Question;Answer',
      '1;The keeper opens the sluice at dawn. The wheel turns by six.;;',
      '1a;;When does he open it?;At dawn',
      '1b;;When does it turn?;By six',
      '2;The heron waits by the weir. It eats nine fish.;;',
      '2a;;Where does it wait?;By the weir',
      '2b;;How many does it eat?;Nine',
    ]);
    expect(items.map(({ stem }) => stem.plain.split('\n'))).toEqual([
      ['The keeper opens the sluice at dawn. The wheel turns by six.', 'When does he open it?'],
      ['The keeper opens the sluice at dawn. The wheel turns by six.', 'When does it turn?'],
      ['The heron waits by the weir. It eats nine fish.', 'Where does it wait?'],
      ['The heron waits by the weir. It eats nine fish.', 'How many does it eat?'],
    ]);
    expect(findings.map(({ rule }) => rule)).toEqual(['passage-shared']);
  });

  it('pairs and steps below a task that comes again in each row, under words that are no others', async () => {
    const { items } = await gatherColumns([
      'Übung;Aufgabe;links;rechts',
      'Z1;Ordne das Werkzeug dem Beruf zu;Kelle;Maurer',
      'Z1;Ordne das Werkzeug dem Beruf zu;Hobel;Tischler',
      'Z1;Ordne das Werkzeug dem Beruf zu;Amboss;Schmied',
      'Z2;Ordne den Rohstoff zu;Ton;Ziegel',
      'Z2;Ordne den Rohstoff zu;Sand;Glas',
      'Z2;Ordne den Rohstoff zu;Holz;Papier',
    ]);
    expect(items.map((item) => `${item.ref} ${brief(item)}`)).toEqual([
      'Z1 match: Ordne das Werkzeug dem Beruf zu [Kelle=Maurer / Hobel=Tischler / Amboss=Schmied]',
      'Z2 match: Ordne den Rohstoff zu [Ton=Ziegel / Sand=Glas / Holz=Papier]',
    ]);
  });
});

it('tables side by side with the same headings are read each, though their words are of the lesson alone', async () => {
  const { items, findings } = await gatherColumns([
    'Lektion 4;;;Lektion 5;',
    'English;Deutsch;;English;Deutsch',
    'bridge;Brücke;;gate;Tor',
    'water;Wasser;;lock;Schleuse',
    'rope;Seil;;;',
  ]);
  expect(items.map((item) => `${brief(item)} ${item.category?.[0]}`)).toEqual([
    'card: bridge [Brücke] Lektion 4',
    'card: gate [Tor] Lektion 5',
    'card: water [Wasser] Lektion 4',
    'card: lock [Schleuse] Lektion 5',
    'card: rope [Seil] Lektion 4',
  ]);
  expect(findings.map(({ rule }) => rule)).toContain('several-tables');
});
