// Boards whose levels have no column: they stand in the places that wait, or nowhere.
import { describe, expect, it } from 'vitest';
import { lines } from '../../../../tests/tables';
import { findBoard } from './board';

describe('a board', () => {
  it('has its levels in its places where no column has them', () => {
    const waiting = (question: (level: number) => string, answer: (level: number) => string) =>
      lines(
        'Category 1|Category 2|Category 3',
        ...[100, 200].flatMap((level) =>
          [question(level), answer(level)].map((text) => [text, text, text].join('|')),
        ),
      );
    const board = {
      levels: ['100', '200'],
      levelRows: [1, 3],
      columns: [0, 1, 2],
      answer: 'below',
    };
    expect(
      findBoard(
        waiting(
          (n) => `${n} question`,
          (n) => `${n} answer`,
        ),
      ),
    ).toMatchObject(board);
    expect(
      findBoard(
        waiting(
          (n) => `Frage für ${n}`,
          (n) => `Antwort für ${n}`,
        ),
      ),
    ).toMatchObject(board);
    // An answer for another level is no answer to the question above it.
    expect(
      findBoard(
        waiting(
          (n) => `${n} question`,
          (n) => `${n + 100} answer`,
        ),
      ),
    ).toBeUndefined();
  });

  it('has no levels where rows of questions and of answers take turns', () => {
    const rows = ['What floats?|What opens?', 'a hull|a gate', 'What steers?|What fills?'];
    expect(findBoard(lines('Boats|Locks', ...rows, 'a rudder|a chamber'))).toMatchObject({
      levels: ['', ''],
      levelRows: [1, 3],
      categories: ['Boats', 'Locks'],
    });
    expect(findBoard(lines('Boats|Locks', ...rows))).toBeUndefined();
    expect(findBoard(lines('Question|Answer', ...rows, 'a rudder|a chamber'))).toBeUndefined();
  });
});
