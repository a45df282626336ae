// What lines of a sample are called, on screen and in the menu at a line.
import type { PointedLine } from '../../../core/pipeline';
import { i18n } from '../../../languages';

/** A line that says the same in each question has no text of its own. */
export type LineIs = PointedLine | 'fixed';

export const LINE_WORDS: Record<LineIs, string> = {
  stem: i18n._('the question'),
  right: i18n._('a right option'),
  wrong: i18n._('a wrong option'),
  option: i18n._('an option'),
  options: i18n._('all options, in one line'),
  key: i18n._('a line that names the right answer'),
  accepted: i18n._('an answer without options'),
  pair: i18n._('a pair'),
  step: i18n._('a step'),
  card: i18n._('a card, both sides'),
  feedback: i18n._('feedback of the option above'),
  feedbacks: i18n._('feedback by letter'),
  explanation: i18n._('the explanation'),
  hint: i18n._('the hint'),
  points: i18n._('the points'),
  seconds: i18n._('the seconds'),
  category: i18n._('a category'),
  tags: i18n._('the tags'),
  image: i18n._('the picture'),
  title: i18n._('the title'),
  tolerance: i18n._('how far off a number may be'),
  unit: i18n._('the unit'),
  ref: i18n._('the reference'),
  kind: i18n._('the kind of question'),
  close: i18n._('the end of the options'),
  comment: i18n._('a comment'),
  fixed: i18n._('the same in each question'),
};
