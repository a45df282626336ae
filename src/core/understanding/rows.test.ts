// Rows that ask, state rules or are words of a list: told by what stands in them and below.
import { describe, expect, it } from 'vitest';
import { lines } from '../../../tests/tables';
import { allName, mayName, namesItsOption, saysAgain } from './asks';
import { doesAsQuestions, looksLikeQuestions } from './question-rows';
import { statesRules } from './rules-row';
import { explanationsOf, lastHeading, withoutLegend } from './said';
import { asWordOfList } from './word-lists';

describe('a row that asks', () => {
  const columns = [
    { at: 0, role: 'stem' },
    { at: 1, role: 'option' },
    { at: 2, role: 'option' },
    { at: 3, role: 'key' },
  ];
  it.each([
    ['Who waits?|a boat|a lock|A', true],
    ['Who waits?|a boat|a lock|2', true],
    ['Who waits?|a boat|a lock|A, B', true],
    ['Who waits?|a boat|a lock|C', false],
    ['Who waits?|a boat||A', false],
    ['Who waits?|a boat|a lock|a boat', false],
    ['Who waits?|a boat|a lock|', false],
  ])('names its option: %s %s', (row, names) => {
    expect(namesItsOption(lines(row), 0, columns)).toBe(names);
  });
  it('needs a key and options for that', () => {
    expect(namesItsOption(lines('Who?|a|b|A'), 0, columns.slice(0, 3))).toBe(false);
    expect(namesItsOption(lines('Who?|a|b|A'), 0, [columns[0]!, columns[3]!])).toBe(false);
  });
  it('may name one where a cell is a letter or a number', () => {
    expect(mayName(lines('Who?|gate|(b)'), 0)).toBe(true);
    expect(mayName(lines('Who?|gate|12'), 0)).toBe(true);
    expect(mayName(lines('Who?|gate|123|K'), 0)).toBe(false);
  });
  it('is one of several that all do', () => {
    const all = lines('Who waits?|a boat|a lock|A', 'x', 'What opens?|a gate|a sill|B');
    expect(allName(all, 0, columns)).toBe(true);
    expect(allName(lines('Who waits?|a boat|a lock|A', 'What?|a gate|a sill|C'), 0, columns)).toBe(
      false,
    );
    expect(allName(lines('Who waits?|a boat|a lock|A'), 0, columns)).toBe(false);
  });
  it('says the kind that rows below say, but not headings that stand there again', () => {
    const kinds = [{ at: 1, role: 'kind' }];
    expect(saysAgain(lines('Who waits?|single', 'What?|Single', 'Why?|essay'), 0, kinds)).toBe(
      true,
    );
    expect(saysAgain(lines('Who waits?|single', 'What?|essay'), 0, kinds)).toBe(false);
    expect(
      saysAgain(lines('Question|Kind', 'What?|essay', 'Question|Kind', 'Why?|essay'), 0, kinds),
    ).toBe(false);
    expect(saysAgain(lines('Who waits?|', 'What?|essay'), 0, kinds)).toBe(false);
    expect(saysAgain(lines('Who waits?|single', 'What?|single'), 0, [{ at: 1, role: 'tag' }])).toBe(
      false,
    );
  });
});

describe('a row that does what questions do', () => {
  it.each<[string, boolean, number, string[]]>([
    [
      'has a text that stands again below',
      true,
      0,
      ['Who waits?|easy', 'What opens?|hard', 'What floats?|easy'],
    ],
    ['has a sign that does', false, 0, ['Who waits?|+', 'What opens?|-', 'What floats?|+']],
    [
      'has a reference that counts on below',
      true,
      0,
      ['Q/005|boats|4', 'Q/006|gates|2', 'Q/007|hulls|6', 'Q/008|crews|8'],
    ],
    ['counts on for three rows', false, 0, ['5.|boats', '6.|gates', '7.|hulls', 'x|crews']],
    ['stands again as a whole', false, 0, ['Question|easy', 'What opens?|hard', 'Question|easy']],
    [
      'asks below clear headings',
      true,
      1,
      ['Question|Answer|Points', 'Who waits here?|a boat|3', 'What opens?|a gate|2'],
    ],
    ['does not ask', false, 1, ['Question|Answer|Points', 'boats wait|here|3', 'gates open|now|2']],
  ])('%s: %s', (_, does, row, rows) => {
    expect(doesAsQuestions(lines(...rows), row)).toBe(does);
  });
  it.each<[string, boolean, string[]]>([
    [
      'holds a sentence as long as those below',
      true,
      [
        'The keeper fills the lock slowly|a',
        'The crew waits below the weir|b',
        'The boat passes the gate now|c',
        'The wind turns the sail there|d',
      ],
    ],
    [
      'holds a short one above long ones',
      false,
      [
        'Keepers fill it up|a',
        `The crew waits ${'below the weir and '.repeat(4)}|b`,
        `The boat passes ${'below the weir and '.repeat(4)}|c`,
        `The wind turns ${'below the weir and '.repeat(4)}|d`,
      ],
    ],
    [
      'holds a heading beside it',
      false,
      [
        'Keepers fill the lock slowly|Answer',
        'The crew waits below the weir|b',
        'The boat passes the gate now|c',
        'The wind turns the sail there|d',
      ],
    ],
  ])('looks like one where it %s: %s', (_, looks, rows) => {
    expect(looksLikeQuestions(lines(...rows), 0)).toBe(looks);
  });
});

describe('the first row of a list of words', () => {
  it.each<[string, string | undefined, string[]]>([
    [
      'starts as the others do',
      'led',
      ['la porte|gate', 'le bateau|boat', 'la corde|rope', 'le pont|bridge'],
    ],
    [
      'elides its article as they do',
      'led',
      ['l’écluse|lock', 'l’eau|water', 'l’arbre|tree', 'l’ancre|anchor'],
    ],
    [
      'names what the two are',
      'headings',
      ['Country|Capital', 'France|Paris', 'Spain|Madrid', 'Italy|Rome'],
    ],
    ['is written as they are', 'alike', ['Schleuse|lock', 'Wehr|weir', 'Boot|boat', 'Seil|rope']],
    ['is written otherwise', undefined, ['Schleuse|Vrigl', 'Wehr|weir', 'Boot|boat', 'Seil|rope']],
    ['says headings', undefined, ['Question|Answer', 'Wehr|Weir', 'Boot|Boat', 'Seil|Rope']],
    ['stands above two rows', undefined, ['la porte|gate', 'le bateau|boat', 'la corde|rope']],
    [
      'has three cells',
      undefined,
      ['la porte|gate|a', 'le bateau|boat|b', 'la corde|rope|c', 'le pont|bridge|d'],
    ],
    ['has one cell', undefined, ['la porte|', 'le bateau|boat', 'la corde|rope', 'le pont|bridge']],
  ])('%s: %s', (_, is, rows) => {
    expect(asWordOfList(lines(...rows), 0)).toBe(is);
  });
});

describe('a row of rules', () => {
  it.each<[string, boolean]>([
    ['Text (max 150)|optional|1-3', true],
    ['(word)|<translation>|[hint]', true],
    ['(word)|gate|x', false],
    ['x if true|x if false|optional', true],
    ['leave empty|separated by ;|a/b', true],
    ['max 60 characters|gate', true],
    ['1-3|a/b|2-4', false],
    ['Who may wait max 5?|optional|1-3', false],
    ['optional|gate|sill|beam|lock|weir', false],
  ])('%s: %s', (row, states) => {
    expect(statesRules(lines('Question|A|B|C|D|E', row), 1)).toBe(states);
    expect(statesRules(lines(row), 1)).toBe(false);
  });
});

describe('what is said of columns elsewhere', () => {
  it('stands in rows above the headings, beside the table or on another sheet', () => {
    const own = lines('Key: a letter from A to C', 'Question|A|Key', 'Who?|a boat|A');
    expect(explanationsOf(own, 1, []).get('key')).toBe('a letter from A to C');
    const listed = {
      ...own.sheet,
      name: 'Help',
      rows: [
        ['Question', 'what is asked'],
        ['A', 'an answer', 'text'],
      ],
    };
    const found = explanationsOf(lines('Question|A|Key'), 0, [listed]);
    expect(found.get('question')).toBe('what is asked');
    expect(found.get('a')).toBe('an answer');
    expect(found.size).toBe(2);
  });
  it('is not the head of a list of codes, which names its column alone', () => {
    const codes = [
      ['Type', 'meaning'],
      ['MCQ', 'one right option'],
      ['ESS', 'an essay'],
    ];
    const own = lines('Type|Question|A');
    expect(explanationsOf(own, 0, [{ ...own.sheet, rows: codes }]).get('type')).toBeUndefined();
    const legend = [...codes, ['Question', 'what is asked']];
    expect(explanationsOf(own, 0, [{ ...own.sheet, rows: legend }]).get('type')).toBe('meaning');
  });
  it('is no sentence, no row of many cells and no name of forty letters', () => {
    const found = explanationsOf(lines('Q|A'), 0, [
      {
        ...lines('x').sheet,
        name: 'Help',
        rows: [['a', 'b', 'c', 'd', 'e'], ['x'.repeat(41), 'said'], ['Alone']],
      },
    ]);
    expect(found.size).toBe(0);
  });
  it('is a legend where it names two columns or more, and at least half of what it holds', () => {
    const legend = (...cells: string[]): number =>
      withoutLegend(
        lines(`Question|A|Key||${cells[0]}`, ...cells.slice(1).map((cell) => `|||${''}|${cell}`)),
        0,
      ).right;
    expect(legend('', 'Question: the text', 'Key: a letter')).toBe(2);
    expect(legend('', 'Question: the text', 'nothing of it')).toBe(4);
    expect(legend('', 'Question', 'Key', 'p', 'q', 'r')).toBe(4);
  });
  it('begins behind the last heading', () => {
    expect(lastHeading(lines('|Question|A||note', 'x|y|z|w|v'), 0)).toBe(2);
    expect(lastHeading(lines('Question|A|Key'), 0)).toBe(2);
    expect(lastHeading(lines('Question|A|Key'), null)).toBe(2);
  });

  it('is none where other rows say likewise, or where a number of minutes is all it states', () => {
    const pairs = (...rows: string[]) => lines('Kind|Question|A|B|C|Time', ...rows);
    const match = 'match|Pair them.|Rome / Italy|Lima / Peru|Oslo / Norway|2 min';
    const other = 'match|Pair these.|gate / lock|sill / chamber|rope / boat|max 3';
    expect(statesRules(pairs(match, 'one|Who?|a|b|c|1 min'), 1)).toBe(false);
    expect(statesRules(pairs(other, 'one|Who?|a|b|c|1 min'), 1)).toBe(true);
    expect(statesRules(pairs(other, 'one|Who?|a|b|c|1 min', other), 1)).toBe(false);
    // A second row may go on with the rules, and a third is content.
    expect(
      statesRules(pairs('required|required|optional|a/b|1-4|', other, 'one|Who?|a|b|c|'), 1),
    ).toBe(true);
    expect(statesRules(pairs(other, other, other), 1)).toBe(false);
  });
});
