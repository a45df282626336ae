// What lines of a sample are called, on screen and in the menu at a line.
import type { PointedLine } from '../../../core/pipeline';

/** A line that says the same in each question has no text of its own. */
export type LineIs = PointedLine | 'fixed';

export const LINE_WORDS: Record<LineIs, string> = {
  stem: 'the question',
  right: 'a right option',
  wrong: 'a wrong option',
  option: 'an option',
  options: 'all options, in one line',
  key: 'a line that names the right answer',
  accepted: 'an answer without options',
  pair: 'a pair',
  step: 'a step',
  card: 'a card, both sides',
  feedback: 'feedback of the option above',
  feedbacks: 'feedback by letter',
  explanation: 'the explanation',
  hint: 'the hint',
  points: 'the points',
  seconds: 'the seconds',
  category: 'a category',
  tags: 'the tags',
  image: 'the picture',
  title: 'the title',
  ref: 'the reference',
  kind: 'the kind of question',
  close: 'the end of the options',
  comment: 'a comment',
  fixed: 'the same in each question',
};
