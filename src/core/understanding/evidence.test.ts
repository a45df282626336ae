// Each kind of evidence by itself: what it takes to count, and what does not.
import { describe, expect, it } from 'vitest';
import type { Region } from '../shared/table/region';
import { column, lines, region } from '../../../tests/tables';
import { filledOf, isRepeated, says } from './column-words';
import { understandColumns } from './columns';
import { labelOf, plainHeading } from './heading-words';
import { understandHeadings } from './headings';
import { doesAsQuestions, looksLikeQuestions } from './question-rows';
import { statesRules } from './rules-row';
import { explanationsOf, withoutLegend } from './said';
import { tablesIn } from './shapes/tables';
import { headingAt } from './headings-at';
import { viewOf } from './view';

const meanings = (text: string, headingRow: number | null): string[] => {
  const table = region(text);
  const first = headingRow === null ? 0 : headingRow + 1;
  return understandColumns(table, headingRow, first).map(({ meaning }) => meaning);
};
describe('what one column says', () => {
  it('by the words of its heading', () => {
    expect(says(column('Right answer'), 'key', 'right')).toBeGreaterThan(0.8);
    expect(says(column('Hint'), 'key', 'right')).toBeLessThan(0.02);
  });

  it.each([
    [['a', 'a', 'a', 'b'], true],
    [['a', 'b', 'c', 'd', 'a'], false],
    [['a', 'a'], false],
    [['a', '', 'a', '', 'a'], true],
  ])('by texts that come again: %j', (texts, isAgain) => {
    expect(isRepeated(column('', ...texts))).toBe(isAgain);
  });

  it('counts filled cells alone', () => {
    expect(filledOf(column('', 'a', '', 'b'))).toEqual(['a', 'b']);
  });
});

describe('rows of rules', () => {
  const headings = 'Question|A|B|C|Right|Timer\n';
  it.each([
    ['Text (max 150)|max 50|max 50|optional|1-3|5/10/20', true],
    ['max. 90 Zeichen|Pflicht|Pflicht|freiwillig|A/B/C|in s', true],
    ['150 caractères max.|80 max.|80 max.|80 max.|A, B ou C|facultatif', true],
    ['How long is 2 min?|2 min|3 min|4 min|1|30', false],
    ['Which half?|3/5|3/6|4/6|2|30', false],
    ['3/5|3/6|4/6|1/2|2|30', false],
    ['Which opens?|gate|wall|roof|1|30', false],
    ['optional||||1|', false],
  ])('%s', (row, isRules) => {
    expect(statesRules(region(headings + row), 1)).toBe(isRules);
  });
});

describe('rows that are questions though they look like headings', () => {
  it.each([
    [
      'that say one of their options again, as the others do',
      'Who bakes?|smith|baker|baker\nWho sews?|tailor|miller|tailor\nWho mills?|miller|smith|miller\nWho digs?|cook|miner|miner',
      0,
      true,
    ],
    [
      'whose headings are alike in all columns are none',
      'Option|Right?|Option|Right?\ngate|yes|wall|no\ncork|no|tin|yes\nwren|yes|cod|no',
      0,
      false,
    ],
  ])('%s', (_, text, row, isOne) => {
    expect(doesAsQuestions(region(text), row)).toBe(isOne);
  });

  it.each([
    [
      'with the short word that all others begin with',
      'anvil|a block to forge on\ntongs|a tool to hold iron\nflux|a powder for joints',
      0,
      true,
    ],
    [
      'with a word of its own',
      'Term|Its meaning here\ntongs|a tool to hold iron\nflux|a powder',
      0,
      false,
    ],
    [
      'asking below others that ask',
      'Who bakes the bread?|a\nWho sews the coat?|b\nWho mills the corn?|c',
      2,
      true,
    ],
    ['asking first', 'What do you ask?|Answer\nWho bakes?|baker\nWho sews?|tailor', 0, false],
  ])('%s', (_, text, row, isOne) => {
    expect(looksLikeQuestions(region(text), row)).toBe(isOne);
  });
});

describe('headings', () => {
  it.each([
    ['Right answer(s), e.g. 1,3', 'right answer'],
    ['Lösung (z. B. A;C)', 'losung'],
    ['Tags, for example locks', 'tags'],
    ['e.g. locks', 'e g locks'],
  ])('%s say %s', (heading, plain) => {
    expect(plainHeading(heading)).toBe(plain);
  });

  it('give no number as an example', () => {
    expect(labelOf('Right answers, e.g. 2')).toBeUndefined();
    expect(labelOf('Answer 2')).toBe(2);
    expect(labelOf('A – at most 100 characters')).toBe(1);
    expect(labelOf('A question')).toBeUndefined();
  });

  it.each([
    [
      'reach over several empty ones',
      'Question|Answers||\nWhich?|gate|wall|roof\nWho?|crew|keeper|wind',
      'Answers',
    ],
    [
      'do not reach over a lone one',
      'Question|Kind||Right\nWhich?|one|gate|A\nWho?|one|crew|B',
      '',
    ],
    [
      'do not reach over texts of another length',
      'Question|Pts||\nWhich?|wall|a gate of oak and iron that holds the water back|roof of the house on the hill',
      '',
    ],
  ])('%s', (_, text, group) => {
    expect(viewOf(region(text), 0, 1, false).columns[2]?.group ?? '').toBe(group);
  });

  it.each([
    ['over columns without one', '|Your question|Answers||Correct\n||A|B|\n1||||', 'Your question'],
    ['but not from notes above other headings', 'Draft|of Ada|||\nNr||A|B|Right\n1||||', ''],
  ])('reach down %s', (_, text, heading) => {
    expect(headingAt(region(text), 1, 1)).toBe(heading);
  });

  it('of margins and notes count as no columns', () => {
    const text =
      '|Question|A|B|Right|\n|Who?|crew|wind|A|\ncheck|What?|gate|sill|B|new\n|Why?|so|not|A|';
    expect(meanings(text, 0)).not.toContain('ignore');
    expect(viewOf(region(text), 0, 1, false).columns.map(({ at }) => at)).toEqual([1, 2, 3, 4]);
  });
});

describe('tables without headings', () => {
  const rows = [
    'Which builds?|wren|swallow|owl|',
    'Which drives?|saw|file|hammer|',
    'Which is drunk?|tea|cocoa|cider|',
  ];
  const keyed = (...keys: string[]): string => rows.map((row, n) => row + keys[n]!).join('\n');
  it.each([
    ['letters', keyed('B', 'C', 'A')],
    ['numbers', keyed('2', '3', '1')],
    ['texts', keyed('swallow', 'hammer', 'tea')],
  ])('tell their options by a column of %s', (_, text) => {
    expect(meanings(text, null)).toEqual(['stem', 'option', 'option', 'option', 'key']);
  });

  it('have no options where a column names places that are not there', () => {
    expect(meanings(keyed('7', '9', '8'), null).at(-1)).not.toBe('key');
  });

  it('of lists and times have none either', () => {
    const text =
      'Which builds?|wren / owl / swallow|2 min|C\nWhich drives?|saw / hammer / file|1 min|B\nWhich is drunk?|tea / cocoa / glue|45 s|A';
    expect(meanings(text, null).filter((meaning) => meaning === 'option')).toEqual([]);
  });

  it('have no heading row in the middle', () => {
    const text =
      'Which is longest?|Nile|Rhine|Thames|Nile\nWhich is in Paris?|Seine|Rhine|Elbe|Seine\nWhich is in Wales?|Cardiff|Leeds|York|Cardiff\nWhich is in Kent?|Dover|Bath|Hull|Dover';
    expect(understandHeadings(region(text)).row).toBeNull();
  });
});

describe('what is said of columns by name', () => {
  const form = (text: string): Region => region(`Question|c0|c1|c2|Key|||\n${text}`);
  it.each([
    ['c0 to c2: at most 40 characters', ['c0', 'c1', 'c2']],
    ['c0 - c1: at most 40 characters', ['c0', 'c1']],
    ['c2 to c0: at most 40 characters', ['c2 to c0']],
    ['Stelling: hoogstens 80 tekens', ['stelling']],
    ['Answer A – C: short', ['answer a', 'answer b', 'answer c']],
  ])('%s', (said, names) => {
    const found = explanationsOf(form(`|||||||${said}`), 0, []);
    expect([...found.keys()].filter((name) => names.includes(name))).toEqual(names);
  });

  it('in a list beside them, which is no part of the table', () => {
    const own = form('|||||||Question\n|||||||Key');
    expect(withoutLegend(own, 0).right).toBe(4);
    expect(withoutLegend(form('|||||||a note\n|||||||another one'), 0).right).toBe(7);
    expect(withoutLegend(own, null).right).toBe(own.right);
  });
});

describe('the same headings over and over', () => {
  const text =
    'Rivers||Birds|\nQuestion|Answer|Question|Answer\nWhich is in Paris?|Seine|Which sings?|lark\nWhich is in Rome?|Tiber|Which hunts?|hawk';
  it('are tables side by side, each below its title', () => {
    const ranges = tablesIn(region(text));
    expect(ranges.map(({ left, right }) => [left, right])).toEqual([
      [0, 1],
      [2, 3],
    ]);
    expect(ranges.map(({ title }) => title)).toEqual(['Rivers', 'Birds']);
  });

  it('have no titles where one of them has none', () => {
    const untitled = tablesIn(region(text.replace('Birds', '')));
    expect(untitled.map(({ title }) => title)).toEqual([undefined, undefined]);
  });
});

describe('how long a text may be', () => {
  const taken = (heading: string): string =>
    understandColumns(
      lines(`Question|A|B|Key|${heading}`, ...Array.from({ length: 2 }, () => '||||')),
      0,
      1,
      {
        blank: true,
      },
    ).at(-1)!.meaning;
  it('is said of what is to be written, and by sentences beside a table of any', () => {
    expect(taken('Office – at most 100 characters')).not.toBe('ignore');
    expect(taken('Office')).toBe('ignore');
    expect(taken('Questions have 100 characters at most.')).toBe('ignore');
  });
});

describe('headings of forms', () => {
  const taken = (heading: string): string =>
    understandColumns(lines(`Question|A|B|Key|${heading}`, '||||'), 0, 1, { blank: true }).at(-1)!
      .meaning;
  it.each([
    'Please leave empty',
    'Bitte leer lassen',
    'Laisser vide',
    'Do not fill in',
    'Leeg laten',
  ])('that ask for nothing: %s', (heading) => {
    expect(taken(heading)).toBe('ignore');
  });
  it('that say when a cell may stay empty are to be filled', () => {
    expect(taken('Hint (leave empty if there is none)')).toBe('hint');
  });
  it('count with a number at their words', () => {
    const region = lines('itemText,step1,step2,step3,points'.replaceAll(',', '|'), '||||');
    expect(understandColumns(region, 0, 1, { blank: true }).map(({ meaning }) => meaning)).toEqual([
      'stem',
      'step',
      'step',
      'step',
      'points',
    ]);
  });
});

describe('rules beside a form', () => {
  const widthOf = (...rows: string[]): number => withoutLegend(lines(...rows), 0).right + 1;
  it('are sentences behind an empty column', () => {
    expect(widthOf('Stem|A|B||Part the wrong answers with a semicolon.')).toBe(3);
    expect(
      widthOf('Stem|A|B||One question in each row.', '||||Keep the order of the columns.'),
    ).toBe(3);
  });
  it('hold lists of codes among them', () => {
    const list = ['||||Kinds that are taken:', '||||p = one right answer', '||||q = an essay'];
    expect(widthOf('Stem|A|B||A file holds up to 60 questions.', ...list)).toBe(3);
    expect(widthOf('Stem|A|B||p = one right answer', '||||q = an essay')).toBe(5);
  });
  it('are no more columns, no words alone, and no texts without a gap', () => {
    expect(widthOf('Stem|A|B||Explanation')).toBe(5);
    expect(widthOf('Stem|A|B|', 'one|x|y|It is so because of this.')).toBe(4);
    expect(widthOf('Stem|A|B||Write one question in each row.', '||||x')).toBe(5);
  });
});
