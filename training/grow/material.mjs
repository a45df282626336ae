// The material that is drawn from: word pools by language, and question banks by theme and language.
import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { dirname, join } from 'node:path';


const list = (text) => (Array.isArray(text) ? text : String(text ?? '').split('; ').filter(Boolean));
const pairs = (text) => list(text).map((pair) => pair.split('/'));

/** Reads a word file; lists come out as arrays. */
function readWords(path) {
  const raw = JSON.parse(readFileSync(path, 'utf8'));
  const languages = {};
  for (const [code, from] of Object.entries(raw.languages)) {
    const each = (object) => Object.fromEntries(Object.entries(object ?? {}).map(([name, value]) =>
      [name, value && typeof value === 'object' && !Array.isArray(value) ? each(value) : list(value)]));
    const say = each(from.say);
    if (from.say) say.separators = from.say.separators;
    languages[code] = {
      headings: each(from.headings), identifiers: each(from.identifiers), groups: each(from.groups), keyTells: each(from['key-tells']),
      kinds: each(from.kinds), units: each(from.units), notes: each(from.notes), say,
      truths: pairs(from.truths), verdicts: pairs(from.verdicts), levels: list(from.levels), states: list(from.states),
    };
  }
  return { nontelling: list(raw.nontelling), names: list(raw.names), languages };
}

const split = (text) => text.split(' | ').map((part) => part.trim());

/** Reads a bank: a line each, its first letter says the kind (see README). */
function readThemes(path) {
  const themes = [];
  const hints = [], explanations = [];
  for (const line of readFileSync(path, 'utf8').split('\n')) {
    const [, mark, text] = line.match(/^(\S\S?) (.*)$/) ?? [];
    if (!mark) continue;
    const theme = themes.at(-1);
    const [body, explanation] = text.split(' !! ');
    const parts = split(body.endsWith(' |') ? `${body} ` : body);
    const add = (kind, rest) => theme.items.push({ kind, theme: theme.name, stem: parts[0], explanation, ...rest });
    if (mark === '=') themes.push({ name: text, categories: [], tags: [], items: [] });
    else if (mark === '*') hints.push(text);
    else if (mark === '!') explanations.push(text);
    else if (mark === 'K') theme.categories = split(text);
    else if (mark === 'L') theme.tags = split(text);
    else if (mark === 'Q') add('choice-one', { rights: [parts[1]], wrongs: parts.slice(2) });
    else if (mark === 'M') add('choice-many', {
      rights: parts.slice(1).filter((p) => p.startsWith('+')).map((p) => p.slice(1)),
      wrongs: parts.slice(1).filter((p) => !p.startsWith('+')),
    });
    else if (mark === 'T+' || mark === 'T-') add('true-false', { truth: mark === 'T+' });
    else if (mark === 'S') add('short', { accepted: parts.slice(1) });
    else if (mark === 'N') add('number', { value: Number(parts[1]), tolerance: Number(parts[2] || 0), unit: parts[3] ?? '' });
    else if (mark === 'P') add('match', { pairs: parts.slice(1).map((pair) => pair.split(' > ')) });
    else if (mark === 'O') add('order', { steps: parts.slice(1) });
    else if (mark === 'G') add('gap', { gaps: [...parts[0].matchAll(/\{([^}]+)\}/g)].map(([, words]) => words.split('/')) });
    else if (mark === 'E') add('open', { lines: Number(parts[1]) });
    else if (mark === 'C') add('card', { accepted: [parts[1]] });
  }
  return { themes, hints, explanations };
}

/** The lines of headings.txt as { language, role, words }. */
export const readHeadings = (path) => readFileSync(path, 'utf8').split('\n').flatMap((line) => {
  const [, language, role, words] = line.match(/^([a-z]{2}) (\w+): (.*)$/) ?? [];
  return language ? [{ language, role, words: list(words).map((word) => word.trim()) }] : [];
});

/** Words and banks; the banks beside the word file where none are named and some are there. */
export function readMaterial({ words, themes } = {}) {
  const own = join(process.cwd(), 'training', 'words');
  const wordFile = words ?? join(own, 'words.json');
  const beside = join(dirname(wordFile), 'themes');
  const folder = themes ?? (existsSync(beside) ? beside : join(own, 'themes'));
  const banks = Object.fromEntries(readdirSync(folder).filter((name) => name.endsWith('.txt'))
    .map((name) => [name.slice(0, -4), readThemes(join(folder, name))]));
  const read = readWords(wordFile);
  for (const { language, role, words: more } of readHeadings(join(own, 'headings.txt'))) {
    const at = (read.languages[language] ??= { headings: {}, identifiers: {}, groups: {}, keyTells: {}, kinds: {}, units: {}, notes: {}, say: {}, truths: [], verdicts: [], levels: [], states: [] });
    (at.headings.other ??= {})[role] = more;
  }
  return { words: read, banks };
}
