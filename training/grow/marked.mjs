// Samples of marked text as receivers give them, each with the writer that the receiver would read: signs, labels, words in
// front of lines. drawMarked gives { sample, write(items), factors }.
import { choiceRows, drawItems } from './questions.mjs';
import { randomFrom } from './random.mjs';

const letter = (n, upper) => String.fromCharCode((upper ? 65 : 97) + n);

/** How right and wrong are told. */
const TOLD = {
  signs: { '+ -': ['+ ', '- '], '= ~': ['= ', '~ '], '* -': ['* ', '- '], '[x] [ ]': ['[x] ', '[ ] '], '✓ ✗': ['✓ ', '✗ '], 'R: W:': ['R: ', 'W: '], 'RIGHT WRONG': ['RIGHT ', 'WRONG '], '>> --': ['>> ', '-- '], '(+) (-)': ['(+) ', '(-) '] },
  behind: { '*': ' *', '(x)': ' (x)', '<<': ' <<', '(correct)': ' (correct)' },
  front: { '*': '*', '> ': '> ', '! ': '! ' },
  line: { 'ANSWER: ': 'ANSWER: ', 'Key: ': 'Key: ', 'KEY=': 'KEY=', '@right ': '@right ' },
};
const LABELS = { 'a)': (n) => `${letter(n)}) `, 'A)': (n) => `${letter(n, true)}) `, 'A.': (n) => `${letter(n, true)}. `, '(a)': (n) => `(${letter(n)}) `, 'a.': (n) => `${letter(n)}. `, 'A:': (n) => `${letter(n, true)}: `, '[A]': (n) => `[${letter(n, true)}] ` };
const STEMS = { none: () => '', '1.': (n) => `${n + 1}. `, '1)': (n) => `${n + 1}) `, '[1]': (n) => `[${n + 1}] `, 'Q: ': () => 'Q: ', '? ': () => '? ', 'QUESTION: ': () => 'QUESTION: ', '#1 ': (n) => `#${n + 1} `, '@ask ': () => '@ask ' };
const COMMENTS = { '// ': '// ', '# ': '# ', '; ': '; ', '%% ': '%% ' };
const SAYINGS = ['Lines that begin like this are left out.', 'Save this file as plain text.', 'One empty line between two questions.', 'Delete the samples before you send the file.'];

function drawFormat(r) {
  const told = r.weighted({ signs: 5, behind: 2, front: 2, line: 4 });
  const sign = r.pick(Object.keys(TOLD[told]));
  const label = told === 'signs' || (told === 'line' && r.chance(0.1)) ? 'none' : r.pick(Object.keys(LABELS));
  const stem = r.weighted({ none: 3, '1.': 3, '1)': 2, '[1]': 1, 'Q: ': 3, '? ': told === 'signs' ? 1 : 0, 'QUESTION: ': 2, '#1 ': 1, '@ask ': 1 });
  const title = r.weighted({ none: 5, 'TITLE: ': 1, '#TITLE ': 1, 'Name: ': 1 });
  return {
    told, sign, label, stem, title, between: stem !== 'none' && r.chance(0.25) ? 'none' : 'blank', key: told === 'line' ? r.weighted({ letter: 6, number: 1, text: 1 }) : '-',
    feedback: r.weighted({ none: 5, '! ': sign.includes('!') ? 0 : 1, 'Feedback: ': 1, 'WHY ': 1 }),
    category: r.weighted({ none: 6, 'Topic: ': 1, 'CATEGORY: ': 1 }),
    comment: r.weighted({ none: 3, '// ': 2, '# ': stem.startsWith('#') || title.startsWith('#') ? 0 : 1, '; ': 1, '%% ': 1 }),
    points: r.weighted({ none: 7, 'Points: ': 1 }),
    indent: told !== 'signs' && r.chance(0.15) ? '  ' : '',
  };
}

/** The lines of one question. */
function questionLines(format, { item, options, rights }, n) {
  const { told, sign, label, stem, feedback, category, points, indent } = format;
  const lettered = (at) => (label === 'none' ? '' : LABELS[label](at));
  const upper = /[A]/.test(label);
  const option = (text, at) => {
    const isRight = rights.includes(at);
    if (told === 'signs') return `${TOLD.signs[sign][isRight ? 0 : 1]}${text}`;
    if (told === 'behind') return `${lettered(at)}${text}${isRight ? TOLD.behind[sign] : ''}`;
    if (told === 'front') return `${isRight ? TOLD.front[sign] : ''}${lettered(at)}${text}`;
    return `${lettered(at)}${text}`;
  };
  return [
    ...(category === 'none' ? [] : [`${category}${item.category}`]),
    `${STEMS[stem](n)}${item.stem}`,
    ...options.map((text, at) => `${indent}${option(text, at)}`),
    ...(told === 'line' ? [`${TOLD.line[sign]}${rights.map((at) => ({ letter: letter(at, upper), number: at + 1, text: options[at] })[format.key]).join(', ')}`] : []),
    ...(feedback === 'none' || !item.feedback ? [] : [`${feedback}${item.feedback}`]),
    ...(points === 'none' ? [] : [`${points}${item.points}`]),
  ];
}

/** A drawn format: its sample, the file that its receiver takes for other questions, and these. */
export function drawMarked(seed, n, material) {
  const r = randomFrom((Math.imul(seed, 300_007) + n * 83) | 0);
  const bank = material.banks.en;
  const theme = r.pick(bank.themes);
  const format = drawFormat(r);
  const single = drawItems(r, bank, 'choice-one', 6, ({ stem }) => !/[{}_]/.test(stem), theme);
  const many = r.chance(0.4) && format.key !== 'text' ? drawItems(r, bank, 'choice-many', 2, () => true, theme) : [];
  const rows = choiceRows(r, [...single.slice(0, 3), ...many, ...single.slice(3)], { columns: 4, ragged: false })
    .filter(({ options, rights }) => rights.length < options.length)
    .map((row) => ({ ...row, item: { ...row.item, category: theme.name, feedback: row.item.explanation ?? 'See the handbook.', points: r.int(1, 4) } }));
  const shown = r.int(2, 3);
  const samples = [rows[0], ...(many.length ? [rows[3]] : []), ...rows.slice(1, 3)].slice(0, shown);
  const others = rows.filter((row) => !samples.includes(row)).filter(({ rights }) => rights.length === 1 || many.length > 0).slice(0, 4);
  const write = (own, title) => [
    ...(format.title === 'none' ? [] : [`${format.title}${title}`, '']),
    ...own.flatMap((row, at) => [...(at && format.between === 'blank' ? [''] : []), ...questionLines(format, row, at)]),
  ];
  const told = format.comment === 'none' ? [] : [...r.some(SAYINGS, 2).map((text) => format.comment + text), ''];
  return { sample: [...told, ...write(samples, 'Sample')].join('\n') + '\n', expected: write(others, 'Evening').join('\n'), others, comment: format.comment === 'none' ? undefined : format.comment.trim(), factors: { ...format, many: many.length > 0, samples: shown } };
}
