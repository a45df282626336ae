// Columns beside the question: what a writer notes down besides question and answer.
import { tagNames } from './words-of-code.mjs';

const times = [10, 15, 20, 30, 45, 60, 75, 90, 120];
const unitsOf = { de: [' s', ' Sek.', ' sek'], fr: [' s', ' sec.'], nl: [' s', ' sec.'] };

const notations = {
  'n s': (seconds, unit) => `${seconds}${unit}`,
  'min and s': (seconds, unit) => (seconds < 60 ? `${seconds}${unit}` : seconds % 60 ? `${Math.floor(seconds / 60)} min ${seconds % 60}${unit}` : `${seconds / 60} min`),
  'm:ss': (seconds) => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`,
};

/** A day within two years, as a date cell or as text. */
function dayCell(r, plan) {
  const date = `${r.int(2023, 2024)}-${String(r.int(1, 12)).padStart(2, '0')}-${String(r.int(1, 28)).padStart(2, '0')}`;
  return plan.format === 'xlsx' ? { date } : plan.comma ? date.split('-').reverse().join('.') : date;
}

const makers = {
  number: () => ({ cell: (row, n) => n + 1 }),
  ref: (r) => {
    const head = r.pick(['Q', 'BR', 'LK', 'A', 'TX', 'M7']), sign = r.pick(['-', '', '/', '.']), start = r.int(1, 60);
    const of = (n) => `${head}${sign}${String(start + n).padStart(3, '0')}`;
    return { cell: (row, n) => of(n), expect: (row, n) => ({ ref: of(n) }) };
  },
  points: (r, plan) => {
    const look = r.weighted({ number: 70, half: 10, 'with unit': plan.telling ? 14 : 0, text: 6 });
    const unit = r.pick(plan.headingLanguage === 'de' ? [' P.', ' Pkt.'] : plan.headingLanguage === 'en' ? [' pts', ' p.'] : [' p.']);
    plan.factors['points as'] = look;
    const of = (row) => (row.points ??= look === 'half' ? r.pick([0.5, 1, 1.5, 2]) : r.int(1, 5));
    return {
      cell: (row) => (look === 'with unit' ? `${of(row)}${unit}` : look === 'text' ? String(of(row)) : of(row)),
      expect: (row) => ({ points: of(row) }),
    };
  },
  seconds: (r, plan, heading) => {
    plan.factors['time as'] = 'seconds';
    const of = (row) => (row.seconds ??= r.pick(times));
    return { cell: of, expect: (row) => ({ seconds: of(row) }) };
  },
  minutes: (r, plan) => {
    plan.factors['time as'] = 'minutes';
    const of = (row) => (row.seconds ??= r.pick([30, 60, 90, 120, 180]));
    return { cell: (row) => of(row) / 60, expect: (row) => ({ seconds: of(row) }) };
  },
  time: (r, plan) => {
    const look = r.pick(['n s', 'min and s', 'min and s']);
    plan.factors['time as'] = look;
    const unit = r.pick(unitsOf[plan.headingLanguage] ?? [' s', ' sec', 's']);
    const of = (row) => (row.seconds ??= r.pick(times));
    return { cell: (row) => notations[look](of(row), unit), expect: (row) => ({ seconds: of(row) }) };
  },
  minsec: (r, plan) => {
    plan.factors['time as'] = 'm:ss';
    const of = (row) => (row.seconds ??= r.pick(times));
    return { cell: (row) => notations['m:ss'](of(row)), expect: (row) => ({ seconds: of(row) }) };
  },
  attempts: (r) => {
    const of = (row) => (row.attempts ??= r.int(1, 3));
    return { cell: of, expect: (row) => ({ attempts: of(row) }) };
  },
  hint: (r, plan) => {
    const of = (row) => (row.hint ??= r.chance(0.8) ? r.pick(plan.bank.hints) : '');
    return { cell: of, expect: (row) => (of(row) ? { hint: of(row) } : {}) };
  },
  explanation: (r, plan) => {
    const of = (row) => (row.explanation ??= row.item.explanation ?? (r.chance(0.85) ? r.pick(plan.bank.explanations) : ''));
    return { cell: of, expect: (row) => (of(row) ? { explanation: of(row) } : {}) };
  },
  category: (r, plan) => {
    const path = !plan.telling || r.chance(0.5);
    const sign = r.pick([' > ', ' > ', '>', ' › ', ' » ']);
    plan.factors.category = path ? `path with ${sign.trim()}` : 'one name';
    const of = (row) => (row.category ??= (path ? r.pick(row.item.from.categories).split(' > ') : [r.pick(row.item.from.categories).split(' > ').at(-1)]));
    return { cell: (row) => of(row).join(sign), expect: (row) => ({ category: of(row) }) };
  },
  tags: (r, plan) => {
    const named = r.chance(0.35);
    const sign = r.pick([', ', ',', '; ', ' | ', ';']);
    const colon = r.pick([': ', ':']);
    const [topic, level] = tagNames[plan.language] ?? tagNames.en;
    const levels = plan.levels;
    plan.factors.tags = `${named ? 'name: value' : 'words'}, joined with ${sign.trim()}`;
    const of = (row) => (row.tags ??= named ? [`${topic}${colon}${r.pick(row.item.from.tags)}`, `${level}${colon}${r.pick(levels)}`] : r.some(row.item.from.tags, r.int(1, 3)));
    return { cell: (row) => of(row).join(sign), expect: (row) => ({ tags: of(row).map((tag) => tag.replace(/: ?/, ':')) }) };
  },
  difficulty: (r, plan) => ({ cell: () => r.pick(plan.levels) }),
  by: (r, plan) => {
    const of = (row) => (row.by ??= r.pick(plan.names));
    return { cell: of, expect: (row) => ({ by: of(row) }) };
  },
  date: (r, plan) => ({ cell: (row) => (row.date ??= dayCell(r, plan)) }),
  pick: (r) => { const [yes, no] = r.pick([['x', ''], ['X', ''], ['x', ''], ['1', ''], ['ja', 'nein'], ['yes', 'no'], ['✓', ''], ['ja', '']]); const share = r.pick([0.3, 0.5, 0.7]); return { cell: () => (r.chance(share) ? yes : no) }; },
  across: (r) => { const [a, b] = r.pick([['across', 'down'], ['yes', 'no'], ['x', ''], ['horizontal', 'vertical'], ['waagerecht', 'senkrecht'], ['1', '0']]); return { cell: () => (r.chance(0.5) ? a : b) }; },
  tagname: (r, plan) => { const pool = r.pick([plan.levels, ['spring', 'summer', 'autumn', 'winter'], ['Frühling', 'Sommer', 'Herbst'], ['A1', 'A2', 'B1', 'B2'], ['Year 7', 'Year 8', 'Year 9'], ['7', '8', '9', '10'], ['6a', '6b', '7c'], ['5b', '6a'], plan.theme.tags]); return { cell: () => (r.chance(0.9) ? r.pick(pool) : '') }; },
  imagealt: (r, plan) => ({ cell: (row) => (r.chance(0.7) ? r.pick([`${plan.theme.name}`, row.item.stem.split(' ').slice(-4).join(' ').replace(/[?.]$/, ''), `${r.pick(plan.theme.tags)}, ${r.pick(plan.theme.tags)}`]) : '') }),
  email: (r, plan) => ({ cell: () => `${r.pick(plan.names).toLowerCase().replace(/[^a-z]+/g, '.')}@post.example` }),
  stamp: (r) => { const look = r.pick(['d', 'i']); return { cell: () => { const [d, m, h, k] = [r.int(1, 28), r.int(1, 12), r.int(8, 19), r.int(10, 59)]; return look === 'd' ? `${String(d).padStart(2, '0')}/${String(m).padStart(2, '0')}/2024 ${String(h).padStart(2, '0')}:${k}:${r.int(10, 59)}` : `2024-${String(m).padStart(2, '0')}-${String(d).padStart(2, '0')} ${String(h).padStart(2, '0')}:${k}`; } }; },
  image: (r) => {
    const look = r.pick(['link', 'link', 'file', 'number', 'words']);
    if (look !== 'link') {
      const word = r.pick(['open photo', 'picture', 'Foto', 'image', 'see picture']);
      return { cell: (row, n) => (row.image ??= r.chance(0.6) ? (look === 'file' ? `${r.pick(['drawing', 'photo', 'leaf', 'plan'])}-${n + 1}.${r.pick(['jpg', 'png'])}` : look === 'number' ? `photo ${n + 1}` : word) : '') };
    }
    const of = (row, n) => (row.image ??= r.chance(0.6) ? `https://${r.pick(['pictures.example', 'media.example/set-2', 'files.example/img'])}/${r.pick(['drawing', 'photo', 'sketch', 'detail'])}-${n + 1}.${r.pick(['jpg', 'png'])}` : '');
    return { cell: of, expect: (row, n) => (of(row, n) ? { media: [of(row, n)] } : {}) };
  },
  remark: (r, plan) => ({ cell: () => (r.chance(0.4) ? r.pick([plan.names[0].split(' ')[0], 'ok', '2x', '?', 'p. 14', 'v2', '!', 'cf. 3']) : '') }),
  status: (r, plan) => ({ cell: () => r.pick(plan.states) }),
  title: (r, plan) => ({ cell: (row) => row.item.stem.split(' ').slice(0, r.int(2, 3)).join(' ').replace(/[?.!,]$/, '') }),
  shuffle: (r) => { const [yes, no] = r.pick([['yes', 'no'], ['x', ''], ['1', '0'], ['TRUE', 'FALSE'], ['ja', 'nein']]); return { cell: () => (r.chance(0.5) ? yes : no) }; },
  use: (r) => { const [a, b] = r.pick([['practice', 'scored'], ['Übung', 'Prüfung'], ['P', 'S']]); return { cell: () => (r.chance(0.5) ? a : b) }; },
  lines: (r) => ({ cell: () => (r.chance(0.3) ? r.int(2, 12) : '') }),
  endings: (r) => ({ cell: () => (r.chance(0.3) ? r.pick(['.pdf', '.jpg, .png', 'pdf', '.docx; .odt', '.pdf .odt', 'jpg']) : '') }),
  feedbackright: (r, plan) => ({ cell: () => (r.chance(0.8) ? r.pick(plan.bank.explanations) : '') }),
  feedbackwrong: (r, plan) => ({ cell: () => (r.chance(0.8) ? r.pick(plan.bank.hints) : '') }),
  ignore: (r, plan) => { const look = r.pick(['number', 'word', 'constant', 'page']); const word = r.pick(plan.states); return { cell: (row, n) => (look === 'number' ? r.int(1, 400) : look === 'word' ? r.pick([...plan.states, ...plan.levels]) : look === 'constant' ? word : `p. ${n * 2 + 3}`) }; },
};

const chances = { number: 0.22, ref: 0.14, points: 0.3, time: 0.26, attempts: 0.08, hint: 0.16, explanation: 0.24, category: 0.22, tags: 0.18, difficulty: 0.1, by: 0.1, date: 0.1, image: 0.1, remark: 0.1, status: 0.1, title: 0.05, shuffle: 0.03, use: 0.03, feedbackright: 0.04, feedbackwrong: 0.04, ignore: 0.07, pick: 0.06, across: 0.03, tagname: 0.09, second: 0.06, imagealt: 0.05, email: 0.03, stamp: 0.05, lines: 0.03, endings: 0.03 };
/** Without telling headings only what cannot be taken for an option, a key or points. */
const safe = { number: 0.25, ref: 0.18, category: 0.14, date: 0.12, time: 0.14, image: 0.12 };

/**
 * Draws the columns beside the question. Their headings come from the table's vocabulary; a role that the language
 * has no word for is not drawn. Expectations are only added where the heading tells.
 */
export function addSides(r, material, plan, table) {
  const chosen = [];
  const pool = plan.telling ? chances : safe;
  const simple = !plan.telling && ['true-false', 'card', 'number'].includes(plan.kind);
  for (const [name, chance] of Object.entries(pool)) {
    if (!r.chance(chance * plan.sideLove)) continue;
    if (plan.kind === 'card' && !['category', 'tags', 'number', 'ref', 'date', 'by'].includes(name)) continue;
    if (plan.kind === 'card' && !plan.telling) continue;
    if (simple && !['number', 'ref', 'date'].includes(name)) continue;
    if (plan.kind === 'open' && ['time', 'lines', 'endings'].includes(name)) continue;
    if (name === 'second' && !chosen.includes('tagname')) continue;
    if (name === 'imagealt' && !chosen.includes('image') && r.chance(0.8)) continue;
    if (name === 'number' && !plan.telling && /number/.test(plan.keyStyle)) continue;
    chosen.push(name === 'time' ? (plan.telling ? r.weighted({ seconds: 5, time: 4, minsec: 2, minutes: 1 }) : 'time') : name);
  }
  const columns = [];
  for (const role of chosen) {
    const named = { second: 'tagname', email: 'by', stamp: 'date' }[role] ?? role;
    const heading = plan.word(named);
    if (heading === null) continue;
    const made = makers[role === 'second' ? 'tagname' : role](r, plan, heading);
    columns.push({ role: named, block: 'side', heading, ...made });
  }
  plan.sides = columns.map((column) => column.role);
  const loose = plan.sides.includes('difficulty');
  table.rows.forEach((row, n) => {
    // A doubled question has its own cells, but what it says is said twice.
    for (const column of columns) {
      if (plan.telling && column.expect && !(loose && column.role === 'tags')) Object.assign(row.expect, column.expect(row, n));
    }
    if (plan.telling && plan.sides.some((role) => role === 'remark' || role === 'status') && !plan.sides.includes('explanation')) row.expect.explanation = '';
  });
  return columns;
}
