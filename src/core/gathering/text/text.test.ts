// Running text in the habits of those who type it, and of writing assistants. The habits are common practice, no source.
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { gatherSource, openSource } from '../../pipeline';
import { counter } from '../../../../tests/make';
import { brief } from '../../../../tests/say';

const read = async (...lines: string[]) =>
  gatherSource({ name: 'typed.txt', text: lines.join('\n') }, {}, { id: counter() });
const briefs = async (...lines: string[]): Promise<string[]> =>
  (await read(...lines)).items.map(brief);
const GATE = 'choice-one: What opens? [Wall / *Gate / Roof]';
const CORK = 'choice-one: What floats? [*Cork / Brick / Nail]';

describe('labels, marks and gaps of every habit', () => {
  it.each([
    [
      'a star before the text',
      [
        '1. What opens?',
        'a) Wall',
        'b) *Gate',
        'c) Roof',
        '',
        '2. What floats?',
        'a) *Cork',
        'b) Brick',
        'c) Nail',
      ],
    ],
    [
      'a star before the label',
      [
        '1) What opens?',
        'A. Wall',
        '*B. Gate',
        'C. Roof',
        '2) What floats?',
        '*A. Cork',
        'B. Brick',
        'C. Nail',
      ],
    ],
    [
      'a star at the end, options without labels',
      ['What opens?', 'Wall', 'Gate*', 'Roof', '', 'What floats?', 'Cork*', 'Brick', 'Nail'],
    ],
    [
      'numbered options below numbered questions',
      [
        '1. What opens?',
        '1) Wall',
        '2) *Gate',
        '3) Roof',
        '',
        '2. What floats?',
        '1) *Cork',
        '2) Brick',
        '3) Nail',
      ],
    ],
    [
      'a title right above the first question',
      [
        'Canal evening',
        '1. What opens?',
        'a. Wall',
        'b. Gate *',
        'c. Roof',
        '2. What floats?',
        'a. Cork *',
        'b. Brick',
        'c. Nail',
      ],
    ],
    [
      'a blank line between everything',
      [
        '1. What opens?',
        '',
        'a) Wall',
        '',
        'b) *Gate',
        '',
        'c) Roof',
        '',
        '2. What floats?',
        '',
        'a) *Cork',
        '',
        'b) Brick',
        '',
        'c) Nail',
      ],
    ],
    [
      'all options on one line',
      [
        '1. What opens?',
        'a) Wall   b) Gate   c) Roof',
        'Answer: b',
        '2. What floats?',
        'a) Cork   b) Brick   c) Nail',
        'Answer: a',
      ],
    ],
    [
      'a verdict in words',
      [
        '1. What opens?',
        'a) Wall',
        'b) Gate (correct)',
        'c) Roof',
        '2. What floats?',
        'a) Cork - correct',
        'b) Brick',
        'c) Nail',
      ],
    ],
    [
      'plus and minus',
      [
        'What opens?',
        '- Wall',
        '+ Gate',
        '- Roof',
        '',
        'What floats?',
        '+ Cork',
        '- Brick',
        '- Nail',
      ],
    ],
    [
      'tick boxes',
      [
        '1. What opens?',
        '- [ ] Wall',
        '- [x] Gate',
        '- [ ] Roof',
        '',
        '2. What floats?',
        '- [x] Cork',
        '- [ ] Brick',
        '- [ ] Nail',
      ],
    ],
    [
      'ticks behind bulleted letters below headings',
      [
        '### Question 1',
        '**What opens?**',
        '- A) Wall',
        '- B) Gate ✅',
        '- C) Roof',
        '---',
        '### Question 2',
        '**What floats?**',
        '- A) Cork ✅',
        '- B) Brick',
        '- C) Nail',
      ],
    ],
    [
      'bold options below bold questions',
      [
        '1. **What opens?**',
        '   - Wall',
        '   - **Gate**',
        '   - Roof',
        '',
        '2. **What floats?**',
        '   - **Cork**',
        '   - Brick',
        '   - Nail',
      ],
    ],
    [
      'fields in front of every line',
      [
        'QUESTION 1: What opens?',
        'OPTION A: Wall',
        'OPTION B: Gate',
        'OPTION C: Roof',
        'CORRECT: B',
        'QUESTION 2: What floats?',
        'OPTION A: Cork',
        'OPTION B: Brick',
        'OPTION C: Nail',
        'CORRECT: A',
      ],
    ],
    [
      'Roman numbers',
      [
        'I. What opens?',
        '(a) Wall',
        '(b) Gate',
        '(c) Roof',
        'Ans: (b)',
        'II. What floats?',
        '(a) Cork',
        '(b) Brick',
        '(c) Nail',
        'Ans: (a)',
      ],
    ],
    [
      'the answer with its text',
      [
        '1. What opens?',
        'A) Wall',
        'B) Gate',
        'C) Roof',
        'Answer: B) Gate',
        '2. What floats?',
        'A) Cork',
        'B) Brick',
        'C) Nail',
        '**Answer:** A',
      ],
    ],
    [
      'a list of answers at the end',
      [
        '1. What opens?',
        'a) Wall',
        'b) Gate',
        'c) Roof',
        '2. What floats?',
        'a) Cork',
        'b) Brick',
        'c) Nail',
        '',
        'Answer key',
        '1. b',
        '2. a',
      ],
    ],
    [
      'all answers on one line',
      [
        '1. What opens?',
        'a) Wall',
        'b) Gate',
        'c) Roof',
        '2. What floats?',
        'a) Cork',
        'b) Brick',
        'c) Nail',
        '',
        'Answers: 1 b, 2 a',
      ],
    ],
    [
      'German',
      [
        '1. What opens?',
        'a) Wall',
        'b) Gate',
        'c) Roof',
        'Lösung: b',
        '2. What floats?',
        'a) Cork',
        'b) Brick',
        'c) Nail',
        'Richtige Antwort: a',
      ],
    ],
    [
      'French',
      [
        '1. What opens?',
        'a) Wall',
        'b) Gate',
        'c) Roof',
        'Réponse : b',
        '2. What floats?',
        'a) Cork',
        'b) Brick',
        'c) Nail',
        'Bonne réponse : a',
      ],
    ],
    [
      'Spanish',
      [
        '1. What opens?',
        'a) Wall',
        'b) Gate',
        'c) Roof',
        'Respuesta correcta: b',
        '2. What floats?',
        'a) Cork',
        'b) Brick',
        'c) Nail',
        'Respuesta: a',
      ],
    ],
    [
      'Welsh',
      [
        '1. What opens?',
        'a) Wall',
        'b) Gate',
        'c) Roof',
        'Ateb: b',
        '2. What floats?',
        'a) Cork',
        'b) Brick',
        'c) Nail',
        'Ateb cywir: a',
      ],
    ],
  ])('%s', async (_, lines) => {
    expect(await briefs(...lines)).toEqual([GATE, CORK]);
  });

  it('stems and options run over several lines', async () => {
    expect(
      await briefs(
        '1. Which beam',
        'moves the gate?',
        'a) one that is long and',
        '   heavy',
        'b) *a short one',
      ),
    ).toEqual([
      'choice-one: Which beam moves the gate? [one that is long and heavy / *a short one]',
    ]);
  });
  it('chatter, titles and forms are left out, each with a note of its line', async () => {
    const { items, findings } = await read(
      'Sure, here is your quiz:',
      '',
      '1. What opens?',
      'a) Wall',
      'b) Gate',
      'Answer: b',
      '',
      'Shall I add more?',
    );
    expect(items).toHaveLength(1);
    expect(findings.map(({ rule, level, where }) => [rule, level, where?.line])).toEqual([
      ['line-left-out', 'note', 1],
      ['line-left-out', 'note', 8],
    ]);
  });
  it('the line of each question and of what stopped it is told', async () => {
    const { items, findings } = await read(
      'Quiz',
      '',
      '1. What opens?',
      'a) Wall',
      'b) Gate',
      '',
      '2. What floats at...',
      'a) Cork',
      'b) Brick',
      'Answer: d',
    );
    expect(items.map(({ origin }) => origin?.row)).toEqual([3, 7]);
    expect(
      findings
        .filter(({ level }) => level !== 'note')
        .map(({ rule, where }) => [rule, where?.line]),
    ).toEqual([
      ['key-past-last-option', 10],
      ['key-missing', 3],
      ['text-cut', 7],
    ]);
  });
});

describe('kinds of running text', () => {
  it.each([
    [
      'statements with their verdict behind them',
      ['1. Boats float. (True)', '2. Stones float. F'],
      ['true-false: Boats float. [*True / False]', 'true-false: Stones float. [True / *False]'],
    ],
    [
      'statements with an answer line',
      ['1. Boats float.', 'Answer: True', '2. Stones float.', 'Answer: False'],
      ['true-false: Boats float. [*True / False]', 'true-false: Stones float. [True / *False]'],
    ],
    [
      'gaps',
      [
        '1. Water between locks is a ____.',
        'Answer: pound / reach',
        '2. A lock has ____ and ____.',
        'Answer: gates, paddles',
      ],
      [
        'gap: Water between locks is a {{1}}. [pound|reach]',
        'gap: A lock has {{1}} and {{2}}. [gates / paddles]',
      ],
    ],
    [
      'short answers',
      [
        'Q: What turns a paddle?',
        'A: A windlass',
        '',
        'Q: What holds water back?',
        'A: A weir; a dam',
      ],
      [
        'short: What turns a paddle? [A windlass]',
        'short: What holds water back? [A weir / a dam]',
      ],
    ],
    [
      'pairs and steps',
      [
        '1. Match each word with its meaning.',
        'a) pound - water',
        'b) cill - step',
        '',
        '2. Put the steps in the right order:',
        '1) Wait',
        '2) Open',
      ],
      [
        'match: Match each word with its meaning. [pound=water / cill=step]',
        'order: Put the steps in the right order: [Wait > Open]',
      ],
    ],
    [
      'several right ones',
      ['1. Which float?', 'a) *Cork', 'b) Brick', 'c) *Boat'],
      ['choice-many: Which float? [*Cork / Brick / *Boat]'],
    ],
    [
      'questions one a line',
      ['What is a lock?', 'Why is it there?', 'How does it work?'],
      ['open: What is a lock? []', 'open: Why is it there? []', 'open: How does it work? []'],
    ],
  ])('%s', async (_, lines, expected) => {
    expect(await briefs(...lines)).toEqual(expected);
  });

  it('fields below a question stand beside it', async () => {
    const { items } = await read(
      '1. What is a windlass? (2 points)',
      'a) a crank',
      'b) a wind',
      'Correct answer: A',
      'Explanation: It turns',
      'the spindle.',
      'Time: 0:30',
      'Tags: tools, level: easy',
      'Hint: Think of a crank.',
    );
    expect(items[0]).toMatchObject({
      stem: { plain: 'What is a windlass?' },
      points: 2,
      seconds: 30,
      explanation: { plain: 'It turns the spindle.' },
      hint: { plain: 'Think of a crank.' },
      tags: [{ value: 'tools' }, { name: 'level', value: 'easy' }],
    });
  });
  it('headings are categories where several stand above questions', async () => {
    const { items } = await read(
      '## Locks',
      '1. What opens?',
      'a) Gate *',
      'b) Wall',
      '## Boats',
      '2. What floats?',
      'a) Cork *',
      'b) Brick',
    );
    expect(items.map(({ category }) => category)).toEqual([['Locks'], ['Boats']]);
  });
});

describe('what a text is read as', () => {
  it.each([
    [
      'terms by hyphen',
      ['Words', '', 'pound - the water between locks', 'cill - a step', 'tie-rod - a bar'],
      ['card: pound [the water between locks]', 'card: cill [a step]', 'card: tie-rod [a bar]'],
    ],
    [
      'terms by colon, bulleted and bold',
      [
        'Here you are:',
        '',
        '- **Pound**: the water between locks',
        '- **Cill**: a step',
        '- **Weir**: a dam',
      ],
      ['card: Pound [the water between locks]', 'card: Cill [a step]', 'card: Weir [a dam]'],
    ],
    [
      'terms by equals sign',
      ['der Hund = dog', 'die Katze = cat', 'das Boot = boat'],
      ['card: der Hund [dog]', 'card: die Katze [cat]', 'card: das Boot [boat]'],
    ],
    [
      'a table with bars, escaped ones too',
      [
        'Gladly:',
        '',
        '| # | Question | A | B | Key |',
        '|---|---|---|---|:-:|',
        '| 1 | What is a \\| b? | or | and | **A** |',
      ],
      ['choice-one: What is a | b? [*or / and]'],
    ],
    [
      'fenced comma text',
      ['```csv', 'question,a,b,correct', '"What, then, opens?",Gate,Wall,A', '```', 'Good luck!'],
      ['choice-one: What, then, opens? [*Gate / Wall]'],
    ],
    [
      'fenced JSON with a key from zero',
      [
        '```json',
        '[{"question":"What opens?","options":["Gate","Wall"],"answer":0},',
        '{"question":"What floats?","options":["Brick","Cork"],"answer":1},]',
        '```',
      ],
      ['choice-one: What opens? [*Gate / Wall]', 'choice-one: What floats? [Brick / *Cork]'],
    ],
    [
      'JSON with options as objects',
      [
        '{"quiz":{"items":[{"text":"Which float?","answers":[{"text":"Cork","correct":true},{"text":"Brick","correct":false},{"text":"Boat","correct":true}]}]}}',
      ],
      ['choice-many: Which float? [*Cork / Brick / *Boat]'],
    ],
  ])('%s', async (_, lines, expected) => {
    expect(await briefs(...lines)).toEqual(expected);
  });

  it('the user may say otherwise', async () => {
    const text = 'What opens?\tGate\tWall\tA\nWhat floats?\tBrick\tCork\tB';
    expect((await openSource({ name: 'x', text })).is).toBe('table');
    expect((await openSource({ name: 'x', text }, { as: 'questions' })).is).toBe('document');
  });
  it('of the clipboard’s HTML and text, the one that tells more is used', async () => {
    const html =
      '<ol><li>What opens?<ul><li>Wall</li><li><b>Gate</b></li></ul></li><li>What floats?<ul><li><b>Cork</b></li><li>Brick</li></ul></li></ol>';
    const text = '1. What opens?\n• Wall\n• Gate\n2. What floats?\n• Cork\n• Brick';
    const { items } = await gatherSource({ name: 'pasted', text, html }, {}, { id: counter() });
    expect(items.map(brief)).toEqual([
      'choice-one: What opens? [Wall / *Gate]',
      'choice-one: What floats? [*Cork / Brick]',
    ]);
  });
  it('formatting is kept where it says something, and stripped on purpose', async () => {
    const source = {
      name: 'pasted',
      text: 'x',
      html: '<table><tr><th>Question</th><th>A</th><th>B</th><th>Key</th></tr><tr><td>What is H<sub>2</sub>O, <i>briefly</i>?</td><td>Fire</td><td>Water</td><td>B</td></tr></table>',
    };
    expect((await gatherSource(source, {}, { id: counter() })).items[0]!.stem).toEqual({
      plain: 'What is H2O, briefly?',
      html: 'What is H<sub>2</sub>O, <i>briefly</i>?',
    });
    expect(
      (await gatherSource(source, { formatting: 'strip' }, { id: counter() })).items[0]!.stem,
    ).toEqual({ plain: 'What is H2O, briefly?' });
  });
});

describe('random questions in every dress', () => {
  const word = fc
    .stringMatching(/^[A-Z][a-z]{2,9}( [a-z]{3,8}){0,3}$/)
    .filter(
      (text) =>
        !/^(?:true|false|yes|no|right|wrong|correct|answers?|key|question|option|hint|points?|time|tags?)\b/i.test(
          text,
        ),
    );
  const question = fc.record({
    stem: word,
    options: fc.uniqueArray(word, {
      minLength: 3,
      maxLength: 5,
      selector: (text) => text.toLowerCase(),
    }),
    right: fc.nat(2),
  });
  const dress = {
    'a)': (n: number) => `${String.fromCharCode(97 + n)}) `,
    'A.': (n: number) => `${String.fromCharCode(65 + n)}. `,
    '(b)': (n: number) => `(${String.fromCharCode(97 + n)}) `,
  };
  it('comes back as it went', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(question, { minLength: 2, maxLength: 6 }),
        fc.constantFrom(...Object.keys(dress)),
        fc.constantFrom('star', 'line', 'end'),
        fc.boolean(),
        async (questions, label, key, blank) => {
          const lines = questions.flatMap(({ stem, options, right }, n) => [
            `${n + 1}. ${stem}?`,
            ...options.map(
              (text, at) =>
                `${dress[label as keyof typeof dress](at)}${key === 'star' && at === right ? '*' : ''}${text}`,
            ),
            ...(key === 'line' ? [`Answer: ${String.fromCharCode(65 + right)}`] : []),
            ...(blank ? [''] : []),
          ]);
          const all =
            key === 'end'
              ? [
                  ...lines,
                  '',
                  'Answer key',
                  ...questions.map(
                    ({ right }, n) => `${n + 1}. ${String.fromCharCode(65 + right)}`,
                  ),
                ]
              : lines;
          expect(await briefs(...all)).toEqual(
            questions.map(
              ({ stem, options, right }) =>
                `choice-one: ${stem}? [${options.map((text, at) => (at === right ? `*${text}` : text)).join(' / ')}]`,
            ),
          );
        },
      ),
      { numRuns: 150 },
    );
  });
});
