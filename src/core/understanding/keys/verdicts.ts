// Words or signs that say right or wrong of each option, in any language: they are told by their being two.
import { alike } from '../../shared/normalise';
import { verdictPair, verdictOf } from '../../shared/vocabulary/verdicts';

export type Verdicts = { right: string; wrong?: string };

const TICK = /^(?:x|✓|✔|☑|\*|•|1|\+|√|ja|yes|y|oui|sí|si|ok)$/iu;

/** Rows are looked at so far. */
type Rows = readonly (readonly string[])[];

function valuesOf(rows: Rows): Map<string, { text: string; cells: number }> {
  const values = new Map<string, { text: string; cells: number }>();
  for (const text of rows.flat().filter(Boolean)) {
    const name = alike(text);
    const entry = values.get(name) ?? { text, cells: 0 };
    entry.cells++;
    values.set(name, entry);
  }
  return values;
}

/** In how many rows a value stands at some option, and not at all of them. */
const singles = (rows: Rows, value: string): number =>
  rows.filter((row) => {
    const own = row.filter((text) => alike(text) === value).length;
    return own > 0 && own < row.length;
  }).length;

/**
 * Which value says right and which says wrong, from the cells beside the options of each row. One value alone is a tick;
 * of two the known pair decides, else the one that each row has at fewer of its options. Undefined where there are more.
 */
export function findVerdicts(rows: Rows): Verdicts | undefined {
  const values = [...valuesOf(rows)];
  // Where each row leaves some places empty, whatever stands in the others is a tick.
  const areTicks =
    values.every(([name]) => TICK.test(name)) && rows.every((row) => row.some((text) => !text));
  if (values.length === 1 || (values.length > 1 && areTicks)) {
    return { right: values[0]![1].text };
  }
  const said = verdictPair(values.map(([name]) => name));
  const text = (name: string): string => values.find(([own]) => own === name)![1].text;
  if (said) {
    return { right: text(said.right), wrong: text(said.wrong) };
  }
  if (values.length !== 2) {
    const right = values.find(([name]) => verdictOf(name) === true);
    const wrong = values.find(([name]) => verdictOf(name) === false);
    return right && { right: right[1].text, ...(wrong ? { wrong: wrong[1].text } : {}) };
  }
  const [first, second] = values as [(typeof values)[0], (typeof values)[0]];
  const rarer = first[1].cells <= second[1].cells ? first : second;
  const other = rarer === first ? second : first;
  return singles(rows, rarer[0]) > 0 ? { right: rarer[1].text, wrong: other[1].text } : undefined;
}
