// A file of results that holds counts: a question a row, how often it was answered and how often right.
import type { ItemFigures } from '../model';
import { wilson } from './figures';
import type { Headings } from './headings';

const ANSWERED =
  /^(?:(?:times |no\.? |number )?(?:answered|answers?|attempts?|responses?|asked|seen|tries|n)|total|beantwortet|versuche|réponses|respuestas)$/iu;
const RIGHT =
  /^(?:(?:times |no\.? |number )?(?:right|correct|hits?)(?: answers?)?|richtig|juste?s?|correctas?|goed)$/iu;
const WRONG =
  /^(?:(?:times |number )?(?:wrong|incorrect|missed|false)(?: answers?)?|falsch|faux|fout)$/iu;
const SHARE =
  /^(?:%|percent(?:age)?|share|rate|(?:%|percent|share) (?:right|correct)|facility|p)(?: ?(?:right|correct))?$/iu;

const QUESTION = /^(?:question|ref(?:erence)?|item|frage|pregunta|domanda|vraag|id|no\.?|#)\b/iu;
const FEW_COLUMNS = 6;

type Counted = 'answered' | 'right' | 'wrong' | 'share';
type Places = { name: number } & Partial<Record<Counted, number>>;
const PATTERNS: readonly (readonly [Counted, RegExp])[] = [
  ['answered', ANSWERED],
  ['right', RIGHT],
  ['wrong', WRONG],
  ['share', SHARE],
];

const numberIn = (cell: string | undefined): number | undefined => {
  const text = (cell ?? '').replace(/[%\s]/g, '').replace(',', '.');
  return text && Number.isFinite(Number(text)) ? Number(text) : undefined;
};

/** The column whose cells name questions in half of the rows at least; -1 where there is none. */
const nameColumn = (
  headings: readonly string[],
  body: readonly (readonly string[])[],
  known: Headings,
) =>
  headings.findIndex(
    (_, at) =>
      body.filter((row) => row[at]?.trim() && known.named(row[at].trim())).length * 2 >=
      body.length,
  );

function placesOf(rows: readonly (readonly string[])[], known: Headings): Places | undefined {
  const headings = rows[0] ?? [];
  const found = PATTERNS.flatMap(([what, pattern]) => {
    const at = headings.findIndex((heading) => pattern.test(heading.trim()));
    return at < 0 ? [] : [[what, at] as const];
  });
  const places = Object.fromEntries(found) as Partial<Record<Counted, number>>;
  const has = (what: Counted): boolean => places[what] !== undefined;
  if (!has('right') && !(has('share') && has('answered'))) {
    return undefined;
  }
  const name = nameColumn(headings, rows.slice(1), known);
  // Where no row names a question that is known, the first heading has to say that rows are questions.
  const saysQuestion = headings.length <= FEW_COLUMNS && QUESTION.test(headings[0]?.trim() ?? '');
  return name < 0 && !saysQuestion ? undefined : { name: Math.max(0, name), ...places };
}

/** How often a row's question was answered, and how often right. */
function countsIn(
  row: readonly string[],
  places: Places,
): [answered: number, right: number] | undefined {
  const at = (place: number | undefined): number | undefined =>
    place === undefined ? undefined : numberIn(row[place]);
  const wrong = at(places.wrong);
  const right = at(places.right);
  const answered =
    at(places.answered) ?? (right !== undefined && wrong !== undefined ? right + wrong : undefined);
  if (answered === undefined || answered <= 0) {
    return undefined;
  }
  if (right !== undefined) {
    return right <= answered ? [answered, right] : undefined;
  }
  const share = at(places.share);
  const part = share !== undefined && share > 1 ? share / 100 : share;
  return part === undefined ? undefined : [answered, Math.round(part * answered)];
}

/** The figures of a file of counts; undefined where the rows are learners. Rows without counts are named. */
export function readCounts(
  rows: readonly (readonly string[])[],
  known: Headings,
): { items: ItemFigures[]; without: string[] } | undefined {
  const filled = rows.filter((row) => row.some((cell) => cell.trim()));
  const places = placesOf(filled, known);
  if (!places) {
    return undefined;
  }
  const items: ItemFigures[] = [];
  const without: string[] = [];
  for (const row of filled.slice(1)) {
    const name = row[places.name]?.trim() ?? '';
    const item = known.named(name);
    const counts = countsIn(row, places);
    if (!counts) {
      without.push(name);
      continue;
    }
    const [answered, right] = counts;
    items.push({
      ...(item ? { item: item.id } : {}),
      ref: item?.ref ?? name,
      answered,
      right,
      difficulty: right / answered,
      interval: wilson(right, answered),
      discrimination: null,
      upperLower: null,
      alphaWithout: null,
    });
  }
  return { items, without };
}
