// How sure a reading is and why, and which sheet is read.
import { describe, expect, it } from 'vitest';
import { sheetWith } from '../shared/sheet';
import { A, asTable, B, region, STEMS } from '../../../tests/tables';
import { firstRowBelow, understandColumns, understandHeadings, understandSheets } from './index';

const read = (columns: Record<string, readonly string[]>) => {
  const own = region(asTable(columns));
  const { row } = understandHeadings(own);
  return understandColumns(own, row, firstRowBelow(own, row));
};

describe('how sure it is', () => {
  it('names the reason: its heading, its cells and neighbours, or both', () => {
    const known = read({ Question: STEMS, A, B, Correct: ['A', 'B', 'B', 'A'] });
    expect(known[0]!.because).toBe('its heading is “Question”');
    const foreign = read({ Vrigl: STEMS, 'Snok 1': A, 'Snok 2': B, Plomb: ['A', 'B', 'B', 'A'] });
    expect(foreign[0]!.because).toBe(
      '4 cells and the columns beside it say so; its heading “Vrigl” alone does not',
    );
    const bare = understandColumns(
      region(STEMS.map((stem, row) => `${stem}|${A[row]}|${B[row]}|A`).join('\n')),
      null,
      0,
    );
    expect(bare[0]!.because).toBe('4 cells and the columns beside it say so');
  });
  it('doubts a text that is left aside, a second one of what there is one of, and all where none asks', () => {
    const aside = read({
      Question: STEMS,
      A,
      B,
      Correct: ['A', 'B', 'B', 'A'],
      Vrigl: ['as told by Ada', 'so said the crew', 'seen on a walk', 'in the old book'],
    });
    expect(aside[4]!.p).toBeLessThanOrEqual(aside[4]!.meaning === 'ignore' ? 0.6 : 1);
    const none = understandColumns(
      region(asTable({ Points: ['1', '2', '3'], Attempts: ['2', '1', '2'] })),
      0,
      1,
    );
    expect(none.filter(({ meaning, p }) => meaning !== 'ignore' && p > 0.6)).toEqual([]);
  });
  it('hints and their like are told by words alone', () => {
    const untold = read({ Question: STEMS, Answer: A, Vrigl: ['wood', 'iron', 'round', 'many'] });
    expect(untold[2]!.p).toBeLessThanOrEqual(0.6);
  });
});

describe('the sheet to read', () => {
  const sheets = (...texts: [name: string, text: string, hidden?: boolean][]) =>
    understandSheets(
      texts.map(([name, text, hidden = false]) => ({
        ...sheetWith({ name, rows: text.split('\n').map((line) => line.split('|')) }),
        hidden,
      })),
      false,
    ).map(({ sheet }) => sheet.name);
  const questions = asTable({ Question: STEMS, A, B, Correct: ['A', 'B', 'B', 'A'] });
  const cards = asTable({ Term: ['weir', 'sill'], Definition: ['a low dam', 'a stone step'] });

  it('is the one with more to ask, wherever it stands, and a hidden one last', () => {
    expect(sheets(['Cards', cards], ['Quiz', questions])[0]).toBe('Quiz');
    expect(sheets(['Quiz', questions, true], ['Cards', cards])[0]).toBe('Cards');
    expect(sheets(['Notes', 'Read me first'], ['Quiz', questions])[0]).toBe('Quiz');
  });
  it('is none that lists the headings of another and says what they take', () => {
    const help =
      'Column|What to write\nQuestion|the text that asks\nA|the first answer\nB|the second answer\nCorrect|its letter';
    expect(sheets(['Help', help], ['Quiz', `Question|A|B|Correct`])[0]).toBe('Quiz');
  });
  it('is left out where it is empty', () => {
    expect(sheets(['Empty', ''], ['Quiz', questions])).toEqual(['Quiz']);
  });
});
