// Questions of a board: row by row from left to right, the category from the column, the level as points where it counts.
import type { Column, Item } from '../model';
import { cellName, columnLetters } from '../shared/cells';
import { numberOf } from '../shared/normalise';
import { categoryTitle } from './category-title';
import { fieldOfLine } from '../shared/vocabulary/answer-lines';
import { likelihoodOf } from '../understanding';
import { saysPoints } from '../shared/vocabulary/words-of-points';
import { partedCell, type Board, type FilledBoard } from '../understanding';
import { shownRow, type Region } from '../shared/table/region';
import { splitAnswers } from './answers';
import type { From, Gathered } from './contract';
import { say, toSay } from '../shared/say';

export type AnyBoard = Board | FilledBoard;

/** What a cell of a board asks and what answers it. */
function contentOf(
  region: Region,
  { answer }: AnyBoard,
  { row, column }: { row: number; column: number },
): { question: string; answer: string } {
  const text = region.cell(row, column);
  const parted = answer === 'inside' ? partedCell(text) : undefined;
  if (parted) {
    return parted;
  }
  const places = {
    below: [row + 1, column],
    beside: [row, column + 1],
    inside: undefined,
    nowhere: undefined,
  } as const;
  const place = places[answer];
  return { question: text, answer: place ? region.cell(...place) : '' };
}

const WHERE: Record<AnyBoard['answer'], string> = {
  below: toSay('each answer stands below its question'),
  beside: toSay('each answer stands beside its question'),
  inside: toSay('each answer stands in the cell of its question, behind it'),
  nowhere: toSay('there are no answers: the questions are marked by a person'),
};

/** The same of a board that lies on its side. */
const WHERE_TURNED: typeof WHERE = { ...WHERE, below: WHERE.beside, beside: WHERE.below };

/** A board as it is looked at; `isTurned` where it lies on its side, with the categories down and the levels across. */
type Laid = { region: Region; board: AnyBoard; isTurned: boolean };

/** Where a cell of a board stands in its sheet. */
function originOf(
  { region: { sheet }, isTurned }: Laid,
  row: number,
  column: number,
): { row: number; cell: string } {
  const [down, across] = isTurned ? [column, row] : [row, column];
  const shown = shownRow(sheet, down);
  return { row: shown, cell: cellName(shown - 1, across) };
}

/** Whether a word beside a level's number is one for points or for the question. */
const isOfLevel = (word: string): boolean =>
  saysPoints(word) || fieldOfLine(`${word}: x`)?.role === 'question';

/** The points of a level that is a number, or one with words for points or for the question beside it, '10 points – question'. */
function pointsOf(level: string): number | undefined {
  const words = level.match(/\p{L}+/gu) ?? [];
  const [number, ...others] = level.match(/[\d.,]*\d/gu) ?? [];
  return number !== undefined && !others.length && words.every(isOfLevel)
    ? numberOf(number)
    : undefined;
}

/** Whether levels only count the rows, and nothing calls them more: 1, 2, 3 below an empty corner. */
function areCounted(region: Region, { categoryRow, levelColumn, levels }: AnyBoard): boolean {
  const corner = region.cell(categoryRow, levelColumn) || region.cell(categoryRow + 1, levelColumn);
  return (
    (corner === '' || likelihoodOf(corner, ['number-in-file']) > CALLED) &&
    levels.every((level, at) => level === String(at + 1))
  );
}
const CALLED = 0.8;

/** The question in a cell of a board; undefined where the cell is empty. */
function itemAt(
  { table, newId }: Pick<From, 'table' | 'newId'>,
  laid: Laid,
  { level, column }: { level: number; column: number },
): Item | undefined {
  const { region, board } = laid;
  const row = board.levelRows[level]!;
  const { question, answer } = contentOf(region, board, { row, column });
  const points = areCounted(region, board) ? undefined : pointsOf(board.levels[level]!);
  return question
    ? {
        id: newId(),
        ref: '',
        stem: { plain: question },
        // Where no question has an answer, each is talked about; where others have one, it is missing.
        ...(board.answer === 'nowhere'
          ? { kind: 'open' }
          : { kind: 'short', accepted: splitAnswers(answer) }),
        category: [categoryTitle(board.categories[board.columns.indexOf(column)]!)],
        ...(points !== undefined && points > 0 ? { points } : {}),
        origin: {
          file: table.file,
          sheet: region.sheet.name,
          ...originOf(laid, row, column),
        },
      }
    : undefined;
}

/** The columns of a board as its sheet has them: of the levels and the categories, whichever way it lies. */
function columnsOf({ region, board, isTurned }: Laid): Column[] {
  if (isTurned) {
    return [
      { column: columnLetters(board.categoryRow), role: 'category' },
      ...board.levelRows.map((row, level): Column => ({
        column: columnLetters(row),
        heading: board.levels[level]!,
        role: 'stem',
      })),
    ];
  }
  const hasLevels = !board.columns.includes(board.levelColumn);
  return [
    ...(hasLevels
      ? [
          {
            column: columnLetters(board.levelColumn),
            role: areCounted(region, board) ? ('number-in-file' as const) : ('points' as const),
          },
        ]
      : []),
    ...board.columns.map((column): Column => ({
      column: columnLetters(column),
      heading: region.cell(board.categoryRow, column),
      role: 'stem',
    })),
  ];
}

/** The questions of a board with the reading that explains it; `isTurned` where `region` is its sheet's on its side. */
export function gatherBoard(
  from: Pick<From, 'table' | 'newId'>,
  region: Region,
  board: AnyBoard,
  isTurned = false,
): Gathered {
  const laid: Laid = { region, board, isTurned };
  // Row by row as the sheet has them.
  const places = isTurned
    ? board.columns.flatMap((column) => board.levels.map((_, level) => ({ level, column })))
    : board.levels.flatMap((_, level) => board.columns.map((column) => ({ level, column })));
  const items = places.flatMap((place) => itemAt(from, laid, place) ?? []);
  const [across, down] = isTurned ? ['down', 'across'] : ['across', 'down'];
  return {
    items,
    findings: [],
    reading: {
      as: 'board',
      sheet: region.sheet.name,
      headingRow: shownRow(region.sheet, isTurned ? board.levelColumn : board.categoryRow),
      columns: columnsOf(laid),
      key: { style: 'text' },
      because: {
        as: say(
          '{columns, plural, one {# category} other {# categories}} stand {across} and {levels, plural, one {# level} other {# levels}} {down}',
          { columns: board.columns.length, across, levels: board.levels.length, down },
        ),
        sheet: say('it holds a board'),
        key: say((isTurned ? WHERE_TURNED : WHERE)[board.answer]),
      },
      unsure: board.answer === 'nowhere' ? ['key'] : [],
    },
  };
}
