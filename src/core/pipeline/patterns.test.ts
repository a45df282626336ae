// Samples of marked text learned line by line: the next questions are written as the receiver takes them, and read home again.
import { describe, expect, it } from 'vitest';
import type { Item, KeptLayout, Layout } from '../model';
import { readMarkedSet } from '../reading-back';
import { fill, fits, layoutFromPointed, learnBlank } from '.';
import { counter, item, options, surroundings } from '../../../tests/make';
import { both } from '../../../tests/marked-habits';

const learned = (sample: string, name = 'sample.txt') =>
  learnBlank({ name, bytes: new TextEncoder().encode(sample) }, surroundings);

const wheel = item({
  stem: { plain: 'What steers the boat?' },
  options: options('A rope', '*A rudder', 'A lamp'),
  explanation: { plain: 'It hangs at the stern.' },
  category: ['Boats'],
  points: 2,
  seconds: 20,
});
const word = item({
  kind: 'short',
  stem: { plain: 'What is the step under a gate called?' },
  options: undefined,
  accepted: ['cill', 'sill'],
});
const truth = item({
  kind: 'true-false',
  stem: { plain: 'A cill lies under water.' },
  options: options('*True', 'False'),
});

/** What a receiver of such a sample is handed for some questions. */
async function handed(sample: string, items: Item[], setTitle?: string): Promise<string> {
  const { layout } = await learned(sample);
  const bytes = new TextEncoder().encode(sample);
  const filled = await fill(
    { items, layout, blank: bytes, ...(setTitle ? { setTitle } : {}) },
    { ...surroundings, id: counter() },
  );
  return new TextDecoder().decode(filled.bytes);
}

const SAMPLES: readonly [name: string, sample: string, items: Item[], text: string][] = [
  [
    'letters and a line that names the right one, below a sentence that is no part of the file',
    'Write your file like this, with an empty line between questions.\n\n1. What opens?\na. A wall\nb. A gate\nCorrect: b\n\n2. What floats?\na. Cork\nb. Iron\nCorrect: a\n',
    [wheel],
    '1. What steers the boat?\na. A rope\nb. A rudder\nc. A lamp\nCorrect: b\n',
  ],
  [
    'titles above the parts of each question, and feedback only where there is some',
    '### Question\nWhat opens?\n### Answers\n[x] A gate\n[ ] A wall\n### Feedback\nWalls stand.\n\n### Question\nWhich float?\n### Answers\n[x] Cork\n[x] Wood\n[ ] Iron\n### Feedback\nIron sinks.\n',
    [wheel, both],
    '### Question\nWhat steers the boat?\n### Answers\n[ ] A rope\n[x] A rudder\n[ ] A lamp\n### Feedback\nIt hangs at the stern.\n\n### Question\nWhich float?\n### Answers\n[x] Cork\n[ ] Iron\n[x] Wood\n',
  ],
  [
    'first letters of words, with seconds and points',
    'Q: What opens?\nR: A gate\nW: A wall\nT: 20\nP: 2\n\nQ: What floats?\nR: Cork\nW: Iron\nT: 30\nP: 1\n',
    [wheel],
    'Q: What steers the boat?\nW: A rope\nR: A rudder\nW: A lamp\nT: 20\nP: 2\n',
  ],
  [
    'tags around each line, with signs of tags in the texts',
    '<question>\n<text>What opens?</text>\n<right>A gate</right>\n<wrong>A wall</wrong>\n</question>\n\n<question>\n<text>What floats?</text>\n<right>Cork</right>\n<wrong>Iron</wrong>\n</question>\n',
    [item({ stem: { plain: 'Is 2 < 3 & 4?' }, options: options('*Yes', 'No') })],
    '<question>\n<text>Is 2 &lt; 3 &amp; 4?</text>\n<right>Yes</right>\n<wrong>No</wrong>\n</question>\n',
  ],
  [
    'lists of names and values, with quotes where a value needs them',
    '- question: What opens?\n  options:\n    - A gate\n    - A wall\n  correct: 1\n- question: What floats?\n  options:\n    - Iron\n    - Cork\n  correct: 2\n',
    [item({ stem: { plain: 'Which: one or two?' }, options: options('one', '*no') })],
    '- question: "Which: one or two?"\n  options:\n    - one\n    - "no"\n  correct: 2\n',
  ],
  [
    'signs for each kind: choices, true or false, typed answers',
    ':What opens?\n+A gate\n-A wall\n\n:Which float?\n+Cork\n+Wood\n-Iron\n\n:A cill lies under water.\n+true\n\n:What is the water between locks called?\n=pound\n=reach\n',
    [both, truth, word],
    ':Which float?\n+Cork\n-Iron\n+Wood\n\n:A cill lies under water.\n+true\n\n:What is the step under a gate called?\n=cill\n=sill\n',
  ],
  [
    'signs that sentences explain, and a category above several questions',
    '// ? begins a question.\n// A line with ! is right, a line with . is wrong.\n// @ gives the category, # is a hint.\n@ Locks\n? What opens?\n! A gate\n. A wall\n# Think of a door.\n\n? What fills?\n! A lock\n. A hat\n\n@ Boats\n? What floats?\n! Cork\n. Iron\n# Think of bottles.\n',
    [
      wheel,
      item({ ...both, category: ['Boats'], kind: 'choice-one', options: options('*Cork', 'Iron') }),
    ],
    '// ? begins a question.\n// A line with ! is right, a line with . is wrong.\n// @ gives the category, # is a hint.\n@ Boats\n? What steers the boat?\n. A rope\n! A rudder\n. A lamp\n\n? Which float?\n! Cork\n. Iron\n',
  ],
  [
    'a card on each line',
    'paddle :: a board that slides\npound :: the water between two locks\ncill :: a step under a gate\n',
    [item({ kind: 'card', stem: { plain: 'weir' }, options: undefined, accepted: ['a dam'] })],
    'weir :: a dam\n',
  ],
  [
    'numbers in titles, and a line that ends each question',
    'Frage 1: Was öffnet sich?\n(R) Das Tor\n(F) Die Wand\nErklärung: Wände stehen.\n---\nFrage 2: Was schwimmt?\n(F) Eisen\n(R) Kork\nErklärung: Eisen sinkt.\n---\n',
    [wheel, wheel],
    'Frage 1: What steers the boat?\n(F) A rope\n(R) A rudder\n(F) A lamp\nErklärung: It hangs at the stern.\n---\nFrage 2: What steers the boat?\n(F) A rope\n(R) A rudder\n(F) A lamp\nErklärung: It hangs at the stern.\n---\n',
  ],
  [
    'all options in one line, and the right one in words',
    'QUESTION: What opens?\nOPTIONS: A gate | A wall\nANSWER: A gate\nEND\n\nQUESTION: What floats?\nOPTIONS: Iron | Cork\nANSWER: Cork\nEND\n',
    [wheel],
    'QUESTION: What steers the boat?\nOPTIONS: A rope | A rudder | A lamp\nANSWER: A rudder\nEND\n',
  ],
  [
    'feedback behind each option',
    '1) What opens?\n*a) A gate -> Right, it swings.\nb) A wall -> No, it stands.\n\n2) What floats?\na) Iron -> No, it sinks.\n*b) Cork -> Yes.\n',
    [
      item({
        stem: { plain: 'Who steers?' },
        options: [
          { text: { plain: 'The crew' }, right: true, feedback: { plain: 'Quite so.' } },
          { text: { plain: 'The dog' }, right: false },
        ],
      }),
    ],
    '1) Who steers?\n*a) The crew -> Quite so.\nb) The dog\n',
  ],
  [
    'words for kinds above each question',
    'Question type: TF\nQuestion: Ice floats.\nAnswer: T\n%%\nQuestion type: MC\nQuestion: What opens?\na) A wall\n*b) A gate\n%%\nQuestion type: SA\nQuestion: What is the sign for gold?\nAnswer: Au\n%%\n',
    [word, truth],
    'Question type: SA\nQuestion: What is the step under a gate called?\nAnswer: cill\nAnswer: sill\n%%\nQuestion type: TF\nQuestion: A cill lies under water.\nAnswer: T\n%%\n',
  ],
  [
    'codes behind the signs of lines',
    'Q|single|What opens?\nO|0|A wall\nO|1|A gate\nE|Walls stand.\nQ|multi|Which float?\nO|1|Cork\nO|1|Wood\nO|0|Iron\nE|Iron sinks.\nQ|text|What is the water between locks?\nS|pound\nS|reach\nE|Or a level.\n',
    [both, word],
    'Q|multi|Which float?\nO|1|Cork\nO|0|Iron\nO|1|Wood\nQ|text|What is the step under a gate called?\nS|cill\nS|sill\n',
  ],
  [
    'a title above every option',
    '[question]\nWhat opens?\n[right]\nA gate\n[wrong]\nA wall\n[wrong]\nA hill\n[end]\n\n[question]\nWhat floats?\n[wrong]\nIron\n[right]\nCork\n[wrong]\nLead\n[end]\n',
    [wheel],
    '[question]\nWhat steers the boat?\n[wrong]\nA rope\n[right]\nA rudder\n[wrong]\nA lamp\n[end]\n',
  ],
  [
    'a sign behind the right option, and no empty lines',
    'Q1. What opens?\nA. A wall\nB. A gate*\nC. A hill\nQ2. What floats?\nA. Cork*\nB. Iron\nC. Lead\n',
    [wheel],
    'Q1. What steers the boat?\nA. A rope\nB. A rudder*\nC. A lamp\n',
  ],
  [
    'quotes around all texts',
    '"What opens?"\n+ "A gate"\n- "A wall"\n\n"What floats?"\n- "Iron"\n+ "Cork"\n',
    [item({ stem: { plain: 'What is a "pound"?' }, options: options('*Water', 'Money') })],
    '"What is a \\"pound\\"?"\n+ "Water"\n- "Money"\n',
  ],
  [
    'a title with a number in it above each question',
    'QUESTION 1 (choice)\nWhat opens?\n1 = A gate\n2 = A wall\nCORRECT = 1\n\nQUESTION 2 (choice)\nWhat floats?\n1 = Iron\n2 = Cork\nCORRECT = 2\n',
    [wheel, wheel],
    'QUESTION 1 (choice)\nWhat steers the boat?\n1 = A rope\n2 = A rudder\n3 = A lamp\nCORRECT = 2\n\nQUESTION 2 (choice)\nWhat steers the boat?\n1 = A rope\n2 = A rudder\n3 = A lamp\nCORRECT = 2\n',
  ],
  [
    'categories between signs, in blocks of their own',
    '== Locks ==\n\nQ> What opens?\nT> A gate\nF> A wall\n\nQ> What fills?\nT> A lock\nF> A hat\n\n== Boats ==\n\nQ> What floats?\nT> Cork\nF> Iron\n',
    [wheel],
    '== Boats ==\n\nQ> What steers the boat?\nF> A rope\nT> A rudder\nF> A lamp\n',
  ],
  [
    'pairs and steps',
    '^^ Match each word.\nbow >> front\nstern >> back\n^^ Put in order.\n1> enter\n2> close\n3> fill\n',
    [
      item({
        kind: 'match',
        stem: { plain: 'Match.' },
        options: undefined,
        pairs: [
          { left: { plain: 'gate' }, right: { plain: 'opens' } },
          { left: { plain: 'lock' }, right: { plain: 'fills' } },
        ],
      }),
      item({
        kind: 'order',
        stem: { plain: 'Order.' },
        options: undefined,
        steps: [{ plain: 'stop' }, { plain: 'tie' }],
      }),
    ],
    '^^ Match.\ngate >> opens\nlock >> fills\n^^ Order.\n1> stop\n2> tie\n',
  ],
];

describe('a sample of marked text', () => {
  it.each(SAMPLES)('%s', async (_, sample, items, text) => {
    const { layout, unsure } = await learned(sample);
    expect(unsure).toEqual([]);
    expect(await handed(sample, items)).toBe(text);
    const { items: read } = readMarkedSet(text, layout);
    expect(read.map(({ kind, stem }) => [kind, stem.plain])).toEqual(
      items.map(({ kind, stem }) => [kind, stem.plain]),
    );
    expect(read.map((one) => one.options?.map(({ right }) => right))).toEqual(
      items.map((one) => one.options?.map(({ right }) => right)),
    );
  });

  it('has the set’s name on a line of its own above all questions', async () => {
    const sample =
      '$title Evening one\n$q What opens?\n$a+ A gate\n$a- A wall\n\n$q What floats?\n$a- Iron\n$a+ Cork\n';
    const text = '$title Autumn\n$q What steers the boat?\n$a- A rope\n$a+ A rudder\n$a- A lamp\n';
    expect(await handed(sample, [wheel], 'Autumn')).toBe(text);
    const { layout } = await learned(sample);
    expect(readMarkedSet(text, layout).title).toBe('Autumn');
  });

  it('with gaps whose words stand in brackets', async () => {
    const sample =
      'Text: The [gate] holds the [water|flood].\n\nText: A [pound] lies between two locks.\n';
    const gap = item({
      kind: 'gap',
      stem: { plain: 'A {{1}} floats.' },
      options: undefined,
      gaps: [{ accepted: ['boat', 'barge'] }],
    });
    expect(await handed(sample, [gap])).toBe('Text: A [boat|barge] floats.\n');
  });

  it('calls its questions samples, which others are not', async () => {
    const sample =
      'ask Sample: What opens?\nopt A gate\nopt A wall\nopt A hill\nkey 1\n\nask Sample: What floats?\nopt Iron\nopt Cork\nopt Lead\nkey 2\n';
    expect(await handed(sample, [wheel])).toBe(
      'ask What steers the boat?\nopt A rope\nopt A rudder\nopt A lamp\nkey 2\n',
    );
  });

  it('is unsure where another line above the questions is written as it stands', async () => {
    const { layout, unsure } = await learned(
      '%TITLE Test\n%AUTHOR A. Keeper\n\n%Q What opens?\n%+ A gate\n%- A wall\n\n%Q What floats?\n%- Iron\n%+ Cork\n',
    );
    expect(unsure).toEqual(['pattern']);
    expect(layout.pattern).toMatchObject({
      title: { before: '%TITLE ', below: ['%AUTHOR A. Keeper', ''] },
      forms: [{ parts: [{ role: 'stem', before: '%Q ' }, { before: '%+ ' }] }],
    });
  });

  it('is unsure whether numbers in brackets beside the questions are points, where no word says so', async () => {
    const { layout, unsure } = await learned(
      'What opens? (2)\n  x A gate\n  o A wall\n\nWhat floats? (1)\n  o Iron\n  x Cork\n',
    );
    expect(unsure).toEqual(['pattern']);
    expect(layout.pattern?.forms[0]?.parts[0]).toMatchObject({
      points: { open: ' (', close: ')' },
    });
  });

  it('is refused a text that would be read as another line', async () => {
    const sample = SAMPLES.find(([name]) => name.startsWith('titles above'))![1];
    const { layout } = await learned(sample);
    const sly = item({ stem: { plain: '### Feedback' } });
    expect(fits([sly, wheel], layout)).toMatchObject([
      { state: 'refused', code: 'sign-in-text' },
      { state: 'fits' },
    ]);
  });
});

describe('pointing at a line', () => {
  const sample =
    '%% What opens?\n~~ A gate\n@@ A wall\n@@ A hill\n\n%% What floats?\n@@ Iron\n~~ Cork\n@@ Lead\n';
  const lines = sample.split('\n');
  const pointed = async (said: Parameters<typeof layoutFromPointed>[2]): Promise<Layout> =>
    layoutFromPointed((await learned(sample)).layout, lines, said);

  it('turns what was learned, and all alike with it', async () => {
    const { layout } = await learned(sample);
    const right = (one: KeptLayout['layout']) =>
      one.pattern!.forms[0]!.parts.find(({ role }) => role === 'option');
    expect(layout.marks).toMatchObject({ right: '~~', wrong: '@@' });
    const turned = await pointed({ 1: 'wrong' });
    expect(right(turned)).toMatchObject({ before: '@@ ', wrong: { before: '~~ ' } });
    expect(turned.marks).toMatchObject({ right: '@@', wrong: '~~' });
  });

  it('at a sign that closes leaves the pattern for signs', async () => {
    const { pattern, marks } = await pointed({ 0: 'stem', 1: 'right', 2: 'wrong', 3: 'close' });
    expect(pattern).toBeUndefined();
    expect(marks).toMatchObject({ right: '~~', wrong: '@@' });
  });
});
