// Tables as other hands leave them: without headings, with merges gone, with ticks, with notes. The habits are common practice,
// no source.
import { describe, expect, it } from 'vitest';
import { gatherSource } from '../pipeline';
import { counter } from '../../../tests/make';
import { brief } from '../../../tests/say';

const bytesOf = (lines: readonly string[]): Uint8Array =>
  new TextEncoder().encode(`${lines.join('\n')}\n`);
const read = (lines: readonly string[], overrule = {}) =>
  gatherSource({ name: 'sheet.csv', bytes: bytesOf(lines) }, overrule, { id: counter() });
const briefs = async (lines: readonly string[], overrule = {}) =>
  (await read(lines, overrule)).items.map(brief);
describe('what tells the right answer', () => {
  it.each([
    ['words', 'Statement,True,False'],
    ['words of another language', 'Behauptung,richtig,falsch'],
  ])('an x under one of two columns headed by %s', async (_, headings) => {
    const { items, reading } = await read([
      headings,
      'Ice floats.,x,',
      'Lead floats.,,x',
      'Oil floats.,x,',
      'Iron floats.,,x',
    ]);
    expect(items.map(({ kind }) => kind)).toEqual(Array(4).fill('true-false'));
    expect(items.map(({ options }) => options!.findIndex(({ right }) => right))).toEqual([
      0, 1, 0, 1,
    ]);
    expect(reading.unsure).toEqual([]);
  });

  it('a right answer that stands in none of the choices beside it is one of them', async () => {
    expect(
      (
        await briefs([
          'Question,Correct Answer,Choice 2,Choice 3',
          'What is a jib?,a front sail,a rope,a hull',
          'Which knot slips?,a noose,a bowline,a reef',
          'What is luffing?,flapping,sinking,turning',
        ])
      )[0],
    ).toBe('choice-one: What is a jib? [*a front sail / a rope / a hull]');
  });

  it('wrong answers in one cell, though some rows have one alone', async () => {
    const items = await briefs([
      'Prompt,Correct answer,Other answers',
      'Is iron a metal?,Yes,No',
      'Which is soft?,wax,stone;steel',
      'Is ice hot?,No,Yes',
    ]);
    expect(items[1]).toBe('choice-one: Which is soft? [*wax / stone / steel]');
  });
});

describe('what only looks like something else', () => {
  it('a lone blank heading between others is no part of the one before', async () => {
    const { items, reading } = await read([
      'Type,,A,B,C,Right',
      'choose one,Which metal rusts?,iron,gold,tin,A',
      'choose one,Which is liquid?,lead,mercury,zinc,B',
      'choose one,Which is dear?,iron,tin,gold,C',
    ]);
    expect(items.map(({ stem }) => stem.plain)[0]).toBe('Which metal rusts?');
    expect(reading.columns[0]!.role).toBe('kind');
  });

  it('fractions in the first row are no rules of columns', async () => {
    const { items } = await read([
      'Question,A,B,C,Right',
      'Which fraction equals one half?,3/5,3/6,4/6,B',
      'How many sides has a hexagon?,7,5,6,C',
    ]);
    expect(items).toHaveLength(2);
  });

  it('abbreviations that count up in letters name nothing by themselves', async () => {
    const items = await briefs([
      '#,Qn,AA,AB,AC,AD,Pts',
      '1,Which opens?,+ the gate,the wall,the roof,the cill,1',
      '2,Which floats?,lead,+ cork,iron,tin,1',
      '3,Which burns?,sand,stone,+ coal,salt,1',
    ]);
    expect(items[1]).toBe('choice-one: Which floats? [lead / *cork / iron / tin]');
  });
});

describe('what is no answer', () => {
  it('notes to oneself', async () => {
    const items = await briefs([
      'Question,Answer,Notes for me',
      'Who painted the ceiling?,Michelangelo,show slide 3',
      'Who wrote the Odyssey?,Homer,easy one',
      'Who carved David?,Michelangelo,',
    ]);
    expect(items[0]).toBe('short: Who painted the ceiling? [Michelangelo]');
  });

  it('several hints are read one after the other', async () => {
    const { items } = await read([
      'Question,Answer,Hint 1,Hint 2',
      'Which planet has rings?,Saturn,It is large.,It starts with S.',
      'Which planet is red?,Mars,A god of war.,Four letters.',
      'Which is nearest the sun?,Mercury,It is small.,Also a metal.',
    ]);
    expect(items[0]!.hint?.plain).toBe('It is large. It starts with S.');
  });

  it('a model answer with lines to write on is shown afterwards, and "or" in a sentence parts nothing', async () => {
    const { items } = await read([
      'Task,Model answer,Marks,Lines',
      'Describe how a lock works.,Water is let in or out so that the boat rises or falls.,5,8',
      'Explain why bread rises.,"Yeast makes gas, which is caught in the gluten.",4,6',
    ]);
    expect(items[0]).toMatchObject({
      kind: 'open',
      lines: 8,
      explanation: { plain: 'Water is let in or out so that the boat rises or falls.' },
    });
  });
});

describe('tables whose shape was lost on the way', () => {
  it('a row for each part of a question, and a column that says which part it is', async () => {
    const { items, reading } = await read([
      'id,type,text',
      '1,question,What opens a lock?',
      '1,correct,a windlass',
      '1,wrong,a rope',
      '2,question,What is a pound?',
      '2,wrong,a coin',
      '2,correct,a stretch of water',
    ]);
    expect(items.map(brief)).toEqual([
      'choice-one: What opens a lock? [*a windlass / a rope]',
      'choice-one: What is a pound? [a coin / *a stretch of water]',
    ]);
    expect(items.map(({ origin }) => origin?.row)).toEqual([2, 5]);
    expect(reading.because['as']).toMatch(/which part/);
  });

  it('questions under a word of the maker’s own, of which one is unsure', async () => {
    const { items, reading } = await read([
      'Pts,Clue,Response,Category',
      '100,It flows through London,the Thames,Rivers',
      '200,It flows through Paris,the Seine,Rivers',
      '100,It is black,a crow,Birds',
    ]);
    expect(items[0]).toMatchObject({
      stem: { plain: 'It flows through London' },
      accepted: ['the Thames'],
      points: 100,
    });
    expect(reading.unsure).toContain('columns.B');
  });

  it('a heading that was merged over several columns reaches over the empty ones', async () => {
    const { items, findings } = await read([
      'Question,Answers,,,',
      'Which opens?,*gate,wall,roof,door',
      'Which floats?,lead,*cork,iron,stone',
      'Which flies?,hen,cat,*lark,dog',
    ]);
    expect(items.map(brief)[1]).toBe('choice-one: Which floats? [lead / *cork / iron / stone]');
    expect(findings).toEqual([]);
  });

  it('questions with their options in the same cell', async () => {
    const { items, findings } = await read([
      'Question with answers,Key',
      '"Which leaf is lobed?\na) oak\nb) beech\nc) willow",a',
      '"Which tree bears cones?\na) ash\nb) larch\nc) lime",b',
      '"Which wood sinks?\na) balsa\nb) pine\nc) ebony",c',
    ]);
    expect(items.map(brief)[1]).toBe('choice-one: Which tree bears cones? [ash / *larch / lime]');
    expect(findings.map(({ rule }) => rule)).toEqual(['options-taken-apart']);
  });

  it('the same headings over and over, each time under a category', async () => {
    const { items } = await read([
      'Rivers,,Birds,,Tools,',
      'Q,A,Q,A,Q,A',
      'Which flows through Paris?,Seine,Which is black?,crow,Which saws?,saw',
      'Which through Rome?,Tiber,Which sings?,lark,Which digs?,spade',
      'Which through London?,Thames,Which hunts?,hawk,Which cuts?,knife',
    ]);
    expect(items).toHaveLength(9);
    expect(items.find(({ stem }) => stem.plain === 'Which sings?')).toMatchObject({
      accepted: ['lark'],
      category: ['Birds'],
    });
  });

  it('headings that are places in an order', async () => {
    expect(
      (
        await briefs([
          'Instruction,1st,2nd,3rd,4th',
          'Put the steps of bread in order,mix,knead,prove,bake',
          'From small to large,egg,chick,hen,flock',
          'From old to new,stone,bronze,iron,',
        ])
      )[0],
    ).toBe('order: Put the steps of bread in order [mix > knead > prove > bake]');
  });

  it('a range in the middle of a table is read under the headings above it', async () => {
    const { items } = await read(
      [
        'Frage,Antwort 1,Antwort 2,Antwort 3,richtig,Erklärung',
        'Woraus besteht eine Wolke?,Rauch,Tröpfchen,Staub,2,Feine Tröpfchen.',
        'Was ist Reif?,gefrorener Tau,Hagel,Schnee,1,',
        'Wie heißt der Fallwind?,Passat,Föhn,Mistral,2,Er fällt herab.',
        'Was folgt dem Blitz?,Donner,Nebel,Tau,1,',
      ],
      { range: 'A3:F4' },
    );
    expect(items.map(({ explanation }) => explanation?.plain)).toEqual([
      undefined,
      'Er fällt herab.',
    ]);
  });

  it('days that a spreadsheet program made of fractions are told', async () => {
    const { findings } = await read([
      'Item text,Right answer,Distractor 1,Distractor 2',
      'What does a waltz count in?,03-Apr,02-Apr,04-Apr',
      'Which clef does the cello read?,bass clef,treble clef,alto clef',
    ]);
    expect(findings.map(({ rule }) => rule)).toEqual(['date-from-fraction']);
  });
});

describe('what cells say against their heading', () => {
  it('addresses beside names say nothing; without names they say who', async () => {
    const rows = (name: string) => [
      `Timestamp,Email Address,${name}Your question,Correct answer,Wrong answer 1`,
      `2026-09-03 10:02,ann@example.org,${name && 'Ann,'}What is a jib?,a sail,a rope`,
      `2026-09-03 10:09,ben@example.org,${name && 'Ben,'}Which knot slips?,a noose,a reef`,
      `2026-09-03 10:30,cem@example.org,${name && 'Cem,'}What is luffing?,flapping,sinking`,
    ];
    const by = async (name: string) =>
      (await read(rows(name))).items.map(({ origin }) => origin?.by);
    expect(await by('Your name,')).toEqual(['Ann', 'Ben', 'Cem']);
    expect(await by('')).toEqual(['ann@example.org', 'ben@example.org', 'cem@example.org']);
  });

  it('what something is used for is the answer, and no setting of the question', async () => {
    const { items } = await read([
      'Match each tool with its use,',
      'Tool,Use',
      'Plane,Smoothing wood',
      'Chisel,Cutting joints',
      'Awl,Making holes',
    ]);
    expect(items.map(({ accepted }) => accepted?.[0])).toEqual([
      'Smoothing wood',
      'Cutting joints',
      'Making holes',
    ]);
  });

  it('an unknown word for a kind whose rows are judged means true or false', async () => {
    const { items } = await read([
      'Art,Frage,Antwort 1,Antwort 2,Antwort 3,Richtig',
      'MC,Was schwimmt?,Kork,Blei,Eisen,1',
      'RF,Die Erde ist eine Scheibe.,,,,falsch',
      'Text,Wie heißt die Hauptstadt?,,,,Oslo',
      'MC,Was sinkt?,Kork,Blei,Eisen,2;3',
    ]);
    expect(items.map(({ kind }) => kind)).toEqual([
      'choice-one',
      'true-false',
      'short',
      'choice-many',
    ]);
  });
});
