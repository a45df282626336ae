// The board host's published rules. The host is simulated and ours; its board and limits are invented.

export const BOARD_HOST = {
  id: 'board-host',
  name: 'Team board',
  what: 'A board of questions for teams: whose turn it is opens a square, answers, and gets what it is worth.',
  blank: 'team-board.xlsx',
  sheet: 'Board',
  corner: 'Worth',
  lanes: ['Lane 1', 'Lane 2', 'Lane 3', 'Lane 4', 'Lane 5', 'Lane 6'],
  worths: [1, 2, 3, 5, 8],
  answerWord: 'answer',
  question: 110,
  answer: 50,
  teamsMin: 2,
  teamsMax: 6,
  fileBytes: 5 * 1024 * 1024,
} as const;

/** The rules as the host publishes them. */
export const BOARD_HOST_RULES: readonly string[] = [
  `The file is a workbook (.xlsx) with the sheet “${BOARD_HOST.sheet}”, its first row and first column as the blank has them.`,
  `There are ${BOARD_HOST.lanes.length} lanes across and ${BOARD_HOST.worths.length} worths down: ${BOARD_HOST.worths.join(', ')}.`,
  'A question stands in the row of its worth, its answer in the row below it.',
  `A question has up to ${BOARD_HOST.question} characters, an answer up to ${BOARD_HOST.answer}.`,
  'A square may stay empty; a question without an answer, or an answer without a question, is refused with its cell.',
];
