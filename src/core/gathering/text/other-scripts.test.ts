// Questions typed in scripts other than Latin: labels, names and answers as people type them there. The texts are translations
// from memory of one another.
import { describe, expect, it } from 'vitest';
import { gatherSource, learnBlank } from '../../pipeline';
import { counter, surroundings } from '../../../../tests/make';
import { inLatinScript } from './other-scripts';

const read = (text: string, name = 'a.txt') =>
  gatherSource({ name, bytes: new TextEncoder().encode(text) }, {}, { id: counter() });

describe('questions in other scripts', () => {
  it.each([
    [
      'Russian',
      '1. Что такое шлюз?\nа) рыба\nб) сооружение\nв) птица\nОтвет: б\n\n2. Чем крутят ворот?\nа) рукояткой\nб) веслом\nв) ногой\nОтвет: а\n',
      ['Что такое шлюз?', 'Чем крутят ворот?'],
      ['сооружение', 'рукояткой'],
    ],
    [
      'Greek',
      'Ερώτηση 1: Τι είναι η δεξαμενή;\nΑ) ένα ψάρι\nΒ) ένα έργο\nΓ) ένα πουλί\nΣωστή απάντηση: Β\n\nΕρώτηση 2: Ποιος ανοίγει την πύλη;\nΑ) το πλήρωμα\nΒ) ο δήμαρχος\nΓ) κανείς\nΣωστή απάντηση: Α\n',
      ['Τι είναι η δεξαμενή;', 'Ποιος ανοίγει την πύλη;'],
      ['ένα έργο', 'το πλήρωμα'],
    ],
    [
      'Arabic',
      '1. ما هو الهويس؟\nأ) سمكة\nب) منشأة\nج) طائر\nالإجابة الصحيحة: ب\n\n2. من يفتح البوابة؟\nأ) الطاقم\nب) العمدة\nج) لا أحد\nالإجابة الصحيحة: أ\n',
      ['ما هو الهويس؟', 'من يفتح البوابة؟'],
      ['منشأة', 'الطاقم'],
    ],
    [
      'Hebrew',
      '1. מהו תא שיט?\nא) דג\nב) מבנה\nג) ציפור\nתשובה נכונה: ב\n\n2. מי פותח את השער?\nא) הצוות\nב) ראש העיר\nג) אף אחד\nתשובה נכונה: א\n',
      ['מהו תא שיט?', 'מי פותח את השער?'],
      ['מבנה', 'הצוות'],
    ],
    [
      'Chinese',
      '1、什么是船闸？\nA．一种鱼\nB．水工建筑物\nC．一种鸟\n答案：B\n\n2、闸门由谁打开？\nA．船员\nB．市长\nC．乘客\n答案：A\n',
      ['什么是船闸？', '闸门由谁打开？'],
      ['水工建筑物', '船员'],
    ],
    [
      'Japanese',
      '問題１：ロックとは何ですか。\nア．魚\nイ．水門\nウ．鳥\n正解：イ\n\n問題２：門を開けるのはだれですか。\nア．乗組員\nイ．市長\nウ．乗客\n正解：ア\n',
      ['ロックとは何ですか。', '門を開けるのはだれですか。'],
      ['水門', '乗組員'],
    ],
    [
      'Korean',
      '1. 갑문이란 무엇입니까?\n가) 물고기\n나) 시설물\n다) 새\n정답: 나\n\n2. 문은 누가 엽니까?\n가) 승무원\n나) 시장\n다) 승객\n정답: 가\n',
      ['갑문이란 무엇입니까?', '문은 누가 엽니까?'],
      ['시설물', '승무원'],
    ],
  ])('%s', async (_, text, stems, rights) => {
    const { items, reading } = await read(text);
    expect(items.map(({ stem }) => stem.plain)).toEqual(stems);
    expect(items.map(({ options = [] }) => options.length)).toEqual([3, 3]);
    expect(items.map(({ options = [] }) => options.find(({ right }) => right)?.text.plain)).toEqual(
      rights,
    );
    expect(reading.unsure).toEqual([]);
  });

  it('kinds and verdicts are known by their words', async () => {
    const { items, findings } = await read(
      '题目,题型,选项A,选项B,选项C,答案\n什么是船闸？,单选题,鱼,建筑物,鸟,B\n哪些是部件？,多选题,闸门,阀门,帆,AB\n船闸能升降船只。,判断题,,,,对\n闸门由乘客打开。,判断题,,,,错\n',
      'a.csv',
    );
    expect(items.map(({ kind }) => kind)).toEqual([
      'choice-one',
      'choice-many',
      'true-false',
      'true-false',
    ]);
    expect(items[3]!.options!.map(({ text, right }) => [text.plain, right])).toEqual([
      ['对', false],
      ['错', true],
    ]);
    expect(findings.filter(({ rule }) => rule === 'kind-unknown')).toEqual([]);
  });

  it.each([
    ['題文,選択肢1,選択肢2,選択肢3,正解番号\n', 'number'],
    ['Вопрос,А,Б,В,Г,Буква правильного ответа\n', 'letter'],
  ])('a blank says in its own words how the key is told: %s', async (text, style) => {
    const { layout } = await learnBlank(
      { name: 'a.csv', bytes: new TextEncoder().encode(text) },
      surroundings,
    );
    expect(layout.key.style).toBe(style);
    expect(layout.columns.filter(({ role }) => role === 'option').length).toBeGreaterThan(2);
  });
});

describe('keys by letters of another alphabet', () => {
  it.each([
    ['А;Б;В', 'Б'],
    ['Вариант 1;Вариант 2;Вариант 3', 'б'],
  ])('below %s', async (headings, second) => {
    const letters = second === 'Б' ? ['Б', 'А', 'В'] : ['б', 'а', 'в'];
    const { items } = await read(
      `Вопрос;${headings};Ответ\nЧто такое шлюз?;рыба;сооружение;птица;${letters[0]}\nЧем крутят ворот?;рукояткой;веслом;ногой;${letters[1]}\nКто открывает?;мэр;никто;экипаж;${letters[2]}\n`,
      'a.csv',
    );
    expect(items.map(({ options = [] }) => options.find(({ right }) => right)?.text.plain)).toEqual(
      ['сооружение', 'рукояткой', 'экипаж'],
    );
  });

  it('are none that a file is filled with, so a receiver that counts by them is unsure', async () => {
    const { layout, unsure } = await learnBlank(
      {
        name: 'a.csv',
        bytes: new TextEncoder().encode(
          'Вопрос,А,Б,В,Буква правильного ответа\nЧто?,да,нет,оба,Б\n',
        ),
      },
      surroundings,
    );
    expect(layout.key.style).toBe('letter');
    expect(unsure).toContain('key');
  });
});

describe('lines in Latin script', () => {
  const lines = (...texts: string[]) => texts.map((text, index) => ({ line: index + 1, text }));
  it('a sentence that begins with a letter is none of several options, and stays as it is', () => {
    const typed = lines('А. Петров написал книгу.', 'В. Иванова её прочла.');
    expect(inLatinScript(typed)).toEqual(typed);
  });
  it('labels keep how their lines are set', () => {
    const [first, second] = inLatinScript([
      { line: 1, text: 'а) рыба' },
      { line: 2, text: 'б) шлюз', runs: [{ text: 'б) ' }, { text: 'шлюз', bold: true }] },
    ]);
    expect(first!.text).toBe('a) рыба');
    expect(second).toEqual({
      line: 2,
      text: 'b) шлюз',
      runs: [{ text: 'b) ' }, { text: 'шлюз', bold: true }],
    });
  });
});
