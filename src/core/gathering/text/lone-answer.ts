// One line below each question that is its answer, where no question of the text has a second: 'mice' below 'The plural of mouse?'.
import type { Draft } from './draft';

const LEAST = 3;
const MOSTLY = 0.8;

const hasOne = ({ options, answers }: Draft): boolean =>
  options.length === 1 && !answers.length && options[0]!.right === undefined;

/** Whether there is anything to a question but its text; titles and talk have nothing. */
const isMore = ({ options, answers, fields, isLabelled }: Draft): boolean =>
  isLabelled === true || options.length + answers.length + fields.length > 0;

/** Takes lone lines below questions as their answers, where most questions have such. */
export function takeLoneAnswers(drafts: readonly Draft[]): void {
  const lone = drafts.filter(hasOne);
  if (lone.length < LEAST || lone.length < drafts.filter(isMore).length * MOSTLY) {
    return;
  }
  for (const draft of lone) {
    const [option] = draft.options;
    draft.options = [];
    draft.answers.push(...option!.pieces);
  }
}
