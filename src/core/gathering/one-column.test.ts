// One column for the answers of every kind, headings that look like content, and cells that speak against their headings.
import { expect, it } from 'vitest';
import { counter } from '../../../tests/make';
import { brief } from '../../../tests/say';
import { gatherSource } from '../pipeline';

const read = async (text: string) => {
  const bytes = new TextEncoder().encode(text);
  return gatherSource({ name: 'a.csv', bytes }, {}, { id: counter() });
};

it('one answer column beside a tolerance holds letters, numbers, words and true or false', async () => {
  const { items } = await read(
    [
      'type,title,question,opt_a,opt_b,opt_c,answer,tolerance,pts',
      'mc,One,What floats?,cork,iron,lead,a,,1',
      'num,Two,How deep is the lock in metres?,,,,2.4,0.1,2',
      'tf,Three,A gate opens against the water.,,,,F,,1',
      'fill,Four,A ____ holds a rope.,,,,bollard,,1',
    ].join('\n'),
  );
  expect(items.map(brief)).toEqual([
    'choice-one: What floats? [*cork / iron / lead]',
    'number: How deep is the lock in metres? [2.4±0.1]',
    'true-false: A gate opens against the water. [True / *False]',
    'gap: A {{1}} holds a rope. [bollard]',
  ]);
});
it('headings that stand again half-way are no question, whatever case does to their letters', async () => {
  const { items } = await read(
    [
      'Doğru mu, yanlış mı?;;İfade',
      'Right;;El Teide está en Tenerife.',
      'Wrong;;Madrid está a la orilla del mar.',
      'Doğru mu, yanlış mı?;;İfade',
      'Wrong;;Los Andes están en África.',
      'Right;;La piel es un órgano.',
    ].join('\n'),
  );
  expect(items.map(brief)).toEqual([
    'true-false: El Teide está en Tenerife. [*Right / Wrong]',
    'true-false: Madrid está a la orilla del mar. [Right / *Wrong]',
    'true-false: Los Andes están en África. [Right / *Wrong]',
    'true-false: La piel es un órgano. [*Right / Wrong]',
  ]);
});
it('letters that count up are headings, though the options below are as short', async () => {
  const { items, reading } = await read(
    'question,A,B,C,D,E,correct\nPick the even numbers,1,2,3,4,5,BD\nPick the primes,2,4,5,6,9,AC\nPick the odd one,1,2,4,6,8,A\n',
  );
  expect(reading.headingRow).toBe(1);
  expect(items.map(brief)).toEqual([
    'choice-many: Pick the even numbers [1 / *2 / 3 / *4 / 5]',
    'choice-many: Pick the primes [*2 / 4 / *5 / 6 / 9]',
    'choice-one: Pick the odd one [*1 / 2 / 4 / 6 / 8]',
  ]);
});

it('a key may repeat the wording behind its letter, beside an explanation that is a sum', async () => {
  const { items } = await read(
    '#,Question,A,B,C,Correct answer,Explanation\n1,What is 7 times 8?,54,56,58,B (56),7 × 8 = 56\n2,What is 12 squared?,124,142,144,C (144),12 × 12 = 144\n',
  );
  expect(items.map(brief)).toEqual([
    'choice-one: What is 7 times 8? [54 / *56 / 58]',
    'choice-one: What is 12 squared? [124 / 142 / *144]',
  ]);
  expect(items[0]!.explanation?.plain).toBe('7 × 8 = 56');
});

it('a cell may hold a list as programs write them', async () => {
  const { items } = await read(
    'question,correct_answer,incorrect_answers\nWhat floats?,cork,"[""iron"", ""lead""]"\nWhat sinks?,iron,"[""cork"", ""wood""]"\nWhat burns?,wood,"[""iron"", ""stone""]"\n',
  );
  expect(items.map(brief)).toEqual([
    'choice-one: What floats? [*cork / iron / lead]',
    'choice-one: What sinks? [*iron / cork / wood]',
    'choice-one: What burns? [*wood / iron / stone]',
  ]);
});

it('a name tells who wrote a question better than an address, and modules that stand again are no references', async () => {
  const { items } = await read(
    [
      'Module,Topic,Timestamp,Email Address,Your question,Correct answer,Wrong answer 1,Wrong answer 2,Your name',
      'M1,Locks,2026/03/01 9:12,a@example.org,What floats?,cork,iron,lead,Ada',
      'M1,Boats,2026/03/01 9:15,b@example.org,What sinks?,iron,cork,wood,Ben',
      'M2,Boats,2026/03/01 9:18,c@example.org,What burns?,wood,iron,lead,Cleo',
    ].join('\n'),
  );
  expect(items.map(({ origin, category }) => [origin?.by, category])).toEqual([
    ['Ada', ['M1', 'Locks']],
    ['Ben', ['M1', 'Boats']],
    ['Cleo', ['M2', 'Boats']],
  ]);
});

it('questions that end in an ellipsis as their neighbours do are begun, and not cut', async () => {
  const { findings } = await read(
    'question,A,B,correct\nA rope is tied to a…,bollard,cloud,A\nA boat waits below the…,gate,moon,A\n',
  );
  expect(findings.map(({ rule }) => rule)).not.toContain('text-cut');
});

it('a row whose cell stands again below is no headings, and ticks are no options', async () => {
  const cards = await read(
    'the rope\tdas Seil\tThings\nthe gate\tdas Tor\tThings\nto run\tlaufen\tVerbs\n',
  );
  expect(cards.reading.headingRow).toBeNull();
  const { items } = await read(
    'Frage;Antwort A;Antwort B;Antwort C;A;B;C\nWas schwimmt?;Kork;Holz;Blei;x;x;\nWas sinkt?;Kork;Blei;Holz;;x;\nWas brennt?;Holz;Blei;Kork;x;;x\n',
  );
  expect(items.map(brief)).toEqual([
    'choice-many: Was schwimmt? [*Kork / *Holz / Blei]',
    'choice-one: Was sinkt? [Kork / *Blei / Holz]',
    'choice-many: Was brennt? [*Holz / Blei / *Kork]',
  ]);
});

it('headings that count letters up side by side are of one kind, whatever their cells look like', async () => {
  const rows = Array.from(
    { length: 8 },
    (_, n) =>
      `${n + 1},Which rope is number ${n + 1}?,head ${n},stern ${n},centre ${n},spring ${n},${'ABCD'[n % 4]}`,
  );
  const { items, reading } = await read(['No.,Question,A,B,C,D,Right', ...rows].join('\n'));
  expect(reading.columns.map(({ role }) => role)).toEqual([
    'number-in-file',
    'stem',
    ...Array<string>(4).fill('option'),
    'key',
  ]);
  expect(brief(items[1]!)).toBe(
    'choice-one: Which rope is number 2? [head 1 / *stern 1 / centre 1 / spring 1]',
  );
});
