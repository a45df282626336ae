// The receiver's words for the kinds it takes: from a drop-down list, a legend, a sentence, or the samples.
import type { Kind, Layout, Sheet, Table } from '../model';
import { kindOfWord, kindsOfWords } from '../shared/vocabulary/kinds';
import { say } from '../shared/say';

type Codes = Layout['kinds'];

/** What is known when the kinds are looked for. */
export type KindEvidence = {
  sheet: Sheet;
  /** From 0. */
  headingRow: number;
  /** The sentences of the blank. */
  words: readonly string[];
  /** The drop-down list of the kind column. */
  list: readonly string[] | undefined;
  samples: readonly string[];
};

/** The meaning written beside a code on any sheet; a code may mean nothing by itself. */
function legend(table: Table, { sheet: form, headingRow }: KindEvidence): Map<string, string> {
  const meanings = new Map<string, string>();
  for (const sheet of table.sheets) {
    // The form's own rows are questions, not explanations.
    for (const row of sheet.rows.slice(0, sheet === form ? headingRow : 200)) {
      const filled = row.map((cell) => cell.trim());
      const at = filled.findIndex(Boolean);
      const code = filled[at] ?? '';
      const meaning = filled[at + 1] ?? '';
      if (code && code.length <= 30 && meaning.length > code.length && meaning.includes(' ')) {
        meanings.set(code, meaning);
      }
    }
  }
  return meanings;
}

const SAID =
  /^\s*(?:[-–•*]|#{1,3}\s|\/\/)?\s*([^\s=:]{1,14})\s*=\s*(\S.*)$|^\s*(?:[-–•*]|#{1,3}\s|\/\/)?\s*([^\s=:]{1,4})\s*[:–]\s+(\S.*)$/u;

/** A list, or what a code means, ends where its sentence does and another one begins. */
const SENTENCE_START = /(?<=\p{L}{2}["'”’»)]?|\d)[.!]\s+(?=["'“‘„«(]?\p{Lu})/gu;
const NEXT_SENTENCE = /(?<=\p{Ll}{2}["'”’»)]?)\.\s+(?=["'“‘„«(]?\p{Lu}).*$/su;

/** Codes explained in sentences, `S = one right answer; M = several`; at least two that name kinds. */
function saidCodes(texts: readonly string[]): Map<string, string> {
  const found = new Map<string, string>();
  for (const text of texts) {
    for (const part of text.split(/[;\n]|[,.]\s(?=\S{1,14}\s*=)/u)) {
      const behind = part.includes('=') ? part.replace(/^[^=]*:\s+(?=\S+\s*=)/u, '') : part;
      const match = SAID.exec(behind);
      const [code, said] = match ? [match[1] ?? match[3]!, match[2] ?? match[4]!] : ['', ''];
      const meaning = said.replace(NEXT_SENTENCE, '');
      if (code && kindOfWord(meaning)) {
        found.set(code, meaning.trim());
      }
    }
  }
  return found.size > 1 ? found : new Map();
}

const OR = /\s(?:or|oder|ou|o|of|und|and|et|en|y|e)\s/u;

/** What stands between two commas, parted by 'or' unless the whole names one kind, 'true or false'. */
const partsOf = (part: string): string[] =>
  OR.test(part) && kindOfWord(part.trim()) === undefined ? part.split(OR) : [part];

/** A text from each of its sentences on: any of them may begin the list. */
const fromEachSentence = (text: string): string[] => [
  text,
  ...[...text.matchAll(SENTENCE_START)].map(({ index }) => text.slice(index + 1).trim()),
];

/** Kinds that a sentence lists one after the other; at least two different ones, and hardly anything else. */
function listedIn(texts: readonly string[]): string[] {
  for (const text of texts.flatMap(fromEachSentence)) {
    const list = text.includes(':') ? text.slice(text.indexOf(':') + 1) : text;
    const parts = list
      .replace(NEXT_SENTENCE, '')
      .split(/[,;|]/u)
      .flatMap(partsOf)
      .map((part) => part.trim().replace(/^["'“‘„«]|["'”’“».]$/gu, ''))
      .filter(Boolean);
    const known = parts.filter((part) => part.length <= 40 && kindOfWord(part));
    if (new Set(known.map(kindOfWord)).size > 1 && known.length >= parts.length * 0.7) {
      return known;
    }
  }
  return [];
}

/** A table of codes on another sheet, below a heading that says so. */
function legendCodes(table: Table, meanings: Map<string, string>): string[] {
  for (const sheet of table.sheets) {
    const at = sheet.rows.findIndex(
      (row) =>
        /^(?:code|kind|type)s?$/i.test(row[0]?.trim() ?? '') &&
        (row[1]?.trim() ?? '') !== '' &&
        row.filter((cell) => cell?.trim()).length <= 4,
    );
    if (at < 0) {
      continue;
    }
    const codes: string[] = [];
    for (let r = at + 1; r < sheet.rows.length; r++) {
      const code = sheet.rows[r]?.[0]?.trim();
      if (!code) {
        break;
      }
      if (meanings.has(code)) {
        codes.push(code);
      }
    }
    if (codes.length > 1) {
      return codes;
    }
  }
  return [];
}

function codesFrom(words: readonly string[], meanings: Map<string, string>): Codes {
  const taken = new Set<Kind>();
  const codes = [...new Set(words)];
  const own = kindsOfWords(codes);
  const told = kindsOfWords(codes.map((code) => meanings.get(code) ?? ''));
  return codes.flatMap((code, index) => {
    const kind = told[index] ?? own[index];
    if (!kind || taken.has(kind)) {
      return [];
    }
    taken.add(kind);
    return [{ kind, code }];
  });
}

/** The kinds with their codes, from the surest source that names any. */
export function learnKinds(
  table: Table,
  evidence: KindEvidence,
): { kinds: Codes; because: string } {
  const texts = [...evidence.words, ...shortTexts(table, evidence)];
  const said = saidCodes(texts);
  const meanings = new Map([...legend(table, evidence), ...said]);
  const sources: readonly (readonly [readonly string[], string])[] = [
    [evidence.list ?? [], say('the drop-down list of the kind column names them')],
    [legendCodes(table, meanings), say('a table of codes explains them')],
    [[...said.keys()], say('the instructions explain the codes')],
    [listedIn(texts), say('the instructions list them')],
    [evidence.samples.filter(Boolean), say('the sample rows show them')],
  ];
  for (const [codes, because] of sources) {
    const kinds = codesFrom(codes, meanings);
    if (kinds.length) {
      return { kinds, because };
    }
  }
  return { kinds: [], because: say('the blank names no kinds') };
}

/** Texts beside and above the rows that are too short for a sentence, such as `S = essay`. */
const shortTexts = (table: Table, { sheet, headingRow }: KindEvidence): string[] =>
  table.sheets.flatMap((one) =>
    one.rows
      .slice(0, 300)
      .flatMap((row, index) => (one === sheet && index >= headingRow ? [] : row))
      .concat(
        one === sheet ? one.rows.flatMap((row) => row.filter((cell) => SAID.test(cell))) : [],
      ),
  );
