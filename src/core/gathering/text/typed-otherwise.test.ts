// Typed texts that say several things on a line, or one thing on several. The habits are common practice, no source.
import { describe, expect, it } from 'vitest';
import { gatherSource } from '../../pipeline';
import { counter } from '../../../../tests/make';
import { brief } from '../../../../tests/say';

const read = (lines: readonly string[], name = 'typed.txt') =>
  gatherSource(
    { name, bytes: new TextEncoder().encode(`${lines.join('\n')}\n`) },
    {},
    { id: counter() },
  );
const briefs = async (lines: readonly string[]) => (await read(lines)).items.map(brief);

describe('boxes for true and false', () => {
  it.each([
    [
      'letters in front, below a task',
      [
        'Richtig oder falsch? Kreuze an!',
        '',
        '( ) R  (x) F   Eine Schleuse hat immer drei Tore.',
        '(x) R  ( ) F   Das Oberwasser liegt höher.',
      ],
      [
        'Eine Schleuse hat immer drei Tore. [richtig / *falsch]',
        'Das Oberwasser liegt höher. [*richtig / falsch]',
      ],
    ],
    [
      'words behind, on numbered lines',
      ['1. Ein Tor ist ein Wehr.   ☐ wahr  ☒ falsch', '2. Ein Pegel misst.   ☒ wahr  ☐ falsch'],
      ['Ein Tor ist ein Wehr. [wahr / *falsch]', 'Ein Pegel misst. [*wahr / falsch]'],
    ],
  ])('%s', async (_, lines, expected) => {
    expect(await briefs(lines)).toEqual(expected.map((text) => `true-false: ${text}`));
  });

  it('of which none or both are ticked tell nothing', async () => {
    const { items } = await read([
      '1. A gate.  [ ] true  [ ] false',
      '2. A weir.  [x] true  [x] false',
    ]);
    expect(items.flatMap(({ options = [] }) => options).some(({ right }) => right)).toBe(false);
  });
});

describe('points', () => {
  it('between the number and the question', async () => {
    const { items } = await read([
      'Question 1 (2 points) : Quel est le rôle du bief ?',
      '☐ retenir les poissons',
      '☒ relier deux écluses',
      '',
      'Question 2 (1 point) : Quelle est la vitesse ?',
      '☐ 20 km/h',
      '☒ 6 km/h',
      '',
      'Question 3 (3 points) : Expliquez une écluse.',
      '...................................................',
    ]);
    expect(items.map(({ stem, points, kind }) => [stem.plain, points, kind])).toEqual([
      ['Quel est le rôle du bief ?', 2, 'choice-one'],
      ['Quelle est la vitesse ?', 1, 'choice-one'],
      ['Expliquez une écluse.', 3, 'open'],
    ]);
  });

  it('from none to as many as can be had', async () => {
    const { items } = await read([
      'Zadanie 1. (0–1)',
      'Która brama jest niższa?',
      'A. górna',
      'B. dolna',
      'Odp.: B',
      '',
      'Zadanie 2. (0–2)',
      'Ile wrót ma śluza?',
      'A. jedne',
      'B. dwoje',
      'Odp.: B',
    ]);
    expect(items.map(({ stem, points }) => [stem.plain, points])).toEqual([
      ['Która brama jest niższa?', 1],
      ['Ile wrót ma śluza?', 2],
    ]);
  });
});

describe('names on lines of their own', () => {
  const part = (topic: string, level: number, stem: string, options: string[], why: string) => [
    `TOPIC: ${topic}`,
    `LEVEL: ${level}`,
    '',
    'QUESTION',
    stem,
    'OPTIONS',
    ...options,
    'RATIONALE',
    why,
    '###',
  ];

  it('stand above what they name, and what stands above them belongs to their question', async () => {
    const { items, findings } = await read([
      ...part(
        'Hydraulics',
        2,
        'Which force closes a gate?',
        ['the wind', '*the water'],
        'It pushes.',
      ),
      ...part(
        'Safety',
        1,
        'Where do you stand?',
        ['*behind the line', 'on the gate'],
        'It is safe.',
      ),
    ]);
    expect(items.map(brief)).toEqual([
      'choice-one: Which force closes a gate? [the wind / *the water]',
      'choice-one: Where do you stand? [*behind the line / on the gate]',
    ]);
    expect(
      items.map(({ category, tags, explanation }) => [category, tags, explanation?.plain]),
    ).toEqual([
      [['Hydraulics'], [{ name: 'level', value: '2' }], 'It pushes.'],
      [['Safety'], [{ name: 'level', value: '1' }], 'It is safe.'],
    ]);
    expect(findings).toEqual([]);
  });
});

describe('what stands behind a question on its line', () => {
  it('room to write is no gap', async () => {
    const { items } = await read([
      '1. Why were locks built in flights? ______________________',
      '2. The keeper opens the ______ first.',
      'Answers: 1 to climb a hill, 2 paddle',
    ]);
    expect(items.map(({ kind }) => kind)).toEqual(['short', 'gap']);
    expect(items[0]!.accepted).toEqual(['to climb a hill']);
  });

  it('the letter in square brackets behind the options', async () => {
    expect(
      await briefs([
        '1. Gates are opened by (a) wind (b) hand (c) steam. [b]',
        '2. Tolls are paid in (a) coins (b) eggs (c) coal. [a]',
      ]),
    ).toEqual([
      'choice-one: Gates are opened by [wind / *hand / steam.]',
      'choice-one: Tolls are paid in [*coins / eggs / coal.]',
    ]);
  });

  it('a tolerance in brackets behind the unit', async () => {
    const { items } = await read([
      '1) How far does it lift? Answer: 2.4 m (± 0.1)',
      '2) How long does it take? Answer: 12 min (± 2)',
    ]);
    expect(items.map(({ number }) => number)).toEqual([
      { value: 2.4, tolerance: 0.1, unit: 'm' },
      { value: 12, tolerance: 2, unit: 'min' },
    ]);
  });
});

describe('answers that could be verdicts', () => {
  it('are one to a statement, and to a question only as a whole word', async () => {
    expect(
      await briefs([
        '1. How many moons has Earth?',
        'Answer: 1',
        '2. Which side is starboard?',
        'Answer: right',
        '3. What is the sign of fluorine?',
        'Answer: F',
        '4. Is oak a hard wood?',
        'Answer: yes',
        '5. Lead floats.',
        'Answer: F',
      ]),
    ).toEqual([
      'short: How many moons has Earth? [1]',
      'short: Which side is starboard? [right]',
      'short: What is the sign of fluorine? [F]',
      'true-false: Is oak a hard wood? [*yes / no]',
      'true-false: Lead floats. [True / *False]',
    ]);
  });

  it('stand with their reason below a statement that offers the choice', async () => {
    const { items } = await read([
      '**1. What do bees collect?**',
      '- A) Sand',
      '- B) Nectar ✅',
      '',
      '**2. True or False: Bees sleep in winter.**',
      'False – they form a cluster.',
    ]);
    expect(items.map(brief)).toEqual([
      'choice-one: What do bees collect? [Sand / *Nectar]',
      'true-false: Bees sleep in winter. [True / *False]',
    ]);
    expect(items[1]!.explanation?.plain).toBe('they form a cluster.');
  });
});

describe('questions that nothing parts but their question marks', () => {
  const lines = [
    'Who waits at the gate?',
    'a boat',
    '*the keeper',
    'What floats?',
    '*a hull',
    'a sill',
  ];
  const both = [
    'choice-one: Who waits at the gate? [a boat / *the keeper]',
    'choice-one: What floats? [*a hull / a sill]',
  ];
  it('begin where a line asks behind options that do not, and their sign is named', async () => {
    const { items, reading } = await read(lines);
    expect(items.map(brief)).toEqual(both);
    expect(reading.unsure).toEqual([]);
    expect(reading.because.key).toBe('“*” stands at 2 options');
  });
  it('are parted by their labels where there are some', async () => {
    const named = await read(
      lines.map((line) => (line.endsWith('?') ? `Q: ${line}` : `  ${line}`)),
    );
    expect(named.items.map(brief)).toEqual(both);
  });
});
