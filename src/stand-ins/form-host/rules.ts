// The form host's published rules. The host is simulated and ours; its words and limits are invented.

export const FORM_HOST = {
  id: 'form-host',
  name: 'Round form',
  what: 'A form of questions that everybody fills in for themselves; its first response is the key, and all responses come out as one csv.',
  blank: 'round-form.txt',
  words: { title: 'form', question: 'ask', option: 'opt', key: 'key' },
  question: 120,
  option: 80,
  optionsMin: 2,
  optionsMax: 6,
  perFile: 60,
  fileBytes: 1024 * 1024,
} as const;

const { title, question, option, key } = FORM_HOST.words;

/** The rules as the host publishes them. */
export const FORM_HOST_RULES: readonly string[] = [
  'The file is text in UTF-8; each line begins with a word that says what it is, and a blank behind it.',
  `“${title}” names the form, on the first line. “${question}” begins a question, “${option}” one of its options, “${key}” says the number of the right one, or several with commas between.`,
  `A question has up to ${FORM_HOST.question} characters and ${FORM_HOST.optionsMin} to ${FORM_HOST.optionsMax} options, an option up to ${FORM_HOST.option}.`,
  'An empty line ends a question. A question that breaks a rule is refused with its line; the others are taken.',
  `A form has up to ${FORM_HOST.perFile} questions. The key is kept as the first response.`,
];
