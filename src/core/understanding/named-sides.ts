// Two sides by their headings, left and right or a prompt and its response, where nothing else asks: cards, or questions with their
// answers where the one side asks.
import { filledOf, says } from './column-words';
import type { ColumnView, Meaning, TableView } from './contract';

const NAMED = 0.5;
const SAID = 0.8;
const MOSTLY = 0.5;
const ASKS = /[?？؟]\s*$/u;

/** Whether a table offers options or says of a column that it asks: then its sides are something else. */
const isOther = ({ columns }: TableView): boolean =>
  columns.some(
    (column) =>
      says(column, 'stem', 'term', 'kind') > NAMED ||
      says(column, 'option', 'wrong', 'right', 'step') > NAMED ||
      says(column, 'key', 'options') > SAID,
  );

const answers = (column: ColumnView): boolean =>
  says(column, 'right-side') > SAID || says(column, 'definition', 'accepted', 'option') > SAID;

/** The two sides of a table of more columns than them, with what each is; undefined where it has no such two. */
export function namedSides(view: TableView): [ColumnView, Meaning][] | undefined {
  const lefts = view.columns.filter((column) => says(column, 'left') > SAID);
  const [left] = lefts;
  const right = view.columns.find((column) => column !== left && answers(column));
  if (
    view.blank ||
    view.columns.length < 3 ||
    lefts.length !== 1 ||
    !left ||
    !right ||
    isOther(view)
  ) {
    return undefined;
  }
  const texts = filledOf(left);
  const areAsked = texts.filter((text) => ASKS.test(text)).length > texts.length * MOSTLY;
  return areAsked || says(right, 'accepted') > NAMED
    ? [
        [left, 'stem'],
        [right, 'accepted'],
      ]
    : [
        [left, 'term'],
        [right, 'definition'],
      ];
}
