// One case of a blank: draws what a receiver publishes and how it says its rules, and says what its text undisputably tells.
import { Grid, address, letters } from './grid.mjs';
import { allNumeric, capacity, choiceRows, drawItems } from './questions.mjs';
import { delimited, encode, fitsWindows1252 } from './text-files.mjs';
import { numbered, plainOf, styles, vocabulary } from './vocabulary.mjs';
import { joinWord, tagNames } from './words-of-code.mjs';
import { rangeOn, workbook } from './workbook.mjs';

const alphabet = 'ABCDEFGHIJ';
const lookOf = {
  snake_case: (words) => words.replace(/ /g, '_'),
  camelCase: (words) => words.replace(/ (\S)/g, (_, char) => char.toUpperCase()),
  'kebab-case': (words) => words.replace(/ /g, '-'),
  UPPER_CASE: (words) => words.replace(/ /g, '_').toUpperCase(),
};
const codeSets = [
  { 'choice-one': 'SC', 'choice-many': 'MC', 'true-false': 'TF', 'short': 'SA', 'number': 'NU', 'match': 'MA', 'order': 'OR', 'gap': 'GP', 'open': 'ES' },
  { 'choice-one': 'Q1', 'choice-many': 'QN', 'true-false': 'QB', 'short': 'QT', 'number': 'QD', 'match': 'QP', 'order': 'QS', 'gap': 'QG', 'open': 'QE' },
  { 'choice-one': '1', 'choice-many': '2', 'true-false': '3', 'short': '4', 'number': '5', 'match': '6', 'order': '7', 'gap': '8', 'open': '9' },
  { 'choice-one': 'a', 'choice-many': 'b', 'true-false': 'c', 'short': 'd', 'number': 'e', 'match': 'f', 'order': 'g', 'gap': 'h', 'open': 'i' },
];
const plainCodes = { 'choice-one': 'single_choice', 'choice-many': 'multiple_response', 'true-false': 'true_false', 'short': 'short_answer', 'number': 'numeric', 'match': 'matching', 'order': 'ordering', 'gap': 'gap_text', 'open': 'essay' };
const markers = ['*', '+', '#', '>>', '=>', '[x]', '(+)', '✓', '@', '^', '»', '!!'];

/** Draws headings by role in the look of this receiver; null where there is no word. */
function headingDrawer(r, words, language, look) {
  if (!lookOf[look]) {
    const word = vocabulary(r, words, language, look);
    return (role) => word(role);
  }
  const pools = words.languages[language].identifiers;
  const taken = new Set();
  return (role) => {
    const pool = (pools[role] ?? []).filter((name) => !taken.has(name));
    if (!pool.length) return null;
    const name = r.pick(pool);
    taken.add(name);
    return lookOf[look](name);
  };
}

/** Draws one case: { extension, bytes, test }. */
export function learnCase(r, material) {
  const { words, banks } = material;
  const format = r.weighted({ xlsx: 68, csv: 22, tsv: 10 });
  const xlsx = format === 'xlsx';
  const speaking = Object.keys(words.languages).filter((code) => Object.keys(words.languages[code].say).length > 8 && banks[code]);
  const language = r.weighted(Object.fromEntries(speaking.map((code) => [code, code === 'en' ? 4 : 2])));
  const own = words.languages[language];
  const looks = styles.filter((style) => own.headings[style]?.stem);
  const look = r.weighted({
    ...Object.fromEntries(looks.map((style) => [style, { known: 30, synonym: 20, abbreviation: 14, jargon: 14, other: 40 }[style]])),
    ...(own.identifiers.stem ? { snake_case: 10, camelCase: 9, 'kebab-case': 3, UPPER_CASE: 4 } : {}),
  });
  const word = headingDrawer(r, words, language, look);
  const say = (name, slots = {}) => {
    const pool = own.say[name];
    return pool?.length ? r.pick(pool).replace(/\{(\w+)\}/g, (_, slot) => slots[slot] ?? '') : null;
  };
  const tellOfKey = (style) => (own.keyTells[style]?.length ? ` (${r.pick(own.keyTells[style])})` : '');
  const separatorName = (sign) => own.say.separators?.[sign];
  const purpose = r.weighted({ 'one kind of choice': 44, 'several kinds': 26, 'true or false': 8, 'cards': 5, 'right and wrong columns': 6, 'right and joined wrong ones': 6, 'pairs': 3, 'steps': 3, 'options in one cell': 5 });
  const bank = banks[language];
  const factors = { call: 'learn', purpose, headings: { known: 'friendly', synonym: 'synonyms', abbreviation: 'terse' }[look] ?? look, language, format };
  const layout = { shape: 'rows', key: {}, limits: {}, kinds: [] };

  // What the receiver says about itself, each in one place.
  const notes = [], comments = [], rules = [], suffixes = new Map(), second = new Map();
  const columns = [];
  const add = (role, heading, more = {}) => {
    if (!heading) return null;
    const column = { role, heading, ...more };
    columns.push(column);
    return column;
  };

  // The columns of the question itself.
  const count = Number(r.weighted({ 3: 3, 4: 10, 5: 5, 6: 4, 8: 1 }));
  const form = r.weighted({ 'word-number': 45, 'word-letter': 18, 'alike': 12, 'letter': 8, 'number': 7 });
  const labels = (n) => (form.includes('letter') ? alphabet[n] : String(n + 1));
  const numberedHeads = (role, many, bare = true) => {
    const pattern = word(role);
    if (!pattern) return null;
    factors['option headings'] = role === 'option' ? form : factors['option headings'];
    return Array.from({ length: many }, (_, n) => {
      if (lookOf[look]) return pattern.includes('#') ? pattern.replace('#', labels(n)) : `${pattern}_${labels(n)}`;
      if (bare && (form === 'letter' || form === 'number')) return labels(n);
      if (form === 'alike' && plainOf(pattern)) return plainOf(pattern);
      return numbered(pattern, labels(n));
    });
  };
  let keyStyle = '';
  let core = [];
  const stemRole = { 'true or false': 'statement', cards: 'term' }[purpose] ?? 'stem';
  const stem = { role: 'stem', heading: word(stemRole) ?? (stemRole === 'term' ? null : word('stem')) };
  if (!stem.heading) return null;
  const several = purpose === 'several kinds' || r.chance(0.25);
  if (purpose === 'one kind of choice' || purpose === 'several kinds') {
    // Options headed 1 to 4 whose numbers count from 0 are a trap that no receiver would set.
    keyStyle = r.weighted({ letter: 20, number: 20, 'number-from-0': form === 'number' ? 0 : 10, text: 14, marker: 14, verdict: 12, weight: purpose === 'several kinds' ? 0 : 7, first: purpose === 'several kinds' || several ? 0 : 8 });
    const heads = numberedHeads('option', count);
    if (!heads) return null;
    const options = heads.map((heading, n) => ({ role: 'option', n: n + 1, heading }));
    if (keyStyle === 'verdict' || keyStyle === 'weight') {
      const beside = numberedHeads(keyStyle, count, false);
      if (!beside) return null;
      core = options.flatMap((option, n) => [option, { role: keyStyle, n: n + 1, heading: beside[n] }]);
    } else if (keyStyle === 'marker' || keyStyle === 'first') core = options;
    else {
      const key = { role: 'key', heading: word('key') };
      if (!key.heading) return null;
      core = r.chance(0.75) ? [...options, key] : [key, ...options];
    }
  } else if (purpose === 'options in one cell') {
    keyStyle = r.pick(['text', 'letter']);
    core = [{ role: 'options', heading: word('options') + r.pick(['', ' (|)', ' (2–5)', ' (separated by /)']) }, { role: 'key', heading: word('key') }];
    if (!word('kind')) return null;
  } else if (purpose === 'true or false') {
    keyStyle = 'word';
    core = [{ role: 'key', heading: word('truth') ?? word('key') }];
  } else if (purpose === 'cards') {
    core = [{ role: 'accepted', heading: word('definition') }];
  } else if (purpose === 'right and wrong columns') {
    keyStyle = 'right-column';
    const wrongs = numberedHeads('wrong', r.int(2, 4), false);
    core = [{ role: 'right', heading: word('right') }, ...(wrongs ?? ['']).map((heading, n) => ({ role: 'wrong', heading, at: n }))];
  } else if (purpose === 'right and joined wrong ones') {
    keyStyle = 'right-column';
    core = [{ role: 'right', heading: word('right') }, { role: 'wrongs', heading: word('wrongs') }];
  } else if (purpose === 'pairs') {
    const many = r.int(3, 5), left = numberedHeads('left', many, false), right = numberedHeads('rightside', many, false);
    core = left && right ? left.flatMap((heading, n) => [{ role: 'left', n: n + 1, heading }, { role: 'right-side', n: n + 1, heading: right[n] }]) : [{ heading: '' }];
  } else {
    core = (numberedHeads('step', r.int(4, 6), false) ?? ['']).map((heading, n) => ({ role: 'step', n: n + 1, heading }));
  }
  if (core.some((column) => !column.heading)) return null;
  // Now and then a word on each option is asked for behind it.
  if (core.some((column) => column.role === 'option') && r.chance(0.08)) {
    const pattern = word('feedback');
    if (pattern) {
      const isLast = (n) => core[n].role === 'option' ? !['verdict', 'weight'].includes(core[n + 1]?.role) : ['verdict', 'weight'].includes(core[n].role);
      core = core.flatMap((column, n) => (isLast(n) ? [column, { role: 'feedback', n: column.n, heading: lookOf[look] ? `${pattern}_${column.n}` : numbered(pattern, column.n) }] : [column]));
    }
  }
  factors.key = keyStyle || 'none';

  // Columns beside it, some before, some behind.
  const front = [], behind = [];
  const beside = { 'number-in-file': ['number', 0.16], ref: ['ref', 0.12], category: ['category', 0.16], points: ['points', 0.3], seconds: ['seconds', 0.34], attempts: ['attempts', 0.07], hint: ['hint', 0.16], explanation: ['explanation', 0.26], tags: ['tags', 0.14], image: ['image', 0.12], 'image-alt': ['imagealt', 0.05], title: ['title', 0.05], by: ['by', 0.05], use: ['use', 0.05], shuffle: ['shuffle', 0.06], across: ['across', 0.04], lines: ['lines', 0.05], endings: ['endings', 0.04], tag: ['tagname', 0.08], tagtwo: ['tagname', 0.05] };
  for (const [role, [name, chance]] of Object.entries(beside)) {
    if (!r.chance(purpose === 'cards' ? chance / 2 : chance)) continue;
    if (role === 'image-alt' && !behind.concat(front).some((column) => column.role === 'image')) continue;
    if (role === 'tagtwo' && !behind.some((column) => column.role === 'tag')) continue;
    const heading = word(name);
    if (!heading) continue;
    (role === 'number-in-file' ? front : ['ref', 'category', 'points'].includes(role) && r.chance(0.5) ? front : behind).push({ role: role === 'tagtwo' ? 'tag' : role, heading });
  }
  front.sort((a, b) => (b.role === 'number-in-file') - (a.role === 'number-in-file'));
  if (purpose === 'several kinds') {
    const heading = word('kind');
    if (!heading) return null;
    (r.chance(0.7) ? front : behind).push({ role: 'kind', heading });
  }
  if (r.chance(0.07) && own.say.ignore?.length) behind.push({ role: 'ignore', heading: r.pick(own.say.ignore) });
  const constant = r.chance(0.07) && own.say.constant?.length ? { role: 'constant', heading: r.pick(['Version', 'Schema', 'Format']), value: r.pick(['2', 'v3', 'Q', 'quiz']) } : null;
  if (constant) (r.chance(0.6) ? front : behind).unshift(constant);
  columns.push(...front, stem, ...core, ...behind);
  if (new Set(columns.filter((c) => c.role !== 'option' && c.role !== 'verdict' && c.role !== 'weight' && c.role !== 'wrong').map((c) => c.heading.toLowerCase())).size
    !== columns.filter((c) => c.role !== 'option' && c.role !== 'verdict' && c.role !== 'weight' && c.role !== 'wrong').length) return null;
  const left = xlsx ? Number(r.weighted({ 1: 70, 2: 18, 3: 12 })) : 1;
  columns.forEach((column, n) => { column.at = left + n; });
  const of = (role) => columns.filter((column) => column.role === role);

  // How it is said: limits, key, kinds, times, counts.
  const carrier = () => r.weighted(xlsx ? { note: 40, heading: 24, rule: 16, comment: 14, 'second row': 4 } : { note: 35, heading: 65 });
  const inWords = (n) => (own.say.limit?.length ? ` ${r.pick(own.say.limit).replace('{n}', n)}` : null);
  const told = (name, how) => { factors[`${name} is told`] = [...[factors[`${name} is told`] ?? []].flat(), how]; };
  for (const [name, role, chance, sizes] of [['stem', 'stem', 0.5, [80, 95, 100, 120, 140, 150, 180, 200, 250, 300]], ['option', 'option', 0.36, [30, 40, 50, 60, 75, 80, 100, 120]], ['hint', 'hint', 0.3, [60, 80, 100]], ['explanation', 'explanation', 0.3, [150, 200, 240, 400]]]) {
    const mine = of(role);
    if (!mine.length || !r.chance(chance) || purpose === 'cards') continue;
    const n = r.pick(sizes), how = carrier(), sentence = say(name, { n }), brief = inWords(n);
    if (how === 'note' && sentence && !(name === 'stem' && purpose === 'true or false')) notes.push(sentence);
    else if (how === 'comment' && (sentence || brief)) comments.push([mine[0], sentence ?? brief.trim()]);
    else if (how === 'rule') rules.push({ columns: mine, length: n, prompt: r.chance(0.3) ? sentence : undefined });
    else if (how === 'second row' && brief) mine.forEach((column) => second.set(column, brief.replace(/^[ (–-]+|[)\]]$/g, '').trim()));
    else if (brief && !lookOf[look]) mine.forEach((column) => suffixes.set(column, brief));
    else continue;
    layout.limits[name] = n;
    told(`limit of ${name}`, how === 'note' && !notes.includes(sentence) ? 'heading' : how);
  }
  if (r.chance(0.2)) {
    const n = r.pick([20, 25, 30, 40, 50, 60, 100, 150]), sentence = say('perFile', { n });
    if (sentence) { notes.push(sentence); layout.limits.perFile = n; factors['questions per file are told'] = 'yes'; }
  }
  if (of('option').length > 2 && r.chance(0.16)) {
    const sentence = say('optionsRange', { a: 2, b: count });
    if (sentence) { notes.push(sentence); layout.limits.optionsMin = 2; layout.limits.optionsMax = count; factors['number of options is told'] = 'yes'; }
  }

  // Lists to choose from, in the rule itself or on another sheet.
  const lists = [];
  const listRule = (mine, values) => {
    const away = values.some((value) => /[,"]/.test(String(value))) || values.join(',').length > 200 || r.chance(0.45);
    rules.push({ columns: mine, list: values, away });
    if (away) lists.push(values);
    factors['drop-down lists'] = [...new Set([...[factors['drop-down lists'] ?? []].flat(), away ? 'on another sheet' : 'in the cell'])];
  };
  const seconds = of('seconds');
  if (seconds.length && r.chance(0.5)) {
    const choice = r.some([5, 10, 15, 20, 25, 30, 40, 45, 60, 75, 90, 120], r.int(3, 6)).sort((a, b) => a - b);
    const sentence = say('seconds', { list: choice.join(', ') });
    if (xlsx && r.chance(0.6)) { listRule(seconds, choice); factors['times are told'] = 'list'; }
    else if (sentence) { notes.push(sentence); factors['times are told'] = 'note'; }
    if (factors['times are told']) layout.limits.seconds = choice;
  }

  // Kinds and the receiver's words for them.
  let codeOf = null, kinds = [];
  if (purpose === 'several kinds') {
    kinds = ['choice-one', 'choice-many', ...r.some(['true-false', 'short', 'open', 'order', 'match', 'gap', 'number'], r.int(1, 3))].filter((kind) => own.kinds[kind]?.length || plainCodes[kind]);
    const way = r.weighted({ words: own.kinds['choice-one'] ? 45 : 0, codes: own.kinds['choice-one'] && own.say.kinds ? 35 : 0, 'plain codes': 20 });
    const spoken = Object.fromEntries(kinds.map((kind) => [kind, own.kinds[kind]?.length ? r.pick(own.kinds[kind]) : plainCodes[kind]]));
    const set = r.pick(codeSets);
    codeOf = (kind) => (way === 'words' ? spoken[kind] : way === 'codes' ? set[kind] : plainCodes[kind]);
    const asList = xlsx && r.chance(0.6);
    if (asList) listRule(of('kind'), kinds.map(codeOf));
    if (way === 'codes') {
      notes.push(say('kinds'));
      if (r.chance(0.7)) for (const kind of kinds) notes.push(`${codeOf(kind)} = ${spoken[kind]}`);
      else notes.push(kinds.map((kind) => `${codeOf(kind)} = ${spoken[kind]}`).join('; '));
    } else if (!asList) notes.push(`${say('kinds') ?? ''} ${kinds.map(codeOf).join(', ')}`.trim());
    factors.kinds = way;
    factors['kinds are told'] = asList ? (way === 'codes' ? 'list and legend' : 'list') : 'note';
    layout.kinds = kinds.map((kind) => ({ kind, code: codeOf(kind) }));
  }

  // The key.
  const range = { letter: `A–${alphabet[count - 1]}`, number: `1–${count}`, 'number-from-0': `0–${count - 1}` }[keyStyle];
  const mark = r.pick(markers);
  let behindMark = '';
  const verdict = own.verdicts.length ? r.pick(own.verdicts) : ['1', '0'];
  const truth = own.truths.length ? r.pick(own.truths) : ['T', 'F'];
  let samples = Number(r.weighted({ 0: 34, 1: 18, 2: 22, 3: 18, 4: 8 }));
  const keyColumns = of('key');
  const sayKey = () => {
    const ways = { note: 45, heading: 0, list: 0, samples: 0, comment: xlsx ? 10 : 0 };
    if (['letter', 'number', 'number-from-0'].includes(keyStyle)) {
      if (own.keyTells[keyStyle]?.length && !lookOf[look]) ways.heading = 24;
      if (xlsx && purpose === 'one kind of choice' && !several) ways.list = 18;
    }
    if (keyStyle === 'text' && own.keyTells.text?.length && !lookOf[look]) ways.heading = 16;
    if (keyStyle === 'verdict' && xlsx) ways.list = 26;
    if (keyStyle === 'first') return r.weighted({ note: 6, comment: xlsx ? 3 : 0, heading: own.notes['first-heading']?.length && !lookOf[look] && form !== 'letter' && form !== 'number' ? 3 : 0 });
    ways.samples = 40;
    return r.weighted(ways);
  };
  if (keyStyle && !['right-column', 'weight', 'word'].includes(keyStyle)) {
    const slots = { range, mark, right: verdict[0], wrong: verdict[1] };
    let way = sayKey();
    const sentence = say(keyStyle, slots);
    if ((way === 'note' || way === 'comment') && !sentence) way = 'samples';
    if (keyStyle === 'marker' && (way === 'note' || way === 'comment') && r.chance(0.3)) behindMark = ' ';
    if (way === 'note') notes.push(sentence);
    else if (way === 'comment') comments.push([keyColumns[0] ?? of('option')[0], sentence]);
    else if (way === 'heading' && keyStyle === 'first') suffixes.set(of('option')[0], ` (${r.pick(own.notes['first-heading'])})${suffixes.get(of('option')[0]) ?? ''}`);
    else if (way === 'heading') suffixes.set(keyColumns[0], tellOfKey(keyStyle));
    else if (way === 'list') listRule(keyStyle === 'verdict' ? of('verdict') : keyColumns, keyStyle === 'verdict' ? verdict : Array.from({ length: count }, (_, n) => (keyStyle === 'letter' ? alphabet[n] : keyStyle === 'number' ? n + 1 : n)));
    else samples = Math.max(samples, /number/.test(keyStyle) ? 3 : 2);
    told('key', way);
  } else if (keyStyle === 'weight') {
    const sentence = say('weight');
    if (sentence && r.chance(0.5)) { notes.push(sentence); told('key', 'note'); } else { samples = Math.max(1, samples); told('key', 'samples'); }
  } else if (keyStyle === 'word') {
    if (xlsx && r.chance(0.5)) { listRule(keyColumns, truth); told('key', 'list'); } else { samples = Math.max(2, samples); told('key', 'samples'); }
  }
  const joining = r.pick([',', ';', '/', '|'].filter((sign) => separatorName(sign)));
  const severalKeys = several && ['letter', 'number', 'number-from-0'].includes(keyStyle);
  let separatorTold = false;
  if (severalKeys && joining && r.chance(0.6)) {
    const example = keyStyle === 'letter' ? `A${joining}C` : keyStyle === 'number' ? `1${joining}3` : `0${joining}2`;
    const sentence = say('several', { separator: separatorName(joining), example });
    if (sentence) { notes.push(sentence); separatorTold = true; factors['separator is told'] = 'note'; }
  }
  const wrongSign = r.pick(['|', ';', '/'].filter((sign) => separatorName(sign)));
  if (purpose === 'right and joined wrong ones') {
    const sentence = say('wrongs', { separator: separatorName(wrongSign), sign: wrongSign });
    if (sentence && r.chance(0.6)) { notes.push(sentence); told('separator', 'note'); } else { samples = Math.max(2, samples); told('separator', 'samples'); }
  }
  const tagSign = r.pick([',', ';', '|'].filter((sign) => separatorName(sign)));
  let tagsTold = false;
  if (of('tags').length) {
    const sentence = say('tags', { separator: separatorName(tagSign) });
    if (sentence && r.chance(0.6)) { notes.push(sentence); tagsTold = true; factors['tags are told'] = 'note'; }
  }
  if (constant) {
    notes.push(say('constant', { column: letters(constant.at), value: constant.value }));
    factors['column with a fixed value'] = 'yes';
  }
  if (of('ignore').length) factors['column to leave empty'] = 'yes';

  // Sample rows.
  const rows = sampleRows();
  if (rows === null) return null;
  function sampleRows() {
    if (!samples) return [];
    const theme = r.pick(bank.themes);
    const cells = [];
    if (of('option').length || of('options').length || /right/.test(purpose)) {
      const most = Math.min(count, 4, purpose === 'right and wrong columns' ? of('wrong').length + 1 : 9);
      let items = drawItems(r, bank, 'choice-one', samples, (item) => !allNumeric(item) && capacity(item) >= most && ![...item.rights, ...item.wrongs].some((text) => text.includes(wrongSign)), theme);
      if (severalKeys && (samples > 1 || separatorTold) && r.chance(0.7)) items = [...items.slice(0, -1), ...drawItems(r, bank, 'choice-many', 1, (item) => item.rights.length < most, theme)];
      else if (several && keyStyle === 'marker' && samples > 1 && r.chance(0.6)) items = [...items.slice(0, -1), ...drawItems(r, bank, 'choice-many', 1, (item) => item.rights.length < most, theme)];
      if (items.length < samples) return null;
      let drawn = null;
      for (let k = 0; k < 60; k++) {
        const draft = choiceRows(r, items, { columns: most, ragged: false, rightFirst: keyStyle === 'first' || keyStyle === 'right-column' });
        const ok = !/number/.test(keyStyle) || factors['key is told']?.[0] !== 'samples'
          || (draft.some((row) => row.rights.includes(row.options.length - 1) && row.options.length === most) && (keyStyle === 'number' || draft.some((row) => row.rights.includes(0))) && new Set(draft.map((row) => row.rights.join())).size > 1 && most === count);
        if (ok) { drawn = draft; break; }
      }
      if (!drawn) return null;
      for (const row of drawn) {
        const cell = new Map([[stem, row.item.stem]]);
        of('option').forEach((column, n) => {
          const text = row.options[n];
          cell.set(column, text === undefined ? '' : keyStyle === 'marker' && row.rights.includes(n) ? `${mark}${behindMark}${text}` : text);
        });
        of('verdict').forEach((column, n) => cell.set(column, row.options[n] === undefined ? '' : row.rights.includes(n) ? verdict[0] : verdict[1]));
        of('weight').forEach((column, n) => cell.set(column, row.options[n] === undefined ? '' : row.rights.includes(n) ? 100 / row.rights.length : 0));
        if (keyColumns.length) {
          const marks = row.rights.map((n) => (keyStyle === 'letter' ? alphabet[n] : keyStyle === 'number' ? String(n + 1) : keyStyle === 'number-from-0' ? String(n) : row.options[n]));
          const text = marks.join(joining ?? ',');
          cell.set(keyColumns[0], xlsx && /^\d$/.test(text) && r.chance(0.7) ? Number(text) : text);
          if (row.rights.length > 1 && keyStyle !== 'text') { separatorTold = true; factors['separator is told'] ??= 'samples'; }
        }
        of('options').forEach((column) => cell.set(column, row.options.join(r.pick([' | ', ' / ', '; ']))));
        of('right').forEach((column) => cell.set(column, row.options[0]));
        of('wrong').forEach((column, n) => cell.set(column, row.options[n + 1] ?? ''));
        of('wrongs').forEach((column) => cell.set(column, row.options.slice(1).join(r.chance(0.5) ? wrongSign : ` ${wrongSign} `)));
        of('kind').forEach((column) => cell.set(column, codeOf(row.rights.length > 1 ? 'choice-many' : 'choice-one')));
        cells.push({ item: row.item, cell });
      }
    } else {
      const kind = { 'true or false': 'true-false', cards: 'card', pairs: 'match', steps: 'order' }[purpose];
      const items = drawItems(r, bank, kind, samples, (item) => kind !== 'order' || item.steps.length <= of('step').length, theme);
      if (items.length < Math.min(samples, 2) || (kind === 'true-false' && !(items.some((i) => i.truth) && items.some((i) => !i.truth)) && factors['key is told']?.[0] === 'samples')) return null;
      for (const item of items) {
        const cell = new Map([[stem, item.stem]]);
        if (kind === 'true-false') cell.set(keyColumns[0], truth[item.truth ? 0 : 1]);
        of('accepted').forEach((column) => cell.set(column, item.accepted[0]));
        of('left').forEach((column, n) => cell.set(column, item.pairs[n]?.[0] ?? ''));
        of('right-side').forEach((column, n) => cell.set(column, item.pairs[n]?.[1] ?? ''));
        of('step').forEach((column, n) => cell.set(column, item.steps[n] ?? ''));
        cells.push({ item, cell });
      }
    }
    const times = layout.limits.seconds ?? [20, 30, 60];
    cells.forEach(({ item, cell }, n) => {
      const theme = item.from;
      const set = (role, value) => of(role).forEach((column) => cell.set(column, value));
      set('ref', `EX-${n + 1}`);
      set('category', r.pick(theme.categories).split(' > ').at(-1));
      set('points', r.int(1, 5));
      set('seconds', r.pick(times));
      set('attempts', r.int(1, 3));
      set('hint', r.pick(bank.hints));
      set('explanation', r.pick(bank.explanations));
      const tags = r.some(theme.tags, 2);
      set('tags', tags.join(r.chance(0.5) || tagSign === '|' ? tagSign : `${tagSign} `));
      if (of('tags').length) { tagsTold = true; factors['tags are told'] ??= 'samples'; }
      set('image', `https://pictures.example/sample-${n + 1}.png`);
      set('image-alt', theme.name);
      set('title', item.stem.split(' ').slice(0, 3).join(' '));
      set('by', words.names[n % words.names.length]);
      set('use', r.pick(['practice', 'scored']));
      set('shuffle', r.pick(['yes', 'no']));
      set('across', r.pick(['across', 'down', 'yes', 'no']));
      set('tag', r.pick(own.levels.length ? own.levels : ['easy', 'hard']));
      of('feedback').forEach((column) => { if (r.chance(0.7)) cell.set(column, r.pick(bank.explanations)); });
      if (constant) cell.set(constant, /^\d+$/.test(constant.value) && xlsx ? Number(constant.value) : constant.value);
    });
    return cells;
  }
  factors['sample rows'] = String(rows.length);
  if (rows.length && r.chance(0.35)) { const sentence = say('samples'); if (sentence) notes.push(sentence); }
  if (r.chance(0.5)) { const sentence = say('general'); if (sentence) notes.unshift(sentence); }

  // Writing it down.
  const grid = new Grid();
  let row = xlsx ? Number(r.weighted({ 1: 70, 2: 20, 3: 10 })) : 1;
  const where = !notes.length ? 'none' : r.weighted(xlsx ? { above: 40, 'another sheet': 32, 'legend at the right': 20, 'comment at the first heading': 8 } : { above: 1 });
  factors['notes stand'] = where;
  const title = xlsx && r.chance(0.22) && own.say.setTitle?.length;
  const other = [];
  const hash = !xlsx && r.chance(0.4) ? '# ' : '';
  if (where === 'above') {
    const perLine = r.chance(0.75) ? notes : [notes.map((note) => note.replace(/([^.!?:;])$/, '$1.')).join(' ')];
    for (const note of perLine) { grid.set(row, left, hash + note, 'grey'); if (xlsx && r.chance(0.3)) grid.merge(row, left, row, left + Math.max(2, columns.length - 1)); row++; }
    if (r.chance(0.6)) row++;
  }
  if (title) {
    const label = r.pick(own.say.setTitle);
    const wide = r.chance(0.3) ? 2 : 1;
    grid.set(row, left, label, 'bold');
    if (wide === 2) grid.merge(row, left, row, left + 1);
    grid.set(row, left + wide, '', 'yellow');
    layout.file = { cells: { 0: { cell: address(row, left + wide), role: 'set-title' } } };
    factors['title cell'] = 'yes';
    row += r.chance(0.7) ? 2 : 1;
  }
  const options = of('option');
  if (xlsx && options.length > 2 && keyStyle !== 'verdict' && own.groups.options?.length && r.chance(0.1)) {
    grid.set(row, options[0].at, r.pick(own.groups.options), 'bold');
    grid.merge(row, options[0].at, row, options.at(-1).at);
    row++;
    factors['merged group heading'] = 'yes';
  }
  // Samples alone may show what a receiver takes.
  const headless = rows.length > 1 && !second.size && where === 'none' && !title && !comments.length && r.chance(0.8);
  const headingRow = headless ? null : row;
  if (headless) factors.headings = 'none';
  if (!headless) columns.forEach((column) => grid.set(row, column.at, column.heading + (suffixes.get(column) ?? ''), 'bold'));
  if (!headless) row++;
  if (second.size) { for (const [column, text] of second) grid.set(row, column.at, text, 'grey'); row++; factors['second heading row'] = 'yes'; }
  const firstRow = row;
  rows.forEach(({ cell }, n) => { for (const [column, value] of cell) if (value !== '') grid.set(firstRow + n, column.at, value, xlsx ? 'frame' : undefined); });
  const numbers = of('number-in-file');
  const filled = numbers.length ? r.int(Math.max(8, rows.length + 3), 30) : 0;
  if (numbers.length) {
    for (let n = 0; n < filled; n++) grid.set(firstRow + n, numbers[0].at, n + 1);
    factors['numbers filled in'] = 'yes';
  }
  if (xlsx && r.chance(0.3)) for (let n = rows.length; n < 20; n++) for (const column of columns) if (column.role !== 'number-in-file') grid.set(firstRow + n, column.at, '', 'frame');
  if (where === 'legend at the right') {
    const at = left + columns.length + r.int(1, 2);
    notes.forEach((note, n) => grid.set((headingRow ?? 1) + n + r.pick([0]), at, note, 'grey'));
  } else if (where === 'comment at the first heading') comments.push([columns[0], notes.join('\n')]);
  const sheets = [grid];
  const extension = format === 'xlsx' ? 'xlsx' : format === 'tsv' ? r.pick(['tsv', 'txt']) : 'csv';
  layout.file = { ...layout.file, headingRow, firstRow };
  if (rows.length) layout.file.sample = [firstRow, firstRow + rows.length - 1];
  factors['start cell'] = headingRow === 1 && left === 1 ? 'A1' : left === 1 ? 'lower' : headingRow === 1 ? 'further right' : 'lower and further right';

  let bytes;
  if (xlsx) {
    grid.name = own.say.sheet?.length ? r.pick(own.say.sheet).slice(0, 30) : 'Sheet1';
    if (where === 'another sheet') {
      const help = new Grid(own.say.helpsheet?.length ? r.pick(own.say.helpsheet).slice(0, 30) : 'Info');
      notes.forEach((note, n) => help.set(1 + n + r.pick([0]), 1, note));
      if (r.chance(0.4)) { sheets.unshift(help); factors['help sheet'] = 'in front'; } else { sheets.push(help); factors['help sheet'] = 'behind'; }
    }
    if (lists.length) {
      const store = new Grid(own.say.listsheet?.length ? r.pick(own.say.listsheet).slice(0, 30) : 'Lists');
      const heads = r.chance(0.5) ? 1 : 0;
      lists.forEach((values, n) => {
        if (heads) store.set(1, n + 1, columns.find((column) => rules.some((rule) => rule.list === values && rule.columns.includes(column)))?.heading ?? 'x', 'bold');
        values.forEach((value, k) => store.set(1 + heads + k, n + 1, value));
      });
      store.hidden = r.chance(0.5);
      sheets.push(store);
      for (const rule of rules) if (rule.away) rule.from = rangeOn(store.name, lists.indexOf(rule.list) + 1, 1 + heads, heads + rule.list.length);
    }
    const last = firstRow + r.pick([49, 99, 199]);
    for (const rule of rules) {
      for (const column of rule.columns) grid.validations.push({ ref: `${address(firstRow, column.at)}:${address(last, column.at)}`, list: rule.list?.map(String), from: rule.from, length: rule.length, prompt: rule.prompt });
    }
    for (const [column, text] of comments) {
      const same = grid.comments.find((comment) => comment.row === headingRow && comment.column === column.at);
      if (same) same.text += `\n${text}`; else grid.comments.push({ row: headingRow, column: column.at, text });
    }
    if (grid.comments.length) factors.comments = 'yes';
    grid.active = true;
    bytes = workbook(sheets, { shared: r.chance(0.8) });
    layout.file = { format: 'xlsx', sheet: grid.name, ...layout.file };
    if (left > 1 && !['number-in-file', 'constant', 'ignore'].includes(columns[0].role)) layout.file.firstColumn = letters(left);
  } else {
    const separator = format === 'tsv' ? '\t' : r.weighted({ ',': 5, ';': 5 });
    const content = delimited(grid, { separator, newline: r.chance(0.5) ? '\r\n' : '\n', quote: r.weighted({ minimal: 8, all: 2 }), width: r.chance(0.5) ? grid.width : 0 });
    let encoding = r.weighted({ 'utf-8': 5, 'utf-8-bom': 3, 'windows-1252': 2, 'utf-16le': format === 'tsv' ? 3 : 0 });
    const ascii = /^[\x00-\x7f]*$/.test(content);
    if (encoding === 'windows-1252' && (ascii || !fitsWindows1252(content))) encoding = 'utf-8';
    bytes = encode(content, encoding);
    layout.file = { ...(extension === 'txt' ? {} : { format }), separator, ...(ascii && encoding === 'utf-8' ? {} : { encoding }), ...layout.file };
    Object.assign(factors, { separator: separator === '\t' ? 'tab' : separator, encoding: ascii && encoding === 'utf-8' ? 'ascii' : encoding });
  }

  layout.columns = columns.map((column) => ({
    column: letters(column.at), role: column.role, ...(column.n ? { n: column.n } : {}),
    ...(column.role === 'wrongs' ? { separator: wrongSign } : {}), ...(column.role === 'tags' && tagsTold ? { separator: tagSign } : {}),
  }));
  factors['number of columns'] = columns.length < 8 ? 'up to 7' : columns.length < 12 ? '8 to 11' : '12 or more';
  if (keyStyle) layout.key.style = keyStyle;
  if (severalKeys && separatorTold) layout.key.separator = joining;
  if (keyStyle === 'marker') layout.key.marker = mark;
  if (keyStyle === 'verdict') Object.assign(layout.key, { right: verdict[0], wrong: verdict[1] });
  for (const name of ['key', 'limits']) if (!Object.keys(layout[name]).length) delete layout[name];
  if (!layout.kinds.length) delete layout.kinds;
  return {
    extension, bytes,
    test: { call: 'learn', why: `${purpose}, headings ${factors.headings} (${language}), key ${factors.key}${factors['key is told'] ? ` told by ${factors['key is told'].join(' and ')}` : ''}, notes: ${where}`, factors, expect: { layout } },
  };
}
