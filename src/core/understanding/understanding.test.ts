// Whole tables: the headings, the columns, the sheet, and what a person says about them.
import { describe, expect, it } from 'vitest';
import { sheetWith } from '../shared/sheet';
import { regionOf } from '../shared/table/region';
import { region } from '../../../tests/tables';
import { assign, placesOf } from './assign';
import { MEANINGS, type Meaning, type TableView } from './contract';
import {
  firstRowBelow,
  understandColumns,
  understandHeadings,
  understandSheets,
  SURE,
} from './index';
import { rank } from './rank';
import { witness } from './witness';

const sheet = (text: string, name = 'Sheet1') =>
  sheetWith({ name, rows: text.split('\n').map((line) => line.split('|')) });

const QUESTIONS = [
  'What does a paddle let through a lock gate?|Boats|Water|Walkers|Water',
  'Which side does a boat pass another on?|Left|Right|Either side|Right',
  'What is a pound between two locks?|A coin|A level stretch|A weight|A level stretch',
  'Who works a swing bridge?|The crew|The keeper|Nobody|The crew',
  'What holds a boat to the bank?|A rope|A rudder|A sail|A rope',
].join('\n');

const rolesOf = (text: string, said = new Map<number, Meaning>()): string[] => {
  const own = region(text);
  const { row } = understandHeadings(own);
  return understandColumns(own, row, firstRowBelow(own, row), { said }).map(({ role }) => role);
};
const ROLES = ['stem', 'option', 'option', 'option', 'key'];

describe('what is said of a column', () => {
  it('beginning with its own name says what may stand there, and nothing else than the name does', () => {
    const own = region(
      'Type|Texte de la question|Réponse 1|Réponse 2|Réponse juste\nchoix unique|Que contient une vinaigrette ?|De l’huile|De la crème|1\nréponses multiples|Lesquels flottent ?|Le liège|La glace|1,2',
    );
    const explanations = new Map([['type', 'Types permis : choix unique, réponses multiples']]);
    const [type] = understandColumns(own, 0, 1, { blank: true, explanations });
    expect(type!.role).toBe('kind');
  });
});

describe('the row of the headings', () => {
  it.each([
    ['known words', 'Question|Answer 1|Answer 2|Answer 3|Right answer', 0],
    ['words of no language', 'Vrigl|Snok 1|Snok 2|Snok 3|Plomb', 0],
    ['words that say nothing', 'Column 1|Column 2|Column 3|Column 4|Column 5', 0],
  ])('by %s', (_, headings, row) => {
    expect(understandHeadings(region(`${headings}\n${QUESTIONS}`)).row).toBe(row);
  });

  it('is none where every row is a question', () => {
    expect(understandHeadings(region(QUESTIONS)).row).toBeNull();
  });

  it('stands below a title and a note', () => {
    const found = understandHeadings(
      region(
        `Canal quiz\nPlease keep the order.\n\nQuestion|Answer 1|Answer 2|Answer 3|Right answer\n${QUESTIONS}`,
      ),
    );
    expect(found).toMatchObject({ row: 3 });
    expect(found.p).toBeGreaterThan(SURE);
  });

  it('is the first of two that say the same', () => {
    const headings = 'Question|Answer 1|Answer 2|Answer 3|Right answer';
    expect(
      understandHeadings(region(`${headings}\n${QUESTIONS}\n${headings}\n${QUESTIONS}`)).row,
    ).toBe(0);
  });

  it('is followed by a row that explains it, or by the first question', () => {
    const headings = 'Question|Answer 1|Answer 2|Answer 3|Right answer';
    expect(firstRowBelow(region(`${headings}\n${QUESTIONS}`), 0)).toBe(1);
    expect(
      firstRowBelow(region(`${headings}\ntext|text|text|text|see notes\n${QUESTIONS}`), 0),
    ).toBe(2);
    expect(firstRowBelow(region(QUESTIONS), null)).toBe(0);
  });

  it('is followed by a card among other kinds, which is no explaining row, though headings stand again half-way', () => {
    const headings = 'Type|Question|Choice 1|Choice 2|Choice 3|Choice 4|Answer';
    const rows = [
      'card|ridge||||||a row of hills',
      'number|How many hills has the city?|||||17',
      'matching|Pair each town with its land.|Rome = Italy|Lima = Peru|Oslo = Norway||',
      headings,
      'multiple answers|Which towns are capitals?|Genoa|Quito|Lima|Milan|Quito; Lima',
      'open|Say how a valley is made.|||||',
    ];
    expect(firstRowBelow(region([headings, ...rows].join('\n')), 0)).toBe(1);
  });
});

describe('columns', () => {
  it.each([
    ['known', 'Question|Answer 1|Answer 2|Answer 3|Right answer'],
    ['foreign', 'Otázka|Možnost 1|Možnost 2|Možnost 3|Správná odpověď'],
    ['nonsense', 'Vrigl|Snok 1|Snok 2|Snok 3|Plomb'],
    ['silent', 'Column 1|Column 2|Column 3|Column 4|Column 5'],
  ])('under %s headings', (_, headings) => {
    expect(rolesOf(`${headings}\n${QUESTIONS}`)).toEqual(ROLES);
  });

  it('without headings', () => {
    expect(rolesOf(QUESTIONS)).toEqual(ROLES);
  });

  it('what a person says holds, and the others follow it', () => {
    const text = `Vrigl|Snok 1|Snok 2|Snok 3|Plomb\n${QUESTIONS}`;
    const roles = rolesOf(text, new Map([[0, 'hint']]));
    expect(roles[0]).toBe('hint');
    expect(roles.filter((role) => role === 'stem').length).toBeLessThanOrEqual(1);
    const said = understandColumns(region(text), 0, 1, {
      said: new Map([[4, 'explanation']]),
    });
    expect(said[4]).toMatchObject({ role: 'explanation', p: 1, because: 'you chose it' });
    expect(said.filter(({ role }) => role === 'stem')).toHaveLength(1);
  });

  it('give a reason and what else they may be', () => {
    const [stem] = understandColumns(
      region(`Question|Answer 1|Answer 2|Answer 3|Right answer\n${QUESTIONS}`),
      0,
      1,
    );
    expect(stem!.because).toBe('its heading is “Question”');
    expect(stem!.others.length).toBeGreaterThan(0);
    expect(stem!.p + stem!.others.reduce((sum, { p }) => sum + p, 0)).toBeLessThanOrEqual(1.0001);
  });

  it('a heading without a single cell is left aside', () => {
    const columns = understandColumns(
      region(
        `Question|Hint|Answer\nWhat is a lock?||A gate\nWhat is a weir?||A dam\nWhat is a pound?||A level`,
      ),
      0,
      1,
    );
    expect(columns[1]).toMatchObject({
      heading: 'Hint',
      role: 'ignore',
      because: 'no row fills it',
    });
  });

  it('a drop-down list speaks where there are no rows', () => {
    const own = sheet('Vrigl|Snok|Plomb');
    own.validations = [
      {
        ranges: [{ top: 1, bottom: 50, left: 0, right: 0 }],
        list: ['single choice', 'true/false', 'essay'],
      },
    ];
    const [first] = understandColumns(regionOf(own), 0, 1, { blank: true });
    expect(first!.role).toBe('kind');
  });
});

describe('readings weighed against one another', () => {
  const odds = (...rows: [Meaning, number][][]): number[][] =>
    rows.map((row) =>
      MEANINGS.map((meaning) => row.find(([own]) => own === meaning)?.[1] ?? 0.001),
    );
  const view = (...columns: string[][]): TableView => ({
    blank: false,
    rows: columns[0]!.length,
    columns: columns.map((texts, at) => ({ at, heading: '', group: '', texts })),
  });

  it('two columns do not claim what only one can be: the surer has it', () => {
    const found = assign(
      odds(
        [
          ['stem', 0.6],
          ['hint', 0.3],
        ],
        [['stem', 0.9]],
      ),
      new Map(),
    );
    expect(found.map(({ meaning }) => meaning)).toEqual(['hint', 'stem']);
    expect(
      assign(
        odds(
          [['stem', 0.9]],
          [
            ['stem', 0.6],
            ['hint', 0.3],
          ],
        ),
        new Map([[1, 'stem']]),
      ).map(({ meaning }) => meaning)[1],
    ).toBe('stem');
  });

  it('places follow the numbers of the headings, else the order', () => {
    const named = (...headings: string[]): TableView => ({
      blank: false,
      rows: 0,
      columns: headings.map((heading, at) => ({ at, heading, group: '', texts: [] })),
    });
    const three: Meaning[] = ['option', 'option', 'option'];
    expect(placesOf(named('Answer 0', 'Answer 1', 'Answer 2'), three)).toEqual([1, 2, 3]);
    expect(placesOf(named('B', 'A', 'C'), three)).toEqual([2, 1, 3]);
    expect(placesOf(named('Answer', 'Answer', 'Answer'), three)).toEqual([1, 2, 3]);
    expect(placesOf(named('Question'), ['stem'])).toEqual([undefined]);
  });

  it('rows that come out whole outweigh what the columns look like', () => {
    const table = view(
      ['Q1', 'Q2', 'Q3'],
      ['Gate', 'Lock', 'Bank'],
      ['Weir', 'Dam', 'Pond'],
      ['A', 'B', 'A'],
    );
    expect(witness(table, ['stem', 'option', 'option', 'key'])).toBeGreaterThan(
      witness(table, ['stem', 'option', 'option', 'points']),
    );
    const found = rank(
      table,
      odds(
        [['stem', 0.9]],
        [
          ['step', 0.6],
          ['option', 0.3],
        ],
        [
          ['step', 0.6],
          ['option', 0.3],
        ],
        [['key', 0.9]],
      ),
      new Map(),
    );
    expect(found.map(({ meaning }) => meaning)).toEqual(['stem', 'option', 'option', 'key']);
  });

  it('a key that names no option of its row counts against the reading', () => {
    const table = view(['Q1', 'Q2'], ['Gate', 'Lock'], ['Weir', 'Dam'], ['Z', 'Y']);
    expect(witness(table, ['stem', 'option', 'option', 'key'])).toBeLessThan(0);
  });

  it('two values that mean true and false are a key', () => {
    const table = view(['S1', 'S2'], ['Vrai', 'Faux']);
    expect(witness(table, ['stem', 'key'])).toBeGreaterThan(witness(table, ['stem', 'accepted']));
  });
});

describe('sheets', () => {
  const questions = sheet(
    `Question|Answer 1|Answer 2|Answer 3|Right answer\n${QUESTIONS}`,
    'Questions',
  );

  it('the one with questions is read, wherever it stands', () => {
    const cover = sheet(
      'How this list came about\nThe questions are on the other sheet.',
      'Read me',
    );
    expect(understandSheets([cover, questions], false)[0]!.sheet.name).toBe('Questions');
    expect(
      understandSheets([{ ...questions, hidden: true, name: 'Old' }, questions], false)[0]!.sheet
        .name,
    ).toBe('Questions');
  });

  it('a sheet that explains the fields of another is not the one to fill', () => {
    const form = sheet('Question|Answer 1|Answer 2|Key', 'Form');
    const guide = sheet(
      'Field|Meaning\nQuestion|The text\nAnswer 1|An option\nAnswer 2|An option\nKey|Its letter',
      'Guide',
    );
    expect(understandSheets([guide, form], true)[0]!.sheet.name).toBe('Form');
  });

  it('an empty workbook has none', () => {
    expect(understandSheets([sheet('')], false)).toEqual([]);
  });
});
