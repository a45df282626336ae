// The live host's published rules. The host is simulated and ours; its headings, order and limits are invented.

export const LIVE_HOST = {
  id: 'live-host',
  name: 'Evening host',
  what: 'A live round in one room: the host shows a question, everybody picks an answer, then the right one is shown.',
  blank: 'evening-host.xlsx',
  sheet: 'Round',
  titleCell: 'D4',
  headingRow: 7,
  firstRow: 8,
  headings: {
    C: 'Question [up to 110 characters]',
    D: 'Right one (number; several: 1+3)',
    E: 'Answer 1',
    F: 'Answer 2',
    G: 'Answer 3',
    H: 'Answer 4',
    I: 'Kind',
    J: 'Clock (s)',
  },
  kinds: ['one right answer', 'several right answers', 'true or false'],
  seconds: [15, 25, 40, 75],
  defaultSeconds: 25,
  stem: 110,
  option: 60,
  optionsMin: 2,
  optionsMax: 4,
  perFile: 50,
  fileBytes: 5 * 1024 * 1024,
} as const;

/** The rules as the host publishes them. */
export const PUBLISHED: readonly string[] = [
  `The file is a workbook (.xlsx) with the sheet “${LIVE_HOST.sheet}”, the headings in row ${LIVE_HOST.headingRow} and the questions from row ${LIVE_HOST.firstRow} on.`,
  `Cell ${LIVE_HOST.titleCell} holds the title of the round.`,
  `A question has up to ${LIVE_HOST.stem} characters, an answer up to ${LIVE_HOST.option}.`,
  `There are ${LIVE_HOST.optionsMin} to ${LIVE_HOST.optionsMax} answers, with none empty between two others.`,
  'The right one is written as its number; several are joined by a plus sign (1+3) and go with the kind “several right answers”.',
  `The kind is one of: ${LIVE_HOST.kinds.join(', ')}.`,
  `The clock is ${LIVE_HOST.seconds.join(', ')} seconds; an empty cell means ${LIVE_HOST.defaultSeconds}.`,
  `A file holds up to ${LIVE_HOST.perFile} questions. A row that breaks a rule is refused with its reason; the others are taken.`,
];
