// One line below each question that is its answer, where no question of the text has a second: 'mice' below 'The plural of mouse?'.
import { pieceText, type Draft } from './draft';

const LEAST = 3;
const MOSTLY = 0.8;

const hasOne = ({ options, answers }: Draft): boolean =>
  options.length === 1 && !answers.length && options[0]!.right === undefined;

/** Whether there is anything to a question but its text; titles and talk have nothing. */
const isMore = ({ options, answers, fields, isLabelled }: Draft): boolean =>
  isLabelled === true || options.length + answers.length + fields.length > 0;

const NAME = /^\s*(?:\p{L}[\p{L} ’']{1,24}:|\p{L}{1,3}(?:[/).=>]|->)+)\s*(?=\S)/u;
/** The name in front of all lone lines, whatever it says: 'Look for: ', 'R/ '; nothing where they have none, or others. */
function nameOfAll(lone: readonly Draft[]): string {
  const names = lone.map(({ options }) => NAME.exec(pieceText(options[0]!.pieces[0]!))?.[0] ?? '');
  return new Set(names).size === 1 ? names[0]! : '';
}

/** Whether a question is two lines and nothing else: where others have their answers below them, so has one that ends with no sign. */
const isTwoLines = ({ stem, options, answers, fields, isLabelled }: Draft): boolean =>
  isLabelled === true && stem.length === 2 && options.length + answers.length + fields.length === 0;

/** Takes lone lines below questions as their answers, where most questions have such. */
export function takeLoneAnswers(drafts: readonly Draft[]): void {
  const lone = drafts.filter(hasOne);
  if (lone.length < LEAST || lone.length < drafts.filter(isMore).length * MOSTLY) {
    return;
  }
  const name = nameOfAll(lone);
  for (const draft of lone) {
    const [option] = draft.options;
    const [first, ...more] = option!.pieces;
    draft.options = [];
    draft.answers.push({ ...first!, from: first!.from + name.length }, ...more);
  }
  drafts.filter(isTwoLines).forEach((draft) => draft.answers.push(draft.stem.pop()!));
}
