// The receiver's words for the kinds it takes: from a drop-down list, a legend, or the samples.
import type { Kind, Layout, Sheet, Table } from '../model';
import { kindOfWord } from '../shared/vocabulary/kinds';

type Codes = Layout['kinds'];

/** The meaning written beside a code on any sheet; a code may mean nothing by itself. */
function legend(table: Table, form: Sheet, headingRow: number): Map<string, string> {
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

const SAID = /^\s*([^\s=:]{1,12})\s*=\s*(\S.*)$|^\s*([^\s=:]{1,4})\s*[:–]\s+(\S.*)$/u;
/** Codes explained in sentences of one cell each, `S = one right answer`; at least two that name kinds. */
function saidCodes(table: Table, form: Sheet): Map<string, string> {
  const found = new Map<string, string>();
  for (const sheet of table.sheets) {
    if (sheet === form) {
      continue;
    }
    for (const row of sheet.rows.slice(0, 200)) {
      const filled = row.filter((cell) => cell.trim());
      const match = filled.length === 1 ? SAID.exec(filled[0]!) : null;
      const [code, meaning] = match ? [match[1] ?? match[3]!, match[2] ?? match[4]!] : ['', ''];
      if (code && kindOfWord(meaning)) {
        found.set(code, meaning);
      }
    }
  }
  return found.size > 1 ? found : new Map();
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
  return [...new Set(words)].flatMap((code) => {
    const meaning = meanings.get(code);
    const kind = (meaning ? kindOfWord(meaning) : undefined) ?? kindOfWord(code);
    if (!kind || taken.has(kind)) {
      return [];
    }
    taken.add(kind);
    return [{ kind, code }];
  });
}

/** The kinds with their codes, from the surest source that names any; `list` is the kind column's drop-down list. */
export function learnKinds(
  table: Table,
  form: { sheet: Sheet; headingRow: number },
  list: readonly string[] | undefined,
  samples: readonly string[],
): { kinds: Codes; because: string } {
  const said = saidCodes(table, form.sheet);
  const meanings = new Map([...legend(table, form.sheet, form.headingRow), ...said]);
  const listed = list ? codesFrom(list, meanings) : [];
  if (listed.length) {
    return { kinds: listed, because: 'the drop-down list of the kind column names them' };
  }
  const legends = codesFrom(legendCodes(table, meanings), meanings);
  if (legends.length) {
    return { kinds: legends, because: 'a table of codes explains them' };
  }
  const told = codesFrom([...said.keys()], meanings);
  if (told.length) {
    return { kinds: told, because: 'the instructions explain the codes' };
  }
  const sampled = codesFrom(samples.filter(Boolean), meanings);
  return {
    kinds: sampled,
    because: sampled.length ? 'the sample rows show them' : 'the blank names no kinds',
  };
}
