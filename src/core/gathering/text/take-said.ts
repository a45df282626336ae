// Lines of which a person said what they are, put where they were said to belong.
import type { LineRole } from '../../model';
import type { Collected } from './collected';
import type { Names } from './names';
import { plainOption } from './plain-lines';
import type { Starts } from './starts';
import { stemPiece } from './stem-line';
import { whole, type TypedLine } from './typed-line';

type Where = { found: Collected; starts: Starts; names: Names };
type Take = (line: TypedLine, where: Where) => void;

const question: Take = (line, { found, starts }) => {
  const label = starts.sign(line) ?? line.labels[0];
  found.setAside('above');
  found.open(label ? stemPiece(line, label) : whole(line), label);
};

const option: Take = (line, { found, starts }) => {
  const label = starts.option(line) ?? line.labels[0];
  found.addOption(line, label ?? plainOption(line));
};

const answer: Take = (line, { found, names }) => {
  const field = names.fieldIn(line.text);
  if (found.waits) {
    found.openPending();
  }
  found.addAnswer(line, field ? { ...whole(line), from: field.from } : whole(line));
};

const more: Take = (line, { found }) => {
  if (found.current && !found.waits) {
    found.goOn(found.current, line);
  } else {
    found.wait(line);
  }
};

const none: Take = (line, { found }) => {
  found.aside.push(line);
};

/** How a line is taken for each role but the list of answers, which says more than its own line. */
export const TAKE: Record<Exclude<LineRole, 'answers'>, Take> = {
  question,
  option,
  answer,
  more,
  part: (line, { found }) => found.openPart(line),
  none,
};
