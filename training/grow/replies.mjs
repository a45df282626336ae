// Replies of writing assistants, with the truth about each: a table with bars, a fence, a numbered list, words before and behind.
import { choiceRows, drawItems } from './questions.mjs';
import { randomFrom } from './random.mjs';

const WORDS = {
  en: { heads: { n: ['#', 'No.'], stem: ['Question', 'question_text', 'Stem'], option: ['Option', 'Answer', 'Choice'], key: ['Correct answer', 'Answer', 'Correct', 'Key'], explanation: ['Explanation', 'Rationale', 'Why'], difficulty: ['Difficulty', 'Level'] }, levels: ['easy', 'medium', 'hard'], before: ['Here are {n} questions about {t}:', 'Sure! Below you find {n} multiple-choice questions.', 'Of course. I have written {n} questions on {t} for you.'], behind: ['Let me know if you would like more!', 'Hope this helps!', 'Would you like me to make them harder?'], answer: 'Answer', explain: 'Explanation', question: 'Question' },
  de: { heads: { n: ['Nr.'], stem: ['Frage', 'Fragetext'], option: ['Antwort', 'Option'], key: ['Richtige Antwort', 'Lösung', 'Richtig'], explanation: ['Erklärung', 'Begründung'], difficulty: ['Schwierigkeit'] }, levels: ['leicht', 'mittel', 'schwer'], before: ['Hier sind {n} Fragen zum Thema {t}:', 'Gerne! {n} Fragen für dich:'], behind: ['Sag Bescheid, wenn du mehr brauchst!', 'Viel Erfolg im Unterricht!'], answer: 'Richtige Antwort', explain: 'Erklärung', question: 'Frage' },
  fr: { heads: { n: ['N°'], stem: ['Question'], option: ['Réponse', 'Choix'], key: ['Bonne réponse', 'Réponse correcte'], explanation: ['Explication'], difficulty: ['Difficulté'] }, levels: ['facile', 'moyen', 'difficile'], before: ['Voici {n} questions sur {t} :', 'Bien sûr ! Voici les {n} questions demandées.'], behind: ['N’hésitez pas à demander d’autres questions.'], answer: 'Bonne réponse', explain: 'Explication', question: 'Question' },
  es: { heads: { n: ['N.º'], stem: ['Pregunta'], option: ['Opción', 'Respuesta'], key: ['Respuesta correcta', 'Clave'], explanation: ['Explicación'], difficulty: ['Dificultad'] }, levels: ['fácil', 'media', 'difícil'], before: ['Aquí tienes {n} preguntas sobre {t}:'], behind: ['¿Quieres que haga más?'], answer: 'Respuesta correcta', explain: 'Explicación', question: 'Pregunta' },
  nl: { heads: { n: ['Nr'], stem: ['Vraag'], option: ['Antwoord', 'Optie'], key: ['Juiste antwoord', 'Goed antwoord'], explanation: ['Uitleg'], difficulty: ['Niveau'] }, levels: ['makkelijk', 'gemiddeld', 'moeilijk'], before: ['Hier zijn {n} vragen over {t}:'], behind: ['Laat het weten als je er meer wilt!'], answer: 'Juiste antwoord', explain: 'Uitleg', question: 'Vraag' },
};
const LETTERS = 'ABCDEFGH';
const quoted = (text, by) => (text.includes(by) || /["\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text);

/** The questions as rows under headings. */
function asRows(r, w, drawn, manner) {
  const h = (name) => r.pick(w.heads[name]);
  const [n, stem, option, key, explanation, difficulty] = ['n', 'stem', 'option', 'key', 'explanation', 'difficulty'].map(h);
  const columns = Math.max(...drawn.map(({ options }) => options.length));
  const label = (at) => (manner.letters ? LETTERS[at] : `${option} ${manner.counts === 'letter' ? LETTERS[at] : at + 1}`);
  const told = ({ options, rights }) => ({ letter: rights.map((at) => LETTERS[at]).join(', '), number: rights.map((at) => at + 1).join(', '), text: rights.map((at) => options[at]).join('; ') })[manner.key];
  const one = (row, index) => [
    ...(manner.number ? [String(index + 1)] : []), row.item.stem,
    ...(manner.together ? [row.options.map((text, at) => `${LETTERS[at]}) ${text}`).join(manner.joined)] : Array.from({ length: columns }, (_, at) => row.options[at] ?? '')),
    told(row), ...(manner.explanation ? [row.item.explanation ?? ''] : []), ...(manner.difficulty ? [w.levels[index % 3]] : []),
  ];
  return [
    [...(manner.number ? [n] : []), stem, ...(manner.together ? [`${option}s`] : Array.from({ length: columns }, (_, at) => label(at))), key, ...(manner.explanation ? [explanation] : []), ...(manner.difficulty ? [difficulty] : [])],
    ...drawn.map(one),
  ];
}

const FORMS = {
  bars: (rows) => [rows[0], rows[0].map(() => '---'), ...rows.slice(1)].map((row) => `| ${row.map((text) => text.replaceAll('|', '\\|')).join(' | ')} |`),
  'bars bare': (rows) => [rows[0], rows[0].map(() => ':--'), ...rows.slice(1)].map((row) => row.map((text) => text.replaceAll('|', '\\|')).join(' | ')),
  csv: (rows) => ['```csv', ...rows.map((row) => row.map((text) => quoted(text, ',')).join(',')), '```'],
  'csv semicolon': (rows) => ['```', ...rows.map((row) => row.map((text) => quoted(text, ';')).join(';')), '```'],
  tsv: (rows) => ['```tsv', ...rows.map((row) => row.join('\t')), '```'],
};

/** Numbered questions with lettered options, as in a chat. */
function asList(r, w, drawn, manner) {
  return drawn.flatMap(({ item, options, rights }, index) => [
    { plain: `${index + 1}. ${item.stem}`, bold: `**${index + 1}. ${item.stem}**`, word: `**${w.question} ${index + 1}:** ${item.stem}`, heading: `### ${w.question} ${index + 1}\n${item.stem}` }[manner.stem],
    ...(manner.stem === 'heading' ? [''] : []),
    ...options.map((text, at) => `${manner.indent}${manner.bullet}${LETTERS[at]}${manner.sign} ${text}${manner.told === 'tick' && rights.includes(at) ? ' ✅' : ''}`),
    ...(manner.told === 'line' ? [`${manner.indent}**${w.answer}:** ${rights.map((at) => LETTERS[at]).join(', ')}${manner.both && rights.length === 1 ? `) ${options[rights[0]]}` : ''}`] : []),
    ...(manner.explanation && item.explanation ? [`${manner.indent}*${w.explain}:* ${item.explanation}`] : []),
    '',
  ]);
}

/** Objects in a fence; cut off in the middle of the last one where `cut`. */
function asObjects(r, w, drawn, manner) {
  const all = drawn.map(({ item, options, rights }) => ({
    question: item.stem,
    options: manner.lettered ? Object.fromEntries(options.map((text, at) => [LETTERS[at], text])) : options,
    [manner.keyName]: manner.objectKey === 'text' ? (rights.length > 1 ? rights.map((at) => options[at]) : options[rights[0]]) : manner.lettered ? rights.map((at) => LETTERS[at]).join(',') : rights.length > 1 ? rights : rights[0],
    ...(manner.explanation && item.explanation ? { explanation: item.explanation } : {}),
  }));
  const text = JSON.stringify(manner.wrapped ? { title: 'Quiz', questions: all } : all, null, 2);
  return ['```json', ...(manner.cut ? text.slice(0, text.lastIndexOf('"question"') + 24) : text).split('\n'), ...(manner.cut ? [] : ['```'])];
}

/** A drawn reply with its truth. */
export function drawReply(seed, n, material) {
  const r = randomFrom((Math.imul(seed, 500_009) + n * 89) | 0);
  const language = r.weighted({ en: 6, de: 3, fr: 2, es: 2, nl: 2 });
  const w = WORDS[language];
  const bank = material.banks[language];
  const theme = r.pick(bank.themes);
  const items = [...drawItems(r, bank, 'choice-one', r.int(4, 8), () => true, theme), ...(r.chance(0.3) ? drawItems(r, bank, 'choice-many', 1, () => true, theme) : [])];
  const drawn = choiceRows(r, items, { columns: r.int(3, 5), ragged: r.chance(0.3) }).filter(({ options, rights }) => rights.length < options.length);
  const form = r.weighted({ bars: 5, 'bars bare': 2, csv: 3, 'csv semicolon': 1, tsv: 2, list: 6, json: 4 });
  const manner = { key: r.pick(['letter', 'letter', 'number', 'text']), letters: r.chance(0.4), counts: r.pick(['letter', 'number']), number: r.chance(0.4), together: form.startsWith('bars') && r.chance(0.2), joined: '<br>', explanation: r.chance(0.4), difficulty: r.chance(0.2), stem: r.pick(['plain', 'bold', 'word', 'heading']), indent: r.pick(['', '   ']), bullet: r.pick(['', '- ']), sign: r.pick([')', '.']), told: r.pick(['line', 'tick']), both: r.chance(0.4), lettered: r.chance(0.3), keyName: r.pick(['answer', 'correct', 'correct_answer']), objectKey: r.pick(['text', 'index']), wrapped: r.chance(0.3), cut: r.chance(0.2) };
  if (manner.together && manner.key === 'number') manner.key = 'letter';
  const rows = form === 'list' || form === 'json' ? [] : asRows(r, w, drawn, manner);
  const body = form === 'list' ? asList(r, w, drawn, manner) : form === 'json' ? asObjects(r, w, drawn, manner) : FORMS[form](rows);
  const fill = (text) => text.replace('{n}', String(drawn.length)).replace('{t}', theme.name);
  const before = r.chance(0.8) ? [fill(r.pick(w.before)), ''] : [];
  const isCut = form === 'json' && manner.cut;
  const behind = !isCut && r.chance(0.6) ? ['', r.pick(w.behind)] : [];
  const truth = drawn.map(({ item, options, rights }) => ({ kind: rights.length > 1 ? 'choice-many' : 'choice-one', stem: item.stem, options, key: rights, ...(manner.explanation && item.explanation ? { explanation: item.explanation } : {}) }));
  const text = [...before, ...body, ...behind].join('\n');
  const factors = { language, form, 'key in': form === 'json' ? manner.objectKey : form === 'list' ? manner.told : manner.key, together: manner.together, number: manner.number, letters: manner.letters, explanation: manner.explanation, cut: isCut, lettered: form === 'json' && manner.lettered, stem: form === 'list' ? manner.stem : '-', bullet: manner.bullet };
  return { text, truth: isCut ? truth.slice(0, -1) : truth, factors };
}
