// Tables of kinds that questions are seldom typed in: lists of words with their forms, texts over several questions, ticks for
// what questions belong to, words to choose from, boards whose cells hold both, questions beside one another, other scripts.
import { describe, expect, it } from 'vitest';
import { gatherColumns as read, rightOnes } from '../../../tests/typed';

describe('lists of words', () => {
  const LIST = [
    'Wort;Artikel;Plural;Englisch;Beispielsatz',
    'Schleuse;die;Schleusen;lock;Die Schleuse ist geschlossen.',
    'Kanal;der;Kanäle;canal;Der Kanal ist 40 km lang.',
    'Boot;das;Boote;boat;Das Boot wartet.',
    'Brücke;die;Brücken;bridge;Die Brücke ist alt.',
    'Ufer;das;Ufer;bank;Am Ufer steht ein Baum.',
  ];

  it('are cards of a word and its meaning; forms are tags, examples are shown afterwards', async () => {
    const { items, reading } = await read(LIST);
    expect(items.map(({ kind, stem, accepted }) => [kind, stem.plain, accepted])).toEqual([
      ['card', 'Schleuse', ['lock']],
      ['card', 'Kanal', ['canal']],
      ['card', 'Boot', ['boat']],
      ['card', 'Brücke', ['bridge']],
      ['card', 'Ufer', ['bank']],
    ]);
    expect(items[1]).toMatchObject({
      tags: [
        { name: 'artikel', value: 'der' },
        { name: 'plural', value: 'Kanäle' },
      ],
      explanation: { plain: 'Der Kanal ist 40 km lang.' },
    });
    expect(reading.unsure).toContain('columns.E');
  });

  it('keep a second word for the same beside the meaning, and do not take it for an answer', async () => {
    const { items } = await read([
      'Term,Definition,Synonym',
      'cill,the step at the head of a lock,threshold',
      'slack,not tight,loose',
      'moor,to tie up a boat,tie up',
    ]);
    expect(items.map(({ accepted }) => accepted)).toEqual([
      ['the step at the head of a lock'],
      ['not tight'],
      ['to tie up a boat'],
    ]);
    expect(items[1]!.tags).toEqual([{ name: 'synonym', value: 'loose' }]);
  });
});

describe('texts over several questions', () => {
  const PASSAGE = 'The canal was dug in 1794 by four hundred men. It took them eleven years.';
  it('each question gets the text that stands above it, and that is said', async () => {
    const { items, findings } = await read([
      'Passage,Question,A,B,C,Answer',
      `${PASSAGE},When was it dug?,1784,1794,1894,B`,
      ',How long did it take?,Two years,Nine years,Eleven years,C',
      'Keepers were paid by the boat. In winter they were paid nothing at all.,What were they paid by?,The hour,The boat,The mile,B',
      ',When were they paid nothing?,At night,In winter,On Sundays,B',
    ]);
    expect(items.map(({ kind }) => kind)).toEqual(Array(4).fill('choice-one'));
    expect(items[1]!.stem.plain).toBe(`${PASSAGE}\nHow long did it take?`);
    expect(items.map(rightOnes)).toEqual([['1794'], ['Eleven years'], ['The boat'], ['In winter']]);
    expect(findings).toContainEqual(
      expect.objectContaining({ rule: 'passage-shared', level: 'note' }),
    );
  });

  it('and are no questions over several rows, though they stand in few of them', async () => {
    const { items, reading } = await read([
      'No,Text,Item,Option 1,Option 2,Key',
      `1,${PASSAGE},Who dug it?,Men,Machines,1`,
      '2,,When was it dug?,1794,1894,1',
      '3,,How long did it take?,Two years,Eleven years,2',
    ]);
    expect(reading.as).toBe('table');
    expect(items).toHaveLength(3);
  });
});

describe('columns that are ticked', () => {
  it('say what questions belong to, where another column names the right option', async () => {
    const { items, reading } = await read([
      'Question,Option A,Option B,Option C,Correct,Year 7,Year 8,Year 9',
      'What is a cill?,A bird,A dog,A step,C,x,x,',
      'What is a balance beam?,A lever,A dance,A scale,A,,x,x',
      'What is a spill weir?,A bird,An overflow,A cup,B,x,,x',
      'What is a lay-by?,A bird,A wide place,A cup,B,x,,',
    ]);
    expect(items.map(rightOnes)).toEqual([
      ['A step'],
      ['A lever'],
      ['An overflow'],
      ['A wide place'],
    ]);
    expect(items[0]!.tags).toEqual([{ value: 'Year 7' }, { value: 'Year 8' }]);
    expect(reading.key.style).toBe('letter');
  });

  it('say which options are right, where they say what the other column does', async () => {
    const { items } = await read([
      'Question,Option A,Option B,Option C,Correct,A,B,C',
      'What is a cill?,A bird,A dog,A step,C,,,x',
      'What is a balance beam?,A lever,A dance,A scale,A,x,,',
      'What is a spill weir?,A bird,An overflow,A cup,B,,x,',
    ]);
    expect(items.map(rightOnes)).toEqual([['A step'], ['A lever'], ['An overflow']]);
    expect(items.flatMap(({ tags = [] }) => tags)).toEqual([]);
  });
});

describe('other cells', () => {
  it('words to choose from belong to the gaps', async () => {
    const { items } = await read([
      'Sentence,Gap 1,Gap 2,Word bank',
      'Close the ___ before you open the ___.,gate,paddle,"gate, paddle, boat, rope"',
      'The ___ holds water between two ___.,pound,locks,"pound, locks, cill"',
      'Tie the ___ first.,stern,,"stern, bow, cleat"',
    ]);
    expect(items.map(({ kind }) => kind)).toEqual(['gap', 'gap', 'gap']);
    expect(items[0]!.gaps).toEqual([
      { accepted: ['gate'], options: ['gate', 'paddle', 'boat', 'rope'] },
      { accepted: ['paddle'], options: ['gate', 'paddle', 'boat', 'rope'] },
    ]);
  });

  it('a number and a word for it are two answers, and no number with a unit', async () => {
    const { items } = await read([
      'Type,Prompt,Choices,Answer',
      'SBA,What is a paddle?,A valve; An oar; A dog,A valve',
      'MRQ,Which are tools?,Windlass; Boathook; Fish,Windlass; Boathook',
      'SAQ,What is the speed limit in mph?,,4; four',
    ]);
    expect(items.map(({ kind }) => kind)).toEqual(['choice-one', 'choice-many', 'short']);
    expect(items[2]!.accepted).toEqual(['4', 'four']);
  });
});

describe('boards whose answers have no cells', () => {
  it.each([
    ['in brackets', (asks: string, answers: string) => `${asks} (${answers})`],
    ['on a line below', (asks: string, answers: string) => `"${asks}\n${answers}"`],
    ['behind a letter', (asks: string, answers: string) => `Q: ${asks} A: ${answers}`],
    ['behind an arrow', (asks: string, answers: string) => `${asks} → ${answers}`],
  ])('hold them %s', async (_, cell) => {
    const { items, reading } = await read([
      ',Locks,Boats',
      `100,${cell('What holds the water?', 'the gates')},${cell('What is the front called?', 'bow')}`,
      `200,${cell('What is the lowest step?', 'cill')},${cell('What is the back called?', 'stern')}`,
    ]);
    expect(reading.as).toBe('board');
    expect(items.map(({ stem, accepted }) => [stem.plain, accepted])).toEqual([
      ['What holds the water?', ['the gates']],
      ['What is the front called?', ['bow']],
      ['What is the lowest step?', ['cill']],
      ['What is the back called?', ['stern']],
    ]);
    expect(items[3]).toMatchObject({ category: ['Boats'], points: 200 });
  });

  it('or none at all, which makes one doubt', async () => {
    const { items, reading } = await read([
      ',Locks,Boats',
      '100,What holds the water?,What is the front called?',
      '200,What is the lowest step?,What is the back called?',
    ]);
    expect(reading.as).toBe('board');
    expect(reading.unsure).toContain('key');
    expect(items.map(({ kind }) => kind)).toEqual(Array(4).fill('open'));
  });
});

describe('three dots', () => {
  it('are gaps where there are as many answers, and else a pause', async () => {
    const { items } = await read([
      'Sentence,Word 1,Word 2',
      'A ... holds the water and a ... lets it out.,gate,paddle',
      'The ... opens the … .,keeper,gate',
      'In the ... a boat can turn.,basin,',
      'The keeper first closes ...,the gate,',
    ]);
    expect(items.map(({ kind, stem }) => [kind, stem.plain])).toEqual([
      ['gap', 'A {{1}} holds the water and a {{2}} lets it out.'],
      ['gap', 'The {{1}} opens the {{2}} .'],
      ['gap', 'In the {{1}} a boat can turn.'],
      ['short', 'The keeper first closes ...'],
    ]);
    expect(items[1]!.gaps).toEqual([{ accepted: ['keeper'] }, { accepted: ['gate'] }]);
  });
});

describe('questions beside one another', () => {
  it.each([
    ['numbered across', 'Question 1,Question 2,Question 3', 'Text'],
    ['with a label of the maker’s own', 'Q1,Q2,Q3', 'Prompt'],
  ])('%s', async (_, across, label) => {
    const { items } = await read([
      `,${across}`,
      `${label},What is a cill?,What is a pound?,Who opens the gate?`,
      'A,A step,Money,The mayor',
      'B,A bird,Water between locks,The crew',
      'Answer,A,B,B',
    ]);
    expect(items.map(({ stem }) => stem.plain)).toEqual([
      'What is a cill?',
      'What is a pound?',
      'Who opens the gate?',
    ]);
    expect(items.map(rightOnes)).toEqual([['A step'], ['Water between locks'], ['The crew']]);
  });
});

describe('headings in other scripts', () => {
  it.each([
    ['Japanese', '問題,選択肢1,選択肢2,選択肢3,正解,解説'],
    ['Chinese', '题目,选项A,选项B,选项C,正确答案,解析'],
    ['Korean', '문제,보기1,보기2,보기3,정답,해설'],
    ['Russian', 'Вопрос,Вариант 1,Вариант 2,Вариант 3,Правильный ответ,Пояснение'],
    ['Greek', 'Ερώτηση,Επιλογή 1,Επιλογή 2,Επιλογή 3,Σωστή απάντηση,Εξήγηση'],
    ['Arabic', 'السؤال,الخيار 1,الخيار 2,الخيار 3,الإجابة الصحيحة,الشرح'],
    ['Hebrew', 'שאלה,אפשרות 1,אפשרות 2,אפשרות 3,תשובה נכונה,הסבר'],
    ['Hindi', 'प्रश्न,विकल्प 1,विकल्प 2,विकल्प 3,सही उत्तर,व्याख्या'],
  ])('%s', async (_, headings) => {
    const { items, reading } = await read([
      headings,
      'aaa bbb?,ccc,ddd,eee,2,fff ggg.',
      'hhh iii?,jjj,kkk,lll,1,mmm nnn.',
      'ooo ppp?,qqq,rrr,sss,3,ttt uuu.',
    ]);
    expect(items.map(rightOnes)).toEqual([['ddd'], ['jjj'], ['sss']]);
    expect(items[0]!.explanation?.plain).toBe('fff ggg.');
    expect(reading.unsure).toEqual([]);
  });
});

it('the answer beside wrong ones is the right one of a choice', async () => {
  const { items } = await read([
    'Question;Wrong 1;Wrong 2;Wrong 3;Answer',
    'What winds a paddle?;rope;rudder;lamp;windlass',
    'What stops the boat?;horn;lamp;flag;rope',
  ]);
  expect(items.map(({ kind }) => kind)).toEqual(['choice-one', 'choice-one']);
  expect(items.map(rightOnes)).toEqual([['windlass'], ['rope']]);
});
