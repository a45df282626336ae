// A contributor sheet that came back: who wrote what, and what is wrong in which cell.
import type { Finding, Item, Kind, Sheet } from '../model';
import { categoryPath } from '../shared/category-path';
import { columnLetters } from '../shared/cells';
import {
  ANSWER,
  CATEGORY,
  EXAMPLE,
  EXPLANATION,
  GROUP,
  KIND,
  NUMBER,
  optionHeading,
  QUESTION,
  RIGHT,
} from '../shared/contributor-form';
import { KIND_NAMES } from '../shared/kind-names';
import { alike, cleanText } from '../shared/normalise';
import { faultsOf, truthOf } from './faults';
import { letterPlace } from '../shared/plain';
import { say } from '../shared/say';

export type Filled = { by: string; items: Item[]; findings: Finding[] };

/** So far down the headings of a form may stand, where rows were put in above. */
const DEEPEST = 30;
const MOST_OPTIONS = 10;

type Columns = ReadonlyMap<string, number>;
type Place = { file: string; sheet: string; row: number; by: string; category: string | undefined };

const cellOf = (row: readonly string[], columns: Columns, heading: string): string =>
  cleanText(row[columns.get(heading) ?? -1] ?? '');

/** Which column holds what, by the form's own headings; undefined where a row is not the row of headings. */
function columnsOf(row: readonly string[]): Columns | undefined {
  const columns = new Map<string, number>();
  const known = [
    NUMBER,
    KIND,
    QUESTION,
    RIGHT,
    ANSWER,
    EXPLANATION,
    ...Array.from({ length: MOST_OPTIONS }, (_, n) => optionHeading(n)),
  ];
  row.forEach((cell, at) => {
    const heading = known.find((one) => alike(one) === alike(cell));
    if (heading) {
      columns.set(heading, at);
    }
  });
  return columns.has(QUESTION) && columns.has(NUMBER) ? columns : undefined;
}

const KINDS_BY_NAME = new Map(
  Object.entries(KIND_NAMES).map(([kind, name]) => [alike(name), kind as Kind]),
);

/** The options that the key names, by letters with signs between them. */
const lettersOf = (key: string): number[] =>
  [...key.toUpperCase().matchAll(/[A-J]/g)].map(([letter]) => letterPlace(letter));

function kindOf(said: string, key: string, hasOptions: boolean): Kind {
  const known = KINDS_BY_NAME.get(alike(said));
  if (known) {
    return known;
  }
  if (!hasOptions) {
    return 'short';
  }
  return lettersOf(key).length > 1 ? 'choice-many' : 'choice-one';
}

function answersOf(
  kind: Kind,
  texts: readonly string[],
  key: string,
  answer: string,
): Partial<Item> {
  if (kind === 'true-false') {
    const isTrue = truthOf(answer || key);
    return {
      options: [true, false].map((value) => ({
        text: { plain: value ? 'True' : 'False' },
        right: value === isTrue,
      })),
    };
  }
  if (!kind.startsWith('choice')) {
    return { accepted: answer ? answer.split(/\s*[;|]\s*/).filter(Boolean) : [] };
  }
  const rights = new Set(lettersOf(key));
  const byText = texts.findIndex((text) => text && alike(text) === alike(key));
  return {
    options: texts.flatMap((plain, at) =>
      plain ? [{ text: { plain }, right: byText >= 0 ? at === byText : rights.has(at) }] : [],
    ),
  };
}

/** One row as a question with its faults; undefined where nothing was written. */
function itemOf(
  row: readonly string[],
  columns: Columns,
  place: Place,
  id: string,
): { item: Item; findings: Finding[] } | undefined {
  const at = (heading: string): string => cellOf(row, columns, heading);
  const texts = Array.from({ length: MOST_OPTIONS }, (_, n) => at(optionHeading(n)));
  const [stem, key, answer] = [at(QUESTION), at(RIGHT), at(ANSWER)];
  if (![stem, answer, ...texts].some(Boolean) || at(NUMBER) === EXAMPLE) {
    return undefined;
  }
  const kind = kindOf(at(KIND), key, texts.some(Boolean));
  const explanation = at(EXPLANATION);
  const item: Item = {
    id,
    ref: '',
    kind,
    stem: { plain: stem },
    ...answersOf(kind, texts, key, answer),
    ...(explanation ? { explanation: { plain: explanation } } : {}),
    ...(place.category ? { category: categoryPath(place.category) } : {}),
    origin: { file: place.file, sheet: place.sheet, row: place.row, by: place.by },
  };
  const findings = faultsOf(item, key, answer).map(({ heading, ...fault }): Finding => ({
    ...fault,
    item: id,
    message: say('{by}, row {row}: {message}', {
      by: place.by,
      row: place.row,
      message: fault.message,
    }),
    where: {
      file: place.file,
      sheet: place.sheet,
      cell: `${columnLetters(columns.get(heading) ?? columns.get(QUESTION)!)}${place.row}`,
    },
  }));
  return { item, findings };
}

/** What stands behind a word in the first column above the headings. */
const headOf = (rows: readonly (readonly string[])[], word: string): string | undefined => {
  const line = rows.flat().find((cell) => cell.trim().startsWith(word.trim()));
  return line?.trim().slice(word.trim().length).trim() || undefined;
};

/** The form of a sheet that was handed out: where its headings stand, which columns they head, what stands above. */
type Form = {
  heading: number;
  columns: Columns;
  by: string | undefined;
  category: string | undefined;
};

/** The form of a sheet; undefined of any other sheet. */
function formOf(rows: readonly (readonly string[])[]): Form | undefined {
  for (const [heading, row] of rows.slice(0, DEEPEST).entries()) {
    const columns = columnsOf(row);
    if (columns) {
      const above = rows.slice(0, heading);
      return { heading, columns, by: headOf(above, GROUP), category: headOf(above, CATEGORY) };
    }
  }
  return undefined;
}

/** Reads a sheet of the form; undefined where it is another form. */
export function readFilled(
  { name, rows }: Sheet,
  file: string,
  newId: () => string,
): Filled | undefined {
  const form = formOf(rows);
  if (!form) {
    return undefined;
  }
  const { heading, columns, category, by = file.replace(/\.[^.]+$/, '') } = form;
  const made = rows.slice(heading + 1).flatMap((row, at) => {
    const place: Place = { file, sheet: name, row: heading + at + 2, by, category };
    return itemOf(row, columns, place, newId()) ?? [];
  });
  return {
    by,
    items: made.map(({ item }) => item),
    findings: made.flatMap(({ findings }) => findings),
  };
}

/** What a sheet of the form says of itself: who it is from, the category, and where its example stands (rows from 1). */
export type FormHead = { by: string; category: string | undefined; examples: ReadonlySet<number> };

/** The head of a sheet that was handed out; undefined of any other sheet. */
export function formHead({ rows }: Sheet): FormHead | undefined {
  const form = formOf(rows);
  if (!form?.by) {
    return undefined;
  }
  const { by, category, columns } = form;
  const examples = rows.flatMap((row, at) =>
    cellOf(row, columns, NUMBER) === EXAMPLE ? [at + 1] : [],
  );
  return { by, category, examples: new Set(examples) };
}
