// How the receiver wants the right answer written: from its samples, its words, its lists.
import type { Column, Key } from '../model';
import { columnIndex } from '../shared/cells';
import { alike, bareWords } from '../shared/normalise';
import type { Region } from '../shared/table/region';
import { trueFalseWords, verdictOf } from '../shared/vocabulary/verdicts';

export type KeyLearned = { key: Key; because: string; sure: boolean };
/** What is known when the key is looked for: samples from `first` to `last` (empty where last < first), and all words of the blank. */
export type KeyEvidence = {
  region: Region;
  columns: readonly Column[];
  first: number;
  last: number;
  words: readonly string[];
  note: (column: string) => string;
};

const SEPARATOR_WORDS: readonly (readonly [string, RegExp])[] = [
  [',', /\b(?:commas?|komma(?:s|ta)?|virgules?|comas?|virgole|virgula)\b/],
  [';', /\b(?:semicolons?|semikolons?|strichpunkte?|points? virgules?)\b/],
  ['|', /\b(?:bars?|pipes?|senkrechte[nr]? striche?)\b/],
];

/** The separator of several keys: from an example such as `1,4` or `A;C` in the words, or from its name. */
function separatorIn(text: string): string | undefined {
  const example =
    /(?:^|[^\p{L}\p{N}])(?:[A-J]|\d{1,2})\s?([,;|/+])\s?(?:[A-J]|\d{1,2})(?![\p{L}\p{N}])/u.exec(
      text,
    );
  if (example) {
    return example[1];
  }
  const raw =
    /\b(?:with|by|mit|avec)\s+(?:an?\s+)?["'“‘]?([,;|/+])["'”’]?\s+(?:between|zwischen|entre)/i.exec(
      text,
    );
  if (raw) {
    return raw[1];
  }
  const words = bareWords(text);
  return SEPARATOR_WORDS.find(([, pattern]) => pattern.test(words))?.[0];
}

function sampleTexts({ region, first, last }: KeyEvidence, column: Column): string[] {
  const texts: string[] = [];
  for (let r = first; r <= last; r++) {
    const text = region.cell(r, columnIndex(column.column));
    if (text) {
      texts.push(text);
    }
  }
  return texts;
}

function fromSamples(
  evidence: KeyEvidence,
  key: Column,
  options: Column[],
): KeyLearned | undefined {
  const values = sampleTexts(evidence, key);
  if (!values.length) {
    return undefined;
  }
  const separator =
    values
      .map((value) => /[\p{L}\p{N}]\s?([,;|/+])\s?[\p{L}\p{N}]/u.exec(value)?.[1])
      .find(Boolean) ?? separatorIn(evidence.note(key.column));
  const several = separator ? { separator } : {};
  if (!options.length && values.every((value) => trueFalseWords(value))) {
    return { key: wordKey(values), sure: true, because: 'the samples say true or false as a word' };
  }
  if (values.every((value) => /^[A-Ja-j](?:\s?[,;|/+ ]?\s?[A-Ja-j])*$/.test(value))) {
    return {
      key: { style: 'letter', ...several },
      sure: true,
      because: `the samples in column ${key.column} are letters`,
    };
  }
  const equal = values.filter((value, index) =>
    options.some(
      (option) =>
        alike(evidence.region.cell(evidence.first + index, columnIndex(option.column))) ===
        alike(value),
    ),
  );
  if (equal.length === values.length) {
    return {
      key: { style: 'text' },
      sure: true,
      because: `the samples in column ${key.column} repeat an option's text`,
    };
  }
  if (values.every((value) => /^\d{1,2}(?:\s?[,;|/+ ]\s?\d{1,2})*$/.test(value))) {
    const zero =
      values.some((value) => value.split(/\D+/).includes('0')) ||
      /(?:from|ab) (?:0|zero|null)/i.test(evidence.note(key.column));
    return {
      key: { style: zero ? 'number-from-0' : 'number', ...several },
      sure: true,
      because: zero
        ? 'a sample says 0, so it counts from zero'
        : `the samples in column ${key.column} are numbers`,
    };
  }
  return {
    key: { style: 'text' },
    sure: false,
    because: `the samples in column ${key.column} are texts`,
  };
}

function wordKey(values: readonly string[]): Key {
  const words = trueFalseWords(values[0]!)!.words;
  return { style: 'word', right: words[0], wrong: words[1] };
}

function fromWords(key: Column, note: string): KeyLearned | undefined {
  const words = bareWords(note);
  const separator = separatorIn(note);
  const several = separator ? { separator } : {};
  const because = `the words about column ${key.column} say so`;
  if (key.values?.length && key.values.every((value) => trueFalseWords(value))) {
    return {
      key: wordKey(key.values),
      sure: true,
      because: 'its drop-down list says true or false',
    };
  }
  if (key.values?.length && key.values.every((value) => /^[A-J]$/i.test(value))) {
    return {
      key: { style: 'letter', ...several },
      sure: true,
      because: 'its drop-down list holds letters',
    };
  }
  if (key.values?.length && key.values.every((value) => /^\d$/.test(value))) {
    return {
      key: { style: key.values.includes('0') ? 'number-from-0' : 'number', ...several },
      sure: true,
      because: 'its drop-down list holds numbers',
    };
  }
  const shown =
    /(?:^|[^\p{L}\p{N}])(?:([A-D])|([1-4]))\s*(?:[,;|/+&–-]|or|and|to|oder|und|bis|ou|et|o)\s*(?:(?:[A-J1-9])\s*(?:[,;|/+]|or|and|oder|ou)\s*)*([A-J]|\d{1,2})(?![\p{L}\p{N}])/u.exec(
      note,
    );
  if (/\b(?:letters?|buchstaben?|lettres?|letra|lettera|llythyren)\b/.test(words)) {
    return { key: { style: 'letter', ...several }, sure: true, because };
  }
  if (/\b(?:from (?:0|zero)|ab (?:0|null)|counted from 0)\b/.test(words)) {
    return { key: { style: 'number-from-0', ...several }, sure: true, because };
  }
  if (/\b(?:numbers?|no|nr|nummer|number|numero|index|position|zahl|ziffer)\b/.test(words)) {
    return { key: { style: 'number', ...several }, sure: true, because };
  }
  if (/\b(?:repeat|same text|text of the|exact(?:ly)?|copy|wortlaut|word for word)\b/.test(words)) {
    return { key: { style: 'text', ...several }, sure: true, because };
  }
  // An example shows what no word says: `1;4`, `A to D`.
  if (shown) {
    return { key: { style: shown[1] ? 'letter' : 'number', ...several }, sure: true, because };
  }
  return undefined;
}

const MARK_IN_WORDS =
  /(?:star|asterisk|stern|sternchen|etoile|asterisco|sign|mark|tick)\b[^.]{0,20}\(\s*(\S{1,3})\s*\)/i;

/** `* in front of a right one`, as headings and short notes put it. */
const MARK_IN_FRONT =
  /(?:^|[\s("'“‘])([*+#✓✔»>!])["'”’)]?\s*(?:in front|before|at the (?:beginning|start)|vor|devant|delante|davanti|voor)\b/i;
/** The words of a heading that says both: `right or wrong`, `richtig / falsch`. */
const BOTH = /(\p{L}+)\s*(?:or|\/|oder|ou|o|of|neu|\|)\s*(\p{L}+)/giu;

function verdictWords(texts: readonly string[]): { right?: string; wrong?: string } {
  for (const text of texts) {
    for (const [, a = '', b = ''] of text.matchAll(BOTH)) {
      const [first, second] = [verdictOf(a), verdictOf(b)];
      if (first !== undefined && second !== undefined && first !== second) {
        return { right: first ? a : b, wrong: first ? b : a };
      }
    }
  }
  return {};
}

function withoutColumn(evidence: KeyEvidence, options: Column[]): KeyLearned {
  const marked = evidence.words
    .map((text) => MARK_IN_WORDS.exec(text)?.[1] ?? MARK_IN_FRONT.exec(text)?.[1])
    .find(Boolean);
  const sampled = options
    .flatMap((option) => sampleTexts(evidence, option))
    .map((text) => /^([*+#✓✔])\s*\S/u.exec(text)?.[1])
    .find(Boolean);
  if (marked || sampled) {
    return {
      key: { style: 'marker', marker: (sampled ?? marked)! },
      sure: true,
      because: sampled
        ? 'the samples have the sign at some of their options'
        : 'the instructions name the sign',
    };
  }
  const first = evidence.words.find((text) =>
    /\b(?:always (?:write|put|give) the right|right answer (?:here|first|comes first)|first (?:answer|option|reply|choice)\b.{0,30}\b(?:is|must be)\b.{0,20}\bright|richtige antwort (?:immer )?zuerst)/i.test(
      text,
    ),
  );
  if (first) {
    return {
      key: { style: 'first' },
      sure: true,
      because: 'a note says that the right answer comes first',
    };
  }
  return {
    key: options.length ? { style: 'first' } : { style: 'text' },
    sure: options.length === 0,
    because: options.length
      ? 'nothing says which option is right'
      : 'there are no options to choose from',
  };
}

/** The key style of a blank's rows, with the reason. */
export function learnKey(evidence: KeyEvidence): KeyLearned {
  const { columns } = evidence;
  const having = (role: Column['role']): Column[] =>
    columns.filter((column) => column.role === role);
  const options = having('option');
  if (having('weight').length) {
    return {
      key: { style: 'weight' },
      sure: true,
      because: 'a column after each option holds per cent',
    };
  }
  if (having('verdict').length && options.length) {
    const said = having('verdict').flatMap((column) => [
      ...sampleTexts(evidence, column),
      ...(column.values ?? []),
    ]);
    const named = verdictWords([
      ...having('verdict').map((column) => evidence.note(column.column)),
      ...evidence.words,
    ]);
    const right = said.find((text) => verdictOf(text) === true) ?? named.right;
    const wrong = said.find((text) => verdictOf(text) === false) ?? named.wrong;
    return {
      key: { style: 'verdict', ...(right ? { right } : {}), ...(wrong ? { wrong } : {}) },
      sure: Boolean(right && wrong),
      because: 'a column after each option says right or wrong',
    };
  }
  if (having('right').length) {
    return {
      key: { style: 'right-column' },
      sure: true,
      because: 'the right answer has a column of its own',
    };
  }
  const key = having('key')[0];
  if (!key) {
    return withoutColumn(evidence, options);
  }
  const note = evidence.note(key.column);
  const found =
    fromSamples(evidence, key, options) ??
    fromWords(key, note) ??
    evidence.words
      .map((text) => (mentions(text, key) ? fromWords(key, text) : undefined))
      .find(Boolean);
  if (found) {
    return found;
  }
  const both = options.length ? {} : verdictWords([note]);
  if (both.right && both.wrong) {
    return {
      key: { style: 'word', right: both.right, wrong: both.wrong },
      sure: true,
      because: 'its heading names both words',
    };
  }
  return {
    key: options.length ? { style: 'letter' } : { style: 'text' },
    sure: false,
    because: `nothing says how column ${key.column} is written`,
  };
}

/** Whether a sentence speaks about the key: it names the column's heading or the right answer. */
const mentions = (text: string, key: Column): boolean =>
  (key.heading !== undefined && bareWords(text).includes(bareWords(key.heading))) ||
  /\b(?:right|correct|richtige|bonne|correcta|giusta|juiste|certa|cywir)\b/i.test(text);
