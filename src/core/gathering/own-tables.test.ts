// Tables as people keep them: titles of parts among empty rows, boards whose rows say points and what they hold. Common practice,
// no source.
import { describe, expect, it } from 'vitest';
import { gatherColumns, rightOnes } from '../../../tests/typed';

describe('a few words alone in a row', () => {
  const rows = (gap: string): string[] => [
    'Locks of the Harrowmere,,,',
    ',,,',
    'Question,A,B,Right',
    'What opens?,gate,wall,A',
    gap,
    'What floats?,stone,cork,B',
    ',,,',
    'test test,,,',
    'What sinks?,lead,cork,A',
    'What turns?,wall,windlass,B',
  ];
  it('are no part of the table where other rows are empty as well', async () => {
    const { items, findings } = await gatherColumns(rows(',,,'));
    expect(items.map(({ category }) => category)).toEqual([
      undefined,
      undefined,
      undefined,
      undefined,
    ]);
    expect(findings.map(({ rule }) => rule)).toEqual(['row-left-out']);
  });
  it('are its second title where only they are set off', async () => {
    const { items } = await gatherColumns(rows('Who waits?,keeper,cill,A'));
    expect(items.map(({ category }) => category?.[0])).toEqual([
      'Locks of the Harrowmere',
      'Locks of the Harrowmere',
      'Locks of the Harrowmere',
      'test test',
      'test test',
    ]);
  });
});

describe('a board', () => {
  it.each([
    ['{} question', '{} answer'],
    ['{} points – question', '{} points – answer'],
    ['Question ({})', 'Answer ({})'],
    ['Frage – {} Punkte', 'Antwort – {} Punkte'],
  ])('whose rows are called %s and %s has its points and answers', async (asks, answers) => {
    const { items, reading } = await gatherColumns([
      ',Rivers,Hills',
      ...[10, 20].flatMap((points) => [
        `${asks.replace('{}', String(points))},What flows at ${points}?,What rises at ${points}?`,
        `${answers.replace('{}', String(points))},Mere,Fell`,
      ]),
    ]);
    expect(reading.as).toBe('board');
    expect(
      items.map(({ category, points, accepted }) => [category?.[0], points, accepted?.[0]]),
    ).toEqual([
      ['Rivers', 10, 'Mere'],
      ['Hills', 10, 'Fell'],
      ['Rivers', 20, 'Mere'],
      ['Hills', 20, 'Fell'],
    ]);
  });
});

describe('columns beside the questions', () => {
  it.each(['p-value', 'Facility', 'Discrimination', 'r'])(
    '%s: shares that were measured are no points',
    async (heading) => {
      const { items, reading } = await gatherColumns([
        `No,Text,A,B,Key,${heading}`,
        '1,What floats?,cork,lead,A,0.93',
        '2,What sinks?,cork,lead,B,0.61',
        '3,Who waits?,keeper,cill,A,0.72',
      ]);
      expect(reading.columns?.at(-1)?.role).toBe('ignore');
      expect(items.map(({ options }) => options?.map(({ right }) => right))).toEqual([
        [true, false],
        [false, true],
        [true, false],
      ]);
    },
  );
  it('points in quarters stay points', async () => {
    const { items } = await gatherColumns([
      'No,Text,A,B,Key,Points',
      '1,What floats?,cork,lead,A,0.25',
      '2,What sinks?,cork,lead,B,0.75',
    ]);
    expect(items.map(({ points }) => points)).toEqual([0.25, 0.75]);
  });
  it('two lessons beside words without headings are no verdicts', async () => {
    const words = ['the hammer', 'the saw', 'the nail', 'the plane', 'the board'];
    const { items } = await gatherColumns(
      words.map(
        (word, n) =>
          `${word},${['marteau', 'scie', 'clou', 'rabot', 'planche'][n]!},Give me ${word}.,Lesson ${n < 3 ? 3 : 4}`,
      ),
    );
    expect(items.map(({ kind, stem }) => [kind, stem.plain])).toEqual(
      words.map((word) => ['card', word]),
    );
  });
  it('a kind that is cut short orders the texts of which none is told to be right', async () => {
    const { items } = await gatherColumns([
      'Type,Question,1,2,3,Key',
      'MC,What floats?,cork,lead,iron,1',
      'ORD,Put in order.,dig,fill,sail,',
      'MC,What sinks?,cork,lead,wood,2',
    ]);
    expect(items.map(({ kind }) => kind)).toEqual(['choice-one', 'order', 'choice-one']);
  });
});

describe('headings', () => {
  it('that ask head columns in which nothing asks', async () => {
    const { items, reading } = await gatherColumns(
      [
        'Was wird gefragt?;Was gehört zusammen?',
        'Ordne jedem Gerät zu, was es misst.;Barometer = Druck|Thermometer = Wärme',
        'Ordne jeder Form ihre Ecken zu.;Dreieck = 3|Quadrat = 4',
        'Ordne jedem Wort zu, was es heißt.;forte = laut|piano = leise',
        'Ordne jedem Fluss sein Meer zu.;Elbe = Nordsee|Oder = Ostsee',
      ],
      'a.csv',
    );
    expect([reading.headingRow, items.map(({ kind }) => kind)]).toEqual([
      1,
      ['match', 'match', 'match', 'match'],
    ]);
  });
  it('that stand once more, with a remark beside them, are headings all the same', async () => {
    const headings = 'Number,Chapter,Question,Right,Wrong,';
    const { items, reading } = await gatherColumns([
      headings,
      '1,Water,What floats?,cork,lead,',
      '2,Water,What sinks?,lead,cork,',
      `${headings}read up to here`,
      '3,Locks,Who waits?,keeper,cill,',
      '4,Locks,What opens?,gate,wall,',
    ]);
    expect([reading.headingRow, items.map(({ stem }) => stem.plain)]).toEqual([
      1,
      ['What floats?', 'What sinks?', 'Who waits?', 'What opens?'],
    ]);
  });
  it('tell the separator, where lists in cells have another sign', async () => {
    const { items } = await gatherColumns([
      'Questions of the evening',
      '',
      'Right option (number),Question,Answers,Note',
      '3,Which metal rusts?,Gold; Lead; Iron; Silver,?',
      '1,What is an alloy?,A mixture; A gas; A burnt metal; An acid,!',
      '2,What turns red?,Window glass; Litmus paper; A spoon; Table salt',
      '4,What is 7 times 8?,48; 54; 63; 56',
    ]);
    expect(items.map((item) => rightOnes(item))).toEqual([
      ['Iron'],
      ['A mixture'],
      ['Litmus paper'],
      ['56'],
    ]);
  });
  it('of a key count the parts of a list, whatever else its own heading may mean', async () => {
    const { items } = await gatherColumns([
      'Frage;Die richtige Antwort ist (Nummer der Antwort);Auswahl;Suchwörter',
      'Was schwimmt?;1;Kork, Blei;Wasser',
      'Was sinkt?;2;Kork, Blei, Holz;Wasser',
      'Wer wartet?;3;Drempel, Kurbel, Wärter;Schleuse',
      'Was öffnet sich?;1;Tor, Wand;Schleuse',
    ]);
    expect(items.map((item) => rightOnes(item))).toEqual([['Kork'], ['Blei'], ['Wärter'], ['Tor']]);
  });
  it('of tasks to match in a text with tabs head a table', async () => {
    const { items, reading } = await gatherColumns(
      [
        'Ce qu’on demande\tCe qui va ensemble',
        'Associez chaque petit à sa mère.\tveau = vache | poulain = jument',
        'Associez chaque mot à son sens.\tforte = fort | piano = doux',
        'Associez chaque outil à son usage.\tfouet = battre | louche = servir la soupe',
        '',
        'Associez chaque capitale à son pays.\tRome = Italie | Oslo = Norvège',
      ],
      'a.txt',
    );
    expect([reading.as, items.map(({ pairs }) => pairs?.length)]).toEqual(['table', [2, 2, 2, 2]]);
  });
  it.each([
    ['hoogstens 200 tekens', 'tekst', 'tekst', '', 'mag leeg'],
    ['max. 200 Zeichen', 'Text', 'Text', '', 'darf leer bleiben'],
    ['up to 200 characters', 'text', 'text', '', 'may be left empty'],
  ])('are explained by a row of rules: %s', async (...rules) => {
    const { items } = await gatherColumns([
      'Question,Option 1,Option 2,Right answer,Hint',
      rules.join(','),
      'What floats?,cork,lead,cork,',
      'What sinks?,cork,lead,lead,',
    ]);
    expect(items.map(({ stem }) => stem.plain)).toEqual(['What floats?', 'What sinks?']);
  });
});
