// The column for the kind with the receiver's words for it; what the blank explains may tell which column it is.
import type { Column, Kind, Layout, Sheet, Table } from '../model';
import { columnIndex } from '../shared/cells';
import { alike } from '../shared/normalise';
import { textsOfRole } from '../shared/role-texts';
import { trueFalseWords, verdictPair } from '../shared/vocabulary/verdicts';
import { kindOfWord } from '../shared/vocabulary/kinds';
import { learnKinds } from './kinds';
import { say } from '../shared/say';

type Samples = { first: number; last: number } | undefined;
export type KindsLearned = {
  kinds: Layout['kinds'];
  because: string;
  /** The column that takes another role than it was understood to have. */
  turned?: { column: string; role: 'kind' | 'ref'; because: string };
  isUnsure: boolean;
};

const sampled = (sheet: Sheet, column: Column, samples: Samples): string[] =>
  samples
    ? sheet.rows
        .slice(samples.first, samples.last + 1)
        .map((row) => row[columnIndex(column.column)]?.trim() ?? '')
    : [];

const CODE = /^(?:code|k[üu]rzel|sigle|c[óo]digo|codice|kod)\b/i;
/** Columns that may be codes of kinds, where the blank explains such codes. */
const OPEN: readonly Column['role'][] = ['ref', 'ignore', 'constant', 'category', 'tag'];

/** A column that was taken for something else, though its list, its samples or its heading are those of the kinds' codes. */
function hiddenColumn(
  columns: readonly Column[],
  codes: readonly string[],
  samplesOf: (column: Column) => string[],
): Column | undefined {
  const known = new Set(codes.map(alike));
  return columns
    .filter(({ role }) => OPEN.includes(role))
    .find((column) => {
      const said = (column.values ?? samplesOf(column)).filter(Boolean);
      const isCodes = said.length > 0 && said.every((text) => known.has(alike(text)));
      return isCodes || (said.length === 0 && CODE.test(column.heading ?? ''));
    });
}

const PLACES = /^[A-Ja-j\d](?:\s*[;,|/+& ]\s*[A-Ja-j\d])*$/u;
const WORDS = /\p{L}{3}/u;
const FEWEST_OPTIONS = 3;

/** What kind a sample is by its options and its key; undefined where these leave it open. */
function shownKind(options: readonly string[], key: string): Kind | undefined {
  if (verdictPair(options) !== undefined) {
    return 'true-false';
  }
  if (!options.length && WORDS.test(key) && !trueFalseWords(key)) {
    return 'short';
  }
  if (options.length < FEWEST_OPTIONS || !PLACES.test(key)) {
    return undefined;
  }
  return /[^A-Ja-j\d]/u.test(key) ? 'choice-many' : 'choice-one';
}

/** Of each sample row, what kind it shows by itself. */
const shownKinds = (
  sheet: Sheet,
  columns: readonly Column[],
  samples: Samples,
): (Kind | undefined)[] => {
  const textsOf = (row: readonly string[], role: Column['role']): string[] =>
    textsOfRole(columns, role, row).filter(Boolean);
  const rows = samples ? sheet.rows.slice(samples.first, samples.last + 1) : [];
  return rows.map((row) => shownKind(textsOf(row, 'option'), textsOf(row, 'key')[0] ?? ''));
};

/** The kinds with the codes of samples that show one which no word says. */
function withShown(
  learned: Pick<KindsLearned, 'kinds' | 'because'>,
  shown: readonly (Kind | undefined)[],
  codes: readonly string[],
): Pick<KindsLearned, 'kinds' | 'because'> {
  // An open question has no answer to compare with: one whose sample has one is a short answer, whatever the code says.
  const answered = codes.filter((_, row) => shown[row] === 'short');
  const isShort = learned.kinds.some(({ kind }) => kind === 'short');
  const kinds = learned.kinds.map((one) =>
    one.kind === 'open' && !isShort && answered.includes(one.code)
      ? { ...one, kind: 'short' as const }
      : one,
  );
  codes.forEach((code, row) => {
    const kind = shown[row];
    if (
      code &&
      kind &&
      kind !== 'short' &&
      !kinds.some((one) => one.code === code || one.kind === kind)
    ) {
      kinds.push({ kind, code });
    }
  });
  return { ...learned, kinds };
}

/** Whether a word of a list names no kind, neither as a code nor in words. */
const isWordOfNone = (word: string, kinds: Layout['kinds']): boolean =>
  word !== '' && !kinds.some(({ code }) => code === word) && kindOfWord(word) === undefined;

/** The kinds of a blank, and which column takes them. `words` are its sentences, `headingRow` counts from 0. */
export function learnKindColumn(
  table: Table,
  columns: readonly Column[],
  {
    sheet,
    headingRow,
    words,
    samples,
  }: { sheet: Sheet; headingRow: number; words: readonly string[]; samples: Samples },
): KindsLearned {
  const column = columns.find(({ role }) => role === 'kind');
  const evidence = {
    sheet,
    headingRow,
    words,
    list: column?.values,
    samples: column ? sampled(sheet, column, samples) : [],
  };
  const told = learnKinds(table, evidence);
  const learned = column
    ? withShown(told, shownKinds(sheet, columns, samples), evidence.samples)
    : told;
  if (!column) {
    return withoutColumn(table, columns, { ...evidence, list: undefined }, (one) =>
      sampled(sheet, one, samples),
    );
  }
  if (learned.kinds.length) {
    // What a code means that only a sample shows is a guess, and a kind on the list that no word is known for would go unused.
    const isUnknown = [...(column.values ?? []), ...evidence.samples].some((word) =>
      isWordOfNone(word, learned.kinds),
    );
    return { ...learned, isUnsure: learned.kinds.length > told.kinds.length || isUnknown };
  }
  // A column of codes for which nothing names any kind is the question's own code.
  return CODE.test(column.heading ?? '')
    ? {
        ...learned,
        turned: {
          column: column.column,
          role: 'ref',
          because: say('it asks for a code, and no kinds are named'),
        },
        isUnsure: true,
      }
    : { ...learned, isUnsure: true };
}

function withoutColumn(
  table: Table,
  columns: readonly Column[],
  evidence: Parameters<typeof learnKinds>[1],
  samplesOf: (column: Column) => string[],
): KindsLearned {
  const listed = columns.find(
    ({ role, values }) =>
      OPEN.includes(role) && values && new Set(values.map(kindOfWord).filter(Boolean)).size > 1,
  );
  const { kinds, because } = learnKinds(table, { ...evidence, list: listed?.values });
  const found =
    listed ??
    (kinds.length > 1
      ? hiddenColumn(
          columns,
          kinds.map(({ code }) => code),
          samplesOf,
        )
      : undefined);
  return found
    ? { kinds, because, turned: { column: found.column, role: 'kind', because }, isUnsure: false }
    : { kinds: [], because: say('there is no column for the kind'), isUnsure: false };
}
