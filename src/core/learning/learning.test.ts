import { readFileSync } from 'node:fs';
import { utils, write as writeBook } from '@e965/xlsx';
import { describe, expect, it } from 'vitest';
import type { Layout } from '../model';
import { readTable } from '../readers';
import { fill, learnBlank } from '../pipeline';
import { learn, marksFromPointed } from '.';
import { limitsIn, listedNumbers } from './sentences';
import { demo, item, surroundings, table } from '../../../tests/make';

const learned = (text: string): ReturnType<typeof learn> => learn(table(text, 'blank.csv'), 'id');
const roles = (layout: Layout): string[] =>
  layout.columns.map((column) => `${column.column} ${column.role}${column.n ?? ''}`);

describe('the demo’s blanks', () => {
  it('the workbook: start cell off the corner, title cell, drop-downs by a defined name, limits in words and rules', async () => {
    const { layout, unsure, because } = learn(
      await readTable({ name: 'evening-host.xlsx', bytes: demo('evening-host.xlsx') }),
      'id',
    );
    expect(layout.file).toMatchObject({
      format: 'xlsx',
      sheet: 'Round',
      headingRow: 7,
      firstRow: 8,
      firstColumn: 'B',
      sample: [8, 9],
      cells: [{ cell: 'D4', role: 'set-title' }],
    });
    expect(roles(layout)).toEqual([
      'A ignore',
      'B number-in-file',
      'C stem',
      'D key',
      'E option1',
      'F option2',
      'G option3',
      'H option4',
      'I kind',
      'J seconds',
    ]);
    expect(layout.key).toEqual({ style: 'number', separator: '+' });
    expect(layout.kinds).toEqual([
      { kind: 'choice-one', code: 'one right answer' },
      { kind: 'choice-many', code: 'several right answers' },
      { kind: 'true-false', code: 'true or false' },
    ]);
    expect(layout.limits).toEqual({
      stem: 110,
      option: 60,
      optionsMin: 2,
      optionsMax: 4,
      perFile: 50,
      seconds: [15, 25, 40, 75],
    });
    expect(unsure).toEqual([]);
    expect(because['columns.D']).toContain('its heading is');
  });
  it('the text: semicolons, a mark of UTF-8, a star at the right option', async () => {
    const { layout } = learn(
      await readTable({ name: 'course-shelf.csv', bytes: demo('course-shelf.csv') }),
      'id',
    );
    expect(layout.file).toMatchObject({
      format: 'csv',
      separator: ';',
      encoding: 'utf-8-bom',
      newline: 'crlf',
      headingRow: 1,
      firstRow: 2,
      sample: [2, 2],
    });
    expect(layout.key).toEqual({ style: 'marker', marker: '*' });
    expect(layout.limits).toEqual({ stem: 160, optionsMax: 5 });
  });
  it('the cards', async () => {
    const { layout } = learn(
      await readTable({ name: 'card-box.tsv', bytes: demo('card-box.tsv') }),
      'id',
    );
    expect(roles(layout)).toEqual(['A stem', 'B accepted', 'C category']);
    expect(layout.limits.option).toBe(90);
  });
});

describe('keys of a blank', () => {
  it.each([
    ['Question;A;B;Right one (letter, several with commas)\n', { style: 'letter', separator: ',' }],
    [
      'Question;Reply 1;Reply 2;"Right reply (its number; several: 1;4)"\n',
      { style: 'number', separator: ';' },
    ],
    ['Question;Choice;Choice;Solution\nWhich?;a;b;0\n', { style: 'number-from-0' }],
    [
      'Question;Option 1;Option 2;Correct answer\nSample: which?;Queen;Drone;Queen\n',
      { style: 'text' },
    ],
    [
      'Statement;True or false?\nWater is wet.;true\n',
      { style: 'word', right: 'true', wrong: 'false' },
    ],
    ['Frage;Antwort A;Antwort B;Lösung (Buchstabe)\n', { style: 'letter' }],
    [
      'Question;Right answer;Wrong answers (joined with |)\nWhich?;x;y|z\n',
      { style: 'right-column' },
    ],
    ['Wording;Option a;Credit a %;Option b;Credit b %\nWhich?;x;100;y;0\n', { style: 'weight' }],
    ['Kind;Question;Option 1;Option 2\none;Which?;*x;y\n', { style: 'marker', marker: '*' }],
  ])('%j', (text, key) => {
    expect(learned(text).layout.key).toEqual(key);
  });
  it('without headings are learned from sample lines', () => {
    const { layout } = learned(
      'SINGLE\tWhich tool lifts a tyre?\tLever\tok\tChain\tno\nSEVERAL\tWhich belong to it?\tChain\tok\tCog\tok\n',
    );
    expect(layout.file.headingRow).toBeNull();
    expect(roles(layout)).toEqual([
      'A kind',
      'B stem',
      'C option1',
      'D verdict1',
      'E option2',
      'F verdict2',
    ]);
    expect(layout.key).toEqual({ style: 'verdict', right: 'ok', wrong: 'no' });
    expect(layout.kinds).toEqual([
      { kind: 'choice-one', code: 'SINGLE' },
      { kind: 'choice-many', code: 'SEVERAL' },
    ]);
  });
  it('that nothing tells are unsure', () => {
    expect(learned('Question;A;B;Key\n').unsure).toContain('key');
  });
});

describe('rules in words', () => {
  it.each([
    ['A question may have up to 140 characters, an answer up to 60.', { stem: 140, option: 60 }],
    [
      'Give at least two and at most six answers. No more than 100 questions in one form.',
      { optionsMin: 2, optionsMax: 6, perFile: 100 },
    ],
    [
      'Two to six replies for each question. Not more than 40 questions in one file.',
      { optionsMin: 2, optionsMax: 6, perFile: 40 },
    ],
    [
      'A question has up to ten options. Its text may have up to 300 characters, an option up to 120, the text shown afterwards up to 250.',
      { optionsMax: 10, stem: 300, option: 120, explanation: 250 },
    ],
    ['Please leave the numbers in the first column as they are.', {}],
  ])('%s', (sentence, limits) => {
    expect(limitsIn(sentence)).toEqual(limits);
  });
  it('list the seconds of a heading', () => {
    expect(listedNumbers('Seconds (15, 25, 40 or 75)')).toEqual([15, 25, 40, 75]);
    expect(listedNumbers('Seconds (at most 90)')).toBeUndefined();
  });
});

describe('blanks whose questions are not a row each', () => {
  const learnText = async (text: string) =>
    learnBlank({ name: 'form.txt', bytes: new TextEncoder().encode(text) }, surroundings);
  const book = (rows: (string | number)[][]): Uint8Array => {
    const made = utils.book_new();
    utils.book_append_sheet(made, utils.aoa_to_sheet(rows), 'Form');
    return new Uint8Array(writeBook(made, { type: 'array', bookType: 'xlsx' }) as ArrayBuffer);
  };

  it('a board: categories across, levels down, answers below', async () => {
    const { layout, because } = await learnBlank(
      {
        name: 'board.xlsx',
        bytes: book([['Level', 'Locks', 'Boats', 'Weirs'], [10], ['answer'], [20], ['answer']]),
      },
      surroundings,
    );
    expect(layout).toMatchObject({
      shape: 'grid',
      grid: {
        categoryRow: 1,
        levelColumn: 'A',
        firstColumn: 'B',
        lastColumn: 'D',
        levels: ['10', '20'],
        levelRows: [2, 4],
        answer: 'below',
      },
    });
    expect(because['shape']).toContain('3 categories');
  });
  it('blocks of rows: labels, the sample, the words for right and wrong', async () => {
    const { layout } = await learnBlank(
      {
        name: 'blocks.xlsx',
        bytes: book([
          ['Field', 'Fill in here', 'right or wrong?', 'Feedback'],
          ['Question', 'Which knot holds?'],
          ['Points', 2],
          ['Answer', 'Bowline', 'right', 'Yes.'],
          ['Answer', 'Slip knot', 'wrong'],
          [],
          ['Question'],
          ['Points'],
          ['Answer'],
          ['Answer'],
        ]),
      },
      surroundings,
    );
    expect(layout).toMatchObject({
      shape: 'blocks',
      file: { firstRow: 2, sample: [2, 5] },
      key: { style: 'verdict', right: 'right', wrong: 'wrong' },
    });
    expect(layout.lines).toEqual([
      {
        label: 'Question',
        role: 'stem',
        offset: 0,
        cells: [{ column: 'B', role: 'stem' }],
        opens: true,
      },
      { label: 'Points', role: 'points', offset: 1, cells: [{ column: 'B', role: 'points' }] },
      {
        label: 'Answer',
        role: 'option',
        offset: 2,
        times: 2,
        cells: [
          { column: 'B', role: 'option' },
          { column: 'C', role: 'verdict' },
          { column: 'D', role: 'feedback' },
        ],
      },
    ]);
  });
  it('marked text from its samples', async () => {
    const { layout } = await learnText(
      '# Lines with a hash are not read.\n# At most 120 characters in a question and up to 5 options.\n# Leave a blank line between questions.\n\n1. What opens?\na) Wall\n*b) Gate\n\n2. Which float?\n*a) Cork\n*b) Boat\nc) Brick\n',
    );
    expect(layout).toMatchObject({
      shape: 'marked-text',
      file: { format: 'txt' },
      marks: {
        right: '*',
        optionLabel: 'a)',
        stemLabel: '1.',
        between: 'blank-line',
        comment: '#',
      },
      key: { style: 'marker', marker: '*' },
      limits: { stem: 120, optionsMax: 5 },
      kinds: [{ kind: 'choice-one' }, { kind: 'choice-many' }],
    });
  });
  it('marked text from what its comments explain', async () => {
    const { layout } = await learnText(
      '%% A FORM\n%% Lines with %% are comments.\n%% &&   before the name of a category\n%% !    in front of a right option\n%% ~    in front of a wrong option\n%% >>   behind an option, in front of its feedback\n\n&& Locks\n\nWhat opens?\n! Gate >> Yes.\n~ Wall\n',
    );
    expect(layout.marks).toMatchObject({
      right: '!',
      wrong: '~',
      category: '&&',
      feedback: '>>',
      comment: '%%',
      stemLabel: 'none',
      optionLabel: 'none',
    });
  });
});

describe('a protected form', () => {
  const fixture = (name: string): Uint8Array =>
    new Uint8Array(readFileSync(new URL(`../../../tests/fixtures/${name}`, import.meta.url)));
  it.each(['protected-form.xlsx', 'protected-form.ods'])(
    '%s: only its white cells are filled, rules and notes are limits',
    async (name) => {
      const { layout, because, unsure } = await learnBlank(
        { name, bytes: fixture(name) },
        surroundings,
      );
      expect(layout).toMatchObject({
        file: {
          sheet: 'Fill here',
          headingRow: 6,
          firstRow: 7,
          firstColumn: 'B',
          sample: [7, 7],
          cells: [{ cell: 'C4', role: 'set-title' }],
        },
        key: { style: 'letter', separator: ';' },
        kinds: [
          { kind: 'choice-one', code: 'one' },
          { kind: 'choice-many', code: 'several' },
          { kind: 'true-false', code: 'statement' },
        ],
        limits: {
          stem: 120,
          option: 75,
          perFile: 40,
          optionsMin: 2,
          optionsMax: 4,
          seconds: [10, 20, 45, 90],
        },
      });
      expect(layout.columns.map(({ role }) => role)).toEqual([
        'ignore',
        'number-in-file',
        'stem',
        'option',
        'option',
        'option',
        'option',
        'key',
        'kind',
        'points',
        'seconds',
        'ignore',
      ]);
      expect(because['columns.L']).toContain('locked');
      expect(unsure).toEqual([]);
    },
  );
});

describe('one question of marked text, pointed at', () => {
  it.each([
    [
      'signs and labels',
      ['1. What opens?', 'a) Wall', '+b) Gate', '', '2. What floats?'],
      { 0: 'stem', 1: 'wrong', 2: 'right' },
      { right: '+', optionLabel: 'a)', stemLabel: '1.', between: 'blank-line' },
    ],
    [
      'a group, its signs and a title',
      ['// notes', '<Gates> What opens? {', '= Gate', '~ Wall', '}', '## Locks'],
      { 0: 'comment', 1: 'stem', 2: 'right', 3: 'wrong', 4: 'close', 5: 'category' },
      {
        right: '=',
        wrong: '~',
        open: '{',
        close: '}',
        titleOpen: '<',
        titleClose: '>',
        category: '##',
        comment: '//',
        optionLabel: 'none',
        stemLabel: 'none',
      },
    ],
    [
      'a line that names the key',
      ['What opens?', 'A. Wall', 'B. Gate', 'Key: B', '', 'Next?'],
      { 0: 'stem', 1: 'wrong', 2: 'right', 3: 'key' },
      { keyLine: 'Key:', optionLabel: 'A.' },
    ],
  ] as const)('%s', (_, lines, pointed, marks) => {
    expect(marksFromPointed(lines, pointed)).toMatchObject(marks);
  });
});

describe('what headings and short notes say of the key', () => {
  const learnCsv = async (text: string): Promise<Layout> =>
    (await learnBlank({ name: 'form.csv', bytes: new TextEncoder().encode(text) }, surroundings))
      .layout;
  it('a sign in front', async () => {
    expect(
      (await learnCsv('Question;Reply 1 (* in front of a right one);Reply 2;Reply 3\n')).key,
    ).toEqual({ style: 'marker', marker: '*' });
  });
  it('two words beside', async () => {
    expect(
      (await learnCsv('Question;Reply 1;Verdict 1 (yes or no);Reply 2;Verdict 2 (yes or no)\n'))
        .key,
    ).toEqual({ style: 'verdict', right: 'yes', wrong: 'no' });
  });
});

it('a form in an old workbook is understood, and a new one is filled in its place, told and open to doubt', async () => {
  const made = utils.book_new();
  utils.book_append_sheet(
    made,
    utils.aoa_to_sheet([
      ['Question', 'Option 1', 'Option 2', 'Right option (number)'],
      ['Sample: what floats?', 'Cork', 'Iron', 1],
    ]),
    'Form',
  );
  const { layout, because, unsure } = await learnBlank(
    {
      name: 'form.xls',
      bytes: new Uint8Array(writeBook(made, { type: 'array', bookType: 'biff8' }) as ArrayBuffer),
    },
    surroundings,
  );
  expect(layout).toMatchObject({ file: { format: 'xlsx' }, key: { style: 'number' } });
  expect(layout.blank).toBeUndefined();
  expect(because['file.format']).toContain("can't be filled itself");
  expect(unsure).toContain('file.format');
  const { differences, bytes } = await fill({ items: [item()], layout }, surroundings);
  expect(differences).toEqual([]);
  expect([...bytes.slice(0, 2)]).toEqual([0x50, 0x4b]);
});

// Blanks of the habits that people meet, each invented here; the roles in the order of the columns.
describe('blanks of many habits', () => {
  type Want = Partial<Pick<Layout, 'key' | 'limits' | 'shape' | 'marks'>> & {
    file?: Partial<Layout['file']>;
  };
  const roles = (layout: Layout): string => layout.columns.map(({ role }) => role).join(' ');
  const learnText = async (name: string, text: string): Promise<Layout> =>
    (await learnBlank({ name, bytes: new TextEncoder().encode(text) }, surroundings)).layout;
  it.each<[string, string, string, Want]>([
    [
      'true or false by letters',
      'Ref,Statement,T or F,Note afterwards\n',
      'ref stem key explanation',
      { key: { style: 'word', right: 'T', wrong: 'F' } },
    ],
    [
      'per cent',
      'Item;Choice 1;% 1;Choice 2;% 2;Choice 3;% 3\n',
      'stem option weight option weight option weight',
      { key: { style: 'weight' } },
    ],
    [
      'a right option repeated, in French',
      'Question;Réponse A;Réponse B;Réponse C;Bonne réponse;Explication;Points\r\nExemple : que mesure un mètre ?;La longueur;Le poids;Le temps;La longueur;Une unité;1\r\n',
      'stem option option option key explanation points',
      { key: { style: 'text' }, file: { sample: [2, 2] } },
    ],
    [
      'letters, in Spanish',
      'Categoría,Pregunta,Opción 1,Opción 2,Opción 3,Respuesta correcta (letra),Pista\n',
      'category stem option option option key hint',
      { key: { style: 'letter' } },
    ],
    [
      'halves of pairs',
      'Task;Left 1;Right 1;Left 2;Right 2\n',
      'stem left right-side left right-side',
      {},
    ],
    ['steps', 'Instruction,Step 1,Step 2,Step 3,Points\n', 'stem step step step points', {}],
    [
      'wrong ones joined',
      'question|correct|incorrect (separate with ;)|topic\nSample: what floats?|Cork|Iron;Lead;Stone|Boats\n',
      'stem right wrongs category',
      { key: { style: 'right-column' } },
    ],
    [
      'several by numbers, shown by an example',
      'Question text (up to 120 characters),Answer 1,Answer 2,Answer 3,"Right answers (e.g. 1;4)",Seconds\n',
      'stem option option option key seconds',
      { key: { style: 'number', separator: ';' }, limits: { stem: 120, optionsMax: 3 } },
    ],
    [
      'two languages at once',
      'Ref;Frage / Question;Antwort 1 / Answer 1;Antwort 2 / Answer 2;Richtig / Correct;Tipp / Hint\n',
      'ref stem option option key hint',
      {},
    ],
    [
      'lengths in bytes, columns that must be filled',
      'Question* (max. 90 bytes);Option 1 *;Option 2 *;Right answer (required);Category\n',
      'stem option option key category',
      { limits: { stem: 90, optionsMax: 2, count: 'bytes' } },
    ],
    [
      'numbers with units',
      'Question;Value;Tolerance;Unit;Points\n',
      'stem value tolerance unit points',
      {},
    ],
    [
      'kinds by common letters, without headings',
      'MC;Sample: what is wet?;Water;correct;Sand;incorrect\nMA;Sample: which float?;Cork;correct;Wood;correct\nTF;Sample: iron sinks.;True;correct;False;incorrect\n',
      'kind stem option verdict option verdict',
      {
        key: { style: 'verdict', right: 'correct', wrong: 'incorrect' },
        file: { headingRow: null },
      },
    ],
  ])('%s', async (_, text, expected, want) => {
    const layout = await learnText('form.csv', text);
    expect(roles(layout)).toBe(expected);
    expect(layout).toMatchObject(want);
  });
  it.each<[string, string, Want]>([
    [
      'a line that names the key',
      '1) What opens first?\nA) the gate\nB) the paddle\nAnswer: B\n\n2) What floats?\nA) cork\nB) iron\nAnswer: A\n',
      { marks: { right: '*', keyLine: 'Answer:', optionLabel: 'A)', stemLabel: '1)' } },
    ],
    [
      'signs named in a sentence',
      '## Lines that begin with ## are comments.\n## Put a plus in front of the right option.\n\nWhat is wet?\n+ Water\n- Sand\n- Stone\n\nWhat is hot?\n- Ice\n+ Fire\n',
      { marks: { right: '+', wrong: '-', comment: '##' } },
    ],
    [
      'a group between signs',
      '# This is a comment.\n# Options stand between { and }.\n# =    in front of a right option\n# ~    in front of a wrong option\n\nWhat floats? {\n= Cork\n~ Iron\n}\n',
      { marks: { right: '=', wrong: '~', open: '{', close: '}', comment: '#' } },
    ],
  ])('plain text: %s', async (_, text, want) => {
    expect(await learnText('form.txt', text)).toMatchObject({ shape: 'marked-text', ...want });
  });
  it.each([
    ['Fragen: max. 110 Zeichen, Antworten: max. 45 Zeichen.', { stem: 110, option: 45 }],
    ['Højst 90 tegn i spørgsmålet og 40 tegn i svarene.', { stem: 90, option: 40 }],
    ['Máximo 120 caracteres en el enunciado y 75 en las opciones.', { stem: 120, option: 75 }],
    ['Enkintään 90 merkkiä kysymyksessä ja 40 vastauksissa.', { stem: 90, option: 40 }],
    ['Answer options: 60 characters. Questions: 110 characters.', { option: 60, stem: 110 }],
    ['One file takes fifty questions.', { perFile: 50 }],
    ['Columns B to E: the options, up to 55 characters each', { option: 55 }],
  ])('%s', (sentence, limits) => {
    expect(limitsIn(sentence)).toEqual(limits);
  });
  it('columns that must be filled', async () => {
    const layout = await learnText(
      'form.csv',
      'Question* (max. 90 bytes);Option 1 *;Option 2 *;Right answer (required);Category\n',
    );
    expect(layout.columns.map(({ required }) => required ?? false)).toEqual([
      true,
      true,
      true,
      true,
      false,
    ]);
  });
  it('codes of kinds explained in sentences', async () => {
    const made = utils.book_new();
    utils.book_append_sheet(
      made,
      utils.aoa_to_sheet([['Kind', 'Question', 'Answer 1', 'Answer 2', 'Right']]),
      'Import',
    );
    utils.book_append_sheet(
      made,
      utils.aoa_to_sheet([
        ['S = one right answer'],
        ['M = several right answers'],
        ['T = true or false'],
        ['Right: numbers, separated by commas'],
      ]),
      'Explanations',
    );
    const { layout, because } = await learnBlank(
      {
        name: 'form.xlsx',
        bytes: new Uint8Array(writeBook(made, { type: 'array', bookType: 'xlsx' }) as ArrayBuffer),
      },
      surroundings,
    );
    expect(layout).toMatchObject({
      kinds: [
        { kind: 'choice-one', code: 'S' },
        { kind: 'choice-many', code: 'M' },
        { kind: 'true-false', code: 'T' },
      ],
      key: { style: 'number', separator: ',' },
    });
    expect(because['kinds']).toContain('explain the codes');
  });
  it('verdicts behind options, one text among several, and boxes ticked in text', async () => {
    expect(
      (
        await learnText(
          'a.csv',
          'Question;Choice A;Correct A;Choice B;Correct B\nSample: wet?;Water;yes;Sand;no\n',
        )
      ).key,
    ).toEqual({ style: 'verdict', right: 'yes', wrong: 'no' });
    expect(
      (
        await learnText(
          'b.tsv',
          'Word\tMeaning\tExample sentence\nsample\ta trial piece\tThis is one.\n',
        )
      ).columns.map(({ role }) => role),
    ).toEqual(['stem', 'accepted', 'ignore']);
    expect(
      await learnText(
        'c.txt',
        'Q: What is wet?\n[ ] Sand\n[x] Water\n\nQ: What is hot?\n[x] Fire\n[ ] Ice\n',
      ),
    ).toMatchObject({ shape: 'marked-text', marks: { right: '[x]', wrong: '[ ]' } });
  });
});
