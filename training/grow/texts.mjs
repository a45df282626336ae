// Typed texts and documents as people write them, with the truth about each: lines, and the questions they mean.
// A drawn text is { lines: DocumentLine[], text, truth: [{ kind, stem, options?, key?, accepted?, pairs?, steps?, gaps? }], factors }.
import { choiceRows, drawItems } from './questions.mjs';
import { randomFrom } from './random.mjs';

const WORDS = {
  en: {
    question: ['Question', 'Q', 'No', 'Task', 'Item'], answer: ['Answer', 'Correct answer', 'Ans', 'Solution', 'Right answer', 'Key', 'The answer is'],
    list: ['Answers', 'Answer key', 'Solutions', 'Key'], explanation: ['Explanation', 'Why', 'Reason', 'Note', 'Feedback', 'Because'], hint: ['Hint', 'Clue', 'Tip'], points: ['Points', 'Marks'],
    unit: ['point', 'points', 'mark', 'marks', 'pts'], title: ['Quick check', 'Unit test', 'Evening quiz, group 2', 'Revision sheet'], part: ['Part', 'Section', 'Chapter'], true: ['True', 'T', 'true'], false: ['False', 'F', 'false'],
    told: ['Choose the right answer.', 'The right answer carries a sign.', 'Please read every question with care.', 'Each question has one right answer.'], bank: ['Word bank', 'Words'], prefix: ['True or false', 'True/False'], difficulty: ['Difficulty', 'Level'], levels: ['easy', 'medium', 'hard'],
  },
  de: {
    question: ['Frage', 'Aufgabe', 'F', 'Nr.'], answer: ['Antwort', 'Richtige Antwort', 'Lösung', 'Richtig', 'Korrekte Antwort'], list: ['Lösungen', 'Antworten', 'Lösungsschlüssel'], explanation: ['Erklärung', 'Begründung', 'Hinweis zur Lösung', 'Erläuterung'], hint: ['Tipp', 'Hinweis'],
    points: ['Punkte'], unit: ['Punkt', 'Punkte', 'P'], title: ['Lernkontrolle', 'Kurztest, Gruppe 2', 'Wiederholung'], part: ['Teil', 'Abschnitt', 'Kapitel'], true: ['wahr', 'richtig', 'W'], false: ['falsch', 'F'], told: ['Kreuzt die richtige Antwort an.', 'Lest jede Frage genau.'],
    bank: ['Wörter'], prefix: ['Wahr oder falsch', 'Richtig oder falsch'], difficulty: ['Schwierigkeit'], levels: ['leicht', 'mittel', 'schwer'],
  },
  fr: {
    question: ['Question', 'Q', 'N°'], answer: ['Réponse', 'Bonne réponse', 'Rép', 'Réponse correcte', 'Solution'], list: ['Corrigé', 'Réponses', 'Solutions'], explanation: ['Explication', 'Justification', 'Pourquoi'], hint: ['Indice', 'Aide'], points: ['Points', 'Barème'],
    unit: ['point', 'points', 'pt', 'pts'], title: ['Contrôle', 'Interrogation', 'Révision'], part: ['Partie', 'Chapitre'], true: ['vrai', 'V'], false: ['faux', 'F'], told: ['Cochez la bonne réponse.', 'Lisez bien chaque question.'], bank: ['Mots'], prefix: ['Vrai ou faux'], difficulty: ['Difficulté'], levels: ['facile', 'moyen', 'difficile'],
  },
  es: {
    question: ['Pregunta', 'P'], answer: ['Respuesta', 'Respuesta correcta', 'Solución', 'Clave'], list: ['Respuestas', 'Soluciones'], explanation: ['Explicación', 'Por qué', 'Comentario'], hint: ['Pista', 'Ayuda'], points: ['Puntos'], unit: ['punto', 'puntos'], title: ['Prueba', 'Examen corto', 'Repaso'],
    part: ['Parte', 'Tema'], true: ['verdadero', 'V'], false: ['falso', 'F'], told: ['Marca la respuesta correcta.', 'Lee bien cada pregunta.'], bank: ['Palabras'], prefix: ['Verdadero o falso'], difficulty: ['Dificultad'], levels: ['fácil', 'media', 'difícil'],
  },
  nl: {
    question: ['Vraag', 'V', 'Opgave'], answer: ['Antwoord', 'Juiste antwoord', 'Goed antwoord', 'Oplossing'], list: ['Antwoorden', 'Oplossingen'], explanation: ['Uitleg', 'Toelichting', 'Waarom'], hint: ['Hint', 'Tip'], points: ['Punten'], unit: ['punt', 'punten', 'p'], title: ['Toets', 'Quiz van de week', 'Herhaling'],
    part: ['Deel', 'Hoofdstuk'], true: ['waar', 'juist', 'W'], false: ['onwaar', 'onjuist', 'O'], told: ['Kies het goede antwoord.', 'Lees elke vraag goed.'], bank: ['Woorden'], prefix: ['Waar of niet waar'], difficulty: ['Moeilijkheid'], levels: ['makkelijk', 'gemiddeld', 'moeilijk'],
  },
};

const ROMAN = ['i', 'ii', 'iii', 'iv', 'v', 'vi', 'vii', 'viii', 'ix', 'x', 'xi', 'xii'];
const CIRCLED = '①②③④⑤⑥⑦⑧⑨⑩';
const letter = (n, upper) => String.fromCharCode((upper ? 65 : 97) + n);

/** Labels before questions: the label of the nth, from 0. */
const STEM_LABELS = {
  'none': () => '',
  '1.': (n) => `${n + 1}. `, '1)': (n) => `${n + 1}) `, '(1)': (n) => `(${n + 1}) `, '[1]': (n) => `[${n + 1}] `, '1 -': (n) => `${n + 1} - `, '1.-': (n) => `${n + 1}.- `, '1°)': (n) => `${n + 1}°) `, '1/': (n) => `${n + 1}/ `, '1:': (n) => `${n + 1}: `, '1.)': (n) => `${n + 1}.) `, '01.': (n) => `${String(n + 1).padStart(2, '0')}. `,
  'Q1': (n, w) => `${w[0]}${n + 1} `, 'Q1.': (n, w) => `${w[0]}${n + 1}. `, 'Q1:': (n, w) => `${w[0]}${n + 1}: `, 'Q.1': (n, w) => `${w[0]}.${n + 1} `, 'Word 1:': (n, w, word) => `${word} ${n + 1}: `, 'Word 1.': (n, w, word) => `${word} ${n + 1}. `, 'Word 1 -': (n, w, word) => `${word} ${n + 1} - `, 'Word 1 alone': (n, w, word) => `${word} ${n + 1}\n`, 'Word:': (n, w, word) => `${word}: `, 'No 1': (n) => `No ${n + 1} `, '#1': (n) => `#${n + 1} `, 'I.': (n) => `${ROMAN[n].toUpperCase()}. `, 'bold': () => '',
};
/** Labels before options: the label of the nth, from 0. */
const OPTION_LABELS = {
  'a)': (n) => `${letter(n)}) `, 'A)': (n) => `${letter(n, true)}) `, 'a.': (n) => `${letter(n)}. `, 'A.': (n) => `${letter(n, true)}. `, '(a)': (n) => `(${letter(n)}) `, '(A)': (n) => `(${letter(n, true)}) `, 'A:': (n) => `${letter(n, true)}: `, 'A -': (n) => `${letter(n, true)} - `, 'a/': (n) => `${letter(n)}/ `, 'A tab': (n) => `${letter(n, true)}\t`, '[A]': (n) => `[${letter(n, true)}] `, 'a-': (n) => `${letter(n)}- `,
  'i)': (n) => `${ROMAN[n]}) `, '1)': (n) => `${n + 1}) `, '1.': (n) => `${n + 1}. `, '(1)': (n) => `(${n + 1}) `, '①': (n) => `${CIRCLED[n]} `, '-': () => '- ', '•': () => '• ', '*': () => '* ', '○': () => '○ ', 'indent': () => '    ', 'none': () => '',
};

/** How the right option is told. */
const KEYS = ['star before', 'star behind', 'tick before', 'tick behind', 'plus minus', '(x)', '[x]', '(right)', 'arrow', 'line letter', 'line text', 'line both', 'list', 'list in one line', 'list across', 'in brackets', 'bold', 'underline', 'mark', 'first none'];

const wordOf = (r, w, name) => r.pick(w[name]);
const cap = (text) => text[0].toUpperCase() + text.slice(1);

/** A manner that a whole text keeps to. */
function drawManner(r, language) {
  const isDocument = r.chance(0.35);
  const key = r.weighted({ 'star before': 4, 'star behind': 3, 'tick before': 2, 'tick behind': 2, 'plus minus': 1, '(x)': 1, '[x]': 1, '(right)': 1, arrow: 1, 'line letter': 8, 'line text': 3, 'line both': 3, list: 3, 'list in one line': 2, 'list across': 1, 'in brackets': 2, ...(isDocument ? { bold: 6, underline: 3, mark: 4 } : {}) });
  const stem = r.weighted({ none: 4, '1.': 8, '1)': 5, '(1)': 1, '[1]': 1, '1 -': 2, '1.-': 1, '1°)': 1, '1/': 1, '1:': 1, '1.)': 1, '01.': 1, Q1: 1, 'Q1.': 1, 'Q1:': 2, 'Q.1': 1, 'Word 1:': 3, 'Word 1.': 1, 'Word 1 -': 1, 'Word 1 alone': 1, 'Word:': 1, 'No 1': 1, '#1': 1, 'I.': 1, ...(isDocument ? { automatic: 7, bold: 2 } : {}) });
  const needsLetters = key.startsWith('line letter') || key === 'line both' || key.startsWith('list') || key === 'in brackets';
  const option = r.weighted(needsLetters
    ? { 'a)': 8, 'A)': 4, 'a.': 4, 'A.': 5, '(a)': 2, '(A)': 2, 'A:': 2, 'A -': 2, 'a/': 1, 'A tab': 1, '[A]': 1, 'a-': 1, ...(isDocument ? { automatic: 6 } : {}) }
    : { 'a)': 6, 'A)': 3, 'a.': 4, 'A.': 4, '(a)': 1, 'A:': 1, 'A -': 1, 'a/': 1, 'i)': 1, '1)': stem === 'none' ? 2 : 1, '①': 1, '-': 5, '•': 3, '○': key.includes('(') || key.includes('[') ? 0 : 1, '*': key.includes('star') ? 0 : 1, none: stem === 'none' ? 1 : 4, indent: 2, ...(isDocument ? { automatic: 6 } : {}) });
  return { language, isDocument, key, stem, option, blank: r.weighted({ between: 6, none: stem === 'none' || stem === 'bold' ? 0 : 2, all: option === 'none' || option === 'indent' ? 0 : 1 }), inline: !['bold', 'underline', 'mark'].includes(key) && (needsLetters || !['line text'].includes(key) ? r.chance(0.1) && /^[([]?[aA1]/.test(option) && option !== 'automatic' : false), stemSplit: r.chance(0.1), title: r.chance(0.5), told: r.chance(0.25), parts: r.chance(0.15), points: r.weighted({ none: 8, brackets: 2, line: 1 }), explanation: r.chance(0.2), hint: r.chance(0.08), difficulty: r.chance(0.05), restart: r.chance(0.5) };
}

const line = (text, more = {}) => ({ text, ...more });

/** One option's line with its sign. */
function optionLine(r, manner, text, n, isRight, w) {
  const label = manner.option === 'automatic' ? '' : OPTION_LABELS[manner.option](n);
  const signed = {
    'star before': isRight ? (manner.starBeforeLabel ? ['*', text] : ['', `*${manner.spaced ? ' ' : ''}${text}`]) : ['', text],
    'star behind': ['', isRight ? `${text}${manner.spaced ? ' ' : ''}*` : text], 'tick before': ['', isRight ? `✓ ${text}` : text], 'tick behind': ['', isRight ? `${text} ${manner.tick}` : text],
    'plus minus': [isRight ? '+ ' : '- ', text], '(x)': ['', `${isRight ? '(x)' : '( )'} ${text}`], '[x]': ['', `${isRight ? '[x]' : '[ ]'} ${text}`], '(right)': ['', isRight ? `${text} (${manner.rightWord})` : text], arrow: [isRight ? '-> ' : '', text],
  }[manner.key] ?? ['', text];
  const [before, body] = signed;
  const own = manner.key === 'plus minus' && ['-', '•', '*', 'none', 'indent', 'automatic'].includes(manner.option) ? '' : label;
  const look = { bold: { bold: true }, underline: { underline: true }, mark: { mark: true } }[manner.key];
  const full = `${before}${own}${body}`;
  const runs = manner.isDocument && look && isRight ? [...(own ? [{ text: own }] : []), { text: body, ...look }] : undefined;
  return line(full, { ...(runs ? { runs } : {}), ...(manner.option === 'automatic' ? { label: `${letter(n, manner.upper)}${manner.labelSign}`, level: manner.level } : {}) });
}

function keyWords(rights, texts, key, manner, w, r) {
  const label = (n) => (/^[A[(]?[A]/.test(manner.option) || manner.upper ? letter(n, true) : letter(n));
  const letters = rights.map(label).join(manner.keyJoin);
  if (key === 'line text') return rights.map((n) => texts[n]).join('; ');
  if (key === 'line both') return rights.length > 1 ? letters : `${letters}${manner.bothJoin}${texts[rights[0]]}`;
  return letters;
}

const fieldLine = (manner, word, text) => line(`${word}${manner.colon}${text}`);

/** The lines of one question, and what it means. */
function question(r, manner, w, drawn, n) {
  const { item } = drawn;
  const out = [];
  const pointsText = manner.points === 'brackets' ? ` (${r.int(1, 4)} ${wordOf(r, w, 'unit')})` : '';
  const truth = { kind: item.kind, stem: item.stem };
  const stemLabel = manner.stem === 'automatic' ? '' : STEM_LABELS[manner.stem](n, manner.word, manner.word);
  const stemLines = (text) => {
    const whole = text + pointsText;
    const words = whole.split(' ');
    const parts = manner.stemSplit && words.length > 7 ? [words.slice(0, 5).join(' '), words.slice(5).join(' ')] : [whole];
    const labelled = stemLabel.split('\n');
    if (labelled.length > 1) out.push(line(labelled[0]));
    const before = labelled.length > 1 ? '' : stemLabel;
    parts.forEach((part, index) => out.push(line(index ? `${manner.wrap}${part}` : before + part, {
      ...(manner.stem === 'automatic' && !index ? { label: `${n + 1}${manner.stemSign}`, level: 0 } : {}),
      ...(manner.stem === 'bold' ? { runs: [{ text: index ? `${manner.wrap}${part}` : before + part, bold: true }] } : {}),
    })));
  };
  const answer = (text) => out.push(fieldLine(manner, manner.answerWord, text));
  if (drawn.options) {
    stemLines(item.stem);
    const lines = drawn.options.map((text, at) => optionLine(r, manner, text, at, drawn.rights.includes(at), w));
    if (manner.inline) out.push(line(lines.map(({ text }) => text).join(manner.inlineBy)));
    else lines.forEach((one, at) => { if (manner.blank === 'all') out.push(line('')); out.push(one); });
    truth.kind = drawn.rights.length > 1 ? 'choice-many' : 'choice-one';
    truth.options = drawn.options;
    truth.key = drawn.rights;
    const told = keyWords(drawn.rights, drawn.options, manner.key, manner, w, r);
    if (manner.key.startsWith('line')) answer(told);
    if (manner.key === 'in brackets') out.push(line(`(${told})`));
    truth.told = told;
  } else if (item.kind === 'true-false') {
    truth.trueFalse = item.truth;
    const word = item.truth ? manner.trueWord : manner.falseWord;
    if (manner.truthStyle === 'behind') stemLines(`${item.stem} (${word})`);
    else { stemLines(manner.truthStyle === 'prefix' ? `${manner.prefix}: ${item.stem}` : item.stem); answer(word); }
  } else if (item.kind === 'short') {
    stemLines(item.stem); answer(item.accepted.join(manner.orJoin)); truth.accepted = item.accepted;
  } else if (item.kind === 'number') {
    stemLines(item.stem); answer(`${item.value}${item.tolerance ? ` ± ${item.tolerance}` : ''}${item.unit ? ` ${item.unit}` : ''}`); truth.number = true;
  } else if (item.kind === 'gap') {
    stemLines(item.stem.replace(/\{[^}]+\}/g, '_____')); answer(item.gaps.map((gap) => gap[0]).join(manner.gapJoin)); truth.gaps = item.gaps.map((gap) => gap[0]); truth.stem = undefined;
  } else if (item.kind === 'open') {
    stemLines(item.stem); if (manner.rule) for (let k = 0; k < 3; k++) out.push(line('______________________________'));
  } else if (item.kind === 'order') {
    stemLines(item.stem); item.steps.forEach((step, at) => out.push(line(`${at + 1}) ${step}`.replace(/^\d+\)/, manner.stepLabel === 'number' ? `${at + 1})` : '-')))); truth.steps = item.steps;
  } else if (item.kind === 'match') {
    stemLines(item.stem); item.pairs.forEach(([a, b]) => out.push(line(`${a}${manner.pairJoin}${b}`))); truth.pairs = item.pairs;
  }
  if (manner.hint) out.push(fieldLine(manner, manner.hintWord, r.pick(drawn.hints)));
  if (manner.points === 'line') out.push(fieldLine(manner, manner.pointsWord, String(r.int(1, 4))));
  if (manner.explanation && item.explanation) { out.push(fieldLine(manner, manner.explanationWord, item.explanation)); truth.explanation = item.explanation; }
  if (manner.difficulty) out.push(fieldLine(manner, manner.difficultyWord, r.pick(w.levels)));
  return { lines: out, truth };
}

/** A drawn text with its truth. */
export function drawText(seed, n, material) {
  const r = randomFrom((Math.imul(seed, 700_001) + n * 97) | 0);
  const language = r.weighted({ en: 6, de: 3, fr: 3, es: 2, nl: 2 });
  const w = WORDS[language];
  const bank = material.banks[language];
  const manner = drawManner(r, language);
  const firstTheme = r.pick(bank.themes);
  const count = r.int(4, 9);
  Object.assign(manner, {
    word: wordOf(r, w, 'question'), answerWord: wordOf(r, w, 'answer'), explanationWord: wordOf(r, w, 'explanation'), hintWord: wordOf(r, w, 'hint'), pointsWord: wordOf(r, w, 'points'), difficultyWord: wordOf(r, w, 'difficulty'), rightWord: r.pick(['richtig', 'correct', 'right'].slice(language === 'de' ? 0 : 1)), colon: r.pick([': ', ': ', ' : ', ' - ', ':\t', ' = ']), starBeforeLabel: r.chance(0.4), spaced: r.chance(0.5), tick: r.pick(['✓', '✔', '←', '✅']),
    upper: r.chance(0.5), labelSign: r.pick(['.', ')']), stemSign: r.pick(['.', ')']), level: r.pick([0, 1]), keyJoin: r.pick([', ', ' & ', ',', ` ${{ en: 'and', de: 'und', fr: 'et', es: 'y', nl: 'en' }[language]} `, '; ']), bothJoin: r.pick([' – ', ') ', '. ', ': ', ' - ']), wrap: r.pick(['', '   ']), inlineBy: r.pick(['\t', '   ', '    ', '  ']), truthStyle: r.pick(['line', 'behind', 'prefix']), trueWord: '', falseWord: '', prefix: wordOf(r, w, 'prefix'), orJoin: r.pick([' / ', '; ', ' / ']), gapJoin: r.pick(['; ', ' / ', ', ']), pairJoin: r.pick([' = ', ' -> ', ' – ', ' → ', '\t']), stepLabel: r.pick(['number', 'bullet']), rule: r.chance(0.5),
  });
  const pairAt = r.int(0, w.true.length - 1);
  manner.trueWord = w.true[pairAt]; manner.falseWord = w.false[Math.min(pairAt, w.false.length - 1)];
  const single = drawItems(r, bank, 'choice-one', count, () => true, firstTheme);
  const manyCount = manner.key === 'line both' ? 0 : r.chance(0.3) ? 1 : 0;
  const many = drawItems(r, bank, 'choice-many', manyCount, () => true, firstTheme);
  const rows = choiceRows(r, [...single, ...many], { columns: r.int(3, 5), ragged: r.chance(0.4) }).filter(({ options, rights }) => rights.length < options.length);
  const others = ['line letter', 'line text', 'line both'].includes(manner.key) && r.chance(0.5)
    ? r.some(['true-false', 'short', 'number', 'gap', 'open'], r.int(1, 3)).flatMap((kind) => drawItems(r, bank, kind, 1, () => true, firstTheme))
    : r.chance(0.12) ? r.some(['match', 'order', 'open'], 1).flatMap((kind) => drawItems(r, bank, kind, 1, () => true, firstTheme)) : [];
  const all = r.shuffle([...rows, ...others.map((item) => ({ item }))]).map((drawn) => ({ ...drawn, hints: bank.hints }));
  const lines = [];
  if (manner.title) lines.push(line(wordOf(r, w, 'title'), manner.isDocument && r.chance(0.5) ? { heading: 1 } : {}), line(''));
  if (manner.told) lines.push(line(wordOf(r, w, 'told')), line(''));
  const truth = [];
  const partAt = manner.parts ? [0, Math.ceil(all.length / 2)] : [];
  let number = 0;
  all.forEach((drawn, index) => {
    if (partAt.includes(index)) {
      const which = partAt.indexOf(index);
      const name = `${manner.partWord ??= wordOf(r, w, 'part')} ${r.chance(0.5) ? which + 1 : letter(which, true)}: ${cap(bank.themes[which % bank.themes.length].name)}`;
      lines.push(line(name, manner.isDocument && (manner.partHeading ??= r.chance(0.7)) ? { heading: 2 } : {}), line(''));
      if (manner.restart && !manner.key.startsWith('list')) number = 0;
    }
    const made = question(r, manner, w, drawn, number++);
    lines.push(...made.lines);
    truth.push(made.truth);
    if (manner.blank !== 'none') lines.push(line(''));
  });
  if (manner.key.startsWith('list')) {
    lines.push(line(''), line(wordOf(r, w, 'list'), manner.isDocument && r.chance(0.4) ? { heading: 2 } : {}));
    const entries = truth.map((one, index) => [index + 1, one.told]);
    const joiner = r.pick(['. ', ') ', ': ', ' - ', ' ', '']);
    if (manner.key === 'list') entries.forEach(([k, told]) => told && lines.push(line(`${k}${joiner || '. '}${told}`)));
    else if (manner.key === 'list in one line') lines.push(line(entries.filter(([, told]) => told).map(([k, told]) => `${k}${joiner}${told}`).join(r.pick([', ', '  ', '; ', ' ']))));
    else { lines.push(line(entries.map(([k]) => k).join('\t'))); lines.push(line(entries.map(([, told]) => told ?? '–').join('\t'))); }
  }
  const factors = { language, key: manner.key, stem: manner.stem, option: manner.option, blank: manner.blank, document: manner.isDocument, inline: manner.inline, 'stem over two lines': manner.stemSplit, title: manner.title, told: manner.told, parts: manner.parts, points: manner.points, explanation: manner.explanation, hint: manner.hint, difficulty: manner.difficulty, colon: manner.colon, kinds: [...new Set(truth.map(({ kind }) => kind))] };
  const numbered = lines.map((one, index) => ({ line: index + 1, ...one }));
  return { lines: numbered, text: lines.map(({ text }) => text).join('\n'), isDocument: manner.isDocument, truth, factors };
}
