// What columns say beside one another, and cells of another kind than their column's. Common practice, no source.
import { expect, it } from 'vitest';
import { gatherColumns as read, rightOnes } from '../../../tests/typed';

it('one column for feedback speaks of the question, and two for right and wrong do', async () => {
  const { items } = await read([
    'Domanda,Risposta A,Risposta B,Risposta C,Soluzione,Commento',
    'Quale apre?,Un muro,Un cancello,Un tetto,B,Gira su cardini',
    'Quale galleggia?,Il sughero,Il piombo,Il ferro,A,',
    'Chi aspetta?,Il mulino,La pietra,La barca,C,Finché si apre',
  ]);
  expect(items.map(({ explanation }) => explanation?.plain)).toEqual([
    'Gira su cardini',
    undefined,
    'Finché si apre',
  ]);
  expect(
    items.flatMap(({ options }) => options?.flatMap(({ feedback }) => feedback ?? []) ?? []),
  ).toEqual([]);
  const both = await read([
    'Question;Options;Correct option(s);Feedback correct;Feedback incorrect',
    'Which are boats?;Barge|Tug|Weir|Lock;1,2;Well done;Think of hulls',
    'Which holds water?;Gate|Flag|Rope;1;Yes;No, look again',
  ]);
  expect(both.items[0]?.explanation?.plain).toBe('Well done Think of hulls');
});

it('wrong words beside gaps are what learners choose from, with the right ones', async () => {
  const { items } = await read([
    'ID,Text with gaps,Gap 1,Gap 2,Distractors',
    'G1,The ___ lifts boats from one ___ to another.,lock,level,weir; bow',
    'G2,A ___ ties to a ring.,rope,,oar; sail',
  ]);
  expect(items.map(({ gaps }) => gaps?.[0]?.options)).toEqual([
    ['lock', 'level', 'weir', 'bow'],
    ['rope', 'oar', 'sail'],
  ]);
});

it('a word in a column of numbers answers a question that asks for one', async () => {
  const { items } = await read([
    'Aufgabe,Typ,Lösung,Toleranz,Einheit',
    'Wie hoch ist der Berg?,Zahl,1142,5,m',
    'Wie schwer ist ein Liter?,Zahl,1,0.01,kg',
    'Wie heißt die Hauptstadt?,Text,Berlin,,',
  ]);
  expect(items.map(({ kind, accepted }) => [kind, accepted])).toEqual([
    ['number', undefined],
    ['number', undefined],
    ['short', ['Berlin']],
  ]);
});

it('tables side by side shift no cells', async () => {
  const { items, findings } = await read([
    'Level 1,,Level 2,,Level 3,',
    'Question,Answer,Question,Answer,Question,Answer',
    'Front of boat?,Bow,Capital of Peru?,Lima,Symbol for iron?,Fe',
    'Back of boat?,Stern,Capital of Kenya?,Nairobi,Symbol for gold?,Au',
  ]);
  expect(items).toHaveLength(6);
  expect(findings.filter(({ level }) => level === 'block')).toEqual([]);
});

it.each([
  ['left and right', 'Left,Right,Set', ['bow,front,1', 'stern,back,1', 'lock,gate,2'], 'card'],
  [
    'a prompt and its response',
    'Prompt,Response,Hint',
    ['Front,bow,', 'Back,stern,', 'Left,port,Four letters'],
    'card',
  ],
  [
    'a prompt that asks',
    'Prompt,Accepted reply,Clue',
    ['What floats?,cork,', 'What sinks?,iron,', 'Who waits?,a boat,Look'],
    'short',
  ],
])('two sides by their headings: %s', async (_, headings, rows, kind) => {
  const { items } = await read([headings, ...rows]);
  expect(items.map((item) => item.kind)).toEqual(rows.map(() => kind));
  expect(items.map(({ stem, accepted }) => `${stem.plain},${accepted?.[0] ?? ''}`)).toEqual(
    rows.map((row) => row.split(',').slice(0, 2).join(',')),
  );
});

it('two bounds are a number with its tolerance', async () => {
  const { items } = await read([
    'Question,Min,Max,Unit',
    'How deep is it?,3.5,4.5,m',
    'How long is it?,21,22,m',
  ]);
  expect(items.map(({ number }) => number)).toEqual([
    { value: 4, tolerance: 0.5, unit: 'm' },
    { value: 21.5, tolerance: 0.5, unit: 'm' },
  ]);
});

it('questions counted by Q1, Q2 open blocks, and a star beside an answer says that it is right', async () => {
  const { items } = await read([
    'Q1,What winds paddles?,',
    'A,Windlass,*',
    'B,Mop,',
    'Q2,What is a pound?,',
    'A,A weight,',
    'B,Water between locks,*',
  ]);
  expect(items.map(rightOnes)).toEqual([['Windlass'], ['Water between locks']]);
  expect(items.map(({ stem }) => stem.plain)).toEqual(['What winds paddles?', 'What is a pound?']);
});

it('a card keeps every answer that it accepts, and two columns of feedback in the words of a language are both read', async () => {
  const cards = await read([
    'Set,No.,Prompt,Response,Accept also,Hint',
    'A,1,Front of a boat,bow,bows,Opposite of stern',
    'A,2,Back of a boat,stern,,',
    'B,1,Left side,port,larboard,Four letters',
  ]);
  expect(cards.items.map(({ accepted }) => accepted)).toEqual([
    ['bow', 'bows'],
    ['stern'],
    ['port', 'larboard'],
  ]);
  const both = await read([
    'Pregunta,Correcta,Incorrecta 1,Incorrecta 2,Retroalimentación si acierta,Retroalimentación si falla',
    '¿Qué flota?,corcho,plomo,hierro,Muy bien,Piensa en el peso',
    '¿Qué abre?,puerta,muro,techo,Eso es,Mira otra vez',
  ]);
  expect(both.items[0]?.explanation?.plain).toBe('Muy bien Piensa en el peso');
});

it('a short explanation is one, and a time of the day is no time to answer in', async () => {
  const { items } = await read([
    'id,prompt,a,b,answer_index,explanation',
    'q1,What floats?,iron,cork,1,light',
    'q2,What grows?,beech,tin,0,wood',
    'q3,What rusts?,gold,iron,1,',
  ]);
  expect(items.map(({ explanation }) => explanation?.plain)).toEqual(['light', 'wood', undefined]);
  const timed = await read([
    'Time,Question to the room,Expected answer,Points',
    '09:00,What does a cill do?,It holds the gate foot.,2',
    '09:10,Name the two gates.,top and bottom,2',
    '09:20,Why tie up?,The boat surges.,1',
  ]);
  expect(timed.items.map(({ seconds }) => seconds)).toEqual([undefined, undefined, undefined]);
});
