// One case of a source: draws what it holds and how it is written, and says what a careful reader understands.
import { Grid, shown } from './grid.mjs';
import { addSides } from './sides.mjs';
import { cardTable, choiceTable, gapTable, keyStyles, matchTable, mixedTable, numberTable, openTable, orderTable, shortTable, truthTable } from './tables.mjs';
import { delimited, encode, fitsWindows1252, webTable } from './text-files.mjs';
import { languagesFor, plainOf, poolOf, styles, stylesOf, vocabulary } from './vocabulary.mjs';
import { decimalComma } from './words-of-code.mjs';
import { workbook } from './workbook.mjs';

const tables = {
  'choice-one': choiceTable, 'choice-many': choiceTable, 'mixed': mixedTable, 'true-false': truthTable, 'card': cardTable,
  'short': shortTable, 'number': numberTable, 'match': matchTable, 'order': orderTable, 'gap': gapTable, 'open': openTable,
};
const kindWeights = { 'choice-one': 46, 'choice-many': 12, 'mixed': 14, 'true-false': 7, 'card': 5, 'short': 4, 'number': 4, 'match': 3, 'order': 3, 'gap': 3, 'open': 2 };
/** Roles of headings that a kind cannot do without. */
const needs = {
  'mixed': ['stem', 'kind', 'option', 'key'], 'true-false': ['stem'], 'card': ['term', 'definition'], 'short': ['stem', 'accepted'],
  'number': ['stem', 'value', 'tolerance', 'unit', 'measure'], 'match': ['stem', 'left', 'rightside', 'pairs'], 'order': ['stem', 'step'], 'gap': ['gaptext', 'gapwords'], 'open': ['stem'],
};
const enough = { 'choice-one': 8, 'choice-many': 3, 'true-false': 4, 'card': 3, 'short': 4, 'number': 3, 'match': 3, 'order': 3, 'gap': 4, 'open': 3 };
/** Kinds whose content alone shows what is what, so that headings may be missing. */
const showsItself = new Set(['choice-one', 'choice-many', 'mixed', 'true-false', 'card', 'number']);

const countOf = (bank, kind) => bank.themes.reduce((sum, theme) => sum + theme.items.filter((item) => item.kind === kind).length, 0);

/** Draws what the case is about: kind, language, key notation, headings, format, size. */
function drawPlan(r, material) {
  const { words, banks } = material;
  const kind = r.weighted(kindWeights);
  const many = kind === 'choice-many';
  const speaks = Object.keys(banks).filter((code) => (kind === 'mixed' ? countOf(banks[code], 'choice-one') > 3
    : countOf(banks[code], kind) >= enough[kind] && (!many || countOf(banks[code], 'choice-one') > 3)));
  const language = r.weighted(Object.fromEntries(speaks.map((code) => [code, code === 'en' ? 4 : 2])));
  const bank = banks[language];
  const format = r.weighted({ xlsx: 46, csv: 30, tsv: 14, html: 10 });

  let keyStyle = '';
  if (kind === 'choice-one' || many) keyStyle = r.weighted(Object.fromEntries(Object.entries(keyStyles).map(([name, style]) => [name, many ? style.many : style.one])));
  if (kind === 'mixed') keyStyle = r.weighted({ 'letter': 4, 'letter lower case': 1, 'number from 1': 4, 'text repeated': 3, 'sign at the option': 4 });

  const roles = needs[kind] ?? ['stem', ...keyStyles[keyStyle].needs];
  const able = languagesFor(words, roles);
  const mine = able.includes(language) ? stylesOf(words, language) : [];
  const others = able.filter((code) => code !== language);
  const silent = showsItself.has(kind) && (!keyStyles[keyStyle] || keyStyles[keyStyle].shows || keyStyle === 'options in one cell') ? 1 : 0;
  const headings = r.weighted({
    other: mine.includes('other') ? 26 : 0, known: mine.includes('known') ? 16 : 0, synonym: mine.includes('synonym') ? 20 : 0, abbreviation: mine.includes('abbreviation') ? 14 : 0, jargon: mine.includes('jargon') ? 14 : 0,
    'mixed styles': mine.length > 1 ? 6 : 0, foreign: others.length ? (mine.length ? 10 : 40) : 0,
    'partly blank': mine.length && silent && ['choice-one', 'choice-many'].includes(kind) && keyStyle !== 'options in one cell' ? 5 : 0, 'non-telling': silent * 10, none: silent * 10,
  });
  const telling = !['non-telling', 'none'].includes(headings);
  const headingLanguage = headings === 'foreign' ? r.pick(others) : mine.length ? language : others[0] ?? 'en';
  const style = styles.includes(headings) ? headings : headings === 'mixed styles' ? 'mixed' : r.pick(stylesOf(words, headingLanguage));
  const size = Number(r.weighted({ 5: 2, 6: 3, 7: 3, 8: 4, 9: 3, 10: 3, 12: 3, 15: 2, 20: 1, 30: kind.startsWith('choice') ? 1 : 0 }));
  const comma = format !== 'xlsx' && decimalComma.has(language);
  return {
    kind, language, bank, format, keyStyle, headings, headingLanguage, telling, size, comma,
    theme: r.pick(bank.themes), word: telling ? vocabulary(r, words, headingLanguage, style) : anyWord(r, words),
    names: words.names, sideLove: r.weighted({ 0: 12, 1: 50, 2: 28, 3: 10 }) * 0.8,
    levels: poolOf(words, 'levels', headingLanguage, language), states: poolOf(words, 'states', headingLanguage, language),
    kindColumn: r.chance(many ? 0.3 : 0.14),
    factors: {},
  };
}

/** Where headings don't tell, any word does: it is replaced later. */
function anyWord(r, words) {
  const language = Object.keys(words.languages)[0];
  const word = vocabulary(r, words, language, 'known');
  return (role, fits) => word(role, fits) ?? role;
}

/** The order of the columns: stem, options and key in a realistic order, the others before, between and behind. */
function arrange(r, plan, table, sides) {
  const block = (name) => table.columns.filter((column) => column.block === name);
  const core = { S: block('stem'), O: block('options'), K: block('key') };
  const movable = core.O.length && core.K.length && plan.kind !== 'match';
  let order = movable ? r.weighted({ SOK: 55, SKO: 22, KSO: 12, OKS: 0 }) : core.K.length ? (plan.kind === 'true-false' || plan.kind === 'mixed' ? r.weighted({ SK: 70, KS: 30 }) : 'SK') : 'SO';
  if (plan.kind === 'mixed') order = core.K.length ? r.weighted({ SOK: 7, SKO: 3 }) : 'SO';
  if (plan.kind === 'card' || plan.kind === 'short') order = 'SK';
  plan.factors['column order'] = order.replace('S', 'question ').replace('O', 'options ').replace('K', 'key ').trim();
  const blocks = [...order].map((name) => core[name]).filter((columns) => columns.length);
  const kind = block('kind');
  if (kind.length) blocks.splice(r.chance(0.7) ? 0 : r.int(0, blocks.length), 0, kind);
  const first = [], last = [];
  const early = new Set(['pick', 'tagname', 'ignore', 'stamp', 'number', 'ref', 'category', 'date', 'by', 'status', 'difficulty', 'points']);
  for (const column of r.shuffle(sides)) {
    const front = column.role === 'number' || (early.has(column.role) && r.chance(column.role === 'points' ? 0.25 : 0.5));
    if (!plan.telling) { (['number', 'ref', 'category'].includes(column.role) ? first : last).push(column); continue; }
    // Now and then a column stands between the blocks.
    if (!front && r.chance(0.15)) blocks.splice(r.int(1, blocks.length), 0, [column]);
    else (front ? first : last).push(column);
  }
  first.sort((a, b) => (b.role === 'number') - (a.role === 'number'));
  let out = [...first, ...blocks.flat(), ...last];
  if (plan.format !== 'html' && r.chance(0.1)) {
    const at = r.pick([...Array(out.length + 1).keys()].slice(1, -1).filter((n) => out[n].block !== out[n - 1].block));
    if (at) {
      out = [...out.slice(0, at), { role: 'spacer', block: 'spacer', heading: '', cell: () => '' }, ...out.slice(at)];
      plan.factors['empty column between'] = 'yes';
    }
  }
  plan.factors['question comes first'] = out[0].block === 'stem' ? 'yes' : 'no';
  return out;
}

/** Headings that say nothing, or only in part. */
function muteHeadings(r, material, plan, columns) {
  if (plan.headings === 'non-telling') {
    const pattern = r.pick(material.words.nontelling);
    const lettered = r.chance(0.25) && pattern.includes(' ');
    columns.forEach((column, n) => { column.heading = pattern.replace('#', lettered ? String.fromCharCode(65 + n) : n + 1); });
    plan.factors['non-telling word'] = pattern;
  }
  if (plan.headings === 'partly blank') {
    const options = columns.filter((column) => column.role === 'option');
    const key = columns.find((column) => column.role === 'key');
    const which = r.pick(['options', 'question', ...(key && keyStyles[plan.keyStyle].shows ? ['key'] : [])]);
    if (which === 'options') {
      const word = plan.word('options') ?? plainOf(options[0].heading) ?? options[0].heading;
      const verdicts = columns.some((column) => column.role === 'verdict' || column.role === 'weight');
      options.forEach((column, n) => { column.heading = n || verdicts ? '' : word; });
      if (verdicts) columns.filter((column) => column.role === 'verdict').forEach((column) => { column.heading = ''; });
    } else if (which === 'question') columns.find((column) => column.role === 'stem').heading = '';
    else key.heading = '';
    plan.factors['blank heading of'] = which;
  }
}

const cut = (text) => text.slice(0, Math.max(18, Math.floor(text.length * 0.6))).trimEnd();

/** Spoils a question in a way that a reader would notice, and says where a finding is due. */
function addFaults(r, plan, table) {
  const { rows } = table;
  const style = plan.keyStyle;
  const labels = ['letter', 'letter lower case', 'letter with bracket or point', 'number from 1', 'number from 0'].includes(style);
  const choice = plan.kind === 'choice-one', zeroSaid = style !== 'number from 0' || plan.factors['counting from 0 is said'] === 'in the heading';
  const possible = rows.length < 5 ? {} : {
    'key past the last option': choice && plan.telling && labels && plan.keyPast && zeroSaid ? 4 : 0,
    'none marked': choice && plan.telling && (labels || ['sign at the option', 'tick after each option', 'text repeated'].includes(style)) ? 3 : 0,
    'key text differs': choice && style === 'text repeated' ? 9 : 0,
    'text cut off': ['choice-one', 'choice-many', 'true-false'].includes(plan.kind) ? 2 : 0,
    'question doubled': ['choice-one', 'choice-many', 'true-false'].includes(plan.kind) ? 2 : 0,
  };
  if (!Object.values(possible).some(Boolean) || !r.chance(0.42)) return 'none';
  const fault = r.weighted(possible);
  const at = r.int(1, rows.length - 2);
  const row = rows[at];
  if (fault === 'key past the last option') {
    row.keyText = plan.keyPast(row);
    row.finding = { level: 'warn', about: 'the key points past the last option' };
    delete row.expect.key; delete row.expect.kind;
  } else if (fault === 'none marked') {
    row.keyText = ''; row.unmarked = true;
    row.finding = { level: 'warn', about: 'no option is marked as right' };
    delete row.expect.key; delete row.expect.kind;
  } else if (fault === 'text cut off') {
    const dots = r.pick(['…', '...', ' …']);
    if (row.item.stem.length < 34) return 'none';
    row.stem = cut(row.item.stem) + dots;
    row.finding = { level: 'warn', about: 'the question is cut off' };
    delete row.expect.stem;
  } else if (fault === 'question doubled') {
    const twin = { ...row, expect: { ...row.expect }, finding: undefined };
    const to = r.int(Math.min(at + 2, rows.length), rows.length);
    rows.splice(to, 0, twin);
    twin.finding = { level: 'note', about: 'the question stands twice', twin: row };
  } else {
    const right = row.options[row.rights[0]];
    const ways = { 'trailing space': (t) => `${t} `, 'more spaces': (t) => (t.includes(' ') ? t.replace(' ', '  ') : `${t}  `), 'other letter case': (t) => (t === t.toLowerCase() ? t.toUpperCase() : t[0] === t[0].toLowerCase() ? t.toUpperCase() : t.toLowerCase()), 'other apostrophe': (t) => (t.includes('’') ? t.replace('’', "'") : t.replace("'", '’')) };
    const able = Object.keys(ways).filter((name) => ways[name](right) !== right && (name !== 'other letter case' || /\p{L}/u.test(right)));
    const way = r.pick(able);
    row.keyText = ways[way](right);
    // Two options that differ in nothing but letter case would leave open which one is meant.
    if (row.options.filter((text) => text.toLowerCase() === right.toLowerCase()).length > 1) return 'none';
    row.finding = { level: 'note', about: `the key's text differs: ${way}` };
    plan.factors['key text differs by'] = way;
  }
  return fault;
}

const negative = /\b(not|no|never|neither|nicht|kein\w*|ne|aucun\w*|niet|geen|non|nessun\w*|não|nie|inte|ikke)\b|n’|¿[^?]*\bno\b/i;

/** Whether nothing in the table gives a reason for a warning outside the expected ones. */
function isClean(plan, table) {
  if (!['choice-one', 'choice-many', 'true-false'].includes(plan.kind) || !plan.telling || plan.headings === 'partly blank' || plan.noisy || plan.format === 'html') return false;
  if (!plan.sides.every((role) => ['points', 'seconds', 'minutes', 'time', 'minsec', 'hint', 'explanation', 'category', 'tags', 'ref', 'attempts'].includes(role))) return false;
  if (plan.keyStyle === 'always first' || plan.factors['points as'] === 'text') return false;
  const { rows } = table;
  if (rows.length < 5 || rows.some((row) => negative.test(row.item.stem))) return false;
  const shares = new Map();
  for (const row of rows) for (const key of row.expect.key ?? []) shares.set(key, (shares.get(key) ?? 0) + 1);
  const rightColumn = /^right/.test(plan.keyStyle);
  if (!rightColumn && Math.max(...shares.values()) > rows.length * 0.6) return false;
  let longest = 0;
  for (const row of rows) {
    if (!row.options) continue;
    const right = Math.max(...row.rights.map((n) => row.options[n].length));
    const wrong = Math.max(...row.options.filter((_, n) => !row.rights.includes(n)).map((text) => text.length));
    if (right > wrong * 1.2 + 3) return false;
    if (right > wrong) longest++;
    // Options of a single sign and fractions may well be warned of as a spreadsheet's damage.
    if (row.options.some((text) => /^\d+[./-]\d+$/.test(text) || /^\d{5,}/.test(text))) return false;
  }
  return longest <= rows.length * 0.4;
}

const spaced = (r, text) => r.pick([(t) => ` ${t}`, (t) => `${t} `, (t) => `${t}  `, (t) => t.replace(' ', '  '), (t) => `${t}\u00a0`])(text);

/** Writes the table and what stands around it into a grid; gives the rows on which things stand. */
function place(r, material, plan, table, columns) {
  const { words } = material;
  const said = words.languages[plan.headingLanguage]?.notes ?? {};
  const notes = said.title ? said : words.languages.en?.notes ?? said;
  const fill = (text) => text.replace('{theme}', plan.theme.name).replace('{name}', r.pick(plan.names)).replace('{n}', table.rows.length);
  const grid = new Grid();
  const { format, factors } = plan;
  const text = format === 'csv' || format === 'tsv';
  const left = format === 'xlsx' ? Number(r.weighted({ 1: 74, 2: 16, 3: 8, 5: 2 })) : text ? Number(r.weighted({ 1: 94, 2: 6 })) : 1;
  let row = format === 'xlsx' ? Number(r.weighted({ 1: 80, 2: 10, 4: 10 })) : 1;
  const above = [];
  if (plan.telling || plan.headings === 'non-telling') {
    if (format !== 'html' && notes.title && r.chance(format === 'xlsx' ? 0.3 : 0.14)) above.push([fill(r.pick(notes.title)), 'title']);
    if (format !== 'html' && notes.above && r.chance(format === 'xlsx' ? 0.22 : 0.1)) above.push([fill(r.pick(notes.above)), 'grey']);
  }
  for (const note of table.notes.above) above.push([note, 'grey']);
  factors['lines above'] = above.length ? String(above.length) : 'none';
  const sepLine = format === 'csv' && r.chance(0.05);
  if (sepLine) row++;
  for (const [note, style] of above) {
    grid.set(row, left, note, style);
    if (format === 'xlsx' && r.chance(0.4) && columns.length > 2) grid.merge(row, left, row, left + columns.length - 1);
    row++;
  }
  if (above.length && r.chance(0.6)) row++;
  factors['start cell'] = left === 1 && row === 1 ? 'A1' : left === 1 ? 'lower' : row === 1 ? 'further right' : 'lower and further right';

  // A merged heading above a group of columns.
  const spans = plan.telling && !text && table.columns.filter((column) => column.block === 'options').length > 1;
  const groups = words.languages[plan.headingLanguage]?.groups;
  if (!table.groups && (table.notes.group || (spans && groups?.options && r.chance(0.12)))) {
    const at = columns.flatMap((column, n) => (column.block === 'options' ? [n] : []));
    if (at.length && at.at(-1) - at[0] === at.length - 1) {
      grid.set(row, left + at[0], table.notes.group ?? r.pick(groups.options), 'bold');
      if (at.length > 1) grid.merge(row, left + at[0], row, left + at.at(-1));
      const more = columns.flatMap((column, n) => (column.block === 'side' && n > at.at(-1) ? [n] : []));
      if (more.length > 1 && groups.more && more.at(-1) - more[0] === more.length - 1) {
        grid.set(row, left + more[0], r.pick(groups.more), 'bold');
        grid.merge(row, left + more[0], row, left + more.at(-1));
      }
      row++;
      factors['merged group heading'] = 'yes';
    }
  }
  if (table.notesBelow) {
    // The heading itself stands above, and below it a note or nothing.
    columns.forEach((column, n) => {
      if (column.over) return;
      grid.set(row, left + n, column.heading, 'bold');
      column.heading = r.pick(table.notesBelow);
    });
  }
  if (table.groups) {
    for (const over of Object.keys(table.groups)) {
      const at = columns.flatMap((column, n) => (column.over === over ? [n] : []));
      grid.set(row, left + at[0], table.groups[over], 'bold');
      grid.merge(row, left + at[0], row, left + at.at(-1));
    }
    row++;
  }
  let headingRow = null;
  if (plan.headings !== 'none') {
    headingRow = row;
    columns.forEach((column, n) => {
      const bare = /^\d$/.test(column.heading) && format === 'xlsx' && r.chance(0.6);
      grid.set(row, left + n, bare ? Number(column.heading) : column.heading, 'bold');
    });
    row++;
    const units = words.languages[plan.headingLanguage]?.units;
    if (plan.telling && plan.headings !== 'partly blank' && units && r.chance(0.07)) {
      const general = { stem: 'stem', option: 'option', right: 'option', wrong: 'option', points: 'points', seconds: 'seconds', hint: 'hint', explanation: 'explanation', category: 'category' };
      columns.forEach((column, n) => {
        const pool = units[general[column.role]] ?? (column.block === 'side' ? units.other : null);
        if (pool?.length) grid.set(row, left + n, r.pick(pool), 'grey');
      });
      row++;
      factors['second heading row'] = 'units and remarks';
    }
  }

  // Noise between the rows.
  const noise = [];
  const choice = plan.kind.startsWith('choice');
  const stray = r.chance(0.12);
  const breaks = format !== 'tsv' && r.chance(0.08);
  if (stray) noise.push('stray spaces');
  if (breaks || plan.breaks) noise.push('line breaks in cells');
  if (breaks) plan.breaks = true;
  const faulty = table.rows.some((entry) => entry.finding);
  if (plan.breaks && faulty && text) plan.breaks = 'rows unclear';
  const emptyRows = r.chance(0.14), repeat = headingRow && table.rows.length > 7 && r.chance(0.1);
  const part = choice && plan.telling && notes.part && r.chance(0.06), junk = choice && plan.telling && format !== 'html' && !plan.breaks && r.chance(0.07);
  if (emptyRows) noise.push('empty rows');
  if (repeat) noise.push('headings repeated half-way');
  if (part) noise.push('part title between');
  if (junk) noise.push('junk row');
  const stemAt = left + columns.findIndex((column) => column.block === 'stem');
  const findings = [];
  const half = Math.floor(table.rows.length / 2);
  const junkAt = r.int(2, Math.max(2, table.rows.length - 2));
  const frame = format === 'xlsx' && r.chance(0.3) ? 'frame' : format === 'xlsx' && r.chance(0.3) ? 'wrap' : undefined;
  table.rows.forEach((entry, n) => {
    if (emptyRows && n && r.chance(0.2)) row++;
    if (repeat && n === half) { columns.forEach((column, k) => grid.set(row, left + k, column.heading, 'bold')); row++; }
    if (part && n === half) { grid.set(row, r.chance(0.5) ? left : stemAt, r.pick(notes.part), 'bold'); row++; }
    if (junk && n === junkAt) {
      grid.set(row, stemAt, r.pick(['test', 'asdf', 'xxx', 'test test', 'qwertz uiop', 'jjjj']));
      findings.push({ row, level: 'note', about: 'a junk row' });
      row++;
    }
    entry.row = row;
    columns.forEach((column, k) => {
      let value = column.cell(entry, n);
      if (typeof value === 'string' && value && stray && ['stem', 'option', 'explanation', 'hint'].includes(column.role) && !entry.keyText && r.chance(0.2)) value = spaced(r, value);
      if (typeof value === 'string' && breaks && column.block === 'stem' && plan.kind !== 'card' && value.split(' ').length > 6 && r.chance(0.3)) {
        const parts = value.split(' ');
        const half = Math.floor(parts.length / 2);
        value = `${parts.slice(0, half).join(' ')}\n${parts.slice(half).join(' ')}`;
      }
      if (value !== '') grid.set(row, left + k, value, frame);
      else if (frame === 'frame') grid.set(row, left + k, '', frame);
    });
    row++;
  });
  for (const entry of table.rows) {
    if (!entry.finding) continue;
    const { twin, ...finding } = entry.finding;
    findings.push({ row: entry.row, ...(twin ? { or: [twin.row] } : {}), ...finding });
  }

  if (plan.telling && !['open', 'card', 'true-false', 'gap', 'short'].includes(plan.kind) && notes.footer && r.chance(format === 'html' ? 0.04 : 0.14)) {
    if (r.chance(0.6)) row++;
    grid.set(row, r.chance(0.5) ? left : stemAt, fill(r.pick(notes.footer)), 'grey');
    factors['line below'] = 'yes';
    plan.noisy = true;
  }
  if (plan.headings !== 'none' && format !== 'html' && notes.right && r.chance(0.07)) {
    const at = left + columns.length + r.int(1, 2);
    for (let k = 0; k < r.int(1, 2); k++) grid.set((headingRow ?? 1) + r.int(1, 4) + k * 3, at, fill(r.pick(notes.right)), 'grey');
    factors['notes at the right'] = 'yes';
    plan.noisy = true;
  }
  const beside = [];
  if (plan.headings !== 'none' && !plan.sides.includes('spacer') && r.chance(0.05)) {
    const own = material.words.languages[plan.headingLanguage]?.headings.other?.ignore ?? ['Team', 'Score'];
    const at = left + columns.length + r.int(1, 2);
    const many = r.int(2, 4);
    for (let c = 0; c < many; c++) {
      grid.set(headingRow, at + c, r.pick(own), 'bold');
      for (let k = 0; k < r.int(2, 6); k++) grid.set(headingRow + 1 + k, at + c, c ? r.int(0, 30) : r.pick([...plan.names, 'Blue', 'Green', 'Rot', 'A', 'B']));
      beside.push({ at: at + c, role: 'ignore' });
    }
    plan.noisy = true;
  }
  const trailing = r.chance(0.1) ? r.int(1, 4) : 0;
  if (trailing && format === 'xlsx') {
    for (let k = 0; k < table.rows.length; k++) for (let j = 0; j < trailing; j++) grid.set((headingRow ?? 0) + 1 + k, left + columns.length + 1 + j, '', 'frame');
    noise.push('empty columns behind');
  }
  if (trailing && text) noise.push('empty columns behind');
  factors.noise = noise.length ? noise : ['none'];
  if (above.length > table.notes.above.length || noise.some((name) => name !== 'empty rows') || factors['second heading row']) plan.noisy = true;
  if (columns[0].block === 'stem') grid.widths[left] = 48;
  return { grid, headingRow, left, beside, findings, trailing: trailing ? grid.width + trailing : 0, sepLine };
}

/** Writes the grid in the format drawn. */
function write(r, material, plan, placed) {
  const { grid } = placed;
  const { factors, format } = plan;
  if (format === 'xlsx') {
    const notes = material.words.languages[plan.headingLanguage]?.notes;
    const names = notes?.sheet?.length ? notes.sheet : ['Sheet1'];
    const sheets = r.weighted({ one: 76, 'a cover sheet in front': 12, 'another sheet behind': 8, 'a hidden sheet behind': 4 });
    grid.name = sheets === 'one' && r.chance(0.4) ? r.pick(['Sheet1', 'Tabelle1', 'Feuil1', 'Blad1']) : r.pick(names).slice(0, 30);
    const all = [grid];
    if (sheets !== 'one' && notes?.cover) {
      const other = new Grid(r.pick(notes.coversheet));
      notes.cover.forEach((line, n) => other.set(2 + n, 2, line));
      if (sheets === 'a cover sheet in front') all.unshift(other); else all.push(other);
      if (sheets === 'a hidden sheet behind') other.hidden = true;
      (sheets === 'a cover sheet in front' && r.chance(0.6) ? other : grid).active = true;
    }
    factors.sheets = all.length > 1 ? sheets : 'one';
    return { extension: 'xlsx', bytes: workbook(all, { shared: r.chance(0.8) }), reading: { ...(all.length > 1 ? { sheet: grid.name } : {}), headingRow: placed.headingRow } };
  }
  if (format === 'html') {
    const styled = r.chance(0.6);
    factors['web table'] = styled ? 'as copied from a spreadsheet' : 'of a page';
    return { extension: 'html', bytes: encode(webTable(grid, { headingRow: placed.headingRow, comma: plan.comma, page: !styled, styled }), 'utf-8'), reading: {} };
  }
  const separator = format === 'tsv' ? '\t' : r.weighted({ ',': 45, ';': 40, '|': 15 });
  const newline = r.chance(0.5) ? '\r\n' : '\n';
  const quote = r.weighted({ minimal: 80, all: 20 });
  let content = delimited(grid, { separator, newline, quote, comma: plan.comma && separator !== ',', width: placed.trailing });
  if (placed.sepLine) content = content.replace(/^[^\r\n]*/, `sep=${separator}`);
  let encoding = r.weighted({ 'utf-8': 44, 'utf-8-bom': 22, 'windows-1252': 20, 'utf-16le': format === 'tsv' ? 34 : 6 });
  const ascii = /^[\x00-\x7f]*$/.test(content);
  if (encoding === 'windows-1252' && (!fitsWindows1252(content) || ascii)) encoding = 'utf-8';
  Object.assign(factors, {
    separator: separator === '\t' ? 'tab' : separator, encoding: ascii && encoding === 'utf-8' ? 'ascii' : encoding, quotes: quote, 'line ends': newline === '\n' ? 'lf' : 'crlf',
    ...(placed.sepLine ? { 'sep= line': 'yes' } : {}),
  });
  const told = encoding !== 'utf-8' || !ascii;
  return {
    extension: format === 'tsv' ? r.pick(['tsv', 'txt']) : separator === '|' ? r.pick(['csv', 'txt']) : 'csv', bytes: encode(content, encoding),
    reading: { separator, ...(told ? { encoding } : {}), ...(plan.breaks ? {} : { headingRow: placed.headingRow }) },
  };
}

const flat = (value) => (typeof value === 'string' ? value.normalize('NFC').replace(/\s+/gu, ' ').trim() : Array.isArray(value) ? value.map(flat) : value);

/** Now and then a word on each option stands behind it, or behind all of them. */
function addFeedback(r, plan, table) {
  const options = table.columns.filter((column) => column.role === 'option');
  if (!plan.telling || options.length < 2 || !plan.kind.startsWith('choice') || !r.chance(0.09)) return;
  const beside = table.columns.filter((column) => column.role === 'verdict' || column.role === 'weight');
  const last = (option, n) => (beside.length === options.length && table.columns.indexOf(beside[0]) === table.columns.indexOf(options[0]) + 1 ? beside[n] : option);
  const pattern = plan.word('feedback');
  if (!pattern) return;
  const made = options.map((option, n) => ({
    role: 'feedback', block: 'options', n, heading: pattern.includes('#') ? pattern.replace('#', option.label ?? String(n + 1)) : `${pattern} ${n + 1}`,
    cell: (row) => (row.options[n] === undefined ? '' : (row.said ??= {})[n] ??= r.chance(0.8) ? r.pick(plan.bank.explanations) : ''),
  }));
  const apart = r.chance(0.3) && !beside.length;
  const ends = options.map(last);
  table.columns = table.columns.flatMap((column) => (ends.includes(column) && !apart ? [column, made[ends.indexOf(column)]] : [column]));
  if (apart) table.columns.splice(table.columns.indexOf(options.at(-1)) + 1, 0, ...made);
}

const ordinals = { en: [['1st', '2nd', '3rd', '4th', '5th', '6th'], ['First', 'Second', 'Third', 'Fourth', 'Fifth', 'Sixth']], fr: [['1re', '2e', '3e', '4e', '5e', '6e']], nl: [['1e', '2e', '3e', '4e', '5e', '6e']], de: [['1.', '2.', '3.', '4.', '5.', '6.']], es: [['1.ª', '2.ª', '3.ª', '4.ª', '5.ª', '6.ª']], it: [['1ª', '2ª', '3ª', '4ª', '5ª', '6ª']] };
const roman = ['I', 'II', 'III', 'IV', 'V', 'VI'];

/** Now and then options are headed 1st, 2nd, or I, II, or by one merged heading. */
function ordinalHeadings(r, plan, columns) {
  const options = columns.filter((column) => column.role === 'option');
  if (!plan.telling || options.length < 2 || plan.keyStyle === 'option’s heading repeated' || options.some((column) => column.over) || !r.chance(0.09)) return;
  const list = r.pick([...(ordinals[plan.headingLanguage] ?? []), ...(ordinals[plan.headingLanguage] ?? []), roman]);
  const bare = r.chance(0.6);
  const word = plainOf(options[0].heading.replace(/\s?[\dA-F]$/, ' #')) ?? '';
  options.forEach((column, n) => { column.heading = bare || !word ? list[n] : `${list[n]} ${word.toLowerCase()}`; });
}

const together = { en: ['Question', 'Text', 'Picture'], de: ['Frage', 'Text', 'Bild'], fr: ['Question', 'Texte', 'Image'], nl: ['Vraag', 'Tekst', 'Beeld'], es: ['Pregunta', 'Texto', 'Imagen'], it: ['Domanda', 'Testo', 'Immagine'] };

/** A question and its picture under one heading, each with a word that says little by itself. */
function joinPicture(r, plan, table, sides) {
  const words = together[plan.headingLanguage];
  const picture = sides.find((column) => column.role === 'image');
  const stem = table.columns.find((column) => column.role === 'stem');
  if (plan.format !== 'xlsx' || !plan.telling || !words || !picture || !stem || table.groups || !r.chance(0.3)) return sides;
  stem.heading = words[1]; picture.heading = words[2];
  stem.over = 'pair'; picture.over = 'pair'; picture.block = 'stem';
  table.columns.splice(table.columns.indexOf(stem) + 1, 0, picture);
  table.groups = { pair: words[0] };
  return sides.filter((column) => column !== picture);
}

/** Letters alone above the options and again above their marks, each under a heading of its own. */
function addLetterGroups(r, material, plan, table) {
  const groups = material.words.languages[plan.headingLanguage]?.groups;
  const options = table.columns.filter((column) => column.role === 'option');
  const verdicts = table.columns.filter((column) => column.role === 'verdict');
  if (plan.format !== 'xlsx' || !plan.telling || !groups?.options || options.length < 2 || verdicts.length !== options.length || !r.chance(0.25)) return;
  const others = table.columns.filter((column) => !options.includes(column) && !verdicts.includes(column));
  if (others.length !== 1) return;
  const label = r.chance(0.7) ? (n) => 'ABCDEFGH'[n] : (n) => String(n + 1);
  options.forEach((column, n) => { column.heading = label(n); column.over = 'options'; });
  verdicts.forEach((column, n) => { column.heading = label(n); column.over = 'key'; });
  table.columns = [...others, ...options, ...verdicts];
  table.groups = { options: r.pick(groups.options), key: r.pick(groups.key?.length ? groups.key : groups.options) };
  table.notesBelow = r.chance(0.6) ? r.pick([['(full sentence)', '(out of)', '(short)'], ['', '', ''], ['(Text)', '(Zahl)', '(kurz)'], ['text', 'number', 'optional']]) : null;
}

/** Draws one case: { extension, bytes, test }. */
export function gatherCase(r, material) {
  const plan = drawPlan(r, material);
  const table = tables[plan.kind](r, material, plan);
  if (table.factors.key && keyStyles[table.factors.key]) plan.keyStyle = table.factors.key;
  if (table.columns.some((column) => !column.heading && column.block !== 'spacer') || table.rows.length < 3) return null;
  if (plan.kind === 'choice-many' && table.rows.filter((row) => row.rights.length > 1).length < 2) return null;
  Object.assign(plan.factors, table.factors);
  addFeedback(r, plan, table);
  const fault = addFaults(r, plan, table);
  addLetterGroups(r, material, plan, table);
  const sides = joinPicture(r, plan, table, addSides(r, material, plan, table));
  const columns = arrange(r, plan, table, sides);
  ordinalHeadings(r, plan, columns);
  muteHeadings(r, material, plan, columns);
  const placed = place(r, material, plan, table, columns);
  if (plan.breaks === 'rows unclear') return null;
  const file = write(r, material, plan, placed);
  const rowsKnown = plan.format !== 'html' && !(plan.breaks && plan.format !== 'xlsx');
  const items = table.rows.map((row) => Object.fromEntries(Object.entries({ ...(rowsKnown ? { row: row.row } : {}), ...row.expect }).map(([name, value]) => [name, flat(value)])));
  const findings = plan.format === 'html' ? [] : placed.findings;
  if (plan.format === 'html' && fault !== 'none') return null;
  const quiet = isClean(plan, table);
  const factors = {
    call: 'gather', kinds: plan.kind, headings: plan.headings, 'heading language': plan.telling ? plan.headingLanguage : 'none', 'content language': plan.language,
    format: plan.format === 'html' ? 'html' : plan.format === 'xlsx' ? 'xlsx' : 'text', ...plan.factors,
    'columns beside': plan.sides.length ? plan.sides : ['none'], 'number of columns beside': plan.sides.length > 5 ? '6 or more' : String(plan.sides.length),
    fault, rows: table.rows.length < 6 ? '3 to 5' : table.rows.length < 10 ? '6 to 9' : table.rows.length < 15 ? '10 to 14' : '15 or more',
  };
  const key = String(factors.key ?? '');
  const truth = {
    sheet: placed.grid.name, headingRow: placed.headingRow, firstRow: table.rows[0].row, second: Boolean(factors['second heading row']),
    rows: table.rows.map((row) => row.row), columns: [...columns.map((column, n) => ({ at: placed.left + n, role: column.role })), ...placed.beside],
  };
  return {
    extension: file.extension, bytes: file.bytes, truth,
    test: {
      call: 'gather', why: `${plan.kind}, headings ${plan.headings}, ${key}${fault === 'none' ? '' : `; ${fault}`}`, factors,
      expect: { ...(Object.keys(file.reading).length ? { reading: file.reading } : {}), items, ...(findings.length ? { findings } : {}), ...(quiet ? { quiet: true } : {}) },
    },
  };
}
